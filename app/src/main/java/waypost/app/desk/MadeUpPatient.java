package waypost.app.desk;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import waypost.core.compare.Difference;
import waypost.core.compare.Turned;
import waypost.core.course.Standing;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.time.CourseDay;
import waypost.library.desk.DeskWords;
import waypost.library.lint.NormalHealing;

/**
 * Somebody made up whose course goes to plan, on a day: what is judged otherwise than below.
 *
 * @param answers by question what was answered; what is not named is not answered
 * @param opens what is open here and not below
 * @param closes what is open below and not here
 * @param open how many are open here
 * @param below how many are open below
 */
record MadeUpPatient(
        int day, Map<String, String> answers, List<String> opens, List<String> closes, int open, int below) {

    private static final int FIRST_SHOWN = 42;
    private static final String ANSWER = "answer.";

    /**
     * Reads the day and the answers that are named after a question; others count as not given.
     *
     * @param typed a day from -200 to 800; day 42 where it is none
     */
    static MadeUpPatient of(OpenDesk desk, String typed, Map<String, String> parameters) {
        int day = typed.matches("-?\\d{1,3}") ? Math.min(800, Math.max(-200, Integer.parseInt(typed))) : FIRST_SHOWN;
        Map<String, String> answers = new LinkedHashMap<>();
        for (Question question : desk.protocol().questions()) {
            String value = parameters.getOrDefault(ANSWER + question.id(), "");
            if (question.valueIds().contains(value)) {
                answers.put(question.id(), value);
            }
        }
        Protocol base = desk.bundle().protocol(desk.row().base());
        return of(
                desk, day, answers, standing(desk, base, answers, day), standing(desk, desk.protocol(), answers, day));
    }

    private static Standing standing(OpenDesk desk, Protocol protocol, Map<String, String> answers, int day) {
        Map<String, Set<String>> stated = new LinkedHashMap<>();
        answers.forEach((question, value) -> stated.put(question, Set.of(value)));
        return NormalHealing.of(protocol, new Answers(stated).fitting(protocol.questions()), desk.bundle())
                .on(new CourseDay(day));
    }

    private static MadeUpPatient of(
            OpenDesk desk, int day, Map<String, String> answers, Standing below, Standing here) {
        Difference difference = Difference.between(below, here);
        return new MadeUpPatient(
                day,
                answers,
                titles(desk, difference.turned(Turned.Way.OPENS)),
                titles(desk, difference.turned(Turned.Way.CLOSES)),
                open(here),
                open(below));
    }

    private static List<String> titles(OpenDesk desk, List<Turned> turned) {
        return turned.stream()
                .map(each -> desk.named(each.role().toString()))
                .distinct()
                .toList();
    }

    private static int open(Standing standing) {
        return (int) standing.verdicts().stream()
                .filter(verdict -> verdict.kind().isOpen())
                .count();
    }

    /** The day in both countings. */
    public String said() {
        return DeskWords.say(new CourseDay(day));
    }
}
