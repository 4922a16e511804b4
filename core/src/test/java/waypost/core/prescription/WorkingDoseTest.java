package waypost.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.LadderCourse.exercise;
import static waypost.core.gate.LadderCourse.operated;
import static waypost.core.gate.LadderCourse.role;
import static waypost.core.progression.Told.dose;
import static waypost.core.progression.Told.told;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.body.Limb;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.Lasting;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;

/** What of a dose goes down, and what of a role it asks. */
class WorkingDoseTest {

    /** Usually two sets of ten. */
    private static Activity.Exercise pressing(Role role) {
        return exercise("press", "presses", 1, Purpose.STRENGTH, List.of(role));
    }

    private static Role asking(String load, int contacts, int minutes) {
        return role(
                operated("press"),
                new Demand.Held(Limb.LEG, Load.parse(load)),
                new Demand.Contacts(new Count(contacts)),
                new Lasting(new Count(minutes)));
    }

    /** The load where it can be cut, by half kilograms downwards; else the clock or the contacts, the band, the sets, the amount. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 x 10 reps @10 kg           | 50 | 2 x 10 reps @5 kg",
                "2 x 10 reps @5 kg            | 75 | 2 x 10 reps @3.5 kg",
                "2 x 10 reps @60 % of maximum | 50 | 2 x 10 reps @30 % of maximum",
                "2 x 30 s                     | 50 | 2 x 15 s",
                "2 x 60 contacts              | 75 | 2 x 45 contacts",
                "2 x 1 min                    | 50 | 2 x 1 min",
                "2 x 30 s @band 3             | 50 | 2 x 15 s @band 3",
                "2 x 10 reps @band 3          | 50 | 2 x 10 reps @band 2",
                "4 x 10 reps @band 1          | 50 | 2 x 10 reps @band 1",
                "3 x 10 reps                  | 20 | 1 x 10 reps",
                "4 x 10 reps                  | 75 | 3 x 10 reps",
                "1 x 10 reps                  | 50 | 1 x 5 reps",
                "1 x 1 reps                   | 50 | 1 x 1 reps"
            })
    void lowered(String from, int percent, String to) {
        assertThat(told(dose(from).lowered(percent))).isEqualTo(to);
    }

    /** The role that the gate is asked about is what this dose asks: its load, contacts of all sets, minutes. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 x 10 reps @5 kg  | 5 kg  | 120 | 10",
                "2 x 10 reps @20 kg | 20 kg | 120 | 10",
                "2 x 10 reps @band 2| 12 kg | 120 | 10",
                "2 x 10 reps        | 12 kg | 120 | 10",
                "1 x 7 reps         | 12 kg | 42  | 10",
                "1 x 3 runs         | 12 kg | 18  | 10",
                "3 x 60 contacts    | 12 kg | 180 | 10",
                "1 x 8 min          | 12 kg | 48  | 8"
            })
    void theRoleIsAskedAsTheDoseAsksIt(String dosed, String load, int contacts, int minutes) {
        Role role = asking("12 kg", 120, 10);
        assertThat(dose(dosed).asked(pressing(role), role)).isEqualTo(asking(load, contacts, minutes));
    }

    /** What a cut form of the role leaves; nothing is ever raised to it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 x 10 reps @8 kg   | 2 x 5 reps @5 kg",
                "2 x 10 reps @4 kg   | 2 x 5 reps @4 kg",
                "2 x 10 reps @band 6 | 2 x 5 reps @band 6",
                "2 x 60 contacts     | 2 x 25 contacts",
                "2 x 25 contacts     | 2 x 25 contacts",
                "2 x 10 contacts     | 2 x 10 contacts",
                "1 x 8 min           | 1 x 4 min",
                "1 x 3 min           | 1 x 3 min",
                "2 x 99 reps         | 2 x 5 reps",
                "1 x 9 runs          | 1 x 9 runs",
                "1 x 11 runs         | 1 x 10 runs"
            })
    void withinWhatTheGateLeaves(String dosed, String left) {
        assertThat(told(dose(dosed).within(pressing(asking("12 kg", 100, 10)), asking("5 kg", 50, 4))))
                .isEqualTo(left);
    }

    @Test
    void whereThereIsNotOneForEachSetSetsAreLeftOut() {
        assertThat(told(dose("4 x 10 contacts").within(pressing(asking("5 kg", 100, 4)), asking("5 kg", 2, 4))))
                .isEqualTo("2 x 1 contacts");
    }

    @ParameterizedTest
    @CsvSource({"12,2 x 10 reps", "10,2 x 10 reps", "8,2 x 8 reps"})
    void noMoreThan(int most, String left) {
        assertThat(told(dose("2 x 10 reps").noMoreThan(most))).isEqualTo(left);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 21})
    void setsOutOfRangeAreRefused(int sets) {
        assertThatThrownBy(() -> new WorkingDose(sets, dose("1 x 10 reps").aim(), Optional.empty()))
                .hasMessage("sets: found " + sets + ", allowed: 1 to 20");
    }
}
