package unbo.app.crash;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

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
            savers.addAll(Savers.prepare(machine.port));
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

    private void round(Machine machine, Cut cut, Cut back) throws Exception {
        Savers.Saving saving = Savers.start(savers, random);
        cut.on(machine);
        kills++;
        inTheMiddle += saving.midway() ? 1 : 0;
        saving.stop();
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
