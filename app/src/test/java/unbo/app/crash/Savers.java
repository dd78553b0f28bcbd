package unbo.app.crash;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;

import org.springframework.core.io.ClassPathResource;

/** All that save at once, made and set going. */
final class Savers {

    private Savers() {}

    /** Sets a workshop up behind a port, with what is saved into; one of each kind, three that keep. */
    static List<Saver> prepare(int port) throws Exception {
        List<Saver> savers = new ArrayList<>();
        Desk desk = new Desk(port);
        String token = Desk.value(desk.page("/settings"), "_csrf");
        desk.send(
                "/settings",
                Map.of(
                        "_csrf",
                        token,
                        "name",
                        "Crash yard",
                        "units",
                        "METRIC",
                        "settingSchool",
                        "A",
                        "serviceSchool",
                        "yearly"));
        String file = new ClassPathResource("crash-job.json").getContentAsString(StandardCharsets.UTF_8);
        desk.sendFile("/take-in", token, file.replace("MARK", "S0"));
        savers.add(new Saver.Signer(new Desk(port), 1));
        savers.add(new Saver.Taker(new Desk(port), file));
        for (int i = 0; i < 3; i++) {
            savers.add(new Saver.Keeper(new Desk(port), open(desk, token, i)));
        }
        savers.add(new Saver.Typist(new Desk(port), open(desk, token, 9)));
        return savers;
    }

    private static long open(Desk desk, String token, int n) throws Exception {
        HttpResponse<String> vehicle = desk.send(
                "/vehicles",
                Map.of(
                        "_csrf",
                        token,
                        "kind",
                        "trailer",
                        "name",
                        "Crash trailer " + n,
                        "mark",
                        "C" + n,
                        "counterUnit",
                        "none",
                        "use",
                        "wet",
                        "axles",
                        "1"));
        String number = vehicle.headers().firstValue("Location").orElseThrow().replaceAll(".*/", "");
        HttpResponse<String> job =
                desk.send("/visits", Map.of("_csrf", token, "vehicle", number, "position", "axle1-left"));
        return Long.parseLong(job.headers().firstValue("Location").orElseThrow().replaceAll(".*/jobs/(\\d+)/.*", "$1"));
    }

    /** Those that save. @param midway whether a save was under way when they were handed over */
    record Saving(ExecutorService hands, List<Future<?>> work, AtomicBoolean on, boolean midway) {

        /** Lets each end the save it is at. */
        void stop() throws Exception {
            on.set(false);
            for (Future<?> w : work) {
                w.get(2, TimeUnit.MINUTES);
            }
            hands.shutdown();
        }
    }

    /** Sets all of them going; comes back in the middle of a save, each having had one confirmed. */
    static Saving start(List<Saver> savers, Random random) {
        AtomicBoolean on = new AtomicBoolean(true);
        ExecutorService hands = Executors.newFixedThreadPool(savers.size());
        List<Future<?>> work = savers.stream()
                .<Future<?>>map(saver -> hands.submit(() -> saver.run(on::get)))
                .toList();
        long[] before =
                savers.stream().mapToLong(saver -> saver.confirmations.get()).toArray();
        long patience = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (IntStream.range(0, before.length)
                        .anyMatch(i -> savers.get(i).confirmations.get() == before[i])
                && work.stream().noneMatch(Future::isDone)
                && System.nanoTime() < patience) {
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(20));
        }
        LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(random.nextInt(600)));
        while (Saver.UNDER_WAY.get() == 0 && work.stream().anyMatch(w -> !w.isDone())) {
            Thread.onSpinWait();
        }
        return new Saving(hands, work, on, Saver.UNDER_WAY.get() > 0);
    }
}
