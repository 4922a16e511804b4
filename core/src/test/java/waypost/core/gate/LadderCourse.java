package waypost.core.gate;

import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Progression;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Rise;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.exercise.Teaching;
import waypost.core.limit.Limit;
import waypost.core.log.Evidence;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Rules;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;

/** A course whose ladders a test builds rung by rung, on day 40. */
public final class LadderCourse {

    public static final LocalDate DATE = DAY_ZERO.plusDays(40);

    private final List<Activity> library = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();
    private final List<Limit<?>> limits = new ArrayList<>();
    private final List<Reading> readings = new ArrayList<>();
    private final List<Measure> measures = new ArrayList<>(List.of(Fixture.FLEXION));

    public static RoleKey operated(String activity) {
        return new RoleKey(activity, "operated");
    }

    /** An exercise of ten repetitions in two sets whose first role bends the knee and asks {@code more}. */
    public static Activity.Exercise exercise(String id, String ladder, int rung, Purpose purpose, Demand... more) {
        List<Demand> demands = new ArrayList<>(List.of(bend(30)));
        Collections.addAll(demands, more);
        return exercise(id, ladder, rung, purpose, List.of(role(operated(id), demands.toArray(Demand[]::new))));
    }

    public static Role role(RoleKey key, Demand... demands) {
        return Role.of(key, key.role(), List.of(demands), Reducible.NOTHING);
    }

    public static Activity.Exercise exercise(String id, String ladder, int rung, Purpose purpose, List<Role> roles) {
        return new Activity.Exercise(
                id,
                id,
                ladder,
                rung,
                "more",
                Rise.LOADING,
                purpose,
                roles,
                new Dose(2, SetAim.parse("10 reps"), Optional.empty(), "1 a day"),
                Progression.DOUBLE_PROGRESSION,
                roles.stream().collect(Collectors.toMap(Role::name, role -> Pose.of(Posture.SITTING, Map.of()))),
                Arrangements.NONE,
                new Teaching(List.of(), List.of(), List.of(), List.of(), List.of()));
    }

    /** An exercise all of whose roles open at {@code moment}. */
    public LadderCourse with(Activity.Exercise exercise, String moment) {
        library.add(exercise);
        exercise.roles().forEach(role -> openings.add(Opening.of(role.key(), List.of(from(moment)))));
        return this;
    }

    public LadderCourse open(Activity.Exercise exercise) {
        return with(exercise, "day 0");
    }

    /** An exercise that the protocol is silent on. */
    public LadderCourse unspoken(Activity.Exercise exercise) {
        library.add(exercise);
        return this;
    }

    /** An exercise that opened on day 0 and whose purpose is reached once the bend of 90° is met. */
    public LadderCourse finishedAtTheBend(Activity.Exercise exercise) {
        library.add(exercise);
        exercise.roles()
                .forEach(role -> openings.add(
                        new Opening(role.key(), List.of(from("day 0")), List.of(), List.of("bend"), false)));
        return this;
    }

    public LadderCourse limit(Limit<?> limit) {
        limits.add(limit);
        return this;
    }

    public LadderCourse reading(Reading reading) {
        readings.add(reading);
        return this;
    }

    public LadderCourse measure(Measure measure) {
        measures.add(measure);
        return this;
    }

    public Standing standing() {
        Course course = Course.of(
                Resolver.resolve(new Fixture().protocol().with(Rules.of(limits, openings)), Answers.NONE, DAY_ZERO),
                library,
                measures,
                History.of(Side.RIGHT, Evidence.of(new Readings(readings)), List.of(), List.of()));
        return course.on(DATE, DATE, Outlook.TIME_ONLY);
    }
}
