package waypost.app.course;

import java.util.Optional;
import waypost.core.followup.Behind;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;
import waypost.library.words.SignWords;

/** What is behind on the strip; an overdue duty has a cell of its own already. */
record BehindStrip(Dates dates) implements Behind.Visitor<Optional<CourseHead.Strip>> {

    @Override
    public Optional<CourseHead.Strip> overdue(Behind.Overdue behind) {
        return Optional.empty();
    }

    @Override
    public Optional<CourseHead.Strip> closing(Behind.Closing behind) {
        return cell(
                "Closes in " + behind.daysLeft() + " d: " + behind.due().title(),
                "by " + SignWords.date(behind.due().by().dateFrom(dates.dayZero())) + " · "
                        + behind.due().duty().otherwise());
    }

    @Override
    public Optional<CourseHead.Strip> belowCorridor(Behind.BelowCorridor behind) {
        return cell(
                "Behind: " + behind.measure().title() + " "
                        + MilestoneWords.reading(
                                behind.measure(), behind.latest().amount()),
                "expected " + MilestoneWords.corridor(behind.measure(), behind.expected()));
    }

    @Override
    public Optional<CourseHead.Strip> plateau(Behind.Plateau behind) {
        return cell(
                "No change for 21 days: " + behind.milestone().criterion().title(),
                "below what is expected · ask the surgeon");
    }

    private static Optional<CourseHead.Strip> cell(String title, String detail) {
        return Optional.of(new CourseHead.Strip("behind", title, detail));
    }
}
