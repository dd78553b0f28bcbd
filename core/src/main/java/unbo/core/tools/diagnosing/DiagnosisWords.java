package unbo.core.tools.diagnosing;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.diagnosis.Contradiction;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.OwnCases;
import unbo.core.diagnosis.Priors;
import unbo.core.diagnosis.SafetyFirst;
import unbo.core.diagnosis.Urgency;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A diagnosis in print. */
public final class DiagnosisWords {

    private static final double STRONG = 10;
    private static final double VERY_STRONG = 30;
    private static final double WORTH_NAMING = 0.05;

    private final Diagnosis diagnosis;
    private final String vehicle;

    private DiagnosisWords(Diagnosis diagnosis) {
        this.diagnosis = diagnosis;
        this.vehicle = diagnosis.input().vehicle();
    }

    public static DiagnosisWords of(Diagnosis diagnosis) {
        return new DiagnosisWords(diagnosis);
    }

    /**
     * A likelihood ratio in words: under 3 slight, 3 to 10 fair, 10 to 30 strong, over 30 very strong; for or against.
     */
    public static String strength(double ratio) {
        double either = Math.max(ratio, 1 / ratio);
        String how = either < Diagnosis.FAIR
                ? "slight"
                : either < STRONG ? "fair" : either <= VERY_STRONG ? "strong" : "very strong";
        return how + (ratio >= 1 ? " for" : " against");
    }

    /** One result and what it says about a hypothesis. */
    public String evidence(Diagnosis.Evidence evidence) {
        return evidence.seen().words(vehicle) + ", " + strength(evidence.likelihoodRatio());
    }

    private static final String BOTH =
            "Both sides of one axle: the same hand set them, in the same grease, so whatever was done to one was done "
                    + "to the other. Open both. A brake that drags on both warms them too: where the axle has none, it "
                    + "is the bearings. ";

    /** What the workshop should know of the leading cause; empty while nothing has been noted. */
    public String advice() {
        return diagnosis.input().seen().isEmpty()
                ? ""
                : (diagnosis.leader().hypothesis().pair().isEmpty() ? "" : BOTH)
                        + diagnosis.leader().hypothesis().cause().advice();
    }

    /** Why it is as urgent as it is, the worst first; empty when nothing is wrong. */
    public List<String> reasons() {
        List<Urgency.Reason> all = diagnosis.urgencyReasons();
        List<Urgency.Reason> named =
                all.stream().filter(r -> !r.why().isEmpty()).toList();
        return (named.isEmpty() ? all.stream().limit(1).toList() : named)
                .stream().map(this::reason).toList();
    }

    private String reason(Urgency.Reason reason) {
        return reason.seen().words(vehicle)
                + (reason.why().isEmpty() ? ", not settled yet" : ": " + reason.why())
                + (reason.stepped()
                        ? ". It counts one step more: "
                                + (vehicle.equals("trailer") ? "loaded or fast." : "front wheel.")
                        : ".");
    }

    /** Results that pull apart, each in a sentence. */
    public List<String> contradictions() {
        return diagnosis.contradictions().stream().map(this::contradiction).toList();
    }

    private String contradiction(Contradiction c) {
        if (c.one() == null || c.other() == null) {
            return "Taken together these results fit every cause here worse than chance: do the "
                    + "doubtful ones again, or look for something that is not in the list.";
        }
        return "“" + c.one().words(vehicle) + "” and “" + c.other().words(vehicle)
                + "” pull apart: no single cause explains both. Do the doubtful one again; if "
                + "both hold there are two faults.";
    }

    /** Why nobody should drive it to listen; empty when the road is free. */
    public String roadHeld() {
        SafetyFirst safety = diagnosis.safety();
        if (safety.stops()) {
            return "No road test: a result says stop.";
        }
        return safety.left().isEmpty()
                ? ""
                : asked(safety.word())
                        + ": wheel nuts, rock test and hub temperature first, standing. No road test until they pass.";
    }

    private String asked(String word) {
        return word.equals("worked on lately")
                ? "The wheel was worked on lately"
                : diagnosis.input().complaint().isEmpty()
                        ? "The noise is a " + word
                        : "The complaint names “" + word + "”";
    }

    /** The urgency as one word: stop, soon, watch or none. */
    public static String word(Level level) {
        return level == Level.RIGHT ? "none" : level.word();
    }

    /** The urgency as it is told to the driver. */
    public String told() {
        return switch (diagnosis.urgency()) {
            case STOP -> "stop: do not drive it";
            case SOON -> "soon: days, short distances";
            case WATCH -> "watch it";
            default -> "nothing found yet";
        };
    }

    /** The diagnosis as a stage keeps it. */
    public Answer answer() {
        List<Answer.Figure> figures = new ArrayList<>();
        diagnosis.ranked().stream()
                .limit(3)
                .filter(r -> r.probability() >= WORTH_NAMING || r == diagnosis.leader())
                .forEach(r -> figures.add(
                        Answer.Figure.number(r.hypothesis().words(vehicle), 100 * r.probability(), 0, "%", "")));
        List<Finding> findings = new ArrayList<>();
        diagnosis
                .urgencyReasons()
                .forEach(r ->
                        findings.add(new Finding("urgency-" + r.seen().check().id(), r.level(), reason(r))));
        contradictions().forEach(c -> findings.add(new Finding("contradiction", Level.WATCH, c)));
        List<String> sentences = new ArrayList<>();
        diagnosis
                .leader()
                .evidence()
                .forEach(e -> sentences.add(
                        evidence(e) + " " + diagnosis.leader().hypothesis().words(vehicle) + "."));
        if (!advice().isEmpty()) {
            sentences.add(advice());
        }
        return new Answer(figures, findings, sentences, worksheet(), List.of(VehicleDrawing.of(diagnosis)));
    }

    /** The derivation for the leader. */
    public Worksheet worksheet() {
        Diagnosis.Ranked leader = diagnosis.leader();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given("H", "the leading cause", leader.hypothesis().words(vehicle)));
        Priors.reasons(diagnosis.input(), leader.hypothesis())
                .forEach(r -> lines.add(Worksheet.given("×", r.words(), Show.number(r.factor(), 2))));
        lines.add(Worksheet.computed(
                "P₀",
                "before any check",
                diagnosis.own().cases() == 0 ? "shipped table, all shares 1" : "(20 · shipped + own) / (20 + all own)",
                percent(leader.prior())));
        for (Diagnosis.Evidence e : leader.evidence()) {
            lines.add(Worksheet.judged(
                    "LR",
                    e.seen().words(vehicle),
                    e.weight() == 1
                            ? "P(r|H) / P(r|rest)"
                            : "P(r|H)^w / P(r|rest)^w, w = " + Show.number(e.weight(), 3),
                    Show.number(e.likelihoodRatio(), e.likelihoodRatio() < 1 ? 3 : 2),
                    strength(e.likelihoodRatio())));
        }
        lines.add(Worksheet.computed("P", "now", "P₀ · Π P(r|H)^w / Σ over all causes", percent(leader.probability())));
        lines.add(Worksheet.computed(
                "S",
                "still open",
                "−Σ P · log₂ P, of " + Show.number(diagnosis.openAtFirstBits(), 2) + " bits at first",
                Show.number(diagnosis.openBits(), 2) + " bits"));
        lines.add(Worksheet.given(
                "",
                "play that is right here, without vehicle data",
                diagnosis.input().hubType().label() + ": "
                        + diagnosis.input().hubType().limit()));
        List<String> sources = new ArrayList<>(List.of(
                "Bayes' rule and mutual information: MacKay, Information Theory, Inference, and Learning Algorithms",
                "Priors and likelihoods: the product's own judgement, listed under “Table and own cases”"));
        if (diagnosis.own().cases() > 0) {
            sources.add("Moved by " + diagnosis.own().cases() + " closed jobs of this workshop, a shipped row worth "
                    + OwnCases.SHIPPED_WORTH + " cases");
        }
        return new Worksheet("Is it the bearing, and which one?", lines, sources);
    }

    private static String percent(double share) {
        return Show.number(100 * share, share < 0.1 ? 1 : 0) + " %";
    }
}
