package unbo.core.identify;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.designation.Part;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** An identified hub as it is printed: parts list first. */
public final class HubWords {

    private HubWords() {
    }

    public static Answer answer(IdentifiedHub hub) {
        List<String> sentences = new ArrayList<>();
        sentences.add("Outer: " + hub.outer().match().reason());
        sentences.add("Inner: " + hub.inner().match().reason());
        if (!hub.defaulted().isEmpty()) {
            sentences.add("Not measured, taken by rule and drawn dashed: " + String.join("; ", hub.defaulted()) + ".");
        }
        sentences.add("Cone and cup are renewed as a pair. Measure before ordering.");
        return new Answer(List.of(figure("outer bearing", hub.outer()), figure("inner bearing", hub.inner()),
                new Answer.Figure("seal", hub.seal().map(s -> Show.number(s.shaftMm(), 2) + "×" + Show.number(s.outsideMm(), 2) + "×"
                        + Show.number(s.widthMm(), 2)).orElse("unknown"), hub.seal().isPresent() ? "mm" : "", "")),
                hub.findings(), sentences, worksheet(hub), List.of());
    }

    private static Answer.Figure figure(String what, IdentifiedTaper taper) {
        return new Answer.Figure(what, taper.name(), "", Show.number(taper.bore().mm(), 3) + " × " + Show.number(taper.outside().mm(), 3)
                + " × " + Show.number(taper.width().mm(), 3) + " mm");
    }

    private static Worksheet worksheet(IdentifiedHub hub) {
        List<Worksheet.Line> lines = new ArrayList<>();
        bearing("outer", hub.outer(), lines);
        bearing("inner", hub.inner(), lines);
        lines.add(length("L", "between the cups", hub.betweenCups()));
        lines.add(length("Dh", "hub bore between", hub.hubBore()));
        lines.add(length("ds", "spindle between", hub.spindle()));
        return new Worksheet("Which bearings and seal does this hub have?", lines, List.of(
                "Dimension plans: ISO 15 and ISO 355 (metric), ABMA standard 19.2 (inch tapers).",
                "Half cup angles are estimated from the number, for the drawing only."));
    }

    private static void bearing(String place, IdentifiedTaper taper, List<Worksheet.Line> lines) {
        for (Part part : taper.cone().parts()) {
            lines.add(Worksheet.given(part.text(), place + " cone " + taper.cone().marking() + ", " + part.role(), part.meaning()));
        }
        lines.add(length("d", place + " bore", taper.bore()));
        lines.add(length("D", place + " outside", taper.outside()));
        lines.add(length("T", place + " assembled width", taper.width()));
        lines.add(Worksheet.computed("α", place + " half cup angle", taper.halfAngleDeg().how().word(), Show.number(taper.halfAngleDeg().mm(), 1) + "°"));
    }

    private static Worksheet.Line length(String symbol, String name, Size size) {
        return Worksheet.computed(symbol, name, size.how().word(), Show.number(size.mm(), 3) + " mm = " + Show.inches(size.mm()));
    }
}
