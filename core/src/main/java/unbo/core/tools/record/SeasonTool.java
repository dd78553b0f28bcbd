package unbo.core.tools.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.service.Season;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** What falls due before which race or haul? */
@AutoService(Offered.class)
public final class SeasonTool implements Tool<Season.Input, Season> {

    private static final double MOST = 1e6;
    private static final int MOST_EVENTS = 200;
    private static final int MOST_PLACES = 60;

    private static final FieldList<Season.Event> EVENT = FieldList.of(
            List.of(
                    Field.date("day", "Day").must(),
                    Field.text("name", "Race, haul, trip", 60).must(),
                    amount("km", "km"),
                    amount("hours", "Hours"),
                    amount("races", "Races"),
                    amount("immersions", "Immersions")),
            v -> new Season.Event(v.day("day"), v.text("name"), counters(v, "")));

    private static final FieldList<Season.Place> PLACE = FieldList.of(
            List.of(
                    Field.text("name", "Place", 60).must(),
                    amount("everyKm", "Every km"),
                    amount("everyHours", "Every hours"),
                    amount("everyRaces", "Every races"),
                    amount("everyImmersions", "Every immersions"),
                    amount("everyMonths", "Every months"),
                    amount("hasKm", "Has km"),
                    amount("hasHours", "Has hours"),
                    amount("hasRaces", "Has races"),
                    amount("hasImmersions", "Has immersions"),
                    amount("hasMonths", "Has months")),
            v -> new Season.Place(v.text("name"), counters(v, "every"), counters(v, "has")));

    private static final TypedRows<Season.Event> EVENTS = new TypedRows<>("events", EVENT, 1, MOST_EVENTS);
    private static final TypedRows<Season.Place> PLACES = new TypedRows<>("places", PLACE, 1, MOST_PLACES);

    private static final FieldList<Season.Input> FIELDS = FieldList.of(
            List.of(
                    Field.date("from", "The season begins").must(),
                    Field.rows("events", "Races and hauls", EVENT.fields()).must(),
                    Field.rows("places", "Places and their rules", PLACE.fields())
                            .must()
                            .hint("whichever comes first; what it has on it already, where it is not fresh")),
            SeasonTool::rules,
            v -> new Season.Input(v.day("from"), EVENTS.records(v), PLACES.records(v)));

    private static final Shape SHAPE =
            Shape.of(FIELDS, "from").andLines("events", Shape.of(EVENT)).andLines("places", Shape.of(PLACE));

    /** A service before an event. */
    public record ServiceJson(String place, String before, String day, String by, double would) {}

    /** In the order of the days. */
    public record SeasonJson(List<ServiceJson> services) {}

    private static Field amount(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, MOST);
    }

    private static Map<Season.Counter, Double> counters(Values v, String before) {
        Map<Season.Counter, Double> all = new EnumMap<>(Season.Counter.class);
        for (Season.Counter counter : Season.Counter.values()) {
            String words = counter.words();
            String name = before.isEmpty()
                    ? words
                    : before + words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
            if (v.asks(name) && v.has(name) && v.number(name) > 0) {
                all.put(counter, v.number(name));
            }
        }
        return all;
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(EVENTS.problems(v));
        problems.addAll(PLACES.problems(v));
        if (problems.isEmpty()) {
            LocalDate from = v.day("from");
            EVENTS.records(v).stream()
                    .filter(event -> event.day().isBefore(from))
                    .forEach(event -> problems.add(Problem.impossible(
                            "events",
                            "“" + event.name() + "” is before the season begins: write what it left under "
                                    + "“has”, or let the season begin earlier.")));
        }
        return problems;
    }

    @Override
    public About about() {
        return new About("season", "A season laid out", "What falls due before which race or haul?", Work.DECIDE, 60);
    }

    @Override
    public FieldList<Season.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "from",
                "2026-04-01",
                "events",
                "2026-04-19; harbour cup; 120; 3; 1; 0\n2026-05-10; island race; 160; 4; 1; 0\n"
                        + "2026-06-07; night race; 210; 6; 1; 0\n2026-07-05; sound race; 140; 4; 1; 0\n"
                        + "2026-08-16; long race; 320; 9; 1; 0\n2026-09-13; last race; 120; 3; 1; 0",
                "places",
                "front wheel; ; ; 3; ; 12\nrear wheel; ; ; 2; ; 12; ; ; 1\nswing arm; ; 20; ; ; 12\n"
                        + "steering head; 900; ; ; ; 12");
    }

    @Override
    public Season compute(Season.Input in) {
        return Season.of(in);
    }

    @Override
    public List<Finding> findings(Season season) {
        if (season.services().isEmpty()) {
            return List.of(new Finding("season-nothing-due", Level.RIGHT, "Nothing falls due in this season."));
        }
        Season.Service first = season.services().get(0);
        return List.of(new Finding(
                "season-next",
                Level.WATCH,
                "First: " + first.place() + ", before " + first.before().name() + " on "
                        + first.before().day() + ", by " + first.by().words() + "."));
    }

    @Override
    public Answer print(Season season) {
        Map<String, List<Season.Service>> byEvent = season.services().stream()
                .collect(Collectors.groupingBy(
                        s -> s.before().day() + " " + s.before().name(), LinkedHashMap::new, Collectors.toList()));
        List<List<String>> rows = byEvent.entrySet().stream()
                .map(e -> List.of(
                        e.getKey(),
                        e.getValue().stream()
                                .map(s -> s.place() + " (" + s.by().words() + ")")
                                .collect(Collectors.joining(", "))))
                .toList();
        List<EventStrip.Mark> marks = new ArrayList<>();
        season.input().events().forEach(event -> marks.add(new EventStrip.Mark("races, hauls", event.day(), 2, false)));
        season.services()
                .forEach(
                        s -> marks.add(new EventStrip.Mark(s.place(), s.before().day(), 2, true)));
        LocalDate last =
                season.input().events().get(season.input().events().size() - 1).day();
        return new Answer(
                        List.of(new Answer.Figure(
                                "services in the season",
                                String.valueOf(season.services().size()),
                                "",
                                "over " + season.input().events().size() + " events")),
                        findings(season),
                        List.of("A service stands before the event that would carry a counter beyond its interval. "
                                + "Seals "
                                + "and oil go by their own rules: write them as places. The vehicle maker's intervals "
                                + "come first."),
                        worksheet(season),
                        List.of(EventStrip.of(marks, last)))
                .with(new ValueTable("season", "What is done before what", List.of("before", "places"), rows));
    }

    private static Worksheet worksheet(Season season) {
        return new Worksheet(
                "What falls due before which race or haul?",
                season.services().stream()
                        .map(s -> Worksheet.computed(
                                "",
                                s.place() + ", before " + s.before().name(),
                                "would stand at, by " + s.by().words(),
                                Show.number(s.would(), 1)))
                        .toList(),
                List.of("Several counters at once, whichever comes first; each service begins all of them anew."));
    }

    @Override
    public List<Call<Season>> calls() {
        return List.of(Call.post(
                "season",
                "What falls due before which race or haul, by several counters at once",
                SHAPE,
                SeasonJson.class,
                season -> new SeasonJson(season.services().stream()
                        .map(s -> new ServiceJson(
                                s.place(), s.before().name(), s.before().day().toString(), s.by().words(), s.would()))
                        .toList())));
    }
}
