package waypost.library.paper;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.body.Mode;
import waypost.core.limit.Limit;
import waypost.core.measure.Plain;
import waypost.core.paper.PaperRule;
import waypost.core.paper.What;

/**
 * The rules of a paper as limits and duties of the format: what speaks of the same becomes one limit with its steps.
 *
 * @param yaml a supplement's limits and duties; blank where the paper has none
 * @param problems what has to be settled first, a sentence each
 */
public record PaperLimits(String yaml, List<String> problems) {

    private static final LocalDate ANY_DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final String FREE = "free";
    private static final String PAPER = "paper.";

    public PaperLimits {
        problems = List.copyOf(problems);
    }

    /** A step: from a moment on, so much; behind milestones where some are named. */
    private record Step(String from, String allow, List<String> needs) {
        String yaml() {
            String waits = needs.isEmpty() ? "" : ", needs: [" + String.join(", ", needs) + "]";
            return "      - { from: " + from + ", allow: \"" + allow + "\"" + waits + " }\n";
        }
    }

    /** Whether a limit of a protocol came from a paper. */
    static boolean isOfPaper(Limit<?> limit) {
        return limit.head().id().startsWith(PAPER);
    }

    /** Rules in the order of the paper. */
    public static PaperLimits of(List<PaperRule> rules, PaperSaid said) {
        Map<String, List<PaperRule>> bySubject = new LinkedHashMap<>();
        rules.forEach(rule -> bySubject
                .computeIfAbsent(rule.what().subject(), subject -> new ArrayList<>())
                .add(rule));
        List<String> problems = new ArrayList<>();
        StringBuilder limits = new StringBuilder();
        StringBuilder duties = new StringBuilder();
        int number = 0;
        for (List<PaperRule> same : bySubject.values()) {
            number++;
            What what = same.get(0).what();
            String body = head(what);
            if (body.isEmpty()) {
                continue;
            }
            List<Step> steps = steps(same, said, problems);
            if (steps.stream().allMatch(step -> step.allow().equals(FREE))) {
                continue;
            }
            String written = "  - id: paper." + number + "\n    title: \"" + title(what) + "\"\n" + body
                    + "    steps:\n" + steps.stream().map(Step::yaml).collect(Collectors.joining());
            (what instanceof What.Worn ? duties : limits).append(written);
        }
        return new PaperLimits(section("limits", limits) + section("duties", duties), problems);
    }

    private static String section(String name, StringBuilder written) {
        return written.isEmpty() ? "" : name + ":\n" + written;
    }

    private static List<Step> steps(List<PaperRule> same, PaperSaid said, List<String> problems) {
        List<PaperRule> inOrder =
                same.stream().sorted(Comparator.comparing(PaperLimits::begins)).toList();
        List<Step> steps = new ArrayList<>();
        if (begins(inOrder.get(0)) > 0) {
            steps.add(new Step("day 0", FREE, List.of()));
        }
        for (int at = 0; at < inOrder.size(); at++) {
            PaperRule rule = inOrder.get(at);
            int next = at + 1 < inOrder.size() ? begins(inOrder.get(at + 1)) : Integer.MAX_VALUE;
            steps.add(
                    new Step(rule.span().from().map(Object::toString).orElse("day 0"), allow(rule.what()), List.of()));
            if (ends(rule) > next) {
                if (rule.span().until().isPresent()) {
                    problems.add("Two lines speak of the same days: " + said.say(rule) + " Then: "
                            + said.say(inOrder.get(at + 1)));
                }
            } else if (ends(rule) < next) {
                ended(rule, steps, said, problems);
            }
        }
        return steps;
    }

    private static void ended(PaperRule rule, List<Step> steps, PaperSaid said, List<String> problems) {
        boolean ends = rule.span().until().isPresent() || !rule.span().needs().isEmpty();
        if (ends) {
            steps.add(new Step(
                    rule.span().until().map(Object::toString).orElse("day 1"),
                    FREE,
                    rule.span().needs()));
        } else if (!allow(rule.what()).equals(FREE)) {
            problems.add("It has no end: " + said.say(rule) + " Write until when.");
        }
    }

    private static int begins(PaperRule rule) {
        return rule.span()
                .from()
                .map(moment -> moment.from(ANY_DAY_ZERO).number())
                .orElse(0);
    }

    /** Where it ends; at the end of all days where it does not, and as late for what waits for a milestone. */
    private static int ends(PaperRule rule) {
        return rule.span()
                .until()
                .map(moment -> moment.from(ANY_DAY_ZERO).number())
                .orElse(Integer.MAX_VALUE - 1);
    }

    /** What a limit looks at; blank for what no exercise is judged by. */
    private static String head(What what) {
        if (what instanceof What.Weight) {
            return "    bearing: leg\n";
        } else if (what instanceof What.Reach reach) {
            return "    motion: " + motion(reach) + "\n" + modes(reach.modes())
                    + reach.working()
                            .map(toward -> "    working: " + reach.motion().name(toward) + "\n")
                            .orElse("");
        } else if (what instanceof What.Rests rests) {
            return "    tissue: " + words(rests.tissue().name()) + "\n" + modes(rests.modes());
        } else if (what instanceof What.Lifts) {
            return "    held: arm\n    unit: kg\n";
        } else if (what instanceof What.Worn worn) {
            return "    wear: " + worn.what() + "\n";
        } else if (what instanceof What.Barred barred && !barred.exercises().isEmpty()) {
            return "    activities: [" + String.join(", ", barred.exercises()) + "]\n";
        }
        return "";
    }

    private static String motion(What.Reach reach) {
        return words(reach.motion().name());
    }

    private static String modes(Set<Mode> modes) {
        return modes.size() == Mode.values().length
                ? ""
                : "    modes: ["
                        + modes.stream()
                                .sorted()
                                .map(mode -> words(mode.name()))
                                .collect(Collectors.joining(", ")) + "]\n";
    }

    private static String words(String name) {
        return name.toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static String title(What what) {
        if (what instanceof What.Weight) {
            return "Weight, as this surgeon writes";
        } else if (what instanceof What.Reach reach) {
            return "Motion, as this surgeon writes: " + motion(reach);
        } else if (what instanceof What.Rests rests) {
            return "At rest, as this surgeon writes: " + words(rests.tissue().name());
        } else if (what instanceof What.Lifts) {
            return "Lifting, as this surgeon writes";
        } else if (what instanceof What.Worn worn) {
            return "Worn, as this surgeon writes: " + worn.what();
        }
        return "Not yet, as this surgeon writes: " + ((What.Barred) what).name();
    }

    /** How much it allows, as the format writes it. */
    static String allow(What what) {
        if (what instanceof What.Weight weight) {
            double most = weight.most().percent();
            return most >= 100 ? FREE : most == 0 ? "none" : Plain.number(most) + " %";
        } else if (what instanceof What.Reach reach) {
            return reach.isFree()
                    ? FREE
                    : reach.allowed()
                            .map(arc -> Plain.number(arc.least().value()) + " to "
                                    + Plain.number(arc.most().value()))
                            .orElse("none");
        } else if (what instanceof What.Lifts lifts) {
            return lifts.kilograms() == 0 ? "none" : Plain.number(lifts.kilograms()) + " kg";
        } else if (what instanceof What.Worn worn) {
            return worn.how().isEmpty() ? "on" : String.join(", ", worn.how());
        }
        return "none";
    }
}
