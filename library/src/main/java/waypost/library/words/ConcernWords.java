package waypost.library.words;

import java.util.Locale;
import waypost.core.caseload.Concern;

/** Says what of a course is to be looked at, in a line. */
public record ConcernWords(Words words) {

    /** The kind as the heading of a list: "Behind". */
    public static String kind(Concern.Kind kind) {
        return switch (kind) {
            case HELD -> "On hold";
            case OVERDUE -> "Overdue";
            case BEHIND -> "Behind";
            case STANDS_STILL -> "Standing still";
            case FOR_THE_SURGEON -> "For the surgeon";
            case TOO_SELDOM -> "Too seldom seen";
            case TOO_OFTEN -> "Too often seen";
            case UNSIGNED -> "Unsigned";
            case REPORT_DUE -> "Report due";
            case READY -> "Ready to go on";
        };
    }

    public String say(Concern concern) {
        if (concern instanceof Concern.Held held) {
            return "Since " + Dates.say(held.hold().from()) + ": " + held.hold().why() + ".";
        }
        if (concern instanceof Concern.NotLookedAfter happened) {
            return Words.plainName(happened.event().clock()) + " not looked after: "
                    + happened.event().words() + ".";
        }
        if (concern instanceof Concern.Late late) {
            return new BehindWords(words).say(late.behind());
        }
        if (concern instanceof Concern.Unanswered unanswered) {
            return "Not stated: " + unanswered.question().prompt();
        }
        if (concern instanceof Concern.Clearance clearance) {
            return clearance.milestone().criterion().title() + ": all else is met.";
        }
        if (concern instanceof Concern.Ready ready) {
            return "All is met for " + ready.next().phase().title() + ": it waits for a signature.";
        }
        if (concern instanceof Concern.ReportDue due) {
            return days(due.days()) + (due.first() ? " without a report to the surgeon." : " since the last report.");
        }
        return concern instanceof Concern.Unsigned unsigned
                ? "Visit of " + Dates.say(unsigned.visitedOn())
                        + (unsigned.written() ? ": its note waits for a signature." : ": no note yet.")
                : seen(concern);
    }

    private static String seen(Concern concern) {
        if (concern instanceof Concern.TooSeldom seldom) {
            return "Not seen for " + days(seldom.days()) + ", " + days(seldom.advised()) + " advised; "
                    + seldom.next().map(next -> "booked for " + Dates.say(next)).orElse("nothing is booked") + ".";
        }
        if (concern instanceof Concern.TooOften often) {
            return String.format(
                    Locale.ROOT, "%d visits in a fortnight, about %d advised.", often.visits(), often.advised());
        }
        throw new IllegalArgumentException("a concern: found " + concern + ", allowed: one that is known");
    }

    private static String days(int days) {
        return days + (days == 1 ? " day" : " days");
    }
}
