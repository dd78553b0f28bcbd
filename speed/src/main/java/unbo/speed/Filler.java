package unbo.speed;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * Fills a database that holds the demo data with as many jobs as are wanted, by copying the demo's own: one in fifty is
 * open, the others signed, five at each position, over twelve years; every second position is due some day.
 */
final class Filler {

    static final int JOBS_AT_A_POSITION = 5;
    static final int OPEN_ONE_IN = 50;

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
        long signed = number("select max(id) from job where state = 'SIGNED' and id <= 20");
        long open = number("select j.id from job j join stage s on s.job_id = j.id where j.state = 'OPEN' "
                + "and j.id <= 20 group by j.id order by count(*) desc limit 1");
        int positions = (more + JOBS_AT_A_POSITION - 1) / JOBS_AT_A_POSITION;
        long vehicles = number("select max(id) from vehicle");
        long places = number("select max(id) from vehicle_position");
        long visits = number("select max(id) from visit");
        long last = number("select max(id) from job");
        database.setAutoCommit(false);
        try (Statement sql = database.createStatement()) {
            sql.execute("insert into vehicle (id, version, kind, name, mark, owner, counter_unit, "
                    + "yearly_distance, use_code, axles) "
                    + "select " + vehicles
                    + " + seq, 0, 'trailer', concat('Copied trailer ', seq), concat('CP ', seq), "
                    + "'C.T.', 'none', 1500, 'immersed', 1 from seq_1_to_"
                    + (positions + 1) / 2);
            sql.execute("insert into vehicle_position (id, version, vehicle_id, code, facts, numbers, "
                    + "last_worked_on, due_on, due_immersions, immersed) "
                    + "select " + places + " + seq, 0, " + vehicles
                    + " + ceil(seq / 2), if(seq % 2 = 1, 'axle1-left', 'axle1-right'), p.facts, "
                    + "p.numbers, p.last_worked_on, "
                    + "if(seq % 2 = 0, date_add(curdate(), interval cast(seq as signed) % 700 - 20 "
                    + "day), null), if(seq % 10 = 0, 20, null), seq % 24 "
                    + "from seq_1_to_" + positions
                    + ", vehicle_position p where p.id = (select position_id from job where id = " + signed
                    + ")");
            sql.execute("insert into visit (id, vehicle_id, opened_at) select " + visits + " + seq, " + vehicles
                    + " + ceil(ceil(seq / " + JOBS_AT_A_POSITION + ") / 2), "
                    + "date_sub(now(), interval seq % 4380 day) from seq_1_to_" + more);
            sql.execute("insert into job (id, version, visit_id, position_id, state, waiting_for, "
                    + "opened_at, closed_at, worked_on, counter, complaint, cause, signed_by, "
                    + "numbers, sheet, rail) "
                    + "select " + last + " + seq, 0, " + visits + " + seq, " + places + " + ceil(seq / "
                    + JOBS_AT_A_POSITION + "), j.state, '', date_sub(now(), interval seq % 4380 day), "
                    + "if(j.state = 'SIGNED', date_sub(now(), interval seq % 4380 day), null), "
                    + "date_sub(curdate(), interval seq % 4380 day), null, concat(j.complaint, ' Copy ', seq), "
                    + "j.cause, j.signed_by, j.numbers, j.sheet, j.rail from seq_1_to_" + more
                    + " join job j on j.id = if(seq % " + OPEN_ONE_IN + " = 0, " + open + ", " + signed + ")");
            sql.execute("insert into stage (version, job_id, code, state, complete, document, saved_at) "
                    + "select 0, " + last + " + seq, s.code, s.state, s.complete, s.document, s.saved_at from seq_1_to_"
                    + more
                    + " join stage s on s.job_id = if(seq % " + OPEN_ONE_IN + " = 0, " + open + ", " + signed + ")");
            runs(sql, more, places, last);
        }
        database.commit();
        database.setAutoCommit(true);
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
}
