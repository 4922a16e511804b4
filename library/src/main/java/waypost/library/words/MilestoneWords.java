package waypost.library.words;

import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import waypost.core.body.Degrees;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.NeutralZero;
import waypost.core.measure.Plain;
import waypost.core.measure.Unit;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.MilestoneState;
import waypost.core.protocol.FollowUp;

/** Says where a milestone stands, with the number found beside the number wanted. */
public record MilestoneWords(Dates dates) {

    /** The state's word. */
    public static String state(MilestoneState state) {
        return switch (state) {
            case MET -> "met";
            case PENDING -> "pending";
            case NOT_MET -> "not met";
            case OUT_OF_DATE -> "out of date";
            case MISSING -> "not measured";
            case TEST_NOT_SAFE_YET -> "test not safe yet";
        };
    }

    /** The state's word, as this kind of criterion has it: what nobody has to measure is not "not measured". */
    public static String state(Milestone milestone) {
        boolean missing = milestone.state() == MilestoneState.MISSING;
        return missing && milestone.criterion().measures().findAny().isEmpty() ? "not yet" : state(milestone.state());
    }

    /** One sentence on where it stands and what would change it. */
    public String say(Milestone milestone) {
        if (milestone.latchedOn()) {
            return "Met once, and counts as met from then on.";
        }
        return milestone.criterion().accept(new Sentence(milestone));
    }

    /** An amount as its measure is read out: neutral-zero for extension, grades by name, seen or not. */
    public static String reading(Measure measure, Amount amount) {
        if (measure.end().isPresent()) {
            return NeutralZero.sayEnd(measure.end().get(), Degrees.of(amount.value()));
        }
        return amount(amount);
    }

    /** What is expected, the lesser first as it is said: "100° to 120°". */
    public static String corridor(Measure measure, FollowUp.Point expected) {
        return reading(measure, Amount.of(expected.low(), measure.unit())) + " to "
                + reading(measure, Amount.of(expected.high(), measure.unit()));
    }

    /** The number found and its day, behind a comma; empty without one. */
    String shortly(Milestone milestone) {
        return milestone
                .found()
                .filter(found -> !milestone.evidence().isEmpty())
                .map(found -> ": " + foundIn(milestone, found) + " on "
                        + SignWords.date(milestone.evidence().get(0).date()))
                .orElse("");
    }

    /** A deficit is in the measure's unit but no position on its axis; only a value reached is said as a reading. */
    public static String foundIn(Milestone milestone, Amount found) {
        boolean isReading = milestone.evidence().stream()
                .anyMatch(reading -> reading.amount().equals(found));
        Optional<Measure> measure = milestone.criterion().measures().findFirst();
        return isReading && measure.isPresent() && !(milestone.criterion() instanceof Criterion.Deficit)
                ? reading(measure.get(), found)
                : amount(found);
    }

    private static String amount(Amount amount) {
        if (amount.unit() == Unit.SEEN) {
            return amount.value() >= 1 ? "seen" : "not seen";
        }
        if (amount.unit() == Unit.EFFUSION_GRADE) {
            return effusion((int) amount.value());
        }
        return Plain.number(amount.value()) + amount.unit().suffix();
    }

    /** The stroke test's grades: zero, trace, 1+, 2+, 3+. */
    public static String effusion(int grade) {
        return switch (grade) {
            case 0 -> "zero";
            case 1 -> "trace";
            default -> (grade - 1) + "+";
        };
    }

    private static String basis(Milestone milestone) {
        return milestone
                .basis()
                .map(basis -> switch (basis) {
                    case OTHER_SIDE -> "the other side";
                    case BEFORE_SURGERY -> "this side before surgery";
                    case CORRIDOR -> "what is expected by now";
                    case NORM -> "the usual value";
                })
                .orElse("the other side");
    }

    /** Says one milestone, as its kind of criterion compares. */
    private final class Sentence implements Criterion.Visitor<String> {

        private final Milestone milestone;

        Sentence(Milestone milestone) {
            this.milestone = milestone;
        }

        private Amount found() {
            return milestone.found().orElseThrow();
        }

        private String on() {
            return " on " + Dates.say(milestone.evidence().get(0).date());
        }

        private String measured(Criterion.Measured criterion, boolean bothSides, Supplier<String> found) {
            return switch (milestone.state()) {
                case MET, NOT_MET -> found.get() + on() + ".";
                case PENDING ->
                    found.get() + on() + ", met by less than the tool's error of "
                            + Plain.number(criterion
                                    .measure()
                                    .errorOf(milestone.evidence().get(0)))
                            + criterion.measure().unit().suffix() + ": measure again on another day.";
                case OUT_OF_DATE ->
                    found.get() + on() + "; a reading counts for " + criterion.validDays() + " days: measure again.";
                case MISSING -> "No reading yet: measure it" + (bothSides ? " on both sides." : ".");
                case TEST_NOT_SAFE_YET ->
                    milestone
                            .safeFrom()
                            .map(day -> "The test is safe from " + dates.say(day) + ".")
                            .orElse("The test is not safe yet; time alone does not open it.");
            };
        }

        @Override
        public String reach(Criterion.Reach criterion) {
            return measured(criterion, false, () -> reading(criterion.measure(), found()));
        }

        @Override
        public String noFurther(Criterion.NoFurther criterion) {
            return measured(
                    criterion,
                    false,
                    () -> reading(criterion.measure(), found()) + ", wanted no further than "
                            + reading(criterion.measure(), criterion.bound()));
        }

        @Override
        public String deficit(Criterion.Deficit criterion) {
            boolean own = criterion.against() == Criterion.Deficit.Against.BEFORE_SURGERY;
            return own && milestone.state() == MilestoneState.MISSING
                    ? "Needs a reading, and one from before surgery on record."
                    : measured(criterion, true, () -> amount(found()) + " short of " + basis(milestone));
        }

        @Override
        public String symmetry(Criterion.SymmetryAtLeast criterion) {
            return measured(criterion, true, () -> Plain.number(found().value()) + " % of " + basis(milestone));
        }

        @Override
        public String ratio(Criterion.RatioBetween criterion) {
            return measured(
                    criterion,
                    false,
                    () -> Plain.number(found().value()) + " %, wanted " + Plain.number(criterion.least()) + " to "
                            + Plain.number(criterion.most()) + " %");
        }

        @Override
        public String observed(Criterion.Observed criterion) {
            return measured(criterion, false, () -> reading(criterion.measure(), found()));
        }

        @Override
        public String attested(Criterion.Attested criterion) {
            return switch (milestone.state()) {
                case MET -> "Recorded.";
                case OUT_OF_DATE -> "Recorded, but too long ago: ask again.";
                default ->
                    switch (criterion.kind()) {
                        case CLEARANCE -> "Needs the word of the " + criterion.by() + ": ask for it.";
                        case TAUGHT_BACK ->
                            "The patient has yet to say it and show it, before the " + criterion.by() + ".";
                        case IMAGING_SEEN -> "Needs an image seen by the " + criterion.by() + ".";
                    };
            };
        }

        @Override
        public String tolerated(Criterion.Tolerated criterion) {
            String found = milestone.found().map(n -> Plain.number(n.value())).orElse("0");
            return found + " of " + criterion.sessions() + " sessions in a row without a flare.";
        }

        @Override
        public String several(Criterion.Several criterion) {
            String parts = milestone.parts().stream()
                    .map(part -> part.criterion().title() + " (" + state(part) + ")")
                    .collect(Collectors.joining(", "));
            return (criterion.wanted() == Criterion.Several.Wanted.ANY ? "Any of: " : "All of: ") + parts + ".";
        }
    }
}
