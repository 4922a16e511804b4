package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.Standing;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.followup.StrengthProfile;
import waypost.core.followup.StrengthRatio;
import waypost.core.measure.Measure;
import waypost.library.words.StrengthWords;

/** What is weak by what was measured, how often it is worked at, and with what. */
class StrengthProfileTest {

    private static final String QUADRICEPS = "quadriceps-torque-90";
    private static final int DAY = 200;

    private static MeasuredCourse knee() {
        return new MeasuredCourse("knee.ligament-reconstruction");
    }

    private static StrengthProfile profile(MeasuredCourse course, RoleKey... planned) {
        Standing standing = course.on(DAY);
        return StrengthProfile.of(standing, MeasuredCourse.BUNDLE.ladders(), Set.of(planned));
    }

    /** Under 80 % three days a week, under 90 % two, else one; 15 % lies within what a hand-held device errs by. */
    @ParameterizedTest
    @CsvSource({
        "60,150,40,WEAK,3,true",
        "119,150,79,WEAK,3,true",
        "120,150,80,BEHIND,2,true",
        "130,150,87,BEHIND,2,false",
        "135,150,90,EVEN,1,false",
        "160,150,107,EVEN,1,false"
    })
    void whatIsWeakIsWorkedAtMoreOften(
            double operated, double other, int percent, StrengthProfile.Kind kind, int times, boolean certain) {
        StrengthProfile profile = profile(knee().measured(DAY - 3, QUADRICEPS, Mode.ACTIVE, operated)
                .measured(DAY - 3, Side.LEFT, QUADRICEPS, Mode.ACTIVE, other));

        assertThat(profile.lines()).singleElement().satisfies(line -> {
            assertThat(Math.round(line.percent())).isEqualTo(percent);
            assertThat(line.kind()).isEqualTo(kind);
            assertThat(line.kind().timesAWeek()).isEqualTo(times);
            assertThat(line.certain()).isEqualTo(certain);
            assertThat(line.against()).isEqualTo(StrengthProfile.Against.OTHER_SIDE);
        });
    }

    /** The other side was 200 before surgery and has 150 now: against that, 135 is no longer even. */
    @Test
    void anOtherSideThatHasLostFlattersNobody() {
        StrengthProfile.Line line = profile(knee().measured(-10, Side.LEFT, QUADRICEPS, Mode.ACTIVE, 200)
                        .measured(DAY - 3, QUADRICEPS, Mode.ACTIVE, 135)
                        .measured(DAY - 3, Side.LEFT, QUADRICEPS, Mode.ACTIVE, 150))
                .lines()
                .get(0);

        assertThat(line.against()).isEqualTo(StrengthProfile.Against.OTHER_SIDE_BEFORE);
        assertThat(line.kind()).isEqualTo(StrengthProfile.Kind.WEAK);
        assertThat(StrengthWords.say(line))
                .isEqualTo("135 of 200 N·m, 68 % of the other side before surgery, which has lost since: weak.");
    }

    /** A change within the error is no loss: 180 now against 200 before. */
    @Test
    void aLossWithinTheErrorIsNone() {
        assertThat(profile(knee().measured(-10, Side.LEFT, QUADRICEPS, Mode.ACTIVE, 200)
                                .measured(DAY - 3, QUADRICEPS, Mode.ACTIVE, 162)
                                .measured(DAY - 3, Side.LEFT, QUADRICEPS, Mode.ACTIVE, 180))
                        .lines()
                        .get(0)
                        .against())
                .isEqualTo(StrengthProfile.Against.OTHER_SIDE);
    }

    /** A strength counts for 42 days. */
    @Test
    void whatIsOldOrOfOneSideSaysNothing() {
        assertThat(profile(knee().measured(DAY - 3, QUADRICEPS, Mode.ACTIVE, 60))
                        .lines())
                .isEmpty();
        assertThat(profile(knee().measured(DAY - 43, QUADRICEPS, Mode.ACTIVE, 60)
                                .measured(DAY - 3, Side.LEFT, QUADRICEPS, Mode.ACTIVE, 150))
                        .lines())
                .isEmpty();
    }

    private static RoleKey hardestOpen(Standing standing, RoleKey easiest) {
        Course course = standing.course();
        return course.ladder(course.exercise(easiest.activity()).ladder()).stream()
                .filter(exercise -> exercise.purpose() == Purpose.STRENGTH)
                .flatMap(exercise -> exercise.roles().stream())
                .map(Role::key)
                .filter(role -> standing.verdict(role).kind().isOpen())
                .reduce((easier, harder) -> harder)
                .orElseThrow();
    }

    /** The weakest stands first; what is proposed for it is open today, and the planned rung goes before an easier one. */
    @Test
    void whatIsProposedIsOpen() {
        MeasuredCourse course = new MeasuredCourse("knee.meniscectomy")
                .measured(DAY - 3, QUADRICEPS, Mode.ACTIVE, 100)
                .measured(DAY - 3, Side.LEFT, QUADRICEPS, Mode.ACTIVE, 150)
                .measured(DAY - 3, "hip-abduction-strength", Mode.ACTIVE, 50)
                .measured(DAY - 3, Side.LEFT, "hip-abduction-strength", Mode.ACTIVE, 120);

        RoleKey easiest = profile(course).lines().get(1).accessories().get(0);
        RoleKey planned = hardestOpen(course.on(DAY), easiest);
        StrengthProfile profile = profile(course, planned);

        assertThat(planned).isNotEqualTo(easiest);
        assertThat(profile.lines())
                .extracting(line -> line.measure().id())
                .containsExactly("hip-abduction-strength", QUADRICEPS);
        assertThat(profile.lines())
                .flatExtracting(StrengthProfile.Line::accessories)
                .isNotEmpty()
                .allMatch(role -> course.on(DAY).verdict(role).kind().isOpen());
        assertThat(profile.lines().get(1).accessories()).contains(planned);
    }

    /** Outward at 75 to 100 % of inward is asked: under it the outward side is worked at, over it the inward one. */
    @ParameterizedTest
    @CsvSource({
        "20,40,50,shoulder-external-strength",
        "29,40,73,shoulder-external-strength",
        "30,40,75,",
        "40,40,100,",
        "45,40,113,shoulder-internal-strength"
    })
    void aRatioTellsWhichOfTheTwoIsTooWeak(double outward, double inward, int percent, String weaker) {
        Standing standing = new MeasuredCourse("shoulder.labral-tear")
                .measured(DAY - 3, "shoulder-external-strength", Mode.ACTIVE, outward)
                .measured(DAY - 3, "shoulder-internal-strength", Mode.ACTIVE, inward)
                .on(DAY);

        assertThat(StrengthRatio.of(standing, MeasuredCourse.BUNDLE.ladders(), Set.of()))
                .singleElement()
                .satisfies(ratio -> {
                    assertThat(Math.round(ratio.percent())).isEqualTo(percent);
                    assertThat(ratio.weaker().map(Measure::id)).isEqualTo(Optional.ofNullable(weaker));
                    assertThat(ratio.accessories())
                            .allSatisfy(role -> assertThat(
                                            standing.verdict(role).kind().isOpen())
                                    .isTrue());
                    assertThat(StrengthWords.say(ratio)).startsWith(percent + " % of ");
                });
    }

    @Test
    void aRatioThatNobodyMeasuredIsNotTold() {
        assertThat(StrengthRatio.of(
                        new MeasuredCourse("shoulder.labral-tear").on(DAY), MeasuredCourse.BUNDLE.ladders(), Set.of()))
                .isEmpty();
    }
}
