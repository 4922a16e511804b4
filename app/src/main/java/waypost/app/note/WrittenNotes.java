package waypost.app.note;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import waypost.library.coursefile.CourseFileWriter.NoteText;

/** The notes of a course for a file: what was written, without the patient. */
@Component
public class WrittenNotes {

    /** Only days are told, so the zone does not matter. */
    private static final String ANY_ZONE = "UTC";

    private final NoteMapper mapper;

    WrittenNotes(NoteMapper mapper) {
        this.mapper = mapper;
    }

    /** Every note, amended ones too, the oldest visit first. */
    public List<NoteText> of(UUID courseId) {
        List<NoteText> notes = mapper.find(courseId, ANY_ZONE).stream()
                .map(note -> new NoteText(note.visitedOn(), note.body()))
                .toList();
        List<NoteText> oldestFirst = new ArrayList<>(notes);
        Collections.reverse(oldestFirst);
        return oldestFirst;
    }
}
