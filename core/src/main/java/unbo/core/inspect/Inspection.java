package unbo.core.inspect;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.assembly.BearingPlaces;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapFields;
import unbo.core.damage.RaceMapInput;
import unbo.core.damage.RaceMapWords;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * What a job inspects: the races of a removed bearing and, where it was measured, its seat; with what was found here
 * before.
 *
 * @param seat null where none was measured
 */
public record Inspection(Input input, RaceMap map, @Nullable Seat seat) {

    /**
     * @param which place of the bearing; empty where it was not said
     * @param seat null where none was measured
     * @param remedy how the seat is put right; empty where nothing was chosen
     * @param past modes found here before with their days, {@code etching 2025-04-01}, parted by semicolons
     */
    public record Input(String which, RaceMapInput races, Seat.@Nullable Input seat, String remedy, String past) {}

    private static final List<Field.Choice> REMEDIES = List.of(
            new Field.Choice("as-it-is", "used as it is"),
            new Field.Choice("renew", "part renewed"),
            new Field.Choice("sleeve", "sleeve"),
            new Field.Choice("compound", "retaining compound"),
            new Field.Choice("other-bearing", "bearing of another class or size"),
            new Field.Choice("other", "otherwise"));
    private static final String REMEDY = "remedy";
    private static final String COMPOUND = "compound";
    private static final List<String> SHARED = List.of("designation");

    /** The map's fields, the seat's, which bearing, and what was found before. */
    public static final FieldList<Input> LIST = FieldList.of(
            fields(),
            Inspection::rules,
            v -> new Input(
                    v.text("which"),
                    RaceMapFields.make(v),
                    Seat.asked(v) ? Seat.make(v) : null,
                    v.text(REMEDY),
                    v.text("past")));

    private static List<Field> fields() {
        Stream<Field> seat = Seat.fields().stream().filter(f -> !SHARED.contains(f.name()));
        return Stream.of(
                        Stream.of(BearingPlaces.field()),
                        RaceMapFields.fields().stream(),
                        seat,
                        Stream.of(
                                Field.choice(REMEDY, "Seat put right by", REMEDIES)
                                        .hint("nothing is begun before it is chosen"),
                                Field.text("past", "Found here before", 500)))
                .flatMap(s -> s)
                .toList();
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(RaceMapFields.rules(v));
        if (Seat.asked(v)) {
            problems.addAll(Seat.rules(v));
        }
        if (v.text(REMEDY).equals(COMPOUND) && problems.isEmpty()) {
            compound(v).ifPresent(problems::add);
        }
        return problems;
    }

    /** Why compound cannot be the remedy; empty where it can. */
    private static Optional<Problem> compound(Values v) {
        if (!Seat.asked(v)) {
            return Optional.of(Problem.impossible(REMEDY, "Compound is chosen by the gap: measure the seat first."));
        }
        Seat seat = Seat.of(Seat.make(v));
        if (seat.gapMm() <= 0) {
            return Optional.of(Problem.impossible(
                    REMEDY, "This seat has no gap that compound could fill: leave it, or choose another remedy."));
        }
        return Compound.of(seat.gapMm()).isPresent()
                ? Optional.empty()
                : Optional.of(Problem.impossible(
                        REMEDY,
                        "The gap of up to " + Show.play(seat.gapMm())
                                + " is wider than any compound bridges (0.5 mm): sleeve or renew."));
    }

    public static Inspection of(Input in) {
        return new Inspection(in, RaceMap.of(in.races()), in.seat() == null ? null : Seat.of(in.seat()));
    }

    /** Hours of cure where compound was chosen; null where it was not. */
    public @Nullable Double cureHours() {
        return seat != null && input.remedy().equals(COMPOUND)
                ? Double.valueOf(Compound.cureHours(seat.input().celsius()))
                : null;
    }

    /** How the seat is put right, in words; empty where nothing was chosen. */
    public String remedy() {
        return REMEDIES.stream()
                .filter(choice -> choice.code().equals(input.remedy()))
                .map(Field.Choice::label)
                .findFirst()
                .orElse("");
    }

    /** It in print: the map's answer, the seat's behind it. */
    public Answer answer() {
        Answer races = RaceMapWords.answer(map);
        List<Answer.Figure> figures = new ArrayList<>(races.figures());
        List<Finding> findings = new ArrayList<>(races.findings());
        List<String> sentences = new ArrayList<>(races.sentences());
        List<Worksheet.Line> lines = new ArrayList<>(races.worksheet().lines());
        List<String> sources = new ArrayList<>(races.worksheet().sources());
        List<Drawing> drawings = new ArrayList<>(races.drawings());
        again().forEach(findings::add);
        if (seat != null) {
            Answer measured = SeatWords.answer(seat);
            figures.addAll(measured.figures());
            findings.addAll(measured.findings());
            sentences.addAll(measured.sentences());
            lines.addAll(measured.worksheet().lines());
            sources.addAll(measured.worksheet().sources());
            drawings.addAll(measured.drawings());
        }
        if (!remedy().isEmpty()) {
            lines.add(Worksheet.given("", "seat put right by", remedy()));
            sentences.add("Seat put right by: " + remedy() + ".");
        }
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet("Why did it fail, and is its seat still good?", lines, sources),
                drawings);
    }

    /** What was found here before and stands here again. */
    private List<Finding> again() {
        List<Finding> findings = new ArrayList<>();
        for (RaceMap.Reading r : map.likely()) {
            List<String> days = Stream.of(input.past().split(";"))
                    .map(String::strip)
                    .filter(p -> p.startsWith(r.mode().id() + " "))
                    .map(p -> p.substring(r.mode().id().length() + 1))
                    .toList();
            if (!days.isEmpty() && !r.mode().id().equals("normal")) {
                findings.add(new Finding(
                        "again-" + r.mode().id(),
                        Level.SOON,
                        r.mode().name() + " here again, after " + String.join(", ", days)
                                + ": the cause was not cured. "
                                + (r.mode().sets().equals("grease")
                                        ? "Seal and immersion routine: shorten the interval, renew the seal each time."
                                        : r.mode().remedy())));
            }
        }
        return findings;
    }
}
