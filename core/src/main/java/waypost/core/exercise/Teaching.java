package waypost.core.exercise;

import java.util.List;

/** How an exercise is taught: cues to say, faults to look for, easier forms, signs to stop, equipment. */
public record Teaching(
        List<String> cues, List<String> faults, List<String> easier, List<String> stop, List<String> equipment) {

    public Teaching {
        cues = List.copyOf(cues);
        faults = List.copyOf(faults);
        easier = List.copyOf(easier);
        stop = List.copyOf(stop);
        equipment = List.copyOf(equipment);
    }
}
