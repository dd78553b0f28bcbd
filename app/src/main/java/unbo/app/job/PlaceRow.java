package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.core.assembly.BearingPlaces;
import unbo.core.assembly.ChangedParts;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.Part;
import unbo.core.finding.Level;
import unbo.core.sheet.Sheet;
import unbo.core.tools.strip.PartsLookedFields;

/**
 * One place of the assembly in a stage that is asked of one place at a time.
 *
 * @param number of its bearing; empty where it is not known
 * @param touches what is asked there, each with where it stands
 */
public record PlaceRow(String label, String number, List<Touch> touches) {

    private static final String DRAFT = "draft";

    /** The two rings, as boxes and addresses name them. */
    static final List<String> RINGS = List.of("outer", "inner");

    /** What a stage asks of one place at a time: which box says the ring, and what each ring is called. */
    enum Asks {
        INSPECT("seatRing", "outer", "races and housing", "shaft's seat", "not looked at"),
        FIT("ring", "inner", "outer ring", "inner ring", "not yet");

        private final String box;
        private final String usual;
        private final String outer;
        private final String inner;
        private final String untouched;

        Asks(String box, String usual, String outer, String inner, String untouched) {
            this.box = box;
            this.usual = usual;
            this.outer = outer;
            this.inner = inner;
            this.untouched = untouched;
        }

        String box() {
            return box;
        }

        /** The ring that is asked about where none is named. */
        String usual() {
            return usual;
        }

        String words(About about) {
            return about.ring().equals("outer") ? outer : inner;
        }
    }

    /**
     * One thing that is asked at a place.
     *
     * @param query address of it, behind a question mark
     * @param state where it stands, in a word or two
     * @param of code of its entry; empty where nothing is kept
     * @param current true for the one that is shown
     * @param slides true for a ring that is not pressed: nothing hangs on its fit, and nobody is led there
     */
    public record Touch(String words, String query, String state, String of, boolean current, boolean slides) {

        /** True where nobody has kept it yet, though it may be filled in. */
        boolean open() {
            return of.isEmpty() || state.equals(DRAFT);
        }
    }

    /** Another entry of the stage. @param query its address, behind a question mark */
    public record Further(String words, String query) {}

    /** What an entry is about. */
    record About(String place, String ring) {

        /** What texts say they are about; of the first place where they say none. */
        static About of(Map<String, String> texts, Asks asks, Sheet sheet) {
            String place = texts.getOrDefault(BearingPlaces.NAME, "");
            String ring = texts.getOrDefault(asks.box, "");
            if (place.equals(PartsLookedFields.WHICH)) {
                return new About(place, "");
            }
            return new About(sheet.at(place).place().code(), ring.isEmpty() ? asks.usual : ring);
        }
    }

    /** The rows of a stage whose entries are told apart by place, and by ring where it asks of one ring at a time. */
    static List<PlaceRow> of(StageFace.Showing shown, Asks asks) {
        Sheet sheet = shown.sheet();
        if (sheet.kind().isEmpty()) {
            return List.of();
        }
        JobView.Station station = shown.view().station(shown.stage());
        About now = About.of(shown.typed().texts(), asks, sheet);
        List<PlaceRow> rows = new ArrayList<>();
        for (KindPlace place : sheet.places()) {
            List<Touch> touches = new ArrayList<>();
            for (About about : asked(place, asks)) {
                Optional<StageEntry> entry = entry(station, about, asks, sheet);
                touches.add(new Touch(
                        asks.words(about),
                        BearingPlaces.NAME + "=" + about.place() + "&" + asks.box() + "=" + about.ring(),
                        entry.map(kept -> state(kept, station)).orElse(asks.untouched),
                        entry.map(StageEntry::of).orElse(""),
                        about.equals(now),
                        asks == Asks.FIT && !hold(place, about.ring()).pressed()));
            }
            rows.add(new PlaceRow(place.label(), number(place, shown.view().sheet()), touches));
        }
        if (asks == Asks.INSPECT) {
            rows.add(others(station, now, sheet));
        }
        return rows;
    }

    /** What is shown of some rows, and how many of them are kept, in words; empty where nothing is. */
    static String now(List<PlaceRow> rows) {
        long all = rows.stream().mapToLong(row -> row.touches().size()).sum();
        long kept = rows.stream()
                .flatMap(row -> row.touches().stream())
                .filter(touch -> !touch.open())
                .count();
        for (PlaceRow row : rows) {
            for (Touch touch : row.touches()) {
                if (touch.current()) {
                    return (row.label() + " " + row.number()).strip() + ", " + touch.words() + " · " + kept + " of "
                            + all + " kept";
                }
            }
        }
        return "";
    }

    /**
     * What nobody has kept yet beside what is shown: what is filled in already before what is not, and the same ring of
     * another place before all others. Where something is filled in, nothing else is led to: it is all there was on the
     * other side.
     */
    static Optional<Further> further(List<PlaceRow> rows) {
        String now = rows.stream()
                .flatMap(row -> row.touches().stream())
                .filter(Touch::current)
                .map(Touch::words)
                .findFirst()
                .orElse("");
        boolean filledIn = rows.stream()
                .flatMap(row -> row.touches().stream())
                .anyMatch(touch -> touch.open() && !touch.of().isEmpty());
        for (boolean same : new boolean[] {true, false}) {
            for (PlaceRow row : rows) {
                for (Touch touch : row.touches()) {
                    if (touch.open()
                            && !touch.current()
                            && (filledIn ? !touch.of().isEmpty() : !touch.slides())
                            && touch.words().equals(now) == same) {
                        return Optional.of(new Further(row.label() + ", " + touch.words(), touch.query()));
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** What is no bearing is looked at by itself. */
    private static PlaceRow others(JobView.Station station, About now, Sheet sheet) {
        About about = new About(PartsLookedFields.WHICH, "");
        Optional<StageEntry> entry = entry(station, about, Asks.INSPECT, sheet);
        return new PlaceRow(
                "other parts",
                "no bearing",
                List.of(new Touch(
                        "seals, spacer, nuts",
                        BearingPlaces.NAME + "=" + about.place(),
                        entry.map(kept -> state(kept, station)).orElse(Asks.INSPECT.untouched),
                        entry.map(StageEntry::of).orElse(""),
                        about.equals(now),
                        false)));
    }

    /** Where touching a part leads: to its ring's entry; what is no bearing is looked at among the other parts. */
    static Optional<String> leads(Part part, Asks asks, Sheet sheet) {
        return of(part, asks, sheet)
                .map(about -> about.ring().isEmpty()
                        ? BearingPlaces.NAME + "=" + about.place()
                        : BearingPlaces.NAME + "=" + about.place() + "&" + asks.box() + "=" + about.ring());
    }

    /** True for the part that an entry is about. */
    static boolean about(Part part, Asks asks, StageFace.Showing shown) {
        About now = About.of(shown.typed().texts(), asks, shown.sheet());
        return !now.ring().isEmpty()
                && part.place() != null
                && part.place().equals(now.place())
                && (asks == Asks.INSPECT || ring(part).map(now.ring()::equals).orElse(true));
    }

    private static Optional<About> of(Part part, Asks asks, Sheet sheet) {
        if (part.place() == null) {
            return asks == Asks.INSPECT && ChangedParts.kinds().contains(part.kind())
                    ? Optional.of(new About(PartsLookedFields.WHICH, ""))
                    : Optional.empty();
        }
        List<About> there = sheet.places().stream()
                .filter(place -> place.code().equals(part.place()))
                .flatMap(place -> asked(place, asks).stream())
                .toList();
        return there.stream()
                .filter(about -> ring(part).map(about.ring()::equals).orElse(true))
                .findFirst()
                .or(() -> there.stream().findFirst());
    }

    /** The ring that a part is; empty where it is both. */
    private static Optional<String> ring(Part part) {
        return switch (part.ring()) {
            case OUTER, DRAWN -> Optional.of("outer");
            case INNER -> Optional.of("inner");
            case NONE, WHOLE, BALLS -> Optional.empty();
        };
    }

    /** What there is to ask at a place. */
    static List<About> asked(KindPlace place, Asks asks) {
        return RINGS.stream()
                .filter(ring -> asks == Asks.INSPECT && ring.equals("outer")
                        || hold(place, ring).seat())
                .map(ring -> new About(place.code(), ring))
                .toList();
    }

    private static KindPlace.Hold hold(KindPlace place, String ring) {
        return ring.equals("outer") ? place.outer() : place.inner();
    }

    static Optional<StageEntry> entry(JobView.Station station, About about, Asks asks, Sheet sheet) {
        return station.entries().stream()
                .filter(entry -> About.of(entry.typed().texts(), asks, sheet).equals(about))
                .findFirst();
    }

    private static String state(StageEntry entry, JobView.Station station) {
        if (station.changed().contains(entry)) {
            return "recalculate";
        }
        if (entry.draft() || entry.answer() == null) {
            return DRAFT;
        }
        Level level = Level.worst(
                entry.answer().findings().stream().map(f -> f.level()).toList());
        return entry.complete() ? level == Level.STOP ? "stop" : "kept" : "incomplete";
    }

    private static String number(KindPlace place, Sheet sheet) {
        String found = sheet.found(place.code());
        String now = sheet.now(place.code());
        return now.equals(found) ? found : found + " → " + now;
    }
}
