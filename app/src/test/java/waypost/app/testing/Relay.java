package waypost.app.testing;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** Stands between the application and its database, passes everything on, and can be cut, stopped and given back. */
public final class Relay implements AutoCloseable {

    private final int target;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private final int port;
    private volatile ServerSocket server;
    private volatile boolean hangs;

    public Relay(int target) {
        this.target = target;
        this.server = listen(0);
        this.port = server.getLocalPort();
    }

    public int port() {
        return port;
    }

    private ServerSocket listen(int at) {
        try {
            ServerSocket socket = new ServerSocket();
            socket.setReuseAddress(true);
            socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), at));
            thread(() -> accept(socket));
            return socket;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static void thread(Runnable work) {
        Thread thread = new Thread(work, "relay");
        thread.setDaemon(true);
        thread.start();
    }

    private void accept(ServerSocket socket) {
        try {
            while (true) {
                Socket client = socket.accept();
                Socket behind = new Socket(InetAddress.getLoopbackAddress(), target);
                open.add(client);
                open.add(behind);
                thread(() -> copy(client, behind));
                thread(() -> copy(behind, client));
            }
        } catch (IOException closed) {
            // Cut on purpose.
        }
    }

    private void copy(Socket from, Socket to) {
        byte[] buffer = new byte[8192];
        try {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                while (hangs) {
                    Thread.sleep(20);
                }
                out.write(buffer, 0, read);
                out.flush();
            }
        } catch (IOException | InterruptedException closed) {
            // One side ends, the other follows.
        } finally {
            close(from);
            close(to);
        }
    }

    private static void close(Socket socket) {
        try {
            socket.close();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** Every connection ends and none is taken, as when the server is gone. */
    public void cut() {
        try {
            server.close();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        open.forEach(Relay::close);
        open.clear();
    }

    /** Nothing is answered any more and nothing ends, as when a machine hangs. */
    public void hang() {
        hangs = true;
    }

    /** As before. */
    public void giveBack() {
        hangs = false;
        if (server.isClosed()) {
            server = listen(port);
        }
    }

    @Override
    public void close() {
        giveBack();
        cut();
    }
}
