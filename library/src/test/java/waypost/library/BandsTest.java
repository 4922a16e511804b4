package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.anatomy.Build;
import waypost.core.demand.Demand;
import waypost.core.demand.LoadUnit;
import waypost.core.done.BandPull;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;

/** Every band of the library is fixed somewhere, and pulls against what works. */
class BandsTest {

    /** Foam and putty are squeezed: they are counted in steps as bands are, but pull at nothing. */
    private static final Set<String> SQUEEZED = Set.of("foam-squeeze", "putty");

    /** They end along the band: the blade works against it, or the arm presses up past it. */
    private static final Set<String> ALONG = Set.of("punch-band", "punch-incline", "band-out-press");

    static Stream<Activity.Exercise> banded() {
        return Shipped.BUNDLE.activities().stream()
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .filter(exercise -> exercise.teaching().equipment().contains("band")
                        && exercise.roles().stream().anyMatch(BandsTest::holdsABand));
    }

    /** A load in steps of bands is the load of a band: nobody takes one off the hook for walking on the heels. */
    @Test
    void nothingElseCountsInBands() {
        assertThat(Shipped.BUNDLE.activities())
                .filteredOn(activity -> activity instanceof Activity.Exercise exercise
                        && !exercise.teaching().equipment().contains("band")
                        && !SQUEEZED.contains(exercise.id()))
                .filteredOn(activity -> activity.roles().stream().anyMatch(BandsTest::holdsABand))
                .isEmpty();
    }

    private static boolean holdsABand(Role role) {
        return role.demands().stream()
                .anyMatch(demand ->
                        demand instanceof Demand.Held held && held.load().unit() == LoadUnit.BAND_STEP);
    }

    @ParameterizedTest
    @MethodSource("banded")
    void isFixedSomewhereAndPullsAgainstWhatWorks(Activity.Exercise exercise) {
        for (Role role : exercise.roles()) {
            assertThat(BandPull.of(exercise, role, Build.MIDDLING))
                    .as("%s", role.key())
                    .hasValueSatisfying(pull -> {
                        if (!ALONG.contains(exercise.id())
                                && pull.end().armMetres().isPresent()) {
                            double start = pull.start().armMetres().orElseThrow();
                            double end = pull.end().armMetres().orElseThrow();
                            assertThat(end).as("at the end").isGreaterThan(-0.01);
                            assertThat(Math.max(start, end)).as("somewhere").isGreaterThan(0.05);
                        }
                        assertThat(pull.start().lengthMetres()).isBetween(0.0, 2.5);
                        assertThat(pull.end().lengthMetres())
                                .isGreaterThanOrEqualTo(pull.start().lengthMetres() - 0.02);
                    });
        }
    }

    @Test
    void thereAreManyOfThem() {
        assertThat(banded()).hasSizeGreaterThan(15);
    }
}
