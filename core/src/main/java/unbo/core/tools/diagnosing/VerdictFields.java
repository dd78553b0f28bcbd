package unbo.core.tools.diagnosing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.diagnosis.DiagnosisInput;
import unbo.core.diagnosis.Hypothesis;
import unbo.core.diagnosis.Priors;
import unbo.core.diagnosis.VerdictInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Units;
import unbo.core.vehicle.Usage;

/** What a job's Diagnose stage asks: the diagnosis itself, and the mechanic's verdict. */
public final class VerdictFields {

    /** What stands on the page; the rest comes from the sheet. */
    public static final List<String> ASKED =
            List.of("checks", "circumstances", "hubType", "loaded", "order", "verdict", "remedy", "initials");

    public static final FieldList<VerdictInput> LIST =
            FieldList.of(fields(), VerdictFields::rules, VerdictFields::make);

    private static final double DAYS_A_YEAR = 365.25;

    private VerdictFields() {}

    private static List<Field> fields() {
        List<Field> fields = new ArrayList<>(DiagnosisFields.LIST.fields());
        fields.addAll(List.of(
                Field.text("verdict", "Verdict", 60).hint("empty: the leading cause"),
                Field.text("remedy", "Put right here", 200).hint("what was done at once, if anything"),
                Field.text("initials", "Initials", 6),
                Field.choice("counterUnit", "Counter", Usage.COUNTERS),
                Field.counter("counter", "Counter", Field.MOST_COUNTED),
                Field.counter("lastCounter", "Counter last time", Field.MOST_COUNTED),
                Field.date("day", "Day"),
                Field.date("lastDay", "Last worked on")));
        return fields;
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(DiagnosisFields.LIST.rules().apply(v));
        if (!v.text("verdict").isBlank() && chosen(v).isEmpty()) {
            problems.add(Problem.impossible(
                    "verdict",
                    "“" + v.text("verdict") + "” is no cause of a " + v.text("vehicle") + ": choose one of the list."));
        }
        return problems;
    }

    private static Optional<Hypothesis> chosen(Values v) {
        return Priors.hypotheses(v.text("vehicle"), 2).stream()
                .filter(h -> h.key().equals(v.text("verdict")))
                .findFirst();
    }

    private static VerdictInput make(Values v) {
        DiagnosisInput in = DiagnosisFields.LIST.make().apply(v);
        Double km = in.distanceKm() == null ? run(v) : in.distanceKm();
        Double years = in.years() == null ? since(v) : in.years();
        return new VerdictInput(
                new DiagnosisInput(
                        new DiagnosisInput.Machine(in.vehicle(), in.axles(), in.hubType()),
                        in.seen(),
                        in.circumstances(),
                        in.position(),
                        new DiagnosisInput.Past(km, years, in.failures()),
                        in.complaint(),
                        in.loaded(),
                        in.order()),
                chosen(v).orElse(null),
                v.text("remedy"),
                v.text("initials"));
    }

    /** Kilometres by the counter since the last work; null where it does not count way, or ran backwards. */
    private static @Nullable Double run(Values v) {
        boolean counts =
                v.text("counterUnit").equals("km") || v.text("counterUnit").equals("mi");
        if (!counts || !v.has("counter") || !v.has("lastCounter") || v.number("counter") < v.number("lastCounter")) {
            return null;
        }
        return Units.of(Quantity.DISTANCE, v.text("counterUnit")).toBase(v.number("counter") - v.number("lastCounter"));
    }

    private static @Nullable Double since(Values v) {
        LocalDate last = v.date("lastDay");
        LocalDate day = v.date("day");
        return last == null || day == null || day.isBefore(last)
                ? null
                : ChronoUnit.DAYS.between(last, day) / DAYS_A_YEAR;
    }
}
