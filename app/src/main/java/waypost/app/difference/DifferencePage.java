package waypost.app.difference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.app.rack.Sign;
import waypost.app.rack.Signs;
import waypost.core.compare.Difference;
import waypost.core.compare.Restricted;
import waypost.core.compare.Turned;
import waypost.core.course.DutyStatus;
import waypost.core.milestone.Milestone;
import waypost.library.words.DifferenceWords;
import waypost.library.words.DutyWords;
import waypost.library.words.MilestoneWords;
import waypost.library.words.Words;

/**
 * What is otherwise, in groups; a group in which nothing is otherwise is left out.
 *
 * @param groups rungs that turned, with their signs
 * @param lines everything else, in words
 */
public record DifferencePage(List<Group> groups, List<Lines> lines) {

    /** Rungs that turned one way; what stays closed for another reason is {@code quiet}. */
    public record Group(String title, boolean quiet, List<Turn> turns) {}

    /** A rung with its sign before and after, and why. */
    public record Turn(Sign before, Sign after, String why) {}

    /** Sentences about one kind of thing. */
    public record Lines(String title, List<String> sentences) {}

    public DifferencePage {
        groups = List.copyOf(groups);
        lines = List.copyOf(lines);
    }

    public boolean isNothing() {
        return groups.isEmpty() && lines.isEmpty();
    }

    /** How many rungs turned. */
    public int turned() {
        return groups.stream().mapToInt(group -> group.turns().size()).sum();
    }

    public static DifferencePage of(Difference difference) {
        return new Writing(difference).page();
    }

    /** Writes one page. */
    private record Writing(Difference difference, Signs before, Signs after, Words words) {

        Writing(Difference difference) {
            this(
                    difference,
                    new Signs(difference.before()),
                    new Signs(difference.after()),
                    Words.of(difference.after().course().resolved()));
        }

        DifferencePage page() {
            return new DifferencePage(
                    Stream.of(
                                    group("Opens", Turned.Way.OPENS),
                                    group("Closes", Turned.Way.CLOSES),
                                    group("No longer limited", Turned.Way.FREED),
                                    group("Limited otherwise", Turned.Way.LIMITED),
                                    group("Closed for another reason", Turned.Way.OTHERWISE_CLOSED))
                            .filter(group -> !group.turns().isEmpty())
                            .toList(),
                    Stream.of(
                                    new Lines("Phase", phase()),
                                    new Lines(
                                            "Precautions",
                                            difference.precautions().stream()
                                                    .map(Writing::precaution)
                                                    .toList()),
                                    new Lines(
                                            "Milestones",
                                            difference.milestones().stream()
                                                    .map(this::milestone)
                                                    .toList()),
                                    new Lines("Duties", duties()))
                            .filter(lines -> !lines.sentences().isEmpty())
                            .toList());
        }

        private Group group(String title, Turned.Way way) {
            return new Group(
                    title,
                    way == Turned.Way.OTHERWISE_CLOSED,
                    difference.turned(way).stream()
                            .filter(this::isSpokenOf)
                            .map(this::turn)
                            .toList());
        }

        private boolean isSpokenOf(Turned turned) {
            return difference.before().course().speaksOf(before.activity(turned.role()))
                    || difference.after().course().speaksOf(after.activity(turned.role()));
        }

        private Turn turn(Turned turned) {
            return new Turn(before.of(turned.before()), after.of(turned.after()), words.why(turned.after()));
        }

        private List<String> phase() {
            return difference.otherPhase()
                    ? List.of(difference.before().phase().title() + " → "
                            + difference.after().phase().title())
                    : List.of();
        }

        private static String precaution(Restricted restricted) {
            return DifferenceWords.title(restricted) + ": " + DifferenceWords.left(restricted.before()) + " → "
                    + DifferenceWords.left(restricted.after());
        }

        private String milestone(Difference.MilestoneTurned turned) {
            String title = Stream.of(turned.before(), turned.after())
                    .flatMap(milestone -> milestone.stream())
                    .map(milestone -> milestone.criterion().title())
                    .findFirst()
                    .orElseThrow();
            String said = turned.after()
                    .map(milestone -> " " + new MilestoneWords(words.dates()).say(milestone))
                    .orElse("");
            return title + ": " + state(turned.before()) + " → " + state(turned.after()) + "." + said;
        }

        private static String state(Optional<Milestone> milestone) {
            return milestone.map(MilestoneWords::state).orElse("not asked for");
        }

        private List<String> duties() {
            DutyWords now = new DutyWords(words);
            DutyWords then = new DutyWords(Words.of(difference.before().course().resolved()));
            List<String> duties = new ArrayList<>();
            for (DutyStatus duty : difference.dutiesBegun()) {
                duties.add(now.say(duty));
            }
            for (DutyStatus duty : difference.dutiesEnded()) {
                duties.add("No longer: " + then.say(duty));
            }
            return duties;
        }
    }
}
