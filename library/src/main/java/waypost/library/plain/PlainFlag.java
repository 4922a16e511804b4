package waypost.library.plain;

import waypost.core.safety.RedFlag;

/**
 * A sign to ring for, as the patient is asked.
 *
 * @param asks one or two questions
 * @param does what to do now
 */
public record PlainFlag(RedFlag flag, String asks, String does) {

    public static PlainFlag of(PlainText words, RedFlag flag) {
        String key = "flag." + flag.id();
        return new PlainFlag(
                flag,
                words.find(key + ".ask").orElse(flag.asks()),
                words.find(key + ".do").orElse(flag.says()));
    }
}
