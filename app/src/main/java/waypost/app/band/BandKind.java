package waypost.app.band;

import java.util.List;
import java.util.Locale;

/** What a clinic measures the pull of. */
public enum BandKind {
    BAND(
            "Bands",
            "Protocols count steps; your name stands behind the number on every course. Length is the band's before it pulls;"
                    + " the pulls are what you measured at one and a half, double and three times that.",
            List.of("length", "half", "pull", "triple")),
    SPRING(
            "Springs",
            "Of the carriage, or several that you hook in together. Length is the spring's before it pulls, hooked in how long"
                    + " it is while the carriage is home; the pulls are what you measured at one and a half, double and three"
                    + " times its length. Doses are told in kilograms; the card says which spring stays within one.",
            List.of("length", "home", "half", "pull", "triple"));

    private final String title;
    private final String words;
    private final List<String> fields;

    BandKind(String title, String words, List<String> fields) {
        this.title = title;
        this.words = words;
        this.fields = fields;
    }

    /** As the page is headed. */
    public String title() {
        return title;
    }

    /** What is asked for, in words. */
    public String words() {
        return words;
    }

    /** What is asked of each beside its name, by the fields' names. */
    public List<String> fields() {
        return fields;
    }

    /** "band" or "spring". */
    public String one() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Under which its page is found in the clinic: "bands". */
    public String place() {
        return one() + "s";
    }
}
