package unbo.app.crash;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;

/** Saves one thing after another and remembers what was confirmed; afterwards it compares that with what is there. */
abstract class Saver {

    static final AtomicInteger UNDER_WAY = new AtomicInteger();

    final Desk desk;
    /** The last save that was confirmed, and the last that was tried; 0 for none. */
    long confirmed;

    long tried;
    final AtomicLong confirmations = new AtomicLong();

    Saver(Desk desk) {
        this.desk = desk;
    }

    /** Saves until it fails or is told to stop. */
    final void run(BooleanSupplier on) {
        try {
            begin();
            while (on.getAsBoolean()) {
                tried++;
                UNDER_WAY.incrementAndGet();
                boolean done;
                try {
                    done = save(tried);
                } finally {
                    UNDER_WAY.decrementAndGet();
                }
                if (!done) {
                    return;
                }
                confirmed = tried;
                confirmations.incrementAndGet();
                after();
            }
        } catch (IOException | InterruptedException cut) {
            // The save under way was cut short: it was tried, not confirmed.
        }
    }

    abstract void begin() throws IOException, InterruptedException;

    /** @return true when the answer confirmed it */
    abstract boolean save(long number) throws IOException, InterruptedException;

    void after() throws IOException, InterruptedException {}

    /** What is lost or half there, in sentences; empty when all is as it was confirmed. */
    abstract List<String> compare(Connection database) throws Exception;

    /** What was found must be the last confirmed save, or the one that was under way. */
    final void check(String what, long found, List<String> faults) {
        if (found != confirmed && found != tried) {
            faults.add(what + ": save " + found + " is there, " + confirmed + " was confirmed and " + tried
                    + " under way");
        }
        confirmed = found;
        tried = found;
    }

    static long number(String text) {
        String digits = text.replaceAll("\\D+", "");
        return digits.isEmpty() ? 0 : Long.parseLong(digits);
    }

    static String one(Connection database, String query, long id) throws SQLException {
        try (var statement = database.prepareStatement(query)) {
            statement.setLong(1, id);
            try (ResultSet row = statement.executeQuery()) {
                return row.next() ? String.valueOf(row.getString(1)) : "";
            }
        }
    }

    static boolean redirected(HttpResponse<String> answer) {
        return answer.statusCode() == 302;
    }

    /** Keeps the intake of a job again and again; each save writes its number into two boxes. */
    static final class Keeper extends Saver {

        private final long job;
        private String token;
        private String version;

        Keeper(Desk desk, long job) {
            super(desk);
            this.job = job;
        }

        @Override
        void begin() throws IOException, InterruptedException {
            String page = desk.page("/jobs/" + job + "/intake");
            token = Desk.value(page, "_csrf");
            version = Desk.value(page, "version");
        }

        @Override
        boolean save(long number) throws IOException, InterruptedException {
            return redirected(desk.send(
                    "/jobs/" + job + "/intake",
                    Map.of(
                            "_csrf",
                            token,
                            "version",
                            version,
                            "base",
                            "{}",
                            "stay",
                            "yes",
                            "complaint",
                            "Save " + number,
                            "day",
                            "2026-05-04",
                            "counter",
                            "",
                            "load",
                            String.format(Locale.ROOT, "%d.%03d", 100 + number / 1000, number % 1000))));
        }

        @Override
        void after() throws IOException, InterruptedException {
            version = Desk.value(desk.page("/jobs/" + job + "/intake"), "version");
        }

        @Override
        List<String> compare(Connection database) throws Exception {
            List<String> faults = new ArrayList<>();
            String document = one(database, "select document from stage where job_id = ? and code = 'intake'", job);
            long found = document.isEmpty()
                    ? 0
                    : number(document.replaceAll("(?s).*?\"complaint\":\"Save (\\d+)\".*", "$1"));
            check("intake of job " + job, found, faults);
            if (found > 0) {
                long load = number(document.replaceAll("(?s).*?\"load\":\"([\\d.]+)\".*", "$1")) - 100_000;
                long fact =
                        number(document.replaceAll("(?s).*?\"key\":\"COMPLAINT\",\"text\":\"Save (\\d+)\".*", "$1"));
                long headline = number(one(database, "select complaint from job where id = ?", job));
                if (load != found || fact != found || headline != found) {
                    faults.add("half a job " + job + ": texts " + found + " and " + load + ", fact " + fact
                            + ", headline " + headline);
                }
            }
            return faults;
        }
    }

    /** Types without keeping: every answer confirms a draft. */
    static final class Typist extends Saver {

        private final long job;
        private String token;

        Typist(Desk desk, long job) {
            super(desk);
            this.job = job;
        }

        @Override
        void begin() throws IOException, InterruptedException {
            token = Desk.value(desk.page("/jobs/" + job + "/identify"), "_csrf");
        }

        @Override
        boolean save(long number) throws IOException, InterruptedException {
            Map<String, String> texts = new HashMap<>(Map.of("_csrf", token, "version", "-1", "base", "{}"));
            texts.put("outerCone", "L44643");
            texts.put("hubBore", (40000 + number) + " um");
            return desk.send("/jobs/" + job + "/identify/preview", texts).statusCode() == 200;
        }

        @Override
        List<String> compare(Connection database) throws Exception {
            List<String> faults = new ArrayList<>();
            String shown = Desk.value(desk.page("/jobs/" + job + "/identify"), "hubBore");
            check("draft of job " + job, shown.isEmpty() ? 0 : number(shown) - 40000, faults);
            return faults;
        }
    }

    /** Takes in whole jobs from a file, each as a vehicle of its own. */
    static final class Taker extends Saver {

        private final String file;
        private String token;

        Taker(Desk desk, String file) {
            super(desk);
            this.file = file;
        }

        @Override
        void begin() throws IOException, InterruptedException {
            token = Desk.value(desk.page("/take-in"), "_csrf");
        }

        @Override
        boolean save(long number) throws IOException, InterruptedException {
            return redirected(desk.sendFile("/take-in", token, file.replace("MARK", "T" + number)));
        }

        @Override
        List<String> compare(Connection database) throws Exception {
            List<String> faults = new ArrayList<>();
            try (var statement = database.createStatement();
                    ResultSet rows = statement.executeQuery(
                            "select v.mark, count(distinct p.id), count(distinct j.id), count(distinct "
                                    + "s.id), max(j.sheet is not null) "
                                    + "from vehicle v left join vehicle_position p on p.vehicle_id = v.id left join "
                                    + "job j on j.position_id = p.id left join stage s on s.job_id = j.id "
                                    + "where v.mark like 'T%' group by v.id order by v.id")) {
                long last = 0;
                while (rows.next()) {
                    long number = number(rows.getString(1));
                    if (number != last + 1) {
                        faults.add("taken in: " + number + " follows " + last);
                    }
                    last = number;
                    if (rows.getInt(2) != 2 || rows.getInt(3) != 1 || rows.getInt(4) != 6 || rows.getInt(5) != 1) {
                        faults.add("half a job taken in: " + number + " has " + rows.getInt(2) + " positions, "
                                + rows.getInt(3) + " jobs, " + rows.getInt(4) + " stages");
                    }
                }
                check("taken in", last, faults);
            }
            return faults;
        }
    }

    /** Signs a job and opens it again: job and position change together or not at all. */
    static final class Signer extends Saver {

        private final long job;
        private String token;

        Signer(Desk desk, long job) {
            super(desk);
            this.job = job;
        }

        @Override
        void begin() throws IOException, InterruptedException {
            token = Desk.value(desk.page("/jobs/" + job + "/report"), "_csrf");
        }

        @Override
        boolean save(long number) throws IOException, InterruptedException {
            return redirected(
                    number % 2 == 1
                            ? desk.send(
                                    "/jobs/" + job + "/do/reopen", Map.of("_csrf", token, "text", "reopened " + number))
                            : desk.send("/jobs/" + job + "/do/sign", Map.of("_csrf", token)));
        }

        @Override
        List<String> compare(Connection database) throws Exception {
            List<String> faults = new ArrayList<>();
            boolean signed =
                    one(database, "select state from job where id = ?", job).equals("SIGNED");
            boolean frozen = !one(database, "select coalesce(length(sheet), 0) from job where id = ?", job)
                    .equals("0");
            boolean remembered = !one(
                            database,
                            "select p.last_worked_on from vehicle_position p join job j on j.position_id = "
                                    + "p.id where j.id = ?",
                            job)
                    .equals("null");
            if (signed != frozen || signed != remembered) {
                faults.add("half signed job " + job + ": signed " + signed + ", frozen " + frozen + ", remembered "
                        + remembered);
            }
            long reopened = number(one(
                    database,
                    "select coalesce(max(cast(substring(text, 10) as unsigned)), 0) from job_note "
                            + "where kind = 'reopened' and job_id = ?",
                    job));
            check("signing of job " + job, signed && reopened > 0 ? reopened + 1 : reopened, faults);
            return faults;
        }
    }
}
