package waypost.core.teach;

import java.time.LocalDate;

/**
 * One time that a precaution was asked for, or was found to have lapsed.
 *
 * @param taught how it read on that day
 * @param said whether the patient said it in their own words
 * @param shown whether the patient showed it
 * @param lapse what happened; empty where it was asked for
 */
public record TaughtBack(LocalDate on, String taught, boolean said, boolean shown, String lapse) {

    boolean isLapse() {
        return !lapse.isEmpty();
    }

    boolean isMissed() {
        return isLapse() || !said || !shown;
    }
}
