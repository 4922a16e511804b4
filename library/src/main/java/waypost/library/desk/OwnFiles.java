package waypost.library.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a clinic wrote itself in place of what ships.
 *
 * @param protocol the protocol's file; empty where it is as it ships
 * @param parts by their own ids, which begin with "own.", the files of the parts that were taken over
 * @param measures the file of its own measures; empty where it has none
 */
public record OwnFiles(Optional<String> protocol, Map<String, String> parts, Optional<String> measures) {

    /** Nothing: all is as it ships. */
    public static final OwnFiles NONE = new OwnFiles(Optional.empty(), Map.of(), Optional.empty());

    public OwnFiles {
        parts = Map.copyOf(parts);
        parts.keySet().stream()
                .filter(id -> !id.startsWith(Desk.OWN))
                .findFirst()
                .ifPresent(id -> {
                    throw new IllegalArgumentException(
                            "found the part '" + id + "', allowed: one beginning with " + Desk.OWN);
                });
    }

    /** Ids of the parts that ship and were taken over. */
    public List<String> shippedParts() {
        return parts.keySet().stream()
                .map(id -> id.substring(Desk.OWN.length()))
                .sorted()
                .toList();
    }

    /** Whether anything was written. */
    public boolean isNone() {
        return protocol.isEmpty() && parts.isEmpty() && measures.isEmpty();
    }
}
