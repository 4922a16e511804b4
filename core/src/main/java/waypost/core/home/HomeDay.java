package waypost.core.home;

import java.time.LocalDate;
import java.util.List;
import waypost.core.exercise.RoleKey;

/** A day of a program, with what comes of each of its lines. */
public record HomeDay(LocalDate on, List<Judged> lines) {

    public HomeDay {
        lines = List.copyOf(lines);
    }

    /** A line and what comes of it. */
    public record Judged(HomeLine line, HomeSays says) {}

    /** What is done on it. */
    public List<Judged> due() {
        return lines.stream().filter(each -> each.says().isDue()).toList();
    }

    /** What comes of an exercise on it. */
    public HomeSays of(RoleKey role) {
        return lines.stream()
                .filter(each -> each.line().role().equals(role))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "exercise at home: found " + role + ", allowed: one of the program"))
                .says();
    }
}
