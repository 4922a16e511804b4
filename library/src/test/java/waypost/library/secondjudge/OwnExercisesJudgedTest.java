package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.demand.Demand;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.gate.Verdict;
import waypost.core.log.Change;
import waypost.core.own.OwnExercise;
import waypost.core.own.OwnExercises;
import waypost.core.reason.VerdictKind;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ClinicBundle;

/** What a clinic makes itself is judged like any other: as the second judge does, and never more open than its model. */
@Tag("slow")
class OwnExercisesJudgedTest {

    private static final int COURSES = 60;

    /**
     * An order to open what the protocol does not speak of keeps it closed until its day; one that the model was given is
     * none for what was made from it.
     */
    private static boolean isOrderedAlone(GeneratedCourse course, RoleKey model) {
        return course.decisions().orders().stream()
                        .anyMatch(order -> order.changes().contains(new Change.Opens(model)))
                && course.protocol().openings().stream()
                        .noneMatch(opening -> opening.role().equals(model));
    }

    @Test
    void noneIsMoreOpenThanItsModelAskedTheSame() {
        OwnExercises own = made(Agreement.withHardCases());
        Bundle bundle = ClinicBundle.of(Agreement.withHardCases(), own, "made");
        int open = 0;
        int wider = 0;
        for (int seed = 0; seed < COURSES; seed++) {
            GeneratedCourse course = of(bundle, GeneratedCourse.of(Agreement.withHardCases(), seed));
            Gate gate = gate(course);
            Facts facts = Agreement.facts(course);
            SecondJudge second = new SecondJudge(course);
            for (OwnExercise each : own.all()) {
                for (Role role : exercise(bundle, each.id()).roles()) {
                    Verdict verdict = gate.judge(role.key(), facts);
                    RoleKey model = new RoleKey(each.model(), role.name());
                    Verdict asModel = gate.judgeAltered(keyed(role, model), facts);
                    assertThat(verdict.kind().name())
                            .as("seed %s: %s", seed, role.key())
                            .isEqualTo(second.judge(role).kind());
                    if (verdict.kind().isOpen() && !isOrderedAlone(course, model)) {
                        assertThat(asModel.kind().isOpen())
                                .as("seed %s: %s, %s, as its model %s", seed, role.key(), verdict, asModel)
                                .isTrue();
                        open++;
                        wider += gate.judge(model, facts).kind() == VerdictKind.OPEN ? 0 : 1;
                    }
                }
            }
        }
        assertThat(own.all().stream().filter(each -> !each.setUp().equals(Arrangement.UNSAID)))
                .as("in another set-up")
                .hasSizeGreaterThan(6);
        assertThat(open).isGreaterThan(1000);
        assertThat(wider).as("open where the whole model is not").isGreaterThan(5);
    }

    /** What a clinic makes opens nothing of the library's, and closes nothing of it. */
    @Test
    void theLibraryIsJudgedAsBefore() {
        Bundle library = Agreement.withHardCases();
        Bundle bundle = ClinicBundle.of(library, made(library), "made");
        for (int seed = 0; seed < COURSES; seed++) {
            GeneratedCourse before = GeneratedCourse.of(library, seed);
            GeneratedCourse after = of(bundle, before);
            Gate gate = gate(before);
            Gate withOwn = gate(after);
            for (Activity activity : library.activities()) {
                for (Role role : activity.roles()) {
                    assertThat(withOwn.judge(role.key(), Agreement.facts(after)).kind())
                            .as("seed %s: %s", seed, role.key())
                            .isEqualTo(gate.judge(role.key(), Agreement.facts(before))
                                    .kind());
                }
            }
        }
    }

    private static Gate gate(GeneratedCourse course) {
        Resolved resolved = Resolver.resolve(course.protocol(), course.answers(), course.clocks(), course.decisions());
        return Gate.of(resolved, course.bundle().activities(), course.bundle().measures());
    }

    /** A course whose orders know the library alone, in a clinic that made exercises. */
    private static GeneratedCourse of(Bundle bundle, GeneratedCourse course) {
        return new GeneratedCourse(
                bundle.protocol(course.protocol().id()),
                bundle,
                course.answers(),
                course.clocks(),
                course.decisions().barringAlso(bundle.madeFrom()),
                course.date(),
                course.phase(),
                course.met(),
                course.side(),
                course.holds(),
                course.unlooked(),
                course.readings(),
                course.assumeRange());
    }

    private static Role keyed(Role role, RoleKey key) {
        return new Role(
                key,
                role.title(),
                role.demands(),
                role.parts(),
                role.reducible(),
                role.setUps(),
                role.facing(),
                role.besides());
    }

    private static Activity.Exercise exercise(Bundle bundle, String id) {
        return (Activity.Exercise) bundle.findActivity(id).orElseThrow();
    }

    /** Of every third exercise one that asks less of each motion that all its parts share, and of what it holds. */
    private static OwnExercises made(Bundle bundle) {
        List<OwnExercise> all = new ArrayList<>();
        Random random = new Random(29);
        for (int nth = 0; nth < bundle.activities().size(); nth += 3) {
            if (bundle.activities().get(nth) instanceof Activity.Exercise model) {
                all.add(less(model, random));
            }
        }
        return new OwnExercises(all, Set.of());
    }

    /** In one of its set-ups where that asks no more than the usual one. */
    private static OwnExercise less(Activity.Exercise model, Random random) {
        List<Arrangement> ways = new ArrayList<>(model.setUps().ways().keySet());
        Collections.shuffle(ways, random);
        for (Arrangement way : ways) {
            OwnExercise so = less(model, way, model.in(way), random);
            try {
                so.of(model);
                return so;
            } catch (IllegalArgumentException asksMore) {
                assertThat(asksMore).hasMessageContaining("set-up");
            }
        }
        return less(model, Arrangement.UNSAID, model, random);
    }

    private static OwnExercise less(Activity.Exercise model, Arrangement way, Activity.Exercise so, Random random) {
        Map<Motion, Arc> shared = new EnumMap<>(Motion.class);
        Optional<Load> load = Optional.empty();
        List<Motion> apart = new ArrayList<>();
        for (Demand demand :
                so.roles().stream().flatMap(role -> role.demands().stream()).toList()) {
            if (demand instanceof Demand.Movement moves) {
                Optional<Arc> both = Optional.ofNullable(shared.get(moves.motion()))
                        .map(arc -> arc.intersect(moves.arc()))
                        .orElse(Optional.of(moves.arc()));
                both.ifPresentOrElse(arc -> shared.put(moves.motion(), arc), () -> apart.add(moves.motion()));
            } else if (demand instanceof Demand.Held held && held.load().amount() > 1) {
                load = load.isPresent()
                        ? load
                        : Optional.of(new Load(1, held.load().unit()));
            }
        }
        shared.keySet().removeAll(apart);
        shared.replaceAll((motion, arc) -> narrower(arc, random));
        return new OwnExercise(
                "own-" + model.id().substring(0, Math.min(50, model.id().length())),
                model.id(),
                model.title(),
                way,
                shared,
                load,
                model.dose(),
                List.of());
    }

    private static Arc narrower(Arc arc, Random random) {
        double least = arc.least().value() + random.nextDouble() * arc.span() / 3;
        double most = arc.most().value() - random.nextDouble() * arc.span() / 2;
        return Arc.between(least, Math.max(least, most));
    }
}
