package waypost.app.course;

import java.util.List;
import waypost.library.words.Said;

/** An opened rung: verdict, reasons, dose, how to teach it. */
public record RungPanel(
        Ladders.Sign sign,
        String dose,
        String purpose,
        String harder,
        List<Said> reasons,
        List<String> cues,
        List<String> faults,
        List<String> easier,
        List<String> stop,
        String instead) {}
