package unbo.core.tools.identify;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.Clearances;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.Decoder;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;

class BearingDrawingTest {

    @Test
    void everyListedBearingIsDrawnWithinItsFrame() {
        Catalogue.numbers().forEach(b -> {
            Drawing drawing = BearingDrawing.of(Decoder.SHIPPED.decode(b.designation()));
            assertThat(drawing).as(b.designation()).isNotNull();
            for (Shape shape : drawing.shapes()) {
                if (shape instanceof Shape.Outline outline) {
                    for (Point p : outline.points()) {
                        assertThat(p.x())
                                .as(b.designation())
                                .isFinite()
                                .isBetween(drawing.left() - 1, drawing.left() + drawing.width() + 1);
                        assertThat(p.y()).as(b.designation()).isFinite();
                    }
                }
            }
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"6305", "3205", "NU207", "NA4904", "51105", "1306", "32205"})
    void theRingsAreToScale(String marking) {
        Bearing d = Decoder.SHIPPED.decode(marking);
        List<Point> solid = BearingDrawing.of(d).shapes().stream()
                .filter(s -> s instanceof Shape.Outline o && (o.role() == Role.SOLID || o.role() == Role.SOLID_TWIN))
                .flatMap(s -> ((Shape.Outline) s).points().stream())
                .toList();
        double tall = solid.stream().mapToDouble(p -> -p.y()).max().orElseThrow();
        double low = solid.stream().mapToDouble(p -> -p.y()).min().orElseThrow();
        double wide = solid.stream().mapToDouble(Point::x).max().orElseThrow()
                - solid.stream().mapToDouble(Point::x).min().orElseThrow();
        assertThat(low / tall).isCloseTo(d.boreMm() / d.outsideMm(), within(1e-6));
        assertThat(wide / tall).isCloseTo(d.widthMm() / (d.outsideMm() / 2), within(1e-6));
    }

    @Test
    void ribsFollowTheLetters() {
        assertThat(points("NU207", Role.SOLID)).isLessThan(points("NUP207", Role.SOLID));
        assertThat(BearingDrawing.of(Decoder.SHIPPED.decode("HULLABALOO"))).isNull();
    }

    private static double points(String marking, Role role) {
        return BearingDrawing.of(Decoder.SHIPPED.decode(marking)).shapes().stream()
                .filter(s -> s instanceof Shape.Outline o && o.role() == role)
                .flatMap(s -> ((Shape.Outline) s).points().stream())
                .mapToDouble(p -> -p.y())
                .max()
                .orElseThrow();
    }

    @Test
    void classesStandSideBySideWithTheRockOfEach() {
        Drawing bands = ClearanceDrawing.of(Decoder.SHIPPED.decode("6305/C3"));
        assertThat(bands.title()).contains("C3 is marked");
        assertThat(bands.shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.text().startsWith("13 to 28 µm, rock"));
        assertThat(Clearances.axialUm(15, 7.94)).isCloseTo(154, within(0.5));
        assertThat(ClearanceDrawing.of(Decoder.SHIPPED.decode("51105"))).isNull();
    }

    @Test
    void toleranceBandsHangFromTheSize() {
        Drawing bands = ToleranceDrawing.of(Decoder.SHIPPED.decode("6305 P5"));
        assertThat(bands.title()).contains("P5 is marked");
        assertThat(bands.shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.text().equals("0 / −10"))
                .anyMatch(s -> s instanceof Shape.Label l && l.text().equals("4 µm"));
        assertThat(ToleranceDrawing.of(Decoder.SHIPPED.decode("32205"))).isNull();
    }
}
