package unbo.app.setting;

import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.measure.Units;
import unbo.core.setting.CastleNut;
import unbo.core.setting.LockingPosition;
import unbo.core.setting.SchoolOutcome;
import unbo.core.tools.setting.CastleNutDrawing;
import unbo.core.tools.setting.CastleNutWords;
import unbo.core.tools.setting.SchoolWords;
import unbo.core.worksheet.Worksheet;

/** A castellated nut's result as the bench and the Set stage print it. */
public record NutAnswer(
        Level level,
        Best best,
        List<String> sentences,
        List<Row> rows,
        List<SchoolRow> schools,
        Pictures pictures,
        Worksheet worksheet) {
    /** Where it is pinned. */
    public record Best(String turn, String play, String playOther, String band) {}

    /** As drawn. */
    public record Pictures(Drawing face, Drawing scale) {}

    /** One locking position in words. */
    public record Row(String backOff, String play, String playInch, String hole, boolean inBand, boolean best) {}

    /** Where a school's rule leaves this nut, with what it assumes. */
    public record SchoolRow(SchoolWords.Telling telling, String turn, String play, boolean inBand, boolean chosen) {}

    private static final int NEAR = 5;

    /** The first positions, and the one to use wherever it stands. */
    public List<Row> near() {
        return rows.stream().filter(r -> r.best() || rows.indexOf(r) < NEAR).toList();
    }

    /** What {@link #near} leaves out. */
    public List<Row> rest() {
        return rows.stream().filter(r -> !near().contains(r)).toList();
    }

    /** The end play in the workshop's own unit, the other beside it. */
    public Answer.Figure playIn(UnitSystem units) {
        return new Answer.Figure("end play there", play(), "mm", playOther()).in(units);
    }

    /** Which rule is the default, and when another is better. */
    public String whyDefault() {
        return SchoolWords.whyDefault();
    }

    public static NutAnswer of(CastleNut nut) {
        LockingPosition best = nut.bestPosition();
        SchoolOutcome chosen = nut.bySchool();
        double play = best == null ? chosen.endPlayMm() : best.endPlayMm();
        double turn = best == null ? chosen.backOffDeg() : best.backOffDeg();
        return new NutAnswer(
                best == null ? Level.SOON : Level.RIGHT,
                new Best(
                        CastleNutWords.degrees(turn),
                        Show.fixed(play, 3),
                        inches(play),
                        CastleNutWords.words(nut.input().band())),
                CastleNutWords.sentences(nut),
                nut.positions().stream()
                        .map(p -> new Row(
                                CastleNutWords.degrees(p.backOffDeg()),
                                Show.fixed(p.endPlayMm(), 3),
                                inches(p.endPlayMm()),
                                CastleNutWords.degrees(p.holeDeg()),
                                p.inBand(),
                                p.equals(best)))
                        .toList(),
                nut.outcomes().stream()
                        .map(o -> new SchoolRow(
                                SchoolWords.of(o.school()),
                                CastleNutWords.degrees(o.backOffDeg()),
                                Show.play(o.endPlayMm()),
                                o.inBand(),
                                o.school() == nut.input().school()))
                        .toList(),
                new Pictures(CastleNutDrawing.face(nut), CastleNutDrawing.scale(nut)),
                CastleNutWords.worksheet(nut));
    }

    private static String inches(double mm) {
        return Show.base(mm, Units.of(Quantity.LENGTH, "in"));
    }

    public String turn() {
        return best.turn();
    }

    public String play() {
        return best.play();
    }

    public String playOther() {
        return best.playOther();
    }

    public String band() {
        return best.band();
    }

    public Drawing face() {
        return pictures.face();
    }

    public Drawing scale() {
        return pictures.scale();
    }
}
