package unbo.app.logbook;

import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

import unbo.app.data.Starting;

/** Fills the times of steps from the documents of jobs. */
@Component
class LogbookSteps extends BaseJavaMigration {

    @Override
    protected void init() {
        // named below; the name of the class says what it does
    }

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("21");
    }

    @Override
    public String getDescription() {
        return "times of steps";
    }

    @Override
    public void migrate(Context context) {
        Starting.now("the times of steps are read off the jobs");
        LogbookFilled.steps(new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true)));
    }
}
