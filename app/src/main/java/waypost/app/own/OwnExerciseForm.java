package waypost.app.own;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Dose;
import waypost.core.own.OwnExercise;
import waypost.core.protocol.Frequency;

/**
 * An exercise of one's own as it was typed.
 *
 * @param model id of the library's exercise
 * @param setUp "step height: 15 cm", one for each setting
 * @param motion those that the model asks, in the order of the page
 * @param from of each motion the least angle in degrees; blank for the model's
 * @param to of each motion the greatest angle in degrees; blank for the model's
 * @param load such as "4 kg"; blank for the model's
 * @param aim such as "8 to 10 reps"
 * @param frequency such as "3 a week"
 * @param cues a line each; blank for the model's
 */
record OwnExerciseForm(
        @Nullable String entryId,
        @Nullable String model,
        @Nullable String title,
        @Nullable List<String> setUp,
        @Nullable List<String> motion,
        @Nullable List<String> from,
        @Nullable List<String> to,
        @Nullable String load,
        @Nullable String sets,
        @Nullable String aim,
        @Nullable String frequency,
        @Nullable String cues) {

    private static final int CUES_MOST = 600;
    private static final int TITLE_MOST = 80;
    private static final int SLUG_MOST = 40;
    private static final int MARK = 6;

    /** A form filled in with what the model has. */
    static OwnExerciseForm of(Activity.Exercise model) {
        return new OwnExerciseForm(
                UUID.randomUUID().toString(),
                model.id(),
                "",
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                "",
                String.valueOf(model.dose().sets()),
                model.dose().aim().toString(),
                model.dose().frequency(),
                "");
    }

    UUID readId() {
        return Entered.id("entryId", Entered.text(entryId));
    }

    /** What was typed, made from its model; refused where it would ask more. */
    OwnExercise read(Activity.Exercise from) {
        String name = Entered.words("title", title, TITLE_MOST);
        try {
            OwnExercise own = new OwnExercise(
                    id(name), from.id(), name, arrangement(), arcs(from), readLoad(), dose(from.dose()), lines());
            own.of(from);
            return own;
        } catch (IllegalArgumentException refused) {
            throw new FormProblem("own", capital(String.valueOf(refused.getMessage())) + ".");
        }
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    /** "own-short-squat-1a2b3c": two of one title are two. */
    private String id(String name) {
        String slug =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String mark = readId().toString().substring(0, MARK);
        String kept = slug.length() > SLUG_MOST ? slug.substring(0, SLUG_MOST) : slug;
        return kept.isEmpty() ? "own-" + mark : "own-" + kept + "-" + mark;
    }

    private Arrangement arrangement() {
        return Arrangement.parse(setUp == null ? "" : String.join("; ", setUp));
    }

    private Map<Motion, Arc> arcs(Activity.Exercise model) {
        Map<Motion, Arc> arcs = new EnumMap<>(Motion.class);
        Map<Motion, Arc> asked = OwnExerciseArcs.of(model);
        for (int nth = 0; motion != null && nth < motion.size(); nth++) {
            String least = at(from, nth);
            String most = at(to, nth);
            if (!least.isBlank() || !most.isBlank()) {
                Motion moves = Entered.choice(Motion.class, "motion", motion.get(nth));
                Arc whole = Optional.ofNullable(asked.get(moves))
                        .orElseThrow(() -> new IllegalArgumentException(
                                "arc: found one of " + moves + ", allowed: of what the model moves"));
                arcs.put(
                        moves,
                        Arc.between(
                                least.isBlank() ? whole.least().value() : degrees(least),
                                most.isBlank() ? whole.most().value() : degrees(most)));
            }
        }
        return arcs;
    }

    private static double degrees(String typed) {
        try {
            return Double.parseDouble(typed.strip().replace("°", ""));
        } catch (NumberFormatException unreadable) {
            throw new IllegalArgumentException("angle: found '" + typed + "', allowed: whole degrees such as 60");
        }
    }

    private static String at(@Nullable List<String> typed, int nth) {
        return typed != null && nth < typed.size() ? Entered.text(typed.get(nth)) : "";
    }

    private Optional<Load> readLoad() {
        return Optional.of(Entered.text(load)).filter(text -> !text.isBlank()).map(Load::parse);
    }

    private Dose dose(Dose model) {
        int many = Entered.whole("sets", Entered.text(sets), Dose.MOST_SETS)
                .orElseThrow(() -> new FormProblem("sets", "Sets: allowed are 1 to " + Dose.MOST_SETS + "."));
        String typed = Entered.text(frequency);
        String often =
                typed.equals(model.frequency()) ? typed : Frequency.parse(typed).toString();
        return Dose.typed(many, Entered.text(aim), often);
    }

    private List<String> lines() {
        return Entered.words("cues", cues, CUES_MOST)
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
    }

    /** What was typed for a motion, to be shown again. */
    String typed(@Nullable List<String> side, String of) {
        int nth = motion == null ? -1 : motion.indexOf(of);
        return nth < 0 ? "" : at(side, nth);
    }
}
