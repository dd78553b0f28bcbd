package unbo.core.tools.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Shape;

class EventStripTest {

    private static final LocalDate TODAY = LocalDate.parse("2026-06-01");

    private static EventStrip.Mark mark(String row, String day, int hard) {
        return new EventStrip.Mark(row, LocalDate.parse(day), hard, row.equals("job"));
    }

    @Test
    void marksStandInTheirRowsInOrderOfTime() {
        Drawing strip = EventStrip.of(
                List.of(mark("blow", "2026-03-01", 3), mark("blow", "2025-06-01", 1), mark("job", "2026-04-01", 2)),
                TODAY);
        List<Shape.Circle> blows = strip.shapes().stream()
                .filter(Shape.Circle.class::isInstance)
                .map(Shape.Circle.class::cast)
                .toList();
        assertThat(blows).hasSize(2);
        assertThat(blows.get(0).centre().x())
                .isGreaterThan(blows.get(1).centre().x());
        assertThat(blows.get(0).centre().y()).isEqualTo(blows.get(1).centre().y());
        assertThat(blows.get(0).radius()).isGreaterThan(blows.get(1).radius());
    }

    @Test
    void aDayToComeStandsWithinIt() {
        Drawing strip = EventStrip.of(List.of(mark("race", "2026-07-01", 2)), TODAY);
        assertThat(strip.shapes().stream()
                        .filter(Shape.Circle.class::isInstance)
                        .map(s -> ((Shape.Circle) s).centre().x()))
                .allMatch(x -> x <= strip.left() + strip.width());
    }

    /** Over two and a half years there are ten quarters: no word stands on another. */
    @Test
    void wordsUnderTheStripStandApart() {
        Drawing strip = EventStrip.of(List.of(mark("race", TODAY.minusDays(900).toString(), 2)), TODAY);
        List<Double> at = strip.shapes().stream()
                .filter(shape ->
                        shape instanceof Shape.Label label && label.text().matches("\\d{4}(-\\d\\d)?"))
                .map(shape -> ((Shape.Label) shape).at().x())
                .toList();
        assertThat(at).hasSizeGreaterThan(3);
        for (int i = 1; i < at.size(); i++) {
            assertThat(at.get(i) - at.get(i - 1)).isGreaterThanOrEqualTo(50);
        }
    }
}
