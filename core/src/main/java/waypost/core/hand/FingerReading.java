package waypost.core.hand;

import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Motion;
import waypost.core.function.FingerMotion;

/**
 * How far one finger bends and straightens by itself, in degrees.
 *
 * @param bent how far each of its joints bends, 0 to 130
 * @param lacks what each lacks to straight, 0 to 130; no more than it bends
 * @param tipToPalm what the tip lacks to the crease of the palm with the fist closed, in centimetres, 0 to 12
 */
public record FingerReading(
        Finger finger, LocalDate on, Map<Motion, Double> bent, Map<Motion, Double> lacks, OptionalDouble tipToPalm) {

    private static final double MOST_DEGREES = 130;
    private static final double MOST_CM = 12;

    public FingerReading {
        bent = Map.copyOf(bent);
        lacks = Map.copyOf(lacks);
        for (Motion joint : finger.joints()) {
            double bends = within(joint, "bent", bent.get(joint));
            double less = within(joint, "lacks", lacks.get(joint));
            if (less > bends) {
                throw new IllegalArgumentException(joint.joint() + ": found " + less + "° lacking to straight and "
                        + bends + "° bent, allowed: no more lacking than it bends");
            }
        }
        if (tipToPalm.isPresent() && !(tipToPalm.getAsDouble() >= 0 && tipToPalm.getAsDouble() <= MOST_CM)) {
            throw new IllegalArgumentException(
                    "tip to palm: found " + tipToPalm.getAsDouble() + " cm, allowed: 0 to " + MOST_CM + " cm");
        }
    }

    private static double within(Motion joint, String what, @Nullable Double found) {
        if (found == null || !(found >= 0 && found <= MOST_DEGREES)) {
            throw new IllegalArgumentException(joint.joint() + ", " + what + ": found "
                    + (found == null ? "nothing" : found) + ", allowed: 0 to " + MOST_DEGREES + "°");
        }
        return found;
    }

    /** In degrees. */
    public double bends(Motion joint) {
        return bent.getOrDefault(joint, 0.0);
    }

    /** In degrees. */
    public double lacksAt(Motion joint) {
        return lacks.getOrDefault(joint, 0.0);
    }

    /** Total active motion: what all joints bend, less what they lack to straight (common practice, no source). */
    public double total() {
        return finger.joints().stream()
                .mapToDouble(joint -> bends(joint) - lacksAt(joint))
                .sum();
    }

    /** As a percentage of what is usual, middle and end joint together; none for a thumb, which has no middle joint. */
    public OptionalDouble percent() {
        return finger == Finger.THUMB
                ? OptionalDouble.empty()
                : OptionalDouble.of(FingerMotion.percent(
                        bends(Motion.PIP_FLEXION),
                        bends(Motion.DIP_FLEXION),
                        lacksAt(Motion.PIP_FLEXION) + lacksAt(Motion.DIP_FLEXION)));
    }

    /** The worst of each joint over several long fingers: what the hand counts as. */
    public static Optional<FingerReading> worst(Collection<FingerReading> readings) {
        List<FingerReading> fingers = readings.stream()
                .filter(reading -> reading.finger() != Finger.THUMB)
                .toList();
        if (fingers.isEmpty()) {
            return Optional.empty();
        }
        Map<Motion, Double> bent = new EnumMap<>(Motion.class);
        Map<Motion, Double> lacks = new EnumMap<>(Motion.class);
        for (Motion joint : Finger.INDEX.joints()) {
            bent.put(joint, of(fingers, joint, FingerReading::bends).min().orElseThrow());
            lacks.put(joint, of(fingers, joint, FingerReading::lacksAt).max().orElseThrow());
        }
        for (Motion joint : Finger.INDEX.joints()) {
            lacks.merge(joint, bent.getOrDefault(joint, 0.0), Math::min);
        }
        OptionalDouble tip = fingers.stream()
                .flatMapToDouble(reading -> reading.tipToPalm().stream())
                .max();
        return Optional.of(new FingerReading(
                fingers.get(0).finger(), fingers.get(fingers.size() - 1).on(), bent, lacks, tip));
    }

    private static DoubleStream of(
            List<FingerReading> fingers, Motion joint, ToDoubleBiFunction<FingerReading, Motion> value) {
        return fingers.stream().mapToDouble(reading -> value.applyAsDouble(reading, joint));
    }
}
