package unbo.core.tools.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;

class PartMarkTest {

    private static Shape box(double x, double y) {
        return Shape.area(
                Role.SOLID,
                Known.TABLE,
                Point.of(x, y),
                Point.of(x + 10, y),
                Point.of(x + 10, y + 4),
                Point.of(x, y + 4));
    }

    private static Drawing marked(PartMark mark) {
        Shape cup = new Shape.Tagged("cup", "cup", false, List.of(box(20, 60), box(20, -30)));
        Shape cone = new Shape.Tagged("cone", "cone", false, List.of(box(40, 10)));
        return JobSection.standing(
                new Drawing("section", "hub", 0, -50, 100, 120, List.of(cup, cone)), Map.of("cup", mark));
    }

    private static List<Shape> of(Drawing drawing, int at) {
        return ((Shape.Tagged) drawing.shapes().get(at)).shapes();
    }

    @Test
    void aMarkStandsInTheUppermostAreaOfItsPartAndOnNoOther() {
        Drawing drawing = marked(PartMark.NEW);
        Shape.Outline triangle = (Shape.Outline) of(drawing, 0).get(2);
        assertThat(triangle.role()).isEqualTo(Role.SIGN);
        assertThat(triangle.points()).hasSize(3);
        // 0.014 of a width of 100 above the middle of the box from (20, -30) to (30, -26)
        assertThat(triangle.points().get(0).x()).isEqualTo(25);
        assertThat(triangle.points().get(0).y()).isEqualTo(-29.4);
        assertThat(of(drawing, 1)).hasSize(1);
    }

    @Test
    void everyMarkHasAShapeAWordAndASignOfItsOwn() {
        assertThat(of(marked(PartMark.BAD), 0).get(2))
                .isInstanceOfSatisfying(
                        Shape.Outline.class, o -> assertThat(o.points()).hasSize(4));
        assertThat(of(marked(PartMark.UNSEEN), 0).get(2)).isInstanceOf(Shape.Circle.class);
        assertThat(Arrays.stream(PartMark.values()).map(PartMark::words)).doesNotHaveDuplicates();
        assertThat(Arrays.stream(PartMark.values()).map(PartMark::sign)).doesNotHaveDuplicates();
    }

    @Test
    void whatHasNoAreaIsLeftAsItIs() {
        Shape line =
                new Shape.Tagged("cup", "cup", false, List.of(Shape.line(Role.THIN, Point.of(0, 0), Point.of(9, 9))));
        Drawing drawing = new Drawing("section", "hub", 0, 0, 100, 100, List.of(line));
        assertThat(JobSection.standing(drawing, Map.of("cup", PartMark.BAD)).shapes())
                .containsExactly(line);
    }
}
