package waypost.core.course;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import waypost.core.exercise.RoleKey;
import waypost.core.question.Answers;
import waypost.core.question.Question;

/**
 * What an answer to an open question would open.
 *
 * @param opensUnder by possible answer, the roles that would be open and are not
 */
public record Unlocking(Question question, Map<String, List<RoleKey>> opensUnder) {

    public Unlocking {
        opensUnder = Map.copyOf(opensUnder);
    }

    /** The most that any answer would open. */
    public int most() {
        return opensUnder.values().stream().mapToInt(List::size).max().orElse(0);
    }

    /** Every open question, the one whose answer may open most first. */
    public static List<Unlocking> ranked(Course course, LocalDate date) {
        Standing now = course.on(date, date, Outlook.TIME_ONLY);
        return course.resolved().unanswered().stream()
                .map(question -> of(question, course, now))
                .sorted(Comparator.comparingInt(Unlocking::most).reversed())
                .toList();
    }

    private static Unlocking of(Question question, Course course, Standing now) {
        Map<String, List<RoleKey>> opens = new LinkedHashMap<>();
        Answers answers = course.resolved().answers();
        for (String value : answers.possible(question)) {
            Course answered = course.with(
                    answers.with(question.id(), value), course.resolved().decisions());
            opens.put(
                    value,
                    answered.on(now.date(), now.date(), Outlook.TIME_ONLY).openedSince(now));
        }
        return new Unlocking(question, opens);
    }
}
