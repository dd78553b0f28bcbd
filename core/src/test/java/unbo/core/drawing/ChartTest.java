package unbo.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;

class ChartTest {

    private static final Chart.Axis TEN = new Chart.Axis("mm", 0, 10, false);
    private static final List<Chart.Line> TWO =
            List.of(new Chart.Line("square", x -> x * x), new Chart.Line("same", x -> x));

    private static Chart chart(Chart.Axis x, Chart.Axis y, List<Chart.Line> lines) {
        return new Chart(
                "test",
                "A test",
                x,
                y,
                lines,
                List.of(new Chart.Spot(5, 25, "here")),
                List.of(new Chart.Mark(2, "limit")));
    }

    private static List<Shape.Outline> curves(Drawing d) {
        return d.shapes().stream()
                .filter(Shape.Outline.class::isInstance)
                .map(Shape.Outline.class::cast)
                .filter(o -> o.points().size() > 20)
                .toList();
    }

    @Test
    void linesAreTrueToTheScalesAndDifferByTheirStroke() {
        List<Shape.Outline> lines =
                curves(chart(TEN, new Chart.Axis("mm²", 0, 100, false), TWO).drawing());
        assertThat(lines).hasSize(2);
        assertThat(lines.get(0).known()).isNotEqualTo(lines.get(1).known());
        Point middle = lines.get(0).points().get(30);
        double bottom = lines.get(0).points().get(0).y();
        assertThat(middle.x()).isCloseTo(lines.get(0).points().get(60).x() / 2, within(1e-9));
        assertThat(middle.y()).isCloseTo(bottom * 0.75, within(1e-9));
    }

    @Test
    void aLogarithmicScaleMakesAPowerStraight() {
        Chart.Axis decades = new Chart.Axis("n", 1, 1000, true);
        List<Point> points = curves(chart(
                                decades,
                                new Chart.Axis("n²", 1, 1_000_000, true),
                                List.of(new Chart.Line("square", x -> x * x)))
                        .drawing())
                .get(0)
                .points();
        double slope = (points.get(10).y() - points.get(0).y())
                / (points.get(10).x() - points.get(0).x());
        assertThat((points.get(60).y() - points.get(50).y())
                        / (points.get(60).x() - points.get(50).x()))
                .isCloseTo(slope, within(1e-9));
    }

    @Test
    void namesAtTheEndsDoNotStandOnEachOther() {
        Drawing d = chart(
                        TEN,
                        new Chart.Axis("mm", 0, 10, false),
                        List.of(
                                new Chart.Line("one", x -> x),
                                new Chart.Line("two", x -> x),
                                new Chart.Line("three", x -> x)))
                .drawing();
        List<Double> heights = d.shapes().stream()
                .filter(Shape.Label.class::isInstance)
                .map(Shape.Label.class::cast)
                .filter(l -> List.of("one", "two", "three").contains(l.text()))
                .map(l -> l.at().y())
                .sorted()
                .toList();
        assertThat(heights.get(1) - heights.get(0)).isGreaterThanOrEqualTo(15);
        assertThat(heights.get(2) - heights.get(1)).isGreaterThanOrEqualTo(15);
    }

    @Test
    void namesStandInTheOrderOfTheirLines() {
        Drawing d = chart(
                        TEN,
                        new Chart.Axis("mm", 0, 100, false),
                        List.of(
                                new Chart.Line("low", x -> 0.1),
                                new Chart.Line("high", x -> 0.5),
                                new Chart.Line("middle", x -> 0.3)))
                .drawing();
        List<String> fromTheTop = d.shapes().stream()
                .filter(Shape.Label.class::isInstance)
                .map(Shape.Label.class::cast)
                .filter(l -> List.of("low", "high", "middle").contains(l.text()))
                .sorted(java.util.Comparator.comparingDouble(l -> l.at().y()))
                .map(Shape.Label::text)
                .toList();
        assertThat(fromTheTop).containsExactly("high", "middle", "low");
    }

    @Test
    void itsTableHoldsTheSameValues() {
        ValueTable table = chart(TEN, new Chart.Axis("mm²", 0, 100, false), TWO).table();
        assertThat(table.heads()).containsExactly("mm", "square, mm²", "same, mm²");
        assertThat(table.rows()).hasSize(21).contains(List.of("5", "25", "5"));
        assertThat(table.rows().get(20)).containsExactly("10", "100", "10");
    }

    @Test
    void aScaleOfDecadesHoldsTheLinesAndIsAtLeastOneLong() {
        assertThat(Chart.decades("y", TEN, List.of(new Chart.Line("up", x -> 3 + 4 * x)), 0.01, 1e6))
                .isEqualTo(new Chart.Axis("y", 1, 100, true));
        assertThat(Chart.decades("y", TEN, List.of(new Chart.Line("far", x -> 1e9)), 0.01, 1e6))
                .isEqualTo(new Chart.Axis("y", 1e5, 1e6, true));
        assertThat(Chart.decades("y", TEN, List.of(new Chart.Line("none", x -> 0)), 0.01, 1e6)
                        .from())
                .isEqualTo(0.01);
    }

    @Test
    void aScaleReachesOverTheLargestValue() {
        assertThat(Chart.upTo("y", TEN, TWO).to()).isGreaterThanOrEqualTo(100);
        assertThat(Chart.upTo("y", TEN, List.of(new Chart.Line("flat", x -> 0.37)))
                        .to())
                .isBetween(0.37, 0.45);
        assertThatThrownBy(() -> chart(new Chart.Axis("n", 0, 10, true), TEN, TWO))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
