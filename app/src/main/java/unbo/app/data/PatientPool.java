package unbo.app.data;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import javax.sql.DataSource;

import com.zaxxer.hikari.HikariDataSource;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Role;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.stereotype.Component;

/**
 * Waits for a connection for longer where the database answers and only many are asking; a database that is gone is
 * told of after the first wait.
 */
@Component
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class PatientPool implements BeanPostProcessor {

    private static final int WAITS = 6;

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof HikariDataSource pool ? new Patient(pool) : bean;
    }

    private static final class Patient extends DelegatingDataSource implements AutoCloseable {

        private final HikariDataSource pool;

        Patient(HikariDataSource pool) {
            super(pool);
            this.pool = pool;
        }

        @Override
        public Connection getConnection() throws SQLException {
            for (int wait = 1; ; wait++) {
                try {
                    return pool.getConnection();
                } catch (SQLTransientConnectionException busy) {
                    boolean working = busy.getCause() == null
                            && pool.getHikariPoolMXBean().getActiveConnections() > 0;
                    if (!working || wait == WAITS) {
                        throw busy;
                    }
                }
            }
        }

        @Override
        public DataSource getTargetDataSource() {
            return pool;
        }

        @Override
        public void close() {
            pool.close();
        }
    }
}
