package unbo.core.proof;

import java.util.List;
import java.util.Map;

import unbo.core.answer.Question;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.runout.Runout;
import unbo.core.runout.RunoutInput;
import unbo.core.runout.Surface;
import unbo.core.setting.EndPlayBand;

/** What is asked to prove a hub. Nothing here is required to be kept: what is missing bars signing, not writing down. */
public final class ProofFields {

    public static final FieldList<ProofInput> LIST = FieldList.of(List.of(
            Field.list("push", "Indicator, pushed", Quantity.LENGTH, "mm", -20, 20, 0, 12).hint("one reading for each push: 0.00 0.01 0.00"),
            Field.list("pull", "Indicator, pulled", Quantity.LENGTH, "mm", -20, 20, 0, 12).hint("as many, in the same order"),
            Field.quantity("endPlayMin", "End play, least", Quantity.LENGTH, "mm", 0, 0.5).usually(0.005, 0.2).orElse("0.025", "usual wheel hub; the vehicle maker's figure wins"),
            Field.quantity("endPlayMax", "End play, most", Quantity.LENGTH, "mm", 0.005, 1).usually(0.02, 0.4).orElse("0.125", "usual wheel hub; the vehicle maker's figure wins"),
            Field.quantity("hubTemperature", "This hub after the run", Quantity.TEMPERATURE, "°C", -30, 300).hint("hub centre, matt surface, infrared thermometer"),
            Field.quantity("twinTemperature", "Its twin after the run", Quantity.TEMPERATURE, "°C", -30, 300),
            Field.quantity("run", "Distance of the run", Quantity.DISTANCE, "km", 0, 500).usually(5, 60).alwaysMetric().hint("10 km, then feel and measure"),
            Field.list("runout", "Runout, one turn", Quantity.LENGTH, "mm", -20, 20, Runout.FEWEST, Runout.MOST).hint("if it was read: 8 to 48, equally spaced"),
            Field.choice("runoutOn", "Runout measured on", Surface.choices()).orElse("hub-face", null),
            Field.quantity("runoutMax", "Most TIR", Quantity.LENGTH, "mm", 0.001, 5).usually(0.01, 0.5).hint("from the vehicle's data; empty: the usual limit"),
            Field.yesNo("splitPin", "New split pin fitted, both legs bent"),
            Field.text("initials", "Initials", 6)),
            ProofFields::rules, ProofFields::make);

    /** The tool as it stands on the bench. */
    public static final Question<ProofInput> QUESTION = new Question<>("end-play", "End play and hub heat",
            "What is the end play, how sure is it, and is the hub as cool as its twin?", LIST,
            Map.of("push", "0.00 0.01 0.00", "pull", "0.08 0.09 0.08", "hubTemperature", "38", "twinTemperature", "36"),
            input -> ProofWords.answer(Proof.of(input)));

    private ProofFields() {
    }

    private static List<Problem> rules(Values v) {
        if (v.list("push").size() != v.list("pull").size()) {
            return List.of(Problem.impossible("pull", v.list("push").size() + " readings pushed and " + v.list("pull").size()
                    + " pulled: each push has its pull."));
        }
        if (v.number("endPlayMin") >= v.number("endPlayMax")) {
            return List.of(Problem.impossible("endPlayMax", "The most end play must be above the least."));
        }
        if (!v.list("runout").isEmpty() && !v.has("runoutMax") && surface(v).limitMm() == null) {
            return List.of(Problem.impossible("runoutMax", "There is no usual limit for something else: write the most runout it may have."));
        }
        return List.of();
    }

    private static Surface surface(Values v) {
        return Surface.find(v.text("runoutOn")).orElseThrow();
    }

    private static RunoutInput runout(Values v) {
        return v.list("runout").isEmpty() ? null : RunoutInput.of(v.list("runout"), surface(v), v.maybe("runoutMax"), List.of(), 0);
    }

    private static ProofInput make(Values v) {
        return new ProofInput(v.list("push"), v.list("pull"), new EndPlayBand(v.number("endPlayMin"), v.number("endPlayMax")),
                v.maybe("hubTemperature"), v.maybe("twinTemperature"), v.maybe("run"), v.yes("splitPin"), v.text("initials"), runout(v));
    }
}
