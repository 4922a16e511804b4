package waypost.library.text;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A document that was read, with the place of everything in it. */
public final class Document {

    private final String file;
    private final String text;
    private final Node root;
    private final List<Problem> problems = Collections.synchronizedList(new ArrayList<>());

    Document(String file, String text, Node root) {
        this.file = file;
        this.text = text;
        this.root = root;
    }

    /** The same document, of which nothing was found yet. */
    public Document anew() {
        return new Document(file, text, root);
    }

    /** The document's top as something to read from. */
    public Entry top() {
        return new Entry(this, root, "");
    }

    /** The text that it was read from. */
    String text() {
        return text;
    }

    /** The same content as JSON; scalars are strings but for true and false. */
    public JsonNode json() {
        return json(root);
    }

    private static JsonNode json(Node node) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        if (node instanceof MappingNode mapping) {
            ObjectNode object = make.objectNode();
            mapping.getValue().forEach(t -> object.set(key(t), json(t.getValueNode())));
            return object;
        }
        if (node instanceof SequenceNode sequence) {
            ArrayNode array = make.arrayNode();
            sequence.getValue().forEach(item -> array.add(json(item)));
            return array;
        }
        ScalarNode scalar = (ScalarNode) node;
        boolean truth = scalar.isPlain() && Set.of("true", "false").contains(scalar.getValue());
        return truth ? make.booleanNode(scalar.getValue().equals("true")) : make.stringNode(scalar.getValue());
    }

    static String key(NodeTuple tuple) {
        return tuple.getKeyNode() instanceof ScalarNode scalar ? scalar.getValue() : "?";
    }

    void refuseDuplicateKeys() {
        findDuplicates(root, "");
        refuseIfAnyProblem();
    }

    private void findDuplicates(Node node, String path) {
        if (node instanceof MappingNode mapping) {
            Set<String> seen = new HashSet<>();
            for (NodeTuple tuple : mapping.getValue()) {
                String key = key(tuple);
                if (!(tuple.getKeyNode() instanceof ScalarNode)) {
                    problem(tuple.getKeyNode(), path, "found a key that is not a word, allowed: a plain word");
                } else if (!seen.add(key)) {
                    problem(tuple.getKeyNode(), path, "found the key '" + key + "' twice, allowed: once");
                }
                findDuplicates(tuple.getValueNode(), path.isEmpty() ? key : path + "." + key);
            }
        } else if (node instanceof SequenceNode sequence) {
            for (int i = 0; i < sequence.getValue().size(); i++) {
                findDuplicates(sequence.getValue().get(i), path + "[" + i + "]");
            }
        }
    }

    void problem(Node at, String path, String message) {
        int line = at.getStartMark().map(Mark::getLine).orElse(0) + 1;
        int column = at.getStartMark().map(Mark::getColumn).orElse(0) + 1;
        problems.add(new Problem(file, line, column, path, message));
    }

    /** Refuses the document with everything found in it so far. */
    public void refuseIfAnyProblem() {
        if (!problems.isEmpty()) {
            throw new RefusedException(problems());
        }
    }

    /** Everything found so far, by line: parts of a document may be read beside each other. */
    public List<Problem> problems() {
        return List.copyOf(problems).stream()
                .sorted(Comparator.comparingInt(Problem::line))
                .toList();
    }
}
