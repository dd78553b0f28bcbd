package unbo.app.diagnosis;

import java.util.List;

import unbo.core.diagnosis.Check;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.RoadCard;
import unbo.core.drawing.Drawing;
import unbo.core.measure.Show;
import unbo.core.tools.diagnosing.CheckDrawing;
import unbo.core.tools.diagnosing.DiagnosisWords;

/**
 * A road-test card: what to do on the road, in order, with boxes for the one who notes.
 *
 * @param held why nobody should drive it to listen; empty when the road is free
 */
public record RoadView(String held, String minutes, List<Line> lines, List<DiagnosisView.CauseLine> open) {

    private static final double OPEN = 0.05;

    /** One manoeuvre. */
    public record Line(
            int number,
            String title,
            String question,
            String how,
            String caution,
            Drawing picture,
            List<String> results) {}

    /** What comes before the first manoeuvre. */
    public String caution() {
        return RoadCard.CAUTION;
    }

    public static RoadView of(Diagnosis diagnosis) {
        RoadCard card = diagnosis.roadCard();
        String vehicle = diagnosis.input().vehicle();
        List<RoadCard.Manoeuvre> all = card.manoeuvres();
        return new RoadView(
                DiagnosisWords.of(diagnosis).roadHeld(),
                Show.number(card.minutes(), 0) + " min",
                all.stream()
                        .map(m -> new Line(
                                all.indexOf(m) + 1,
                                m.way().check().shortName(),
                                m.way().check().question(),
                                m.way().how(),
                                m.way().caution(),
                                CheckDrawing.of(m.way().check()).orElse(null),
                                m.way().check().results().stream()
                                        .filter(r -> r.offered(vehicle))
                                        .map(Check.Result::label)
                                        .toList()))
                        .toList(),
                diagnosis.ranked().stream()
                        .filter(r -> r.probability() >= OPEN)
                        .map(r -> new DiagnosisView.CauseLine(
                                r.hypothesis().words(vehicle),
                                DiagnosisView.percent(r.probability()),
                                100 * r.probability(),
                                r.hypothesis().cause().bearing(),
                                List.of()))
                        .toList());
    }
}
