package waypost.app.prescription;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Progression;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.Nudge;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Since;
import waypost.core.prescription.WorkedSide;
import waypost.core.prescription.WorkingDose;
import waypost.core.protocol.Frequency;
import waypost.core.strength.Tempo;

/**
 * A prescription as it is typed.
 *
 * @param seen the id of the one that stood on the page; blank where none did
 * @param least of the range of each set
 * @param setUp "step height: 15 cm", one for each setting
 * @param times how often; blank for the library's
 * @param per DAY or WEEK
 * @param day the kinds of days it is meant for
 * @param number of the rule; blank for its usual one
 * @param nudge one small change instead of what else is typed
 */
public record PrescriptionForm(
        @Nullable String entryId,
        @Nullable String role,
        @Nullable String seen,
        @Nullable String sets,
        @Nullable String least,
        @Nullable String most,
        @Nullable String load,
        @Nullable List<String> setUp,
        @Nullable String tempo,
        @Nullable String rest,
        @Nullable String side,
        @Nullable String times,
        @Nullable String per,
        @Nullable String pain,
        @Nullable List<String> day,
        @Nullable String rule,
        @Nullable String number,
        @Nullable String words,
        @Nullable String nudge) {

    private static final int LARGEST_TYPED = 100_000;

    public UUID readId() {
        return Entered.id("entryId", Entered.text(entryId));
    }

    public Optional<UUID> readSeen() {
        return Optional.of(Entered.text(seen)).filter(id -> !id.isBlank()).map(id -> Entered.id("seen", id));
    }

    /** The small change, if that is what was tapped. */
    public Optional<Nudge> readNudge() {
        String tapped = Entered.text(nudge);
        return tapped.isBlank() ? Optional.empty() : Optional.of(Entered.choice(Nudge.class, "nudge", tapped));
    }

    /** What was typed into the fields, by field, to be shown again. */
    public Map<String, String> typed() {
        Map<String, String> typed = new HashMap<>();
        typed.put("sets", sets);
        typed.put("least", least);
        typed.put("most", most);
        typed.put("load", load);
        typed.put("tempo", tempo);
        typed.put("rest", rest);
        typed.put("side", side);
        typed.put("times", times);
        typed.put("per", per);
        typed.put("pain", pain);
        typed.put("number", number);
        typed.put("words", words);
        typed.values().removeIf(Objects::isNull);
        return typed;
    }

    /** Everything that is typed, for a role of an exercise whose dose stands as {@code start}. */
    public Prescription read(Activity.Exercise exercise, RoleKey key, WorkingDose start, Since since) {
        WorkingDose dose = readDose(exercise, start);
        try {
            return new Prescription(
                    key,
                    since,
                    dose,
                    readTempo(),
                    optional("rest", rest),
                    side == null || side.isBlank()
                            ? WorkedSide.OPERATED
                            : Entered.choice(WorkedSide.class, "side", side),
                    readOften(),
                    optional("pain", pain),
                    readDays(),
                    readRule(exercise),
                    Entered.text(words).strip());
        } catch (IllegalArgumentException beyond) {
            throw new FormProblem("dose", sentence(beyond));
        }
    }

    private WorkingDose readDose(Activity.Exercise exercise, WorkingDose start) {
        try {
            int top = whole("most", most, "how much a set asks");
            int bottom = Entered.text(least).isBlank() ? top : whole("least", least, "the least of a set");
            SetAim aim = start.aim();
            return new WorkingDose(
                    whole("sets", sets, "how many sets"),
                    new SetAim(bottom, top, aim.counted(), aim.holdSeconds(), aim.each(), aim.remark()),
                    readLoad(start),
                    readSetUp(exercise));
        } catch (FormProblem problem) {
            throw problem;
        } catch (IllegalArgumentException beyond) {
            throw new FormProblem("dose", sentence(beyond));
        }
    }

    private Optional<Load> readLoad(WorkingDose start) {
        String typed = Entered.text(load).strip().replace(',', '.');
        if (start.load().isEmpty() || typed.isEmpty()) {
            return start.load();
        }
        LoadUnit unit = start.load().get().unit();
        if (!typed.matches("\\d{1,4}(\\.\\d{1,2})?")) {
            throw new FormProblem("load", "Found '" + typed + "', allowed: a number such as 2.5.");
        }
        return Optional.of(new Load(Double.parseDouble(typed), unit));
    }

    private Arrangement readSetUp(Activity.Exercise exercise) {
        Arrangement said = Arrangement.parse(setUp == null ? "" : String.join("; ", setUp));
        exercise.setUps().check(said);
        return exercise.setUps().complete(said);
    }

    private Optional<Tempo> readTempo() {
        String typed = Entered.text(tempo).strip();
        return typed.isEmpty() ? Optional.empty() : Optional.of(Tempo.parse(typed));
    }

    private Optional<Frequency> readOften() {
        return Entered.whole("times", Entered.text(times), LARGEST_TYPED)
                .map(number -> new Frequency(number, Entered.choice(Frequency.Per.class, "per", Entered.text(per))));
    }

    private Set<DayKind> readDays() {
        return day == null
                ? Set.of()
                : day.stream()
                        .filter(kind -> !kind.isBlank())
                        .map(kind -> Entered.choice(DayKind.class, "day", kind))
                        .collect(Collectors.toSet());
    }

    private GoesOnBy readRule(Activity.Exercise exercise) {
        Progression named = Entered.text(rule).isBlank()
                ? exercise.progression()
                : Entered.choice(Progression.class, "rule", Entered.text(rule));
        Optional<Integer> set =
                named.number().flatMap(rules -> Entered.whole("number", Entered.text(number), LARGEST_TYPED));
        return GoesOnBy.chosen(exercise.progression(), named, set);
    }

    private static OptionalInt optional(String field, @Nullable String typed) {
        return Entered.whole(field, Entered.text(typed), LARGEST_TYPED)
                .map(OptionalInt::of)
                .orElse(OptionalInt.empty());
    }

    private static int whole(String field, @Nullable String typed, String what) {
        return Entered.whole(field, Entered.text(typed), LARGEST_TYPED)
                .orElseThrow(() -> new FormProblem(field, "Say " + what + ": a whole number."));
    }

    private static String sentence(IllegalArgumentException beyond) {
        String said = String.valueOf(beyond.getMessage());
        return said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1) + ".";
    }
}
