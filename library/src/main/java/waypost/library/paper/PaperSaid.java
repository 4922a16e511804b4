package waypost.library.paper;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.measure.Plain;
import waypost.core.paper.PaperRule;
import waypost.core.paper.Span;
import waypost.core.paper.What;
import waypost.core.time.Moment;
import waypost.library.bundle.Bundle;

/** Says back what was understood, with days, so that whoever wrote it can tell whether it was meant. */
public record PaperSaid(Bundle bundle) {

    private static final LocalDate ANY_DAY_ZERO = LocalDate.of(2031, 2, 10);

    /** One sentence. */
    public String say(PaperRule rule) {
        String what = what(rule.what());
        return what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1) + span(rule.span(), rule.what()) + ".";
    }

    private String what(What what) {
        if (what instanceof What.Weight weight) {
            double most = weight.most().percent();
            return most >= 100
                    ? "all of the weight on the leg"
                    : most == 0
                            ? "no weight on the leg"
                            : "at most " + Plain.number(most) + " % of the body's weight on the leg";
        } else if (what instanceof What.Reach reach) {
            return reach(reach);
        } else if (what instanceof What.Rests rests) {
            return "no " + modes(rests.modes()) + " work of the "
                    + words(rests.tissue().name());
        } else if (what instanceof What.Lifts lifts) {
            return lifts.kilograms() == 0
                    ? "nothing is lifted"
                    : "at most " + Plain.number(lifts.kilograms()) + " kg is lifted";
        } else if (what instanceof What.Worn worn) {
            return worn.what() + " worn" + (worn.how().isEmpty() ? "" : ", " + String.join(", ", worn.how()));
        } else if (what instanceof What.Barred barred) {
            return "no " + barred.name();
        }
        return "told: " + ((What.Told) what).text();
    }

    private static String reach(What.Reach reach) {
        Motion motion = reach.motion();
        String joint = words(motion.joint().name());
        String by = reach.modes().size() == Mode.values().length ? "" : ", " + modes(reach.modes());
        if (reach.isFree()) {
            return joint + " " + motion.name(Direction.POSITIVE) + " and " + motion.name(Direction.NEGATIVE) + by
                    + ": free";
        }
        String toward = reach.working()
                .map(direction -> " toward " + motion.name(direction))
                .orElse("");
        return reach.allowed()
                .map(arc -> joint + by + ": " + arc(motion, arc))
                .orElse("no " + (by.isEmpty() ? "motion" : modes(reach.modes()) + " motion") + " of the " + joint
                        + (toward.isEmpty() ? ", " + motion.name(Direction.POSITIVE) : toward));
    }

    private static String arc(Motion motion, Arc arc) {
        boolean openBelow = arc.least().equals(motion.possible().least());
        boolean openAbove = arc.most().equals(motion.possible().most());
        if (openBelow) {
            return bound(motion, arc.most().value()) + " at most";
        }
        if (openAbove) {
            return motion.name(Direction.NEGATIVE) + " no further than "
                    + bound(motion, arc.least().value());
        }
        return "from " + bound(motion, arc.least().value()) + " to "
                + bound(motion, arc.most().value());
    }

    private static String bound(Motion motion, double value) {
        return value == 0
                ? "neutral"
                : Plain.number(Math.abs(value)) + "° of "
                        + motion.name(value > 0 ? Direction.POSITIVE : Direction.NEGATIVE);
    }

    private static String modes(Set<Mode> modes) {
        return modes.stream().sorted().map(mode -> words(mode.name())).collect(Collectors.joining(" or "));
    }

    private static String words(String name) {
        return name.toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private String span(Span span, What what) {
        String from = span.from().map(moment -> " from " + say(moment)).orElse("");
        String until = span.until().map(moment -> " until " + say(moment)).orElse("");
        String needs = span.needs().isEmpty()
                ? ""
                : (until.isEmpty() ? " until" : ", and until")
                        + " this is met: "
                        + span.needs().stream().map(this::milestone).collect(Collectors.joining(", "));
        boolean open = from.isEmpty() && until.isEmpty() && needs.isEmpty();
        return open ? (what instanceof What.Told ? "" : ", from the first day") : from + until + needs;
    }

    private String milestone(String id) {
        return bundle.protocols().stream()
                .flatMap(protocol -> protocol.criteria().stream())
                .filter(criterion -> criterion.id().equals(id))
                .map(criterion -> criterion.title())
                .findFirst()
                .orElse(id);
    }

    /** "day 42 (6 weeks over)". */
    static String say(Moment moment) {
        int day = moment.from(ANY_DAY_ZERO).number();
        if (moment instanceof Moment.Month month) {
            return "month " + month.months();
        } else if (moment instanceof Moment.NthWeek nth) {
            return "day " + day + " (as week " + nth.week() + " begins)";
        } else if (moment instanceof Moment.CompletedWeek completed) {
            return "day " + day + " (" + completed.week() + " weeks over)";
        } else if (moment instanceof Moment.Lasting lasting) {
            return "day " + day + " (" + lasting.weeks() + " weeks over)";
        }
        return "day " + day;
    }
}
