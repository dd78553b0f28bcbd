package unbo.core.tools.deciding;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.survival.Lives;
import unbo.core.survival.LogRank;
import unbo.core.survival.Survival;
import unbo.core.survival.Weibull;
import unbo.core.worksheet.Worksheet;

/** What the runs tell, sentences first. */
public final class LivesWords {

    /** Own lives under this share of the computed one are far shorter. */
    private static final double FAR_SHORTER = 0.5;

    private static final int LONGEST_NAME = 14;

    private LivesWords() {}

    /** A counter as it is printed on an axis: thousands parted. */
    static String counted(double value) {
        return Show.number(value, value < 100 ? 1 : 0).replaceAll("(?<=\\d)(?=(\\d{3})+$)", "\u00a0");
    }

    static String cut(String name) {
        return name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME - 1) + "…";
    }

    public static Answer answer(Lives lives) {
        return new Answer(
                        figures(lives),
                        findings(lives),
                        sentences(lives),
                        worksheet(lives),
                        List.of(LivesDrawing.of(lives)))
                .with(table(lives));
    }

    private static List<Answer.Figure> figures(Lives lives) {
        List<Answer.Figure> figures = new ArrayList<>();
        Weibull w = lives.weibull();
        String unit = lives.input().unit();
        Double b10 = lives.b10();
        boolean enough = w.wanted() == 0;
        figures.add(new Answer.Figure(
                "nine in ten run longer than",
                b10 == null ? "not known" : Show.rough(b10),
                b10 == null ? "" : unit,
                enough ? "" : "not enough yet"));
        Double median = lives.survival().median();
        figures.add(new Answer.Figure(
                "half have failed by",
                median == null ? "not yet" : Show.rough(median),
                median == null ? "" : unit,
                lives.survival().failures() + " failed of " + lives.survival().runs() + " runs"));
        figures.add(Answer.Figure.number(
                "slope", w.beta(), 2, "", w.held() ? "held, not told by the runs" : limits(w.betaLimits())));
        figures.add(new Answer.Figure(
                        w.eta() == null ? "characteristic life, over" : "characteristic life",
                        Show.rough(w.eta() == null ? w.etaLow() : w.eta()),
                        unit,
                        w.eta() == null ? "" : "over " + Show.rough(w.etaLow()) + " " + unit)
                .of(w.eta() == null ? w.etaLow() : w.eta()));
        return figures;
    }

    private static String limits(Weibull.@org.jspecify.annotations.Nullable Limits limits) {
        return limits == null ? "" : Show.number(limits.low(), 2) + " to " + Show.number(limits.high(), 2);
    }

    static List<Finding> findings(Lives lives) {
        List<Finding> findings = new ArrayList<>();
        Weibull w = lives.weibull();
        Double computed = lives.input().computed();
        Double b10 = lives.b10();
        String unit = lives.input().unit();
        if (computed != null && b10 != null && w.wanted() == 0 && b10 < FAR_SHORTER * computed) {
            findings.add(new Finding(
                    "lives-short",
                    Level.WATCH,
                    "One in ten is gone by " + Show.rough(b10) + " " + unit + ", computed from load it would be "
                            + Show.rough(computed) + ": not the load ends them. Look at what the jobs were caused by: "
                            + "water, dirt, setting, fitting."));
        }
        if (w.wanted() > 0) {
            findings.add(new Finding(
                    "lives-few",
                    Level.OPEN,
                    "Not enough yet for a curve: " + w.failures() + " failed, "
                            + (w.wanted() == 1 ? "one more would do" : w.wanted() + " more would do")
                            + ". The slope is held at " + Show.number(w.beta(), 1)
                            + (w.beta() > 1 ? ", that of wear" : ", that of water and accident")
                            + " (our own judgement), and only the life is taken from the runs."));
        } else if (lives.wearsOut()) {
            findings.add(new Finding(
                    "lives-wear",
                    Level.RIGHT,
                    "They wear out: the old fail more often than the new (slope over 1, " + limits(w.betaLimits())
                            + "). There is a best age to renew them."));
        } else if (lives.failsEarly()) {
            findings.add(new Finding(
                    "lives-early",
                    Level.WATCH,
                    "New ones fail more often than old ones (slope under 1, " + limits(w.betaLimits())
                            + "): look at how they are fitted, set and sealed; renewing by age makes it worse."));
        } else {
            findings.add(new Finding(
                    "lives-age-unsure",
                    Level.OPEN,
                    "Whether age matters is not told yet: the slope may be under or over 1 (" + limits(w.betaLimits())
                            + "). Renew on condition."));
        }
        lives.comparisons().forEach(comparison -> findings.add(compared(comparison)));
        return findings;
    }

    private static Finding compared(Lives.Comparison c) {
        LogRank rank = c.rank();
        String both = c.first() + " against " + c.other();
        if (rank.failed() < Lives.TOLD) {
            return new Finding(
                    "lives-compare-few",
                    Level.OPEN,
                    both + " cannot be told yet: about " + (c.wanted() - rank.failed())
                            + " more failures would do to see lives of one half.");
        }
        if (rank.differ()) {
            boolean first = rank.ratio() > 1;
            return new Finding(
                    "lives-differ",
                    Level.WATCH,
                    (first ? c.first() : c.other()) + " fails "
                            + Show.number(first ? rank.ratio() : 1 / rank.ratio(), 1)
                            + " times as often as " + (first ? c.other() : c.first())
                            + "; were they alike, so much would be seen in " + percent(rank.chance())
                            + " of such records. Held against each other at one in ten, one in ten such findings "
                            + "is chance.");
        }
        return new Finding(
                "lives-alike",
                c.enough() ? Level.RIGHT : Level.OPEN,
                c.enough()
                        ? both + ": no difference (" + rank.failed() + " failures would show a ratio of two)."
                        : both + ": no difference under a ratio of "
                                + Show.number(LogRank.ratioSeen(rank.share(), rank.failed()), 1)
                                + " could be seen yet; " + (c.wanted() - rank.failed())
                                + " more failures would show a ratio of two.");
    }

    private static String percent(double share) {
        return Show.number(share * 100, share < 0.1 ? 1 : 0) + " %";
    }

    private static List<String> sentences(Lives lives) {
        List<String> sentences = new ArrayList<>();
        Survival s = lives.survival();
        String unit = lives.input().unit();
        if (!s.steps().isEmpty()) {
            Survival.Step last = s.steps().get(s.steps().size() - 1);
            sentences.add("Of " + s.runs() + " runs " + s.failures() + " failed; the others still run or came out "
                    + "sound, and count as far as they were seen. " + percent(last.share()) + " run beyond "
                    + counted(last.at()) + " " + unit + " (between " + percent(last.low()) + " and "
                    + percent(last.high()) + ").");
        } else {
            sentences.add("None of " + s.runs() + " runs has failed: a life is known from below only, "
                    + Show.rough(lives.weibull().etaLow()) + " " + unit + " or more.");
        }
        if (lives.between() > 0) {
            sentences.add(lives.between() + (lives.between() == 1 ? " was" : " were")
                    + " found failed at a service: the middle between the two visits stands for the failure.");
        }
        return sentences;
    }

    private static ValueTable table(Lives lives) {
        List<List<String>> rows = new ArrayList<>();
        for (Survival.Step step : lives.survival().steps()) {
            Double error = step.error();
            rows.add(List.of(
                    counted(step.at()),
                    String.valueOf(step.atRisk()),
                    String.valueOf(step.failed()),
                    Show.fixed(step.share(), 3),
                    error == null ? "" : Show.fixed(error, 3),
                    Show.fixed(step.low(), 3) + " to " + Show.fixed(step.high(), 3)));
        }
        return new ValueTable(
                "lives",
                "Share that still runs",
                List.of(lives.input().unit(), "at risk", "failed", "still running", "standard error", "band"),
                rows);
    }

    private static Worksheet worksheet(Lives lives) {
        Weibull w = lives.weibull();
        String unit = " " + lives.input().unit();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given("n", "runs", String.valueOf(lives.survival().runs())));
        lines.add(Worksheet.given("r", "of these failed", String.valueOf(w.failures())));
        lines.add(Worksheet.computed(
                "S", "still running after the last failure", "Π(1 − d/n)", Show.fixed(last(lives.survival()), 4)));
        lines.add(
                w.held()
                        ? Worksheet.given(
                                "β", "slope, held under " + Weibull.ENOUGH + " failures", Show.number(w.beta(), 2))
                        : Worksheet.computed(
                                "β",
                                "slope",
                                "maximum likelihood",
                                Show.number(w.beta(), 3) + " (" + limits(w.betaLimits()) + ")"));
        Double eta = w.eta();
        Double b10 = w.b10();
        if (eta != null && b10 != null) {
            lines.add(Worksheet.computed("η", "characteristic life", "(Σt^β/r)^(1/β)", figure(eta) + unit));
            lines.add(Worksheet.computed("B10", "nine in ten exceed", "η·(−ln 0.9)^(1/β)", figure(b10) + unit));
        }
        lines.add(Worksheet.computed(
                "",
                "η is over",
                "(2·Σt^β/χ²(c; 2r + 2))^(1/β), c " + percent(lives.input().confidence()),
                figure(w.etaLow()) + unit));
        lives.comparisons().forEach(c -> {
            LogRank rank = c.rank();
            lines.add(Worksheet.judged(
                    "χ²",
                    c.first() + " against " + c.other(),
                    "(O − E)²/V; O " + rank.first().failed() + ", E "
                            + Show.number(rank.first().expected(), 2),
                    Show.number(rank.chiSquare(), 2) + ", by chance " + percent(rank.chance()),
                    "under " + percent(LogRank.LEVEL)));
            lines.add(Worksheet.computed(
                    "N",
                    "failures that tell a ratio of two",
                    "(1.645 + 0.842)²/(p·(1 − p)·(ln 2)²)",
                    String.valueOf(c.wanted())));
        });
        return new Worksheet(
                "How long do they last?",
                lines,
                List.of(
                        "Kaplan and Meier 1958; Greenwood's variance; band by the logarithm of the logarithm.",
                        "Weibull by maximum likelihood with censoring and late entry; limits by the profile of the "
                                + "likelihood (Lawless, Statistical Models and Methods for Lifetime Data).",
                        "Log-rank: Mantel 1966; failures wanted: Schoenfeld 1981.",
                        "Slope held under five failures: our own judgement."));
    }

    private static String figure(double value) {
        return Show.number(value, value < 1000 ? 2 : 0);
    }

    private static double last(Survival survival) {
        return survival.steps().isEmpty()
                ? 1
                : survival.steps().get(survival.steps().size() - 1).share();
    }
}
