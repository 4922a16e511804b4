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
 * In which order a referral asks: first what keeps everything closed, then what may open most in the first twelve weeks,
 * each after the questions on whose answers it hangs.
 */
public final class QuestionOrder {

    private static final List<Integer> LOOKED_AT = List.of(1, 42, 84);

    private final Map<String, Question> byId = new HashMap<>();
    private final Set<Question> ordered = new LinkedHashSet<>();

    private QuestionOrder() {}

    /** The questions of a course of which nothing is answered yet. */
    public static List<Question> of(Course unanswered) {
        LocalDate dayZero = unanswered.resolved().dayZero();
        Map<Question, Integer> opening = new HashMap<>();
        for (int day : LOOKED_AT) {
            Unlocking.ranked(unanswered, dayZero.plusDays(day))
                    .forEach(one -> opening.merge(one.question(), one.most(), Integer::sum));
        }
        List<Question> questions = unanswered.resolved().protocol().questions();
        QuestionOrder order = new QuestionOrder();
        questions.forEach(question -> order.byId.put(question.id(), question));
        questions.stream()
                .sorted(Comparator.comparing(Question::isDecisive)
                        .thenComparing(question -> opening.getOrDefault(question, 0))
                        .reversed())
                .forEach(order::add);
        return List.copyOf(order.ordered);
    }

    private void add(Question question) {
        question.asked().oneOf().keySet().stream().sorted().map(byId::get).forEach(this::add);
        ordered.add(question);
    }
}
