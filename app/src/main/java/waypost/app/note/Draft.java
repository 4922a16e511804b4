package waypost.app.note;

import java.util.List;

/** What was logged, as the four parts of a note; each a list of lines. */
public record Draft(List<String> subjective, List<String> objective, List<String> assessment, List<String> plan) {

    public Draft {
        subjective = List.copyOf(subjective);
        objective = List.copyOf(objective);
        assessment = List.copyOf(assessment);
        plan = List.copyOf(plan);
    }

    /** The parts of a note that is amended: they stay as they were. */
    static Draft of(Note note) {
        return new Draft(
                note.subjective().lines().toList(),
                note.objective().lines().toList(),
                note.assessment().lines().toList(),
                note.plan().lines().toList());
    }

    /** A part under its title. */
    public record Part(String title, String text) {}

    List<Part> parts() {
        return List.of(
                part("Subjective", subjective),
                part("Objective", objective),
                part("Assessment", assessment),
                part("Plan", plan));
    }

    private static Part part(String title, List<String> lines) {
        return new Part(title, lines.isEmpty() ? "Nothing was logged." : text(lines));
    }

    static String text(List<String> lines) {
        return String.join("\n", lines);
    }
}
