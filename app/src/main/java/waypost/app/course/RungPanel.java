package waypost.app.course;

import java.util.List;
import waypost.library.words.Said;

/**
 * An opened rung: verdict, reasons, dose, how to teach it.
 *
 * @param load what is held, in the clinic's names for its bands; empty when nothing is
 * @param progression the rule by which it moves up, as a sentence; empty for a test
 * @param pain how much pain the course allows; empty where its protocol does not say
 * @param beside for a closed rung the nearest open one on its ladder, for an open one the next; empty when there is none
 */
public record RungPanel(
        Ladders.Sign sign,
        String dose,
        String load,
        String progression,
        String pain,
        String purpose,
        String harder,
        List<Said> reasons,
        String beside,
        List<String> cues,
        List<String> faults,
        List<String> easier,
        List<String> stop,
        String instead) {}
