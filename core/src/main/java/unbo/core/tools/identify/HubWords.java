package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import unbo.core.answer.Answer;
import unbo.core.assembly.AssemblyKind;
import unbo.core.bearing.Part;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.identify.HubInput;
import unbo.core.identify.IdentifiedBearing;
import unbo.core.identify.IdentifiedHub;
import unbo.core.identify.Size;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** An identified hub as it is printed: parts list first. */
public final class HubWords {

    private static final String MEASURE = "Measure before ordering";

    private HubWords() {}

    public static Answer answer(IdentifiedHub hub) {
        List<String> sentences = new ArrayList<>();
        boolean several = hub.input().places().size() > 1
                && (hub.bearings().size() > 1 || hub.input().kind() != null);
        for (IdentifiedHub.Placed placed : hub.bearings()) {
            IdentifiedBearing b = placed.bearing();
            String place = several ? label(placed) + ": " : "";
            sentences.add(place
                    + (b.match() != null
                            ? b.match().reason()
                            : b.name() + " is a " + b.cone().kind().words()
                                    + (b.cone().suffixes().parts().isEmpty() ? "" : ", " + marks(b)) + "."));
            b.cone().warnings().stream().filter(w -> !w.contains(MEASURE)).forEach(w -> sentences.add(place + w));
        }
        if (several && !hub.unknown().isEmpty()) {
            sentences.add("Not known yet: " + String.join("; ", hub.unknown()) + ".");
        }
        if (adjustable(hub) && !hub.defaulted().isEmpty()) {
            sentences.add("Not measured, taken by rule and drawn dashed: " + String.join("; ", hub.defaulted()) + ".");
        }
        if (!hub.bearings().isEmpty()) {
            sentences.add((hub.bearings().stream().anyMatch(b -> b.bearing().parted())
                            ? "Cone and cup are renewed as a pair. "
                            : "")
                    + MEASURE + ".");
        }
        return new Answer(figures(hub, several), findings(hub), sentences, worksheet(hub), List.of());
    }

    /** True where the lengths between the bearings are drawn. */
    private static boolean adjustable(IdentifiedHub hub) {
        AssemblyKind kind = hub.input().kind();
        return kind == null || kind.equals(AssemblyKind.all().get(0));
    }

    private static List<Answer.Figure> figures(IdentifiedHub hub, boolean several) {
        List<Answer.Figure> figures = new ArrayList<>();
        hub.bearings()
                .forEach(placed ->
                        figures.add(figure(several ? placed.at().place().label() : "bearing", placed.bearing())));
        for (HubInput.Placed placed : hub.input().places()) {
            HubInput.Balls balls = placed.balls();
            if (balls != null) {
                figures.add(new Answer.Figure(
                        placed.place().label(),
                        String.valueOf(balls.count()),
                        "balls",
                        balls.mm() == null
                                ? "size not measured"
                                : Show.number(balls.mm(), 3) + " mm = " + Show.inches(balls.mm())));
            }
        }
        hub.seal()
                .ifPresent(s -> figures.add(new Answer.Figure(
                        "seal",
                        Show.number(s.shaftMm(), 2) + "×" + Show.number(s.outsideMm(), 2) + "×"
                                + Show.number(s.widthMm(), 2),
                        "mm",
                        "")));
        return figures;
    }

    /** What was judged, and where the numbers are of another kind than was said. */
    private static List<Finding> findings(IdentifiedHub hub) {
        List<Finding> findings = new ArrayList<>(hub.findings());
        AssemblyKind said = hub.input().kind();
        if (said == null) {
            return findings;
        }
        for (IdentifiedHub.Placed placed : hub.bearings()) {
            boolean taper = placed.bearing().taper();
            if (taper != placed.at().place().usual().kind().taper()) {
                findings.add(new Finding(
                        "other-kind",
                        Level.WATCH,
                        label(placed) + ": " + placed.bearing().name() + " is "
                                + (taper ? "a taper" : "no taper") + ", and a " + said.label() + " mostly has "
                                + (taper ? "none" : "one") + " there: read it again, or say above what else it is."));
            }
        }
        return findings;
    }

    private static String label(IdentifiedHub.Placed placed) {
        return placed.at().place().title();
    }

    private static String marks(IdentifiedBearing b) {
        return b.cone().suffixes().parts().stream()
                .map(p -> p.text() + " " + p.meaning())
                .collect(Collectors.joining(", "));
    }

    private static Answer.Figure figure(String what, IdentifiedBearing taper) {
        return new Answer.Figure(
                what,
                taper.name(),
                "",
                Show.number(taper.bore().mm(), 3) + " × "
                        + Show.number(taper.outside().mm(), 3) + " × "
                        + Show.number(taper.width().mm(), 3) + " mm");
    }

    private static Worksheet worksheet(IdentifiedHub hub) {
        List<Worksheet.Line> lines = new ArrayList<>();
        hub.bearings()
                .forEach(placed -> bearing(
                        placed.at().place().label().replace(" bearing", "").replace("bearing", ""),
                        placed.bearing(),
                        lines));
        if (hub.inner() != null) {
            lines.add(length("L", "between the cups", requireNonNull(hub.betweenCups())));
            lines.add(length("Dh", "hub bore between", requireNonNull(hub.hubBore())));
            lines.add(length("ds", "spindle between", requireNonNull(hub.spindle())));
        }
        return new Worksheet(
                "Which bearings and seal does this hub have?",
                lines,
                List.of(
                        "Dimension plans: ISO 15 and ISO 355 (metric), ABMA standard 19.2 (inch tapers).",
                        "Half cup angles are estimated from the number, for the drawing only."));
    }

    private static void bearing(String place, IdentifiedBearing taper, List<Worksheet.Line> lines) {
        for (Part part : taper.cone().parts()) {
            lines.add(Worksheet.given(
                    part.text(),
                    place + (taper.parted() ? " cone " : " ") + taper.cone().marking() + ", " + part.role(),
                    part.meaning()));
        }
        lines.add(length("d", place + " bore", taper.bore()));
        lines.add(length("D", place + " outside", taper.outside()));
        lines.add(length(
                taper.taper() ? "T" : "B", place + (taper.taper() ? " assembled width" : " width"), taper.width()));
        lines.add(Worksheet.computed(
                "α",
                place + (taper.taper() ? " half cup angle" : " contact angle"),
                taper.halfAngleDeg().how().word(),
                Show.number(taper.halfAngleDeg().mm(), 1) + "°"));
    }

    private static Worksheet.Line length(String symbol, String name, Size size) {
        return Worksheet.computed(
                symbol, name, size.how().word(), Show.number(size.mm(), 3) + " mm = " + Show.inches(size.mm()));
    }
}
