package unbo.app.crash;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
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

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.core.io.ClassPathResource;

/**
 * Kills the application, then the database, in the middle of saving, and compares every confirmed save with what is
 * there afterwards. {@code -Dunbo.crash.rounds} kills of each, 3 by default.
 */
class CrashStory {

    private static final int ROUNDS = Integer.getInteger("unbo.crash.rounds", 3);

    private final long seed = System.nanoTime();
    private final Random random = new Random(seed);
    private final List<Saver> savers = new ArrayList<>();
    private final List<String> faults = new ArrayList<>();
    private int kills;
    private int inTheMiddle;

    /** A power cut of one part of the machine, and what brings it back. */
    private interface Cut {
        void on(Machine machine) throws Exception;
    }

    @Test
    void noConfirmedSaveIsLostAndNoJobIsHalfThereWhateverIsKilled(@TempDir Path folder) throws Exception {
        try (Machine machine = new Machine(folder)) {
            machine.startApplication();
            prepare(machine);
            for (int round = 0; round < ROUNDS; round++) {
                round(machine, Machine::killApplication, Machine::startApplication);
            }
            for (int round = 0; round < ROUNDS; round++) {
                round(machine, Machine::killDatabase, Machine::startDatabase);
            }
            long confirmed =
                    savers.stream().mapToLong(s -> s.confirmations.get()).sum();
            System.out.println("crash: " + kills + " kills, half of the application, half of the database; " + confirmed
                    + " confirmed saves, " + faults.size() + " lost or half (seed " + seed + ")");
            faults.forEach(System.out::println);
            assertThat(kills).isEqualTo(2 * ROUNDS);
            assertThat(inTheMiddle).as("kills with a save under way").isGreaterThanOrEqualTo(ROUNDS);
            assertThat(savers)
                    .allSatisfy(saver -> assertThat(saver.confirmations.get()).isPositive());
            assertThat(faults).as("seed " + seed).isEmpty();
        }
    }

    private void prepare(Machine machine) throws Exception {
        Desk desk = new Desk(machine.port);
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
        savers.add(new Saver.Signer(new Desk(machine.port), 1));
        savers.add(new Saver.Taker(new Desk(machine.port), file));
        for (int i = 0; i < 3; i++) {
            savers.add(new Saver.Keeper(new Desk(machine.port), open(desk, token, i)));
        }
        savers.add(new Saver.Typist(new Desk(machine.port), open(desk, token, 9)));
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

    private void round(Machine machine, Cut cut, Cut back) throws Exception {
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
        boolean midway = Saver.UNDER_WAY.get() > 0;
        cut.on(machine);
        kills++;
        inTheMiddle += midway ? 1 : 0;
        on.set(false);
        for (Future<?> w : work) {
            w.get(2, TimeUnit.MINUTES);
        }
        hands.shutdown();
        back.on(machine);
        machine.answers();
        try (Connection database = machine.connect()) {
            for (Saver saver : savers) {
                saver.compare(database).forEach(fault -> faults.add("kill " + kills + ": " + fault));
            }
        }
        System.out.println("crash: kill " + kills + ", "
                + savers.stream().mapToLong(s -> s.confirmations.get()).sum() + " saves confirmed so far, "
                + faults.size() + " lost or half");
    }
}
