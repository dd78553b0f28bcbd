package unbo.core.tools.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.drawing.Chart;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.gear.Backlash;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** How far does the ring gear move? */
@AutoService(Offered.class)
public final class BacklashTool implements Tool<Backlash.Input, Backlash> {

    private static final int MOST_PLACES = 24;

    private static final FieldList<Backlash.Input> FIELDS = FieldList.of(
            List.of(
                    Field.list("readingsMm", "Backlash, place by place", Quantity.LENGTH, "mm", 0, 3)
                            .many(3, MOST_PLACES)
                            .must()
                            .hint("evenly round the ring gear, the pinion held"),
                    length("indicatorMm", "Indicator stands at radius", 5, 1000).must(),
                    length("pitchMm", "Radius of the pitch line at the heel", 5, 1000)
                            .must()
                            .hint("about the outside of the teeth"),
                    length("min", "Wanted, least", 0.01, 2).usually(0.05, 0.4).must(),
                    length("max", "Wanted, most", 0.01, 2).usually(0.08, 0.5).must(),
                    angle("pressureDeg", "Pressure angle", 10, 35).orElse("20", "most sets"),
                    angle("spiralDeg", "Spiral angle", 0, 60).orElse("35", "spiral and hypoid; 0 for straight teeth"),
                    angle("coneDeg", "Cone angle of the gear", 45, 90).orElse("75", "a ring gear of 3 to 4 to 1")),
            v -> v.number("min") <= v.number("max")
                    ? List.of()
                    : List.of(Problem.impossible("max", "The most is under the least: change them over.")),
            v -> new Backlash.Input(
                    v.list("readingsMm"),
                    v.number("indicatorMm"),
                    v.number("pitchMm"),
                    v.number("min"),
                    v.number("max"),
                    new Backlash.Teeth(v.number("pressureDeg"), v.number("spiralDeg"), v.number("coneDeg"))));

    /** @param moveMm along the gear's axis, + toward the pinion */
    public record BacklashJson(
            double meanMm, double leastMm, double mostMm, double spreadMm, double moveMm, boolean inBand) {}

    private static Field length(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", min, max);
    }

    private static Field angle(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.ANGLE, "°", min, max);
    }

    @Override
    public About about() {
        return new About("backlash", "Backlash of a ring gear", "How far does the ring gear move?", Work.SET, 72);
    }

    @Override
    public FieldList<Backlash.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "readingsMm",
                "0.24; 0.26; 0.25; 0.23",
                "indicatorMm",
                "102",
                "pitchMm",
                "98",
                "min",
                "0.13",
                "max",
                "0.18");
    }

    @Override
    public Backlash compute(Backlash.Input in) {
        return Backlash.of(in);
    }

    @Override
    public List<Finding> findings(Backlash b) {
        List<Finding> findings = new ArrayList<>();
        if (b.tooUneven()) {
            findings.add(new Finding(
                    "backlash-uneven",
                    Level.SOON,
                    "The places differ by " + Show.play(b.spreadMm())
                            + ": the gear runs out or is not seated. Clean its face, measure the runout of its back, "
                            + "before any shim is moved."));
        }
        if (b.inBand()) {
            findings.add(new Finding("backlash-right", Level.RIGHT, "Every place is in the band: leave it."));
        } else if (b.leastMm() <= 0) {
            findings.add(new Finding(
                    "backlash-none",
                    Level.STOP,
                    "There is a place without backlash: turn nothing by power, move the gear away first."));
            findings.add(moved(b));
        } else {
            findings.add(moved(b));
        }
        return findings;
    }

    private static Finding moved(Backlash b) {
        String far = Show.play(Math.abs(b.moveMm()));
        return new Finding(
                "backlash-move",
                Level.SOON,
                b.moveMm() > 0
                        ? "Move the gear " + far
                                + " toward the pinion: so much shim more behind its back, so much less "
                                + "on the other side."
                        : "Move the gear " + far + " away from the pinion: so much shim less behind its back, so much "
                                + "more on the other side.");
    }

    @Override
    public Answer print(Backlash b) {
        Answer answer = new Answer(
                List.of(
                        b.inBand()
                                ? new Answer.Figure("move the gear", "not at all", "", "every place is in the band")
                                : Answer.Figure.fixed(
                                        b.moveMm() >= 0 ? "gear toward the pinion" : "gear away from the pinion",
                                        Math.abs(b.moveMm()),
                                        3,
                                        "mm",
                                        Show.inches(Math.abs(b.moveMm()))),
                        Answer.Figure.fixed(
                                "backlash, mean at the pitch line", b.meanMm(), 3, "mm", Show.inches(b.meanMm())),
                        Answer.Figure.fixed(
                                "places differ by",
                                b.spreadMm(),
                                3,
                                "mm",
                                "over " + Show.number(Backlash.SPREAD_MM, 2) + " it runs out"),
                        Answer.Figure.number("a millimetre takes out", b.perMm(), 2, "mm", "by its teeth")),
                findings(b),
                List.of(
                        "What goes in on one side comes out on the other, so that the bearings keep their preload; "
                                + "it is measured again all the same.",
                        "Move half of it first where the set is not new: teeth wear where they run."),
                worksheet(b),
                List.of());
        return answer.with(chart(b));
    }

    private static Chart chart(Backlash b) {
        Backlash.Input in = b.input();
        double scale = in.pitchMm() / in.indicatorMm();
        int count = in.readingsMm().size();
        List<Chart.Spot> spots = IntStream.range(0, count)
                .mapToObj(i -> new Chart.Spot(360.0 * i / count, in.readingsMm().get(i) * scale, ""))
                .toList();
        return new Chart(
                "backlash-places",
                "Backlash round the gear, at the pitch line",
                new Chart.Axis("round the gear, °", 0, 360, false),
                new Chart.Axis("mm", 0, Math.max(b.mostMm(), in.maxMm()) * 1.3, false),
                List.of(
                        new Chart.Line("least", x -> in.minMm()),
                        new Chart.Line("most", x -> in.maxMm()),
                        new Chart.Line("mean", x -> b.meanMm())),
                spots,
                List.of());
    }

    private static Worksheet worksheet(Backlash b) {
        Backlash.Teeth teeth = b.input().teeth();
        return new Worksheet(
                "How far does the ring gear move?",
                List.of(
                        Worksheet.computed(
                                "j",
                                "mean at the pitch line",
                                "mean · pitch radius/indicator's",
                                Show.play(b.meanMm())),
                        Worksheet.judged(
                                "",
                                "places differ by",
                                "largest − smallest",
                                Show.play(b.spreadMm()),
                                "over " + Show.play(Backlash.SPREAD_MM) + " soon"),
                        Worksheet.computed(
                                "k",
                                "backlash a millimetre takes out",
                                "2·tan φ/cos ψ·sin Γ; φ " + Show.number(teeth.pressureDeg(), 1) + "°, ψ "
                                        + Show.number(teeth.spiralDeg(), 1) + "°, Γ " + Show.number(teeth.coneDeg(), 1)
                                        + "°",
                                Show.number(b.perMm(), 3)),
                        Worksheet.computed(
                                "a", "gear toward the pinion", "(j − middle of the band)/k", Show.play(b.moveMm()))),
                List.of("Geometry of bevel gears: two flanks at the normal pressure angle, seen in the plane of "
                        + "rotation."));
    }

    @Override
    public List<Call<Backlash>> calls() {
        return List.of(Call.post(
                "backlash",
                "Backlash at the pitch line, and how far a ring gear is moved for the wanted one",
                Shape.of(FIELDS, "readingsMm", "indicatorMm", "pitchMm", "pressureDeg", "spiralDeg", "coneDeg")
                        .and("target", Shape.of(FIELDS, "min", "max")),
                BacklashJson.class,
                b -> new BacklashJson(b.meanMm(), b.leastMm(), b.mostMm(), b.spreadMm(), b.moveMm(), b.inBand())));
    }
}
