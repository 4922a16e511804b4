package waypost.app.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Browser;
import waypost.core.exercise.Activity;
import waypost.library.bundle.ShippedLibrary;

/** Every figure as a browser draws it: on the floor, on the wall, marked, and told in words. */
@Tag("browser")
class FiguresBrowserTest {

    /** 2 % of a stature of 175 units, and half of a limb's thickness. */
    private static final double OFF = 3.5 + 4;

    /** Bodies of rigid pieces, their trunk one of them, that bend over a rounded back: under 10 cm off. */
    private static final Set<String> ROUNDED =
            Set.of("knee-to-wall/operated", "rock-back/operated", "kneeling-sit-back/both");

    /** A ball is between the hand and the wall. */
    private static final String BALL = "ball-wall";

    private static final double BALL_OFF = OFF + 15;

    private static final double ROUNDED_OFF = 10 + 4;

    private static final Set<String> NEEDS_THINGS = ShippedLibrary.read().activities().stream()
            .filter(activity -> activity instanceof Activity.Exercise exercise
                    && !exercise.teaching().equipment().isEmpty())
            .map(Activity::id)
            .collect(Collectors.toSet());

    /** Of each figure: its name, words, marks, how far its body is under the floor, over all it rests on, and off the wall. */
    private static final String MEASURED = """
            const box = (path) => path.getBBox();
            return [...document.querySelectorAll('figure.body-figure')].map((figure) => {
              const bodies = [...figure.querySelectorAll('.body-end, .body-trunk, .body-far')].map(box);
              const low = Math.max(...bodies.map((b) => b.y + b.height));
              const ground = figure.querySelector('.body-ground');
              const block = figure.querySelector('.body-thing');
              const wall = figure.querySelector('.body-wall');
              const at = wall ? box(wall).x : 0;
              return {
                name: figure.id,
                words: figure.querySelector('svg').getAttribute('aria-label'),
                marks: figure.querySelectorAll('.body-mark').length,
                under: ground ? low : 0,
                floats: ground && !block ? -low : 0,
                offWall: wall ? Math.min(...bodies.flatMap((b) => [Math.abs(b.x - at), Math.abs(b.x + b.width - at)])) : 0,
              };
            });
            """;

    @Test
    @SuppressWarnings("unchecked")
    void touchesIsMarkedAndIsToldInWords() throws IOException {
        Path sheet = Files.createTempFile("figures", ".html");
        Files.writeString(sheet, ContactSheet.page(ShippedLibrary.read()));
        List<String> wrong = new ArrayList<>();
        int figures = 0;
        try (Browser browser = new Browser()) {
            for (Object each : (List<Object>) browser.page(sheet).driver().executeScript(MEASURED)) {
                Map<String, Object> figure = (Map<String, Object>) each;
                figures++;
                wrong.addAll(said(figure));
            }
        } finally {
            Files.delete(sheet);
        }

        assertThat(figures).isGreaterThan(240);
        assertThat(wrong).isEmpty();
    }

    private static List<String> said(Map<String, Object> figure) {
        List<String> wrong = new ArrayList<>();
        String name = (String) figure.get("name");
        double most = ROUNDED.contains(name) ? ROUNDED_OFF : name.startsWith(BALL) ? BALL_OFF : OFF;
        for (String off : List.of("under", "floats", "offWall")) {
            double units = ((Number) figure.get(off)).doubleValue();
            if (units > most) {
                wrong.add(name + ": " + off + " by " + Math.round(units) + " cm");
            }
        }
        if (((Number) figure.get("marks")).intValue() == 0) {
            wrong.add(name + ": no mark on the operated side");
        }
        String words = (String) figure.get("words");
        if (!words.contains("°") && !words.contains("held")) {
            wrong.add(name + ": says no start and end: " + words);
        }
        if (NEEDS_THINGS.contains(name.split("/")[0]) && !words.contains(" With: ")) {
            wrong.add(name + ": says no equipment: " + words);
        }
        return wrong;
    }
}
