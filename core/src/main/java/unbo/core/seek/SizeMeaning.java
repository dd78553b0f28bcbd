package unbo.core.seek;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.Boundary;
import unbo.core.catalogue.CaliperFind;
import unbo.core.designation.SealSize;
import unbo.core.identify.SealFind;
import unbo.core.measure.Amount;
import unbo.core.measure.Quantity;
import unbo.core.measure.QuantityReader;
import unbo.core.measure.Show;
import unbo.core.seek.Meaning.Kind;
import unbo.core.seek.Meaning.Lead;

/** Two or three sizes, of a bearing or of a shaft seal: what is listed with them. */
final class SizeMeaning {

    private static final String NUMBER =
            "(\\d+\\s*-\\s*\\d+/\\d+|\\d+\\s\\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d+)?|[.,]\\d+)";
    private static final String UNIT = "\\s*(mm|in|inch|inches|\"|”)?";
    private static final String BETWEEN = "\\s*(?:[x×*/;]|\\bby\\b|\\s-\\s|,\\s|\\s)\\s*";
    private static final Pattern SIZES = Pattern.compile(
            NUMBER + UNIT + BETWEEN + NUMBER + UNIT + "(?:" + BETWEEN + NUMBER + UNIT + ")?", Pattern.CASE_INSENSITIVE);
    private static final Pattern DASHED =
            Pattern.compile("(\\d+(?:\\.\\d+)?)[-/](\\d+(?:\\.\\d+)?)[-/](\\d+(?:\\.\\d+)?)");
    private static final Pattern NAMED = Pattern.compile(
            "\\b(bore|inside|inner|id|i\\.d\\.|shaft|outside|outer|od|o\\.d\\.|housing|width|wide|thick|w|b|d)"
                    + "\\b[\\s:=]*"
                    + NUMBER + "|" + NUMBER + UNIT
                    + "\\s*\\b(bore|inside|id|shaft|outside|od|housing|width|wide|thick)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SEALED = Pattern.compile(
            "(?i)\\b(?:shaft\\s+seal|oil\\s+seal|seals?|radial\\s+seal|TC|TB|TG|SC|AS|BAS|R2[13]|RWDR|NBR|FKM)\\b\\.?");
    private static final Pattern IDLE = Pattern.compile(
            "(?i)\\b(?:bearings?|sizes?|measures?|measured|about|ca|approx|have|got|looking|for|a|is|with|it)"
                    + "\\b[:.]?");
    private static final Set<String> OUTSIDES = Set.of("outside", "outer", "od", "o.d.", "housing");
    private static final Set<String> WIDTHS = Set.of("width", "wide", "thick", "w", "b");
    private static final double MEASURED_TO_MM = 0.05;
    private static final double SMALLEST_MM = 2;
    private static final double LARGEST_MM = 500;
    private static final int MOST = 6;

    private SizeMeaning() {}

    /** Sizes as typed, mm; a missing one is null. */
    private record Sizes(
            double boreMm, double outsideMm, @Nullable Double widthMm) {

        Map<String, String> inputs(String bore, String outside, String width) {
            Map<String, String> inputs = new LinkedHashMap<>();
            inputs.put(bore, Show.number(boreMm, 4) + " mm");
            inputs.put(outside, Show.number(outsideMm, 4) + " mm");
            if (widthMm != null) {
                inputs.put(width, Show.number(widthMm, 4) + " mm");
            }
            return inputs;
        }

        String words() {
            return Show.number(boreMm, 3) + " × " + Show.number(outsideMm, 3)
                    + (widthMm == null ? "" : " × " + Show.number(widthMm, 3)) + " mm";
        }
    }

    static List<Meaning> of(String text, BearingBook book) {
        boolean sealed = SEALED.matcher(text).find();
        String plain = IDLE.matcher(SEALED.matcher(text).replaceAll(" "))
                .replaceAll(" ")
                .replaceAll("\\s+", " ")
                .strip();
        Sizes sizes = read(plain);
        if (sizes == null
                || sizes.outsideMm() <= sizes.boreMm()
                || sizes.boreMm() < SMALLEST_MM
                || sizes.boreMm() > LARGEST_MM) {
            return List.of();
        }
        List<Meaning> meanings = new ArrayList<>();
        CaliperFind found = CaliperFind.of(
                new CaliperFind.Measured(sizes.boreMm(), sizes.outsideMm(), sizes.widthMm(), MEASURED_TO_MM),
                book.own());
        SealFind seals = SealFind.of(new SealFind.Measured(sizes.boreMm(), sizes.outsideMm(), null));
        boolean bearing = !found.exact().isEmpty();
        boolean seal = !seals.fitting().isEmpty();
        meanings.add(bearings(sizes, found, book, sealed ? 0.6 : bearing ? 0.96 : seal ? 0.7 : 0.85));
        if (sealed || seal) {
            meanings.add(seal(sizes, seals, sealed ? 0.97 : bearing ? 0.75 : 0.9));
        }
        return meanings;
    }

    private static @Nullable Sizes read(String plain) {
        Matcher dashed = DASHED.matcher(plain);
        if (dashed.matches()) {
            return sizes(plain, dashed.group(1), dashed.group(2), dashed.group(3), "mm");
        }
        Matcher sizes = SIZES.matcher(plain);
        if (sizes.matches()) {
            return sizes(
                    plain,
                    sizes.group(1),
                    sizes.group(3),
                    sizes.group(5),
                    unit(sizes.group(2), sizes.group(4), sizes.group(6)));
        }
        return named(plain);
    }

    private static String unit(@Nullable String... units) {
        for (int i = units.length - 1; i >= 0; i--) {
            String unit = units[i];
            if (unit != null) {
                return unit.equalsIgnoreCase("mm") ? "mm" : "in";
            }
        }
        return "";
    }

    private static @Nullable Sizes sizes(
            String plain, String bore, String outside, @Nullable String width, String unit) {
        boolean fractions = plain.matches(".*\\d/\\d.*") && plain.matches(".*[x×*].*|.*\\s.*");
        String in = unit.isEmpty() ? fractions ? "in" : "mm" : unit;
        Double d = mm(bore, in);
        Double big = mm(outside, in);
        Double wide = width == null ? null : mm(width, in);
        return d == null || big == null || width != null && wide == null ? null : new Sizes(d, big, wide);
    }

    private static @Nullable Double mm(String number, String unit) {
        Amount amount = QuantityReader.read(number + " " + unit, Quantity.LENGTH.metric())
                .amount();
        return amount == null ? null : Double.valueOf(amount.base());
    }

    /** Sizes that are named, in any order: {@code id 25 od 52 w 15}, {@code 25 bore 52 outside}. */
    private static @Nullable Sizes named(String plain) {
        Matcher one = NAMED.matcher(plain);
        Map<String, Double> told = new LinkedHashMap<>();
        String unit = plain.toLowerCase(Locale.ROOT).matches(".*(\\d\\s*(in|inch|inches)\\b|\").*") ? "in" : "mm";
        while (one.find()) {
            String name = Optional.ofNullable(one.group(1)).orElse(one.group(5)).toLowerCase(Locale.ROOT);
            String exact = Optional.ofNullable(one.group(1)).orElse(one.group(5));
            Double mm = mm(Optional.ofNullable(one.group(2)).orElse(one.group(3)), unit);
            if (mm != null) {
                told.put(
                        OUTSIDES.contains(name) || exact.equals("D")
                                ? "outside"
                                : WIDTHS.contains(name) ? "width" : "bore",
                        mm);
            }
        }
        Double bore = told.get("bore");
        Double outside = told.get("outside");
        return bore == null || outside == null ? null : new Sizes(bore, outside, told.get("width"));
    }

    private static Meaning bearings(Sizes sizes, CaliperFind found, BearingBook book, double score) {
        List<CaliperFind.Found> shown = found.exact().isEmpty() ? found.near() : found.exact();
        List<String> says = new ArrayList<>();
        says.add(inches(sizes));
        if (found.exact().isEmpty()) {
            says.add(
                    shown.isEmpty()
                            ? "No bearing is listed near these sizes: is it a bush, or a seal?"
                            : "None is listed with exactly these; the nearest:");
        }
        shown.stream().limit(MOST).forEach(f -> says.add(line(f.bearing())));
        List<Lead> leads = new ArrayList<>();
        leads.add(new Lead("All that have these sizes", "find", sizes.inputs("bore", "outside", "width")));
        shown.stream()
                .limit(1)
                .forEach(f -> leads.add(new Lead(
                        "Number " + f.bearing().designation(),
                        "decode",
                        Meanings.inputs("marking", f.bearing().designation()))));
        Optional<Bearing> drawn =
                shown.stream().findFirst().map(f -> book.decodeSet(f.bearing().designation()));
        String first = found.exact().isEmpty()
                ? ""
                : ": " + found.exact().get(0).bearing().designation()
                        + (found.exact().size() > 1 ? " and " + (found.exact().size() - 1) + " more" : "");
        return new Meaning(Kind.SIZES, sizes.words() + first, score, says, leads, drawn);
    }

    private static String inches(Sizes sizes) {
        return Show.inches(sizes.boreMm()).replace(" in", "") + " × "
                + Show.inches(sizes.outsideMm()).replace(" in", "")
                + (sizes.widthMm() == null
                        ? ""
                        : " × " + Show.inches(sizes.widthMm()).replace(" in", ""))
                + " in";
    }

    private static String line(Boundary b) {
        return b.designation() + ", " + b.kind().words() + ", " + Show.number(b.boreMm(), 3) + " × "
                + Show.number(b.outsideMm(), 3) + " × " + Show.number(b.widthMm(), 3) + " mm";
    }

    private static Meaning seal(Sizes sizes, SealFind seals, double score) {
        List<SealSize> shown = seals.fitting().isEmpty() ? seals.near() : seals.fitting();
        List<String> says = new ArrayList<>();
        says.add(
                seals.fitting().isEmpty()
                        ? "ISO 6194-1 has no seal of just these diameters"
                                + (shown.isEmpty() ? ": one of them was measured worn, or it is a special." : "; near:")
                        : "Sizes of ISO 6194-1 for this shaft in this housing:");
        shown.forEach(s -> says.add(SealFind.words(s) + " mm"));
        return new Meaning(
                Kind.SEAL,
                "Shaft seal " + sizes.words(),
                score,
                says,
                List.of(
                        new Lead(
                                "Find the seal",
                                "seal-find",
                                new Sizes(sizes.boreMm(), sizes.outsideMm(), null).inputs("shaft", "housing", "")),
                        new Lead(
                                "Which way round, room to move it",
                                "seal",
                                Meanings.inputs("marking", marking(sizes)))));
    }

    private static String marking(Sizes sizes) {
        return Show.number(sizes.boreMm(), 2) + "x" + Show.number(sizes.outsideMm(), 2)
                + (sizes.widthMm() == null ? "" : "x" + Show.number(sizes.widthMm(), 2));
    }
}
