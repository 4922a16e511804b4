package waypost.app.figure;

import java.util.List;

/**
 * A drawing of a body, a hundred units to the metre; y grows downward.
 *
 * @param viewBox what of the plane is shown
 * @param shapes from the back to the front
 * @param limited whether an arc shows what is allowed of the leading motion
 * @param operated which limb is marked, such as "right leg"
 * @param seen from where it is seen, such as "from the side"
 * @param caption the angles in words
 */
public record Figure(
        String viewBox, List<Shape> shapes, boolean limited, String operated, String seen, String caption) {

    public Figure {
        shapes = List.copyOf(shapes);
    }

    Figure captioned(String words) {
        return new Figure(viewBox, shapes, limited, operated, seen, words);
    }
}
