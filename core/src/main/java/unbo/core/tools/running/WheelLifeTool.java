package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.life.WheelInput;
import unbo.core.life.WheelLife;
import unbo.core.measure.Quantity;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** What does this wheel ask of its two bearings, and how long do they last? */
@AutoService(Offered.class)
public final class WheelLifeTool implements Tool<WheelFields.Asked, WheelFields.Asked> {

    private static final Shape SHAPE = Shape.of(WheelFields.LIST)
            .andColumns(
                    "states",
                    Shape.EMPTY
                            .andNumber(
                                    Field.quantity("share", "Share of the distance", Quantity.RATIO, "", 0, 1)
                                            .must(),
                                    "shares")
                            .andNumber(
                                    Field.quantity("lateralG", "Lateral acceleration, g", Quantity.RATIO, "", -1.5, 1.5)
                                            .must(),
                                    "lateralGs"))
            .and("inner", side("inner"))
            .and("outer", side("outer"))
            .and(
                    "lubrication",
                    Shape.EMPTY
                            .and("kappa", WheelFields.LIST, "kappa")
                            .and("contamination", WheelFields.LIST, "exactContamination"));

    private static final double MOST_KM = 1e6;

    /** One running state. */
    public record StateLoad(double share, double lateralG, double radialN, double axialN, double equivalentN) {}

    /** One of the two bearings. */
    public record WheelSide(
            double radialN,
            double axialN,
            double equivalentN,
            double basicLifeKm,
            double lifeKm,
            double lifeFactor,
            boolean ratingsEstimated,
            List<StateLoad> states) {}

    /** Both. @param lifeCapped true where a life is over a million km and printed as that */
    public record WheelPair(
            WheelSide inner, WheelSide outer, double systemLifeKm, boolean lifeCapped, double flangeMomentNm) {}

    @Override
    public About about() {
        return new About(
                "wheel-life",
                "Wheel bearings, load and life",
                "What does this wheel ask of its two bearings, and how long do they last?",
                Work.RUN,
                80);
    }

    @Override
    public FieldList<WheelFields.Asked> fields() {
        return WheelFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.ofEntries(
                Map.entry("vehicle", "trailer"),
                Map.entry("wheelLoadN", "6500"),
                Map.entry("rollingRadiusM", "0.3"),
                Map.entry("spreadMm", "48"),
                Map.entry("offsetMm", "5"),
                Map.entry("newOffset", "30"),
                Map.entry("kappa", "0.6"),
                Map.entry("contamination", "0.2"),
                Map.entry("outerDesignation", "L44643/L44610"),
                Map.entry("innerDesignation", "L68149/L68110"));
    }

    @Override
    public WheelFields.Asked compute(WheelFields.Asked in) {
        return in;
    }

    @Override
    public Answer print(WheelFields.Asked result) {
        return WheelWords.answer(result);
    }

    @Override
    public List<Call<WheelFields.Asked>> calls() {
        return List.of(Call.post(
                "wheel-life",
                "Loads and life of a wheel's two bearings; states: [{share, lateralG}], inner and outer: "
                        + "{designation or cN, c0N, contactDeg, rollers}, lubrication: {kappa, contamination}",
                SHAPE,
                WheelPair.class,
                WheelLifeTool::pair));
    }

    private static Shape side(String side) {
        return Shape.of(
                WheelFields.LIST,
                member -> side + Character.toUpperCase(member.charAt(0)) + member.substring(1),
                "designation",
                "cN",
                "c0N",
                "contactDeg",
                "rollers");
    }

    private static WheelPair pair(WheelFields.Asked asked) {
        WheelLife life = WheelLife.of(asked.wheel());
        return new WheelPair(
                side(life, life.inner()),
                side(life, life.outer()),
                capped(life.systemLifeKm()),
                Math.max(
                                life.systemLifeKm(),
                                Math.max(life.inner().lifeKm(), life.outer().lifeKm()))
                        > MOST_KM,
                life.flangeMomentNm());
    }

    /** Over a million is no more than that. */
    private static double capped(double km) {
        return Math.min(MOST_KM, km);
    }

    private static WheelSide side(WheelLife life, WheelLife.Side s) {
        List<StateLoad> states = new ArrayList<>();
        for (int i = 0; i < s.states().size(); i++) {
            WheelLife.Load l = s.states().get(i);
            WheelInput.State state = life.input().states().get(i);
            states.add(new StateLoad(state.share(), state.lateralG(), l.radialN(), l.axialN(), l.equivalentN()));
        }
        return new WheelSide(
                s.radialN(),
                s.axialN(),
                s.equivalentN(),
                s.basicLifeKm(),
                capped(s.lifeKm()),
                s.factor(),
                s.bearing().estimated(),
                states);
    }
}
