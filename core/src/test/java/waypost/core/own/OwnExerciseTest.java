package waypost.core.own;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.LadderCourse.operated;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Arc;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.demand.Demand;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.gate.LadderCourse;
import waypost.core.log.Change;
import waypost.core.log.Decisions;
import waypost.core.log.Narrowing;
import waypost.core.protocol.Opening;

/** An exercise of one's own asks no more than its model. The model bends the knee from 0 to 30° and holds 8 kg. */
class OwnExerciseTest {

    private static final Activity.Exercise MODEL =
            LadderCourse.exercise("press", "press", 3, Purpose.STRENGTH, new Demand.Held(Limb.LEG, Load.parse("8 kg")));

    private static OwnExercise own(Map<Motion, Arc> within, String load, String aim) {
        return new OwnExercise(
                "own-short-press",
                "press",
                "Short press",
                Arrangement.UNSAID,
                within,
                Optional.ofNullable(load).map(Load::parse),
                new Dose(3, SetAim.parse(aim), Optional.empty(), "2 a week"),
                List.of("Slowly."));
    }

    @Test
    void itAsksLessInItsOwnWords() {
        Activity.Exercise made = own(Map.of(Motion.KNEE_FLEXION, Arc.between(5, 20)), "3 kg", "8 to 12 reps")
                .of(MODEL);

        assertThat(made.roles()).singleElement().satisfies(role -> {
            assertThat(role.key()).isEqualTo(new RoleKey("own-short-press", "operated"));
            assertThat(role.demands())
                    .contains(new Demand.Held(Limb.LEG, Load.parse("3 kg")))
                    .anyMatch(demand -> demand instanceof Demand.Movement moves
                            && moves.arc().equals(Arc.between(5, 20)));
            assertThat(role.demands()).hasSameSizeAs(MODEL.roles().get(0).demands());
        });
        assertThat(made.ladder()).isEqualTo("own-short-press");
        assertThat(made.dose().sets()).isEqualTo(3);
        assertThat(made.teaching().cues()).containsExactly("Slowly.");
        assertThat(made.progression()).isEqualTo(MODEL.progression());
    }

    @ParameterizedTest
    @CsvSource({
        "KNEE_FLEXION,5,40,,10 reps,'arc of KNEE_FLEXION: found 5 to 40, which goes beyond the model; allowed: within 0 to 30'",
        "KNEE_FLEXION,40,50,,10 reps,'arc of KNEE_FLEXION: found 40 to 50, allowed: within 0 to 30'",
        "HIP_FLEXION,0,10,,10 reps,'arc of HIP_FLEXION: found 0 to 10, allowed: within nothing, the model does not move so'",
        "KNEE_FLEXION,0,20,8 kg,10 reps,'load: found 8 kg, allowed: less than 8 kg'",
        "KNEE_FLEXION,0,20,band 2,10 reps,'load: found band 2, allowed: less than 8 kg'",
        "KNEE_FLEXION,0,20,,60 contacts,'dose: found contacts, allowed: reps as the model counts'"
    })
    void moreThanTheModelIsRefused(Motion motion, double from, double to, String load, String aim, String message) {
        OwnExercise asks = own(Map.of(motion, Arc.between(from, to)), load, aim);

        assertThatThrownBy(() -> asks.of(MODEL)).hasMessage(message);
    }

    @ParameterizedTest
    @CsvSource({"short,own-,Ab", "Own-Short,Own,Short press", "press,press,Short press", "own-ok,own-ok,Ab"})
    void namesAreRead(String what, String id, String title) {
        assertThatThrownBy(() -> new OwnExercise(
                        id, "press", title, Arrangement.UNSAID, Map.of(), Optional.empty(), MODEL.dose(), List.of()))
                .as(what)
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void itIsCoveredAsItsModelIs() {
        Opening written = new Opening(operated("press"), List.of(), List.of(), List.of("bend"), true);
        Opening other = Opening.of(operated("bend"), List.of());

        assertThat(own(Map.of(), null, "10 reps").openings(List.of(written, other)))
                .containsExactly(new Opening(
                        new RoleKey("own-short-press", "operated"), List.of(), List.of(), List.of("bend"), true));
    }

    /** Who bars the model by name bars what was made from it, whether it is still offered or not. */
    @Test
    void barredWithItsModel() {
        OwnExercises all = new OwnExercises(List.of(own(Map.of(), null, "10 reps")), Set.of("own-short-press"));
        LocalDate day = LocalDate.of(2031, 3, 1);
        Decisions decisions = new Decisions(
                List.of(),
                List.of(new Narrowing(
                        "n", "A. Therapist", day, Optional.empty(), "sore", new Change.Bars(Set.of("press", "bend")))));

        assertThat(decisions.barringAlso(all.byModel()).narrowings())
                .extracting(Narrowing::change)
                .containsExactly(new Change.Bars(Set.of("press", "bend", "own-short-press")));
    }
}
