package waypost.app.diary;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** A week at home as a patient told it. */
public record DiaryWeek(List<HomeReport> reports) {

    public DiaryWeek {
        reports = List.copyOf(reports);
    }

    public boolean isEmpty() {
        return reports.isEmpty();
    }

    /** How many times an exercise was done. */
    public int done() {
        return (int) reports.stream().filter(HomeReport::done).count();
    }

    /** How many times it was said that one was not done. */
    public int notDone() {
        return (int) reports.stream()
                .filter(each -> !each.done() && each.flag().isEmpty())
                .count();
    }

    /** The worst pain that was said. */
    public Optional<Integer> worstPain() {
        return reports.stream().map(HomeReport::pain).filter(Objects::nonNull).max(Integer::compare);
    }

    /** The exercises that were too much, activity/role. */
    public List<String> tooMuch() {
        return reports.stream()
                .filter(HomeReport::tooMuch)
                .map(HomeReport::role)
                .distinct()
                .toList();
    }

    /** What was written to the therapist. */
    public List<String> notes() {
        return reports.stream()
                .map(HomeReport::note)
                .filter(note -> !note.isBlank())
                .toList();
    }

    /** In one line, for a page and a note. */
    public String says() {
        return "done " + done() + ", not done " + notDone()
                + worstPain().map(pain -> ", pain up to " + pain).orElse("");
    }
}
