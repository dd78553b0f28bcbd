package unbo.app.browser;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;

/** Stands before several machines and hands each request to the next of them, as it came. */
final class Turns implements AutoCloseable {

    private final ServerSocket door;
    private final int[] ports;
    private final AtomicInteger asked = new AtomicInteger();
    private final ExecutorService work = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "turns");
        thread.setDaemon(true);
        return thread;
    });

    Turns(int... ports) throws IOException {
        this.ports = ports;
        this.door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        work.execute(this::welcome);
    }

    int port() {
        return door.getLocalPort();
    }

    /** So many requests were handed on. */
    int asked() {
        return asked.get();
    }

    private void welcome() {
        while (!door.isClosed()) {
            try {
                Socket caller = door.accept();
                work.execute(() -> handOn(caller));
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void handOn(Socket caller) {
        try (caller) {
            InputStream from = caller.getInputStream();
            String head = head(from);
            if (head.isEmpty()) {
                return;
            }
            int port = ports[asked.getAndIncrement() % ports.length];
            try (Socket node = new Socket(InetAddress.getLoopbackAddress(), port)) {
                OutputStream to = node.getOutputStream();
                to.write(alone(head).getBytes(StandardCharsets.ISO_8859_1));
                to.write(from.readNBytes(length(head)));
                to.flush();
                node.getInputStream().transferTo(caller.getOutputStream());
            }
        } catch (IOException gone) {
            // whoever asked does not wait any more
        }
    }

    private static String head(InputStream from) throws IOException {
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        String end = "\r\n\r\n";
        int matched = 0;
        for (int b = from.read(); b >= 0; b = from.read()) {
            head.write(b);
            matched = b == end.charAt(matched) ? matched + 1 : b == '\r' ? 1 : 0;
            if (matched == end.length()) {
                return head.toString(StandardCharsets.ISO_8859_1);
            }
        }
        return "";
    }

    /** A request that is the only one of its line. */
    private static String alone(String head) {
        return head.replaceAll("(?im)^Connection:.*\r\n", "").replaceFirst("\r\n", "\r\nConnection: close\r\n");
    }

    private static int length(String head) {
        for (String line : head.split("\r\n")) {
            if (line.toLowerCase(Locale.ROOT).startsWith("content-length:")) {
                return Integer.parseInt(line.substring(line.indexOf(':') + 1).strip());
            }
        }
        return 0;
    }

    @Override
    public void close() throws IOException {
        door.close();
        work.shutdownNow();
    }
}
