package unbo.core.tools.running;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.running.HeatAtSpeed;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Which bearing in which lubricant runs how warm at this speed, and what would help most? */
@AutoService(Offered.class)
public final class HeatAtSpeedTool implements Tool<HeatAtSpeed.Input, HeatAtSpeed> {

    /** A bearing in a lubricant, run warm. @param verdict word of the worst of its guides */
    public record HeatRow(
            String bearing,
            String lubricant,
            double celsius,
            List<Double> celsiusBand,
            double watts,
            double kappa,
            @Nullable Double elementRpm,
            String verdict) {}

    /** All of them, the fitted one first. @param helps what helps it most; empty where nothing does */
    public record Heat(double rpm, List<HeatRow> rows, String helps) {}

    @Override
    public About about() {
        return new About(
                "heat-at-speed",
                "Heat at speed",
                "Which bearing in which lubricant runs how warm at this speed, and what would help most?",
                Work.RUN,
                55);
    }

    @Override
    public FieldList<HeatAtSpeed.Input> fields() {
        return HeatAtSpeedFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "speedKmh",
                "60",
                "rollingRadiusM",
                "0.3",
                "through",
                "43:15 chain; 60:13 gear",
                "designation",
                "6205",
                "others",
                "16005\nNU205",
                "lubricants",
                "grease 110 12\noil 100 11 +12\noil 32 5.4",
                "loadN",
                "600");
    }

    @Override
    public HeatAtSpeed compute(HeatAtSpeed.Input in) {
        return HeatAtSpeed.of(in);
    }

    @Override
    public Answer print(HeatAtSpeed result) {
        return HeatAtSpeedWords.answer(result);
    }

    @Override
    public List<Finding> findings(HeatAtSpeed result) {
        return HeatAtSpeedWords.findings(result);
    }

    @Override
    public List<Call<HeatAtSpeed>> calls() {
        return List.of(Call.post(
                "heat-at-speed",
                "Bearings, lubricants and oil levels at one road speed, each run warm",
                Shape.of(HeatAtSpeedFields.LIST),
                Heat.class,
                HeatAtSpeedTool::heat));
    }

    private static Heat heat(HeatAtSpeed heat) {
        return new Heat(
                heat.input().rpm(),
                heat.rows().stream()
                        .map(row -> new HeatRow(
                                row.bearing().name(),
                                row.lubricant().name(),
                                row.warmth().celsius(),
                                List.of(row.warmth().least(), row.warmth().most()),
                                row.watts(),
                                row.kappa(),
                                row.guide().elementRpm(),
                                row.level().word()))
                        .toList(),
                heat.helps() == null ? "" : heat.helps().words());
    }
}
