package unbo.core.tools;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.core.assembly.Assembly;
import unbo.core.bearing.BearingBook;
import unbo.core.damage.Mode;
import unbo.core.designation.Decoder;
import unbo.core.diagnosis.Checks;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;
import unbo.core.tools.diagnosing.CheckDrawing;
import unbo.core.tools.identify.BearingDrawing;
import unbo.core.tools.identify.TypeDrawing;
import unbo.core.tools.section.Section;
import unbo.core.tools.strip.RaceMapDrawing;

/** Small pictures of tools and pages for an index, each from the drawing code of the thing itself. */
public final class Pictures {

    private static final BearingBook BOOK = Decoder.SHIPPED;
    /** Heights of the lines of a recording's picture: a comb of a pass frequency over a floor. */
    private static final double[] COMB = {9, 14, 62, 12, 18, 46, 10, 13, 31, 11, 9, 20, 8};

    private static final double STEP = 12;

    private Pictures() {}

    /** A tool's own picture, else the first drawing of its example; empty where it draws nothing. */
    public static Optional<Drawing> of(Tool<?, ?> tool) {
        return tool.picture().or(() -> example(tool)).map(drawing -> drawing.picture("picture-" + tool.name()));
    }

    private static <I, R> Optional<Drawing> example(Tool<I, R> tool) {
        return FieldReader.read(tool.fields(), tool.sample(), UnitSystem.METRIC, BOOK).get().stream()
                .flatMap(in -> tool.answer(in).drawings().stream())
                .findFirst();
    }

    /** Picture of a page that is no tool, by its name; empty where there is none. */
    public static Optional<Drawing> page(String name) {
        Optional<Drawing> drawing = switch (name) {
            case "diagnose" -> CheckDrawing.of(Checks.of("rock-12-6"));
            case "noise" -> Optional.of(comb());
            case "type" -> Optional.of(TypeDrawing.of("wheel", "a wheel"));
            case "catalogue" -> bearing("6305");
            case "plates" -> Optional.of(RaceMapDrawing.plate(Mode.of("fatigue")));
            case "stock" -> Tools.named("stack").flatMap(Pictures::of);
            case "grease-shelf" -> Tools.named("grease").flatMap(Pictures::of);
            default -> Optional.empty();
        };
        return drawing.map(d -> d.picture("picture-" + name));
    }

    /** A bearing in half section. */
    public static Optional<Drawing> bearing(String marking) {
        return Optional.ofNullable(BearingDrawing.small(BOOK.decodeSet(marking)));
    }

    /** A kind of assembly as it usually is. */
    public static Optional<Drawing> assembly(String kind) {
        Assembly usual = Assembly.of(new Assembly.Asked(kind, Map.of(), Assembly.Grip.USUAL, Map.of()), BOOK);
        return Optional.of(Section.of(usual, Section.View.WHOLE));
    }

    private static Drawing comb() {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(Shape.line(Role.MARK, Point.of(-STEP, 0), Point.of(COMB.length * STEP, 0)));
        for (int i = 0; i < COMB.length; i++) {
            Role role = requireNonNull(i % 3 == 2 ? Role.ANSWER : Role.MARK);
            shapes.add(Shape.line(role, Point.of(i * STEP, 0), Point.of(i * STEP, -COMB[i])));
        }
        return new Drawing("comb", "lines of a recording", 0, 0, 1, 1, shapes);
    }
}
