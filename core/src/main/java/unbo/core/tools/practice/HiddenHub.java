package unbo.core.tools.practice;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.bearing.Bearing;
import unbo.core.damage.Mode;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapInput;
import unbo.core.damage.Stroke;
import unbo.core.designation.Decoder;
import unbo.core.diagnosis.HiddenCause;
import unbo.core.diagnosis.Hypothesis;
import unbo.core.fit.Band;
import unbo.core.fit.SeatBands;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.practice.Painter;
import unbo.core.tools.strip.RaceMapFields;

/**
 * A hub with one fault that nobody knows: what every check, instrument and look at any stage of a job finds comes of
 * it.
 *
 * @param cause what makes the noise, and where; not always a bearing
 * @param rings of its bearings, by place
 * @param seat in which the outer ring of the failing bearing sits; null where it is no seat
 */
record HiddenHub(
        Drawn drawn,
        HubKind kind,
        HiddenCause cause,
        Failing failing,
        Map<String, Ring> rings,
        @Nullable Seat seat) {

    private static final int LOOKALIKE_LEVEL = 2;
    private static final int WORN_LEVEL = 2;
    private static final int TWO_WORN_LEVEL = 3;
    private static final int ZERO_LEVEL = 2;
    private static final int MARKS_LEVEL = 3;
    private static final int MOST_ZERO_UM = 12;
    private static final int TRIES = 400;
    private static final int MOST_MADE = 60;
    private static final String CREEP = "creep";
    private static final String SOUND = "normal";

    /** What it is made from. @param level 1 to {@value Work#LEVELS} */
    record Drawn(long seed, int level) {}

    /**
     * What fails in it, if its bearings are what makes the noise.
     *
     * @param place of the bearing
     * @param mode in which
     * @param history what it went through before; of another one where its bearings are sound
     */
    record Failing(String place, Mode mode, String history) {}

    /**
     * The rings of a bearing.
     *
     * @param number on them
     * @param worn the same as it can still be read, a question mark for each character that is gone
     * @param races as they look
     */
    record Ring(String number, String worn, Painter.Painted races) {}

    /**
     * A seat under the bore gauge.
     *
     * @param symbol of the fit that it should have
     * @param nominalMm size of the ring
     * @param offUm of the seat from its nominal size, µm
     * @param zeroUm by which the gauge reads too large, µm
     */
    record Seat(String symbol, double nominalMm, int offUm, int zeroUm) {

        double mm() {
            return nominalMm + offUm / 1000.0;
        }

        /** The n-th reading, mm. */
        double reading(int n, Drawn drawn) {
            SplittableRandom random = new SplittableRandom(drawn.seed() * 37 + n);
            return mm() + (zeroUm + random.nextInt(2 * drawn.level() + 1) - drawn.level()) / 1000.0;
        }
    }

    /** The hubs asked for last, made once. */
    private static final Map<Drawn, HiddenHub> MADE = Collections.synchronizedMap(new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Drawn, HiddenHub> eldest) {
            return size() > MOST_MADE;
        }
    });

    static HiddenHub of(long seed, int level) {
        Drawn drawn = new Drawn(seed, level);
        HiddenHub made = MADE.get(drawn);
        if (made == null) {
            made = make(drawn);
            MADE.put(drawn, made);
        }
        return made;
    }

    private static HiddenHub make(Drawn drawn) {
        SplittableRandom random = new SplittableRandom(drawn.seed());
        HubKind kind = HubKind.any(HubKind.ALL, random);
        boolean other = drawn.level() >= LOOKALIKE_LEVEL && random.nextInt(4) == 0;
        HiddenCause cause = cause(kind, other, drawn, random);
        HubKind.History history = HubKind.any(HubKind.History.of(kind.code()), random);
        Mode mode = Mode.find(other ? SOUND : history.mode()).orElseThrow();
        Failing failing = new Failing(HubKind.any(kind.failing(), random), mode, history.words());
        Map<String, String> numbers = kind.drawn(random);
        Map<String, Ring> rings = new LinkedHashMap<>();
        numbers.forEach((place, number) -> {
            Mode there = place.equals(failing.place()) ? mode : Mode.find(SOUND).orElseThrow();
            rings.put(
                    place, new Ring(number, worn(number, drawn.level(), random), painted(there, kind, number, drawn)));
        });
        Ring fails = Objects.requireNonNull(rings.get(failing.place()));
        return new HiddenHub(drawn, kind, cause, failing, rings, seat(kind, failing, fails, drawn, random));
    }

    /** One that the best way finds: what nobody could tell is no lesson. */
    private static HiddenCause cause(HubKind kind, boolean other, Drawn drawn, SplittableRandom random) {
        String vehicle = kind.vehicle().kind();
        String at = HubKind.any(kind.positions(), random);
        HiddenCause cause = HiddenCause.at(vehicle, kind.cause(), at, drawn.seed(), drawn.level());
        List<Hypothesis> others =
                cause.named().stream().filter(one -> !one.cause().bearing()).toList();
        for (int i = 0; i < TRIES; i++) {
            long seed = drawn.seed() + i * 1_000_000_007L;
            if (other) {
                Hypothesis one = HubKind.any(others, random);
                String where = one.position() == null ? "" : one.position();
                if (!one.pair().isEmpty()) {
                    continue;
                }
                cause = HiddenCause.at(vehicle, one.cause().code(), where, seed, drawn.level());
            } else {
                cause = HiddenCause.at(vehicle, kind.cause(), at, seed, drawn.level());
            }
            if (DiagnoseWork.found(cause)) {
                return cause;
            }
        }
        throw new IllegalStateException("no cause of a " + kind.code() + " that can be told, seed " + drawn.seed());
    }

    private static Painter.Painted painted(Mode mode, HubKind kind, String number, Drawn drawn) {
        Painter.Painted painted = null;
        for (int i = 0; i < TRIES; i++) {
            SplittableRandom random = new SplittableRandom(drawn.seed() * 41 + number.hashCode() + i);
            painted = Painter.of(mode, random, Math.min(mode.id().equals(SOUND) ? 2 : MARKS_LEVEL, drawn.level()));
            if (read(painted, kind, number).contains(mode.id())) {
                return painted;
            }
        }
        throw new IllegalStateException("races of a " + kind.code() + " that nobody can read: " + mode.id());
    }

    /** What Inspect reads of a painting. */
    private static List<String> read(Painter.Painted painted, HubKind kind, String number) {
        RaceMapInput in = Objects.requireNonNull(
                FieldReader.read(RaceMapFields.LIST, boxes(painted, kind, number), UnitSystem.METRIC, Decoder.SHIPPED)
                        .record());
        return RaceMap.of(in).likely().stream().map(r -> r.mode().id()).toList();
    }

    /** A painting as its boxes take it. */
    private static Map<String, String> boxes(Painter.Painted painted, HubKind kind, String number) {
        boolean housing =
                AssemblyKind.find(kind.code()).map(AssemblyKind::housing).orElse(false);
        return Map.of(
                "designation",
                number,
                "elements",
                Integer.toString(painted.elements()),
                "turning",
                housing ? "outer" : "inner",
                "inner",
                Stroke.write(painted.inner()),
                "outer",
                Stroke.write(painted.outer()));
    }

    /** The races of a place as the boxes of Inspect take them. */
    Map<String, String> boxes(String place) {
        Ring ring = ring(place);
        return boxes(ring.races(), kind, ring.number());
    }

    /** A number of which some figures are gone, and that can still be told by its sizes. */
    private static String worn(String number, int level, SplittableRandom random) {
        List<Integer> figures = IntStream.range(
                        1, number.replaceAll("[-/].*", "").length())
                .filter(i -> Character.isDigit(number.charAt(i)))
                .boxed()
                .toList();
        int gone = level < WORN_LEVEL ? 0 : level < TWO_WORN_LEVEL ? 1 : 2;
        for (int i = 0; gone > 0 && i < TRIES; i++) {
            char[] text = number.toCharArray();
            for (int n = 0; n < gone; n++) {
                text[HubKind.any(figures, random)] = '?';
            }
            String worn = new String(text);
            if (Decoder.SHIPPED.decode(worn).completions().stream().anyMatch(number::startsWith)) {
                return worn;
            }
        }
        return number;
    }

    private static @Nullable Seat seat(HubKind kind, Failing failing, Ring ring, Drawn drawn, SplittableRandom random) {
        KindPlace.Hold hold =
                KindPlace.find(kind.code(), failing.place()).orElseThrow().outer();
        Double size = Decoder.SHIPPED.decode(ring.number()).outsideMm();
        Band band =
                hold.seat() && size != null ? SeatBands.hole(hold.fit(), size).orElse(null) : null;
        if (band == null || size == null) {
            return null;
        }
        int middle = (int) Math.round((band.lowerUm() + band.upperUm()) / 2);
        boolean crept = failing.mode().id().equals(CREEP);
        int zero = drawn.level() < ZERO_LEVEL ? 0 : random.nextInt(2 * MOST_ZERO_UM + 1) - MOST_ZERO_UM;
        int off = crept ? (int) Math.ceil(band.upperUm()) + 25 + random.nextInt(20) : middle;
        return new Seat(hold.fit(), size, off, zero);
    }

    /** True where its own bearings make the noise; false where they are sound. */
    boolean own() {
        return cause.truth().cause().bearing();
    }

    /** Where it is; empty for a cause that is at no position. */
    String position() {
        String at = cause.truth().position();
        return at == null ? "" : at;
    }

    Ring ring(String place) {
        return Objects.requireNonNull(rings.get(place), place);
    }

    /** The number of each place, along the axis. */
    Map<String, String> numbers() {
        Map<String, String> numbers = new LinkedHashMap<>();
        rings.forEach((place, ring) -> numbers.put(place, ring.number()));
        return numbers;
    }

    /** True where a number is that of a place: of the same kind and size. */
    boolean isNumber(String place, String number) {
        Bearing there = Decoder.SHIPPED.decode(ring(place).number());
        Bearing said = Decoder.SHIPPED.decode(number);
        return there.kind() == said.kind()
                && Objects.equals(there.boreMm(), said.boreMm())
                && Objects.equals(there.outsideMm(), said.outsideMm())
                && Objects.equals(there.widthMm(), said.widthMm());
    }
}
