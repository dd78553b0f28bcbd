package unbo.app.logbook;

import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

import unbo.app.data.Starting;

/** Writes the logbook's rows anew, with facts and runs by the places of each kind of assembly. */
@Component
class LogbookByPlace extends BaseJavaMigration {

    @Override
    protected void init() {
        // named below; the name of the class says what it does
    }

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("16");
    }

    @Override
    public String getDescription() {
        return "logbook by place";
    }

    @Override
    public void migrate(Context context) {
        Starting.now("the logbook is written anew by place");
        LogbookFilled.fill(new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true)));
    }
}
