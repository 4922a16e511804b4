package waypost.library.words;

import waypost.core.followup.Behind;

/** Says what is late or about to be, with the numbers on both sides. */
public record BehindWords(Words words) implements Behind.Visitor<String> {

    public String say(Behind behind) {
        return behind.accept(this);
    }

    @Override
    public String overdue(Behind.Overdue behind) {
        return new DutyWords(words).say(behind.duty());
    }

    @Override
    public String closing(Behind.Closing behind) {
        String left = behind.daysLeft() == 0
                ? "today is the last day"
                : behind.daysLeft() == 1 ? "1 day is left" : behind.daysLeft() + " days are left";
        return behind.due().title() + ", by " + words.dates().say(behind.due().by()) + ": " + left + ". Now: "
                + new MilestoneWords(words.dates()).say(behind.due().milestone());
    }

    @Override
    public String belowCorridor(Behind.BelowCorridor behind) {
        return behind.measure().title() + " "
                + MilestoneWords.reading(behind.measure(), behind.latest().amount()) + " on "
                + Dates.say(behind.latest().date()) + "; expected by now "
                + MilestoneWords.corridor(behind.measure(), behind.expected()) + ".";
    }

    @Override
    public String plateau(Behind.Plateau behind) {
        return behind.milestone().criterion().title()
                + ": no change that can be detected for 21 days, below what is expected by now.";
    }
}
