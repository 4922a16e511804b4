package waypost.library.words;

import waypost.core.doubt.Doubt;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;

/** Says what is doubtful in a reading, and what clears it up. */
public final class DoubtWords implements Doubt.Visitor<String> {

    private static final DoubtWords WORDS = new DoubtWords();

    private DoubtWords() {}

    public static String say(Doubt doubt) {
        return doubt.accept(WORDS);
    }

    private static String value(Doubt doubt, Reading reading) {
        return MilestoneWords.reading(doubt.measure(), reading.amount());
    }

    @Override
    public String activeBeyondPassive(Doubt.ActiveBeyondPassive doubt) {
        return doubt.measure().title() + ": active " + value(doubt, doubt.reading()) + " goes further than passive "
                + value(doubt, doubt.passive()) + " by more than the tool's error. Measure again.";
    }

    @Override
    public String otherSideWeaker(Doubt.OtherSideWeaker doubt) {
        return doubt.measure().title() + ": the other side has " + value(doubt, doubt.reading()) + ", it had "
                + value(doubt, doubt.before()) + " on "
                + Dates.say(doubt.before().date())
                + ". Symmetry flatters; compare with the value from before surgery.";
    }

    @Override
    public String unlikelyJump(Doubt.UnlikelyJump doubt) {
        double gain = doubt.gain().value();
        return doubt.measure().title() + ": " + value(doubt, doubt.reading()) + " is "
                + Plain.number(Math.abs(gain)) + doubt.measure().unit().suffix() + (gain > 0 ? " better" : " worse")
                + " than " + value(doubt, doubt.before()) + " on "
                + Dates.say(doubt.before().date()) + ". Confirm it, or measure again.";
    }

    @Override
    public String takenOtherwise(Doubt.TakenOtherwise doubt) {
        return doubt.measure().title() + ": taken with " + howTaken(doubt.reading()) + ", last time with "
                + howTaken(doubt.before()) + ". The two can't be compared closely.";
    }

    /** The tool and the position, such as "dynamometer, seated". */
    public static String howTaken(Reading reading) {
        String tool = reading.tool().map(Terms::plain).orElse("the usual tool");
        return reading.position().map(position -> tool + ", " + position).orElse(tool);
    }
}
