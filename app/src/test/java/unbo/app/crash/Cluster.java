package unbo.app.crash;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Three databases as one (MariaDB Galera) and two applications behind one door, all on loopback. Each application has
 * another of the databases first; a connection at the door goes to the next application that takes it.
 */
final class Cluster implements AutoCloseable {

    private static final int NODES = 3;
    private static final String LIBRARY = "/usr/lib/galera/libgalera_smm.so";
    /** Where the scripts lie by which a node is copied, where the system has none. */
    private static final String SCRIPTS = System.getProperty("unbo.cluster.scripts", "");

    private static final String SYNCED = "select variable_value = 'Synced' from information_schema.global_status "
            + "where variable_name = 'wsrep_local_state_comment'";

    private final Path folder;
    private final Programs programs;
    private final List<Node> nodes = new ArrayList<>();
    private final Process[] applications = new Process[2];
    private final int[] ports = {Programs.freePort(), Programs.freePort()};
    private final ServerSocket door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    private final AtomicInteger came = new AtomicInteger();
    private final ExecutorService relays = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "door");
        thread.setDaemon(true);
        return thread;
    });

    /** One database. */
    private static final class Node {

        private final int sql = Programs.freePort();
        private final int group = Programs.freePort();
        private final int missed = Programs.freePort();
        private final int whole = Programs.freePort();
        private Process process;
    }

    Cluster(Path folder) throws Exception {
        this.folder = folder;
        programs = new Programs(folder);
        for (int n = 0; n < NODES; n++) {
            nodes.add(new Node());
        }
        programs.layOut(data(0));
        start(0, "gcomm://");
        Programs.open(nodes.get(0).sql);
        for (int n = 1; n < NODES; n++) {
            Files.createDirectory(data(n));
            startDatabase(n);
        }
        relays.execute(this::welcome);
    }

    int port() {
        return door.getLocalPort();
    }

    private Path data(int n) {
        return folder.resolve("data" + n);
    }

    void startDatabase(int n) throws Exception {
        start(
                n,
                "gcomm://"
                        + nodes.stream().map(node -> "127.0.0.1:" + node.group).collect(Collectors.joining(",")));
    }

    private void start(int n, String others) throws Exception {
        Node node = nodes.get(n);
        lend(data(n));
        node.process = programs.run(
                List.of(
                        "mariadbd",
                        "--no-defaults",
                        "--datadir=" + data(n),
                        "--tmpdir=" + Files.createDirectories(folder.resolve("tmp" + n)),
                        "--socket=" + folder.resolve("s" + n),
                        "--port=" + node.sql,
                        "--bind-address=127.0.0.1",
                        "--skip-name-resolve",
                        "--binlog-format=ROW",
                        "--innodb-autoinc-lock-mode=2",
                        "--log-bin-trust-function-creators=ON",
                        "--innodb-buffer-pool-size=32M",
                        "--performance-schema=OFF",
                        "--character-set-server=utf8mb4",
                        "--wsrep-on=ON",
                        "--wsrep-provider=" + LIBRARY,
                        "--wsrep-cluster-name=unbo",
                        "--wsrep-cluster-address=" + others,
                        "--wsrep-node-name=n" + n,
                        "--wsrep-node-address=127.0.0.1:" + node.group,
                        "--wsrep-sync-wait=1",
                        "--wsrep-sst-method=rsync",
                        "--wsrep-sst-receive-address=127.0.0.1:" + node.whole,
                        "--wsrep-provider-options=gmcast.listen_addr=tcp://127.0.0.1:" + node.group
                                + ";ist.recv_addr=127.0.0.1:" + node.missed
                                + ";gcache.size=64M;gcomm.thread_prio=other:0;evs.keepalive_period=PT0.5S"
                                + ";evs.suspect_timeout=PT2S;evs.install_timeout=PT4S;evs.inactive_timeout=PT6S"),
                SCRIPTS.isEmpty() ? "" : SCRIPTS + ":");
        Programs.untilAnswers(node.sql, SYNCED);
    }

    /** What copies a node gives root's rights away. */
    private static void lend(Path data) throws IOException {
        if (!Programs.root()) {
            return;
        }
        var nobody = data.getFileSystem().getUserPrincipalLookupService().lookupPrincipalByName("nobody");
        try (Stream<Path> all = Files.walk(data)) {
            for (Path path : all.toList()) {
                Files.setOwner(path, nobody);
            }
        }
    }

    void startApplication(int n) throws Exception {
        List<String> hosts = new ArrayList<>();
        for (int i = 0; i < NODES; i++) {
            hosts.add("127.0.0.1:" + nodes.get((n + i) % NODES).sql);
        }
        applications[n] = programs.application(
                ports[n],
                "jdbc:mariadb:sequential://" + String.join(",", hosts) + "/unbo?connectTimeout=2000",
                Map.of("UNBO_ALONE", "false", "UNBO_INSTRUMENT_PORT", "-1"));
    }

    void killApplication(int n) {
        Programs.kill(applications[n]);
    }

    void killDatabase(int n) {
        Programs.kill(nodes.get(n).process);
    }

    void answers() {
        for (int port : ports) {
            Programs.untilPages(port);
        }
    }

    /** To one of the databases, as it has all that the others confirmed. */
    Connection connect(int n) throws SQLException {
        return DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + nodes.get(n).sql + "/unbo", "unbo", "crash");
    }

    private void welcome() {
        while (!door.isClosed()) {
            try {
                Socket caller = door.accept();
                relays.execute(() -> relay(caller));
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void relay(Socket caller) {
        int first = came.getAndIncrement();
        try (caller;
                Socket node = node(first)) {
            relays.execute(() -> pump(caller, node));
            node.getInputStream().transferTo(caller.getOutputStream());
        } catch (IOException gone) {
            // whoever asked sees that the line is cut
        }
    }

    private Socket node(int first) throws IOException {
        try {
            return new Socket(InetAddress.getLoopbackAddress(), ports[first % 2]);
        } catch (IOException gone) {
            return new Socket(InetAddress.getLoopbackAddress(), ports[(first + 1) % 2]);
        }
    }

    private static void pump(Socket from, Socket to) {
        try {
            from.getInputStream().transferTo(to.getOutputStream());
            to.shutdownOutput();
        } catch (IOException gone) {
            // the other direction ends too
        }
    }

    @Override
    public void close() throws IOException {
        door.close();
        relays.shutdownNow();
        for (Process application : applications) {
            Programs.kill(application);
        }
        nodes.forEach(node -> Programs.kill(node.process));
    }
}
