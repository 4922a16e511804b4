package waypost.app.exchange;

import org.springframework.stereotype.Service;
import waypost.app.measure.ReadingEntry;
import waypost.app.note.WrittenNotes;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NarrowingRow;
import waypost.app.store.OrderRow;
import waypost.app.store.SetRow;
import waypost.app.store.WorkStore;
import waypost.core.course.History;
import waypost.core.log.Evidence;
import waypost.core.measure.Readings;
import waypost.library.coursefile.CourseFileWriter;

/** Writes a course as the open course file. */
@Service
class CourseFiles {

    private final ReadingEntry entry;
    private final WorkStore work;
    private final WrittenNotes notes;

    CourseFiles(ReadingEntry entry, WorkStore work, WrittenNotes notes) {
        this.entry = entry;
        this.work = work;
        this.notes = notes;
    }

    String write(LoadedCourse course) {
        History history = course.course().history();
        Evidence evidence = new Evidence(
                new Readings(entry.kept(course).stream()
                        .map(kept -> kept.reading(course.bundle().measure(kept.measure())))
                        .toList()),
                history.evidence().attestations(),
                history.evidence().sessions());
        return new CourseFileWriter(
                        course.row().id().toString(),
                        course.course().resolved(),
                        history.with(evidence),
                        course.orders().stream().map(OrderRow::text).toList(),
                        course.narrowings().stream().map(NarrowingRow::text).toList(),
                        course.checkIns(),
                        work.sets(course.row().id()).stream().map(SetRow::done).toList(),
                        notes.of(course.row().id()))
                .write();
    }
}
