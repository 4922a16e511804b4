package waypost.app.otherside;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.demand.Load;
import waypost.core.exercise.Dose;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;

/**
 * What the other side did, as it was typed.
 *
 * @param amount of each set, as the exercise counts it
 * @param load such as "8 kg" or "band 2"; blank for none
 * @param pain the most in the operated region meanwhile
 * @param despite why it was done though it is not open; asked for only then
 */
record OtherSideForm(
        @Nullable String doneId,
        @Nullable String role,
        @Nullable String sets,
        @Nullable String amount,
        @Nullable String load,
        @Nullable String pain,
        @Nullable String despite) {

    private static final int WORST_PAIN = 10;
    private static final int DESPITE_MOST = 300;

    static OtherSideForm blank() {
        return new OtherSideForm(UUID.randomUUID().toString(), "", "3", "", "", "", "");
    }

    UUID readId() {
        return Entered.id("doneId", Entered.text(doneId));
    }

    RoleKey readRole() {
        return Entered.role(role, "Choose an exercise first.");
    }

    int readSets() {
        return atLeastOne("sets", "Sets", sets, Dose.MOST_SETS);
    }

    int readAmount() {
        return atLeastOne("amount", "Of each set", amount, SetAim.LARGEST);
    }

    private static int atLeastOne(String field, String title, @Nullable String typed, int most) {
        return Entered.whole(field, Entered.text(typed), most)
                .filter(some -> some > 0)
                .orElseThrow(() -> new FormProblem(field, title + ": allowed are 1 to " + most + "."));
    }

    /** As it is kept; blank for none. */
    String readLoad() {
        String typed = Entered.text(load);
        try {
            return typed.isBlank() ? "" : Load.parse(typed).toString();
        } catch (IllegalArgumentException unreadable) {
            throw new FormProblem("load", "Found '" + typed + "', allowed: such as 8 kg or band 2.");
        }
    }

    int readPain() {
        return Entered.whole("pain", Entered.text(pain), WORST_PAIN)
                .orElseThrow(() -> new FormProblem("pain", "Say how much pain the operated side had: 0 to 10."));
    }

    String readDespite() {
        return Entered.words("despite", despite, DESPITE_MOST);
    }
}
