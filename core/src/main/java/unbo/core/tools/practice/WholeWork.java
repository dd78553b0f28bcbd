package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.List;

import unbo.core.finding.Finding;

/** A trailer's hub from the first noise to the proof, all of it under one clock. */
final class WholeWork extends Work {

    private static final List<Work> PARTS = List.of(
            new DiagnoseWork("trailer", "wheel-bearing"),
            new ApartWork(List.of("adjustable-taper")),
            new RacesWork(),
            new NutWork(),
            new ProveWork());

    WholeWork() {
        super("whole", "A whole job", "From the noise to the proof, all of it under one clock.");
    }

    /** A part's moves: those that begin with its number. */
    private static List<String> of(int part, List<String> moves) {
        String begins = part + "/";
        return moves.stream()
                .filter(move -> move.startsWith(begins))
                .map(move -> move.substring(begins.length()))
                .toList();
    }

    private static Group named(int part, Group group) {
        return new Group(
                group.title(),
                group.moves().stream()
                        .map(move -> new Move(part + "/" + move.code(), move.label()))
                        .toList(),
                group.open());
    }

    @Override
    public Turn turn(long seed, int level, List<String> moves) {
        List<String> log = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        List<String> best = new ArrayList<>();
        double minutes = 0;
        double bestMinutes = 0;
        boolean passed = true;
        String truth = "";
        for (int i = 0; i < PARTS.size(); i++) {
            Work part = PARTS.get(i);
            Turn turn = part.turn(seed, level, of(i, moves));
            turn.log().forEach(line -> log.add(part.title() + ": " + line));
            minutes += turn.minutes();
            Marks marks = turn.marks();
            if (marks == null) {
                return new Turn(
                        (i + 1) + " of " + PARTS.size() + ". " + turn.task(),
                        log,
                        minutes,
                        turn.drawing(),
                        named(i, turn.groups()),
                        null);
            }
            marks.findings()
                    .forEach(f -> findings.add(new Finding(f.code(), f.level(), part.title() + ": " + f.sentence())));
            marks.best().forEach(line -> best.add(part.title() + ": " + line));
            bestMinutes += marks.bestMinutes();
            passed &= marks.passed();
            truth = marks.truth();
        }
        return new Turn(
                "It is done, all of it.",
                log,
                minutes,
                null,
                List.of(),
                new Marks(passed, findings, truth, best, bestMinutes));
    }

    private static List<Group> named(int part, List<Group> groups) {
        return groups.stream().map(group -> named(part, group)).toList();
    }

    @Override
    public List<String> best(long seed, int level) {
        List<String> best = new ArrayList<>();
        for (int i = 0; i < PARTS.size(); i++) {
            int part = i;
            PARTS.get(i).best(seed, level).forEach(move -> best.add(part + "/" + move));
        }
        return best;
    }
}
