package unbo.app.logbook;

import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

import unbo.app.data.Starting;

/** Writes the runs of all bearings anew, with what they are counted by and how their races read. */
@Component
class LogbookRuns extends BaseJavaMigration {

    @Override
    protected void init() {
        // named below; the name of the class says what it does
    }

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("19");
    }

    @Override
    public String getDescription() {
        return "runs with what they are counted by";
    }

    @Override
    public void migrate(Context context) {
        Starting.now("the runs of bearings are written anew");
        LogbookFilled.runs(new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true)));
    }
}
