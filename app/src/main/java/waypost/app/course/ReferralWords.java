package waypost.app.course;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.library.words.Dates;

/** Reads a referral back, line by line: what is signed is exactly what was shown. */
public final class ReferralWords {

    /** A line read back; on a change also what stood before. */
    public record Line(String what, String before, String now) {
        public boolean changed() {
            return !before.equals(now);
        }
    }

    private ReferralWords() {}

    static List<Line> lines(Protocol protocol, Referral referral) {
        ReferralLabels labels = ReferralLabels.of(protocol.clock());
        List<Line> lines = new ArrayList<>();
        lines.add(line(
                "Patient",
                referral.patientName() + ", born " + Dates.say(referral.birthDate()) + ", no. " + referral.number()));
        lines.add(line(labels.event(), referral.operation()));
        lines.add(line("Side", referral.side().name().toLowerCase(Locale.ROOT)));
        lines.add(line(labels.date() + ", day 0", Dates.say(referral.dayZero())));
        lines.add(line(labels.person(), referral.surgeon()));
        lines.add(line("Protocol", protocol.face() + ", " + protocol.review()));
        protocol.questions().forEach(q -> lines.add(line(q.prompt(), answer(protocol, q, referral.answers()))));
        return lines;
    }

    /** What is read back of a new course: also what it revises. */
    static List<Line> opening(Protocol protocol, Referral referral) {
        List<Line> lines = new ArrayList<>(lines(protocol, referral));
        referral.revises()
                .ifPresent(course -> lines.add(line("Revision or second repair of the course", course.toString())));
        return lines;
    }

    /** The same lines beside what they replace. */
    static List<Line> compared(List<Line> before, List<Line> now) {
        List<Line> compared = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            compared.add(
                    new Line(now.get(i).what(), before.get(i).now(), now.get(i).now()));
        }
        return compared;
    }

    static String evidence(List<Line> lines) {
        return lines.stream()
                .map(l -> l.what() + ": " + (l.changed() ? "was " + l.before() + ", now " : "") + l.now())
                .collect(Collectors.joining("\n"));
    }

    private static Line line(String what, String now) {
        return new Line(what, now, now);
    }

    private static String answer(Protocol protocol, Question question, Answers answers) {
        if (!question.asked().canHold(id -> answers.possible(protocol.question(id)))) {
            return "not asked, after the other answers";
        }
        Set<String> values = answers.possible(question);
        if (answers.usesDefault(question)) {
            return "by default: " + question.titleOf(question.usual().orElseThrow());
        }
        if (!answers.stated().containsKey(question.id())) {
            return question.isDecisive()
                    ? "not stated: nothing opens until it is"
                    : "not stated: the stricter rule applies";
        }
        return question.values().stream()
                .filter(v -> values.contains(v.id()))
                .map(Question.Value::title)
                .collect(Collectors.joining(" or "));
    }
}
