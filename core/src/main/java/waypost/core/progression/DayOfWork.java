package waypost.core.progression;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import waypost.core.body.Mode;
import waypost.core.course.Standing;
import waypost.core.log.Response;
import waypost.core.log.WorkLog;
import waypost.core.measure.Reading;
import waypost.core.measure.Unit;
import waypost.core.safety.CheckIn;
import waypost.core.safety.RedFlag;
import waypost.core.safety.Tier;

/**
 * What the check-in and the joint say of a day of work.
 *
 * @param baseline pain on coming in, 0 to 10
 * @param brake why nothing goes up today
 * @param sport when sport rose so much that strength gives way
 */
public record DayOfWork(int baseline, Optional<Brake> brake, Optional<Ground.SportRose> sport) {

    /** The measure by which sport is told: minutes in the last seven days. */
    public static final String SPORT_MINUTES = "sport-minutes";

    private static final int DAYS_BETWEEN = 5;

    /** 2+ of the stroke test. */
    private static final double EFFUSION_THAT_HOLDS = 3;

    /**
     * @param said empty when nobody has checked in
     * @param asked the flags that were asked
     */
    public static DayOfWork of(Optional<CheckIn> said, List<RedFlag> asked, Standing standing, WorkLog work) {
        int baseline = said.map(CheckIn::painNow).orElse(0);
        Optional<Brake> brake = said.flatMap(checkIn -> braked(checkIn, asked))
                .or(() -> PainLimit.of(standing.course(), baseline).isBrokenBy(baseline)
                        ? Optional.of(Brake.PAIN_ON_ARRIVAL)
                        : Optional.empty())
                .or(() -> hasEffusion(standing) ? Optional.of(Brake.EFFUSION) : Optional.empty())
                .or(() -> flaredLast(standing, work) ? Optional.of(Brake.FLARED_LAST_TIME) : Optional.empty());
        return new DayOfWork(baseline, brake, sport(standing));
    }

    /** This week's minutes against those told at least five days before. */
    private static Optional<Ground.SportRose> sport(Standing standing) {
        List<Reading> told = standing.facts()
                .readings()
                .strict(SPORT_MINUTES, standing.facts().side(), Mode.ACTIVE);
        if (told.isEmpty()) {
            return Optional.empty();
        }
        Reading now = told.get(told.size() - 1);
        return told.stream()
                .filter(reading -> !reading.date().isAfter(now.date().minusDays(DAYS_BETWEEN)))
                .reduce((earlier, later) -> later)
                .filter(before -> isFresh(now, standing, 2 * DAYS_BETWEEN))
                .flatMap(before -> Balance.sport(
                        (int) before.amount().value(), (int) now.amount().value()));
    }

    private static Optional<Brake> braked(CheckIn said, List<RedFlag> asked) {
        List<Tier> raised = said.raised(asked).stream().map(RedFlag::tier).toList();
        if (raised.contains(Tier.STEP_BACK)) {
            return Optional.of(Brake.FLAG_STEPS_BACK);
        }
        if (!raised.isEmpty()) {
            return Optional.of(Brake.FLAG_HOLDS_PROGRESS);
        }
        return said.swelling() == CheckIn.Swelling.MORE ? Optional.of(Brake.MORE_SWELLING) : Optional.empty();
    }

    private static boolean hasEffusion(Standing standing) {
        return standing.course().measures().stream()
                .filter(measure -> measure.unit() == Unit.EFFUSION_GRADE)
                .flatMap(measure -> Arrays.stream(Mode.values())
                        .flatMap(mode ->
                                standing
                                        .facts()
                                        .readings()
                                        .latestStrict(
                                                measure.id(), standing.facts().side(), mode)
                                        .stream())
                        .filter(reading -> isFresh(reading, standing, measure.validDays())))
                .anyMatch(reading -> reading.amount().value() >= EFFUSION_THAT_HOLDS);
    }

    private static boolean isFresh(Reading reading, Standing standing, int days) {
        return !reading.date().plusDays(days).isBefore(standing.date());
    }

    private static boolean flaredLast(Standing standing, WorkLog work) {
        return work.upTo(standing.date().minusDays(1)).responses().stream()
                .reduce((earlier, later) -> later)
                .map(Response::flared)
                .orElse(false);
    }
}
