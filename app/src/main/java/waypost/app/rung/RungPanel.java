package waypost.app.rung;

import java.util.List;
import waypost.app.dial.Dial;
import waypost.app.figure.Figure;
import waypost.app.rack.Sign;
import waypost.core.exercise.RoleKey;
import waypost.core.own.OwnExercise;
import waypost.library.words.Said;

/**
 * An opened rung: verdict, reasons, dose, how to teach it.
 *
 * @param role the part that the operated limb plays
 * @param opens what would open it, where it is closed
 * @param dials each joint movement that it asks for against what is allowed and measured
 * @param setUp how the body is placed
 * @param load what is held, in the clinic's names for its bands; empty when nothing is
 * @param progression the rule by which it moves up, as a sentence; empty for a test
 * @param pain how much pain the course allows; empty where its protocol does not say
 * @param harder what got harder than on the rung below; empty for a test
 * @param beside for a closed rung the nearest open one on its ladder, for an open one the next; empty when there is none
 * @param instead for a test, what to do until it is safe; empty for an exercise
 */
public record RungPanel(
        Sign sign,
        String role,
        List<Said> reasons,
        List<String> opens,
        List<Dial> dials,
        String setUp,
        Figure figure,
        String dose,
        String load,
        String progression,
        String pain,
        String purpose,
        String harder,
        String beside,
        List<String> cues,
        List<String> faults,
        List<String> easier,
        List<String> stop,
        List<String> equipment,
        String instead) {

    /** Id of the exercise if a clinic may make its own from it; blank for a test, and for what was made so itself. */
    public String model() {
        String activity = RoleKey.of(sign.key()).activity();
        return dose.isEmpty() || OwnExercise.isOwn(activity) ? "" : activity;
    }
}
