package unbo.core.tools.running;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.life.ShaftLife;
import unbo.core.measure.Quantity;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** What do a pulley, a gear or a chain ask of a shaft's two bearings? */
@AutoService(Offered.class)
public final class ShaftLifeTool implements Tool<ShaftLife.Input, ShaftLife> {

    private static final Shape SHAPE = Shape.of(ShaftFields.LIST)
            .andColumns(
                    "loads",
                    Shape.EMPTY
                            .and(force("at", "Place from the left bearing, mm"))
                            .and(force("vertical", "Upwards, N"))
                            .and(force("horizontal", "Away from you, N"))
                            .and(force("axial", "To the right, N")))
            .and("left", side("left"))
            .and("right", side("right"))
            .and("lubrication", Shape.of(ShaftFields.LIST, "kappa", "contamination", "waterPpm"));

    /** @param verticalN what the bearing puts on the shaft upwards, {@code horizontalN} away */
    public record ShaftSide(
            double verticalN,
            double horizontalN,
            double radialN,
            double axialN,
            double equivalentN,
            double basicLifeHours,
            double lifeHours,
            double lifeFactor,
            boolean ratingsEstimated) {}

    /** Both. */
    public record ShaftPair(ShaftSide left, ShaftSide right, double systemLifeHours) {}

    private static Field force(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", -200_000, 200_000);
    }

    @Override
    public About about() {
        return new About(
                "shaft-life",
                "Shaft in two bearings, load and life",
                "What do a pulley, a gear or a chain ask of a shaft's two bearings?",
                Work.RUN,
                90);
    }

    @Override
    public FieldList<ShaftLife.Input> fields() {
        return ShaftFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "leftDesignation",
                "6305",
                "rightDesignation",
                "6205",
                "spreadMm",
                "90",
                "at",
                "-38 55",
                "vertical",
                "-900 420",
                "horizontal",
                "0 -1150",
                "axial",
                "0 260",
                "rpm",
                "1800");
    }

    @Override
    public ShaftLife compute(ShaftLife.Input in) {
        return ShaftLife.of(in);
    }

    @Override
    public Answer print(ShaftLife result) {
        return ShaftWords.answer(result);
    }

    @Override
    public List<Call<ShaftLife>> calls() {
        return List.of(Call.post(
                "shaft-life",
                "Loads and life of a shaft's two bearings; loads: [{at, vertical, horizontal, axial}] with "
                        + "at from the left bearing, left and right: {designation or cN, c0N, contactDeg, rollers}, "
                        + "lubrication: {kappa, contamination, waterPpm}",
                SHAPE,
                ShaftPair.class,
                ShaftLifeTool::pair));
    }

    private static Shape side(String side) {
        return Shape.of(
                ShaftFields.LIST,
                member -> side + Character.toUpperCase(member.charAt(0)) + member.substring(1),
                "designation",
                "cN",
                "c0N",
                "contactDeg",
                "rollers");
    }

    private static ShaftPair pair(ShaftLife life) {
        return new ShaftPair(side(life.left()), side(life.right()), life.systemHours());
    }

    private static ShaftSide side(ShaftLife.Side s) {
        return new ShaftSide(
                s.verticalN(),
                s.horizontalN(),
                s.radialN(),
                s.axialN(),
                s.equivalentN(),
                s.basicHours(),
                s.hours(),
                s.factor(),
                s.bearing().estimated());
    }
}
