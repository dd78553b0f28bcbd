package unbo.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GuessedTest {

    @ParameterizedTest
    @ValueSource(
            strings = {"password1234", "123456789012", "qwertyuiop12", "iloveyou2024", "harborharbor", "aaaaaabbbbbb"})
    void whatIsTriedFirstIsRefused(String password) {
        assertThat(Guessed.refusal(password, "Ann")).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"low tide at nine", "crane gravel lemon", "x7#Rk2!vPq9z", "ümlaut im schlüsselbund"})
    void aFewWordsThatDoNotBelongTogetherDo(String password) {
        assertThat(Guessed.refusal(password, "Ann")).isEmpty();
        assertThat(Guessed.of(password, "Ann").step()).isGreaterThanOrEqualTo(Guessed.LEAST);
    }

    @ParameterizedTest
    @ValueSource(strings = {"short", "Annabella Annabella"})
    void lengthAndNameComeFirst(String password) {
        assertThat(Guessed.refusal(password, "Annabella")).isNotEmpty();
    }
}
