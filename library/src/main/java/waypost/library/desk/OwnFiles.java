package waypost.library.desk;

import java.util.Map;
import java.util.Optional;

/**
 * What a clinic wrote itself in place of what ships.
 *
 * @param protocol the protocol's file; empty where it is as it ships
 * @param parts by their own ids, which begin with "own.", the files of the parts that were taken over
 */
public record OwnFiles(Optional<String> protocol, Map<String, String> parts) {

    /** Nothing: all is as it ships. */
    public static final OwnFiles NONE = new OwnFiles(Optional.empty(), Map.of());

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

    /** Whether anything was written. */
    public boolean isNone() {
        return protocol.isEmpty() && parts.isEmpty();
    }
}
