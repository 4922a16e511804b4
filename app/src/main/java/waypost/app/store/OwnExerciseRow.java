package waypost.app.store;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Dose;
import waypost.core.own.OwnExercise;

/**
 * An exercise of a clinic's own as it is kept.
 *
 * @param within such as "KNEE_FLEXION 0 90; HIP_FLEXION 0 60"
 * @param cues a line each
 * @param madeBy a display name
 */
public record OwnExerciseRow(
        String id,
        String model,
        String title,
        String setUp,
        String within,
        @Nullable BigDecimal loadAmount,
        @Nullable LoadUnit loadUnit,
        int sets,
        String aim,
        String frequency,
        String cues,
        boolean retired,
        String madeBy) {

    private static final String BETWEEN = "; ";

    /** As it is kept. */
    public static String within(Map<Motion, Arc> arcs) {
        return arcs.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(each ->
                        each.getKey().name() + " " + each.getValue().least().value() + " "
                                + each.getValue().most().value())
                .collect(Collectors.joining(BETWEEN));
    }

    public OwnExercise own() {
        return new OwnExercise(
                id,
                model,
                title,
                Arrangement.parse(setUp),
                arcs(),
                Optional.ofNullable(loadUnit)
                        .flatMap(unit ->
                                Optional.ofNullable(loadAmount).map(amount -> new Load(amount.doubleValue(), unit))),
                Dose.typed(sets, aim, frequency),
                cues.lines().filter(line -> !line.isBlank()).toList());
    }

    private Map<Motion, Arc> arcs() {
        Map<Motion, Arc> arcs = new EnumMap<>(Motion.class);
        for (String each : within.isEmpty() ? List.<String>of() : List.of(within.split(BETWEEN, -1))) {
            String[] parts = each.split(" ", -1);
            arcs.put(Motion.valueOf(parts[0]), Arc.between(Double.parseDouble(parts[1]), Double.parseDouble(parts[2])));
        }
        return arcs;
    }
}
