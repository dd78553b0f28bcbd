package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.Interference;
import unbo.core.fit.PressFit;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** How tight is it, how hard is it pressed, and what clearance is left? */
@AutoService(Offered.class)
public final class FitTool implements Tool<FitInput, Fit> {

    private static final Shape SHAPE = Shape.of(FitFields.LIST)
            .and(
                    "measured",
                    Shape.EMPTY
                            .and("minMm", FitFields.LIST, "measuredMinMm")
                            .and("maxMm", FitFields.LIST, "measuredMaxMm"));

    /** Micrometres. */
    public record Um(double min, double mean, double max) {

        private static Um of(Interference i) {
            return new Um(i.minUm(), i.meanUm(), i.maxUm());
        }
    }

    /** A force from least to most, kN. */
    public record KN(double least, double most) {

        private static KN of(PressFit.Force force) {
            return new KN(force.leastN() / 1000, force.mostN() / 1000);
        }
    }

    /**
     * What the interference does.
     *
     * @param mountKN oiled at the mean of what interferes, to dry at the largest
     * @param removeKN one and a half times that mean's, to twice the largest's; more if rusted
     * @param groundUm what a ground seat keeps of the interference
     * @param turnedUm what a turned one keeps
     */
    public record Hold(KN mountKN, KN removeKN, Um groundUm, Um turnedUm) {

        private static Hold of(Fit fit) {
            return new Hold(
                    KN.of(fit.mount()),
                    KN.of(fit.remove()),
                    Um.of(fit.interference().ground(fit.input().seatMm())),
                    Um.of(fit.interference().rough(fit.input().seatMm())));
        }
    }

    /** Clearance left of one class. */
    public record ClassLeft(String clearanceClass, Um coldUm, Um warmUm) {}

    /**
     * @param pressForceKN at the mean of what interferes, oiled
     * @param verdict clearance or preload; null where no class is told
     */
    public record Fitted(
            Um interferenceUm,
            double pressureMPa,
            double pressForceKN,
            Hold hold,
            @Nullable Double clearanceLossUm,
            @Nullable Um remainingClearanceUm,
            @Nullable String verdict,
            List<ClassLeft> classes) {}

    @Override
    public About about() {
        return new About(
                "fit", "Fit", "How tight is it, how hard is it pressed, and what clearance is left?", Work.SET, 10);
    }

    @Override
    public FieldList<FitInput> fields() {
        return FitFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6205", "ring", "inner", "seat", "k5");
    }

    @Override
    public Fit compute(FitInput in) {
        return Fit.of(in);
    }

    @Override
    public Answer print(Fit result) {
        return FitWords.answer(result);
    }

    @Override
    public List<Call<Fit>> calls() {
        return List.of(Call.post(
                "fit",
                "Interference, pressure, press force and the clearance that is left; measured: {minMm, "
                        + "maxMm} may stand for a seat's symbol",
                SHAPE,
                Fitted.class,
                FitTool::fitted));
    }

    private static Fitted fitted(Fit fit) {
        Fit.Left chosen = fit.chosen();
        return new Fitted(
                Um.of(fit.interference()),
                fit.pressureMPa(),
                fit.mount().leastN() / 1000,
                Hold.of(fit),
                fit.lossUm().meanUm(),
                chosen == null ? null : Um.of(chosen.warm()),
                chosen == null ? null : fit.preload() ? "preload" : "clearance",
                fit.left().stream()
                        .map(l -> new ClassLeft(l.clearanceClass(), Um.of(l.cold()), Um.of(l.warm())))
                        .toList());
    }
}
