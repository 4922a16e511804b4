package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Included;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.lint.NormalHealing;

/** Over every protocol that includes a part, under every full set of answers: a second repair never opens anything. */
@Tag("slow")
class PartPropertiesTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    private static final Map<List<Object>, Firsts> FIRSTS = new HashMap<>();

    /** By role the first day since the operation on which it is open, if all goes to plan. */
    private record Firsts(Map<RoleKey, CourseDay> days) {
        Optional<CourseDay> firstOpen(RoleKey role) {
            return Optional.ofNullable(days.get(role));
        }
    }

    private static Firsts firsts(Protocol protocol, Answers answers) {
        return FIRSTS.computeIfAbsent(List.of(protocol.id(), answers), key -> {
            NormalHealing healing = NormalHealing.of(protocol, answers, BUNDLE);
            Map<RoleKey, CourseDay> days = new HashMap<>();
            List<CourseDay> since = healing.days().stream()
                    .filter(day -> !day.isBefore(CourseDay.ZERO))
                    .toList();
            roles().forEach(role -> since.stream()
                    .filter(day -> healing.verdict(role, day).kind().isOpen())
                    .findFirst()
                    .ifPresent(day -> days.put(role, day)));
            return new Firsts(days);
        });
    }

    private static Stream<RoleKey> roles() {
        return BUNDLE.activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .map(role -> role.key());
    }

    /** The protocol of the operation that is nothing but this part: the part says when its exercises open, always. */
    private static Optional<Protocol> alone(Included part) {
        return BUNDLE.protocols().stream()
                .filter(protocol -> protocol.parts().stream()
                        .anyMatch(own ->
                                own.id().equals(part.id()) && own.when().oneOf().isEmpty()))
                .filter(protocol -> protocol.openings().stream()
                        .flatMap(opening -> opening.parts().stream())
                        .anyMatch(said -> said.part().id().equals(part.id())))
                .findFirst();
    }

    private static boolean belongs(Included part, Answers answers) {
        return part.when().oneOf().entrySet().stream()
                .allMatch(e -> e.getValue().containsAll(answers.stated().getOrDefault(e.getKey(), Set.of())));
    }

    @Test
    void withAPartNothingOpensBeforeTheSameOperationAloneOpensIt() {
        List<String> weaker = new ArrayList<>();
        int cases = 0;
        for (Protocol frame : BUNDLE.protocols()) {
            for (Included part : frame.parts()) {
                Optional<Protocol> alone = alone(part);
                if (alone.isEmpty() || alone.get().id().equals(frame.id())) {
                    continue;
                }
                for (Answers answers : EveryAnswer.ofFindings(frame)) {
                    if (belongs(part, answers)) {
                        cases += compare(frame, answers, part, alone.get(), weaker);
                    }
                }
            }
        }
        System.out.printf("%,d roles of frames with a part against the operation alone%n", cases);
        assertThat(weaker).isEmpty();
        assertThat(cases).isGreaterThan(10_000);
    }

    private static int compare(Protocol frame, Answers answers, Included part, Protocol alone, List<String> weaker) {
        Firsts with = firsts(frame, answers);
        List<Firsts> alike = EveryAnswer.to(alone).stream()
                .filter(other -> same(part.within(answers), other))
                .map(other -> firsts(alone, other))
                .toList();
        assertThat(alike)
                .as("%s under %s as %s alone", frame.id(), answers, alone.id())
                .isNotEmpty();
        List<RoleKey> opened =
                roles().filter(role -> with.firstOpen(role).isPresent()).toList();
        for (RoleKey role : opened) {
            Optional<CourseDay> earliest = alike.stream()
                    .flatMap(firsts -> firsts.firstOpen(role).stream())
                    .min(CourseDay::compareTo);
            CourseDay first = with.firstOpen(role).orElseThrow();
            if (earliest.isPresent() && CourseDay.ZERO.isBefore(earliest.get()) && first.isBefore(earliest.get())) {
                weaker.add(
                        frame.id() + " " + answers.stated() + " " + role + ": " + first + ", alone " + earliest.get());
            }
        }
        return opened.size();
    }

    /** Whether the operation alone is answered as the part is in the frame, where the frame says it. */
    private static boolean same(Answers inFrame, Answers alone) {
        return alone.stated().entrySet().stream()
                .allMatch(e ->
                        inFrame.stated().getOrDefault(e.getKey(), e.getValue()).equals(e.getValue()));
    }

    @Test
    void aPartMoreOpensNothing() {
        List<String> opened = new ArrayList<>();
        int cases = 0;
        for (Protocol frame : BUNDLE.protocols()) {
            for (Included part : frame.parts()) {
                for (Answers with : EveryAnswer.ofFindings(frame)) {
                    for (Answers without : withoutIt(part, frame, with)) {
                        cases += 1;
                        roles().filter(role -> opensEarlier(firsts(frame, with), firsts(frame, without), role))
                                .forEach(role -> opened.add(frame.id() + " " + with.stated() + " " + role));
                    }
                }
            }
        }
        System.out.printf("%,d pairs of answers with and without a part%n", cases);
        assertThat(opened).isEmpty();
    }

    private static List<Answers> withoutIt(Included part, Protocol frame, Answers with) {
        if (!belongs(part, with) || part.when().oneOf().size() != 1) {
            return List.of();
        }
        String id = part.when().oneOf().keySet().iterator().next();
        return frame.question(id).valueIds().stream()
                .filter(value -> !part.when().oneOf().get(id).contains(value))
                .filter(value -> bringsNothingElse(frame, with, with.with(id, value)))
                .map(value -> with.with(id, value))
                .toList();
    }

    /** Another value may stand for another repair with parts of its own: that is no part less. */
    private static boolean bringsNothingElse(Protocol frame, Answers with, Answers without) {
        return frame.parts().stream().filter(other -> belongs(other, without)).allMatch(other -> belongs(other, with));
    }

    private static boolean opensEarlier(Firsts with, Firsts without, RoleKey role) {
        Optional<CourseDay> first = with.firstOpen(role);
        Optional<CourseDay> before = without.firstOpen(role);
        return first.isPresent() && (before.isEmpty() || first.get().isBefore(before.get()));
    }
}
