package waypost.app.usual;

import java.time.Instant;
import java.util.Map;

/**
 * What a surgeon usually says of a protocol.
 *
 * @param answers by question the value; empty where only the protocol is usual
 * @param setBy who set it
 */
public record Usual(String surgeon, String protocol, Map<String, String> answers, String setBy, Instant setAt) {

    /** By nobody: nothing is usual. */
    public static final Usual NONE = new Usual("", "", Map.of(), "", Instant.EPOCH);

    public Usual {
        answers = Map.copyOf(answers);
    }

    /** Whether this surgeon says it; names are the same whatever their capitals. */
    boolean isOf(String name) {
        return surgeon.equalsIgnoreCase(name.strip());
    }

    boolean isOf(String name, String ofProtocol) {
        return isOf(name) && protocol.equals(ofProtocol);
    }

    /** The usual value of a question; blank where there is none. */
    public String of(String question) {
        return answers.getOrDefault(question, "");
    }
}
