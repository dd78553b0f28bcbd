package unbo.app.instrument;

import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntFunction;

import jakarta.servlet.http.HttpServletRequest;

import org.springframework.context.SmartLifecycle;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

import unbo.app.web.Ours;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.simulation.TurningHub;

/**
 * Readings of an instrument as server-sent events: "reading" and "capture" with {shown, typed}, "refused" with a
 * sentence. A stream ends by itself after ten minutes; at most {@value #MOST} are open at once.
 */
@Controller
class InstrumentStreams implements SmartLifecycle {

    private static final int MOST = 24;
    private static final long LONGEST_MS = 600_000;
    private static final long GRACE_MS = 10_000;
    private static final int EVERY_MS = 150;

    private final AttachedInstruments attached;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "readings");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<SseEmitter, Long> open = new ConcurrentHashMap<>();
    private volatile boolean running;

    /** One event as it is sent. */
    private record Event(String shown, String typed) {}

    InstrumentStreams(AttachedInstruments attached) {
        this.attached = attached;
    }

    /**
     * The simulated hub: an indicator at mark {@code mark} of {@code of}, pushed or pulled, or a thermometer, by the
     * box it goes {@code into}.
     */
    @GetMapping(path = "/instruments/simulated/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter simulated(
            @RequestParam Map<String, String> sent,
            @RequestParam(defaultValue = "") String into,
            @RequestParam(defaultValue = "0") int mark,
            @RequestParam(defaultValue = "24") int of,
            HttpServletRequest request)
            throws IOException {
        onlyOurs(request);
        Reading<TurningHub> reading = FieldReader.read(TurningHub.LIST, sent, UnitSystem.METRIC);
        if (!reading.ok()) {
            return refused(reading.problems().get(0).sentence());
        }
        TurningHub hub = reading.record();
        double degrees = of > 0 ? 360.0 * Math.floorMod(mark, of) / of : 0;
        boolean warm = into.endsWith("Temperature");
        IntFunction<InstrumentLine.Shown> look = warm
                ? n -> InstrumentLine.Kind.THERMOMETER.reading(hub.temperature(into.startsWith("twin"), n), false)
                : n -> InstrumentLine.Kind.INDICATOR.reading(hub.reading(degrees, into.equals("pull"), n), false);
        SseEmitter stream = opened();
        if (stream == null) {
            return refused("Too many instruments are being read at once: close another page first.");
        }
        AtomicInteger looks = new AtomicInteger();
        ScheduledFuture<?> ticking = clock.scheduleAtFixedRate(
                () -> send(stream, look.apply(looks.getAndIncrement())), 0, EVERY_MS, TimeUnit.MILLISECONDS);
        stream.onCompletion(() -> ended(stream, () -> ticking.cancel(false)));
        return stream;
    }

    /** An instrument attached over the line protocol. */
    @GetMapping(path = "/instruments/attached/{name}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter attached(@PathVariable String name, HttpServletRequest request) throws IOException {
        onlyOurs(request);
        if (!attached.names().containsKey(name)) {
            return refused("No instrument named " + name + " is attached any more.");
        }
        SseEmitter stream = opened();
        if (stream == null) {
            return refused("Too many instruments are being read at once: close another page first.");
        }
        Runnable leave = attached.listen(name, reading -> send(stream, reading));
        if (leave == null) {
            open.remove(stream);
            return refused("No instrument named " + name + " is attached any more.");
        }
        stream.onCompletion(() -> ended(stream, leave));
        return stream;
    }

    /** Readings go to pages of ours that ask for a stream, not to what another site makes a browser fetch. */
    private static void onlyOurs(HttpServletRequest request) {
        String accepts = request.getHeader(HttpHeaders.ACCEPT);
        if (Ours.foreign(request) || accepts == null || !accepts.contains(MediaType.TEXT_EVENT_STREAM_VALUE)) {
            throw new ResponseStatusException(HttpStatus.FORBIDDEN);
        }
    }

    /**
     * A place, given back when the stream ends; one that should have ended long ago is given back whatever became of
     * it.
     */
    private SseEmitter opened() {
        long now = System.nanoTime();
        open.values().removeIf(since -> now - since > TimeUnit.MILLISECONDS.toNanos(LONGEST_MS + GRACE_MS));
        if (open.size() >= MOST) {
            return null;
        }
        SseEmitter stream = new SseEmitter(LONGEST_MS);
        open.put(stream, now);
        stream.onTimeout(stream::complete);
        stream.onError(e -> stream.complete());
        return stream;
    }

    private void ended(SseEmitter stream, Runnable leave) {
        open.remove(stream);
        leave.run();
    }

    private static SseEmitter refused(String sentence) throws IOException {
        SseEmitter stream = new SseEmitter(LONGEST_MS);
        stream.send(SseEmitter.event().name("refused").data(sentence));
        stream.complete();
        return stream;
    }

    private static void send(SseEmitter stream, InstrumentLine.Shown reading) {
        try {
            stream.send(SseEmitter.event()
                    .name(reading.captured() ? "capture" : "reading")
                    .data(new Event(reading.shown(), reading.typed()), MediaType.APPLICATION_JSON));
        } catch (IOException | IllegalStateException e) {
            stream.complete();
        }
    }

    @Override
    public void start() {
        running = true;
    }

    /** Ends every stream before the server stops: it would wait for them. */
    @Override
    public void stop() {
        running = false;
        open.keySet().forEach(SseEmitter::complete);
        clock.shutdownNow();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
