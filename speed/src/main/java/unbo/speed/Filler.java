package unbo.speed;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/**
 * Fills a database that holds the demo data with as many jobs as are wanted, by copying all of the demo's own in turn:
 * one in fifty is open, the others signed, five at each position, over twelve years; every second position is due some
 * day, and every job that named its cause is counted as a case of the workshop's own.
 */
final class Filler {

    static final int JOBS_AT_A_POSITION = 5;
    static final int OPEN_ONE_IN = 50;

    private static final int PATIENCE_S = 60;

    private final Connection database;

    Filler(Connection database) {
        this.database = database;
    }

    /** @return the number of jobs there are afterwards */
    long fill(int jobs) throws SQLException {
        long there = number("select count(*) from job");
        int more = (int) (jobs - there);
        if (more > 0) {
            copy(more);
        }
        try (Statement sql = database.createStatement()) {
            sql.execute("analyze table vehicle, vehicle_position, immersion, visit, job, stage, bearing_run");
        }
        return number("select count(*) from job");
    }

    private void copy(int more) throws SQLException {
        int positions = (more + JOBS_AT_A_POSITION - 1) / JOBS_AT_A_POSITION;
        long vehicles = number("select max(id) from vehicle");
        long places = number("select max(id) from vehicle_position");
        long visits = number("select max(id) from visit");
        long last = number("select max(id) from job");
        database.setAutoCommit(false);
        try (Statement sql = database.createStatement()) {
            patterns(sql);
            papers();
            String signed = "(select count(*) from pattern where open = 0)";
            String vehicle = vehicles + " + ceil(ceil(seq / " + JOBS_AT_A_POSITION + ") / 2)";
            sql.execute("insert into vehicle (id, version, kind, name, mark, owner, counter_unit, "
                    + "yearly_distance, use_code, axles) select " + vehicles + " + seq, 0, v.kind, "
                    + "concat('Copied ', v.kind, ' ', seq), concat('CP ', seq), 'C.T.', v.counter_unit, "
                    + "v.yearly_distance, v.use_code, v.axles from seq_1_to_" + (positions + 1) / 2
                    + " join pattern t on t.open = 0 and t.n = seq % " + signed
                    + " join vehicle v on v.id = t.vehicle_id");
            sql.execute("insert into vehicle_position (id, version, vehicle_id, code, facts, numbers, "
                    + "last_worked_on, due_on, due_immersions, immersed) select " + places + " + seq, 0, " + vehicles
                    + " + ceil(seq / 2), if(seq % 2 = 1, p.code, concat('copy-', p.code)), p.facts, "
                    + "p.numbers, p.last_worked_on, "
                    + "if(seq % 2 = 0, date_add(curdate(), interval cast(seq as signed) % 700 - 20 "
                    + "day), null), if(seq % 10 = 0, 20, null), seq % 24 from seq_1_to_" + positions
                    + " join pattern t on t.open = 0 and t.n = ceil(seq / 2) % " + signed
                    + " join vehicle_position p on p.id = t.position_id");
            sql.execute("insert into visit (id, vehicle_id, opened_at) select " + visits + " + seq, " + vehicle
                    + ", date_sub(now(), interval seq % 4380 day) from seq_1_to_" + more);
            String joined = " join pattern t on t.open = (seq % " + OPEN_ONE_IN + " = 0) and t.n = if(t.open, seq / "
                    + OPEN_ONE_IN + " % (select count(*) from pattern where open = 1), ceil(ceil(seq / "
                    + JOBS_AT_A_POSITION + ") / 2) % " + signed + ") ";
            sql.execute("insert into job (id, version, visit_id, position_id, state, waiting_for, "
                    + "opened_at, closed_at, worked_on, counter, complaint, cause, signed_by, "
                    + "numbers, sheet, rail) select " + last + " + seq, 0, " + visits + " + seq, " + places
                    + " + ceil(seq / " + JOBS_AT_A_POSITION + "), j.state, '', "
                    + "date_sub(now(), interval seq % 4380 day), "
                    + "if(j.state = 'SIGNED', date_sub(now(), interval seq % 4380 day), null), "
                    + "date_sub(curdate(), interval seq % 4380 day), null, concat(j.complaint, ' Copy ', seq), "
                    + "j.cause, j.signed_by, j.numbers, j.sheet, j.rail from seq_1_to_" + more + joined
                    + "join job j on j.id = t.job_id");
            sql.execute("insert into stage (version, job_id, code, state, complete, document, saved_at) "
                    + "select 0, " + last + " + seq, s.code, s.state, s.complete, s.document, s.saved_at from seq_1_to_"
                    + more + joined + "join stage s on s.job_id = t.job_id");
            sql.execute("insert into job_paper (job_id, content) select " + last + " + seq, c.content from seq_1_to_"
                    + more + joined + "join job_paper c on c.job_id = t.job_id");
            sql.execute("insert into own_case (job_id, vehicle, cause, position, checks) select " + last
                    + " + seq, c.vehicle, c.cause, c.position, c.checks from seq_1_to_" + more + joined
                    + "join own_case c on c.job_id = t.job_id");
            runs(sql, more, places, last);
        }
        database.commit();
        database.setAutoCommit(true);
    }

    /** The papers of the demo's jobs are made after its start: waits for them. */
    private void papers() throws SQLException {
        for (int i = 0;
                i < PATIENCE_S
                        && number("select count(*) from pattern t where t.open = 0 and not exists "
                                        + "(select 1 from job_paper p where p.job_id = t.job_id)")
                                > 0;
                i++) {
            database.commit();
            LockSupport.parkNanos(TimeUnit.SECONDS.toNanos(1));
        }
    }

    /** The demo's jobs that copies are made of, counted from 0: {@code open} 1 for those under way, 0 for signed. */
    private static void patterns(Statement sql) throws SQLException {
        sql.execute("drop temporary table if exists pattern");
        sql.execute("create temporary table pattern as select row_number() over (partition by j.state order by j.id) "
                + "- 1 as n, j.state = 'OPEN' as open, j.id as job_id, j.position_id, p.vehicle_id from job j join "
                + "vehicle_position p on p.id = j.position_id where j.state in ('OPEN', 'SIGNED') and j.id <= 40 and "
                + "exists (select 1 from stage s where s.job_id = j.id)");
    }

    /** A run for each job, five at each position, of twenty kinds of place; the last of each position still runs. */
    private static void runs(Statement sql, int more, long places, long last) throws SQLException {
        sql.execute("insert into bearing_run (position_id, place, number, from_job, from_day, fitted, to_job, to_day, "
                + "ended, kind) select " + places + " + ceil(seq / " + JOBS_AT_A_POSITION + "), 'outer', 'LM67048', "
                + last + " + seq, date_sub(curdate(), interval 700 * (5 - seq % 5) + seq % 97 day), true, "
                + "if(seq % 5 = 4, null, " + last + " + seq), if(seq % 5 = 4, null, "
                + "date_sub(curdate(), interval 700 * (5 - seq % 5) - 300 - seq % 389 day)), "
                + "if(seq % 5 = 4, 'running', if(seq % 3 = 0, 'sound', 'failed')), "
                + "concat('kind-', ceil(seq / " + JOBS_AT_A_POSITION + ") % 20) from seq_1_to_" + more);
        sql.execute("update bearing_run set kind = 'adjustable-taper' where kind = 'kind-3'");
    }

    long number(String query) throws SQLException {
        try (Statement sql = database.createStatement();
                ResultSet row = sql.executeQuery(query)) {
            row.next();
            return row.getLong(1);
        }
    }

    /** The first numbers that a query tells. */
    List<Long> numbers(String query, int most) throws SQLException {
        List<Long> numbers = new ArrayList<>();
        try (Statement sql = database.createStatement();
                ResultSet row = sql.executeQuery(query + " limit " + most)) {
            while (row.next()) {
                numbers.add(row.getLong(1));
            }
        }
        return numbers;
    }
}
