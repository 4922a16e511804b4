package waypost.library.words;

import waypost.core.followup.LimitedRange;
import waypost.core.measure.Plain;

/** Says which range lacks what. */
public final class LimitedWords {

    private LimitedWords() {}

    /** "98° on Thu 3 Apr 2031, 12° short of 110°." */
    public static String say(LimitedRange limited) {
        String unit = limited.measure().unit().suffix();
        return MilestoneWords.reading(limited.measure(), limited.latest().amount()) + " on "
                + Dates.say(limited.latest().date()) + ", " + Plain.number(limited.lacks()) + unit + " short of "
                + MilestoneWords.reading(limited.measure(), limited.goal()) + ".";
    }
}
