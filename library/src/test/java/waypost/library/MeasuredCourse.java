package waypost.library;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.SignedPhase;
import waypost.core.course.Standing;
import waypost.core.log.Evidence;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;

/** A course of the right side on a shipped protocol, measured day by day by one rater. */
final class MeasuredCourse {

    static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    static final Bundle BUNDLE = Shipped.BUNDLE;

    private final Protocol protocol;
    private final List<Reading> readings = new ArrayList<>();
    private final List<SignedPhase> signed = new ArrayList<>();
    private Answers answers = Answers.NONE;

    MeasuredCourse(String protocol) {
        this.protocol = BUNDLE.protocol(protocol);
    }

    MeasuredCourse answered(String question, String value) {
        answers = answers.with(question, value);
        return this;
    }

    /** A strict reading of the operated side. */
    MeasuredCourse measured(int day, String measure, Mode mode, double value) {
        return measured(day, Side.RIGHT, measure, mode, value);
    }

    MeasuredCourse measured(int day, Side side, String measure, Mode mode, double value) {
        Measure of = BUNDLE.measure(measure);
        readings.add(Reading.usual(of, side, mode, of.amount(value), DAY_ZERO.plusDays(day), true, "somebody"));
        return this;
    }

    /** In the phase that may be left by this milestone from day 1 on. */
    MeasuredCourse inPhaseLeftBy(String milestone) {
        protocol.phases().stream()
                .filter(phase -> phase.leave().contains(milestone))
                .forEach(phase -> signed.add(new SignedPhase(phase.id(), DAY_ZERO.plusDays(1))));
        return this;
    }

    Standing on(int day) {
        Course course = Course.of(
                Resolver.resolve(protocol, answers, DAY_ZERO),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.of(new Readings(readings)), signed, List.of()));
        LocalDate today = DAY_ZERO.plusDays(day);
        return course.on(today, today, Outlook.TIME_ONLY);
    }
}
