package waypost.app.paper;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import waypost.library.desk.OwnFiles;

/**
 * The files that were written anew, as the database keeps them: by name, the protocol's own under "protocol",
 * measures under "measures".
 */
final class OwnFilesJson {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String PROTOCOL = "protocol";
    private static final String MEASURES = "measures";

    private OwnFilesJson() {}

    /** Null where all is as it ships. */
    static @Nullable String write(OwnFiles own) {
        if (own.isNone()) {
            return null;
        }
        Map<String, String> files = new TreeMap<>(own.parts());
        own.protocol().ifPresent(text -> files.put(PROTOCOL, text));
        own.measures().ifPresent(text -> files.put(MEASURES, text));
        return JSON.writeValueAsString(files);
    }

    static OwnFiles read(@Nullable String json) {
        if (json == null) {
            return OwnFiles.NONE;
        }
        Map<String, String> files = JSON.readValue(json, new TypeReference<TreeMap<String, String>>() {});
        Optional<String> protocol = Optional.ofNullable(files.remove(PROTOCOL));
        Optional<String> measures = Optional.ofNullable(files.remove(MEASURES));
        return new OwnFiles(protocol, files, measures);
    }
}
