package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;

import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.sheet.Sheet;
import unbo.core.tools.identify.HubSection;

class SvgWriterTest {

    private final SvgWriter writer = new SvgWriter();

    private String write(Shape... shapes) {
        return writer.write(new Drawing("d", "a < b & \"c\"", 0, 0, 100, 50, List.of(shapes)), false);
    }

    private static void wellFormed(String svg) throws Exception {
        DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }

    @Test
    void escapesEveryText() throws Exception {
        String svg = write(new Shape.Label(Point.of(1, 2), "<script>&", "middle", 5, Role.ANSWER));
        wellFormed(svg);
        assertThat(svg)
                .contains("a &lt; b &amp; &quot;c&quot;")
                .contains("&lt;script&gt;&amp;")
                .doesNotContain("<script>");
    }

    @Test
    void givesEachRoleItsClassAndNoInlineStyle() {
        String svg = write(
                Shape.area(Role.SOLID, Known.MEASURED, Point.of(0, 0), Point.of(1, 0), Point.of(1, 1)),
                Shape.area(Role.SOLID_TWIN, Known.TABLE, Point.of(0, 0), Point.of(1, 0), Point.of(1, 1)),
                new Shape.Circle(Point.of(5, 5), 2, Role.PART, Known.ESTIMATED),
                Shape.line(Role.CENTRE, Point.of(0, 0), Point.of(9, 0)));
        assertThat(svg)
                .contains("class=\"d solid measured filled\" fill=\"url(#d-solid)\"")
                .contains("d solid-twin table filled")
                .contains("d part estimated")
                .contains("<polyline class=\"d centre table hollow\"")
                .doesNotContain("style=");
    }

    @Test
    void aDimensionHasArrowsExtensionLinesAndItsValue() throws Exception {
        String svg = write(new Shape.Dimension(
                Point.of(0, 0), Point.of(20, 0), Point.of(0, 10), Point.of(20, 10), "T 20", 4, Known.MEASURED));
        wellFormed(svg);
        assertThat(svg.split("class=\"arrow\"", -1)).hasSize(3);
        assertThat(svg).contains(">T 20</text>").contains("x1=\"0\" y1=\"0\" x2=\"0\" y2=\"10\"");
    }

    @Test
    void whatCanBeTurnedIsNamedAndReachableByKeyboard() throws Exception {
        Drawing drawing = new Drawing(
                "nut",
                "nut",
                -1,
                -1,
                2,
                2,
                List.of(new Shape.Turned(
                        "nut", 20, List.of(new Shape.Circle(Point.of(0, 0), 1, Role.PART, Known.TABLE)))));
        String svg = writer.write(drawing, true);
        wellFormed(svg);
        assertThat(svg).contains("data-turn=\"nut\" transform=\"rotate(-20)\"").contains("tabindex=\"0\"");
        assertThat(writer.write(drawing, false)).doesNotContain("tabindex");
    }

    @Test
    void anArcIsDrawnCounterClockwise() {
        assertThat(write(new Shape.Arc(10, 0, 90, Role.BAND))).contains("A10 10 0 0 0");
        assertThat(write(new Shape.Arc(10, 0, 270, Role.BAND))).contains("A10 10 0 1 0");
    }

    @Test
    void whatTurnsCarriesItsShareOfTheShaftsSpeedAndStandsStillByItself() throws Exception {
        String svg = write(new Shape.Moved(
                Point.of(3, -2.5),
                List.of(new Shape.Spinning(
                        -2.34567891, List.of(new Shape.Circle(Point.of(0, 0), 4, Role.PART, Known.MEASURED))))));
        wellFormed(svg);
        assertThat(svg)
                .contains("<g transform=\"translate(3 -2.5)\"><g data-spin=\"-2.34568\"><circle")
                .contains("</g></g></svg>")
                .doesNotContain("<animate");
    }

    @Test
    void numbersAreWrittenToAHundredthWithoutIdleZeros() {
        assertThat(write(Shape.line(Role.MARK, Point.of(-0.004, 1.5), Point.of(2.346, -7))))
                .contains("points=\"0,1.5 2.35,-7\"");
    }

    @Test
    void aDrawingByItselfBringsItsLooks() throws Exception {
        String alone = writer.alone(new Drawing(
                "d", "alone", 0, 0, 10, 10, List.of(new Shape.Circle(Point.of(5, 5), 4, Role.PART, Known.MEASURED))));
        wellFormed(alone);
        assertThat(alone).contains("<style>").contains("stroke-width");
    }

    @Test
    void theWholeHubIsWellFormed() throws Exception {
        wellFormed(writer.write(HubSection.of(Sheet.of(List.of())), false));
    }
}
