package waypost.library.text;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/**
 * A place in a document to read from. What can't be read is noted as a problem with its place, and reading goes on with
 * the next entry of a list, so that all problems come at once.
 */
public final class Entry {

    /** Ends the reading of one entry after its problem was noted. */
    private static final class Unreadable extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unreadable() {
            super("noted", null, false, false);
        }
    }

    private final Document document;
    private final Node node;
    private final String path;

    Entry(Document document, Node node, String path) {
        this.document = document;
        this.node = node;
        this.path = path;
    }

    public boolean has(String key) {
        return find(key).isPresent();
    }

    /** Reads this by the reader of the one key that is there; none or several of them are refused. */
    public <T> T byKind(Map<String, Function<Entry, T>> kinds) {
        List<String> found = kinds.keySet().stream().filter(this::has).toList();
        if (found.size() != 1) {
            throw refused("found " + (found.isEmpty() ? "none" : String.join(" and ", found))
                    + ", allowed: exactly one of " + String.join(", ", kinds.keySet()));
        }
        Function<Entry, T> reader = Objects.requireNonNull(kinds.get(found.get(0)));
        return reader.apply(this);
    }

    /** The entry under {@code key}, if it is there. */
    public Optional<Entry> find(String key) {
        if (!(node instanceof MappingNode mapping)) {
            return Optional.empty();
        }
        return mapping.getValue().stream()
                .filter(tuple -> Document.key(tuple).equals(key))
                .findFirst()
                .map(tuple -> new Entry(document, tuple.getValueNode(), child(key)));
    }

    /** The entry under {@code key}; its absence is a problem. */
    public Entry at(String key) {
        return find(key).orElseThrow(() -> refused("found no '" + key + "', allowed: one"));
    }

    /** The text of this entry. */
    public String text() {
        if (node instanceof ScalarNode scalar) {
            return scalar.getValue();
        }
        throw refused("found a list or mapping, allowed: plain text");
    }

    public String text(String key) {
        return at(key).text();
    }

    /** Reads this entry's text; what the reader refuses becomes a problem at this place. */
    public <T> T as(Function<String, T> reader) {
        String text = text();
        try {
            return reader.apply(text);
        } catch (IllegalArgumentException | java.time.DateTimeException unreadable) {
            throw refused(String.valueOf(unreadable.getMessage()));
        }
    }

    public <T> Optional<T> maybe(String key, Function<String, T> reader) {
        return find(key).map(entry -> entry.as(reader));
    }

    /** Makes something of this entry; what its constructor refuses becomes a problem at this place. */
    public <T> T make(Function<Entry, T> maker) {
        try {
            return maker.apply(this);
        } catch (IllegalArgumentException unreadable) {
            throw refused(String.valueOf(unreadable.getMessage()));
        }
    }

    /** Everything in the list under {@code key}, or nothing if the key is absent; unreadable elements are noted and left. */
    public <T> List<T> list(String key, Function<Entry, T> reader) {
        return find(key).map(entry -> entry.elements(reader)).orElseGet(List::of);
    }

    /** Everything in the list under {@code key}; when an element can't be read, its problem is noted and so ends this. */
    public <T> List<T> whole(String key, Function<Entry, T> reader) {
        List<Boolean> asked = list(key, element -> true);
        List<T> read = list(key, reader);
        if (read.size() < asked.size()) {
            throw new Unreadable();
        }
        return read;
    }

    private <T> List<T> elements(Function<Entry, T> reader) {
        List<Node> items = node instanceof SequenceNode sequence ? sequence.getValue() : List.of(node);
        List<T> read = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Entry element = new Entry(document, items.get(i), path + "[" + i + "]");
            element.tried(reader).ifPresent(read::add);
        }
        return read;
    }

    /** Reads this entry, or notes its problem. */
    public <T> Optional<T> tried(Function<Entry, T> reader) {
        try {
            return Optional.of(make(reader));
        } catch (Unreadable noted) {
            return Optional.empty();
        }
    }

    /** The keys and entries of a mapping, in the order written. */
    public Map<String, Entry> entries() {
        Map<String, Entry> entries = new LinkedHashMap<>();
        if (node instanceof MappingNode mapping) {
            for (NodeTuple tuple : mapping.getValue()) {
                String key = Document.key(tuple);
                entries.put(key, new Entry(document, tuple.getValueNode(), child(key)));
            }
        }
        return entries;
    }

    /** Follows a JSON pointer as far as it leads. */
    public Entry follow(String pointer) {
        Entry at = this;
        for (String step : pointer.split("/")) {
            if (!step.isEmpty()) {
                at = at.step(step.replace("~1", "/").replace("~0", "~")).orElse(at);
            }
        }
        return at;
    }

    private Optional<Entry> step(String step) {
        if (node instanceof SequenceNode sequence && step.matches("\\d{1,6}")) {
            int index = Integer.parseInt(step);
            return Optional.of(new Entry(document, sequence.getValue().get(index), path + "[" + index + "]"));
        }
        return find(step);
    }

    /** The line on which this stands, from 1. */
    public int line() {
        return node.getStartMark().map(Mark::getLine).orElse(0) + 1;
    }

    /** Where this stands in its text. */
    public Spot spot() {
        return Spot.of(node, document.text());
    }

    /** Notes a problem at this place. */
    public void problem(String message) {
        document.problem(node, path, message);
    }

    private RuntimeException refused(String message) {
        problem(message);
        return new Unreadable();
    }

    private String child(String key) {
        return path.isEmpty() ? key : path + "." + key;
    }
}
