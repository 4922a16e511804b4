package waypost.app.desk;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.app.entry.FormProblem;
import waypost.core.exercise.RoleKey;

/** What can be put on the desk. */
final class Palette {

    /**
     * Something to put in.
     *
     * @param list into which it goes
     * @param sample of one, as the format writes it
     */
    record Entry(String title, String list, String sample) {}

    static final List<Entry> ENTRIES = List.of(
            new Entry("A limit of motion", "limits", """
                    id: bend
                    title: "Bend"
                    motion: knee flexion
                    steps:
                      - { from: day 0, allow: 0 to 90 }
                      - { from: 6 weeks, allow: free }"""),
            new Entry("A limit of weight", "limits", """
                    id: weight
                    title: "Weight on the leg"
                    bearing: leg
                    steps:
                      - { from: day 0, allow: 50 % }
                      - { from: 6 weeks, allow: free }"""),
            new Entry("Something worn", "duties", """
                    id: brace
                    title: "Brace"
                    wear: brace
                    steps:
                      - { from: day 0, allow: locked straight }
                      - { from: 6 weeks, allow: "off" }"""),
            new Entry("Something due", "duties", """
                    id: straight-by
                    title: "Straight in time"
                    reach: extension-equal
                    by: 6 weeks
                    otherwise: ask the surgeon"""),
            new Entry("A milestone", "milestones", """
                    id: surgeon-agrees
                    title: "The surgeon agrees"
                    clearance: surgeon"""),
            new Entry("A school, as a branch", "questions", """
                    id: school
                    ask: "Which way does the surgeon go?"
                    school: true
                    usual: slow
                    values: [{ id: slow, title: slow }, { id: fast, title: fast }]"""),
            new Entry("Visits", "follow-up/visits", "{ from: 6 weeks, often: 2 a week }"),
            new Entry(
                    "Something measured",
                    "follow-up/measuring",
                    "{ measure: knee-flexion, from: day 1, every-days: \"7\" }"));

    /** What the file of own measures may hold. */
    static final String OWN_MEASURE = """
            measures: own

            catalogue:
              - id: own-tap-test
                title: Taps in half a minute
                unit: count
                error: "2"
                valid-days: "14"
                both-sides: true
                better: higher
                least: "0"
                most: "120"
                source: Our clinic""";

    private static final Set<String> LISTS = ENTRIES.stream().map(Entry::list).collect(Collectors.toSet());

    private Palette() {}

    /** A list into which something can be put. */
    static String list(String name) {
        if (!LISTS.contains(name)) {
            throw new FormProblem("desk", "Choose what to put in.");
        }
        return name;
    }

    static String id(String typed) {
        if (!typed.strip().matches("[a-z0-9][a-z0-9.-]{0,79}")) {
            throw new FormProblem("desk", "Choose one from the list.");
        }
        return typed.strip();
    }

    /** Roles that the protocol does not open yet, by title. */
    static List<RoleKey> toOpen(OpenDesk open) {
        Set<RoleKey> opened = open.protocol().rules().openings().stream()
                .map(opening -> opening.role())
                .collect(Collectors.toSet());
        return open.bundle().activities().stream()
                .sorted(Comparator.comparing(activity -> activity.title()))
                .flatMap(activity -> activity.roles().stream())
                .map(role -> role.key())
                .filter(role -> !opened.contains(role))
                .toList();
    }
}
