package waypost.app.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A simulated goniometer as a process of its own, where the application expects it. */
public final class Instrument implements AutoCloseable {

    /** A port that was free when the test run began. */
    static final int PORT = freePort();

    private final Process process;

    private Instrument(Process process) {
        this.process = process;
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Starts it and waits until it can be reached. */
    public static Instrument start(String... options) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx48m",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "waypost.instrument.simulated.InstrumentCommand",
                "goniometer",
                "--port",
                Integer.toString(PORT)));
        command.addAll(List.of(options));
        try {
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            awaitReachable(process);
            return new Instrument(process);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static void awaitReachable(Process process) throws IOException {
        for (int tries = 0; tries < 200; tries++) {
            try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), PORT)) {
                return;
            } catch (IOException notYet) {
                if (!process.isAlive()) {
                    throw new IOException("the instrument ended with " + process.exitValue());
                }
                pause();
            }
        }
        throw new IOException("the instrument can't be reached after ten seconds");
    }

    private static void pause() {
        try {
            Thread.sleep(50);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    /** Ends it in mid-stream, without a word. */
    public void kill() {
        process.destroyForcibly();
        try {
            process.waitFor();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        kill();
    }
}
