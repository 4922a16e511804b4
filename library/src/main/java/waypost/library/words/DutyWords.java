package waypost.library.words;

import waypost.core.course.DutyStatus;
import waypost.core.milestone.MilestoneState;

/** Says where a duty stands. */
public record DutyWords(Words words) implements DutyStatus.Visitor<String> {

    public String say(DutyStatus status) {
        return status.accept(this);
    }

    @Override
    public String worn(DutyStatus.Worn status) {
        String setting = status.from().title() + ": " + status.setting() + ".";
        return status.conflict()
                ? setting + " Goes by an answer that is not known: ask the surgeon."
                : (setting + " " + words.until(status.until())).strip();
    }

    @Override
    public String practise(DutyStatus.ToPractise status) {
        String often = status.from().title() + ": at least " + status.often() + ".";
        return status.conflict()
                ? often + " Conflicts with what is allowed today: ask the surgeon."
                : (often + " " + words.until(status.until())).strip();
    }

    @Override
    public String begin(DutyStatus.ToBegin status) {
        String by = status.from().title() + ", begun by " + words.dates().say(status.by()) + ": ";
        if (status.begun()) {
            return by + "begun.";
        }
        if (status.conflict()) {
            return by + "overdue, and closed today: ask the surgeon.";
        }
        return by + (status.overdue() ? "overdue: " + status.duty().otherwise() + "." : "not yet due.");
    }

    @Override
    public String due(DutyStatus.Due status) {
        String by = status.from().title() + ", by " + words.dates().say(status.by()) + ": ";
        if (status.milestone().isMet()) {
            return by + "met.";
        }
        if (!status.overdue()) {
            return by + "due.";
        }
        boolean known = status.milestone().state() == MilestoneState.NOT_MET;
        return by + (known ? "overdue: " : "overdue and not known today: ")
                + status.duty().otherwise() + ".";
    }

    @Override
    public String heldTooLong(DutyStatus.HeldTooLong status) {
        return "On hold since " + Dates.say(status.hold().from()) + ", longer than "
                + status.rule().longestDays().orElse(0) + " days: "
                + status.rule().otherwise() + ".";
    }
}
