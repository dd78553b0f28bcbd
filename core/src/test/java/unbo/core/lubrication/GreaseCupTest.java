package unbo.core.lubrication;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class GreaseCupTest {

    /** Ø 20, pitch 1.5: 471.2 mm³ a turn, 0.424 g. D 52, B 15: 3.9 g each 400 h; 40 h a week: 0.39 g, 0.92 turns. */
    @Test
    void turnsOfACup() {
        double week = GreaseCup.weekG(FreeVolume.replenishG(52, 15, 10), 400, 40);
        assertThat(week).isCloseTo(0.39, within(1e-12));
        GreaseCup cup = GreaseCup.of(20, 1.5, 18, week);
        assertThat(cup.turnG()).isCloseTo(0.4241, within(1e-4));
        assertThat(cup.turnsAWeek()).isCloseTo(0.9196, within(1e-3));
        assertThat(cup.turnsFull()).isCloseTo(12, within(1e-12));
        assertThat(cup.weeks()).isCloseTo(13.05, within(0.01));
    }

    @Test
    void nothingWantedLastsForEver() {
        assertThat(GreaseCup.of(20, 1.5, 18, 0).weeks()).isInfinite();
    }

    /** A drawn cup of 26 x 16 with a third of a cubic centimetre free takes 0.30 g, not 2.08. */
    @Test
    void neverMoreThanItsRoom() {
        assertThat(FreeVolume.replenishG(26, 16, 1.0 / 3)).isCloseTo(0.30, within(1e-9));
    }
}
