package grintel.server;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** Stands between the server and its database, and can be cut and joined again. */
final class Relay implements Closeable {
    private final String host;
    private final int port;
    private final Set<Socket> sockets = ConcurrentHashMap.newKeySet();
    private ServerSocket door;

    Relay(String host, int port) throws IOException {
        this.host = host;
        this.port = port;
        this.door = open(0);
    }

    int port() {
        return door.getLocalPort();
    }

    private ServerSocket open(int at) throws IOException {
        ServerSocket opened = new ServerSocket();
        opened.setReuseAddress(true);
        opened.bind(new java.net.InetSocketAddress(InetAddress.getLoopbackAddress(), at));
        daemon(() -> {
            while (true) {
                Socket near = opened.accept();
                Socket far = new Socket(host, port);
                sockets.add(near);
                sockets.add(far);
                daemon(() -> pass(near.getInputStream(), far.getOutputStream(), far));
                daemon(() -> pass(far.getInputStream(), near.getOutputStream(), near));
            }
        });
        return opened;
    }

    private static void pass(InputStream in, OutputStream out, Socket end) throws IOException {
        in.transferTo(out);
        end.close();
    }

    private interface Passing {
        void run() throws IOException;
    }

    private static void daemon(Passing passing) {
        Thread thread = new Thread(() -> {
            try {
                passing.run();
            } catch (IOException e) {
                // The relay was cut, or one of the two hung up.
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    /** Nothing passes any more, and nobody is let in. */
    void cut() throws IOException {
        door.close();
        for (Socket socket : sockets) {
            socket.close();
        }
        sockets.clear();
    }

    void join() throws IOException {
        door = open(door.getLocalPort());
    }

    @Override
    public void close() {
        try {
            cut();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
