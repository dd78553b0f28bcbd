package unbo.core.tools.strip;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.apart.Apart;
import unbo.core.apart.ApartStep;
import unbo.core.apart.Before;
import unbo.core.apart.ClearanceLeft;
import unbo.core.apart.MountStep;
import unbo.core.apart.Together;
import unbo.core.apart.WholePlan;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartKind;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.fit.PressFit;
import unbo.core.measure.Show;
import unbo.core.strip.Tools;
import unbo.core.tools.section.Section;
import unbo.core.worksheet.Worksheet;

/** A plan in print: the order, what it spoils, each step with its caution, and the way back. */
public final class ApartWords {

    /** Clearance within this of zero is about zero, µm. */
    private static final double ABOUT_ZERO_UM = 3;

    private ApartWords() {}

    public static Answer answer(WholePlan plan) {
        Apart apart = plan.apart();
        if (apart == null) {
            WholePlan.Stuck stuck = requireNonNull(plan.stuck());
            return new Answer(
                    List.of(new Answer.Figure("way out", "none", "", "for the " + label(plan, stuck.part()))),
                    findings(plan),
                    List.of(),
                    new Worksheet("How does it all come apart?", List.of(), List.of()),
                    List.of(),
                    List.of());
        }
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(new Answer.Figure(
                "steps",
                String.valueOf(apart.steps().size()),
                "",
                "about " + Show.number(apart.minutes(), 0) + " minutes of work"));
        figures.add(new Answer.Figure(
                "to be had new",
                apart.spoiled().isEmpty()
                        ? "nothing"
                        : String.valueOf(apart.spoiled().size()),
                "",
                labels(apart, apart.spoiled())));
        return new Answer(
                        figures,
                        findings(plan),
                        sentences(plan),
                        worksheet(apart),
                        List.of(section(apart, 0)),
                        steps(plan))
                .with(table(apart))
                .with(back(requireNonNull(plan.together())))
                .with(clearances(requireNonNull(plan.together()), "on the usual seats"));
    }

    /** How it goes together, and the clearance that its own seats leave; empty where it does not come apart. */
    public static List<ValueTable> together(WholePlan plan) {
        Together together = plan.together();
        return together == null
                ? List.of()
                : List.of(back(together), clearances(together, "on these seats, measured or as fitted"));
    }

    static String label(WholePlan plan, String part) {
        return plan.input().assembly().part(part).map(Part::label).orElse(part);
    }

    private static String labels(Apart apart, List<String> parts) {
        return parts.stream()
                .map(part -> apart.input().assembly().the(part).label())
                .collect(Collectors.joining(", "));
    }

    public static List<Finding> findings(WholePlan plan) {
        Apart apart = plan.apart();
        if (apart == null) {
            return List.of(new Finding(
                    "no-way-out", Level.STOP, requireNonNull(plan.stuck()).why()));
        }
        List<Finding> findings = new ArrayList<>();
        for (String lost : apart.lost()) {
            findings.add(new Finding(
                    "lost",
                    Level.STOP,
                    "No order spares the " + apart.input().assembly().the(lost).label()
                            + ", which is to be used again: have a new one here before it comes out."));
        }
        findings.addAll(others(apart));
        String scrap = scrap(apart);
        if (!scrap.isEmpty()) {
            findings.add(new Finding(
                    "scrap-on-removal",
                    Level.WATCH,
                    "Scrap by the way it comes out, even if it still turns smoothly: " + scrap
                            + ". Have the new one here first."));
        }
        for (String tool : apart.missing()) {
            findings.add(
                    new Finding("tool-missing", Level.WATCH, "Not at hand, and needed: " + Tools.label(tool) + "."));
        }
        if (apart.split()) {
            findings.add(new Finding(
                    "in-pieces",
                    Level.WATCH,
                    "Too much hangs together to try every order: it was planned in pieces, and a shorter order may "
                            + "be there."));
        }
        if (apart.lost().isEmpty() && scrap.isEmpty()) {
            findings.add(new Finding(
                    "spared",
                    Level.RIGHT,
                    "No force crosses a bearing's elements: nothing is hurt but what is always new."));
        }
        return findings;
    }

    /**
     * What is judged of the clearances that are left: preload on the mean is a mistake in the choice of class or seat.
     */
    public static List<Finding> tightness(Together together) {
        List<Finding> findings = new ArrayList<>();
        for (ClearanceLeft left : together.clearances()) {
            if (left.band() != null && left.band().meanUm() < -ABOUT_ZERO_UM) {
                findings.add(new Finding(
                        "preload",
                        Level.SOON,
                        capital(left.place().label()) + ": "
                                + Show.number(left.band().meanUm(), 0)
                                + " µm on the mean as it runs: preloaded. Another class or another seat."));
            } else if (left.band() != null) {
                findings.add(new Finding(
                        "clearance",
                        Level.RIGHT,
                        capital(left.place().label()) + ": "
                                + Show.number(left.band().meanUm(), 0) + " µm left on the mean as it runs."));
            }
        }
        return findings;
    }

    /** Numbers of another build than the kind has: tapers come apart where balls do not. */
    private static List<Finding> others(Apart apart) {
        List<Finding> others = new ArrayList<>();
        apart.input()
                .assembly()
                .bearings()
                .forEach((code, bearing) -> KindPlace.find(
                                apart.input().assembly().kind(), code)
                        .filter(place -> bearing.kind() != BearingKind.UNKNOWN
                                && bearing.kind().taper()
                                        != place.usual().kind().taper())
                        .ifPresent(place -> others.add(new Finding(
                                "other-kind",
                                Level.WATCH,
                                capital(place.label()) + ": " + bearing.marking() + " is a "
                                        + bearing.kind().words() + ", and what is planned here has a "
                                        + place.usual().kind().words()
                                        + ". Look whether it is another kind of assembly."))));
        return others;
    }

    /** Bearings that are spoiled by force or heat, in words; empty where none is. */
    static String scrap(Apart apart) {
        return apart.spoiled().stream()
                .map(apart.input().assembly()::the)
                .filter(part -> part.kind() == PartKind.BEARING && !apart.lost().contains(part.code()))
                .map(Part::label)
                .collect(Collectors.joining(", "));
    }

    /** The same by their numbers, where they are known. */
    static String scrapNumbers(Apart apart) {
        return apart.spoiled().stream()
                .map(apart.input().assembly()::the)
                .filter(part -> part.kind() == PartKind.BEARING)
                .map(part -> {
                    Bearing known = part.place() == null
                            ? null
                            : apart.input().assembly().bearings().get(part.place());
                    return known == null ? part.label() : known.marking();
                })
                .distinct()
                .collect(Collectors.joining(", "));
    }

    /** What beside bearings is never used twice, or cannot be after this plan, in words. */
    static List<String> renew(Apart apart) {
        return apart.spoiled().stream()
                .map(apart.input().assembly()::the)
                .filter(part -> part.kind() != PartKind.BEARING)
                .map(Part::label)
                .toList();
    }

    private static List<String> sentences(WholePlan plan) {
        Apart apart = requireNonNull(plan.apart());
        List<String> sentences = new ArrayList<>();
        sentences.add("Force goes through the tight ring. What crosses the balls or rollers dents both races, and that "
                + "bearing is scrap.");
        if (plan.input().assembly().parts().stream().anyMatch(part -> part.kind() == PartKind.SPACER)
                && apart.crossed()) {
            sentences.add("Two schools for the first bearing behind a spacer: drift past the tipped spacer, quick, the "
                    + "outer ring may tilt and score its seat; puller behind the inner ring, no shock, needs "
                    + "a lip: here "
                    + Show.number(plan.input().assembly().grip().mm(), 2) + " mm of chamfer and "
                    + "corner against "
                    + Show.number(plan.input().assembly().grip().jawMm(), 2)
                    + " mm. Either way measure the spacer afterwards.");
        }
        return sentences;
    }

    private static List<Step> steps(WholePlan plan) {
        List<Step> steps = new ArrayList<>();
        for (Before before : Before.of(plan.input().assembly().kind())) {
            steps.add(new Step("before-" + before.code(), before.says(), before.caution()));
        }
        for (ApartStep step : requireNonNull(plan.apart()).steps()) {
            steps.add(new Step(code(step), text(step), step.how().words().caution(), step.minutes()));
        }
        return steps;
    }

    /** The code of a step, by which it is ticked. */
    public static String code(ApartStep step) {
        return step.code();
    }

    /**
     * A step as a line of the list, and whole.
     *
     * @param through where its force goes, in words; empty where it asks none
     * @param asks force, warmth and minutes
     * @param spoils what cannot be used again after it, in words; empty where nothing is hurt
     */
    public record Line(int number, String part, String method, String through, String asks, String spoils, Step step) {}

    /** The steps as lines. */
    public static List<Line> lines(Apart apart) {
        List<Line> lines = new ArrayList<>();
        for (ApartStep step : apart.steps()) {
            List<String> asks = new ArrayList<>();
            if (step.how().force() != null) {
                asks.add(kilonewton(step.how().force()) + " kN");
            }
            if (step.celsius() != null) {
                asks.add(Show.number(step.celsius(), 0) + " °C");
            }
            asks.add(Show.number(step.minutes(), 0) + " min");
            if (!step.missing().isEmpty()) {
                asks.add(
                        "not here: " + step.missing().stream().map(Tools::label).collect(Collectors.joining(", ")));
            }
            lines.add(new Line(
                    lines.size() + 1,
                    step.part().label(),
                    step.how().name(),
                    through(step),
                    String.join(", ", asks),
                    labels(apart, step.spoils()),
                    new Step(step.part().code(), text(step), step.how().words().caution())));
        }
        return lines;
    }

    private static String text(ApartStep step) {
        StringBuilder text = new StringBuilder();
        if (!step.measureFirst().isEmpty()) {
            text.append("Measure first: ").append(lower(String.join(" ", step.measureFirst())));
            text.append(text.toString().endsWith(".") ? " " : ". ");
        }
        text.append(capital(step.part().label())).append(": ");
        text.append(lower(step.how().words().says()));
        PressFit.Force force = step.how().force();
        if (force != null) {
            text.append(" Force ").append(kilonewton(force)).append(" kN, more when rusted.");
        }
        if (step.celsius() != null) {
            text.append(" It lets go at about ")
                    .append(Show.number(step.celsius(), 0))
                    .append(" °C.");
        }
        List<String> spoils = step.spoils().stream()
                .filter(part -> !part.equals(step.part().code()))
                .toList();
        if (step.crosses() && step.part().kind() == PartKind.BEARING) {
            text.append(" The force crosses its elements: scrap.");
        } else if (step.crosses() && !spoils.isEmpty()) {
            text.append(" The force crosses a bearing: scrap.");
        }
        return text.toString();
    }

    static String kilonewton(PressFit.Force force) {
        return Show.number(force.leastN() / 1000, 1) + " to " + Show.number(force.mostN() / 1000, 1);
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
    }

    private static String lower(String text) {
        boolean name = text.length() > 1 && Character.isUpperCase(text.charAt(1));
        return name ? text : text.substring(0, 1).toLowerCase(java.util.Locale.ROOT) + text.substring(1);
    }

    /**
     * The section of what comes apart.
     *
     * @param at number of the step that is being done: what comes off before it is not drawn; 0 for the whole, with the
     *     numbers of all steps
     */
    public static Drawing section(Apart apart, int at) {
        Set<String> gone = new HashSet<>();
        Map<String, String> flags = new LinkedHashMap<>();
        Section.Push push = null;
        for (int i = 0; i < apart.steps().size(); i++) {
            ApartStep step = apart.steps().get(i);
            if (i + 1 < at) {
                gone.add(step.part().code());
                step.along().forEach(part -> gone.add(part.code()));
            } else if (i + 1 == at) {
                push = new Section.Push(
                        step.part().code(),
                        step.exit(),
                        step.how().ring(),
                        !step.how().through().equals("none"));
            }
            if (at == 0) {
                flags.merge(step.part().code(), String.valueOf(i + 1), (a, b) -> a);
                step.along()
                        .forEach(part ->
                                flags.put(part.code(), flags.get(step.part().code())));
            }
        }
        Set<String> spoiled = at == 0 ? Set.copyOf(apart.spoiled()) : Set.of();
        return Section.of(apart.input().assembly(), new Section.View(gone, spoiled, flags, push));
    }

    private static ValueTable table(Apart apart) {
        List<List<String>> rows = new ArrayList<>();
        for (ApartStep step : apart.steps()) {
            rows.add(List.of(
                    String.valueOf(rows.size() + 1),
                    step.part().label(),
                    step.how().name(),
                    through(step),
                    step.how().force() == null ? "" : kilonewton(step.how().force()),
                    step.celsius() == null ? "" : Show.number(step.celsius(), 0),
                    Show.number(step.minutes(), 0),
                    labels(apart, step.spoils())));
        }
        return new ValueTable(
                "apart",
                "How it comes apart",
                List.of("step", "part", "method", "force through", "kN", "°C", "min", "spoiled"),
                rows);
    }

    static String through(ApartStep step) {
        String ring = ring(step.how().ring());
        return switch (step.how().through()) {
            case "elements" -> "the elements" + (ring.isEmpty() ? "" : ", by the " + ring);
            case "tight-ring" -> ring.isEmpty() ? "the part itself" : "the tight " + ring;
            default -> "";
        };
    }

    private static String ring(@Nullable String ring) {
        return ring == null ? "" : ring + " ring";
    }

    private static ValueTable back(Together together) {
        List<List<String>> rows = new ArrayList<>();
        for (MountStep step : together.steps()) {
            rows.add(List.of(
                    String.valueOf(rows.size() + 1),
                    step.part().label() + (step.ends().renewed() ? ", new" : ""),
                    step.name(),
                    step.words().says(),
                    step.celsius() == null ? "" : Show.number(step.celsius(), 0),
                    step.ends().torque() ? "maker's" : ""));
        }
        return new ValueTable(
                "together", "How it goes together", List.of("step", "part", "method", "how", "°C", "torque"), rows);
    }

    private static ValueTable clearances(Together together, String seats) {
        List<List<String>> rows = new ArrayList<>();
        for (ClearanceLeft left : together.clearances()) {
            boolean counted = left.band() != null;
            rows.add(List.of(
                    left.place().label(),
                    counted ? Show.number(requireNonNull(left.band()).minUm(), 0) : "",
                    counted ? Show.number(requireNonNull(left.band()).meanUm(), 0) : "",
                    counted ? Show.number(requireNonNull(left.band()).maxUm(), 0) : "",
                    why(left.why())));
        }
        return new ValueTable(
                "clearance",
                "Clearance left " + seats + ", inner ring 10 K warmer",
                List.of("place", "least µm", "mean µm", "most µm", "counted"),
                rows);
    }

    public static String why(String code) {
        return switch (code) {
            case "counted" -> "both seats";
            case "outer-free" -> "inner seat; the outer ring without interference";
            case "inner-free" -> "outer seat; the inner ring without interference";
            case "both-free" -> "both rings without interference";
            case "set" -> "set by the nut, not by the seats";
            case "made" -> "made into it: nothing to choose";
            case "raceway" -> "its elements run on the shaft or sleeve: that makes it";
            default -> "its classes are not listed";
        };
    }

    private static Worksheet worksheet(Apart apart) {
        List<Worksheet.Line> lines = new ArrayList<>();
        for (ApartStep step : apart.steps()) {
            lines.add(Worksheet.judged(
                    "",
                    step.part().label(),
                    step.how().name(),
                    Show.number(step.minutes(), 0) + " min",
                    (step.how().effort().risk() > 0
                                    ? "risk to what stays "
                                            + Show.number(step.how().effort().risk(), 0) + "; "
                                    : "")
                            + (step.spoils().isEmpty() ? "" : "spoils " + labels(apart, step.spoils()))));
        }
        lines.add(Worksheet.computed(
                "",
                "cost of the plan",
                "minutes + 1000 a part to be used again that is spoiled + risk + 30 a tool to be found",
                Show.number(apart.cost(), 0)));
        return new Worksheet(
                "How does it all come apart?",
                lines,
                List.of("Cheapest of all orders: Dijkstra's search over what is open and what is spoiled. Forces: "
                        + "thick rings, Lamé; seats: ISO 286; warmth: free expansion."));
    }
}
