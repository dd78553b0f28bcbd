package unbo.core.tools.proving;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.proof.ProofAnswer;
import unbo.core.proof.ProofInput;
import unbo.core.proof.ProofItem;
import unbo.core.runout.RimRock;
import unbo.core.runout.Runout;
import unbo.core.runout.RunoutInput;
import unbo.core.runout.Surface;
import unbo.core.setting.EndPlayBand;

/**
 * What is asked to prove a position. Nothing here is required to be kept: what is missing bars signing, not writing
 * down.
 */
public final class ProofFields {

    /** Prefix of the field that says how a proof came out; the item's code follows. */
    public static final String PROOF = "proof-";
    /** Prefix of the field that gives the reason where it was not looked at. */
    public static final String WHY = "why-";

    private static final int LONGEST_WHY = 200;
    private static final AssemblyKind TAPER =
            AssemblyKind.find("adjustable-taper").orElseThrow();
    private static final Map<String, FieldList<ProofInput>> BY_KIND =
            AssemblyKind.all().stream().collect(Collectors.toUnmodifiableMap(AssemblyKind::code, ProofFields::list));

    private static final Field PIN = Field.yesNo("splitPin", "New split pin fitted, both legs bent");

    /** As asked on the bench, of an adjusted tapered hub. */
    public static final FieldList<ProofInput> LIST = FieldList.of(
            Stream.of(readings(TAPER), Stream.of(PIN), last()).flatMap(s -> s).toList(),
            ProofFields::rules,
            v -> input(v, TAPER, pin(v)));

    /** The tool as it stands on the bench. */
    private ProofFields() {}

    /** As asked of a kind of assembly: readings, then each of its proofs with the reason where it was not looked at. */
    public static FieldList<ProofInput> of(AssemblyKind kind) {
        return requireNonNull(BY_KIND.get(kind.code()), kind.code());
    }

    private static FieldList<ProofInput> list(AssemblyKind kind) {
        List<Field> fields = new ArrayList<>(readings(kind).toList());
        for (ProofItem item : ProofItem.of(kind)) {
            fields.add(Field.choice(PROOF + item.code(), item.label(), choices(item))
                    .hint(item.hint()));
            fields.add(Field.text(WHY + item.code(), "because", LONGEST_WHY));
        }
        last().forEach(fields::add);
        return FieldList.of(List.copyOf(fields), v -> rules(v, kind), v -> input(v, kind, answers(v, kind)));
    }

    private static List<Field.Choice> choices(ProofItem item) {
        List<Field.Choice> choices = new ArrayList<>();
        for (ProofAnswer.Outcome outcome : ProofAnswer.Outcome.values()) {
            switch (outcome) {
                case RIGHT -> add(choices, !item.measured(), outcome, item.right());
                case WRONG -> add(choices, !item.measured(), outcome, item.wrong());
                case LATER -> add(choices, item.need() == ProofItem.Need.LATER, outcome, outcome.words());
                default -> add(choices, true, outcome, outcome.words() + ", because …");
            }
        }
        return choices;
    }

    private static void add(List<Field.Choice> choices, boolean offered, ProofAnswer.Outcome outcome, String words) {
        if (offered) {
            choices.add(new Field.Choice(outcome.code(), words));
        }
    }

    private static Stream<Field> readings(AssemblyKind kind) {
        String why = kind.equals(TAPER)
                ? "usual wheel hub; the vehicle maker's figure wins"
                : kind.label() + ": the product's own limit; the vehicle maker's figure wins";
        return Stream.of(
                Field.list("push", "Indicator, pushed", Quantity.LENGTH, "mm", -20, 20)
                        .many(0, 12)
                        .hint("one reading for each push: 0.00 0.01 0.00"),
                Field.list("pull", "Indicator, pulled", Quantity.LENGTH, "mm", -20, 20)
                        .many(0, 12)
                        .hint("as many, in the same order"),
                Field.quantity("endPlayMin", "End play, least", Quantity.LENGTH, "mm", 0, 0.5)
                        .usually(0.005, 0.2)
                        .orElse(Show.number(kind.leastMm(), 3), why),
                Field.quantity("endPlayMax", "End play, most", Quantity.LENGTH, "mm", 0.005, 1)
                        .usually(0.02, 0.4)
                        .orElse(Show.number(kind.mostMm(), 3), why),
                Field.quantity("rock", "Rock at the rim, end to end", Quantity.LENGTH, "mm", 0, 20)
                        .usually(0.02, 5)
                        .hint("where there is no indicator: an estimate, ± 40 %"),
                Field.quantity("rimRadius", "Rim radius where it was held", Quantity.LENGTH, "mm", 50, 800)
                        .usually(120, 450),
                Field.quantity("spread", "Effective spread of the pair", Quantity.LENGTH, "mm", 10, 400)
                        .usually(25, 150),
                Field.quantity("halfCupAngle", "Half cup angle", Quantity.ANGLE, "°", 5, 45)
                        .usually(9, 30)
                        .orElse("14", "middle of usual wheel hub tapers"),
                Field.quantity("hubTemperature", "This hub after the run", Quantity.TEMPERATURE, "°C", -30, 300)
                        .hint("hub centre, matt surface, infrared thermometer"),
                Field.quantity("twinTemperature", "Its twin after the run", Quantity.TEMPERATURE, "°C", -30, 300)
                        .hint("where it has one"),
                Field.quantity(
                        "earlierTemperature", "This hub after an earlier run", Quantity.TEMPERATURE, "°C", -30, 300),
                Field.quantity("run", "Distance of the run", Quantity.DISTANCE, "km", 0, 500)
                        .usually(5, 60)
                        .alwaysMetric()
                        .hint("10 km, then feel and measure"),
                Field.list("runout", "Runout, one turn", Quantity.LENGTH, "mm", -20, 20)
                        .many(Runout.FEWEST, Runout.MOST)
                        .hint("if it was read: 8 to 48, equally spaced"),
                Field.choice("runoutOn", "Runout measured on", Surface.choices())
                        .orElse("hub-face", null),
                Field.quantity("runoutMax", "Most TIR", Quantity.LENGTH, "mm", 0.001, 5)
                        .usually(0.01, 0.5)
                        .hint("from the vehicle's data; empty: the usual limit"));
    }

    private static Stream<Field> last() {
        return Stream.of(Field.text("initials", "Initials", 6));
    }

    private static List<Problem> rules(Values v) {
        if (v.list("push").size() != v.list("pull").size()) {
            return List.of(Problem.impossible(
                    "pull",
                    v.list("push").size() + " readings pushed and "
                            + v.list("pull").size() + " pulled: each push has its pull."));
        }
        if (v.number("endPlayMin") >= v.number("endPlayMax")) {
            return List.of(Problem.impossible("endPlayMax", "The most end play must be above the least."));
        }
        if (v.has("rock") && !(v.has("rimRadius") && v.has("spread"))) {
            return List.of(new Problem(
                    v.has("rimRadius") ? "spread" : "rimRadius",
                    "An estimate from the rock at the rim needs the rim radius and the spread of the pair.",
                    false));
        }
        if (!v.list("runout").isEmpty() && !v.has("runoutMax") && surface(v).limitMm() == null) {
            return List.of(Problem.impossible(
                    "runoutMax", "There is no usual limit for something else: write the most runout it may have."));
        }
        return List.of();
    }

    private static List<Problem> rules(Values v, AssemblyKind kind) {
        List<Problem> problems = new ArrayList<>(rules(v));
        for (ProofItem item : ProofItem.of(kind)) {
            Optional<ProofAnswer.Outcome> outcome = ProofAnswer.Outcome.of(v.text(PROOF + item.code()));
            if (outcome.map(ProofAnswer.Outcome::unseen).orElse(false)
                    && v.text(WHY + item.code()).isBlank()) {
                problems.add(new Problem(
                        WHY + item.code(),
                        item.label() + " is said to be “" + outcome.get().words() + "”: say in a word why.",
                        false));
            }
        }
        return problems;
    }

    private static Surface surface(Values v) {
        return Surface.find(v.text("runoutOn")).orElseThrow();
    }

    private static @Nullable RunoutInput runout(Values v) {
        return v.list("runout").isEmpty()
                ? null
                : RunoutInput.of(v.list("runout"), surface(v), v.maybe("runoutMax"), List.of(), 0);
    }

    private static ProofInput input(Values v, AssemblyKind kind, List<ProofAnswer> answers) {
        RimRock.Input rock = v.has("rock")
                ? new RimRock.Input(
                        v.number("rock"), v.number("rimRadius"), v.number("spread"), v.number("halfCupAngle"))
                : null;
        EndPlayBand band = new EndPlayBand(v.number("endPlayMin"), v.number("endPlayMax"));
        return new ProofInput(
                kind,
                new ProofInput.Play(v.list("push"), v.list("pull"), band, rock),
                new ProofInput.Warmth(
                        v.maybe("hubTemperature"),
                        v.maybe("twinTemperature"),
                        v.maybe("earlierTemperature"),
                        v.maybe("run")),
                runout(v),
                answers,
                v.text("initials"));
    }

    private static List<ProofAnswer> answers(Values v, AssemblyKind kind) {
        List<ProofAnswer> answers = new ArrayList<>();
        for (ProofItem item : ProofItem.of(kind)) {
            ProofAnswer.Outcome.of(v.text(PROOF + item.code()))
                    .ifPresent(outcome -> answers.add(new ProofAnswer(item, outcome, v.text(WHY + item.code()))));
        }
        return answers;
    }

    /** A tick for the split pin, as an answer to the proof of the lock. */
    private static List<ProofAnswer> pin(Values v) {
        return ProofItem.of(TAPER).stream()
                .filter(item -> v.yes(PIN.name()) && item.code().equals(ProofItem.NUT_LOCKED))
                .map(item -> new ProofAnswer(item, ProofAnswer.Outcome.RIGHT, ""))
                .toList();
    }
}
