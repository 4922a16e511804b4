package waypost.app.figure;

/**
 * A drawing as paths in a square of 220 units; y grows downward.
 *
 * @param viewBox what of the plane is shown
 * @param quiet the rest of the body
 * @param start the operated limb before the movement
 * @param end the operated limb at its end
 * @param ground what the body rests on; may be empty
 * @param allowed an arc over what is allowed of the leading motion; empty where nothing is limited
 * @param head centre and radius, for a circle; radius 0 where there is no head
 * @param operated which limb is marked, such as "right leg"
 * @param seen from where it is seen, such as "from the side"
 * @param caption the angles in words
 */
public record Figure(
        String viewBox,
        String quiet,
        String start,
        String end,
        String ground,
        String allowed,
        Head head,
        String operated,
        String seen,
        String caption) {

    /** The head of the body, or none. */
    public record Head(String x, String y, String r) {}
}
