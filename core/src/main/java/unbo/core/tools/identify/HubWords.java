package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import unbo.core.answer.Answer;
import unbo.core.bearing.Part;
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
        List<IdentifiedBearing> bearings =
                hub.inner() == null ? List.of(hub.outer()) : List.of(hub.outer(), hub.inner());
        for (IdentifiedBearing b : bearings) {
            String place = b == hub.inner() ? "Inner: " : hub.inner() == null ? "" : "Outer: ";
            sentences.add(place
                    + (b.match() != null
                            ? b.match().reason()
                            : b.name() + " is a " + b.cone().kind().words()
                                    + (b.cone().suffixes().parts().isEmpty() ? "" : ", " + marks(b)) + "."));
            b.cone().warnings().stream().filter(w -> !w.contains(MEASURE)).forEach(w -> sentences.add(place + w));
        }
        if (!hub.defaulted().isEmpty()) {
            sentences.add("Not measured, taken by rule and drawn dashed: " + String.join("; ", hub.defaulted()) + ".");
        }
        sentences.add(
                (bearings.stream().anyMatch(IdentifiedBearing::parted) ? "Cone and cup are renewed as a pair. " : "")
                        + MEASURE + ".");
        List<Answer.Figure> figures =
                new ArrayList<>(List.of(figure(hub.inner() == null ? "bearing" : "outer bearing", hub.outer())));
        if (hub.inner() != null) {
            figures.add(figure("inner bearing", hub.inner()));
        }
        figures.add(new Answer.Figure(
                "seal",
                hub.seal()
                        .map(s -> Show.number(s.shaftMm(), 2) + "×" + Show.number(s.outsideMm(), 2) + "×"
                                + Show.number(s.widthMm(), 2))
                        .orElse("unknown"),
                hub.seal().isPresent() ? "mm" : "",
                ""));
        return new Answer(figures, hub.findings(), sentences, worksheet(hub), List.of());
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
        bearing("outer", hub.outer(), lines);
        if (hub.inner() != null) {
            bearing("inner", hub.inner(), lines);
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
