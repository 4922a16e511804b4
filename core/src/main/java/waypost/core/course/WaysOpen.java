package waypost.core.course;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import waypost.core.exercise.RoleKey;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.time.CourseDay;

/**
 * What would open a role that is closed.
 *
 * @param byTime the first later day on which time alone opens it
 * @param toPlan the first later day on which it is open if all goes to plan
 * @param byAnswer answers to open questions that would open it on this day
 */
public record WaysOpen(Optional<CourseDay> byTime, Optional<CourseDay> toPlan, List<Answer> byAnswer) {

    /** A possible answer to a question that is still open. */
    public record Answer(Question question, String value) {}

    public WaysOpen {
        byAnswer = List.copyOf(byAnswer);
    }

    /** The ways for a role on the day of a standing, as things are known on {@code today}. */
    public static WaysOpen of(RoleKey role, Standing standing, LocalDate today) {
        return new WaysOpen(standing.opensByTime(role), toPlan(role, standing, today), byAnswer(role, standing, today));
    }

    private static Optional<CourseDay> toPlan(RoleKey role, Standing standing, LocalDate today) {
        Course course = standing.course();
        LocalDate dayZero = course.resolved().dayZero();
        return course.daysOfChange().tailSet(standing.day().plusDays(1)).stream()
                .filter(day -> day.dateFrom(dayZero).isAfter(today))
                .filter(day -> course.on(day.dateFrom(dayZero), today, Outlook.TO_PLAN)
                        .verdict(role)
                        .kind()
                        .isOpen())
                .findFirst();
    }

    private static List<Answer> byAnswer(RoleKey role, Standing standing, LocalDate today) {
        Course course = standing.course();
        Answers answers = course.resolved().answers();
        Outlook outlook = standing.planned() ? Outlook.TO_PLAN : Outlook.TIME_ONLY;
        List<Answer> opens = new ArrayList<>();
        for (Question question : course.resolved().unanswered()) {
            for (String value : answers.possible(question)) {
                Course answered = course.with(
                        answers.with(question.id(), value), course.resolved().decisions());
                if (answered.on(standing.date(), today, outlook)
                        .verdict(role)
                        .kind()
                        .isOpen()) {
                    opens.add(new Answer(question, value));
                }
            }
        }
        return opens;
    }
}
