package waypost.core.criterion;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;

/** A milestone: something that must have been measured, seen, tolerated, taught back or cleared. */
public sealed interface Criterion {

    CriterionHead head();

    default String id() {
        return head().id();
    }

    default String title() {
        return head().title();
    }

    /** The measures whose readings decide it. */
    Stream<Measure> measures();

    /** The criteria that this one puts together. */
    default Stream<Criterion> within() {
        return Stream.empty();
    }

    /** Whether no day of the calendar makes up for it: a clearance, or an image that somebody must have seen. */
    default boolean neverLapses() {
        return false;
    }

    <R> R accept(Visitor<R> visitor);

    /** A criterion that readings of one measure decide. */
    sealed interface Measured extends Criterion {

        Measure measure();

        /** Which mode's readings count. */
        Mode mode();

        /** How old a reading may be and still count. */
        default int validDays() {
            return head().validDays().orElse(measure().validDays());
        }

        @Override
        default Stream<Measure> measures() {
            return Stream.of(measure());
        }
    }

    /** The operated side is at least as good as {@code bound}: range, test score, pain at most, effusion at most. */
    record Reach(CriterionHead head, Measure measure, Mode mode, Amount bound) implements Measured {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.reach(this);
        }
    }

    /** The operated side goes no further than {@code bound}: too much too early is a warning after a stabilisation. */
    record NoFurther(CriterionHead head, Measure measure, Mode mode, Amount bound) implements Measured {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.noFurther(this);
        }
    }

    /**
     * The operated side lacks at most {@code most}, in the measure's unit.
     *
     * @param against what it is compared with
     */
    record Deficit(CriterionHead head, Measure measure, Mode mode, Amount most, Against against) implements Measured {

        /** The other side, or this side's own value from before surgery: an elbow that never was straight. */
        public enum Against {
            OTHER_SIDE,
            BEFORE_SURGERY
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.deficit(this);
        }
    }

    /** Limb symmetry of at least so many percent. */
    record SymmetryAtLeast(CriterionHead head, Measure measure, Mode mode, double percent) implements Measured {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.symmetry(this);
        }
    }

    /** One measure as a percentage of another on the operated side: external to internal rotation. */
    record RatioBetween(CriterionHead head, Measure measure, Measure divisor, Mode mode, double least, double most)
            implements Measured {
        @Override
        public Stream<Measure> measures() {
            return Stream.of(measure, divisor);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.ratio(this);
        }
    }

    /** Seen as described. */
    record Observed(CriterionHead head, Measure measure) implements Measured {
        @Override
        public Mode mode() {
            return Mode.ACTIVE;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.observed(this);
        }
    }

    /** Somebody has said so and signed: a clearance, a precaution taught back, an image seen. */
    record Attested(CriterionHead head, Kind kind, String by) implements Criterion {

        /** What is attested. */
        public enum Kind {
            CLEARANCE,
            TAUGHT_BACK,
            IMAGING_SEEN
        }

        @Override
        public Stream<Measure> measures() {
            return Stream.empty();
        }

        @Override
        public boolean neverLapses() {
            return kind != Kind.TAUGHT_BACK;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.attested(this);
        }
    }

    /** So many sessions in a row with one of these activities and without a flare. */
    record Tolerated(CriterionHead head, Set<String> activities, int sessions) implements Criterion {
        public Tolerated {
            activities = Set.copyOf(activities);
            if (sessions < 1) {
                throw new IllegalArgumentException(
                        head.id() + ": found " + sessions + " sessions, allowed: at least one");
            }
        }

        @Override
        public Stream<Measure> measures() {
            return Stream.empty();
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.tolerated(this);
        }
    }

    /** Several together: any of them, or all. */
    record Several(CriterionHead head, Wanted wanted, List<Criterion> parts) implements Criterion {

        /** How many of the parts. */
        public enum Wanted {
            ANY,
            ALL
        }

        public Several {
            parts = List.copyOf(parts);
            if (parts.size() < 2) {
                throw new IllegalArgumentException(
                        head.id() + ": found " + parts.size() + " parts, allowed: at least two");
            }
        }

        @Override
        public Stream<Criterion> within() {
            return parts.stream().flatMap(part -> Stream.concat(Stream.of(part), part.within()));
        }

        @Override
        public Stream<Measure> measures() {
            return parts.stream().flatMap(Criterion::measures);
        }

        @Override
        public boolean neverLapses() {
            return parts.stream().anyMatch(Criterion::neverLapses);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.several(this);
        }
    }

    /** Answers once for each kind of criterion. */
    interface Visitor<R> {
        R reach(Reach criterion);

        R noFurther(NoFurther criterion);

        R deficit(Deficit criterion);

        R symmetry(SymmetryAtLeast criterion);

        R ratio(RatioBetween criterion);

        R observed(Observed criterion);

        R attested(Attested criterion);

        R tolerated(Tolerated criterion);

        R several(Several criterion);
    }
}
