package waypost.library.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.lint.NormalHealing;
import waypost.library.words.PrecautionWords;

/**
 * What a paper changes in the protocol that it stands on, if all goes to plan and nothing is answered.
 *
 * @param later exercises and tests that open later, or never, because of the paper
 * @param looser where the protocol allows less than the paper: the protocol holds
 * @param open on which of the days 1, 14, 42 and 84 how many roles are open, before and with the paper
 */
public record PaperDifference(List<Later> later, List<String> looser, List<Open> open) {

    private static final List<Integer> SHOWN = List.of(1, 14, 42, 84);
    private static final String PAPER = "paper.";

    /** An exercise or test that the paper opens later; without a day it never opens. */
    public record Later(String title, int before, Optional<Integer> now) {}

    /** How many roles are open on a day. */
    public record Open(int day, int before, int now) {}

    public PaperDifference {
        later = List.copyOf(later);
        looser = List.copyOf(looser);
        open = List.copyOf(open);
    }

    /** Compares {@code own}, which stands in {@code bundle}, with its base. */
    public static PaperDifference of(Protocol base, Protocol own, Bundle bundle) {
        NormalHealing before = NormalHealing.of(base, Answers.NONE, bundle);
        NormalHealing now = NormalHealing.of(own, Answers.NONE, bundle);
        List<Later> later = new ArrayList<>();
        for (Activity activity : bundle.activities()) {
            for (Role role : activity.roles()) {
                Optional<Integer> was = before.firstOpen(role.key()).map(CourseDay::number);
                Optional<Integer> is = now.firstOpen(role.key()).map(CourseDay::number);
                if (was.isPresent() && !was.equals(is)) {
                    later.add(new Later(activity.title(), was.get(), is));
                }
            }
        }
        return new PaperDifference(
                later,
                looser(now),
                SHOWN.stream()
                        .map(day -> new Open(day, openOn(before, day), openOn(now, day)))
                        .toList());
    }

    private static int openOn(NormalHealing healing, int day) {
        return (int) healing.on(new CourseDay(day)).verdicts().stream()
                .filter(verdict -> verdict.kind().isOpen())
                .count();
    }

    /** On every day of change, the protocol's precautions on what the paper speaks of and allows more of. */
    private static List<String> looser(NormalHealing healing) {
        SortedSet<String> said = new TreeSet<>();
        for (CourseDay day : healing.days()) {
            Standing standing = healing.on(day);
            for (Precaution<?> precaution : standing.precautions()) {
                if (!isOfPaper(precaution) && isLessThanPaper(precaution, standing)) {
                    said.add(PrecautionWords.say(precaution));
                }
            }
        }
        return List.copyOf(said);
    }

    private static boolean isOfPaper(Precaution<?> precaution) {
        return precaution.limit().limit().head().id().startsWith(PAPER);
    }

    private static boolean isLessThanPaper(Precaution<?> precaution, Standing standing) {
        Object subject = precaution.limit().limit().subject();
        boolean spoken = standing.course().resolved().limits().stream()
                .anyMatch(limit -> limit.limit().head().id().startsWith(PAPER)
                        && limit.limit().subject().equals(subject));
        return spoken
                && standing.precautions().stream()
                        .filter(PaperDifference::isOfPaper)
                        .filter(other -> other.limit().limit().subject().equals(subject))
                        .noneMatch(precaution::isCoveredBy);
    }
}
