package unbo.core.tools.deciding;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.decide.Option;
import unbo.core.decide.RunOrReplace;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** Run it or replace it, as it is told. */
public final class RunOrReplaceWords {

    /** Under this share of draws won the first is not clear. */
    private static final double CLEAR = 0.8;

    private static final double WIDE = 300;
    private static final double ROW = 22;
    private static final double TEXT = 12;

    private RunOrReplaceWords() {}

    /** How options compare: for any question whose answer is a choice between some. */
    public static Answer answer(RunOrReplace r) {
        List<Answer.Figure> figures = new ArrayList<>();
        RunOrReplace.Sum best = r.best();
        RunOrReplace.Sum second = r.ranked().get(1);
        figures.add(new Answer.Figure(
                "costs least", best.option().name(), "", "in " + percent(best.wins()) + " of the draws"));
        figures.add(new Answer.Figure(
                        "over " + Show.number(r.input().years(), 1) + " years",
                        money(best.present()),
                        "",
                        second.option().name() + " " + money(second.present()))
                .of(best.present()));
        figures.add(Answer.Figure.number("fails meanwhile", best.failureChance() * 100, 1, "%", "of such"));
        RunOrReplace.Turning turning = r.turning();
        if (turning != null) {
            figures.add(Answer.Figure.number(
                    "the choice turns at",
                    turning.chance() * 100,
                    turning.chance() < 0.1 ? 2 : 1,
                    "%",
                    "of “" + r.input().options().get(0).name() + "” by " + Show.rough(turning.by())));
        }
        Answer answer = new Answer(figures, findings(r), sentences(r), worksheet(r), List.of(costs(r), tornado(r)));
        return answer.with(table(r));
    }

    static List<Finding> findings(RunOrReplace r) {
        RunOrReplace.Sum best = r.best();
        RunOrReplace.Sum second = r.ranked().get(1);
        List<Finding> findings = new ArrayList<>();
        double apart = second.present() - best.present();
        findings.add(
                best.wins() >= CLEAR
                        ? new Finding(
                                "run-or-replace-clear",
                                Level.RIGHT,
                                "“" + best.option().name() + "” costs " + money(apart) + " less than “"
                                        + second.option().name() + "”, and least in " + percent(best.wins())
                                        + " of the draws.")
                        : new Finding(
                                "run-or-replace-close",
                                Level.OPEN,
                                "“" + best.option().name() + "” and “"
                                        + second.option().name() + "” lie " + money(apart)
                                        + " apart, and the first costs least in " + percent(best.wins())
                                        + " of the draws only: what moves it most is "
                                        + (r.tornado().isEmpty()
                                                ? "nothing that was given"
                                                : r.tornado().get(0).input())
                                        + ". Find that out, or choose by what is handy."));
        RunOrReplace.Turning turning = r.turning();
        if (turning == null) {
            findings.add(new Finding(
                    "run-or-replace-never-turns",
                    Level.RIGHT,
                    "However likely “" + r.input().options().get(0).name()
                            + "” is to fail, the choice stays as it is: the costs decide."));
        }
        return findings;
    }

    private static List<String> sentences(RunOrReplace r) {
        List<String> sentences = new ArrayList<>();
        sentences.add("A failure that can hurt somebody is not weighed here: what carries a wheel, a rider or the "
                + "steering is renewed on any doubt, and the vehicle maker's word comes first.");
        RunOrReplace.Turning turning = r.turning();
        if (turning != null) {
            sentences.add("While “" + r.input().options().get(0).name() + "” fails in fewer than "
                    + Show.number(turning.chance() * 100, turning.chance() < 0.1 ? 2 : 1) + " of 100 by "
                    + Show.rough(turning.by()) + ", “" + turning.under().name() + "” costs least; over that “"
                    + turning.over().name() + "”. Which side of it these bearings are on, nobody knows better than "
                    + "those who have seen such run.");
        }
        for (Option option : r.input().options()) {
            if (option.watch().seen() > 0 && option.watch().cost() == 0) {
                sentences.add(
                        "“" + option.name() + "”: what the renewal costs that is seen in time is not written, and "
                                + "counted as nothing.");
            }
        }
        sentences.add("After a failure it is renewed once, and no second failure is counted.");
        return sentences;
    }

    public static String money(double value) {
        return Show.number(value, Math.abs(value) < 100 ? 2 : 0);
    }

    private static String percent(double share) {
        return Show.number(share * 100, 0) + " %";
    }

    private static ValueTable table(RunOrReplace r) {
        List<List<String>> rows = r.ranked().stream()
                .map(sum -> List.of(
                        sum.option().name(),
                        money(sum.present()),
                        money(sum.expected()),
                        Show.number(sum.failureChance() * 100, 2) + " %",
                        money(sum.worstInTwenty()),
                        percent(sum.wins())))
                .toList();
        return new ValueTable(
                "options",
                "Options, the least cost first",
                List.of("option", "present value", "expected cost", "fails", "worst in twenty", "costs least in"),
                rows);
    }

    /** Present values as bars, and how far one course in twenty reaches. */
    public static Drawing costs(RunOrReplace r) {
        List<RunOrReplace.Sum> sums = r.ranked();
        double most = Math.max(
                1e-9,
                sums.stream()
                        .mapToDouble(sum -> Math.max(sum.present(), sum.worstInTwenty()))
                        .max()
                        .orElse(1));
        List<Shape> shapes = new ArrayList<>();
        for (int i = 0; i < sums.size(); i++) {
            RunOrReplace.Sum sum = sums.get(i);
            double y = i * ROW * 2;
            double to = sum.present() / most * WIDE;
            double worst = sum.worstInTwenty() / most * WIDE;
            shapes.add(new Shape.Label(Point.of(0, y - 9), sum.option().name(), "start", TEXT, Role.MARK));
            shapes.add(bar(0, to, y, ROW * 0.7, i == 0 ? Role.ANSWER : Role.PART));
            shapes.add(Shape.line(Role.MARK, Point.of(worst, y - 2), Point.of(worst, y + ROW * 0.7 + 2)));
            shapes.add(new Shape.Label(
                    Point.of(Math.max(to, worst) + 6, y + ROW * 0.5),
                    money(sum.present()) + (worst > to ? ", worst in twenty " + money(sum.worstInTwenty()) : ""),
                    "start",
                    TEXT,
                    Role.MARK));
        }
        return new Drawing(
                "options",
                "Cost of each option over the years ahead",
                -6,
                -20,
                WIDE + 210,
                sums.size() * ROW * 2 + 16,
                shapes);
    }

    private static Shape bar(double from, double to, double y, double high, Role role) {
        return Shape.area(
                role,
                Known.TABLE,
                Point.of(from, y),
                Point.of(Math.max(to, from + 1), y),
                Point.of(Math.max(to, from + 1), y + high),
                Point.of(from, y + high));
    }

    /** What moves the difference between the first two. */
    public static Drawing tornado(RunOrReplace r) {
        List<Shape> shapes = new ArrayList<>();
        double low = 0;
        double high = 0;
        for (RunOrReplace.Swing swing : r.tornado()) {
            low = Math.min(low, Math.min(swing.low(), swing.high()));
            high = Math.max(high, Math.max(swing.low(), swing.high()));
        }
        double scale = WIDE / Math.max(1e-9, high - low);
        double nought = -low * scale;
        for (int i = 0; i < r.tornado().size(); i++) {
            RunOrReplace.Swing swing = r.tornado().get(i);
            double y = i * ROW * 1.9;
            double from = (Math.min(swing.low(), swing.high()) - low) * scale;
            double to = (Math.max(swing.low(), swing.high()) - low) * scale;
            shapes.add(new Shape.Label(Point.of(6, y - 9), swing.input(), "start", TEXT, Role.MARK));
            shapes.add(bar(from, to, y, ROW * 0.6, Role.PART));
            shapes.add(new Shape.Label(
                    Point.of(WIDE + 8, y + ROW * 0.5),
                    money(swing.low()) + " to " + money(swing.high()),
                    "start",
                    TEXT,
                    Role.MARK));
        }
        double bottom = r.tornado().size() * ROW * 1.9;
        shapes.add(Shape.line(Role.CENTRE, Point.of(nought, -16), Point.of(nought, bottom)));
        shapes.add(new Shape.Label(
                Point.of(Math.max(0, nought - 4), bottom + 12), "0: as dear as the first", "start", TEXT, Role.MARK));
        return new Drawing(
                "tornado",
                "How far the second is dearer than the first, at the low and high end of each input",
                -30,
                -22,
                WIDE + 190,
                bottom + 46,
                shapes);
    }

    private static Worksheet worksheet(RunOrReplace r) {
        RunOrReplace.Input in = r.input();
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.given(
                        "x", "distance ahead", Show.number(in.years(), 1) + " years × " + Show.rough(in.perYear())),
                Worksheet.given("", "interest a year", Show.number(in.rate() * 100, 1) + " %"),
                Worksheet.given("", "draws, seed", in.draws() + ", " + in.seed())));
        for (RunOrReplace.Sum sum : r.sums()) {
            lines.add(Worksheet.computed(
                    "F",
                    sum.option().name() + ", fails",
                    sum.option().risk() instanceof Option.Chance
                            ? "1 − (1 − p)^(x/D)"
                            : "1 − exp(−((a + x)/η)^β + (a/η)^β)",
                    Show.number(sum.failureChance() * 100, 2) + " %"));
            lines.add(Worksheet.computed(
                    "", sum.option().name() + ", expected", "now + renewals + F·failure", money(sum.expected())));
        }
        return new Worksheet(
                "Run it or replace it?",
                lines,
                List.of(
                        "Expected cost and present value over the horizon; a failure is renewed once.",
                        "Uncertain chances drawn from PERT (1 + 4·(m − a)/(b − a), 1 + 4·(b − m)/(b − a)), the same "
                                + "draw for all options.",
                        "What has no range of its own is moved by a fifth either way."));
    }
}
