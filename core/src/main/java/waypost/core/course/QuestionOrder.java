package waypost.core.course;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import waypost.core.question.Question;

/**
 * In which order a referral asks: first what keeps everything closed, then what may open most at six weeks if all
 * goes to plan, each after the questions on whose answers it hangs.
 */
public final class QuestionOrder {

    /** Six weeks: what is asked decides most of what is open then, and one day is soon worked out. */
    private static final int LOOKED_AT = 42;

    private final Map<String, Question> byId = new HashMap<>();
    private final Set<Question> ordered = new LinkedHashSet<>();

    private QuestionOrder() {}

    /** The questions of a course of which nothing is answered yet. */
    public static List<Question> of(Course unanswered) {
        Standing now = standing(unanswered);
        List<Question> questions = unanswered.resolved().protocol().questions();
        Map<Question, Integer> opening = new HashMap<>();
        questions.forEach(question -> opening.put(question, most(question, unanswered, now)));
        QuestionOrder order = new QuestionOrder();
        questions.forEach(question -> order.byId.put(question.id(), question));
        questions.stream()
                .sorted(Comparator.comparing(Question::isDecisive)
                        .thenComparing(opening::get)
                        .reversed())
                .forEach(order::add);
        return List.copyOf(order.ordered);
    }

    private static Standing standing(Course course) {
        LocalDate dayZero = course.resolved().dayZero();
        return course.on(dayZero.plusDays(LOOKED_AT), dayZero.minusDays(1), Outlook.TO_PLAN);
    }

    /** The most that one answer opens. */
    private static int most(Question question, Course course, Standing now) {
        return question.valueIds().stream()
                .map(value -> course.with(
                        course.resolved().answers().with(question.id(), value),
                        course.resolved().decisions()))
                .mapToInt(answered -> standing(answered).openedSince(now).size())
                .max()
                .orElse(0);
    }

    private void add(Question question) {
        question.asked().oneOf().keySet().stream().sorted().map(byId::get).forEach(this::add);
        ordered.add(question);
    }
}
