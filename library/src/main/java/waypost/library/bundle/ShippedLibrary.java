package waypost.library.bundle;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The library that ships with the application. */
public final class ShippedLibrary {

    private static final String ROOT = "/waypost/library/";
    private static final List<String> FILES = List.of(
            "measures.yaml",
            "exercises/hand.yaml",
            "exercises/hip.yaml",
            "exercises/knee.yaml",
            "exercises/shoulder.yaml",
            "protocols/hand.flexor-tendon-zone-2.yaml",
            "protocols/hip.replacement.yaml",
            "protocols/knee.ligament-reconstruction.yaml",
            "protocols/shoulder.cuff-repair.yaml");

    private ShippedLibrary() {}

    /** Its files as written. */
    public static List<SourceText> sources() {
        return FILES.stream().map(ShippedLibrary::source).toList();
    }

    public static Bundle read() {
        return Bundle.read(sources());
    }

    private static SourceText source(String file) {
        try (InputStream in = ShippedLibrary.class.getResourceAsStream(ROOT + file)) {
            if (in == null) {
                throw new IllegalStateException("library: found no " + ROOT + file + " in the application");
            }
            return new SourceText(file, new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
