package waypost.library.plain;

import java.text.MessageFormat;
import java.text.NumberFormat;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** The texts of one language, by key; each is a pattern of {@link MessageFormat}. */
public final class PlainText {

    /** The languages in which a patient can be told everything; the first is what the library is written in. */
    public static final List<Locale> LANGUAGES = List.of(Locale.ENGLISH, Locale.GERMAN);

    private static final List<String> SUBJECTS =
            List.of("limits", "reasons", "duties", "goals", "flags", "exercises", "page", "technical");
    private static final Map<Locale, PlainText> READ = new ConcurrentHashMap<>();

    private final Locale locale;
    private final Map<String, String> patterns;

    private PlainText(Locale locale, Map<String, String> patterns) {
        this.locale = locale;
        this.patterns = Map.copyOf(patterns);
    }

    /** @throws IllegalArgumentException when nothing is written in that language */
    public static PlainText in(Locale locale) {
        if (!LANGUAGES.contains(locale)) {
            throw new IllegalArgumentException("language: found " + locale + ", allowed: " + LANGUAGES);
        }
        return READ.computeIfAbsent(locale, PlainText::read);
    }

    private static PlainText read(Locale locale) {
        ResourceBundle.Control alone =
                ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES);
        Map<String, String> patterns = new HashMap<>();
        for (String subject : SUBJECTS) {
            ResourceBundle bundle = ResourceBundle.getBundle("waypost.library.plain." + subject, locale, alone);
            bundle.keySet().forEach(key -> patterns.put(key, bundle.getString(key)));
        }
        return new PlainText(locale, patterns);
    }

    public Locale locale() {
        return locale;
    }

    /** The language as it is written in one country: its order of day and month, its clock. */
    public Locale region() {
        return new Locale.Builder()
                .setLanguage(locale.getLanguage())
                .setRegion(say("region"))
                .build();
    }

    /** All keys of this language. */
    public Set<String> keys() {
        return patterns.keySet();
    }

    /** @throws MissingResourceException when nobody has written it */
    public String say(String key, Object... arguments) {
        return find(key, arguments)
                .orElseThrow(() -> new MissingResourceException(
                        "text for a patient: found none for " + key + ", allowed: one in each language",
                        PlainText.class.getName(),
                        key));
    }

    public Optional<String> find(String key, Object... arguments) {
        return Optional.ofNullable(patterns.get(key))
                .map(pattern -> new MessageFormat(pattern, locale).format(arguments));
    }

    /** Words of the trade that a patient need not know, in lower case. */
    Set<String> technical() {
        return Set.of(say("technical").split(" "));
    }

    /** A number with at most one decimal, as this language writes it. */
    public String number(double value) {
        NumberFormat format = NumberFormat.getNumberInstance(locale);
        format.setMaximumFractionDigits(1);
        format.setGroupingUsed(false);
        return format.format(value);
    }

    /** The part of a key that stands for a constant: "knee-flexion" for KNEE_FLEXION. */
    static String key(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The part of a key that stands for words of a rule: "on-day-and-night" for "on, day and night". */
    public static String key(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    }

    /** Several in a row: "a, b and c". */
    String all(List<String> several) {
        int last = several.size() - 1;
        return last < 1
                ? String.join("", several)
                : say("and", String.join(", ", several.subList(0, last)), several.get(last));
    }
}
