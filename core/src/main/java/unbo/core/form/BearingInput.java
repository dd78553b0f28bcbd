package unbo.core.form;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Inside;
import unbo.core.bearing.Ratings;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Show;

/**
 * A bearing as a form asks for it: by its number, by its sizes, counted, or with the ratings of a catalogue; a form has
 * the boxes for some of these. What is typed goes before what the number tells, and what the number tells before what a
 * rule estimates. Where nothing tells the kind, it is a deep groove ball bearing, if its width is that of one.
 */
public final class BearingInput {

    private enum Told {
        NUMBER,
        KIND,
        BORE,
        OUTSIDE,
        WIDTH,
        ELEMENTS,
        ELEMENT,
        PITCH,
        ANGLE,
        C,
        C0
    }

    /** Widest single-row deep groove bearing, share of outside less bore; the widest listed ones have 0.833. */
    private static final double WIDEST_ROW = 0.85;
    /** Element's diameter, share of (D − d)/2: the usual proportion that insides are estimated by. */
    private static final double ELEMENT_SHARE = 0.59;
    /** Length of a roller where no width is known, in diameters. */
    private static final double ROLLER_LENGTH = 1.4;

    private final Map<Told, String> boxes;
    private final @Nullable BearingInput like;

    private BearingInput(Map<Told, String> boxes, @Nullable BearingInput like) {
        this.boxes = boxes;
        this.like = like;
    }

    /** Asked by its number in the box of this name. */
    public static BearingInput numbered(String number) {
        return new BearingInput(new EnumMap<>(Map.of(Told.NUMBER, number)), null);
    }

    private BearingInput with(Map<Told, String> more) {
        Map<Told, String> all = new EnumMap<>(boxes);
        all.putAll(more);
        return new BearingInput(all, like);
    }

    /** Also by its sizes. */
    public BearingInput sized(String bore, String outside, String width) {
        return with(Map.of(Told.BORE, bore, Told.OUTSIDE, outside, Told.WIDTH, width));
    }

    /** Also by its kind, whose codes are those of {@link BearingKind}. */
    public BearingInput kind(String kind) {
        return with(Map.of(Told.KIND, kind));
    }

    /** Also by what was counted and measured through its open side. */
    public BearingInput counted(String elements, String elementMm, String pitchMm) {
        return with(Map.of(Told.ELEMENTS, elements, Told.ELEMENT, elementMm, Told.PITCH, pitchMm));
    }

    /** Also with its contact angle. */
    public BearingInput angled(String contactDeg) {
        return with(Map.of(Told.ANGLE, contactDeg));
    }

    /** Of the kind, contact angle and number of elements of another one, where nothing else tells. */
    public BearingInput like(BearingInput another) {
        return new BearingInput(boxes, another);
    }

    /** Also with its ratings from a catalogue. */
    public BearingInput rated(String c, String c0) {
        return with(Map.of(Told.C, c, Told.C0, c0));
    }

    private boolean has(Values v, Told told) {
        return boxes.containsKey(told) && v.has(box(told));
    }

    private String box(Told told) {
        return boxes.getOrDefault(told, "");
    }

    private @Nullable Double typed(Values v, Told told) {
        return has(v, told) ? v.maybe(box(told)) : null;
    }

    private @Nullable Double first(Values v, Told told, @Nullable Double otherwise) {
        Double typed = typed(v, told);
        return typed != null ? typed : otherwise;
    }

    /** True where its number was typed. */
    public boolean named(Values v) {
        return !v.text(box(Told.NUMBER)).isBlank();
    }

    /** The bearing, as far as the form tells it. */
    public Bearing of(Values v) {
        Bearing told = told(v);
        Double bore = first(v, Told.BORE, told.boreMm());
        Double outside = first(v, Told.OUTSIDE, told.outsideMm());
        Double width = first(v, Told.WIDTH, told.widthMm());
        Bearing sized = told.sized(bore, outside, width);
        Bearing known = sized.as(kind(v, sized));
        Double angle = typed(v, Told.ANGLE);
        if (angle == null && like != null && !named(v)) {
            angle = like.of(v).contactDeg();
        }
        Bearing angled = angle == null ? known : known.at(angle);
        return rated(v, counted(v, angled));
    }

    /**
     * By its number, or by three sizes as if they were written there; a kind that is typed goes before a listed one.
     */
    private Bearing told(Values v) {
        Double bore = typed(v, Told.BORE);
        Double outside = typed(v, Told.OUTSIDE);
        Double width = typed(v, Told.WIDTH);
        String text = named(v) || bore == null || outside == null || width == null
                ? v.text(box(Told.NUMBER))
                : Show.number(bore, 3) + "x" + Show.number(outside, 3) + "x" + Show.number(width, 3);
        return has(v, Told.KIND) ? v.book().decodeSet(text) : v.book().find(text);
    }

    private BearingKind kind(Values v, Bearing b) {
        if (has(v, Told.KIND)) {
            return BearingKind.of(v.text(box(Told.KIND))).orElse(b.kind());
        }
        if (b.kind() == BearingKind.UNKNOWN && like != null) {
            return like.of(v).kind();
        }
        boolean nothing = named(v) && b.boreMm() == null && b.outsideMm() == null;
        boolean wide = b.boreMm() != null
                && b.outsideMm() != null
                && b.widthMm() != null
                && b.widthMm() > WIDEST_ROW * (b.outsideMm() - b.boreMm());
        return b.kind() != BearingKind.UNKNOWN || nothing || wide ? b.kind() : BearingKind.DEEP_GROOVE_BALL;
    }

    /** Counted elements put into it; its sizes follow from them where nothing else tells. */
    private Bearing counted(Values v, Bearing b) {
        if (!has(v, Told.ELEMENTS) && !has(v, Told.ELEMENT) && !has(v, Told.PITCH)) {
            return b;
        }
        Inside known = b.inside().orElse(null);
        BearingGeometry g = known == null ? null : known.geometry();
        Double element = first(v, Told.ELEMENT, g == null ? null : Double.valueOf(g.elementMm()));
        Double pitch = first(v, Told.PITCH, g == null ? null : Double.valueOf(g.pitchMm()));
        Integer elements = elements(v, g);
        if (element == null || pitch == null || elements == null || element >= pitch) {
            return b;
        }
        boolean estimated = !has(v, Told.ELEMENTS) && !has(v, Told.ELEMENT);
        Double roller = known != null && known.rollers() ? known.rollerMm() : null;
        if (roller == null && b.kind().roller()) {
            roller = element * ROLLER_LENGTH;
        }
        Inside inside =
                new Inside(b.kind(), new BearingGeometry(elements, element, pitch, b.contactDeg(), estimated), roller);
        return b.sized(
                        b.boreMm() != null ? b.boreMm() : Double.valueOf(Math.max(1, pitch - element / ELEMENT_SHARE)),
                        b.outsideMm() != null ? b.outsideMm() : Double.valueOf(pitch + element / ELEMENT_SHARE),
                        b.widthMm())
                .counted(inside);
    }

    private @Nullable Integer elements(Values v, @Nullable BearingGeometry known) {
        if (has(v, Told.ELEMENTS)) {
            return v.whole(box(Told.ELEMENTS));
        }
        if (known == null && like != null) {
            return like.of(v)
                    .inside()
                    .map(inside -> inside.geometry().elements())
                    .orElse(null);
        }
        return known == null ? null : Integer.valueOf(known.elements());
    }

    private Bearing rated(Values v, Bearing b) {
        if (!has(v, Told.C) && !has(v, Told.C0)) {
            return b;
        }
        Ratings otherwise = b.ratings().orElse(null);
        Double c = first(v, Told.C, otherwise == null ? null : Double.valueOf(otherwise.cN()));
        Double c0 = first(v, Told.C0, otherwise == null ? null : Double.valueOf(otherwise.c0N()));
        return c == null || c0 == null
                ? b
                : b.rated(new Ratings(c, c0, false, b.kind().roller()));
    }

    /** What cannot be of it: rings without room between them, elements that do not fit on their circle. */
    public List<Problem> problems(Values v) {
        List<Problem> problems = new ArrayList<>();
        Bearing b = of(v);
        if (b.boreMm() != null && b.outsideMm() != null && b.outsideMm() <= b.boreMm()) {
            problems.add(Problem.impossible(
                    has(v, Told.OUTSIDE) ? box(Told.OUTSIDE) : box(Told.BORE),
                    "The outside, " + Show.number(b.outsideMm(), 3) + " mm, must be more than the bore, "
                            + Show.number(b.boreMm(), 3) + " mm."));
            return problems;
        }
        BearingGeometry g = b.inside().map(Inside::geometry).orElse(null);
        Double element = first(v, Told.ELEMENT, g == null ? null : Double.valueOf(g.elementMm()));
        Double pitch = first(v, Told.PITCH, g == null ? null : Double.valueOf(g.pitchMm()));
        if (element == null || pitch == null) {
            return problems;
        }
        if (element >= pitch) {
            problems.add(Problem.impossible(
                    box(Told.ELEMENT),
                    "An element of " + Show.number(element, 2) + " mm does not fit on a pitch circle of "
                            + Show.number(pitch, 2) + " mm."));
        } else if (has(v, Told.ELEMENTS) && v.whole(box(Told.ELEMENTS)) > Math.PI / Math.asin(element / pitch) + 1e-6) {
            problems.add(Problem.impossible(
                    box(Told.ELEMENTS),
                    v.whole(box(Told.ELEMENTS)) + " elements of " + Show.number(element, 2)
                            + " mm do not stand side by side on " + Show.number(pitch, 2) + " mm."));
        }
        return problems;
    }

    /** Asks for what is missing where the inside is needed; empty where it is known. */
    public List<Problem> insideWanted(Values v) {
        if (of(v).inside().isPresent()) {
            return List.of();
        }
        if (named(v)) {
            return List.of(Problem.impossible(
                    box(Told.NUMBER),
                    "“" + v.text(box(Told.NUMBER))
                            + "” has no sizes or no rule for its inside here: count its elements, measure one and "
                            + "the pitch circle."));
        }
        Bearing b = of(v);
        if (b.boreMm() != null && b.outsideMm() != null && b.widthMm() != null && boxes.containsKey(Told.KIND)) {
            return List.of(Problem.impossible(
                    box(Told.KIND),
                    b.kind() == BearingKind.UNKNOWN
                            ? "So wide it is no single row of balls: choose its kind, or count and measure its "
                                    + "elements."
                            : "There is no rule for the inside of a " + b.kind().words()
                                    + ": count and measure its elements."));
        }
        String next =
                !has(v, Told.ELEMENT) ? box(Told.NUMBER) : has(v, Told.PITCH) ? box(Told.ELEMENTS) : box(Told.PITCH);
        return List.of(new Problem(
                next,
                "Write its number, or how many elements there are, their diameter and the pitch diameter.",
                false));
    }
}
