package unbo.core.tools.running;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.input.FieldList;
import unbo.core.lubrication.Viscosity;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Is the oil film thick enough at this speed and temperature? */
@AutoService(Offered.class)
public final class ViscosityTool implements Tool<Viscosity.Input, Viscosity> {

    /** Viscosities in mm²/s, and their ratio. */
    public record Film(double nu, double nuRequired, double kappa) {}

    @Override
    public About about() {
        return new About(
                "viscosity", "Viscosity", "Is the oil film thick enough at this speed and temperature?", Work.RUN, 40);
    }

    @Override
    public FieldList<Viscosity.Input> fields() {
        return ViscosityFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("nu40", "220", "nu100", "19.5", "temperature", "70", "rpm", "800", "pitchMm", "40");
    }

    @Override
    public Viscosity compute(Viscosity.Input in) {
        return Viscosity.of(in);
    }

    @Override
    public Answer print(Viscosity result) {
        return ViscosityWords.answer(result);
    }

    @Override
    public List<Call<Viscosity>> calls() {
        return List.of(Call.post(
                "viscosity",
                "Viscosity at a temperature against what the speed asks for",
                Shape.of(ViscosityFields.LIST),
                Film.class,
                v -> new Film(v.nu(), v.nuRequired(), v.kappa())));
    }
}
