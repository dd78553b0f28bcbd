package unbo.core.tools.proving;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Show;
import unbo.core.service.Due;
import unbo.core.service.DueInput;
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
import unbo.core.tools.Pictures;

/** When is an adjustable hub due again? */
@AutoService(Offered.class)
public final class DueTool implements Tool<DueInput, Due> {

    /** Null where nothing comes due by it. */
    public record NextService(
            @Nullable LocalDate dueOn,
            @Nullable LocalDate byTime,
            @Nullable LocalDate byDistance,
            @Nullable Double dueCounter,
            @Nullable Integer dueImmersions) {}

    @Override
    public About about() {
        return new About("service-due", "Due again", "When is an adjustable hub due again?", Work.PROVE, 40);
    }

    @Override
    public FieldList<DueInput> fields() {
        return DueFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "cause",
                "regular-service",
                "day",
                "2026-04-30",
                Field.COUNTS,
                "none",
                "yearly",
                "2500",
                "use",
                "immersed");
    }

    @Override
    public Due compute(DueInput in) {
        return Due.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.assembly("bicycle-front");
    }

    @Override
    public Answer print(Due result) {
        return DueWords.answer(result);
    }

    @Override
    public List<Call<Due>> calls() {
        return List.of(Call.post(
                "service-due",
                "When an adjustable hub is due again",
                Shape.of(DueFields.LIST),
                NextService.class,
                due -> new NextService(due.on(), due.byTime(), due.byDistance(), due.atCounter(), due.immersions())));
    }

    @Override
    public List<Finding> findings(Due due) {
        return due.findings();
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.at(RouteStage.LOG));
    }

    @Override
    public List<Fact> gives(Due due) {
        LocalDate on = due.on();
        Double at = due.atCounter();
        Integer immersions = due.immersions();
        return new Facts(RouteStage.LOG)
                .words(FactKey.CAUSE, due.input().cause(), How.TYPED)
                .words(FactKey.DUE_ON, on == null ? "" : on.toString(), How.COMPUTED)
                .words(FactKey.DUE_COUNTER, at == null ? "" : Show.number(at, 0), How.COMPUTED)
                .words(FactKey.DUE_IMMERSIONS, immersions == null ? "" : immersions.toString(), How.COMPUTED)
                .list();
    }
}
