package unbo.core.damage;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.measure.Show;

/**
 * The features that speak for and against each mode. Each has a weight in log odds; a mode starts at {@value #PRIOR}
 * and its confidence is the logistic of the sum.
 */
final class Patterns {

    private static final double PRIOR = -2.4;
    private static final double OFF_CENTRE = 0.12;
    private static final double WANDERS = 0.08;
    private static final double MUDDLE_KINDS = 5;
    /** Modes that are read off the line of a track. */
    private static final Set<String> TRACKED = Set.of(
            "normal",
            "thrust-or-preload",
            "misalignment",
            "end-play-rock",
            "overload-preload",
            "pinched-housing",
            "fatigue");

    private final RaceMapInput in;
    private final RingPainting inner;
    private final RingPainting outer;
    private final RingPainting still;
    private final RingPainting turning;
    private final List<RingPainting> rings;

    /** Evidence for one mode, as it gathers. */
    private static final class Case {

        private double score = PRIOR;
        private final List<String> because = new ArrayList<>();
        private final List<String> against = new ArrayList<>();
        private String remedy = "";

        /** Counts where {@code seen}: for it with a positive weight, against it with a negative one. */
        Case when(boolean seen, double weight, String words) {
            if (seen) {
                score += weight;
                (weight > 0 ? because : against).add(words);
            }
            return this;
        }

        Case remedy(String words) {
            remedy = words;
            return this;
        }
    }

    private static final int FEWEST_HOLLOWS = 5;
    private static final int FEWEST_SCORES = 5;
    private static final int SHORT_ARC_DEG = 90;

    Patterns(RaceMapInput in, RingPainting inner, RingPainting outer) {
        this.in = in;
        this.inner = inner;
        this.outer = outer;
        this.still = in.innerTurns() ? outer : inner;
        this.turning = in.innerTurns() ? inner : outer;
        this.rings = List.of(inner, outer);
    }

    List<RaceMap.Reading> readings() {
        List<RaceMap.Reading> readings = new ArrayList<>();
        for (Mode mode : Mode.all()) {
            Case c = of(mode.id());
            c.when(
                    TRACKED.contains(mode.id()) && tracks().anyMatch(t -> !t.sure()),
                    -5,
                    "the track scatters or lies in pieces: nothing ran like that");
            c.when(muddled(), -2.5, "more kinds of marks than one history leaves");
            in.seen().forEach(seen -> c.when(seen.speaks(mode.id()) != 0, seen.speaks(mode.id()), seen.words()));
            readings.add(new RaceMap.Reading(
                    mode,
                    1 / (1 + Math.exp(-c.score)),
                    List.copyOf(c.because),
                    List.copyOf(c.against),
                    c.remedy.isEmpty() ? mode.remedy() : c.remedy));
        }
        return readings;
    }

    private Case of(String mode) {
        return switch (mode) {
            case "normal" -> normal();
            case "fatigue" -> fatigue();
            case "thrust-or-preload" -> thrust();
            case "misalignment" -> misalignment();
            case "end-play-rock" -> rock();
            case "overload-preload" -> overload();
            case "pinched-housing" -> pinched();
            case "etching" -> etching();
            case "line-spalling" -> lineSpalling();
            case "true-brinelling" -> brinelling();
            case "false-brinelling" -> falseBrinelling();
            case "electrical-fluting" -> fluting();
            case "debris-bruising" -> debris();
            case "starved-rib" -> rib();
            case "micro-spalling" -> frosting();
            case "skidding" -> skidding();
            case "overheated" -> overheated();
            case "creep" -> creep();
            case "ring-crack" -> crack();
            case "cage-damage" -> cage();
            default -> throw new IllegalStateException("no pattern for " + mode);
        };
    }

    private Case normal() {
        Case c = new Case();
        boolean centred = tracks().findAny().isPresent() && tracks().allMatch(t -> Math.abs(t.offset()) < OFF_CENTRE);
        c.when(centred, 2.2, "the track is centred");
        c.when(
                tracks().findAny().isPresent() && tracks().allMatch(t -> t.tilt() < WANDERS && !t.twoArcs()),
                1,
                "it runs even");
        c.when(turning.track() != null && turning.track().allRound(), 0.8, "all round on the turning ring");
        c.when(
                still.track() != null
                        && still.track().arcDeg() >= 90
                        && still.track().arcDeg() <= 200,
                0.8,
                "an arc of " + deg(still.track()) + " on the still ring");
        c.when(rings.stream().anyMatch(RingPainting::hurt), -5, "there is more than a track");
        in.seen().stream().filter(Seen::scrap).forEach(seen -> c.when(true, -4, seen.words()));
        boolean points = in.kind() == RaceMapInput.Kind.BALL || angular();
        c.when(points && tracks().anyMatch(t -> t.width() > 0.7), -1.2, "the track is as wide as the race");
        c.when(angular() && offCentre(), 3, "off centre, as an angular contact runs");
        c.when(clearanceGone(), -4, "all round on both rings: the clearance is gone");
        return c;
    }

    private Case fatigue() {
        Case c = new Case();
        for (RingPainting r : rings) {
            Spread s = r.mark("spall");
            boolean plain = s.there() && !s.atPitch() && !s.oneEdge() && s.reach() < 0.7;
            c.when(plain && s.count() <= 12, 1.7, "spalls in the " + name(r) + " race");
            c.when(
                    plain
                            && r.track() != null
                            && Math.abs(r.track().offset()) < OFF_CENTRE
                            && Math.abs(s.acrossMean() - r.track().centre()) < 0.2,
                    1.4,
                    "they lie in a centred track");
            c.when(plain && r == still && s.arcDeg() <= 120, 0.5, "in one arc, where the load stands");
            c.when(s.atPitch(), -2, "the spalls stand at the element pitch");
            boolean told = plain && r == still && in.loadDeg() != null && s.arcDeg() <= 120;
            c.when(told && offLoad(r) <= 60, 0.6, "inside the load zone");
            c.when(told && offLoad(r) > 90, -0.8, "away from the load zone");
        }
        c.when(any("blue") || any("brown"), -1, "heat colours");
        return c;
    }

    /** How far the middle of a ring's spalls stands from the middle of the load zone, degrees. */
    private double offLoad(RingPainting r) {
        double x = 0;
        double y = 0;
        for (Stroke s : r.strokes()) {
            for (Stroke.Spot spot : s.mark().code().equals("spall") ? s.spots() : List.<Stroke.Spot>of()) {
                x += Math.cos(Math.toRadians(spot.angleDeg()));
                y += Math.sin(Math.toRadians(spot.angleDeg()));
            }
        }
        return Math.abs(Painting.turn(requireNonNull(in.loadDeg()), Math.toDegrees(Math.atan2(y, x))));
    }

    private boolean angular() {
        return in.kind() == RaceMapInput.Kind.ANGULAR;
    }

    /** Even and to one side on every ring that has a track. */
    private boolean offCentre() {
        return tracks().findAny().isPresent()
                && tracks().allMatch(t -> Math.abs(t.offset()) >= OFF_CENTRE && t.tilt() < WANDERS * 1.5);
    }

    /** A centred, even track all round on both rings: where there is clearance the still ring has but an arc. */
    private boolean clearanceGone() {
        return Stream.of(inner.track(), outer.track())
                .allMatch(t -> t != null
                        && t.allRound()
                        && Math.abs(t.offset()) < OFF_CENTRE
                        && t.tilt() < WANDERS
                        && t.sure());
    }

    private Case thrust() {
        Case c = new Case();
        Track i = inner.track();
        Track o = outer.track();
        boolean off = offCentre() && !angular();
        c.when(
                off,
                1.6,
                "the track stands off centre by "
                        + tracks().map(t -> percent(Math.abs(t.offset())))
                                .findFirst()
                                .orElse(""));
        c.when(off && tracks().allMatch(Track::allRound), 1.6, "all round, on the still ring as well");
        c.when(
                off && i != null && o != null && Math.abs(Math.abs(i.offset()) - Math.abs(o.offset())) < 0.12,
                1.4,
                "by about as much on both rings");
        c.when(
                off && tracks().anyMatch(t -> !t.allRound() && Math.abs(t.offset()) > 0.3 && t.arcDeg() < 200),
                -2,
                "at the very edge, over an arc only");
        c.when(edgeSpall() != null, -1, "spalls at one edge, over an arc");
        return c;
    }

    private Case misalignment() {
        Case c = new Case();
        for (RingPainting r : List.of(turning, still)) {
            if (r.track() != null && r.track().tilt() >= WANDERS) {
                boolean turns = r == turning;
                c.when(
                        true,
                        3.6,
                        "the track on the " + (turns ? "turning" : "still") + " " + name(r)
                                + " ring wanders once a turn by ±"
                                + percent(r.track().tilt()));
                RingPainting other = turns ? still : turning;
                c.when(other.track() != null && other.track().tilt() < WANDERS, 0.6, "even on the other ring");
                c.remedy(
                        turns
                                ? "Bent turning shaft, or the " + name(r)
                                        + " ring cocked on it: measure its runout, reseat."
                                : "The still " + name(r)
                                        + " ring is cocked: clean its shoulder, measure its seat, look for a bent "
                                        + "spindle.");
            }
        }
        return c;
    }

    private Case rock() {
        Case c = new Case();
        RingPainting spalled = edgeSpall();
        c.when(
                spalled != null,
                2.9,
                "spalls at one edge of the " + (spalled == null ? "" : name(spalled)) + " race over an arc");
        RingPainting tracked = rings.stream()
                .filter(r -> r.track() != null
                        && Math.abs(r.track().offset()) > 0.28
                        && r.track().arcDeg() <= 200
                        && !r.track().twoArcs())
                .findFirst()
                .orElse(null);
        c.when(tracked != null, 2.9, "the track lies at one edge over an arc");
        c.when(in.kind() == RaceMapInput.Kind.TAPERED, 0.4, "a taper, which is set by its nut");
        c.when(rings.stream().anyMatch(r -> r.mark("spall").reach() > 0.7), -2, "spalls right across");
        return c;
    }

    private Case overload() {
        Case c = new Case();
        boolean across = rings.stream()
                .anyMatch(
                        r -> r.mark("spall").reach() >= 0.7 && !r.mark("spall").atPitch());
        c.when(across, 2.7, "spalls over the full width");
        c.when(rings.stream().anyMatch(r -> r.mark("spall").atPitch()), -2, "the spalls stand at the element pitch");
        c.when(tracks().anyMatch(t -> t.width() >= 0.7), 1.2, "a track as wide as the race");
        c.when(clearanceGone(), 3.6, "a centred track all round on both rings: the clearance is gone");
        c.when(across && (any("blue") || any("brown") || any("straw")), 1.6, "heat colours with them");
        return c;
    }

    private Case pinched() {
        Case c = new Case();
        c.when(outer.track() != null && outer.track().twoArcs(), 4.2, "two opposite arcs of track on the outer ring");
        boolean spalls = Stream.of(outer)
                .map(r -> Painting.of(r.strokes(), "spall", true).arcs(20))
                .anyMatch(a -> a.size() == 2 && Math.abs(Math.abs(Painting.turn(a.get(0)[0], a.get(1)[0])) - 180) < 40);
        c.when(spalls, 1.5, "spalls at two opposite places of it");
        return c;
    }

    private Case etching() {
        Case c = new Case();
        pitched(c, "dark-line", 1.3, 3, "dark lines");
        c.when(any("rust"), 0.7, "rust beside them");
        c.when(
                any("spall") && rings.stream().anyMatch(r -> r.mark("spall").atPitch()),
                -0.8,
                "it has gone on to spalls");
        return c;
    }

    private Case lineSpalling() {
        Case c = new Case();
        for (RingPainting r : rings) {
            c.when(
                    r.mark("spall").atPitch(),
                    4.4,
                    r.mark("spall").count() + " spalls in the " + name(r) + " race at the element pitch");
        }
        c.when(any("dark-line"), 0.5, "dark lines with them");
        return c;
    }

    private Case brinelling() {
        Case c = new Case();
        pitched(c, "dent", 0.5, 3.4, "dents");
        c.when((pitchedDents() || headArcs()) && any("rust"), -2.8, "red powder: vibration, not a blow");
        c.when(pitchedDents() && !any("rust"), 0.6, "no red powder");
        return c;
    }

    private Case falseBrinelling() {
        Case c = new Case();
        pitched(c, "dent", 0.3, 2.4, "hollows");
        c.when(pitchedDents() && any("rust"), 2.4, "with red powder");
        c.when(pitchedDents() && !any("rust"), -1.6, "no red powder");
        c.when(
                !pitchedDents() && headArcs() && any("rust"),
                4.8,
                "hollows at exactly the element pitch in two short arcs with red powder: a steering head that is "
                        + "held straight ahead");
        return c;
    }

    /** Five hollows or more at the element pitch, in one or two short arcs of a race. */
    private boolean headArcs() {
        return rings.stream().anyMatch(this::inShortArcs);
    }

    private boolean inShortArcs(RingPainting ring) {
        Integer elements = in.elements();
        Spread dents = ring.mark("dent");
        if (elements == null || dents.count() < FEWEST_HOLLOWS || dents.order() != elements) {
            return false;
        }
        List<int[]> arcs = Painting.of(ring.strokes(), "dent", true).arcs((int) Math.ceil(1.5 * 360 / elements));
        return arcs.size() <= 2 && arcs.stream().allMatch(arc -> arc[1] <= SHORT_ARC_DEG);
    }

    private Case fluting() {
        Case c = new Case();
        for (RingPainting r : rings) {
            Spread s = r.mark("ripple");
            c.when(s.count() >= 4, 1.8, "ripples across the " + name(r) + " race");
            c.when(
                    s.count() >= 4 && in.elements() != null && s.count() > 1.4 * in.elements(),
                    1.4,
                    "finer than the element pitch: " + s.count() + " round the ring");
            c.when(s.order() > 0, 1.2, "evenly spaced");
        }
        return c;
    }

    private Case debris() {
        Case c = new Case();
        int dents = inner.mark("dent").count() + outer.mark("dent").count();
        boolean regular = pitchedDents() || headArcs();
        c.when(dents >= 6 && !regular, 3.4, dents + " small dents without order");
        c.when(dents > 0 && dents < 6 && !regular, 0.8, dents + " dents");
        c.when(regular, -2, "the dents stand at the element pitch");
        c.when(dents >= 6 && !regular && (any("dark-line") || any("rust")), 0.3, "the seal had let water in as well");
        return c;
    }

    private Case rib() {
        Case c = new Case();
        Spread s = List.of(inner.mark("rib-wear"), outer.mark("rib-wear")).stream()
                .filter(Spread::there)
                .findFirst()
                .orElse(Spread.NONE);
        c.when(s.there(), 1.6, "a worn rib");
        c.when(s.there() && s.acrossMean() < 0.25, 1.3, "on the large rib's side");
        c.when(s.there() && s.arcDeg() > 60, 0.8, "over " + Show.number(s.arcDeg(), 0) + "°");
        return c;
    }

    private Case frosting() {
        return spread("frosting", 1.2, 0.08, 2.2, "grey frosting");
    }

    private Case skidding() {
        Case c = spread("smear", 2, 0.02, 1.2, "smears");
        c.when(any("smear") && any("score"), 0.3, "scores with them");
        return c;
    }

    private Case overheated() {
        Case c = new Case();
        double hot = rings.stream()
                .mapToDouble(r -> r.mark("blue").coverage() + r.mark("brown").coverage())
                .max()
                .orElse(0);
        c.when(hot > 0, 1.5, any("blue") ? "blue temper colour: 290 to 300 °C" : "brown temper colour: 250 to 260 °C");
        c.when(hot > 0.2, 2, "over " + percent(hot) + " of a race");
        c.when(any("straw"), 0.9, "straw colour: from 200 °C, or stain until it is wiped");
        c.when(rings.stream().anyMatch(r -> r.mark("spall").reach() >= 0.7), -0.8, "with spalls over the full width");
        return c;
    }

    private Case creep() {
        return spread("creep", 2, 0.05, 1.6, "a polished or scored seat");
    }

    private Case crack() {
        Case c = new Case();
        for (RingPainting r : rings) {
            Spread s = r.mark("crack");
            c.when(s.there() && s.count() <= 3 && s.reach() >= 0.3, 3.6, "a crack across the " + name(r) + " ring");
            c.when(s.there() && (s.count() > 3 || s.reach() < 0.3), 0.7, "crack marks in the " + name(r) + " race");
        }
        return c;
    }

    /** Pieces of a cage score what they pass; most is seen of the cage itself. */
    private Case cage() {
        Case c = new Case();
        boolean scores = inner.mark("score").count() + outer.mark("score").count() >= FEWEST_SCORES;
        c.when(scores, 2, "scores without order");
        c.when(scores && !any("smear") && !any("dent"), 0.7, "no smears or dents with them");
        return c;
    }

    private Case spread(String mark, double there, double share, double much, String words) {
        Case c = new Case();
        double most =
                rings.stream().mapToDouble(r -> r.mark(mark).coverage()).max().orElse(0);
        c.when(any(mark), there, words);
        c.when(most >= share, much, "over " + percent(most) + " of a race");
        return c;
    }

    private void pitched(Case c, String mark, double there, double regular, String words) {
        for (RingPainting r : rings) {
            Spread s = r.mark(mark);
            c.when(s.there(), there, s.count() + " " + words + " in the " + name(r) + " race");
            c.when(
                    s.atPitch(),
                    regular,
                    "at the element pitch, " + Show.number(360.0 / (in.elements() == null ? 1 : in.elements()), 1)
                            + "°");
            c.when(
                    s.there() && in.elements() != null && s.count() >= 4 && !s.atPitch(),
                    -1,
                    "not at the element pitch");
        }
    }

    private boolean pitchedDents() {
        return rings.stream().anyMatch(r -> r.mark("dent").atPitch());
    }

    private @Nullable RingPainting edgeSpall() {
        return rings.stream()
                .filter(r -> r.mark("spall").oneEdge()
                        && !r.mark("spall").atPitch()
                        && r.mark("spall").arcDeg() <= 220)
                .findFirst()
                .orElse(null);
    }

    /** True where so many kinds of marks lie about without order that no history leaves them. */
    private boolean muddled() {
        Set<String> kinds = new HashSet<>();
        Function<String, Boolean> ordered =
                code -> rings.stream().anyMatch(r -> r.mark(code).atPitch());
        rings.forEach(r -> r.marks().keySet().stream()
                .filter(code -> !code.equals("track") && !ordered.apply(code))
                .forEach(kinds::add));
        return kinds.size() >= MUDDLE_KINDS;
    }

    private boolean any(String mark) {
        return rings.stream().anyMatch(r -> r.has(mark));
    }

    private Stream<Track> tracks() {
        return rings.stream().map(RingPainting::track).filter(t -> t != null);
    }

    private static String name(RingPainting r) {
        return r.inner() ? "inner" : "outer";
    }

    private static String deg(@Nullable Track t) {
        return t == null ? "" : Show.number(t.arcDeg(), 0) + "°";
    }

    private static String percent(double share) {
        return Show.number(share * 100, 0) + " %";
    }
}
