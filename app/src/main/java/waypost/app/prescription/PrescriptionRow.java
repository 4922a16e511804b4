package waypost.app.prescription;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.app.store.SetRow;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Progression;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Since;
import waypost.core.prescription.WorkedSide;
import waypost.core.prescription.WorkingDose;
import waypost.core.protocol.Frequency;
import waypost.core.strength.Tempo;

/**
 * A prescription as it is kept.
 *
 * @param days kinds of days parted by commas
 * @param writtenBy a display name
 */
record PrescriptionRow(
        UUID id,
        String role,
        boolean ended,
        int sets,
        String aim,
        @Nullable BigDecimal loadAmount,
        @Nullable LoadUnit loadUnit,
        String setUp,
        String tempo,
        @Nullable Integer restSeconds,
        WorkedSide side,
        String often,
        @Nullable Integer painMost,
        String days,
        Progression rule,
        int ruleNumber,
        String words,
        LocalDate writtenOn,
        Instant writtenAt,
        String writtenBy) {

    /**
     * As the rules see it.
     *
     * @param done every set of the course: what was done before it on its own day does not count for it
     */
    Written written(List<SetRow> done) {
        RoleKey key = RoleKey.of(role);
        int before = (int) done.stream()
                .filter(set -> set.doneOn().equals(writtenOn)
                        && set.key().equals(key)
                        && set.doneAt().isBefore(writtenAt))
                .count();
        Prescription prescription = new Prescription(
                key,
                new Since(writtenOn, before),
                dose(),
                tempo.isEmpty() ? Optional.empty() : Optional.of(Tempo.parse(tempo)),
                optional(restSeconds),
                side,
                often.isEmpty() ? Optional.empty() : Optional.of(Frequency.parse(often)),
                optional(painMost),
                kinds(),
                new GoesOnBy(rule, ruleNumber),
                words);
        return new Written(id, prescription, writtenBy);
    }

    private WorkingDose dose() {
        Optional<Load> load = Optional.ofNullable(loadAmount)
                .flatMap(held -> Optional.ofNullable(loadUnit).map(unit -> new Load(held.doubleValue(), unit)));
        return new WorkingDose(sets, SetAim.parse(aim), load, Arrangement.parse(setUp));
    }

    private Set<DayKind> kinds() {
        return days.isEmpty()
                ? Set.of()
                : Arrays.stream(days.split(",")).map(DayKind::valueOf).collect(Collectors.toSet());
    }

    private static OptionalInt optional(@Nullable Integer number) {
        return number == null ? OptionalInt.empty() : OptionalInt.of(number);
    }
}
