package waypost.app.course;

import java.util.List;
import waypost.library.words.Said;

/**
 * An opened rung: verdict, reasons, dose, how to teach it.
 *
 * @param beside for a closed rung the nearest open one on its ladder, for an open one the next; empty when there is none
 */
public record RungPanel(
        Ladders.Sign sign,
        String dose,
        String purpose,
        String harder,
        List<Said> reasons,
        String beside,
        List<String> cues,
        List<String> faults,
        List<String> easier,
        List<String> stop,
        String instead) {}
