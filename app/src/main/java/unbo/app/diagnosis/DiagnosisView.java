package unbo.app.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import unbo.core.diagnosis.Check;
import unbo.core.diagnosis.CheckOrder;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.Hypothesis;
import unbo.core.diagnosis.NextCheck;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.measure.Show;
import unbo.core.tools.diagnosing.CheckDrawing;
import unbo.core.tools.diagnosing.DiagnosisFields;
import unbo.core.tools.diagnosing.DiagnosisWords;
import unbo.core.tools.diagnosing.VehicleDrawing;
import unbo.core.worksheet.Worksheet;

/** A diagnosis as its page prints it. */
public record DiagnosisView(
        Head head,
        Urgency urgency,
        Warnings warnings,
        Ranking ranking,
        Board board,
        Chosen chosen,
        Shown shown,
        Offer offer) {
    /**
     * What leads.
     *
     * @param begun false while nothing was noted
     */
    public record Head(boolean begun, String vehicle, String leader, String share) {}

    /**
     * How urgent it is.
     *
     * @param told the urgency as it is told to the driver
     */
    public record Urgency(Level level, String told, List<String> reasons) {}

    /**
     * What does not fit, and what is held back.
     *
     * @param roadHeld why nobody should drive it to listen; empty when the road is free
     */
    public record Warnings(List<String> contradictions, String roadHeld, String advice) {}

    /**
     * All causes.
     *
     * @param causes the likeliest, with bars
     * @param rest how many more there are, and what they share
     * @param settled true when no check left would tell much
     */
    public record Ranking(List<CauseLine> causes, String rest, boolean settled) {}

    /**
     * What to look at next, and what was seen.
     *
     * @param cards the next three checks, and the one that was asked for
     * @param others every other check that is still open, by its name
     * @param seen what was noted
     */
    public record Board(List<Card> cards, Map<String, List<Other>> others, List<Seen> seen) {}

    /** What may be told beside. */
    public record Chosen(List<Circumstance> circumstances, List<Choice> verdicts) {}

    /** Picture and derivation. */
    public record Shown(Drawing drawing, Worksheet worksheet) {}

    private static final int CAUSES = 6;
    private static final int CARDS = 3;
    private static final int REASONS = 3;
    private static final double SURE = 0.5;
    private static final double SETTLED = 0.9;
    private static final double LITTLE = 0.1;

    /** One cause with its bar, and what speaks for and against it. */
    public record CauseLine(String words, String share, double width, boolean bearing, List<String> evidence) {}

    /** A check to do next, with its results to be touched. */
    public record Card(
            String done,
            boolean asked,
            boolean first,
            Words words,
            Drawing picture,
            List<Touch> results,
            String fineEverywhere) {
        /** How the check is done. */
        public record Words(
                String title, String question, String effort, String gain, String how, String tools, String caution) {}

        public String title() {
            return words.title();
        }

        public String question() {
            return words.question();
        }

        public String effort() {
            return words.effort();
        }

        public String gain() {
            return words.gain();
        }

        public String how() {
            return words.how();
        }

        public String tools() {
            return words.tools();
        }

        public String caution() {
            return words.caution();
        }
    }

    /** A result that can be touched. @param note as it is noted @param peek what it would do */
    public record Touch(String note, String label, String state, String chance, String peek, String urgency) {}

    /** A check that can be asked for. */
    public record Other(String done, String where) {}

    /** A result that was noted. */
    public record Seen(String done, String words, String strength) {}

    /** Something the vehicle goes through. */
    public record Circumstance(String code, String label, boolean on) {}

    /** A cause that can be settled on. */
    public record Choice(String key, String words) {}

    /**
     * What a job may do with the verdict. @param move code of the position where the cause is; empty where it has none
     */
    public record Offer(String cause, String words, String move, String moveWords) {}

    /** @param look the check that was asked for, {@code check@position}; empty for none */
    public static DiagnosisView of(Diagnosis diagnosis, String look) {
        DiagnosisWords words = DiagnosisWords.of(diagnosis);
        String vehicle = diagnosis.input().vehicle();
        List<NextCheck> next = diagnosis.nextChecks();
        List<Card> cards = new ArrayList<>();
        next.stream().filter(n -> n.done().equals(look)).forEach(n -> cards.add(card(diagnosis, n, true, next)));
        next.stream()
                .filter(n -> !n.done().equals(look))
                .limit(CARDS)
                .forEach(n -> cards.add(card(diagnosis, n, false, next)));
        List<Diagnosis.Ranked> ranked = diagnosis.ranked();
        Hypothesis leader = diagnosis.leader().hypothesis();
        double rest = ranked.stream()
                .skip(CAUSES)
                .mapToDouble(Diagnosis.Ranked::probability)
                .sum();
        return new DiagnosisView(
                new Head(
                        !diagnosis.input().seen().isEmpty(),
                        vehicle,
                        capital(leader.words(vehicle)),
                        percent(diagnosis.leader().probability())),
                new Urgency(
                        shown(diagnosis.urgency()),
                        words.told(),
                        words.reasons().stream().limit(REASONS).toList()),
                new Warnings(
                        words.contradictions(),
                        words.roadHeld(),
                        diagnosis.leader().probability() >= SURE ? words.advice() : ""),
                new Ranking(
                        ranked.stream()
                                .limit(CAUSES)
                                .map(r -> cause(words, vehicle, r))
                                .toList(),
                        (ranked.size() - CAUSES) + " more share " + percent(rest),
                        settled(diagnosis, next)),
                new Board(cards, others(diagnosis, next, cards), seen(diagnosis)),
                new Chosen(
                        circumstances(diagnosis),
                        ranked.stream()
                                .map(r -> new Choice(
                                        r.hypothesis().key(),
                                        r.hypothesis().words(vehicle) + " · " + percent(r.probability())))
                                .toList()),
                new Shown(VehicleDrawing.of(diagnosis), words.worksheet()),
                offer(leader, vehicle));
    }

    private static boolean settled(Diagnosis diagnosis, List<NextCheck> next) {
        return diagnosis.leader().probability() >= SETTLED
                && next.stream().noneMatch(n -> n.first() || n.gainBits() >= LITTLE);
    }

    /** Nothing found yet is not a pass. */
    private static Level shown(Level urgency) {
        return urgency == Level.RIGHT ? Level.OPEN : urgency;
    }

    private static Offer offer(Hypothesis leader, String vehicle) {
        String at = leader.position() == null ? "" : leader.position();
        return new Offer(
                leader.cause().code(), leader.words(vehicle), at, at.isEmpty() ? "" : Hypothesis.where(vehicle, at));
    }

    private static CauseLine cause(DiagnosisWords words, String vehicle, Diagnosis.Ranked ranked) {
        return new CauseLine(
                ranked.hypothesis().words(vehicle),
                percent(ranked.probability()),
                Math.max(0.4, 100 * ranked.probability()),
                ranked.hypothesis().cause().bearing(),
                ranked.evidence().stream().map(words::evidence).toList());
    }

    private static Card card(Diagnosis diagnosis, NextCheck next, boolean asked, List<NextCheck> all) {
        String vehicle = diagnosis.input().vehicle();
        NextCheck.Peeked peeked = diagnosis.peek(next);
        String where = next.position() == null ? "" : ", " + Hypothesis.where(vehicle, next.position());
        return new Card(
                next.done(),
                asked,
                next.first(),
                new Card.Words(
                        next.check().shortName() + where,
                        next.check().question(),
                        minutes(next.way().minutes()) + " · "
                                + next.way().where().words(),
                        diagnosis.input().order() == CheckOrder.STAKES
                                ? "saves " + Show.number(next.savedMinutes(), next.savedMinutes() < 10 ? 1 : 0) + " min"
                                : Show.number(next.gainBits(), 2) + " bit",
                        next.way().how(),
                        next.way().tools(),
                        next.way().caution()),
                CheckDrawing.of(next.check()).orElse(null),
                peeked.results().stream().map(p -> touch(vehicle, next, p)).toList(),
                next.first() ? fineEverywhere(next, all) : "");
    }

    /** All open places of a safety check at once, noted as fine; empty where there is only one. */
    private static String fineEverywhere(NextCheck next, List<NextCheck> all) {
        List<NextCheck> open = all.stream()
                .filter(n -> n.first() && n.check().equals(next.check()))
                .toList();
        return open.size() < 2
                ? ""
                : next.check().results().stream()
                        .filter(r -> r.state() == Check.State.FINE)
                        .findFirst()
                        .map(fine -> String.join(
                                " ",
                                open.stream()
                                        .map(n -> n.done() + "=" + fine.code())
                                        .toList()))
                        .orElse("");
    }

    private static Touch touch(String vehicle, NextCheck next, NextCheck.Peek peek) {
        return new Touch(
                next.done() + "=" + peek.result().code(),
                peek.result().label(),
                peek.result().state().name().toLowerCase(Locale.ROOT),
                percent(peek.chance()),
                peek.leader().words(vehicle) + " " + percent(peek.share()),
                DiagnosisWords.word(peek.urgency()));
    }

    private static Map<String, List<Other>> others(Diagnosis diagnosis, List<NextCheck> next, List<Card> cards) {
        Map<String, List<Other>> others = new LinkedHashMap<>();
        for (NextCheck n : next.stream()
                .sorted(java.util.Comparator.comparing(
                        (NextCheck n) -> n.check().shortName()))
                .toList()) {
            if (cards.stream().noneMatch(c -> c.done().equals(n.done()))) {
                String where = n.position() == null
                        ? n.check().shortName()
                        : n.check().shortName() + ", "
                                + Hypothesis.where(diagnosis.input().vehicle(), n.position());
                others.computeIfAbsent(n.way().where().words(), w -> new ArrayList<>())
                        .add(new Other(n.done(), where));
            }
        }
        return others;
    }

    private static List<Seen> seen(Diagnosis diagnosis) {
        String vehicle = diagnosis.input().vehicle();
        return diagnosis.leader().evidence().stream()
                .map(e -> new Seen(
                        e.seen().done(), e.seen().words(vehicle), DiagnosisWords.strength(e.likelihoodRatio())))
                .toList();
    }

    private static List<Circumstance> circumstances(Diagnosis diagnosis) {
        List<Circumstance> all = new ArrayList<>();
        for (Field.Choice choice : DiagnosisFields.circumstances()) {
            all.add(new Circumstance(
                    choice.code(),
                    choice.label(),
                    diagnosis.input().circumstances().contains(choice.code())));
        }
        return all;
    }

    static String percent(double share) {
        return (share > 0 && share < 0.005 ? "<1" : Show.number(100 * share, 0)) + " %";
    }

    static String minutes(double minutes) {
        return minutes < 1 ? Show.number(60 * minutes, 0) + " s" : Show.number(minutes, 0) + " min";
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    public boolean begun() {
        return head.begun();
    }

    public String vehicle() {
        return head.vehicle();
    }

    public String leader() {
        return head.leader();
    }

    public String share() {
        return head.share();
    }

    public Level level() {
        return urgency.level();
    }

    public String told() {
        return urgency.told();
    }

    public List<String> reasons() {
        return urgency.reasons();
    }

    public List<String> contradictions() {
        return warnings.contradictions();
    }

    public String roadHeld() {
        return warnings.roadHeld();
    }

    public String advice() {
        return warnings.advice();
    }

    public List<CauseLine> causes() {
        return ranking.causes();
    }

    public String rest() {
        return ranking.rest();
    }

    public boolean settled() {
        return ranking.settled();
    }

    public List<Card> cards() {
        return board.cards();
    }

    public Map<String, List<Other>> others() {
        return board.others();
    }

    public List<Seen> seen() {
        return board.seen();
    }

    public List<Circumstance> circumstances() {
        return chosen.circumstances();
    }

    public List<Choice> verdicts() {
        return chosen.verdicts();
    }

    public Drawing drawing() {
        return shown.drawing();
    }

    public Worksheet worksheet() {
        return shown.worksheet();
    }
}
