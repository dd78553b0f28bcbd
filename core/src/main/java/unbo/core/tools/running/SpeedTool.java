package unbo.core.tools.running;

import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.input.FieldList;
import unbo.core.motion.SpeedGuide;
import unbo.core.running.BearingSpeed;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Is it too fast for the bearing, and how does another one stand beside it? */
@AutoService(Offered.class)
public final class SpeedTool implements Tool<BearingSpeed.Input, BearingSpeed> {

    private static final Shape COUNTED =
            Shape.of(BearingSpeedFields.LIST, "elements", "elementMm", "pitchMm", "contactDeg");
    private static final Shape SHAPE = Shape.of(BearingSpeedFields.LIST).and("geometry", COUNTED);

    /** A second bearing at the same speed. */
    public record OtherBearing(
            @Nullable Double elementRpm,
            double nDm,
            @Nullable Double nDmLimit,
            String verdict) {}

    /** @param spinRatio of the two; null where there is but one */
    public record Speeds(
            double rpm,
            double cageRpm,
            @Nullable Double elementRpm,
            double nDm,
            @Nullable Double nDmLimit,
            String verdict,
            @Nullable OtherBearing other,
            @Nullable Double spinRatio) {}

    @Override
    public About about() {
        return new About(
                "speed",
                "Speed",
                "Is it too fast for the bearing, and how does another one stand beside it?",
                Work.RUN,
                60);
    }

    @Override
    public FieldList<BearingSpeed.Input> fields() {
        return BearingSpeedFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.ofEntries(
                Map.entry("speedKmh", "60"),
                Map.entry("rollingRadiusM", "0.3"),
                Map.entry("through", "43:15 chain; 60:13 gear"),
                Map.entry("elements", "9"),
                Map.entry("elementMm", "7.97"),
                Map.entry("pitchMm", "38.5"),
                Map.entry("otherElements", "18"),
                Map.entry("otherElementMm", "4"),
                Map.entry("otherPitchMm", "38.5"));
    }

    @Override
    public BearingSpeed compute(BearingSpeed.Input in) {
        return BearingSpeed.of(in);
    }

    @Override
    public Answer print(BearingSpeed result) {
        return BearingSpeedWords.answer(result);
    }

    @Override
    public List<Call<BearingSpeed>> calls() {
        return List.of(Call.post(
                "speed",
                "Road speed to bearing, cage and element, against the guides; designation or geometry: "
                        + "{elements, elementMm, pitchMm, contactDeg}",
                SHAPE,
                Speeds.class,
                SpeedTool::speeds));
    }

    private static Speeds speeds(BearingSpeed s) {
        SpeedGuide other = s.other();
        return new Speeds(
                s.rpm(),
                s.cageRpm(),
                s.guide().elementRpm(),
                s.guide().nDm(),
                s.guide().nDmLimit(),
                word(s.guide()),
                other == null ? null : new OtherBearing(other.elementRpm(), other.nDm(), other.nDmLimit(), word(other)),
                s.spinRatio());
    }

    private static String word(SpeedGuide guide) {
        return guide.verdict().name().toLowerCase(Locale.ROOT);
    }
}
