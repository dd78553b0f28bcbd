package unbo.app.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.sql.Connection;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import javax.sql.DataSource;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A pool that is only busy is waited for; a database that is gone is told of at once. */
class PatientPoolTest {

    private final HikariDataSource pool = mock(HikariDataSource.class);
    private final HikariPoolMXBean state = mock(HikariPoolMXBean.class);
    private DataSource patient;

    @BeforeEach
    void wrapped() {
        when(pool.getHikariPoolMXBean()).thenReturn(state);
        when(state.getActiveConnections()).thenReturn(10);
        patient = (DataSource) new PatientPool().postProcessAfterInitialization(pool, "dataSource");
    }

    @Test
    void aBusyPoolIsWaitedFor() throws Exception {
        Connection connection = mock(Connection.class);
        when(pool.getConnection())
                .thenThrow(new SQLTransientConnectionException("timed out"))
                .thenThrow(new SQLTransientConnectionException("timed out"))
                .thenReturn(connection);
        assertThat(patient.getConnection()).isSameAs(connection);
    }

    @Test
    void butNotForever() throws Exception {
        when(pool.getConnection()).thenThrow(new SQLTransientConnectionException("timed out"));
        assertThatThrownBy(patient::getConnection).isInstanceOf(SQLTransientConnectionException.class);
        verify(pool, times(6)).getConnection();
    }

    @Test
    void aDatabaseThatIsGoneIsToldOfAfterTheFirstWait() throws Exception {
        when(pool.getConnection())
                .thenThrow(new SQLTransientConnectionException(
                        "timed out", "08000", new SQLNonTransientConnectionException("refused")));
        assertThatThrownBy(patient::getConnection).isInstanceOf(SQLTransientConnectionException.class);
        verify(pool, times(1)).getConnection();
        when(state.getActiveConnections()).thenReturn(0);
    }

    @Test
    void whatIsNoPoolIsLeftAlone() {
        assertThat(new PatientPool().postProcessAfterInitialization("text", "bean"))
                .isEqualTo("text");
    }
}
