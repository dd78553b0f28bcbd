package unbo.app.logbook;

import java.util.ArrayList;
import java.util.List;

import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

import unbo.app.data.Starting;
import unbo.core.input.UnitSystem;

/** Fills the logbook's rows from the documents of the jobs that are there. */
@Component
class LogbookFilled extends BaseJavaMigration {

    private static final int AT_ONCE = 200;

    private record StageRow(long id, long job, String code, String document) {}

    @Override
    protected void init() {
        // named below; the name of the class says what it does
    }

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("14");
    }

    @Override
    public String getDescription() {
        return "logbook filled";
    }

    @Override
    public void migrate(Context context) {
        Starting.now("the logbook is filled from the jobs that are there");
        fill(new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true)));
    }

    /** Rows of stages and parts lists; runs have columns of their own that come later. */
    static void fill(JdbcTemplate rows) {
        LogbookWriter writer = new LogbookWriter(rows);
        UnitSystem units = UnitSystem.named(
                        rows.queryForObject("SELECT unit_system FROM workshop WHERE id = 1", String.class))
                .orElse(UnitSystem.METRIC);
        stages(rows, writer::stage);
        rows.query("SELECT id, parts FROM job WHERE parts IS NOT NULL", row -> {
            writer.parts(row.getLong("id"), row.getString("parts"), units);
        });
    }

    /** The runs of every position. */
    static void runs(JdbcTemplate rows) {
        LogbookWriter writer = new LogbookWriter(rows);
        rows.queryForList("SELECT DISTINCT position_id FROM job WHERE state = 'SIGNED'", Long.class)
                .forEach(writer::runs);
    }

    /** Times of the steps of every stage: they have a table of their own that comes later. */
    static void steps(JdbcTemplate rows) {
        stages(rows, new LogbookWriter(rows)::steps);
    }

    /** Takes what a stage's document says, by its job and the code of the stage. */
    private interface Taken {
        void stage(long job, String code, String document);
    }

    private static void stages(JdbcTemplate rows, Taken taken) {
        long last = 0;
        List<StageRow> some;
        do {
            some = new ArrayList<>(rows.query(
                    "SELECT id, job_id, code, document FROM stage WHERE id > ? ORDER BY id LIMIT " + AT_ONCE,
                    (row, n) -> new StageRow(
                            row.getLong("id"), row.getLong("job_id"), row.getString("code"), row.getString("document")),
                    last));
            for (StageRow stage : some) {
                taken.stage(stage.job(), stage.code(), stage.document());
                last = stage.id();
            }
        } while (!some.isEmpty());
    }
}
