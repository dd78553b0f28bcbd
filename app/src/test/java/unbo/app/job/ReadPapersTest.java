package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.Test;

import unbo.core.input.UnitSystem;

class ReadPapersTest {

    private final ReadPapers papers = new ReadPapers();
    private final AtomicInteger readings = new AtomicInteger();

    private Paper reading(String content) {
        readings.incrementAndGet();
        return new Paper(
                Paper.VERSION,
                UnitSystem.METRIC,
                new Paper.Head("w", "v", "m", "van", "p", "c"),
                content,
                null,
                List.of(),
                List.of());
    }

    @Test
    void theSameContentIsReadOnceAndAnotherIsNeverTakenForIt() {
        assertThat(papers.of(1, "hum", this::reading).cause()).isEqualTo("hum");
        assertThat(papers.of(1, "hum", this::reading).cause()).isEqualTo("hum");
        assertThat(papers.of(2, "hum", this::reading).cause()).isEqualTo("hum");
        assertThat(readings).hasValue(2);
        assertThat(papers.of(1, "play", this::reading).cause())
                .as("opened again and signed anew")
                .isEqualTo("play");
        assertThat(readings).hasValue(3);
    }

    @Test
    void onlyTheLastStay() {
        for (int job = 1; job <= 17; job++) {
            papers.of(job, "hum", this::reading);
        }
        papers.of(17, "hum", this::reading);
        assertThat(readings).hasValue(17);
        papers.of(1, "hum", this::reading);
        assertThat(readings).hasValue(18);
    }
}
