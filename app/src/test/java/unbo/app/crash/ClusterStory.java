package unbo.app.crash;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/**
 * Of three databases that are one and two applications before them, one after the other is killed in the middle of
 * saving; the others go on, and every confirmed save is there, in each database, whole. Run by {@code ./unbo test
 * cluster}, for it needs packages that nothing else needs; {@code -Dunbo.cluster.rounds} kills of each kind.
 */
@EnabledIfSystemProperty(named = "unbo.cluster.rounds", matches = "\\d+")
class ClusterStory {

    private static final int ROUNDS = Integer.getInteger("unbo.cluster.rounds", 3);
    private static final int NODES = 3;

    private final long seed = System.nanoTime();
    private final Random random = new Random(seed);
    private final List<String> faults = new ArrayList<>();
    private List<Saver> savers;
    private int kills;
    private int inTheMiddle;

    /** What is done to one of several. */
    private interface Done {
        void to(int n) throws Exception;
    }

    @Test
    void whateverOfThemIsKilledTheOthersGoOnAndNothingConfirmedIsLost(@TempDir Path folder) throws Exception {
        try (Cluster cluster = new Cluster(folder)) {
            cluster.startApplication(0);
            cluster.startApplication(1);
            savers = Savers.prepare(cluster.port());
            for (int round = 0; round < ROUNDS; round++) {
                round(cluster, round % NODES, cluster::killDatabase, cluster::startDatabase);
                round(cluster, round % 2, cluster::killApplication, cluster::startApplication);
            }
            long confirmed =
                    savers.stream().mapToLong(s -> s.confirmations.get()).sum();
            System.out.println("cluster: " + kills + " kills, half of a database, half of an application; " + confirmed
                    + " confirmed saves, " + faults.size() + " lost or half (seed " + seed + ")");
            faults.forEach(System.out::println);
            assertThat(kills).isEqualTo(2 * ROUNDS);
            assertThat(inTheMiddle).as("kills with a save under way").isGreaterThanOrEqualTo(ROUNDS);
            assertThat(savers)
                    .allSatisfy(saver -> assertThat(saver.confirmations.get()).isPositive());
            assertThat(faults).as("seed " + seed).isEmpty();
        }
    }

    /** One is killed; what is left must serve and hold everything before it comes back. */
    private void round(Cluster cluster, int n, Done kill, Done back) throws Exception {
        Savers.Saving saving = Savers.start(savers, random);
        kill.to(n);
        kills++;
        inTheMiddle += saving.midway() ? 1 : 0;
        saving.stop();
        Programs.untilPages(cluster.port());
        compare(cluster, (n + 1) % NODES, true);
        Savers.start(savers, random).stop(); // those that are left take saves
        back.to(n);
        cluster.answers();
        for (int node = 0; node < NODES; node++) {
            compare(cluster, node, node == 0);
        }
        System.out.println("cluster: kill " + kills + ", "
                + savers.stream().mapToLong(s -> s.confirmations.get()).sum() + " saves confirmed so far, "
                + faults.size() + " lost or half");
    }

    /** @param first false where the same was compared in another database: then nothing may be new */
    private void compare(Cluster cluster, int node, boolean first) throws Exception {
        try (Connection database = cluster.connect(node)) {
            for (Saver saver : savers) {
                long before = saver.confirmed;
                saver.compare(database)
                        .forEach(fault -> faults.add("kill " + kills + ", database " + node + ": " + fault));
                if (!first && saver.confirmed != before) {
                    faults.add("kill " + kills + ": database " + node + " tells otherwise than another");
                }
            }
        }
    }
}
