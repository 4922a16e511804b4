package waypost.app.home;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.core.demand.Load;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.home.HomeGrowth;
import waypost.core.home.HomeLine;
import waypost.core.home.HomeProgram;
import waypost.core.home.Rhythm;
import waypost.core.home.Waking;
import waypost.core.prescription.WorkingDose;

/** Programs and lines as rows, and back. */
final class HomeRows {

    private HomeRows() {}

    static HomeProgram program(HomeMapper.ProgramRow row, List<HomeMapper.LineRow> lines) {
        return new HomeProgram(
                row.startsOn(),
                row.endsOn(),
                new Waking(row.wakesAt(), row.sleepsAt()),
                lines.stream()
                        .filter(line -> line.programId().equals(row.id()))
                        .map(HomeRows::line)
                        .toList());
    }

    private static HomeLine line(HomeMapper.LineRow row) {
        return new HomeLine(
                RoleKey.of(row.role()),
                dose(row),
                rhythm(row),
                days(row.days()),
                growth(row.growsBy(), row.growsDays(), row.growsTo()),
                row.words());
    }

    private static WorkingDose dose(HomeMapper.LineRow row) {
        Optional<Load> load = Optional.ofNullable(row.loadAmount())
                .flatMap(held -> Optional.ofNullable(row.loadUnit()).map(unit -> new Load(held.doubleValue(), unit)));
        return new WorkingDose(row.sets(), SetAim.parse(row.aim()), load, Arrangement.parse(row.setUp()));
    }

    private static Rhythm rhythm(HomeMapper.LineRow row) {
        Integer minutes = row.minutes();
        Integer times = row.times();
        return minutes != null ? new Rhythm.Hourly(minutes) : new Rhythm.Times(times == null ? 1 : times);
    }

    private static Set<DayOfWeek> days(String written) {
        return written.isEmpty()
                ? Set.of()
                : Arrays.stream(written.split(",")).map(DayOfWeek::valueOf).collect(Collectors.toSet());
    }

    private static Optional<HomeGrowth> growth(@Nullable Integer by, @Nullable Integer days, @Nullable Integer to) {
        return by == null || days == null || to == null ? Optional.empty() : Optional.of(new HomeGrowth(by, days, to));
    }

    static HomeMapper.LineRow row(UUID program, HomeLine line) {
        WorkingDose dose = line.begun();
        return new HomeMapper.LineRow(
                program,
                line.role().toString(),
                dose.sets(),
                dose.aim().toString(),
                dose.load().map(load -> BigDecimal.valueOf(load.amount())).orElse(null),
                dose.load().map(Load::unit).orElse(null),
                dose.setUp().toString(),
                line.rhythm() instanceof Rhythm.Times times ? times.aDay() : null,
                line.rhythm() instanceof Rhythm.Hourly hourly ? hourly.everyMinutes() : null,
                line.days().stream().sorted().map(DayOfWeek::name).collect(Collectors.joining(",")),
                line.growth().map(HomeGrowth::more).orElse(null),
                line.growth().map(HomeGrowth::everyDays).orElse(null),
                line.growth().map(HomeGrowth::most).orElse(null),
                line.words());
    }
}
