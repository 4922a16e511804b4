package waypost.library.plain;

import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.limit.Circumstance;

/** What one does when one moves a joint: "bend" and "your knee". */
record PlainMotion(PlainText words, String verb, String object, String neutral, String toNeutral) {

    static PlainMotion of(PlainText words, Motion motion, Direction direction) {
        return of(words, motion, PlainText.key(direction));
    }

    /** The movements that a rule looks at: in one direction, or in both where it names none. */
    static PlainMotion of(PlainText words, Circumstance circumstance) {
        Motion motion = circumstance.motions().iterator().next();
        return circumstance
                .working()
                .map(direction -> of(words, motion, direction))
                .orElseGet(() -> bothWays(words, motion));
    }

    private static PlainMotion bothWays(PlainText words, Motion motion) {
        return of(words, motion, "both");
    }

    private static PlainMotion of(PlainText words, Motion motion, String way) {
        String key = "motion." + PlainText.key(motion) + ".";
        return new PlainMotion(
                words,
                words.say(key + way + ".verb"),
                words.say(key + way + ".object"),
                words.say(key + "neutral"),
                words.say(key + "to"));
    }

    /** An angle on this axis; at 0 it is called by what it looks like. */
    String angle(Degrees angle) {
        return angle.value() == 0 ? neutral : degrees(words, angle);
    }

    /** The same with what it looks like, where it has a picture: a right angle. */
    String pictured(Degrees angle) {
        return words.find("degrees." + words.number(Math.abs(angle.value()))).orElseGet(() -> angle(angle));
    }

    static String degrees(PlainText words, Degrees angle) {
        return words.say("degrees", words.number(Math.abs(angle.value())));
    }
}
