package unbo.core.seek;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StemsTest {

    @ParameterizedTest
    @CsvSource({
        "humming, humming, 0",
        "humming, huming, 1",
        "humming, hummimg, 1",
        "humming, hmuming, 1",
        "grinding, grnidng, 2",
        "grease, trailer, 5"
    })
    void distanceCountsLettersWrongMissingTooManyOrChangedPlaces(String a, String b, int slips) {
        assertThat(Stems.distance(a, b)).isEqualTo(slips);
        assertThat(Stems.distance(b, a)).isEqualTo(slips);
    }

    @ParameterizedTest
    @CsvSource({
        "trailr, trailer, true",
        "tralier, trailer, true",
        "trialr, trailer, false",
        "hub, hum, false",
        "lubrication, lubricatoin, true",
        "lubrication, lubrcatoin, true",
        "lubrication, lbrcatoin, false"
    })
    void aLongWordMayHaveTwoSlipsAndAShortOneNone(String typed, String meant, boolean slipped) {
        assertThat(Stems.slipped(typed, meant)).isEqualTo(slipped);
    }

    @Test
    void noSlipIsLostByLookingAtTheLettersFirst() {
        Random random = new Random(7);
        String letters = "abcdefghijklmnopqrstuvwxyz0123456789äß";
        for (int i = 0; i < 20_000; i++) {
            StringBuilder word = new StringBuilder();
            int length = 4 + random.nextInt(10);
            for (int k = 0; k < length; k++) {
                word.append(letters.charAt(random.nextInt(letters.length())));
            }
            StringBuilder typed = new StringBuilder(word);
            for (int slips = length >= 10 ? 2 : 1; slips > 0; slips--) {
                int at = random.nextInt(typed.length());
                switch (random.nextInt(3)) {
                    case 0 -> typed.setCharAt(at, letters.charAt(random.nextInt(letters.length())));
                    case 1 -> typed.insert(at, letters.charAt(random.nextInt(letters.length())));
                    default -> typed.deleteCharAt(at);
                }
            }
            boolean wanted = Math.min(typed.length(), length) >= 4
                    && Stems.distance(typed.toString(), word.toString())
                            <= (Math.min(typed.length(), length) >= 9 ? 2 : 1);
            assertThat(Stems.slipped(typed.toString(), word.toString()))
                    .as("%s for %s", typed, word)
                    .isEqualTo(wanted);
        }
    }
}
