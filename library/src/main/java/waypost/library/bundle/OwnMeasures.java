package waypost.library.bundle;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import waypost.core.measure.Measure;
import waypost.library.text.Document;
import waypost.library.text.StrictYaml;

/** The measures of a clinic's own file, as far as readings of them have to stay readable. */
public final class OwnMeasures {

    private OwnMeasures() {}

    /**
     * Ids of the measures that were published before and are gone, or count otherwise, now: what was measured could not be read
     * by them any more.
     *
     * @param before text of the file that was published; blank where there was none
     * @param now text of the file that is to be published; blank where there is none
     */
    public static List<String> lost(String before, String now) {
        Map<String, Measure> stay = read(now);
        return read(before).values().stream()
                .filter(was -> !stay.containsKey(was.id()) || !isReadable(was, stay.get(was.id())))
                .map(Measure::id)
                .toList();
    }

    private static boolean isReadable(Measure was, Measure is) {
        return is.unit() == was.unit()
                && is.taken().equals(was.taken())
                && is.bothSides() == was.bothSides()
                && is.better() == was.better()
                && is.least() <= was.least()
                && is.most() >= was.most();
    }

    private static Map<String, Measure> read(String text) {
        Map<String, Measure> measures = new LinkedHashMap<>();
        if (!text.isBlank()) {
            Document document = StrictYaml.read("measures", text);
            new MeasureReader(measures).read(document.top());
        }
        return measures;
    }
}
