package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class UnboApplicationTest {

    private static Map<String, String> bound(String bind, String passphrase) {
        Map<String, String> settings = new HashMap<>();
        settings.put("UNBO_BIND", bind);
        settings.put("UNBO_PASSPHRASE", passphrase);
        return settings;
    }

    @ParameterizedTest
    @CsvSource({",", "127.0.0.1,", "localhost,", "0.0.0.0,long enough"})
    void anAddressOfThisMachineIsTaken(String bind, String passphrase) {
        assertThat(UnboApplication.refusal(bound(bind, passphrase))).isNull();
    }

    @ParameterizedTest
    @ValueSource(strings = {"203.0.113.9", "no such name"})
    void anAddressOfAnotherMachineIsSaidToBeOne(String bind) {
        assertThat(UnboApplication.refusal(bound(bind, "long enough")))
                .startsWith("UNBO_BIND=" + bind + " is no address of this machine");
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "99999", "-1", "8o80"})
    void aPortThatIsNoneIsRefused(String port) {
        assertThat(UnboApplication.refusal(Map.of("UNBO_PORT", port))).startsWith("UNBO_PORT=" + port + " is no port");
        assertThat(UnboApplication.refusal(Map.of("UNBO_PORT", "8080"))).isNull();
    }

    @ParameterizedTest
    @ValueSource(strings = {"unbo", "jdbc:postgresql://x/y", "jdbc:mariadb://127.0.0.1", "http://127.0.0.1/unbo"})
    void anAddressThatIsNoDatabaseIsRefused(String url) {
        assertThat(UnboApplication.refusal(Map.of("UNBO_DB_URL", url)))
                .startsWith("UNBO_DB_URL=" + url + " is no address of a database");
        assertThat(UnboApplication.refusal(Map.of("UNBO_DB_URL", "jdbc:mariadb://127.0.0.1:3306/unbo")))
                .isNull();
    }
}
