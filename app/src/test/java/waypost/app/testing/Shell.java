package waypost.app.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Map;

/** The project's own scripts, as an administrator runs them. */
public final class Shell {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final String SOURCES =
            "set -euo pipefail; HERE=$PWD; for part in say tools database build backup; do . ops/script/$part.sh; done; ";

    private Shell() {}

    /** What a command printed, with its status. */
    public record Done(int status, String printed) {

        public String orFail() {
            if (status != 0) {
                throw new IllegalStateException("status " + status + ": " + printed);
            }
            return printed;
        }
    }

    /** Runs a line in the project's folder, with its functions at hand. */
    public static Done run(String line, Map<String, String> environment) {
        try {
            ProcessBuilder builder = new ProcessBuilder("bash", "-c", SOURCES + line)
                    .directory(ROOT.toFile())
                    .redirectErrorStream(true);
            builder.environment().putAll(environment);
            Process process = builder.start();
            process.getOutputStream().close();
            String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return new Done(process.waitFor(), printed);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
