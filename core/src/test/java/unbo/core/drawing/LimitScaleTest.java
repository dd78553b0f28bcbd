package unbo.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

class LimitScaleTest {

    private static Drawing scale(double... values) {
        return LimitScale.of(
                "s",
                "scale",
                "mm",
                new LimitScale.Range(0, 0.32),
                new LimitScale.Range(0.025, 0.125),
                java.util.Arrays.stream(values)
                        .mapToObj(v -> new LimitScale.Marker(v, "v" + v, Role.ANSWER))
                        .toList());
    }

    private static List<Shape.Outline> areas(Drawing drawing, Role role) {
        return drawing.shapes().stream()
                .filter(Shape.Outline.class::isInstance)
                .map(Shape.Outline.class::cast)
                .filter(o -> o.closed() && o.role() == role)
                .toList();
    }

    @Test
    void bandAndMarkerStandAtTheirValues() {
        Drawing drawing = scale(0.08);
        List<Point> band = areas(drawing, Role.BAND).get(0).points();
        assertThat(band.get(0).x()).isCloseTo(25, within(1e-9));
        assertThat(band.get(1).x()).isCloseTo(125, within(1e-9));
        assertThat(areas(drawing, Role.ANSWER).get(0).points().get(0).x()).isCloseTo(80, within(1e-9));
    }

    @Test
    void aValueBeyondTheEndIsShownAtTheEndPointingOut() {
        Drawing drawing = scale(0.9);
        assertThat(areas(drawing, Role.ANSWER)).isEmpty();
        List<Point> arrow = areas(drawing, Role.OUT).get(0).points();
        assertThat(arrow.get(0).x()).isGreaterThan(arrow.get(1).x());
        assertThat(drawing.shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.text().equals("v0.9"));
    }

    @Test
    void ticksAreRoundNumbersAndFew() {
        List<String> ticks = scale(0.08).shapes().stream()
                .filter(s -> s instanceof Shape.Label l && l.anchor().equals("middle") && l.at().y() > 0)
                .map(s -> ((Shape.Label) s).text())
                .toList();
        assertThat(ticks).contains("0", "0.1", "0.3").hasSizeBetween(4, 9);
    }

    @Test
    void polarPointsCountCounterClockwiseFromTheTop() {
        assertThat(Point.polar(10, 0).y()).isCloseTo(-10, within(1e-9));
        assertThat(Point.polar(10, 90).x()).isCloseTo(-10, within(1e-9));
    }

    @Test
    void theWeakerKnowledgeOfTwoWins() {
        assertThat(Known.MEASURED.and(Known.ESTIMATED)).isEqualTo(Known.ESTIMATED);
        assertThat(Known.TABLE.and(Known.MEASURED)).isEqualTo(Known.TABLE);
    }
}
