package unbo.core.tools.proving;

import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.measure.Show;
import unbo.core.runout.RimRock;
import unbo.core.worksheet.Worksheet;

/** Rock at the rim, in print. */
public final class RimRockWords {

    private RimRockWords() {}

    public static Answer answer(RimRock rock) {
        return new Answer(
                List.of(
                        Answer.Figure.number(
                                "end play, estimated", rock.endPlayMm(), 2, "mm", Show.inches(rock.endPlayMm())),
                        new Answer.Figure(
                                "it may be",
                                Show.number(rock.lowMm(), 2) + " to " + Show.number(rock.highMm(), 2),
                                "mm",
                                "± 40 %")),
                List.of(rock.finding()),
                List.of("An estimate: tyre and rim give, and a worn joint moves too. Rock with the "
                        + "brake on as well: what stays is a joint."),
                new Worksheet(
                        "What end play does this rock come from?",
                        List.of(
                                Worksheet.given(
                                        "s",
                                        "rock at the rim",
                                        Show.play(rock.input().rockMm())),
                                Worksheet.given(
                                        "R",
                                        "rim radius",
                                        Show.number(rock.input().rimRadiusMm(), 1) + " mm"),
                                Worksheet.given(
                                        "a",
                                        "effective spread",
                                        Show.number(rock.input().spreadMm(), 1) + " mm"),
                                Worksheet.given(
                                        "α",
                                        "half cup angle",
                                        Show.number(rock.input().halfCupAngleDeg(), 1) + "°"),
                                Worksheet.judged(
                                        "e",
                                        "end play",
                                        "s·a/(2·R·tan α)",
                                        Show.play(rock.endPlayMm()),
                                        "± 40 %; 0.025 to 0.125 mm right, over 0.15 mm stop")),
                        List.of("Geometry of an opposed tapered pair.")),
                List.of());
    }
}
