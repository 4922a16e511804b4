package waypost.benchmarks;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** The engine's rules, from {@code objections.drl}. */
final class EngineRules {

    private EngineRules() {}

    static String text() {
        try (InputStream file = EngineRules.class.getResourceAsStream("objections.drl")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
