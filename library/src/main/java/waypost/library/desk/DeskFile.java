package waypost.library.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.library.text.Document;
import waypost.library.text.Entry;
import waypost.library.text.RefusedException;
import waypost.library.text.SchemaCheck;
import waypost.library.text.Spot;
import waypost.library.text.StrictYaml;

/** One file on the desk: its text, and the same after a change. */
final class DeskFile {

    private static final String OWN_TITLE = ", the clinic's own";

    private final String name;
    private final String text;
    private final Document document;
    private final Entry top;
    private final Walk walk;

    /**
     * Reads a file.
     *
     * @param name "" for the protocol, else the id of the part
     * @throws waypost.library.text.RefusedException when it can't be read
     */
    DeskFile(String name, String text) {
        this.name = name;
        this.text = text;
        this.document = StrictYaml.read(name.isEmpty() ? "protocol.yaml" : name + ".yaml", text);
        SchemaCheck.of(name.isEmpty() ? "protocol-file" : "part-file").check(document);
        this.top = document.top();
        this.walk = top.tried(entry -> Walk.through(name, entry))
                .orElseThrow(() -> new RefusedException(document.problems()));
        document.refuseIfAnyProblem();
    }

    String text() {
        return text;
    }

    /** What it was read as; nothing was found in it. */
    Document document() {
        return document.anew();
    }

    Map<String, Post> posts() {
        return walk.posts();
    }

    /** Ids of the parts that it includes. */
    List<String> includes() {
        return top.list("includes", entry -> entry.text("part"));
    }

    /** The same with a part under another name. */
    DeskFile including(String part, String instead) {
        Entry named = placed("includes/" + part).entry().at("part");
        return written(List.of(new Written(text).value(named, instead)));
    }

    /** The same under another name of its own; its title says that it is not as it ships, and so does every reason from it. */
    DeskFile named(String own) {
        Written written = new Written(text);
        List<Splice> splices = new ArrayList<>(List.of(written.value(top.at("part"), own)));
        String title = top.text("title");
        if (!title.endsWith(OWN_TITLE)) {
            splices.add(written.value(top.at("title"), title + OWN_TITLE));
        }
        return new DeskFile(own, Splice.all(text, splices));
    }

    DeskFile with(Change change) {
        return written(splices(change));
    }

    private DeskFile written(List<Splice> splices) {
        return new DeskFile(name, Splice.all(text, splices));
    }

    private List<Splice> splices(Change change) {
        if (change instanceof Change.ToDay moved) {
            return moved(post(moved.post()), post(moved.post()).moment().movedTo(moved.day()));
        } else if (change instanceof Change.ToMoment moved) {
            return moved(post(moved.post()), moved.moment());
        } else if (change instanceof Change.ToValue valued) {
            return valued(post(valued.post()), valued.value());
        } else if (change instanceof Change.Step step) {
            return List.of(step(step));
        } else if (change instanceof Change.Without without) {
            return List.of(without(without.entry()));
        }
        Change.Also also = (Change.Also) change;
        return List.of(also(also.list(), also.entry()));
    }

    private Post post(String key) {
        Post post = walk.posts().get(key);
        if (post == null) {
            throw new IllegalArgumentException("found '" + key + "', allowed: a post that is on the map");
        }
        return post;
    }

    private Walk.Placed placed(String key) {
        Walk.Placed placed = walk.entries().get(key);
        if (placed == null) {
            throw new IllegalArgumentException("found '" + key + "', allowed: something that stands in the file");
        }
        return placed;
    }

    private List<Splice> moved(Post post, Moment to) {
        Entry entry = placed(post.key()).entry();
        Written written = new Written(text);
        if (post.kind() == Post.Kind.PHASE) {
            boolean together = entry.text("expected").equals(entry.text("earliest"))
                    || entry.at("expected")
                            .as(Moment::parse)
                            .from(Moment.REFERENCE)
                            .isBefore(day(to));
            List<Splice> splices = new ArrayList<>(List.of(written.value(entry.at("earliest"), to.toString())));
            if (together) {
                splices.add(written.value(entry.at("expected"), to.toString()));
            }
            return splices;
        }
        if (post.phase().isPresent()) {
            return openedBy(post, entry, to);
        }
        return List.of(written.value(entry, post.kind().day(), to.toString(), "open"));
    }

    /** What waits for a phase goes with the day to the phase that has begun by then; on its first day the phase says it all. */
    private List<Splice> openedBy(Post post, Entry entry, Moment to) {
        String phase = walk.phases().entrySet().stream()
                .filter(each -> !day(to).isBefore(day(each.getValue())))
                .reduce((earlier, later) -> later)
                .map(Map.Entry::getKey)
                .orElseThrow(() -> new IllegalArgumentException(
                        "found " + to + ", allowed: from the day on which the first phase may begin"));
        Written written = new Written(text);
        List<Splice> splices = new ArrayList<>();
        if (!post.phase().equals(Optional.of(phase))) {
            splices.add(written.value(entry.at("phase"), phase));
        }
        boolean saysItAll = Optional.ofNullable(walk.phases().get(phase))
                .filter(begins -> day(begins).equals(day(to)))
                .isPresent();
        if (!saysItAll) {
            splices.add(written.value(entry, "from", to.toString(), entry.has("open") ? "open" : "phase"));
        } else if (entry.has("from")) {
            splices.add(written.withoutKey(entry, "from"));
        }
        return splices;
    }

    private static CourseDay day(Moment moment) {
        return moment.from(Moment.REFERENCE);
    }

    private List<Splice> valued(Post post, String value) {
        List<String> keys = post.kind().saidBy();
        if (keys.isEmpty()) {
            throw new IllegalArgumentException("found '" + value + "', allowed: a day; nothing else is said here");
        }
        List<String> values = keys.size() == 1 ? List.of(value) : List.of(value.split(Post.TO, -1));
        if (values.size() != keys.size()) {
            throw new IllegalArgumentException("found '" + value + "', allowed: two values, such as 0 to 15");
        }
        Entry entry = placed(post.key()).entry();
        return IntStream.range(0, keys.size())
                .mapToObj(nth -> new Written(text).value(entry.at(keys.get(nth)), values.get(nth)))
                .toList();
    }

    /** Steps stand in the order of their days. */
    private Splice step(Change.Step step) {
        Entry rule = placed(step.rule()).entry();
        List<Entry> steps = rule.list("steps", each -> each);
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("found a rule without steps, allowed: one that changes with time");
        }
        int index = (int) steps.stream()
                .filter(each -> !day(step.from()).isBefore(day(each.at("from").as(Moment::parse))))
                .count();
        String written = "{ from: " + step.from() + ", allow: " + Written.plain(step.allows()) + " }";
        return new Written(text).before(rule.at("steps"), steps, index, written);
    }

    private Splice without(String key) {
        Walk.Placed placed = placed(key);
        if (placed.items().isEmpty()) {
            throw new IllegalArgumentException("found '" + key + "', allowed: something that can be taken out alone");
        }
        if (placed.items().size() == 1 && key.contains("/steps/")) {
            throw new IllegalArgumentException("found its only step, allowed: to take the whole rule out");
        }
        return new Written(text).without(placed.list(), placed.items(), placed.index());
    }

    private Splice also(String list, String entry) {
        String[] way = list.split("/");
        Entry holds = top;
        for (int at = 0; at + 1 < way.length; at++) {
            holds = holds.at(way[at]);
        }
        String name = way[way.length - 1];
        Written written = new Written(text);
        if (!holds.has(name)) {
            if (way.length > 1) {
                throw new IllegalArgumentException(
                        "found no list '" + list + "', allowed: one that stands in the file");
            }
            return written.section(name, entry);
        }
        List<Entry> items = holds.list(name, each -> each);
        if (!items.isEmpty() && holds.at(name).spot().form() == Spot.Form.BRACKETS && entry.contains("\n")) {
            throw new IllegalArgumentException("found several lines, allowed: one; the list stands in brackets");
        }
        return written.before(holds.at(name), items, items.size(), entry);
    }
}
