package waypost.core.followup;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.course.Course;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.gate.Verdict;
import waypost.core.measure.Derivation;
import waypost.core.measure.Measure;
import waypost.core.measure.Method;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.FollowUp;
import waypost.core.reason.VerdictKind;

/** What to measure on a day: what is due, what the next phase asks for, and the basics of the joint; range first. */
public record MeasuringSheet(List<Row> rows) {

    /** Why a measure stands on the sheet. */
    public enum Why {
        /** The protocol's schedule asks for it today. */
        SCHEDULE,
        /** A milestone of the next phase waits for a reading. */
        MILESTONE,
        /** The protocol follows it, and it is not due. */
        FOLLOWED,
        /** A range of the operated joint. */
        BASICS,
        /** Somebody added it. */
        ADDED
    }

    /** The test that yields a measure and may not be done on the operated side today. */
    public record ClosedTest(Activity.Test test, Verdict verdict) {}

    /**
     * A measure to take.
     *
     * @param last when the operated side was measured last
     * @param closed the test that may not be done yet; empty when it may, or when nothing has to be tested
     */
    public record Row(Measure measure, Set<Why> why, Optional<LocalDate> last, Optional<ClosedTest> closed) {

        public boolean isDue() {
            return why.contains(Why.SCHEDULE) || why.contains(Why.MILESTONE);
        }
    }

    public MeasuringSheet {
        rows = List.copyOf(rows);
    }

    /**
     * The sheet of a standing.
     *
     * @param added ids of measures that somebody added; what is not in the library is left out
     */
    public static MeasuringSheet of(Standing standing, Collection<String> added) {
        return new Making(standing).sheet(added);
    }

    /** The test of {@code measure} that may not be done on the operated side; a hold alone makes no test unsafe. */
    public static Optional<ClosedTest> closedTest(Measure measure, Standing standing) {
        return standing.course().activities().stream()
                .filter(activity ->
                        activity instanceof Activity.Test test && test.measure().equals(measure.id()))
                .map(Activity.Test.class::cast)
                .map(test -> new ClosedTest(
                        test, standing.verdict(test.roles().get(0).key())))
                .filter(test ->
                        !test.verdict().kind().isOpen() && test.verdict().kind() != VerdictKind.ON_HOLD)
                .findFirst();
    }

    /** A sheet on its way. */
    private static final class Making {

        private final Standing standing;
        private final Course course;
        private final Map<Measure, Set<Why>> why = new LinkedHashMap<>();

        Making(Standing standing) {
            this.standing = standing;
            this.course = standing.course();
        }

        MeasuringSheet sheet(Collection<String> added) {
            scheduled();
            milestones();
            basics();
            added.forEach(id -> measure(id).ifPresent(measure -> add(measure, Why.ADDED)));
            List<Row> rows = new ArrayList<>();
            why.forEach((measure, reasons) ->
                    rows.add(new Row(measure, Set.copyOf(reasons), last(measure), closedTest(measure, standing))));
            rows.sort(
                    Comparator.comparing((Row row) -> !row.isDue() && !row.why().contains(Why.ADDED))
                            .thenComparing(row -> row.measure().taken().method() != Method.ANGLE));
            return new MeasuringSheet(rows);
        }

        private void scheduled() {
            for (FollowUp.Measuring measuring : course.resolved().followUp().measuring()) {
                boolean begun =
                        !standing.day().isBefore(course.resolved().clocks().day(measuring.from()));
                measure(measuring.measure())
                        .ifPresent(measure -> add(
                                measure, begun && isDue(measure, measuring.everyDays()) ? Why.SCHEDULE : Why.FOLLOWED));
            }
        }

        private boolean isDue(Measure measure, int everyDays) {
            return last(measure)
                    .map(last -> ChronoUnit.DAYS.between(last, standing.date()) >= everyDays)
                    .orElse(true);
        }

        private void milestones() {
            standing.next().map(NextPhase::milestones).orElse(List.of()).stream()
                    .flatMap(Milestone::single)
                    .forEach(milestone -> milestone
                            .criterion()
                            .measures()
                            .forEach(measure ->
                                    add(measure, milestone.state().wantsReading() ? Why.MILESTONE : Why.FOLLOWED)));
        }

        private void basics() {
            course.measures().stream()
                    .filter(measure -> measure.motion().isPresent()
                            && course.resolved()
                                    .region()
                                    .joints()
                                    .contains(measure.motion().get().joint()))
                    .forEach(measure -> add(measure, Why.BASICS));
        }

        /** What is derived is never taken: its terms are. */
        private void add(Measure measure, Why reason) {
            Optional<Derivation> derivation = measure.taken().derivation();
            if (derivation.isPresent()) {
                derivation.get().terms().forEach(term -> measure(term.measure()).ifPresent(part -> add(part, reason)));
            } else {
                why.computeIfAbsent(measure, m -> EnumSet.noneOf(Why.class)).add(reason);
            }
        }

        private Optional<Measure> measure(String id) {
            return course.measures().stream()
                    .filter(measure -> measure.id().equals(id))
                    .findFirst();
        }

        private Optional<LocalDate> last(Measure measure) {
            return Stream.of(Mode.values())
                    .flatMap(mode ->
                            standing
                                    .facts()
                                    .readings()
                                    .latestStrict(measure.id(), standing.facts().side(), mode)
                                    .stream())
                    .map(Reading::date)
                    .max(Comparator.naturalOrder());
        }
    }
}
