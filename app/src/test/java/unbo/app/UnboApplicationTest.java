package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnboApplicationTest {

    @ParameterizedTest
    @CsvSource({",", "127.0.0.1,", "localhost,", "0.0.0.0,long enough"})
    void servesLoopbackFreelyAndOthersBehindAPassphrase(String bind, String passphrase) {
        assertThat(UnboApplication.refusal(bind, passphrase)).isNull();
    }

    @ParameterizedTest
    @CsvSource({"0.0.0.0,", "0.0.0.0,short"})
    void refusesOtherMachinesWithoutAPassphrase(String bind, String passphrase) {
        assertThat(UnboApplication.refusal(bind, passphrase)).contains("UNBO_PASSPHRASE").endsWith(".");
    }
}
