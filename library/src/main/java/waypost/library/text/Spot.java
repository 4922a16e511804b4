package waypost.library.text;

import java.util.List;
import java.util.Optional;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.common.ScalarStyle;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.nodes.CollectionNode;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/**
 * Where something stands in a text, so that it can be written anew and all around it stays as it is.
 *
 * @param begins its first character, from 0
 * @param ends the character after its last
 * @param form how it is written
 */
public record Spot(int begins, int ends, Form form) {

    /** How something is written. */
    public enum Form {
        /** A word or words without quotation marks. */
        PLAIN,
        SINGLE_QUOTED,
        DOUBLE_QUOTED,
        /** Text over several lines, indented. */
        LINES,
        /** A list or mapping in brackets. */
        BRACKETS,
        /** A list or mapping that goes by its indentation. */
        BLOCK
    }

    static Spot of(Node node, String text) {
        return new Spot(begins(node, text), ends(node, text), form(node));
    }

    private static int begins(Node node, String text) {
        return at(node.getStartMark().orElseThrow(), text);
    }

    /** A block ends with the last thing in it: what stands between it and the next is a remark or an empty line. */
    private static int ends(Node node, String text) {
        if (form(node) == Form.BLOCK) {
            return last(node).map(value -> ends(value, text)).orElseGet(() -> begins(node, text));
        }
        int end = at(node.getEndMark().orElseThrow(), text);
        return form(node) == Form.LINES ? text.substring(0, end).stripTrailing().length() : end;
    }

    private static Optional<Node> last(Node node) {
        List<? extends Node> values = node instanceof MappingNode mapping
                ? mapping.getValue().stream().map(tuple -> tuple.getValueNode()).toList()
                : ((SequenceNode) node).getValue();
        return values.isEmpty() ? Optional.empty() : Optional.of(values.get(values.size() - 1));
    }

    private static Form form(Node node) {
        if (node instanceof CollectionNode<?> collection) {
            return collection.getFlowStyle() == FlowStyle.FLOW ? Form.BRACKETS : Form.BLOCK;
        }
        ScalarStyle style = ((ScalarNode) node).getScalarStyle();
        return switch (style) {
            case SINGLE_QUOTED -> Form.SINGLE_QUOTED;
            case DOUBLE_QUOTED -> Form.DOUBLE_QUOTED;
            case LITERAL, FOLDED -> Form.LINES;
            default -> Form.PLAIN;
        };
    }

    /** Marks count code points. */
    private static int at(Mark mark, String text) {
        return text.offsetByCodePoints(0, mark.getIndex());
    }
}
