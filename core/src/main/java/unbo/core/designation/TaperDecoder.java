package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.Part;
import unbo.core.bearing.TaperAngles;
import unbo.core.bearing.TaperSet;
import unbo.core.catalogue.Catalogue;

/**
 * Reads what is stamped on a tapered bearing: metric numbers (ISO 355 / common numbering, cone and cup under one
 * number) and inch cones and cups (ABMA numbering: duty prefix, angle code, series, member). Sizes come from the
 * tables; a number that is not in them is taken apart as far as its scheme goes and said to be unknown. Letter case,
 * blanks, hyphens, dots and slashes are forgiven; {@code ?} or {@code _} stands for a worn character.
 */
public final class TaperDecoder {

    private static final Pattern ABMA =
            Pattern.compile("(J?)(EL|LL|LM|HM|HH|EH|L|M|H)(\\d)(\\d{1,3})(\\d{2})([A-Z]{0,2})");
    private static final Pattern METRIC =
            Pattern.compile("(3(?:02|03|13|20|22|23|29|30|31|32))(\\d{2}|/\\d{2})([A-Z/][A-Z0-9/]*)?");
    private static final Pattern MARKS = Pattern.compile("(X)?([BCD])?(J\\d?R?)?(.*)");
    private static final int MOST_COMPLETIONS = 20;

    private TaperDecoder() {}

    /** Decodes a marking; never fails, an unknown one is returned as such with its text kept. */
    public static Bearing decode(String stamped) {
        String marking = tidy(stamped);
        if (marking.matches(".*[?_].*")) {
            return worn(marking);
        }
        Optional<Boundary> metric = Catalogue.metric(stamped.strip()).or(() -> Catalogue.metric(marking));
        if (metric.isPresent() && !metric.get().tapered()) {
            return listed(marking, metric.get());
        }
        Matcher number = METRIC.matcher(marking);
        if (number.matches() && Catalogue.withCone(marking).isEmpty()) {
            return metricTaper(marking, number);
        }
        List<TaperSet> asCone = Catalogue.withCone(marking);
        List<TaperSet> asCup = Catalogue.withCup(marking);
        Matcher abma = ABMA.matcher(marking);
        if (!asCone.isEmpty() || !asCup.isEmpty()) {
            return inch(marking, asCone, asCup, abma);
        }
        if (abma.matches()) {
            return unlistedInch(marking, abma);
        }
        return Bearing.marked(marking)
                .unread()
                .parts(List.of(new Part(
                        marking, "unknown", "not in the tables and of no numbering known here; kept as it stands")))
                .warnings(List.of("“" + marking + "” is not known: measure bore, outside and width, and type them."))
                .made();
    }

    /** Upper case, without blanks, hyphens, dots and slashes at its edges or between figures. */
    public static String tidy(String stamped) {
        String upper = stamped.strip().toUpperCase(Locale.ROOT).replace('–', '-');
        return upper.replaceAll("[\\s.\\-]", "").replaceAll("^/+|/+$", "");
    }

    private static Bearing metricTaper(String marking, Matcher number) {
        String series = number.group(1);
        String suffix = number.group(3) == null ? "" : number.group(3);
        String base = series + number.group(2);
        Optional<Boundary> row = Catalogue.metric(base).filter(Boundary::tapered);
        List<Part> parts = new ArrayList<>();
        List<String> warnings = new ArrayList<>();
        parts.add(new Part("3", "type", "tapered roller bearing, cone and cup under one number"));
        parts.add(new Part(series.substring(1), "series", "width and diameter series " + series));
        boolean direct = number.group(2).startsWith("/");
        int code = Integer.parseInt(number.group(2).replace("/", ""));
        int bore = direct ? code : code >= 4 ? code * 5 : new int[] {10, 12, 15, 17}[code];
        parts.add(new Part(
                number.group(2),
                "bore-code",
                "bore " + bore + " mm" + (direct ? " as written" : code >= 4 ? " (× 5)" : "")));
        List<Part> marks = marks(suffix);
        parts.addAll(marks);
        Optional<String> steep = marks.stream()
                .map(Part::text)
                .filter(mark -> mark.matches("[BCD]"))
                .findFirst();
        steep.ifPresent(letter -> warnings.add("The letter " + letter + " means a steeper cone than plain " + base
                + ": never mix their cones and cups."));
        if (row.isEmpty()) {
            warnings.add(base + " is not in the table: the series tells no outside diameter. Measure it.");
        }
        warnings.add("Measure before ordering.");
        Double half = TaperAngles.half(series + steep.orElse(""), direct ? code / 5 : code)
                .orElse(null);
        return Bearing.marked(marking)
                .kind(BearingKind.TAPERED_ROLLER)
                .sizes(
                        row.map(Boundary::boreMm).orElse((double) bore),
                        row.map(Boundary::outsideMm).orElse(null),
                        row.map(Boundary::widthMm).orElse(null))
                .listed(row.isPresent())
                .halfAngle(half)
                .series(series)
                .parts(parts)
                .warnings(warnings)
                .made();
    }

    /** What stands behind a metric taper, parted by slashes; what is not known stays whole. */
    private static List<Part> marks(String behind) {
        List<Part> marks = new ArrayList<>();
        for (String chunk : behind.split("/")) {
            Matcher m = MARKS.matcher(chunk);
            if (!m.matches()
                    || !m.group(4).isEmpty()
                            && m.group(4).chars().allMatch(Character::isLetter)
                            && m.group(4).length() > 1) {
                marks.add(new Part(chunk, "unknown", "not known here; kept as it stands"));
                continue;
            }
            for (int group = 1; group <= 3; group++) {
                if (m.group(group) != null) {
                    marks.add(new Part(m.group(group), "suffix", suffixMeaning(m.group(group))));
                }
            }
            if (!m.group(4).isEmpty()) {
                marks.add(new Part(m.group(4), "unknown", "not known here; kept as it stands"));
            }
        }
        return marks;
    }

    private static String suffixMeaning(String suffix) {
        return switch (suffix.charAt(0)) {
            case 'X' -> "dimensions changed to the standard";
            case 'B', 'C', 'D' -> "steeper cone angle";
            case 'J' ->
                suffix.length() > 1 && suffix.charAt(1) == '2'
                        ? "cup angle to ISO 355, in some schemes"
                        : "cup track to ISO 355, or pressed steel cage: schemes differ";
            default -> "not known here; kept as it stands";
        };
    }

    private static Bearing listed(String marking, Boundary row) {
        return Bearing.marked(marking)
                .kind(row.kind())
                .sizes(row.boreMm(), row.outsideMm(), row.widthMm())
                .listed()
                .series(row.series())
                .parts(List.of(
                        new Part(
                                row.series(),
                                "series",
                                "series " + row.series() + " ("
                                        + row.kind().code().replace('-', ' ') + ")"),
                        new Part(marking, "number", "as listed")))
                .warnings(
                        row.note().isEmpty()
                                ? List.of("Measure before ordering.")
                                : List.of(row.note() + ".", "Measure before ordering."))
                .made();
    }

    private static Bearing inch(String marking, List<TaperSet> asCone, List<TaperSet> asCup, Matcher abma) {
        boolean cone = !asCone.isEmpty();
        List<TaperSet> sets = cone ? asCone : asCup;
        boolean scheme = abma.matches();
        List<Part> parts = scheme
                ? abmaParts(abma, cone)
                : List.of(new Part(
                        marking,
                        "number",
                        (cone ? "cone" : "cup") + " of an older pure-number series: the figures tell no angle"));
        List<String> warnings = new ArrayList<>();
        Double bore = only(sets, TaperSet::boreMm);
        Double outside = only(sets, TaperSet::outsideMm);
        Double width = only(sets, TaperSet::widthMm);
        if (cone ? outside != null : bore != null) {
            warnings.add((cone
                            ? "A cone alone has no outside diameter: that of its listed cup "
                                    + sets.get(0).cup()
                            : "A cup alone has no bore: that of its listed cone "
                                    + sets.get(0).cone())
                    + " is shown.");
        } else {
            warnings.add(
                    cone
                            ? "A cone alone has no outside diameter: it depends on the cup."
                            : "A cup alone has no bore: it depends on the cone.");
        }
        warnings.add("Inch tapers have plus tolerances: the same shaft is looser in them. Measure before ordering.");
        return Bearing.marked(marking)
                .kind(cone ? BearingKind.INCH_TAPERED_CONE : BearingKind.INCH_TAPERED_CUP)
                .sizes(bore, outside, width)
                .listed(bore != null && outside != null && width != null)
                .halfAngle(scheme ? half(abma) : null)
                .series(scheme ? series(abma) : "")
                .parts(parts)
                .warnings(warnings)
                .completions(
                        sets.stream().map(set -> set.cone() + "/" + set.cup()).toList())
                .made();
    }

    /** The size that all listed sets agree on; null where they differ. */
    private static @Nullable Double only(List<TaperSet> sets, ToDoubleFunction<TaperSet> size) {
        double[] sizes = sets.stream().mapToDouble(size).distinct().toArray();
        return sizes.length == 1 ? sizes[0] : null;
    }

    private static Bearing unlistedInch(String marking, Matcher abma) {
        int member = Integer.parseInt(abma.group(5));
        boolean cup = member >= 10 && member <= 29;
        List<Part> parts = abmaParts(abma, !cup);
        return Bearing.marked(marking)
                .kind(cup ? BearingKind.INCH_TAPERED_CUP : BearingKind.INCH_TAPERED_CONE)
                .halfAngle(half(abma))
                .series(series(abma))
                .parts(parts)
                .warnings(List.of(
                        marking + " follows the numbering but is not in the table: measure it and type its sizes."))
                .made();
    }

    private static List<Part> abmaParts(Matcher abma, boolean cone) {
        List<Part> parts = new ArrayList<>();
        if (!abma.group(1).isEmpty()) {
            parts.add(new Part("J", "prefix", "metric sizes, inch numbering; minus tolerances"));
        }
        parts.add(new Part(abma.group(2), "prefix", "duty: " + duty(abma.group(2))));
        parts.add(new Part(
                abma.group(3),
                "angle",
                TaperAngles.code(abma.group(3))
                        .map(c -> "included cup angle " + number(c.fromDeg()) + " to " + number(c.toDeg()) + "°")
                        .orElse("thrust only")));
        parts.add(new Part(
                abma.group(4), "series", "series " + series(abma) + ": a cone fits only a cup of this series"));
        int member = Integer.parseInt(abma.group(5));
        parts.add(new Part(
                abma.group(5),
                "member",
                cone
                        ? "cone" + (member == 49 ? ", the largest bore of the series" : "")
                        : "cup" + (member == 10 ? ", the thinnest of the series" : "")));
        if (!abma.group(6).isEmpty()) {
            parts.add(new Part(abma.group(6), "suffix", "a variant, often of the corner radius: compare the old part"));
        }
        return parts;
    }

    private static String number(double deg) {
        return deg == Math.rint(deg) ? String.valueOf((int) deg) : String.valueOf(deg);
    }

    private static String duty(String prefix) {
        return switch (prefix) {
            case "EL" -> "extra light";
            case "LL" -> "lighter than light";
            case "L" -> "light";
            case "LM" -> "light to medium";
            case "M" -> "medium";
            case "HM" -> "heavy to medium";
            case "H" -> "heavy";
            case "HH" -> "heavier than heavy";
            default -> "extra heavy";
        };
    }

    /** Series as the ring tells it: prefix, angle code and series figures. */
    static String series(Matcher abma) {
        return abma.group(1) + abma.group(2) + abma.group(3) + abma.group(4);
    }

    private static @Nullable Double half(Matcher abma) {
        return TaperAngles.code(abma.group(3)).map(c -> c.takenDeg() / 2).orElse(null);
    }

    private static Bearing worn(String marking) {
        Set<String> found = Worn.tapers(marking);
        String sentence = found.isEmpty()
                ? "No number in the tables fits “" + marking + "”: measure the sizes."
                : "Worn: " + found.size() + " numbers in the tables fit. Measure to tell them apart.";
        return Bearing.marked(marking)
                .unread()
                .parts(List.of(new Part(marking, "unknown", "partly worn away")))
                .warnings(List.of(sentence))
                .completions(found.stream().limit(MOST_COMPLETIONS).toList())
                .made();
    }
}
