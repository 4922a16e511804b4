package waypost.app.course;

import java.util.Optional;
import waypost.core.course.DutyStatus;
import waypost.core.time.CourseDay;
import waypost.library.words.Dates;
import waypost.library.words.SignWords;

/** Duties on the strip: what must be worn and done, and what is overdue or in conflict; what is merely due is quiet. */
record DutyStrip(Dates dates) implements DutyStatus.Visitor<Optional<CourseHead.Strip>> {

    @Override
    public Optional<CourseHead.Strip> worn(DutyStatus.Worn status) {
        String says = status.title() + ": " + status.setting();
        return Optional.of(
                status.conflict()
                        ? new CourseHead.Strip("ask", says, "depends on an answer that is not known: ask the surgeon")
                        : new CourseHead.Strip("duty", says, until(status.until())));
    }

    @Override
    public Optional<CourseHead.Strip> practise(DutyStatus.ToPractise status) {
        String says = status.title() + ": at least " + status.often();
        return Optional.of(
                status.conflict()
                        ? new CourseHead.Strip("ask", says, "conflicts with what is allowed today: ask the surgeon")
                        : new CourseHead.Strip("duty", says, until(status.until())));
    }

    @Override
    public Optional<CourseHead.Strip> begin(DutyStatus.ToBegin status) {
        return status.overdue()
                ? Optional.of(overdue(status, status.by(), status.duty().otherwise()))
                : Optional.empty();
    }

    @Override
    public Optional<CourseHead.Strip> due(DutyStatus.Due status) {
        return status.overdue()
                ? Optional.of(overdue(status, status.by(), status.duty().otherwise()))
                : Optional.empty();
    }

    @Override
    public Optional<CourseHead.Strip> heldTooLong(DutyStatus.HeldTooLong status) {
        return Optional.of(new CourseHead.Strip(
                "overdue",
                "Held too long: " + status.hold().why(),
                "since " + SignWords.date(status.since()) + " · "
                        + status.rule().otherwise()));
    }

    private CourseHead.Strip overdue(DutyStatus status, CourseDay by, String otherwise) {
        return new CourseHead.Strip(
                "overdue",
                "Overdue: " + status.title(),
                "since " + SignWords.date(by.dateFrom(dates.dayZero())) + " · " + otherwise);
    }

    private String until(Optional<CourseDay> day) {
        return day.map(d -> "until " + SignWords.date(d.dateFrom(dates.dayZero())))
                .orElse("");
    }
}
