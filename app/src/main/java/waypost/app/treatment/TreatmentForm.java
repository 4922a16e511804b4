package waypost.app.treatment;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.treatment.Technique;

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
        return within("structure", Entered.text(structure), STRUCTURE_MOST);
    }

    String readDespite() {
        return within("despite", Entered.text(despite), DESPITE_MOST);
    }

    Amount readBefore(Measure range) {
        return degrees("before", Entered.text(before), range);
    }

    Amount readAfter(Measure range) {
        return degrees("after", Entered.text(after), range);
    }

    private static String within(String field, String typed, int most) {
        String text = typed.strip();
        if (text.length() > most) {
            throw new FormProblem(field, "Found " + text.length() + " characters, allowed: up to " + most + ".");
        }
        return text;
    }

    private static Amount degrees(String field, String typed, Measure range) {
        String text = typed.strip().replace(',', '.').replace('−', '-');
        if (!text.matches("-?\\d{1,3}(\\.\\d)?")) {
            throw new FormProblem(field, "Found '" + text + "', allowed: degrees such as 85.");
        }
        try {
            return range.amount(Double.parseDouble(text));
        } catch (IllegalArgumentException beyond) {
            throw new FormProblem(field, beyond.getMessage() + ".");
        }
    }
}
