package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import unbo.core.answer.Answer;
import unbo.core.drawing.Chart;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.running.HeatAtSpeed;
import unbo.core.worksheet.Worksheet;

/** Heat at speed, in print. */
public final class HeatAtSpeedWords {

    private static final int LINES = 6;

    private HeatAtSpeedWords() {}

    public static Answer answer(HeatAtSpeed heat) {
        HeatAtSpeed.Row now = heat.rows().get(0);
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(Answer.Figure.number(
                now.bearing().name() + ", " + now.lubricant().name(),
                now.warmth().celsius(),
                0,
                "°C",
                Show.number(now.warmth().least(), 0) + " to "
                        + Show.number(now.warmth().most(), 0) + " °C by how well its hub sheds"));
        figures.add(Answer.Figure.number("drags", now.watts(), 1, "W", "at " + rpm(heat)));
        Double spin = now.guide().elementRpm();
        if (spin != null) {
            figures.add(Answer.Figure.number(
                    "an element spins",
                    spin,
                    0,
                    "rpm",
                    "watched over " + Show.number(now.guide().elementWatch(), 0)));
        }
        figures.add(Answer.Figure.number("κ", now.kappa(), 2, "", "at its own temperature"));
        return new Answer(figures, findings(heat), sentences(heat), worksheet(heat), List.of())
                .with(table(heat))
                .with(chart(heat));
    }

    private static String rpm(HeatAtSpeed heat) {
        return Show.number(heat.input().rpm(), 0) + " rpm";
    }

    static List<Finding> findings(HeatAtSpeed heat) {
        HeatAtSpeed.Row now = heat.rows().get(0);
        List<Finding> findings = new ArrayList<>();
        findings.add(
                now.level() == Level.RIGHT
                        ? new Finding(
                                "heat-fine",
                                Level.RIGHT,
                                now.bearing().name() + " runs within its guides at this speed.")
                        : new Finding(
                                "heat-" + now.level().word().replace(' ', '-'),
                                now.level(),
                                now.bearing().name() + " in " + now.lubricant().name() + ": "
                                        + String.join("; ", now.verdict().why()) + "."));
        HeatAtSpeed.Helps helps = heat.helps();
        if (helps != null) {
            findings.add(new Finding(
                    "helps-most",
                    helps.row().level() == Level.RIGHT ? Level.RIGHT : Level.WATCH,
                    "What helps most: " + helps.words() + ", "
                            + Show.number(helps.row().warmth().celsius(), 0) + " °C instead of "
                            + Show.number(now.warmth().celsius(), 0) + " °C"
                            + (helps.row().verdict().why().isEmpty()
                                    ? "."
                                    : "; then "
                                            + String.join(
                                                    "; ", helps.row().verdict().why()) + ".")));
        }
        return findings;
    }

    private static List<String> sentences(HeatAtSpeed heat) {
        List<String> sentences = new ArrayList<>();
        boolean kept =
                heat.input().candidates().size() * heat.input().lubricants().size()
                        > heat.rows().size();
        if (kept) {
            sentences.add("Oil outside a bearing that is greased for life does not reach it: it is shown in grease.");
        }
        sentences.add("Each is run warm: its oil is as thin as its own temperature makes it. How well a hub sheds is a "
                + "guide, a factor of two either way; the order of the rows hangs on it little.");
        sentences.add(
                "Measure its housing after a run at this speed, stopped: 10 K over its twin is a finding of its own.");
        return sentences;
    }

    private static ValueTable table(HeatAtSpeed heat) {
        return new ValueTable(
                "heat-rows",
                "At " + Show.number(heat.input().speedKmh(), 0) + " km/h, " + rpm(heat),
                List.of(
                        "row",
                        "bearing",
                        "in",
                        "°C",
                        "from, to",
                        "W",
                        "κ",
                        "element, rpm",
                        "n·dm of its guide",
                        "verdict"),
                IntStream.range(0, heat.rows().size())
                        .mapToObj(i -> cells(i + 1, heat.rows().get(i)))
                        .toList());
    }

    private static List<String> cells(int number, HeatAtSpeed.Row row) {
        Double spin = row.guide().elementRpm();
        Double limit = row.guide().nDmLimit();
        String why = String.join("; ", row.verdict().why());
        return List.of(
                String.valueOf(number),
                row.bearing().name(),
                row.lubricant().name(),
                Show.number(row.warmth().celsius(), 0),
                Show.number(row.warmth().least(), 0) + "–"
                        + Show.number(row.warmth().most(), 0),
                Show.number(row.watts(), 1),
                Show.number(row.kappa(), 2),
                spin == null ? "–" : Show.number(spin, 0),
                limit == null ? "–" : Show.number(100 * row.guide().nDm() / limit, 0) + " %",
                row.level().word() + (why.isEmpty() ? "" : ": " + why));
    }

    private static Chart chart(HeatAtSpeed heat) {
        double perKmh = heat.input().rpm() / heat.input().speedKmh();
        List<Chart.Line> lines = IntStream.range(0, Math.min(LINES, heat.rows().size()))
                .mapToObj(i -> new Chart.Line(
                        "row " + (i + 1), kmh -> heat.celsiusAt(heat.rows().get(i), kmh * perKmh)))
                .toList();
        HeatAtSpeed.Row now = heat.rows().get(0);
        Chart.Axis x = new Chart.Axis("km/h", 0, heat.input().speedKmh() * 1.5, false);
        return new Chart(
                "heat-over-speed",
                "How warm it gets over road speed",
                x,
                Chart.upTo("°C", x, lines),
                lines,
                List.of(new Chart.Spot(
                        heat.input().speedKmh(),
                        now.warmth().celsius(),
                        Show.number(now.warmth().celsius(), 0) + " °C")),
                List.of());
    }

    private static Worksheet worksheet(HeatAtSpeed heat) {
        HeatAtSpeed.Row now = heat.rows().get(0);
        return new Worksheet(
                "How warm does it run?",
                List.of(
                        Worksheet.given("n", "speed of the bearing", rpm(heat)),
                        Worksheet.given(
                                "Dw, dm",
                                now.bearing().name(),
                                Show.number(now.bearing().geometry().elementMm(), 2) + " mm, "
                                        + Show.number(now.bearing().geometry().pitchMm(), 1) + " mm"
                                        + (now.bearing().geometry().estimated() ? " (estimated)" : "")),
                        Worksheet.computed(
                                "T",
                                "its temperature",
                                "T = Tair + M(ν(T))·ω / conductance, solved for T",
                                Show.number(now.warmth().celsius(), 1) + " °C"),
                        Worksheet.computed(
                                "P", "heat it makes there", "(M0 + M1 + seals)·ω", Show.number(now.watts(), 2) + " W"),
                        Worksheet.computed("κ", "film there", "ν(T)/ν1", Show.number(now.kappa(), 2)),
                        Worksheet.computed(
                                "n·dm",
                                "speed figure",
                                "n·dm against the guide of its kind",
                                Show.number(now.guide().nDm(), 0) + " mm/min")),
                List.of(
                        "Friction: Palmgren, Ball and Roller Bearing Engineering. Viscosity: ASTM D341, ISO 281.",
                        "Seals, oil level, conductance and the guides of speed and warmth (90 and 120 °C) are the "
                                + "product's own."));
    }
}
