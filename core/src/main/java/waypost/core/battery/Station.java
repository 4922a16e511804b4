package waypost.core.battery;

import java.util.List;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Derivation;
import waypost.core.measure.Measure;

/**
 * One test of a battery.
 *
 * @param wants what has to be reached
 * @param how what the patient is told to do, in a sentence
 * @param practice tries that do not count, 0 to 10
 * @param tries tries that count, each side, 1 to 10
 * @param restSeconds between tries, 0 to 600
 */
public record Station(Criterion.Measured wants, String how, int practice, int tries, int restSeconds) {

    private static final int MOST_TRIES = 10;
    private static final int LONGEST_REST = 600;

    public Station {
        if (practice < 0 || practice > MOST_TRIES || tries < 1 || tries > MOST_TRIES) {
            throw new IllegalArgumentException("station " + wants.id() + ": found " + practice + " for practice and "
                    + tries + " that count, allowed: 0 to " + MOST_TRIES + " and 1 to " + MOST_TRIES);
        }
        if (restSeconds < 0 || restSeconds > LONGEST_REST) {
            throw new IllegalArgumentException("station " + wants.id() + ": found a rest of " + restSeconds
                    + " s, allowed: 0 to " + LONGEST_REST + " s");
        }
    }

    public String id() {
        return wants.id();
    }

    /** The ids of what has to be measured for it; of a derived measure, what it is worked out from. */
    public List<String> measured() {
        return wants.measures().flatMap(Station::behind).distinct().toList();
    }

    private static Stream<String> behind(Measure measure) {
        return measure.taken()
                .derivation()
                .map(derivation -> derivation.terms().stream().map(Derivation.Term::measure))
                .orElseGet(() -> Stream.of(measure.id()));
    }
}
