package waypost.app.treatment;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.treatment.Technique;
import waypost.library.words.SpokenReading;

/** What was typed about a treatment by hand, as it was typed. */
public record TreatmentForm(
        @Nullable String treatmentId,
        @Nullable String measure,
        @Nullable String technique,
        @Nullable String structure,
        @Nullable String minutes,
        @Nullable String before,
        @Nullable String after,
        @Nullable String heldBy,
        @Nullable String despite) {

    private static final int LONGEST_MINUTES = 60;
    private static final int STRUCTURE_MOST = 100;
    private static final int DESPITE_MOST = 300;

    static TreatmentForm blank() {
        return new TreatmentForm(UUID.randomUUID().toString(), "", "", "", "", "", "", "", "");
    }

    UUID readId() {
        return Entered.id("treatmentId", Entered.text(treatmentId));
    }

    Technique readTechnique() {
        return Entered.choice(Technique.class, "technique", Entered.text(technique));
    }

    int readMinutes() {
        return Entered.whole("minutes", Entered.text(minutes), LONGEST_MINUTES)
                .filter(some -> some > 0)
                .orElseThrow(() -> new FormProblem("minutes", "Minutes: allowed are 1 to " + LONGEST_MINUTES + "."));
    }

    String readStructure() {
        return Entered.words("structure", structure, STRUCTURE_MOST);
    }

    String readDespite() {
        return Entered.words("despite", despite, DESPITE_MOST);
    }

    Amount readBefore(Measure range) {
        return degrees("before", Entered.text(before), range);
    }

    Amount readAfter(Measure range) {
        return degrees("after", Entered.text(after), range);
    }

    /** As it is said for the range: −10 lacks 10, +5 goes beyond zero. */
    private static Amount degrees(String field, String typed, Measure range) {
        try {
            return SpokenReading.parse(range, typed);
        } catch (IllegalArgumentException unreadable) {
            throw new FormProblem(field, String.valueOf(unreadable.getMessage()));
        }
    }
}
