package unbo.app.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.app.web.SvgWriter;
import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.Part;
import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.fact.PlaceProperty;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.section.JobSection;
import unbo.core.tools.section.PartMark;
import unbo.core.tools.section.PartStands;

/**
 * The section of the work on a stage's page: every part of it leads to what is known of that part and what is asked of
 * it there.
 *
 * @param drawing null where nothing is drawn beside the stage's own picture
 * @param links where each part leads
 * @param chips the same as a list, in the order of the assembly
 * @param touched the part that was touched; null where none was
 * @param marks what the marks upon its parts mean: those that are there
 * @param beside drawings of the answer that stand below the section
 */
public record Surface(
        Drawing drawing,
        Map<String, SvgWriter.Link> links,
        List<Chip> chips,
        Touched touched,
        List<PartMark> marks,
        List<Drawing> beside) {

    private static final String SECTION = "section";
    /** Stations at which what was found is still what stands there. */
    private static final Set<RouteStage> AS_FOUND = Set.of(RouteStage.STRIP, RouteStage.INSPECT);

    /** A part as a word that leads to it. */
    public record Chip(String words, String address, boolean now) {}

    /**
     * A part and all that the job knows of it.
     *
     * @param number of its bearing; empty where it is none, or none is known
     * @param steps how it comes out
     * @param ways where else it is worked on
     * @param alone false where the stage asks about it itself
     */
    public record Touched(
            String title, String number, List<FactLine> facts, List<String> steps, List<Chip> ways, boolean alone) {}

    /** @param at code of the part that was touched; empty for none */
    static Surface of(StageFace.Showing shown, StageFace face, Drawing section, BearingBook book, String at) {
        Answer answer =
                shown.work().outcome() == null ? null : shown.work().outcome().answer();
        List<Drawing> drawings = answer == null ? List.of() : answer.drawings();
        Optional<Drawing> own = face.section(shown)
                .or(() ->
                        drawings.stream().filter(d -> d.name().equals(SECTION)).findFirst());
        Sheet sheet = shown.view().sheet();
        List<Part> parts = JobSection.assembly(sheet, book).map(Assembly::parts).orElse(List.of());
        Map<String, SvgWriter.Link> links = new LinkedHashMap<>();
        List<Chip> chips = new ArrayList<>();
        Set<String> now = parts.stream()
                .filter(part -> part.code().equals(at) || at.isEmpty() && about(shown, face, part))
                .map(Part::code)
                .collect(Collectors.toSet());
        Map<String, PartMark> marks =
                PartStands.of(parts, sheet, AS_FOUND.contains(shown.stage()), unseen(parts, shown));
        for (Part part : parts) {
            String address = "/jobs/" + shown.view().job().id() + "/"
                    + shown.stage().code() + "?"
                    + leads(shown, face, part).map(query -> query + "&").orElse("") + "at=" + part.code();
            links.put(part.code(), new SvgWriter.Link(address, words(part, sheet, marks.get(part.code()))));
            chips.add(new Chip(part.label(), address, now.contains(part.code())));
        }
        Drawing drawn = own.orElse(section);
        return new Surface(
                drawn == null ? null : JobSection.standing(JobSection.marked(drawn, now), marks),
                links,
                chips,
                parts.stream()
                        .filter(part -> part.code().equals(at))
                        .findFirst()
                        .map(part -> touched(
                                part,
                                shown.view(),
                                sheet,
                                leads(shown, face, part).isEmpty()))
                        .orElse(null),
                marks.values().stream().distinct().sorted().toList(),
                drawings.stream().filter(d -> !d.name().equals(SECTION)).toList());
    }

    /** What touching a part leads to, behind a question mark; empty where it only shows the part. */
    private static Optional<String> leads(StageFace.Showing shown, StageFace face, Part part) {
        return face.byPlace().flatMap(asks -> PlaceRow.leads(part, asks, shown.sheet()));
    }

    /** True for the part that the stage is asking about. */
    private static boolean about(StageFace.Showing shown, StageFace face, Part part) {
        return face.byPlace().filter(asks -> PlaceRow.about(part, asks, shown)).isPresent();
    }

    /** Places whose races nobody has looked at in this job, where that is asked. */
    private static Set<String> unseen(List<Part> parts, StageFace.Showing shown) {
        if (shown.stage() != RouteStage.INSPECT) {
            return Set.of();
        }
        Sheet sheet = shown.view().sheetFor(RouteStage.INSPECT);
        return parts.stream()
                .map(Part::place)
                .filter(Objects::nonNull)
                .filter(place -> PlaceRow.entry(
                                shown.view().station(RouteStage.INSPECT),
                                new PlaceRow.About(place, PlaceRow.Asks.INSPECT.usual()),
                                PlaceRow.Asks.INSPECT,
                                sheet)
                        .isEmpty())
                .collect(Collectors.toSet());
    }

    /** What a part is called for those who do not see it: its number, what was measured of its seat, how it stands. */
    private static String words(Part part, Sheet sheet, PartMark mark) {
        return Stream.of(
                        part.label(),
                        number(part, sheet),
                        PartStands.seat(part, sheet).map(seat -> "seat " + seat).orElse(""),
                        mark == null ? "" : mark.words(),
                        "touch to see it")
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static String number(Part part, Sheet sheet) {
        return part.place() == null ? "" : sheet.now(part.place());
    }

    private static Touched touched(Part part, JobView view, Sheet sheet, boolean alone) {
        List<FactLine> facts = new ArrayList<>();
        for (Fact fact : sheet.all()) {
            if (part.place() != null
                    && fact.key().place().filter(part.place()::equals).isPresent()
                    && fact.key()
                            .property()
                            .filter(property -> of(part, property))
                            .isPresent()) {
                FactLine line = FactLine.of(fact, sheet);
                if (!line.shown().isEmpty()) {
                    facts.add(line);
                }
            }
        }
        return new Touched(part.label(), number(part, sheet), facts, steps(part, view), ways(part, view), alone);
    }

    /** True for what is known of the ring that a part is: a housing's seat is nothing of a cone's. */
    private static boolean of(Part part, PlaceProperty property) {
        return switch (part.ring()) {
            case OUTER, DRAWN -> !property.name().startsWith("SHAFT_");
            case INNER -> !property.name().startsWith("HOUSING_");
            case NONE, WHOLE, BALLS -> true;
        };
    }

    private static List<String> steps(Part part, JobView view) {
        Answer strip = view.station(RouteStage.STRIP).answer();
        List<String> steps = new ArrayList<>();
        if (strip != null) {
            for (Step step : strip.steps()) {
                if (step.code().startsWith(part.code() + "-")) {
                    steps.add(step.text());
                }
            }
        }
        return steps;
    }

    private static List<Chip> ways(Part part, JobView view) {
        String job = "/jobs/" + view.job().id() + "/";
        Sheet sheet = view.sheet();
        List<Chip> ways = new ArrayList<>();
        PlaceRow.leads(part, PlaceRow.Asks.INSPECT, sheet)
                .ifPresent(query ->
                        ways.add(new Chip("Look at it", job + "inspect?" + query + "&at=" + part.code(), false)));
        PlaceRow.leads(part, PlaceRow.Asks.FIT, sheet)
                .ifPresent(query -> ways.add(new Chip("Fit it", job + "fit?" + query + "&at=" + part.code(), false)));
        ways.add(new Chip("Its part in the list", job + "parts", false));
        return ways;
    }
}
