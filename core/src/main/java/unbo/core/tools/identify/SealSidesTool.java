package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.seal.SealSides;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Which seals on which side, what do they drag and keep out? */
@AutoService(Offered.class)
public final class SealSidesTool implements Tool<SealSidesTool.SidesAsked, SealSidesTool.SidesCompared> {

    private static final List<Field.Choice> SIDES = List.of(
            new Field.Choice("open", "open"),
            new Field.Choice("shield", "metal shield"),
            new Field.Choice("low-drag", "low drag, not touching"),
            new Field.Choice("light", "light contact"),
            new Field.Choice("contact", "full contact"));

    private static final List<Field.Choice> HUBS =
            List.of(new Field.Choice("closed", "closed inwards, greased"), new Field.Choice("open", "open inwards"));

    private static final FieldList<SidesAsked> FIELDS = FieldList.of(
            List.of(
                    Field.bearing("designation", "Bearing").must(),
                    Field.choice("outer", "Towards the weather", SIDES).orElse("contact", null),
                    Field.choice("inner", "Into the hub", SIDES).orElse("open", null),
                    Field.choice("hub", "Its hub", HUBS).orElse("closed", null),
                    Field.quantity("rpm", "Speed", Quantity.ROTATION, "rpm", 0, 30_000)
                            .orElse("200", "a bicycle wheel at 26 km/h")),
            SealSidesTool::rules,
            v -> new SidesAsked(
                    v.book().find(v.text("designation")),
                    side(v.text("outer")),
                    side(v.text("inner")),
                    v.text("hub").equals("closed"),
                    v.number("rpm")));

    /** What is fitted, or thought of. */
    public record SidesAsked(
            Bearing bearing, SealSides.Side outer, SealSides.Side inner, boolean hubClosed, double rpm) {

        double boreMm() {
            return requireNonNull(bearing.boreMm());
        }

        SealSides sides() {
            return SealSides.of(outer, inner, boreMm(), hubClosed);
        }
    }

    /** @param all every pair of sides worth a look, the least drag first */
    public record SidesCompared(SidesAsked asked, SealSides sides, List<SealSides> all) {}

    /** @param protects {@code nothing dust splashes rain washing} */
    public record SidesJson(String outer, String inner, double dragNmm, double powerW, String protects) {}

    /** What was asked, and the others. */
    public record SealSidesJson(SidesJson asked, List<SidesJson> others) {}

    private static SealSides.Side side(String code) {
        return SealSides.Side.valueOf(code.toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    private static String code(SealSides.Side side) {
        return side.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String words(SealSides.Side side) {
        return SIDES.stream()
                .filter(c -> c.code().equals(code(side)))
                .findFirst()
                .orElseThrow()
                .label();
    }

    private static List<Problem> rules(Values v) {
        return v.book().find(v.text("designation")).boreMm() == null
                ? List.of(Problem.impossible("designation", "Its bore is not known: write its number or its sizes."))
                : List.of();
    }

    @Override
    public About about() {
        return new About("seal-sides", "Seals left and right", "Which seal on which side?", Work.IDENTIFY, 68);
    }

    @Override
    public FieldList<SidesAsked> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6001");
    }

    @Override
    public SidesCompared compute(SidesAsked in) {
        List<SealSides> all = new ArrayList<>();
        for (SealSides.Side outer :
                List.of(SealSides.Side.SHIELD, SealSides.Side.LOW_DRAG, SealSides.Side.LIGHT, SealSides.Side.CONTACT)) {
            for (SealSides.Side inner : in.hubClosed() ? List.of(SealSides.Side.OPEN, outer) : List.of(outer)) {
                all.add(SealSides.of(outer, inner, in.boreMm(), in.hubClosed()));
            }
        }
        all.sort(java.util.Comparator.comparingDouble(SealSides::dragNmm));
        return new SidesCompared(in, in.sides(), List.copyOf(all));
    }

    @Override
    public List<Finding> findings(SidesCompared compared) {
        SidesAsked in = compared.asked();
        List<Finding> findings = new ArrayList<>();
        String out = keepsOut(compared.sides().protects());
        findings.add(new Finding(
                "sides-protect",
                compared.sides().protects().compareTo(SealSides.Protects.SPLASHES) < 0 ? Level.WATCH : Level.RIGHT,
                "Together they keep out " + out + "."));
        if (in.hubClosed() && in.inner().compareTo(SealSides.Side.LOW_DRAG) > 0) {
            findings.add(new Finding(
                    "sides-inner-drags",
                    Level.OPEN,
                    "In a hub that is closed inwards the inner one only drags: taken out, with the hub greased, the "
                            + "bearing is kept as dry."));
        }
        if (!in.hubClosed() && in.inner() == SealSides.Side.OPEN) {
            findings.add(new Finding(
                    "sides-inner-open",
                    Level.SOON,
                    "The hub is open inwards and so is the bearing: what gets into the hub gets into it."));
        }
        return findings;
    }

    private static String keepsOut(SealSides.Protects p) {
        return switch (p) {
            case NOTHING -> "nothing";
            case DUST -> "dust, no water";
            case SPLASHES -> "dust and splashes";
            case RAIN -> "rain";
            case WASHING -> "rain and washing, no jet";
        };
    }

    @Override
    public Answer print(SidesCompared compared) {
        SidesAsked in = compared.asked();
        SealSides s = compared.sides();
        return new Answer(
                        List.of(
                                Answer.Figure.number("both drag", s.dragNmm(), 1, "N·mm", "factor of two either way"),
                                Answer.Figure.number(
                                        "at that speed", s.powerW(in.rpm()), 2, "W", Show.number(in.rpm(), 0) + " rpm"),
                                new Answer.Figure("keep out", keepsOut(s.protects()), "", "")),
                        findings(compared),
                        List.of("A seal is lifted out by its inner edge with a thin blade, never bent over its "
                                + "outer; one "
                                + "that was bent is not used again."),
                        new Worksheet(
                                "Which seal on which side?",
                                List.of(
                                        Worksheet.computed(
                                                "",
                                                "a contact lip",
                                                "20 N·mm·(d/25)²",
                                                Show.number(
                                                                SealSides.of(
                                                                                SealSides.Side.CONTACT,
                                                                                SealSides.Side.OPEN,
                                                                                in.boreMm(),
                                                                                true)
                                                                        .dragNmm(),
                                                                1)
                                                        + " N·mm"),
                                        Worksheet.computed(
                                                "", "both sides", "", Show.number(s.dragNmm(), 1) + " N·mm")),
                                List.of("Guide values of seal drag; protection by the kind of lip.")),
                        List.of(drawing(in)))
                .with(table(compared));
    }

    private static ValueTable table(SidesCompared compared) {
        double rpm = compared.asked().rpm();
        return new ValueTable(
                "seal-side-pairs",
                "Other pairs of sides, the least drag first",
                List.of("Towards the weather", "Into the hub", "N·mm", "W", "Keep out"),
                compared.all().stream()
                        .map(s -> List.of(
                                words(s.outer()),
                                words(s.inner()),
                                Show.fixed(s.dragNmm(), 1),
                                Show.fixed(s.powerW(rpm), 2),
                                keepsOut(s.protects())))
                        .toList());
    }

    /** The upper half cut through: weather at the left, the hub at the right. */
    private static Drawing drawing(SidesAsked in) {
        double bore = in.boreMm() / 2;
        Double outside = in.bearing().outsideMm();
        Double width = in.bearing().widthMm();
        double out = outside == null ? bore * 1.9 : outside / 2;
        double half = width == null ? bore * 0.4 : width / 2;
        double ring = (out - bore) * 0.28;
        double ball = (out - bore) * 0.27;
        double middle = (out + bore) / 2;
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        shapes.add(unbo.core.drawing.Shape.rectangle(Role.SOLID, Known.TABLE, -half, -out, half, -out + ring));
        shapes.add(unbo.core.drawing.Shape.rectangle(Role.SOLID_TWIN, Known.TABLE, -half, -bore - ring, half, -bore));
        shapes.add(new unbo.core.drawing.Shape.Circle(Point.of(0, -middle), ball, Role.PART, Known.TABLE));
        seal(in.outer(), -1, shapes, half, out - ring, bore + ring);
        seal(in.inner(), 1, shapes, half, out - ring, bore + ring);
        double text = Math.max(1.2, (out - bore) * 0.16);
        shapes.add(
                new unbo.core.drawing.Shape.Label(Point.of(-half - text, -middle), "weather", "end", text, Role.MARK));
        shapes.add(new unbo.core.drawing.Shape.Label(Point.of(half + text, -middle), "hub", "start", text, Role.MARK));
        double wide = half + text * 7;
        return new Drawing(
                "seal-sides",
                "Upper half of the bearing: weather at the left, hub at the right",
                -wide,
                -out - text,
                2 * wide,
                out - bore + 2 * text,
                shapes);
    }

    private static void seal(
            SealSides.Side side, int sign, List<unbo.core.drawing.Shape> shapes, double half, double from, double to) {
        if (side == SealSides.Side.OPEN) {
            return;
        }
        double x = sign * half * 0.86;
        double thick = half * 0.13;
        double gap = switch (side) {
            case SHIELD -> 0.16;
            case LOW_DRAG -> 0.08;
            case LIGHT -> 0.02;
            default -> 0;
        };
        double end = to + (from - to) * gap;
        shapes.add(unbo.core.drawing.Shape.rectangle(
                side == SealSides.Side.SHIELD ? Role.PART : Role.RUBBER,
                Known.TABLE,
                x - thick / 2,
                -from,
                x + thick / 2,
                -end));
        if (side == SealSides.Side.CONTACT || side == SealSides.Side.LIGHT) {
            double lip = side == SealSides.Side.CONTACT ? 2.4 : 1.4;
            shapes.add(unbo.core.drawing.Shape.area(
                    Role.RUBBER,
                    Known.TABLE,
                    Point.of(x - thick / 2, -end - thick),
                    Point.of(x + thick / 2, -end - thick),
                    Point.of(x + sign * thick * lip, -to),
                    Point.of(x, -to)));
        }
    }

    @Override
    public List<Call<SidesCompared>> calls() {
        return List.of(Call.post(
                "seal-sides",
                "The seals of a bearing's two sides: drag and what they keep out",
                Shape.of(FIELDS),
                SealSidesJson.class,
                c -> new SealSidesJson(
                        json(c.sides(), c.asked().rpm()),
                        c.all().stream().map(s -> json(s, c.asked().rpm())).toList())));
    }

    private static SidesJson json(SealSides s, double rpm) {
        return new SidesJson(
                code(s.outer()),
                code(s.inner()),
                s.dragNmm(),
                s.powerW(rpm),
                s.protects().name().toLowerCase(Locale.ROOT));
    }
}
