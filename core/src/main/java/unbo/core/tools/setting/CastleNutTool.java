package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.input.Typed;
import unbo.core.measure.Show;
import unbo.core.setting.CastleNut;
import unbo.core.setting.CastleNutInput;
import unbo.core.setting.LockingPosition;
import unbo.core.setting.School;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Where can this nut be pinned, and what end play does each place leave? */
@AutoService(Offered.class)
public final class CastleNutTool implements Tool<CastleNutInput, CastleNut> {

    /** One place where the nut locks. */
    public record NutPosition(double backOffDeg, double endPlayMm, boolean inBand) {}

    /** @param best index of the best one; null where none is inside */
    public record NutPositions(
            List<NutPosition> positions, @Nullable Integer best, double axialPerStepMm, String advice) {}

    @Override
    public About about() {
        return new About(
                "nut",
                "Castellated nut",
                "Where can this nut be pinned, and what end play does each place leave?",
                Work.SET,
                2);
    }

    @Override
    public FieldList<CastleNutInput> fields() {
        return CastleNutFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("pitch", "1.5", "slots", "6", "pinHolesDeg", "0, 180", "freeAngleDeg", "20");
    }

    @Override
    public CastleNut compute(CastleNutInput in) {
        return CastleNut.of(in);
    }

    @Override
    public Answer print(CastleNut nut) {
        return CastleNutWords.answer(nut);
    }

    @Override
    public List<Finding> findings(CastleNut nut) {
        return List.of(CastleNutWords.finding(nut));
    }

    @Override
    public List<Call<CastleNut>> calls() {
        return List.of(Call.post(
                "castle-nut",
                "Every locking position of a castellated nut with its end play",
                Shape.of(CastleNutFields.LIST),
                NutPositions.class,
                CastleNutTool::positions));
    }

    private static NutPositions positions(CastleNut nut) {
        return new NutPositions(
                nut.positions().stream()
                        .map(p -> new NutPosition(p.backOffDeg(), p.endPlayMm(), p.inBand()))
                        .toList(),
                nut.best(),
                nut.axialPerStepMm(),
                CastleNutWords.advice(nut));
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.set("nut", "castellated nut", "adjustable-taper"));
    }

    @Override
    public List<Step> procedure(Typed typed) {
        String code = typed.text("school");
        return SchoolWords.of(code.matches("[A-D]") ? School.valueOf(code) : School.A)
                .steps();
    }

    @Override
    public List<Fact> gives(CastleNut nut) {
        CastleNutInput in = nut.input();
        LockingPosition best = nut.bestPosition();
        List<String> holes = in.pinHolesDeg().stream()
                .map(hole -> Show.number(hole, 2).replace('−', '-'))
                .toList();
        return new Facts(RouteStage.SET)
                .number(FactKey.NUT_PITCH, in.pitchMm(), How.TYPED)
                .words(FactKey.NUT_SLOTS, String.valueOf(in.slots()), How.TYPED)
                .words(FactKey.PIN_HOLES, String.join("; ", holes), How.TYPED)
                .number(FactKey.FREE_ANGLE, in.freeAngleDeg(), How.MEASURED)
                .number(FactKey.BAND_MIN, in.band().minMm(), How.TYPED)
                .number(FactKey.BAND_MAX, in.band().maxMm(), How.TYPED)
                .words(FactKey.SCHOOL, in.school().name(), How.TYPED)
                .number(
                        FactKey.SET_END_PLAY,
                        best == null ? nut.bySchool().endPlayMm() : best.endPlayMm(),
                        How.COMPUTED)
                .list();
    }
}
