package waypost.app.treatment;

import java.util.Locale;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Unit;
import waypost.core.treatment.HandTreatment;
import waypost.core.treatment.Technique;
import waypost.library.words.Dates;
import waypost.library.words.TechniqueWords;

/**
 * A treatment as it is shown.
 *
 * @param what range, technique, where the hands were, how long
 * @param gained before and after
 * @param kept what a later passive reading still finds; empty where none was taken or nothing was gained
 * @param heldBy the exercise that holds it; empty where none was given
 * @param despite why it was done although the gate objected, and what it objected; empty where it did not
 */
record TreatmentLine(String day, String what, String gained, String kept, String heldBy, String despite, String by) {

    static TreatmentLine of(TreatmentMapper.Kept kept, Standing standing) {
        Technique technique = Technique.valueOf(kept.technique());
        String where = kept.structure().isEmpty() ? "" : " (" + kept.structure() + ")";
        String how = ": " + TechniqueWords.name(technique) + where + ", " + kept.minutes() + " min";
        Optional<Measure> known = range(kept, standing);
        Optional<HandTreatment> treatment = known.map(range ->
                new HandTreatment(range, technique, degrees(kept.beforeDegrees()), degrees(kept.afterDegrees())));
        return new TreatmentLine(
                Dates.say(kept.treatedOn()),
                known.map(Measure::title).orElse(kept.measure()) + how,
                treatment.map(TechniqueWords::gained).orElse(""),
                treatment
                        .flatMap(gain -> gain.keptPercent(standing, kept.treatedOn())
                                .map(percent -> TechniqueWords.kept(gain, percent)))
                        .orElse(""),
                title(kept.heldBy(), standing),
                kept.objection().isEmpty() ? "" : "Done although: " + kept.objection() + " Because: " + kept.despite(),
                kept.by());
    }

    /** One sentence for a note. */
    String told() {
        String held = heldBy.isEmpty() ? "" : " Held by " + heldBy.toLowerCase(Locale.ROOT) + ".";
        return "By hand, " + what + ". " + gained + held + (despite.isEmpty() ? "" : " " + despite + ".");
    }

    private static Optional<Measure> range(TreatmentMapper.Kept kept, Standing standing) {
        return standing.course().measures().stream()
                .filter(measure -> measure.id().equals(kept.measure()) && HandTreatment.isTreatable(measure))
                .findFirst();
    }

    private static Amount degrees(double value) {
        return Amount.of(value, Unit.DEGREES);
    }

    private static String title(String role, Standing standing) {
        return role.isEmpty()
                ? ""
                : standing.course().activities().stream()
                        .filter(activity ->
                                activity.id().equals(RoleKey.of(role).activity()))
                        .findFirst()
                        .map(activity -> activity.title())
                        .orElse(role);
    }
}
