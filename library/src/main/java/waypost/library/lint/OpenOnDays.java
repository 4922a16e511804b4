package waypost.library.lint;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/**
 * What a protocol opens on the 1st, 14th, 42nd and 84th day of a course in which all goes to plan, while nothing is
 * answered but the decisive questions: for a signature.
 *
 * @param under the decisive answers it is told under; empty when nothing decides
 * @param open titles of what the protocol opens or its region is asked by, with "(limited)" behind what is open with a
 *     limit
 * @param elsewhere how many more are open in the rest of the body, by its part: "84 of the arms"
 */
public record OpenOnDays(List<String> under, CourseDay day, List<String> open, List<String> elsewhere) {

    private static final List<Integer> DAYS = List.of(1, 14, 42, 84);
    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    /** Every day looked at, under every combination of decisive answers. */
    public static List<OpenOnDays> of(Protocol protocol, Bundle bundle) {
        return AnswerSets.making(Condition.ALWAYS, protocol).stream()
                .flatMap(answers -> under(answers, protocol, bundle))
                .toList();
    }

    private static Stream<OpenOnDays> under(Answers answers, Protocol protocol, Bundle bundle) {
        NormalHealing healing = NormalHealing.of(protocol, answers, bundle);
        List<String> under = protocol.questions().stream()
                .filter(question -> answers.stated().containsKey(question.id()))
                .flatMap(question -> answers.possible(question).stream().map(question::titleOf))
                .toList();
        return DAYS.stream()
                .map(protocol.begins(ANY)::plusDays)
                .map(day -> new OpenOnDays(
                        under, day, open(protocol, healing, day, bundle), elsewhere(protocol, healing, day, bundle)));
    }

    /** As lint prints it, with a line for a signature. */
    static String text(Protocol protocol, Bundle bundle) {
        StringBuilder text = new StringBuilder("\n" + protocol.face() + ", no other question answered, to plan\n");
        List<String> before = List.of();
        for (OpenOnDays on : of(protocol, bundle)) {
            if (!on.under.equals(before)) {
                text.append("  ").append(String.join(", ", on.under)).append('\n');
                before = on.under;
            }
            text.append("  ")
                    .append(on.day)
                    .append(": ")
                    .append(on.open.isEmpty() ? "nothing" : String.join(", ", on.open))
                    .append(on.elsewhere.isEmpty() ? "" : "; elsewhere " + String.join(", ", on.elsewhere))
                    .append('\n');
        }
        return text.append("  Reviewed by: ____________________  on: ____________\n")
                .toString();
    }

    /** Whether the protocol opens it, or what it asks touches the protocol's region. */
    private static boolean isOfProtocol(Protocol protocol, NormalHealing healing, Role role) {
        return role.demands().stream().anyMatch(demand -> demand.concerns(healing.region()))
                || protocol.openings().stream()
                        .anyMatch(opening -> opening.role().equals(role.key()));
    }

    private static List<String> elsewhere(Protocol protocol, NormalHealing healing, CourseDay day, Bundle bundle) {
        Map<BodyPart, Long> counts = bundle.activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .filter(role -> !isOfProtocol(protocol, healing, role)
                        && healing.verdict(role.key(), day).kind().isOpen())
                .collect(Collectors.groupingBy(BodyPart::of, TreeMap::new, Collectors.counting()));
        return counts.entrySet().stream()
                .map(part -> part.getValue() + " of " + part.getKey().words())
                .toList();
    }

    private static List<String> open(Protocol protocol, NormalHealing healing, CourseDay day, Bundle bundle) {
        return bundle.activities().stream()
                .flatMap(activity -> activity.roles().stream()
                        .filter(role -> isOfProtocol(protocol, healing, role))
                        .flatMap(role -> said(healing, day, activity, role).stream()))
                .toList();
    }

    private static List<String> said(NormalHealing healing, CourseDay day, Activity activity, Role role) {
        VerdictKind kind = healing.verdict(role.key(), day).kind();
        String limited = kind == VerdictKind.OPEN_WITH_LIMIT ? " (limited)" : "";
        String part = activity.roles().size() > 1 ? " / " + role.name() : "";
        return kind.isOpen() ? List.of(activity.title() + part + limited) : List.of();
    }
}
