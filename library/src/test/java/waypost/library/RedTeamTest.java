package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.lint.NormalHealing;

/**
 * What a sceptical clinician would look for: exercises that must not be open on a day, and some that must be. Each line
 * says why and holds under every full set of findings that has the answers it names, of the schools the last value for
 * what must be closed and the first for what must be open, if all goes to plan.
 */
@Tag("slow")
class RedTeamTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    /** Lines of one protocol under the same answers. */
    private record Group(Protocol protocol, Map<String, String> answers, List<Line> lines) {}

    private record Line(CourseDay day, List<RoleKey> roles, String because) {}

    @Test
    void whatMustNotBeOpenIsClosed() throws IOException {
        check("must-not-open.txt", false, 200);
    }

    @Test
    void whatMustBeOpenIsOpen() throws IOException {
        check("must-be-open.txt", true, 100);
    }

    private static void check(String file, boolean open, int atLeast) throws IOException {
        List<String> wrong = new ArrayList<>();
        int said = 0;
        int judged = 0;
        for (Group group : groups(file)) {
            said += group.lines().stream().mapToInt(line -> line.roles().size()).sum();
            for (Answers answers : answers(group, open)) {
                judged += judge(group, answers, open, wrong);
            }
        }
        System.out.printf("%s: %,d things said, %,d judged%n", file, said, judged);
        assertThat(wrong).isEmpty();
        assertThat(said).isGreaterThanOrEqualTo(atLeast);
    }

    private static int judge(Group group, Answers answers, boolean open, List<String> wrong) {
        NormalHealing healing = NormalHealing.of(group.protocol(), answers, BUNDLE);
        int judged = 0;
        for (Line line : group.lines()) {
            for (RoleKey role : line.roles()) {
                judged += 1;
                if (healing.verdict(role, line.day()).kind().isOpen() != open) {
                    wrong.add(group.protocol().id() + " " + answers.stated() + " " + line.day() + " " + role + ": "
                            + line.because());
                }
            }
        }
        return judged;
    }

    private static List<Answers> answers(Group group, boolean open) {
        return EveryAnswer.to(group.protocol()).stream()
                .filter(answers -> group.answers().entrySet().stream()
                        .allMatch(e -> answers.stated().get(e.getKey()).equals(Set.of(e.getValue()))))
                .filter(answers -> group.protocol().questions().stream()
                        .filter(question ->
                                question.isSchool() && !group.answers().containsKey(question.id()))
                        .allMatch(school -> answers.stated()
                                .get(school.id())
                                .contains(school.valueIds()
                                        .get(open ? 0 : school.valueIds().size() - 1))))
                .toList();
    }

    private static List<Group> groups(String file) throws IOException {
        List<Group> groups = new ArrayList<>();
        try (var in = RedTeamTest.class.getResourceAsStream("/red-team/" + file)) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                if (line.startsWith(" ")) {
                    groups.get(groups.size() - 1).lines().add(line(line));
                } else if (!line.isBlank() && !line.startsWith("#")) {
                    groups.add(group(line));
                }
            }
        }
        return groups;
    }

    private static Group group(String text) {
        String[] parts = text.split("·", -1);
        Map<String, String> answers = Arrays.stream(parts[1].trim().split(" "))
                .filter(answer -> answer.contains("="))
                .map(answer -> answer.split("=", -1))
                .collect(Collectors.toMap(answer -> answer[0], answer -> answer[1]));
        return new Group(BUNDLE.protocol(parts[0].trim()), answers, new ArrayList<>());
    }

    private static Line line(String text) {
        String[] parts = text.split("·", -1);
        assertThat(parts).as(text).hasSize(3);
        List<RoleKey> roles =
                Arrays.stream(parts[1].trim().split(" ")).map(RoleKey::of).toList();
        return new Line(new CourseDay(Integer.parseInt(parts[0].trim())), roles, parts[2].trim());
    }
}
