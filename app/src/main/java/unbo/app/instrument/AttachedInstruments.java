package unbo.app.instrument;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Instruments attached over the line protocol of docs/instruments.md: loopback TCP, one line a reading. At most
 * {@value #MOST} at once, {@value #LONGEST_LINE} bytes a line; one that does not greet in {@value #GREETING_MS} ms, or
 * says nothing for two minutes, is let go.
 */
@Component
public class AttachedInstruments implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(AttachedInstruments.class);
    private static final int MOST = 8;
    private static final int LONGEST_LINE = 120;
    private static final int SILENCE_MS = 120_000;
    private static final int GREETING_MS = 5_000;

    private final int wanted;
    private final int greetingMs;
    private final Map<String, Attached> attached = new ConcurrentHashMap<>();
    private final AtomicInteger callers = new AtomicInteger();
    private volatile ServerSocket door;

    /** One instrument that is there. */
    private record Attached(
            InstrumentLine.Hello hello, Socket socket, List<Consumer<InstrumentLine.Shown>> listeners) {}

    @Autowired
    AttachedInstruments(@Value("${unbo.instruments-port}") int wanted) {
        this(wanted, GREETING_MS);
    }

    /** @param greetingMs so long a caller may take to greet */
    AttachedInstruments(int wanted, int greetingMs) {
        this.wanted = wanted;
        this.greetingMs = greetingMs;
    }

    /** Names of the instruments that are there, each with what it measures. */
    public Map<String, String> names() {
        Map<String, String> names = new TreeMap<>();
        attached.forEach((name, a) -> names.put(name, a.hello().kind().words()));
        return names;
    }

    /** The port instruments are to call; 0 while none is open. */
    public int port() {
        ServerSocket open = door;
        return open == null ? 0 : open.getLocalPort();
    }

    /** Hears an instrument until the returned action is run. Null when none of that name is there. */
    Runnable listen(String name, Consumer<InstrumentLine.Shown> listener) {
        Attached there = attached.get(name);
        if (there == null) {
            return null;
        }
        there.listeners().add(listener);
        return () -> there.listeners().remove(listener);
    }

    @Override
    public void start() {
        if (wanted < 0) {
            return;
        }
        try {
            ServerSocket open = new ServerSocket(wanted, MOST, InetAddress.getLoopbackAddress());
            door = open;
            thread("instruments", () -> welcome(open));
        } catch (IOException e) {
            LOG.warn("Port {} is taken: no instrument can be attached. UNBO_INSTRUMENT_PORT names another.", wanted);
        }
    }

    private static void thread(String name, Runnable work) {
        Thread thread = new Thread(work, name);
        thread.setDaemon(true);
        thread.start();
    }

    private void welcome(ServerSocket open) {
        while (!open.isClosed()) {
            try {
                Socket socket = open.accept();
                if (callers.incrementAndGet() > 2 * MOST) {
                    callers.decrementAndGet();
                    socket.close();
                } else {
                    thread("instrument", () -> hear(socket));
                }
            } catch (IOException e) {
                if (!open.isClosed()) {
                    LOG.warn("An instrument could not be welcomed: {}", e.getMessage());
                }
            }
        }
    }

    private void hear(Socket socket) {
        Attached me = null;
        try (socket) {
            socket.setSoTimeout(greetingMs);
            InputStream in = new BufferedInputStream(socket.getInputStream());
            InstrumentLine.Hello hello = greet(socket, in);
            if (hello == null) {
                return;
            }
            me = new Attached(hello, socket, new CopyOnWriteArrayList<>());
            if (attached.size() >= MOST || attached.putIfAbsent(hello.name(), me) != null) {
                say(
                        socket,
                        attached.size() >= MOST
                                ? "no " + MOST + " instruments are attached already."
                                : "no an instrument named " + hello.name() + " is attached already.");
                me = null;
                return;
            }
            say(socket, "ok");
            socket.setSoTimeout(SILENCE_MS);
            for (String line = line(in, Long.MAX_VALUE); line != null; line = line(in, Long.MAX_VALUE)) {
                InstrumentLine.Read read = InstrumentLine.reading(line, hello.kind());
                if (read.reading() == null) {
                    say(socket, "no " + read.refusal());
                } else {
                    me.listeners().forEach(listener -> listener.accept(read.reading()));
                }
            }
        } catch (IOException e) {
            LOG.debug("An instrument was let go: {}", e.getMessage());
        } finally {
            callers.decrementAndGet();
            if (me != null) {
                attached.remove(me.hello().name(), me);
            }
        }
    }

    private InstrumentLine.Hello greet(Socket socket, InputStream in) throws IOException {
        String line = line(in, System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(greetingMs));
        InstrumentLine.Hello hello = line == null ? null : InstrumentLine.hello(line);
        if (line != null && hello == null) {
            say(
                    socket,
                    "no begin with: unbo 1 indicator NAME, or: unbo 1 thermometer NAME (letters, digits, hyphens).");
        }
        return hello;
    }

    private static void say(Socket socket, String line) throws IOException {
        OutputStream out = socket.getOutputStream();
        out.write((line + "\n").getBytes(StandardCharsets.UTF_8));
        out.flush();
    }

    /**
     * One line without its end; null at the end of the stream. @throws IOException for a line that is too long, or that
     * comes too slowly
     */
    private static String line(InputStream in, long until) throws IOException {
        byte[] line = new byte[LONGEST_LINE];
        int n = 0;
        for (int b = in.read(); b != '\n'; b = in.read()) {
            if (b < 0) {
                return null;
            }
            if (until != Long.MAX_VALUE && System.nanoTime() > until) {
                throw new IOException("no greeting in time");
            }
            if (n == LONGEST_LINE) {
                throw new IOException("a line of more than " + LONGEST_LINE + " bytes");
            }
            line[n++] = (byte) b;
        }
        return new String(line, 0, n, StandardCharsets.UTF_8).strip();
    }

    @Override
    public void stop() {
        ServerSocket open = door;
        door = null;
        try {
            if (open != null) {
                open.close();
            }
            for (Attached a : attached.values()) {
                a.socket().close();
            }
        } catch (IOException e) {
            LOG.debug("Closing: {}", e.getMessage());
        }
    }

    @Override
    public boolean isRunning() {
        return door != null;
    }
}
