package waypost.library.lint;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/** What a protocol opens on days 1, 14, 42 and 84 while nothing is answered and all goes to plan, for a signature. */
final class OpenOnDays {

    private static final List<Integer> DAYS = List.of(1, 14, 42, 84);

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    private OpenOnDays() {}

    static String of(Protocol protocol, Bundle bundle) {
        StringBuilder text = new StringBuilder("\n" + protocol.face() + ", no other question answered, to plan\n");
        for (Answers answers : AnswerSets.making(Condition.ALWAYS, protocol)) {
            NormalHealing healing = NormalHealing.of(protocol, answers, bundle);
            answers.stated()
                    .forEach((question, value) -> text.append("  ")
                            .append(protocol.question(question)
                                    .titleOf(value.iterator().next()))
                            .append('\n'));
            for (int day : days(protocol)) {
                text.append("  day ")
                        .append(day)
                        .append(": ")
                        .append(open(healing, day, protocol, bundle))
                        .append('\n');
            }
        }
        return text.append("  Reviewed by: ____________________  on: ____________\n")
                .toString();
    }

    /** The days looked at, counted from the first day of a course that begins before day 0. */
    static List<Integer> days(Protocol protocol) {
        int first = protocol.begins(ANY).number();
        return DAYS.stream().map(day -> first + day).toList();
    }

    private static String open(NormalHealing healing, int day, Protocol protocol, Bundle bundle) {
        String open = bundle.activities().stream()
                .flatMap(activity -> activity.roles().stream()
                        .filter(role -> role.demands().stream()
                                .anyMatch(d -> d.concerns(protocol.scope().region())))
                        .flatMap(role -> said(healing, day, activity, role).stream()))
                .collect(Collectors.joining(", "));
        return open.isEmpty() ? "nothing" : open;
    }

    private static List<String> said(NormalHealing healing, int day, Activity activity, Role role) {
        VerdictKind kind = healing.verdict(role.key(), new CourseDay(day)).kind();
        String limited = kind == VerdictKind.OPEN_WITH_LIMIT ? " (limited)" : "";
        String part = activity.roles().size() > 1 ? " / " + role.name() : "";
        return kind.isOpen() ? List.of(activity.title() + part + limited) : List.of();
    }
}
