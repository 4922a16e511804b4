package waypost.library.words;

import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.OnDays;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.WorkedSide;

/** Says what a therapist prescribed. */
public final class PrescriptionWords {

    private PrescriptionWords() {}

    /** "3 × 8 to 10 reps, 5 kg · tempo 3-0-2-1 · rest 90 s · both sides · 3 a week · pain at most 2". */
    public static String say(Prescription prescription) {
        List<String> parts = new ArrayList<>();
        parts.add(ProgressionWords.dose(prescription.dose()));
        prescription.tempo().ifPresent(tempo -> parts.add("tempo " + tempo));
        prescription.restSeconds().ifPresent(seconds -> parts.add("rest " + seconds + " s"));
        if (prescription.side() == WorkedSide.BOTH) {
            parts.add("both sides");
        }
        prescription.often().ifPresent(often -> parts.add(often.toString()));
        prescription.painMost().ifPresent(most -> parts.add("pain at most " + most));
        if (!prescription.days().isEmpty()) {
            parts.add("on days of " + days(prescription.days()));
        }
        return String.join(" · ", parts);
    }

    /** The rule, with the number that is set in it: "Up when every set reaches the top … (3 sessions running)". */
    public static String say(GoesOnBy by) {
        return Terms.progression(by.rule())
                + by.rule()
                        .number()
                        .filter(number -> number.usual() != by.number())
                        .map(number -> " Here: " + by.number() + " " + number.what() + ".")
                        .orElse("");
    }

    /** "strength, day A or conditioning", "Monday, Thursday". */
    public static String days(OnDays meant) {
        return meant instanceof OnDays.Weekdays placed
                ? placed.days().stream()
                        .sorted()
                        .map(day -> day.getDisplayName(TextStyle.FULL, Locale.ENGLISH))
                        .collect(Collectors.joining(", "))
                : days(((OnDays.OfKinds) meant).kinds());
    }

    static String days(Set<DayKind> kinds) {
        return kinds.stream().sorted().map(PrescriptionWords::day).collect(Collectors.joining(" or "));
    }

    /** "strength, day A". */
    public static String day(DayKind kind) {
        return switch (kind) {
            case STRENGTH -> "strength";
            case STRENGTH_A -> "strength, day A";
            case STRENGTH_B -> "strength, day B";
            case OFF -> "rest and range";
            case CONDITIONING -> "conditioning";
        };
    }
}
