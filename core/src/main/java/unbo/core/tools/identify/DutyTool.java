package unbo.core.tools.identify;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.duty.Duty;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Which bearing of this place carries the load from there, how long, and which does not? */
@AutoService(Offered.class)
public final class DutyTool implements Tool<Duty.Input, Duty> {

    /**
     * One under the load.
     *
     * @param hours modified life; 0 where it cannot carry the load
     * @param faults codes of why it does not do; empty where it does
     */
    public record Under(
            String designation,
            String kind,
            double hours,
            double safety,
            @Nullable Double limitRpm,
            double watts,
            @Nullable Double price,
            List<String> faults) {}

    /** @param ladder the same kind on the same bore with larger outsides */
    public record Carried(@Nullable Under fitted, List<Under> same, List<Under> ladder) {}

    @Override
    public About about() {
        return new About(
                "duty",
                "What would hold here",
                "Which bearing of this place carries the load from there, how long, and which does not?",
                Work.IDENTIFY,
                45);
    }

    @Override
    public FieldList<Duty.Input> fields() {
        return DutyFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("designation", "6207", "loadN", "3500", "angle", "20", "rpm", "900", "hours", "8000");
    }

    @Override
    public Duty compute(Duty.Input in) {
        return Duty.of(in);
    }

    @Override
    public Answer print(Duty duty) {
        return DutyWords.answer(duty);
    }

    @Override
    public List<Call<Duty>> calls() {
        return List.of(Call.post(
                "duty",
                "What carries a load from a direction in a place: all with its bore and outside, and a ladder",
                Shape.of(DutyFields.LIST),
                Carried.class,
                DutyTool::carried));
    }

    private static Carried carried(Duty duty) {
        return new Carried(
                duty.fitted() == null ? null : under(duty.fitted()),
                duty.same().stream().map(DutyTool::under).toList(),
                duty.ladder().stream().map(DutyTool::under).toList());
    }

    private static Under under(Duty.Stand stand) {
        return new Under(
                stand.of().name(),
                stand.of().kind().code(),
                stand.hours(),
                stand.safety(),
                stand.limitRpm(),
                stand.watts(),
                stand.price(),
                Stream.of(stand.faults())
                        .flatMap(List::stream)
                        .map(fault -> fault.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                        .toList());
    }
}
