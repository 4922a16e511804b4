package waypost.library.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.protocol.Protocol;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.lint.AnswerSets;
import waypost.library.lint.NormalHealing;
import waypost.library.words.PrecautionWords;

/**
 * What a paper changes in the protocol that it stands on, if all goes to plan and no more is answered than has to be.
 *
 * @param later exercises and tests that open later, or never, because of the paper
 * @param earlier exercises and tests that open sooner than below, or that are not opened there at all
 * @param loosened precautions of the protocol below that nothing holds as strictly any more, on some day
 * @param looser where the protocol allows less than the paper: the protocol holds
 * @param open on which of the days 1, 14, 42 and 84 how many roles are open, before and with the paper
 */
public record PaperDifference(
        List<Later> later, List<Earlier> earlier, List<String> looser, List<String> loosened, List<Open> open) {

    private static final List<Integer> SHOWN = List.of(1, 14, 42, 84);
    private static final int NEVER = Integer.MAX_VALUE;
    private static final int MOST_LOOKED_AT = 8;

    /** An exercise or test that the paper opens later; without a day it never opens. */
    public record Later(String title, int before, Optional<Integer> now) {}

    /** An exercise or test that opens sooner; without a day before, it is not opened below. */
    public record Earlier(String title, Optional<Integer> before, int now) {}

    /** How many roles are open on a day. */
    public record Open(int day, int before, int now) {}

    public PaperDifference {
        later = List.copyOf(later);
        earlier = List.copyOf(earlier);
        loosened = List.copyOf(loosened);
        looser = List.copyOf(looser);
        open = List.copyOf(open);
    }

    /** Whether something is allowed that is not allowed below, or sooner. */
    public boolean loosens() {
        return !earlier.isEmpty() || !loosened.isEmpty();
    }

    /**
     * Compares {@code own}, which stands in {@code bundle}, with its base: under each combination of the answers without which
     * nothing opens, at most {@value #MOST_LOOKED_AT} of them. What changes under further answers alone is not among this.
     */
    public static PaperDifference of(Protocol base, Protocol own, Bundle bundle) {
        List<PaperDifference> each = AnswerSets.leastStated(own).stream()
                .limit(MOST_LOOKED_AT)
                .map(answers -> of(
                        NormalHealing.of(base, answers.fitting(base.questions()), bundle),
                        NormalHealing.of(own, answers, bundle),
                        bundle))
                .toList();
        return new PaperDifference(
                all(each, PaperDifference::later),
                all(each, PaperDifference::earlier),
                all(each, PaperDifference::looser),
                all(each, PaperDifference::loosened),
                each.get(0).open());
    }

    private static <T> List<T> all(List<PaperDifference> each, Function<PaperDifference, List<T>> part) {
        return each.stream().flatMap(one -> part.apply(one).stream()).distinct().toList();
    }

    private static PaperDifference of(NormalHealing before, NormalHealing now, Bundle bundle) {
        List<Later> later = new ArrayList<>();
        List<Earlier> earlier = new ArrayList<>();
        for (Activity activity : bundle.activities()) {
            for (Role role : activity.roles()) {
                Optional<Integer> was = before.firstOpen(role.key()).map(CourseDay::number);
                Optional<Integer> is = now.firstOpen(role.key()).map(CourseDay::number);
                int gone = was.orElse(NEVER);
                int come = is.orElse(NEVER);
                if (come > gone) {
                    later.add(new Later(activity.title(), gone, is));
                } else if (come < gone) {
                    earlier.add(new Earlier(activity.title(), was, come));
                }
            }
        }
        return new PaperDifference(
                later,
                earlier,
                looser(now),
                loosened(before, now),
                SHOWN.stream()
                        .map(day -> new Open(day, openOn(before, day), openOn(now, day)))
                        .toList());
    }

    /** On every day of change, the precautions below that none on the same is as strict as any more. */
    private static List<String> loosened(NormalHealing before, NormalHealing now) {
        SortedSet<CourseDay> days = before.days();
        days.addAll(now.days());
        SortedSet<String> said = new TreeSet<>();
        for (CourseDay day : days) {
            List<Precaution<?>> held = now.on(day).precautions();
            for (Precaution<?> precaution : before.on(day).precautions()) {
                if (held.stream().noneMatch(precaution::isCoveredBy)) {
                    said.add(PrecautionWords.say(precaution));
                }
            }
        }
        return List.copyOf(said);
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
        return PaperLimits.isOfPaper(precaution.limit().limit());
    }

    private static boolean isLessThanPaper(Precaution<?> precaution, Standing standing) {
        Object subject = precaution.limit().limit().subject();
        boolean spoken = standing.course().resolved().limits().stream()
                .anyMatch(limit -> PaperLimits.isOfPaper(limit.limit())
                        && limit.limit().subject().equals(subject));
        return spoken
                && standing.precautions().stream()
                        .filter(PaperDifference::isOfPaper)
                        .filter(other -> other.limit().limit().subject().equals(subject))
                        .noneMatch(precaution::isCoveredBy);
    }
}
