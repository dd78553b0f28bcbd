package unbo.core.hub;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.designation.Decoder;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.fact.FactKey;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.tools.identify.HubSection;

class HubSectionTest {

    private static Sheet sheet(Fact... more) {
        List<Fact> facts = new ArrayList<>(List.of(
                Fact.number(FactKey.OUTER_BORE, 25, How.TABLE, "identify"),
                Fact.number(FactKey.OUTER_OUTSIDE, 52, How.TABLE, "identify"),
                Fact.number(FactKey.OUTER_WIDTH, 16.25, How.TABLE, "identify"),
                Fact.number(FactKey.BETWEEN_CUPS, 40, How.MEASURED, "identify"),
                Fact.number(FactKey.HUB_BORE, 44, How.MEASURED, "identify")));
        facts.addAll(List.of(more));
        return Sheet.of(facts);
    }

    private static List<Shape.Dimension> dimensions(Drawing drawing) {
        return drawing.shapes().stream()
                .filter(Shape.Dimension.class::isInstance)
                .map(Shape.Dimension.class::cast)
                .toList();
    }

    @Test
    void everyDimensionLineIsAsLongAsItsFigureSays() {
        for (Shape.Dimension d : dimensions(HubSection.of(sheet()))) {
            double length = Math.hypot(
                    d.lineTo().x() - d.lineFrom().x(),
                    d.lineTo().y() - d.lineFrom().y());
            double figure = Double.parseDouble(d.text().replaceAll("[^0-9.]", ""));
            assertThat(length).as(d.text()).isCloseTo(d.text().startsWith("Ø") ? figure / 2 : figure, within(0.001));
        }
    }

    @Test
    void measuredLengthsAreKnownAndUnknownOnesDashed() {
        Drawing drawing = HubSection.of(sheet());
        assertThat(dimensions(drawing)).anyMatch(d -> d.text().equals("L 40") && d.known() == Known.MEASURED);
        assertThat(dimensions(drawing)).anyMatch(d -> d.known() == Known.ESTIMATED);
        assertThat(dimensions(HubSection.of(Sheet.of(List.of())))).allMatch(d -> d.known() == Known.ESTIMATED);
    }

    @Test
    void greaseIsDrawnOnlyOnceItIsChosenAndHoldsItsShareOfTheCavity() {
        assertThat(HubSection.of(sheet()).shapes())
                .noneMatch(s -> s instanceof Shape.Outline o && o.role() == Role.GREASE);
        Sheet greased = sheet(
                Fact.words(FactKey.GREASE_KIND, "CaS", How.TYPED, "grease"),
                Fact.number(FactKey.GREASE_CAVITY_SHARE, 0.5, How.TYPED, "grease"),
                Fact.number(FactKey.SPINDLE, 30, How.MEASURED, "identify"));
        Shape.Outline layer = (Shape.Outline) HubSection.of(greased).shapes().stream()
                .filter(s -> s instanceof Shape.Outline o && o.role() == Role.GREASE)
                .findFirst()
                .orElseThrow();
        double wall = -layer.points().get(0).y();
        double surface = -layer.points().get(2).y();
        assertThat((wall * wall - surface * surface) / (22.0 * 22 - 15 * 15)).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void everyPartOfItCanBeTouched() {
        assertThat(HubSection.touchable(sheet(), Decoder.SHIPPED).shapes().stream()
                        .filter(Shape.Tagged.class::isInstance)
                        .map(shape -> ((Shape.Tagged) shape).part()))
                .contains("hub", "seal", "nut", "cap", "inner-cup", "inner-cone", "outer-cup", "outer-cone");
    }

    @Test
    void theLargeRollerEndsLookOutwardsOnBothSides() {
        List<Shape.Outline> rollers = HubSection.of(sheet()).shapes().stream()
                .filter(Shape.Outline.class::isInstance)
                .map(Shape.Outline.class::cast)
                .filter(o -> o.role() == Role.PART && o.points().size() == 4)
                .toList();
        assertThat(rollers).hasSize(2);
        for (Shape.Outline roller : rollers) {
            double large = roller.points().get(0).y() - roller.points().get(3).y();
            double small = roller.points().get(1).y() - roller.points().get(2).y();
            assertThat(Math.abs(large)).isGreaterThan(Math.abs(small));
        }
        assertThat(rollers.get(0).points().get(0).x())
                .isLessThan(rollers.get(0).points().get(1).x());
        assertThat(rollers.get(1).points().get(0).x())
                .isGreaterThan(rollers.get(1).points().get(1).x());
    }

    @Test
    void endPlayIsEnlargedAndSaysSo() {
        Drawing drawing = HubSection.of(sheet(Fact.number(FactKey.END_PLAY, 0.08, How.MEASURED, "prove")));
        assertThat(drawing.shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.text().equals("play 0.080 (×10)"));
    }
}
