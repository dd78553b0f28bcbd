package unbo.core.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

class UntilOpenedTest {

    private static UntilOpened of(double standingStill, double lost) {
        return UntilOpened.of(new UntilOpened.Input(
                List.of(
                        new UntilOpened.Branch("seat worn as well", 0.3, "sleeve", 120, 3),
                        new UntilOpened.Branch("bearing only", 0.7, "renew", 40, 1)),
                60,
                standingStill,
                lost));
    }

    /** 0.7·100 + 0.3·300 = 160; √(0.7·60² + 0.3·140²) = 91.65. */
    @Test
    void worked() {
        UntilOpened u = of(50, 0.2);
        assertThat(u.expected()).isCloseTo(160, within(1e-9));
        assertThat(u.spread()).isCloseTo(91.65, within(0.01));
        assertThat(u.least()).isEqualTo(100);
        assertThat(u.most()).isEqualTo(300);
        assertThat(u.branches())
                .extracting(p -> p.branch().found())
                .containsExactly("bearing only", "seat worn as well");
    }

    /** The sleeve: 0.3·50 = 15 against 0.7·0.2·120 = 16.8, so it waits; at 0.15 lost, 12.6, it is ordered. */
    @Test
    void partsAreOrderedBeforeWhereWaitingCostsMore() {
        assertThat(of(50, 0.2).branches())
                .extracting(UntilOpened.Priced::before)
                .containsExactly(true, false);
        assertThat(of(50, 0.15).branches())
                .extracting(UntilOpened.Priced::before)
                .containsExactly(true, true);
        assertThat(of(0, 0.2).branches()).extracting(UntilOpened.Priced::before).containsExactly(false, false);
    }
}
