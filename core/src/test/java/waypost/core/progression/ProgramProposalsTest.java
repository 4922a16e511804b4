package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.LadderCourse.DATE;
import static waypost.core.gate.LadderCourse.exercise;
import static waypost.core.gate.LadderCourse.operated;
import static waypost.core.progression.Told.told;

import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.gate.LadderCourse;
import waypost.core.log.WorkLog;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Since;
import waypost.core.prescription.Week;
import waypost.core.program.LighterWeek;
import waypost.core.program.Missed;
import waypost.core.program.Program;
import waypost.core.program.Stage;

/** A program of five stages from session to session, worked by hand. Today is day 40. */
class ProgramProposalsTest {

    private static final RoleKey WALK = operated("walk");
    private static final RoleKey TROT = operated("trot");
    private static final RoleKey SWING = operated("swing");
    private static final int TODAY = 40;
    private static final DayOfWork QUIET = new DayOfWork(0, Optional.empty(), Optional.empty());
    private static final DayOfWork SWOLLEN = new DayOfWork(0, Optional.of(Brake.MORE_SWELLING), Optional.empty());

    private static Activity.Exercise named(RoleKey role, int rung) {
        return exercise(role.activity(), "way", rung, Purpose.CONDITIONING);
    }

    private static Stage stage(RoleKey role, int sets, String amount, int clean) {
        return new Stage(role, sets, SetAim.parse(amount), clean, List.of());
    }

    private static Program program(Optional<LighterWeek> lighter, Optional<Program.After> after) {
        return new Program(
                "way",
                "The way",
                "From walking to trotting.",
                List.of(
                        stage(WALK, 1, "10 reps", 2),
                        stage(WALK, 2, "10 reps", 2),
                        stage(TROT, 2, "5 reps", 1),
                        stage(TROT, 3, "5 reps", 2),
                        stage(TROT, 4, "5 reps", 1)),
                1,
                2,
                List.of(new Missed(8, 1), new Missed(15, 3)),
                lighter,
                after);
    }

    private static Standing standing(String trotOpens) {
        return new LadderCourse()
                .open(named(WALK, 1))
                .with(named(TROT, 2), trotOpens)
                .open(named(SWING, 3))
                .standing();
    }

    /** "walk 30: 10 | trot 33: 5 5". */
    private static WorkLog work(String done) {
        List<WorkLog> logs = Arrays.stream(done.split("\\|"))
                .map(String::strip)
                .filter(text -> !text.isEmpty())
                .map(text -> Told.work(
                        text.substring(text.indexOf(' ') + 1),
                        operated(text.substring(0, text.indexOf(' '))),
                        DATE.minusDays(TODAY)))
                .toList();
        return new WorkLog(
                logs.stream().flatMap(log -> log.sets().stream()).toList(),
                logs.stream().flatMap(log -> log.responses().stream()).toList());
    }

    private static Proposal proposed(Program program, String done, DayOfWork day, String trotOpens) {
        return new Proposals(standing(trotOpens), work(done), day)
                .program(program)
                .proposal();
    }

    private static String says(Proposal proposal) {
        if (proposal instanceof Proposal.Rest rest) {
            return "rest until " + (TODAY + ChronoUnit.DAYS.between(DATE, rest.until()));
        }
        return proposal.toDo()
                .map(toDo -> toDo.role().activity() + " " + toDo.way() + " " + told(toDo.dose()))
                .orElse("closed");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "never begun                  ; ; walk NEW 1 x 10 reps",
                "once                         ; walk 37: 10 ; walk SAME 1 x 10 reps",
                "twice                        ; walk 35: 10 | walk 37: 10 ; walk UP 2 x 10 reps",
                "a day between                ; walk 35: 10 | walk 39: 10 ; rest until 41",
                "less than asked              ; walk 35: 10 | walk 37: 6 ; walk SAME 1 x 10 reps",
                "not in good form             ; walk 35: 10 | walk 37: 10 helped ; walk SAME 1 x 10 reps",
                "overdone is not asked again  ; walk 37: 10 10 10 ; walk SAME 1 x 10 reps",
                "the next exercise            ; walk 31: 10 | walk 33: 10 | walk 35: 10 10 | walk 37: 10 10 ; trot NEXT_RUNG 2 x 5 reps",
                "one is enough there          ; walk 29: 10 | walk 31: 10 | walk 33: 10 10 | walk 35: 10 10 | trot 37: 5 5 ; trot UP 3 x 5 reps",
                "a little less stays          ; walk 27: 10 | walk 29: 10 | walk 31: 10 10 | walk 33: 10 10 | trot 35: 5 5 | trot 37: 5 5 4 ; trot UP 3 x 5 reps",
                "a harder one before its time ; walk 35: 10 | trot 37: 5 5 ; walk SAME 1 x 10 reps",
                "to the end and kept          ; walk 21: 10 | walk 23: 10 | walk 25: 10 10 | walk 27: 10 10 | trot 29: 5 5 | trot 31: 5 5 5 | trot 33: 5 5 5 | trot 35: 5 5 5 5 | trot 37: 5 5 5 5 ; trot SAME 4 x 5 reps",
                "pain in it: two back         ; walk 29: 10 | walk 31: 10 | walk 33: 10 10 | walk 35: 10 10 | trot 37: 5 5 p5 ; walk DOWN 1 x 10 reps",
                "pain the next morning        ; walk 33: 10 | walk 35: 10 | walk 37: 10 10 am6 ; walk DOWN 1 x 10 reps",
                "pain on the first: half      ; walk 37: 10 p5 ; walk DOWN 1 x 5 reps",
                "away for a week              ; walk 26: 10 | walk 28: 10 | walk 30: 10 10 ; walk DOWN 1 x 10 reps",
                "away for a fortnight         ; walk 15: 10 | walk 17: 10 | walk 19: 10 10 | walk 21: 10 10 | trot 23: 5 5 ; walk DOWN 1 x 10 reps",
                "a session on the lower stage ; walk 26: 10 | walk 28: 10 | walk 30: 10 10 | walk 38: 10 ; walk UP 2 x 10 reps",
            })
    void goesFromSessionToSession(String what, String done, String expected) {
        assertThat(says(proposed(
                        program(Optional.empty(), Optional.empty()), done == null ? "" : done, QUIET, "day 0")))
                .as(what)
                .isEqualTo(expected);
    }

    @Test
    void nothingGoesUpOnADayOnWhichProgressIsHeld() {
        String twice = "walk 35: 10 | walk 37: 10";
        Proposal held = proposed(program(Optional.empty(), Optional.empty()), twice, SWOLLEN, "day 0");
        assertThat(says(held)).isEqualTo("walk SAME 1 x 10 reps");
        assertThat(held.grounds()).contains(new Ground.ProgressHeld(Brake.MORE_SWELLING));
    }

    @Test
    void aStageThatIsNotOpenIsNotReached() {
        String done = "walk 31: 10 | walk 33: 10 | walk 35: 10 10 | walk 37: 10 10";
        Proposal stays = proposed(program(Optional.empty(), Optional.empty()), done, QUIET, "day 60");
        assertThat(says(stays)).isEqualTo("walk SAME 2 x 10 reps");
        assertThat(stays.grounds()).anyMatch(Ground.NextRungClosed.class::isInstance);
        assertThat(says(proposed(
                        program(Optional.empty(), Optional.empty()),
                        "walk 29: 10 | walk 31: 10 | walk 33: 10 10 | walk 35: 10 10 | trot 37: 5 5",
                        QUIET,
                        "day 60")))
                .as("closed again by an order: the highest that is open")
                .isEqualTo("walk DOWN 2 x 10 reps");
    }

    /** Begun on day 12: day 33 to 39 is the fourth week, day 40 the fifth; what was done in the fourth does not count. */
    @ParameterizedTest
    @CsvSource({
        "12,walk SAME 1 x 10 reps",
        "13,walk DOWN 1 x 6 reps",
        "19,walk DOWN 1 x 6 reps",
        "20,walk UP 2 x 10 reps"
    })
    void everyFourthWeekIsLighter(int begun, String expected) {
        String done = "walk " + begun + ": 10 | walk 37: 10 | walk 38: 10";
        Program program = program(Optional.of(new LighterWeek(4, 60)), Optional.empty());
        assertThat(says(proposed(program, done, QUIET, "day 0"))).isEqualTo(expected);
    }

    /** What is done in a lighter week neither counts for the next stage nor falls behind. */
    @Test
    void aLighterWeekIsPassedOver() {
        Program program = program(Optional.of(new LighterWeek(4, 60)), Optional.empty());
        String done = "walk 11: 10 | walk 30: 10 | walk 31: 10 | walk 34: 6 | walk 36: 6";
        assertThat(says(proposed(program, done, QUIET, "day 0"))).isEqualTo("walk UP 2 x 10 reps");
    }

    @ParameterizedTest
    @CsvSource({"'',walk NEW 1 x 10 reps", "swing 30: 10,rest until 44", "swing 26: 10,walk NEW 1 x 10 reps"})
    void beginsAfterWhatComesFirst(String done, String expected) {
        Program.After swing = new Program.After("Swinging", List.of(SWING), 14);
        assertThat(says(proposed(program(Optional.empty(), Optional.of(swing)), done, QUIET, "day 0")))
                .isEqualTo(expected);
    }

    /** Only what the course follows goes on by a program, and a dose that a therapist wrote goes before it. */
    @Test
    void isFollowedWhereTheCourseFollowsIt() {
        Program program = program(Optional.empty(), Optional.empty());
        WorkLog twice = work("walk 35: 10 | walk 37: 10");
        Proposals alone = new Proposals(standing("day 0"), twice, QUIET);
        Proposals followed =
                new Proposals(standing("day 0"), twice, QUIET, Prescribed.NOTHING.following(List.of(program)));
        assertThat(followed.of(WALK).grounds()).contains(new ProgramGround.StageOfProgram("The way", 2, 5));
        assertThat(alone.of(WALK).grounds()).noneMatch(ProgramGround.StageOfProgram.class::isInstance);
        assertThat(alone.program(program).stages())
                .extracting(ProgramToday.At::place)
                .containsExactly(
                        ProgramToday.Place.HERE,
                        ProgramToday.Place.NEXT,
                        ProgramToday.Place.AHEAD,
                        ProgramToday.Place.AHEAD,
                        ProgramToday.Place.AHEAD);
    }

    /** What a therapist wrote for the exercise of a stage is never exceeded by the stage. */
    @Test
    void noStageAsksMoreThanATherapistWrote() {
        WorkLog work = work("walk 31: 10 | walk 33: 10 | walk 35: 10 10 | walk 37: 10 10");
        Prescription written =
                Prescription.plain(named(TROT, 2), TROT, new Since(DATE.minusDays(1), 0), Told.dose("1 x 5 reps"));
        Prescribed prescribed = new Prescribed(new Prescriptions(List.of(written)), Week.UNSAID)
                .following(List.of(program(Optional.empty(), Optional.empty())));
        assertThat(says(new Proposals(standing("day 0"), work, QUIET, prescribed).of(WALK)))
                .isEqualTo("trot NEXT_RUNG 1 x 5 reps");
    }

    @Test
    void twoStagesThatLookAlikeAreRefused() {
        assertThatThrownBy(() -> new Program(
                        "way",
                        "The way",
                        "Says.",
                        Stream.of(stage(WALK, 2, "10 reps", 1), stage(WALK, 1, "20 reps", 1))
                                .toList(),
                        1,
                        1,
                        List.of(),
                        Optional.empty(),
                        Optional.empty()))
                .hasMessageContaining("more in all than before");
    }
}
