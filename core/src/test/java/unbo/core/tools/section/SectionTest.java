package unbo.core.tools.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import unbo.core.apart.Apart;
import unbo.core.apart.ApartInput;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.Joint;
import unbo.core.designation.Decoder;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.strip.Tools;
import unbo.core.tools.strip.ApartWords;

/** Sections of all kinds of assembly. */
class SectionTest {

    static List<String> kinds() {
        return AssemblyKind.all().stream().map(AssemblyKind::code).toList();
    }

    private static Assembly assembly(String kind, Map<String, String> options, Map<String, String> numbers) {
        return Assembly.of(new Assembly.Asked(kind, options, Assembly.Grip.USUAL, numbers), Decoder.SHIPPED);
    }

    private static Apart plan(String kind, Map<String, String> options) {
        return Apart.of(ApartInput.of(assembly(kind, options, Map.of()), Tools.codes(), List.of()));
    }

    private static Set<String> parts(Drawing drawing) {
        Set<String> parts = new HashSet<>();
        drawing.shapes().forEach(shape -> {
            if (shape instanceof Shape.Tagged tagged && !tagged.part().isEmpty()) {
                parts.add(tagged.part());
            }
        });
        return parts;
    }

    private static List<Point> points(List<Shape> shapes) {
        List<Point> points = new ArrayList<>();
        for (Shape shape : shapes) {
            if (shape instanceof Shape.Tagged tagged) {
                points.addAll(points(tagged.shapes()));
            } else if (shape instanceof Shape.Outline outline) {
                points.addAll(outline.points());
            } else if (shape instanceof Shape.Circle circle) {
                points.add(circle.centre());
            } else if (shape instanceof Shape.Label label) {
                points.add(label.at());
            }
        }
        return points;
    }

    private static List<Shape> of(Drawing drawing, String part) {
        return drawing.shapes().stream()
                .filter(shape ->
                        shape instanceof Shape.Tagged tagged && tagged.part().equals(part))
                .flatMap(shape -> ((Shape.Tagged) shape).shapes().stream())
                .toList();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyPartThatIsHeldIsDrawnAndCanBeTouched(String kind) {
        Assembly assembly = assembly(kind, Map.of(), Map.of());

        Set<String> drawn = parts(Section.of(assembly, Section.View.WHOLE));

        assertThat(drawn)
                .containsAll(assembly.joints().stream().map(Joint::part).toList());
        assertThat(drawn).allSatisfy(part -> assertThat(assembly.part(part)).isPresent());
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void nothingLeavesItsFrameAtAnyStep(String kind) {
        Apart plan = plan(kind, Map.of());
        for (int at = 0; at <= plan.steps().size(); at++) {
            Drawing drawing = ApartWords.section(plan, at);
            assertThat(points(drawing.shapes())).isNotEmpty().allSatisfy(point -> {
                assertThat(point.x()).isBetween(drawing.left(), drawing.left() + drawing.width());
                assertThat(point.y()).isBetween(drawing.top(), drawing.top() + drawing.height());
            });
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void whatComesOffIsThereUntilItsStepAndNotAfter(String kind) {
        Apart plan = plan(kind, Map.of());
        for (int at = 1; at <= plan.steps().size(); at++) {
            String now = plan.steps().get(at - 1).part().code();
            assertThat(parts(ApartWords.section(plan, at))).as("step " + at).contains(now);
            for (int before = 1; before < at; before++) {
                String gone = plan.steps().get(before - 1).part().code();
                boolean carries =
                        plan.steps().get(at - 1).part().stand().rides().equals(gone);
                if (!carries && !gone.equals(now)) {
                    assertThat(parts(ApartWords.section(plan, at))).doesNotContain(gone);
                }
            }
        }
    }

    @Test
    void theHubLiesOnTheBenchWhileItsCupsAreDriven() {
        Apart plan = plan("adjustable-taper", Map.of());
        int cup = 1;
        while (!plan.steps().get(cup - 1).part().code().equals("inner-cup")) {
            cup++;
        }

        assertThat(parts(ApartWords.section(plan, cup))).containsExactlyInAnyOrder("hub", "inner-cup", "outer-cup");
    }

    /** 25 × 52 × 15: its outer ring reaches 26 mm from the axis and is as wide as it is. */
    @Test
    void aBearingIsDrawnToItsSizesAndDashedWhileTheyAreGuessed() {
        List<Shape> known = of(
                Section.of(assembly("ball-pair", Map.of(), Map.of("left", "6205")), Section.View.WHOLE),
                "left-bearing");
        List<Shape> guessed =
                of(Section.of(assembly("ball-pair", Map.of(), Map.of()), Section.View.WHOLE), "left-bearing");

        assertThat(points(known).stream().mapToDouble(Point::y).min()).hasValue(-26);
        assertThat(points(known).stream().mapToDouble(Point::x).max()).hasValue(15);
        assertThat(known).allSatisfy(shape -> assertThat(look(shape)).isEqualTo(Known.TABLE));
        assertThat(guessed).allSatisfy(shape -> assertThat(look(shape)).isEqualTo(Known.ESTIMATED));
    }

    private static Known look(Shape shape) {
        return shape instanceof Shape.Outline outline ? outline.known() : ((Shape.Circle) shape).known();
    }

    @Test
    void aRollerMainIsDrawnAsOne() {
        Assembly crank = assembly("crank", Map.of(), Map.of("right", "NU205"));

        assertThat(parts(Section.of(crank, Section.View.WHOLE))).contains("right-inner-ring", "right-plate");
        assertThat(of(Section.of(crank, Section.View.WHOLE), "right-bearing"))
                .noneMatch(Shape.Circle.class::isInstance);
    }

    @Test
    void aHeadStandsUpright() {
        Drawing head = Section.of(assembly("steering-head", Map.of(), Map.of()), Section.View.WHOLE);
        Drawing hub = Section.of(assembly("ball-pair", Map.of(), Map.of()), Section.View.WHOLE);

        assertThat(head.height()).isGreaterThan(head.width());
        assertThat(hub.height()).isLessThan(hub.width());
    }

    @Test
    void theForceIsDrawnOnTheRingItEntersBy() {
        Apart plan = plan("pulley", Map.of());
        List<Shape> arrows = ApartWords.section(plan, plan.steps().size()).shapes().stream()
                .filter(shape -> shape instanceof Shape.Outline outline && outline.role() == Role.ANSWER)
                .toList();

        assertThat(arrows).hasSize(2);
        assertThat(points(arrows).stream()
                        .mapToDouble(point -> Math.abs(point.y()))
                        .min()
                        .orElseThrow())
                .as("the outer ring of 17 × 47 × 14")
                .isGreaterThan(18);
    }
}
