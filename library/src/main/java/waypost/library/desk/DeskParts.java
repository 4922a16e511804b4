package waypost.library.desk;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ProtocolReader;

/** The parts that ship, each gone through once however often it lies on a desk. */
public final class DeskParts {

    private final ProtocolReader reader;
    private final Map<String, DeskFile> parts = new ConcurrentHashMap<>();

    /** Those of a bundle. */
    public DeskParts(Bundle shipped) {
        this.reader = new ProtocolReader(shipped);
    }

    ProtocolReader reader() {
        return reader;
    }

    /** Ids of all of them. */
    public List<String> ids() {
        return reader.partIds();
    }

    DeskFile part(String id) {
        return parts.computeIfAbsent(
                id, key -> new DeskFile(key, reader.part(key).text()));
    }
}
