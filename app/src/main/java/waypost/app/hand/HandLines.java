package waypost.app.hand;

import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.app.course.OpenCourse;
import waypost.app.figure.Figure;
import waypost.app.figure.Figures;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.function.FingerMotion;
import waypost.core.hand.Finger;
import waypost.core.hand.FingerDose;
import waypost.core.hand.FingerReading;
import waypost.core.hand.SplintBounds;
import waypost.core.home.Rhythm;
import waypost.core.home.Waking;
import waypost.library.words.HandWords;

/**
 * The fingers of a course as they are shown.
 *
 * @param worked whether anything they are worked with is open; else no dose is told
 */
record HandLines(OpenCourse open, Set<Finger> hurt, List<FingerReading> readings, boolean worked) {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm");

    /**
     * A finger.
     *
     * @param reach what it reaches, and how good that is; blank before it was measured
     * @param change since the reading before; blank without one
     * @param dose blank for a finger that is well and was never measured
     */
    public record Line(
            String value,
            String name,
            boolean hurt,
            String reach,
            String change,
            String dose,
            String slots,
            List<Joint> joints,
            Figure figure) {}

    /** A joint that is asked. */
    public record Joint(String bent, String lacks, String name) {}

    List<Line> lines() {
        Map<Motion, Arc> splint = SplintBounds.of(open.standing());
        return Arrays.stream(Finger.values())
                .map(finger -> line(finger, splint))
                .toList();
    }

    private Line line(Finger finger, Map<Motion, Arc> splint) {
        List<FingerReading> own =
                readings.stream().filter(each -> each.finger() == finger).toList();
        Optional<FingerReading> last = own.isEmpty() ? Optional.empty() : Optional.of(own.get(own.size() - 1));
        Optional<FingerMotion> grade = last.flatMap(HandLines::grade);
        boolean isHurt = hurt.contains(finger);
        FingerDose dose = FingerDose.of(grade);
        return new Line(
                finger.name(),
                HandWords.say(finger),
                isHurt,
                last.map(reading -> HandWords.reach(reading, grade)).orElse(""),
                own.size() < 2 ? "" : HandWords.change(own.get(own.size() - 2), own.get(own.size() - 1)),
                worked && (isHurt || last.isPresent()) ? HandWords.say(dose) : "",
                worked && isHurt ? slots(dose.rhythm()) : "",
                finger.joints().stream().map(HandLines::joint).toList(),
                figure(last, isHurt ? splint : Map.of()));
    }

    private static Joint joint(Motion motion) {
        String name = HandWords.measured(motion);
        return new Joint(name + "Bent", name + "Lacks", HandWords.joint(motion));
    }

    private static Optional<FingerMotion> grade(FingerReading reading) {
        return reading.percent().isPresent()
                ? Optional.of(FingerMotion.of(reading.percent().getAsDouble()))
                : Optional.empty();
    }

    private String slots(Rhythm rhythm) {
        return String.join(
                " ",
                rhythm.due(open.today(), Waking.USUAL, ZoneOffset.UTC).stream()
                        .map(due -> LocalTime.from(due).format(CLOCK))
                        .toList());
    }

    /** Straight as far as it goes pale, bent as far as it goes solid; straight where nobody measured. */
    private Figure figure(Optional<FingerReading> last, Map<Motion, Arc> splint) {
        Map<Motion, Degrees> straight = new EnumMap<>(Motion.class);
        Map<Motion, Degrees> bent = new EnumMap<>(Motion.class);
        last.ifPresent(reading -> reading.finger().joints().forEach(joint -> {
            straight.put(joint, Degrees.of(reading.lacksAt(joint)));
            bent.put(joint, Degrees.of(reading.bends(joint)));
        }));
        return Figures.ofFinger(straight, bent, splint, open.standing().facts().side());
    }
}
