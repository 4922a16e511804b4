package waypost.app.today;

import java.util.Optional;
import waypost.core.followup.Behind;
import waypost.library.words.MilestoneWords;

/** What is behind as a mark of a day's row; an overdue duty has a mark of its own already. */
final class BehindMind implements Behind.Visitor<Optional<TodayRow.Mind>> {

    @Override
    public Optional<TodayRow.Mind> overdue(Behind.Overdue behind) {
        return Optional.empty();
    }

    @Override
    public Optional<TodayRow.Mind> closing(Behind.Closing behind) {
        return mind("in " + behind.daysLeft() + " d closes: " + behind.due().title());
    }

    @Override
    public Optional<TodayRow.Mind> belowCorridor(Behind.BelowCorridor behind) {
        return mind("behind: " + behind.measure().title() + " "
                + MilestoneWords.reading(behind.measure(), behind.latest().amount()));
    }

    @Override
    public Optional<TodayRow.Mind> plateau(Behind.Plateau behind) {
        return mind("no change for 21 days: " + behind.milestone().criterion().title());
    }

    private static Optional<TodayRow.Mind> mind(String text) {
        return Optional.of(new TodayRow.Mind("behind", text));
    }
}
