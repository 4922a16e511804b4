package waypost.library.desk;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.time.Moment;
import waypost.library.text.Entry;

/** Goes through a file and finds everything that lies on a day, and every entry of a list that can be taken out. */
final class Walk {

    /** An entry with the list in which it stands. */
    record Placed(Entry entry, Entry list, List<Entry> items, int index) {}

    private final String file;
    private final Map<String, Post> posts = new LinkedHashMap<>();
    private final Map<String, Placed> entries = new LinkedHashMap<>();
    private final Map<String, Moment> phases = new LinkedHashMap<>();

    private Walk(String file) {
        this.file = file.isEmpty() ? "" : file + ":";
    }

    /** Through the file of a protocol, named "", or of a part. */
    static Walk through(String file, Entry top) {
        Walk walk = new Walk(file);
        walk.each(top, "phases", "id", walk::phase);
        walk.each(top, "questions", "id", (key, entry) -> {});
        walk.each(top, "milestones", "id", (key, entry) -> {});
        walk.each(top, "includes", "part", (key, entry) -> {});
        walk.each(top, "limits", "id", (key, entry) -> walk.steps(Post.Kind.LIMIT, key, entry));
        walk.each(top, "duties", "id", walk::duty);
        walk.each(top, "set-ups", "id", (key, entry) -> walk.steps(Post.Kind.SET_UP, key, entry));
        walk.each(top, "openings", "open", walk::opening);
        top.find("follow-up").ifPresent(walk::followUp);
        walk.followed(top, "measuring", "measuring", Post.Kind.MEASURING);
        return walk;
    }

    Map<String, Post> posts() {
        return posts;
    }

    Map<String, Placed> entries() {
        return entries;
    }

    /** From when each phase may begin, in their order. */
    Map<String, Moment> phases() {
        return phases;
    }

    private interface Reading {
        void read(String key, Entry entry);
    }

    private void each(Entry top, String section, String name, Reading reading) {
        top.find(section).ifPresent(list -> {
            List<Entry> items = top.list(section, item -> item);
            for (int at = 0; at < items.size(); at++) {
                Entry item = items.get(at);
                String key = file + section + "/" + item.text(name);
                entries.put(key, new Placed(item, list, items, at));
                reading.read(key, item);
            }
        });
    }

    private void phase(String key, Entry phase) {
        Moment earliest = phase.at("earliest").as(Moment::parse);
        Moment expected = phase.at("expected").as(Moment::parse);
        phases.put(phase.text("id"), earliest);
        place(key + "/earliest", Post.Kind.PHASE, phase, phase, earliest);
        if (!expected.equals(earliest)) {
            place(key + "/expected", Post.Kind.EXPECTED, phase, phase, expected);
        }
    }

    private void duty(String key, Entry duty) {
        steps(Post.Kind.DUTY, key, duty);
        duty.maybe("by", Moment::parse).ifPresent(by -> place(key + "/by", Post.Kind.DUE, duty, duty, by));
    }

    private void steps(Post.Kind kind, String key, Entry rule) {
        inOrder(rule, "steps");
        inList(
                rule,
                "steps",
                (index, step) ->
                        place(listed(key + "/steps/" + index, rule, "steps", index), kind, rule, step, from(step)));
    }

    /** Steps hold one after the other. */
    private static void inOrder(Entry rule, String list) {
        Optional<Moment> before = Optional.empty();
        for (Entry step : rule.list(list, each -> each)) {
            Moment moment = step.at("from").as(Moment::parse);
            if (before.isPresent() && !before.get().from(Moment.REFERENCE).isBefore(moment.from(Moment.REFERENCE))) {
                step.problem(
                        "found " + moment + " after " + before.get() + ", allowed: each later than the one before");
            }
            before = Optional.of(moment);
        }
    }

    private void opening(String key, Entry opening) {
        if (!opening.has("cases")) {
            place(key, Post.Kind.OPENING, opening, opening, from(opening));
        }
        inList(
                opening,
                "cases",
                (index, one) -> place(
                        listed(key + "/cases/" + index, opening, "cases", index),
                        Post.Kind.OPENING,
                        opening,
                        one,
                        from(one)));
    }

    private void followUp(Entry followUp) {
        followed(followUp, "measuring", "follow-up/measuring", Post.Kind.MEASURING);
        followed(followUp, "visits", "follow-up/visits", Post.Kind.VISITS);
        followed(followUp, "home", "follow-up/home", Post.Kind.HOME);
        inList(followUp, "corridors", (nth, corridor) -> {
            inOrder(corridor, "points");
            inList(corridor, "points", (index, point) -> {
                String key = file + "follow-up/corridors/" + nth + "/points/" + index;
                place(listed(key, corridor, "points", index), Post.Kind.CORRIDOR, corridor, point, from(point));
            });
        });
    }

    private void followed(Entry top, String list, String way, Post.Kind kind) {
        inList(
                top,
                list,
                (index, item) ->
                        place(listed(file + way + "/" + index, top, list, index), kind, item, item, from(item)));
    }

    private interface Indexed {
        void read(int index, Entry entry);
    }

    private static void inList(Entry top, String list, Indexed reading) {
        List<Entry> items = top.list(list, item -> item);
        for (int at = 0; at < items.size(); at++) {
            reading.read(at, items.get(at));
        }
    }

    private String listed(String key, Entry top, String list, int index) {
        List<Entry> items = top.list(list, item -> item);
        entries.put(key, new Placed(items.get(index), top.at(list), items, index));
        return key;
    }

    /** As written, or the earliest day of the phase that it waits for; what has neither counts from day 0. */
    private Moment from(Entry entry) {
        return entry.maybe("from", Moment::parse)
                .or(() -> entry.find("phase").flatMap(phase -> Optional.ofNullable(phases.get(phase.text()))))
                .orElseGet(() -> new Moment.Day(0));
    }

    private void place(String key, Post.Kind kind, Entry rule, Entry at, Moment moment) {
        entries.putIfAbsent(key, new Placed(at, at, List.of(), 0));
        String about = first(rule, "id", "open", "measure");
        posts.put(
                key,
                new Post(
                        key,
                        kind,
                        about,
                        rule.find("title").map(Entry::text).orElse(about),
                        moment,
                        at.find("phase").map(Entry::text),
                        at.has("phase") && !at.has("from"),
                        allows(kind, at),
                        at.list("needs", Entry::text),
                        when(rule, at),
                        at.line()));
    }

    private static Optional<String> allows(Post.Kind kind, Entry at) {
        List<String> said = kind.saidBy().stream()
                .flatMap(value -> at.find(value).map(Entry::text).stream())
                .toList();
        return said.isEmpty() ? Optional.empty() : Optional.of(String.join(Post.TO, said));
    }

    /** What a rule hangs on, and its case or step besides. */
    private static List<String> when(Entry rule, Entry at) {
        return Stream.of(rule, at)
                .flatMap(entry -> entry.list("when", Entry::text).stream())
                .distinct()
                .toList();
    }

    private static String first(Entry entry, String... keys) {
        for (String key : keys) {
            if (entry.has(key)) {
                return entry.text(key);
            }
        }
        return "";
    }
}
