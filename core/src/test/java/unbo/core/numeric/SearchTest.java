package unbo.core.numeric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class SearchTest {

    @Test
    void theSummitOfAParabola() {
        assertThat(Search.summit(x -> -(x - 2) * (x - 2), -5, 9)).isCloseTo(2, within(1e-6));
        assertThat(Search.summit(x -> x, 0, 3)).isCloseTo(3, within(1e-6));
    }

    @Test
    void theEdgeFromEitherSide() {
        assertThat(Search.edge(x -> x * x < 2, 0, 5)).isCloseTo(Math.sqrt(2), within(1e-8));
        assertThat(Search.edge(x -> x * x > 2, 5, 0)).isCloseTo(Math.sqrt(2), within(1e-8));
        assertThat(Search.edge(x -> x < 1e-7, 0, 1)).isCloseTo(1e-7, within(1e-15));
    }
}
