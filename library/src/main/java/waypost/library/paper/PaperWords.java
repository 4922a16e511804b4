package waypost.library.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import waypost.core.paper.Vocabulary;
import waypost.library.text.Entry;
import waypost.library.text.StrictYaml;

/** The words of surgeons' papers that ship. */
public final class PaperWords {

    private static final String FILE = "/waypost/library/paper/words.yaml";

    private PaperWords() {}

    /** Reads them. */
    public static Vocabulary shipped() {
        return Shipped.VOCABULARY;
    }

    private static Vocabulary read() {
        try (InputStream in = PaperWords.class.getResourceAsStream(FILE)) {
            if (in == null) {
                throw new IllegalStateException(FILE + " is missing");
            }
            Entry top = StrictYaml.read(FILE, new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .top();
            return new Vocabulary(
                    texts(top.at("abbreviations")),
                    lists(top.at("pursuits")),
                    texts(top.at("conditions")),
                    Set.copyOf(top.list("worn", Entry::text)),
                    texts(top.at("manners")),
                    Set.copyOf(top.list("told", Entry::text)),
                    Set.copyOf(top.list("fillers", Entry::text)));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Map<String, String> texts(Entry entry) {
        Map<String, String> read = new LinkedHashMap<>();
        entry.entries().forEach((key, each) -> read.put(key, each.text()));
        return read;
    }

    private static Map<String, List<String>> lists(Entry entry) {
        Map<String, List<String>> read = new LinkedHashMap<>();
        entry.entries().keySet().forEach(key -> read.put(key, entry.list(key, Entry::text)));
        return read;
    }

    private static final class Shipped {
        private static final Vocabulary VOCABULARY = read();
    }
}
