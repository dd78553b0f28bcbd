package unbo.core.tools;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;

@DisplayName("Small pictures of tools")
class PicturesTest {

    @Test
    void everyToolHasOneWithoutWords() {
        assertThat(Tools.all().stream()
                        .filter(tool -> Pictures.of(tool).isEmpty())
                        .map(Tool::name))
                .isEmpty();
        assertThat(Tools.all().stream().flatMap(tool -> Pictures.of(tool).stream()))
                .allSatisfy(picture -> {
                    assertThat(flat(picture.shapes())).isNotEmpty().noneMatch(Shape.Label.class::isInstance);
                    assertThat(picture.width()).isPositive();
                    assertThat(picture.height()).isPositive();
                });
    }

    @ParameterizedTest
    @ValueSource(strings = {"diagnose", "noise", "type", "catalogue", "plates", "stock", "grease-shelf"})
    void everyPageOfTheBenchHasOne(String page) {
        assertThat(Pictures.page(page)).isPresent();
    }

    @Test
    void aPictureIsCroppedToWhatIsDrawn() {
        Drawing drawing = new Drawing(
                "d",
                "a disc, moved and turned",
                0,
                0,
                500,
                500,
                List.of(
                        new Shape.Label(Point.of(400, 400), "far", "start", 10, Role.MARK),
                        new Shape.Moved(
                                Point.of(100, 50),
                                List.of(new Shape.Turned(
                                        "t",
                                        90,
                                        List.of(new Shape.Circle(Point.of(0, -20), 10, Role.PART, Known.TABLE)))))));
        Drawing picture = drawing.picture("p");
        // (0, −20) turned by 90° counter-clockwise stands at (−20, 0), moved to (80, 50); a margin of 3 % about it
        assertThat(picture.left()).isCloseTo(70 - 0.6, within());
        assertThat(picture.top()).isCloseTo(40 - 0.6, within());
        assertThat(picture.width()).isCloseTo(20 + 1.2, within());
        assertThat(picture.height()).isCloseTo(20 + 1.2, within());
        assertThat(picture.name()).isEqualTo("p");
    }

    private static org.assertj.core.data.Offset<Double> within() {
        return org.assertj.core.api.Assertions.within(0.01);
    }

    private static List<Shape> flat(List<Shape> shapes) {
        return shapes.stream().flatMap(PicturesTest::flat).toList();
    }

    private static Stream<Shape> flat(Shape shape) {
        List<Shape> inside = shape instanceof Shape.Moved m
                ? m.shapes()
                : shape instanceof Shape.Turned t
                        ? t.shapes()
                        : shape instanceof Shape.Tagged g
                                ? g.shapes()
                                : shape instanceof Shape.Spinning s ? s.shapes() : List.of();
        return Stream.concat(Stream.of(shape), flat(inside).stream());
    }
}
