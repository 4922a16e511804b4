package waypost.library.words;

import waypost.core.body.Degrees;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.NeutralZero;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;
import waypost.core.measure.Unit;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.MilestoneState;
import waypost.core.protocol.Criterion;

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

    /** One sentence on where it stands and what would change it. */
    public String say(Milestone milestone) {
        return switch (milestone.state()) {
            case MET -> found(milestone) + ".";
            case PENDING ->
                found(milestone) + ", met by less than the tool's error of "
                        + Plain.number(milestone.criterion().measure().error()) + "°: measure again on another day.";
            case NOT_MET -> found(milestone) + ".";
            case OUT_OF_DATE ->
                found(milestone) + "; a reading counts for "
                        + milestone.criterion().measure().validDays() + " days: measure again.";
            case MISSING ->
                "No reading yet: measure it"
                        + (milestone.criterion() instanceof Criterion.Reach
                                        || milestone.criterion() instanceof Criterion.Observed
                                ? "."
                                : " on both sides.");
            case TEST_NOT_SAFE_YET ->
                milestone
                        .safeFrom()
                        .map(day -> "The test is safe from " + dates.say(day) + ".")
                        .orElse("The test is not safe yet; time alone does not open it.");
        };
    }

    private static String found(Milestone milestone) {
        Reading latest = milestone.evidence().get(0);
        Amount found = milestone.found().orElseThrow();
        String what = milestone.criterion().accept(new Found(found));
        return what + " on " + Dates.say(latest.date());
    }

    /** Says the number that was compared, as its kind of criterion compares it. */
    private record Found(Amount amount) implements Criterion.Visitor<String> {

        @Override
        public String reach(Criterion.Reach criterion) {
            return reading(criterion.measure(), amount);
        }

        @Override
        public String deficit(Criterion.Deficit criterion) {
            return MilestoneWords.amount(amount) + " short of the other side";
        }

        @Override
        public String symmetry(Criterion.SymmetryAtLeast criterion) {
            return Plain.number(amount.value()) + " % of the other side";
        }

        @Override
        public String observed(Criterion.Observed criterion) {
            return reading(criterion.measure(), amount);
        }
    }

    /** An amount as its measure is read out: neutral-zero for extension, grades by name, seen or not. */
    public static String reading(Measure measure, Amount amount) {
        if (measure.end().isPresent()) {
            return NeutralZero.sayEnd(measure.end().get(), Degrees.of(amount.value()));
        }
        return amount(amount);
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
}
