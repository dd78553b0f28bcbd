package unbo.app.data;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class WordsTest {

    @Test
    void everyWordMustBeThereOrOneThatBeginsWithIt() {
        assertThat(Words.all("Howls  by the mole")).isEqualTo("+howls* +mole*");
        assertThat(Words.all("6305-2RS")).isEqualTo("+6305* +2rs*");
        assertThat(Words.all("Ölig, über")).isEqualTo("+ölig* +über*");
    }

    /** Signs of the search language stand for nothing. */
    @Test
    void nothingThatWasTypedIsASign() {
        assertThat(Words.all("+grease* (-\"seal\") @~<>")).isEqualTo("+grease* +seal*");
        assertThat(Words.all("a of ?? ''")).isEmpty();
    }

    @Test
    void ofAnyWordTheFirstLettersMustBeRight() {
        assertThat(Words.any("Harbuor dory", 3)).isEqualTo("har* dor*");
    }
}
