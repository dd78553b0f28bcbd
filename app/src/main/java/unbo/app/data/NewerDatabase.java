package unbo.app.data;

import java.util.Arrays;

import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Refuses a database that a newer release has laid out: this one would read it wrongly. */
@Configuration(proxyBeanMethods = false)
public class NewerDatabase {

    /** Why nothing was opened, in a sentence. */
    public static final class Refused extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Refused(String sentence) {
            super(sentence);
        }
    }

    @Bean
    static FlywayMigrationStrategy migrateUnlessNewer() {
        return flyway -> {
            Starting.now("the database is asked for its form");
            MigrationInfo[] all = flyway.info().all();
            MigrationVersion known = newest(all, false);
            MigrationVersion there = newest(all, true);
            if (there.compareTo(known) > 0) {
                throw new Refused("This database was laid out by a newer Unbo (its form is " + there
                        + ", this one knows " + known
                        + "): start that one again, or give this one a database of its own. Nothing was changed.");
            }
            Starting.now("the database is migrated to form " + known);
            flyway.migrate();
            Starting.now("the application is put together");
        };
    }

    private static MigrationVersion newest(MigrationInfo[] all, boolean applied) {
        return Arrays.stream(all)
                .filter(one -> one.getVersion() != null
                        && (applied
                                ? one.getState().isApplied()
                                : one.getState().isResolved()))
                .map(MigrationInfo::getVersion)
                .max(MigrationVersion::compareTo)
                .orElse(MigrationVersion.EMPTY);
    }
}
