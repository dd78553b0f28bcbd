package unbo.core.tools.strip;

import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.fit.Interference;
import unbo.core.input.FieldList;
import unbo.core.inspect.Compound;
import unbo.core.inspect.Seat;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Is shaft or housing still good, and what can be done? */
@AutoService(Offered.class)
public final class SeatTool implements Tool<Seat.Input, Seat> {

    /** Interference, micrometres. */
    public record SeatUm(double min, double mean, double max) {

        private static SeatUm of(Interference i) {
            return new SeatUm(i.minUm(), i.meanUm(), i.maxUm());
        }
    }

    /** @param compoundToMm widest gap of the compound for it; null where none fills it */
    public record MeasuredSeat(
            String verdict,
            double meanMm,
            double ovalMm,
            double taperMm,
            SeatUm interferenceUm,
            SeatUm wantedUm,
            double gapMm,
            @Nullable Double compoundToMm,
            double cureHours,
            List<String> options) {}

    @Override
    public About about() {
        return new About(
                "seat", "Seat, measured", "Is shaft or housing still good, and what can be done?", Work.STRIP, 30);
    }

    @Override
    public FieldList<Seat.Input> fields() {
        return SeatFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "designation",
                "L44610",
                "seatRing",
                "outer",
                "plane1",
                "50.36 50.37 50.38",
                "plane2",
                "50.36 50.37 50.37",
                "vehicle",
                "trailer",
                "cureAt",
                "8");
    }

    @Override
    public Seat compute(Seat.Input in) {
        return Seat.of(in);
    }

    @Override
    public Answer print(Seat result) {
        return SeatWords.answer(result);
    }

    @Override
    public List<Call<Seat>> calls() {
        return List.of(Call.post(
                "seat",
                "A measured seat: its shape, its hold against the fit wanted, and what can be done",
                Shape.of(SeatFields.LIST),
                MeasuredSeat.class,
                SeatTool::measured));
    }

    private static MeasuredSeat measured(Seat s) {
        return new MeasuredSeat(
                s.verdict().name().toLowerCase(Locale.ROOT),
                s.meanMm(),
                s.ovalMm(),
                s.taperMm(),
                SeatUm.of(s.found()),
                SeatUm.of(s.wanted()),
                s.meanGapMm(),
                s.gapMm() == 0
                        ? null
                        : Compound.of(s.gapMm()).map(Compound::mostGapMm).orElse(null),
                Compound.cureHours(s.input().celsius()),
                SeatWords.answer(s).sentences());
    }
}
