package unbo.core.designation;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.bearing.Part;
import unbo.core.bearing.Ratings;
import unbo.core.bearing.Suffixes;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.OwnBearings;
import unbo.core.measure.Show;

/**
 * Reads what is stamped on any rolling bearing: metric numbers, inch balls and tapers, needles, thrust bearings, hub
 * cartridges, headset bearings and plain sizes; prefixes and suffixes. Sizes come from the tables or from the number
 * itself. Letter case, blanks, hyphens, dots, slashes and look-alike characters are forgiven, the last with a note;
 * {@code ?} or {@code _} stands for a worn character. Nothing is dropped or guessed silently: what is not known is
 * kept. Source: ISO 15, ISO 104, ISO 355 dimension plans with the common numbering, ABMA numbering for inch tapers.
 */
public final class Decoder implements BearingBook {

    /** Longer markings are not read: nothing that long is stamped on a ring. */
    public static final int LONGEST = 60;

    private static final int MOST_COMPLETIONS = 20;
    private static final int MOST_MARKINGS = 20;
    private static final String NUMBER = "\\s*(\\d{1,3}(?:[.,]\\d{1,3})?)\\s*";
    private static final Pattern SIZE = Pattern.compile("(K?)" + NUMBER + "X" + NUMBER + "X" + NUMBER
            + "(?:[\\s/-]\\s*(\\d{2})\\s*[°]?\\s*[/X]\\s*(\\d{2})\\s*[°]?)?");
    private static final Pattern CARTRIDGE =
            Pattern.compile("DAC(?:(\\d{2})(\\d{2})(\\d{2})(\\d{2})|(\\d{2})(\\d{4})(\\d{3}))(?:/(\\d{2}))?([A-Z].*)?");
    private static final Pattern NEEDLE = Pattern.compile("(HK|BK)(\\d{2})(\\d{2})(.*)|(NKI?)(\\d{1,3})/(\\d{2})(.*)");
    private static final Pattern SCHEME =
            Pattern.compile("((?:N|NU|NJ|NUP|NF|QJ|NA|RNA)?\\d{1,3}?)(\\d{2})(\\D.*|\\d[A-Z].*)?");
    private static final Pattern PREFIX = Pattern.compile("(SS|S|W|F)[\\s-]?(?=\\d)(.+)");
    private static final Pattern WORDS_BEFORE = Pattern.compile("([A-Z][A-Z.]*)[\\s.-]+((?:[A-Z]+[\\s-]*)?\\d.*)");
    private static final String SEPARATORS = " -./";
    private static final Map<String, String> PREFIXES = Map.of(
            "SS",
            "stainless steel",
            "S",
            "stainless steel",
            "W",
            "stainless, or on miniatures a wide ring: schemes differ",
            "F",
            "flange on the outer ring");
    private static final Map<Character, Character> LOOK_ALIKES =
            Map.of('O', '0', 'Q', '0', 'I', '1', 'L', '1', 'B', '8', 'S', '5', 'Z', '2');
    private static final int LONGEST_NUMBER = Catalogue.numbers().stream()
            .mapToInt(b -> b.designation().length())
            .max()
            .orElseThrow();
    private static final Map<String, Double> SAME_BORE = sameBore();
    private static final Map<String, BearingKind> SERIES_KINDS = seriesKinds();
    /** Of listed numbers only, so they stay as small as the tables. */
    private static final Map<String, Bearing> TAPERS = new ConcurrentHashMap<>();

    private static final Map<String, List<Part>> GROUPS = new ConcurrentHashMap<>();

    /** The shipped tables alone. */
    public static final Decoder SHIPPED = new Decoder(List.of());

    private final List<OwnBearing> own;
    private final Map<String, OwnBearing> ownByKey = new HashMap<>();

    /** The shipped tables with a workshop's own bearings, which count before them. */
    public Decoder(List<OwnBearing> own) {
        this.own = List.copyOf(own);
        this.own.forEach(bearing ->
                ownByKey.putIfAbsent(OwnBearings.key(bearing.boundary().designation()), bearing));
    }

    @Override
    public List<OwnBearing> own() {
        return own;
    }

    /** Several markings at once, parted by lines, commas, semicolons or tabs; at least one is returned. */
    public static List<Bearing> several(String text, BearingBook book) {
        List<Bearing> all = Arrays.stream(text.split("[\\r\\n;\\t]+|,(?!\\d)", MOST_MARKINGS + 1))
                .map(String::strip)
                .filter(m -> !m.isEmpty())
                .limit(MOST_MARKINGS)
                .map(book::decode)
                .toList();
        return all.isEmpty() ? List.of(book.decode(text)) : all;
    }

    @Override
    public Bearing decode(String stamped) {
        OwnBearing listed = ownByKey.get(OwnBearings.key(stamped));
        return listed == null ? shipped(stamped) : owned(stamped, listed);
    }

    private static Bearing shipped(String stamped) {
        if (stamped.length() > LONGEST) {
            String kept = stamped.substring(0, LONGEST).strip();
            return unknown(
                    kept,
                    kept,
                    "Longer than anything that is stamped on a ring: type one marking of at most " + LONGEST
                            + " characters.");
        }
        String text = tidy(stamped);
        Bearing decoded = read(text);
        if (decoded.recognised() || !decoded.completions().isEmpty()) {
            return decoded;
        }
        for (int from = 1; from >= 0; from--) {
            String other = alike(text, from);
            Bearing again = other.equals(text) ? decoded : read(other);
            if (again.recognised()) {
                return again.noting(List.of("Read as " + other
                        + ": a letter was taken for the figure it looks like. Look at the ring again."));
            }
        }
        return decoded;
    }

    @Override
    public Bearing decodeSet(String stamped) {
        if (ownByKey.containsKey(OwnBearings.key(stamped))) {
            return decode(stamped);
        }
        String[] pair = stamped.split("/", 2);
        Bearing cone = pair.length == 2 ? decode(pair[0]) : null;
        return cone == null
                ? decode(stamped)
                : Catalogue.taper(cone.marking(), decode(pair[1]).marking())
                        .map(set -> Bearing.marked(cone.marking() + "/" + set.cup())
                                .kind(BearingKind.TAPERED_ROLLER)
                                .sizes(set.boreMm(), set.outsideMm(), set.widthMm())
                                .listed()
                                .halfAngle(cone.halfAngleDeg())
                                .series(cone.series())
                                .parts(cone.parts())
                                .warnings(cone.warnings())
                                .made())
                        .orElseGet(() -> decode(stamped));
    }

    private static Bearing owned(String stamped, OwnBearing bearing) {
        Boundary b = bearing.boundary();
        Bearing sized = Bearing.marked(stamped.strip())
                .kind(b.kind())
                .sizes(b.boreMm(), b.outsideMm(), b.widthMm())
                .listed()
                .series(b.series())
                .parts(List.of(
                        new Part(b.designation(), "number", b.kind().words() + ", of the workshop's own catalogue")))
                .warnings(List.of("Of the workshop's own catalogue."))
                .designation(b.designation())
                .made();
        return sized.rated(ratings(bearing, sized));
    }

    /** As its maker's list gives them; one that is missing there by the rule for its inside. */
    private static @Nullable Ratings ratings(OwnBearing bearing, Bearing sized) {
        Optional<Ratings> byRule = sized.inside().map(Ratings::of);
        Double c = bearing.cN();
        Double c0 = bearing.c0N();
        if (c == null || c0 == null && byRule.isEmpty()) {
            return null;
        }
        return new Ratings(
                c,
                c0 != null ? c0 : byRule.orElseThrow().c0N(),
                false,
                bearing.boundary().kind().roller());
    }

    private static String tidy(String stamped) {
        String plain = isPlain(stamped)
                ? stamped
                : Normalizer.normalize(stamped, Normalizer.Form.NFKC)
                        .replaceAll("[×✕х]", "x")
                        .replaceAll("[‐-―−]", "-")
                        .replaceAll("\\p{Cntrl}", " ");
        return plain.strip().toUpperCase(Locale.ROOT);
    }

    private static boolean isPlain(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c < ' ' || c > '~') {
                return false;
            }
        }
        return true;
    }

    private static Bearing read(String text) {
        if (text.isEmpty()) {
            return unknown("", "", "Nothing is stamped there: type what stands on the ring.");
        }
        if (text.indexOf('?') >= 0 || text.indexOf('_') >= 0) {
            return worn(text);
        }
        if (strip(text).startsWith("DAC")) {
            Matcher cartridge = CARTRIDGE.matcher(strip(text));
            if (cartridge.matches()) {
                return cartridge(strip(text), cartridge);
            }
        }
        if (text.indexOf('X') >= 0) {
            Matcher size = SIZE.matcher(text);
            if (size.matches()) {
                return size(text, size);
            }
        }
        String whole = strip(text);
        if (!Catalogue.withCone(whole).isEmpty() || !Catalogue.withCup(whole).isEmpty()) {
            return taper(whole);
        }
        Bearing pair = pair(text);
        if (pair != null) {
            return pair;
        }
        Bearing number = number(text, "");
        if (number != null) {
            return number;
        }
        return byItself(text, whole);
    }

    /** A listed taper without anything behind it: decoded once. */
    private static Bearing taper(String number) {
        return TAPERS.computeIfAbsent(number, TaperDecoder::decode);
    }

    /** Numbers that carry their own sizes, and inch tapers that no table lists. */
    private static Bearing byItself(String text, String whole) {
        Matcher needle = NEEDLE.matcher(whole);
        if (needle.matches()) {
            return needle(whole, needle);
        }
        Bearing taper = TaperDecoder.decode(whole);
        if (taper.recognised()) {
            return taper;
        }
        Bearing scheme = scheme(text, whole);
        if (scheme != null) {
            return scheme;
        }
        Matcher prefix = PREFIX.matcher(text);
        if (prefix.matches()) {
            Bearing rest = number(prefix.group(2).strip(), prefix.group(1));
            if (rest != null) {
                return rest;
            }
        }
        Matcher words = WORDS_BEFORE.matcher(text);
        if (words.matches()) {
            Bearing rest = read(words.group(2).strip());
            if (rest.recognised()) {
                return rest.after(new Part(words.group(1), "unknown", "stands before the number; not known here"));
            }
        }
        return unknown(text, text, "“" + text + "” is not known: measure bore, outside and width, and type them.");
    }

    /** A number that no table lists but whose series is known: its bore is told, its outside is not. */
    private static @Nullable Bearing scheme(String text, String whole) {
        Matcher number = SCHEME.matcher(head(text, whole));
        if (!number.matches() || !SERIES_KINDS.containsKey(number.group(1))) {
            return null;
        }
        int code = Integer.parseInt(number.group(2));
        BearingKind kind = SERIES_KINDS.getOrDefault(number.group(1), BearingKind.UNKNOWN);
        double bore = code >= 4 ? code * 5 : new int[] {10, 12, 15, 17}[code];
        List<Part> parts = new ArrayList<>();
        parts.addAll(groups(
                number.group(1) + number.group(2),
                new Boundary(kind, number.group(1) + number.group(2), bore, bore + 1, 1, number.group(1), "")));
        Suffixes suffixes = Suffixes.read(chunks(text, number.group(1).length() + 2), kind);
        parts.addAll(suffixes.parts());
        List<String> warnings = new ArrayList<>();
        Traps.of(number.group(1) + number.group(2)).ifPresent(warnings::add);
        warnings.add("Not in the table: the figures tell the bore, the series no outside diameter. Measure it.");
        return Bearing.marked(text)
                .kind(kind)
                .sizes(bore, null, null)
                .series(number.group(1))
                .parts(parts)
                .warnings(warnings)
                .designation(number.group(1) + number.group(2))
                .suffixes(suffixes)
                .made();
    }

    /** What stands before the first separator behind figures; the whole where there is none. */
    private static String head(String text, String whole) {
        for (int i = 1; i < text.length(); i++) {
            if (SEPARATORS.indexOf(text.charAt(i)) >= 0 && Character.isDigit(text.charAt(i - 1)) && i > 2) {
                return strip(text.substring(0, i));
            }
        }
        return whole;
    }

    private static Map<String, BearingKind> seriesKinds() {
        Map<String, BearingKind> kinds = new HashMap<>();
        Catalogue.numbers().stream()
                .filter(b -> NumberSeries.of(b.series()).isPresent())
                .forEach(b -> kinds.putIfAbsent(b.series(), b.kind()));
        return kinds;
    }

    /** Without blanks, hyphens and dots, and without slashes at its ends. */
    private static String strip(String text) {
        StringBuilder out = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c != ' ' && c != '-' && c != '.') {
                out.append(c);
            }
        }
        int from = 0;
        int to = out.length();
        while (from < to && out.charAt(from) == '/') {
            from++;
        }
        while (to > from && out.charAt(to - 1) == '/') {
            to--;
        }
        return out.substring(from, to);
    }

    private static Bearing unknown(String marking, String text, String sentence) {
        return Bearing.marked(marking)
                .unread()
                .parts(
                        text.isEmpty()
                                ? List.of()
                                : List.of(new Part(
                                        text,
                                        "unknown",
                                        "not in the tables and of no numbering known here; kept as it stands")))
                .warnings(List.of(sentence))
                .made();
    }

    /** A cone and a cup written as one: 15123/15245. */
    private static @Nullable Bearing pair(String text) {
        int slash = text.indexOf('/');
        if (slash < 2) {
            return null;
        }
        String cone = strip(text.substring(0, slash));
        String cup = cup(cone, strip(text.substring(slash + 1)));
        if (Catalogue.withCone(cone).isEmpty() || Catalogue.withCup(cup).isEmpty()) {
            return null;
        }
        TaperMatch match = TaperMatch.of(cone, cup);
        Bearing of = TaperDecoder.decode(cone);
        return Catalogue.taper(cone, cup)
                .map(set -> Bearing.marked(cone + "/" + cup)
                        .kind(BearingKind.TAPERED_ROLLER)
                        .sizes(set.boreMm(), set.outsideMm(), set.widthMm())
                        .listed()
                        .halfAngle(of.halfAngleDeg())
                        .series(of.series())
                        .parts(List.of(
                                new Part(cone, "cone", "cone, bore " + mm(set.boreMm())),
                                new Part(
                                        cup,
                                        "cup",
                                        "cup, outside " + mm(set.outsideMm()) + ", assembled width "
                                                + mm(set.widthMm()))))
                        .warnings(List.of(
                                match.reason(),
                                "Inch tapers have plus tolerances: the same shaft is looser in them. Measure "
                                        + "before ordering."))
                        .made())
                .orElseGet(() -> Bearing.marked(cone + "/" + cup)
                        .kind(BearingKind.TAPERED_ROLLER)
                        .sizes(of.boreMm(), null, null)
                        .halfAngle(of.halfAngleDeg())
                        .series(of.series())
                        .parts(List.of(new Part(cone, "cone", "cone"), new Part(cup, "cup", "cup")))
                        .warnings(List.of(match.reason()))
                        .made());
    }

    /** A cup of the cone's series that is written by its last figures only: L44649/10 is L44610. */
    private static String cup(String cone, String written) {
        if (!written.matches("\\d{2}[A-Z]?") || cone.length() < 4) {
            return written;
        }
        String whole = cone.replaceAll("\\d{2}[A-Z]*$", "") + written;
        return Catalogue.withCup(whole).isEmpty() ? written : whole;
    }

    /** A listed or derived number with what stands behind it; null when there is none. */
    private static @Nullable Bearing number(String text, String prefix) {
        String joined = strip(text);
        for (int length = Math.min(LONGEST_NUMBER, joined.length()); length >= 2; length--) {
            String number = alias(joined.substring(0, length));
            Optional<Boundary> row = Catalogue.number(number);
            if (row.isEmpty()) {
                continue;
            }
            BearingKind kind = row.get().kind();
            List<String> chunks = chunks(text, length);
            boolean ends = ends(text, length);
            String next = chunks.isEmpty() ? "" : chunks.get(0);
            boolean figure = !next.isEmpty()
                    && Character.isDigit(next.charAt(0))
                    && Character.isDigit(joined.charAt(length - 1));
            if (!ends && figure && !Suffixes.known(next, kind)) {
                continue;
            }
            if (runsOver(text, joined, length)) {
                continue;
            }
            if (kind == BearingKind.TAPERED_ROLLER) {
                return chunks.isEmpty() ? taper(joined) : TaperDecoder.decode(joined);
            }
            return listed(text, prefix, joined.substring(0, length), row.get(), Behind.of(chunks, row.get(), text));
        }
        return null;
    }

    /** True where a separator stands inside the first {@code length} characters at which a shorter number ends. */
    private static boolean runsOver(String text, String joined, int length) {
        for (int shorter = length - 1; shorter >= 3; shorter--) {
            if (ends(text, shorter)
                    && Catalogue.number(alias(joined.substring(0, shorter))).isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** 618xx and 619xx are 68xx and 69xx. */
    private static String alias(String number) {
        return number.length() == 5 && (number.startsWith("618") || number.startsWith("619"))
                ? "6" + number.substring(2)
                : number;
    }

    /** Where the first {@code length} characters that count end in the text as typed. */
    private static int place(String text, int length) {
        int counted = 0;
        int at = 0;
        while (at < text.length() && counted < length) {
            char c = text.charAt(at++);
            counted += c != ' ' && c != '-' && c != '.' ? 1 : 0;
        }
        return at;
    }

    private static boolean ends(String text, int length) {
        int at = place(text, length);
        return at >= text.length() || SEPARATORS.indexOf(text.charAt(at)) >= 0;
    }

    private static List<String> chunks(String text, int length) {
        String rest = text.substring(Math.min(text.length(), place(text, length)));
        List<String> chunks = new ArrayList<>(2);
        int from = 0;
        for (int i = 0; i <= rest.length(); i++) {
            if (i == rest.length() || SEPARATORS.indexOf(rest.charAt(i)) >= 0) {
                if (i > from) {
                    add(chunks, rest.substring(from, i));
                }
                from = i + 1;
            }
        }
        return chunks;
    }

    /** ABEC and its figure are one mark, whatever stands between them. */
    private static void add(List<String> chunks, String chunk) {
        int last = chunks.size() - 1;
        if (last >= 0 && chunks.get(last).equals("ABEC") && chunk.matches("\\d")) {
            chunks.set(last, "ABEC" + chunk);
        } else {
            chunks.add(chunk);
        }
    }

    private static Bearing listed(String text, String prefix, String number, Boundary row, Behind behind) {
        Suffixes suffixes = behind.suffixes();
        SpecialBore special = behind.bore();
        List<Part> parts = new ArrayList<>(6);
        if (!prefix.isEmpty()) {
            parts.add(new Part(prefix, "prefix", Objects.requireNonNull(PREFIXES.get(prefix))));
        }
        parts.addAll(GROUPS.computeIfAbsent(number, n -> groups(n, row)));
        if (special != null) {
            parts.add(new Part(special.text(), "bore", special.words()));
        }
        parts.addAll(suffixes.parts());
        List<String> warnings = new ArrayList<>(4);
        if (special != null) {
            warnings.add("Bore " + special.words() + ", not the number's " + mm(row.boreMm()) + ": measure it.");
        }
        double width = width(row, suffixes, warnings);
        warn(row, suffixes, warnings);
        warnings.add("Measure before ordering.");
        StringBuilder printed = new StringBuilder(prefix).append(number);
        if (special != null) {
            printed.append("-").append(special.text());
        }
        for (Part part : suffixes.parts()) {
            char first = part.text().charAt(0);
            boolean slash = part.role().equals("clearance") || part.role().equals("tolerance");
            printed.append(slash ? "/" : Character.isDigit(first) || part.role().equals("unknown") ? "-" : "")
                    .append(part.text());
        }
        return Bearing.marked(text)
                .kind(row.kind())
                .sizes(special == null ? row.boreMm() : special.mm(), row.outsideMm(), width)
                .listed()
                .series(row.series())
                .parts(parts)
                .warnings(warnings)
                .designation(printed.toString())
                .suffixes(suffixes)
                .made();
    }

    /** What stands behind a number. @param bore null where none is written */
    private record Behind(@Nullable SpecialBore bore, Suffixes suffixes) {

        static Behind of(List<String> chunks, Boundary row, String text) {
            SpecialBore bore = SpecialBore.of(chunks, row, text);
            List<String> marks = bore == null ? chunks : chunks.subList(bore.chunks(), chunks.size());
            return new Behind(bore, Suffixes.read(marks, row.kind()));
        }
    }

    /** The groups of a number without what stands behind it. */
    private static List<Part> groups(String number, Boundary row) {
        List<Part> parts = new ArrayList<>();
        Optional<NumberSeries> series = NumberSeries.of(
                number.length() == 5 && number.startsWith("61") ? number.substring(0, 3) : row.series());
        String letters = row.series();
        if (series.isEmpty() || !number.startsWith(series.get().series())) {
            int figures = 0;
            while (figures < number.length() && !Character.isDigit(number.charAt(figures))) {
                figures++;
            }
            if (figures > 0 && figures < number.length() && number.startsWith(letters)) {
                parts.add(new Part(letters, "type", row.kind().words()));
                parts.add(new Part(
                        number.substring(letters.length()), "number", "bore " + mm(row.boreMm()) + ", as listed"));
            } else {
                parts.add(new Part(number, "number", row.kind().words() + ", as listed"));
            }
            return List.copyOf(parts);
        }
        String head = series.get().series();
        int type = 0;
        while (type < head.length() - 1 && !Character.isDigit(head.charAt(type))) {
            type++;
        }
        boolean narrow = head.startsWith("16");
        int split = narrow ? 2 : Math.max(1, type);
        parts.add(
                new Part(head.substring(0, split), "type", row.kind().words() + (narrow ? ", narrower than 60" : "")));
        if (split < head.length()) {
            parts.add(new Part(head.substring(split), "series", series.get().meaning()));
        }
        String code = number.substring(head.length());
        parts.add(new Part(
                code,
                "bore-code",
                "bore " + mm(row.boreMm())
                        + (code.startsWith("/") || code.length() == 1
                                ? " as written"
                                : row.boreMm() >= 20 ? " (× 5)" : "")));
        return List.copyOf(parts);
    }

    /** Small ones are wider with shields or seals: the table's note tells how wide. */
    private static double width(Boundary row, Suffixes suffixes, List<String> warnings) {
        boolean closed = suffixes.sealing().contains("shield") || suffixes.sealed() && row.widerSealed();
        if (closed && row.sealedWidthMm() != row.widthMm()) {
            warnings.add("With shields or seals it is " + mm(row.sealedWidthMm()) + " wide, open " + mm(row.widthMm())
                    + ".");
            return row.sealedWidthMm();
        }
        return row.widthMm();
    }

    private static void warn(Boundary row, Suffixes suffixes, List<String> warnings) {
        if (suffixes.maybeSealed()) {
            warnings.add("A mark looks like a seal's and is not known: look whether it is open, shielded or sealed.");
        }
        if (!row.note().isEmpty() && row.sealedWidthMm() == row.widthMm()) {
            warnings.add(capital(row.note()) + ".");
        }
        if (suffixes.sealing().startsWith("one-")) {
            warnings.add("One side is open: it must face grease or oil.");
        }
        if (suffixes.fullComplement()) {
            warnings.add("No cage: more load, low speed; for pivots only.");
        }
        if (!row.kind().says().isEmpty()) {
            warnings.add(capital(row.kind().says()) + ".");
        }
        Traps.of(row.designation()).ifPresent(warnings::add);
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static Bearing size(String text, Matcher m) {
        double bore = value(m.group(2));
        double outside = value(m.group(3));
        double width = value(m.group(4));
        if (outside <= bore) {
            return unknown(text, text, "The outside must be larger than the bore: bore × outside × width.");
        }
        List<Part> parts = List.of(
                new Part(m.group(2), "bore", "bore " + mm(bore) + (m.group(1).isEmpty() ? "" : ", under the rollers")),
                new Part(m.group(3), "outside", "outside " + mm(outside)),
                new Part(m.group(4), "width", (m.group(5) == null ? "width " : "height ") + mm(width)));
        if (m.group(5) != null) {
            List<Part> angled = new ArrayList<>(parts);
            angled.add(new Part(
                    m.group(5),
                    "chamfer",
                    "chamfer of the inner ring " + m.group(5) + "°, to crown race or compression ring"));
            angled.add(new Part(
                    m.group(6),
                    "chamfer",
                    "chamfer of the outer ring " + m.group(6) + "°, to the cup; these are not the ball contact angle"));
            String name = plain(bore) + "x" + plain(outside) + "x" + plain(width) + " " + m.group(5) + "/" + m.group(6);
            return Bearing.marked(text)
                    .kind(BearingKind.HEADSET_ANGULAR_CONTACT)
                    .sizes(bore, outside, width)
                    .listed()
                    .series("headset")
                    .parts(angled)
                    .warnings(List.of("Real headset bearings differ by 0.1 mm: measure, and compare both chamfers."))
                    .designation(name)
                    .made();
        }
        boolean cage = !m.group(1).isEmpty();
        List<String> same = cage
                ? List.of()
                : Catalogue.numbers().stream()
                        .filter(b -> b.boreMm() == bore && b.outsideMm() == outside && b.widthMm() == width)
                        .map(Boundary::designation)
                        .toList();
        String name = (cage ? "K " : "") + plain(bore) + "x" + plain(outside) + "x" + plain(width);
        return Bearing.marked(text)
                .kind(cage ? BearingKind.NEEDLE_CAGE : BearingKind.UNKNOWN)
                .sizes(bore, outside, width)
                .listed()
                .series(cage ? "K" : "")
                .parts(parts)
                .warnings(List.of(
                        cage
                                ? "A needle cage: shaft and housing are its races; the sizes are under and over "
                                        + "the rollers."
                                : same.isEmpty()
                                        ? "A size, not a number; the tables list none of exactly this size."
                                        : "A size, not a number: these have exactly it."))
                .completions(same)
                .designation(name)
                .made();
    }

    private static Bearing cartridge(String text, Matcher m) {
        boolean tenths = m.group(5) != null;
        double bore = Double.parseDouble(tenths ? m.group(5) : m.group(1));
        double outside = tenths
                ? Double.parseDouble(m.group(6)) / 100
                : Double.parseDouble(m.group(2)) + Double.parseDouble(m.group(3)) / 100;
        double width = tenths ? Double.parseDouble(m.group(7)) / 10 : Double.parseDouble(m.group(4));
        if (outside <= bore) {
            return unknown(text, text, "The outside would be smaller than the bore: compare the number with the ring.");
        }
        List<Part> parts = new ArrayList<>(List.of(
                new Part("DAC", "type", "double-row hub cartridge, sizes in its number"),
                new Part(tenths ? m.group(5) : m.group(1), "bore", "bore " + mm(bore)),
                new Part(tenths ? m.group(6) : m.group(2) + m.group(3), "outside", "outside " + mm(outside)),
                new Part(tenths ? m.group(7) : m.group(4), "width", "width over the inner rings " + mm(width))));
        if (m.group(8) != null) {
            parts.add(new Part(m.group(8), "width", "width of the outer ring " + m.group(8) + " mm"));
        }
        if (m.group(9) != null) {
            parts.add(new Part(m.group(9), "unknown", "not known here; kept as it stands"));
        }
        return Bearing.marked(text)
                .kind(BearingKind.HUB_CARTRIDGE)
                .sizes(bore, outside, width)
                .listed()
                .series("DAC")
                .parts(parts)
                .warnings(List.of(
                        "The exact number, magnetic encoder side inward where it has one. Measure before ordering."))
                .made();
    }

    private static Bearing needle(String text, Matcher m) {
        boolean drawn = m.group(1) != null;
        String type = drawn ? m.group(1) : m.group(5);
        double bore = Double.parseDouble(drawn ? m.group(2) : m.group(6));
        double width = Double.parseDouble(drawn ? m.group(3) : m.group(7));
        String rest = drawn ? m.group(4) : m.group(8);
        Double outside = SAME_BORE.get(type + plain(bore));
        if (bore < 3 || width < 4) {
            return unknown(text, text, "No needle bearing is so small: compare the number with the ring.");
        }
        List<Part> parts = new ArrayList<>(List.of(
                new Part(
                        type,
                        "type",
                        drawn
                                ? "drawn-cup needle roller bearing" + (type.equals("BK") ? ", one end closed" : "")
                                : "machined needle roller bearing" + (type.equals("NK") ? " without inner ring" : "")),
                new Part(
                        drawn ? m.group(2) : m.group(6),
                        "bore",
                        "bore " + mm(bore) + (type.equals("NKI") ? "" : ", under the rollers")),
                new Part(drawn ? m.group(3) : m.group(7), "width", "width " + mm(width))));
        Suffixes suffixes =
                rest.isEmpty() ? Suffixes.NONE : Suffixes.read(List.of(rest), BearingKind.MACHINED_NEEDLE_ROLLER);
        parts.addAll(suffixes.parts());
        return Bearing.marked(text)
                .kind(drawn ? BearingKind.DRAWN_CUP_NEEDLE_ROLLER : BearingKind.MACHINED_NEEDLE_ROLLER)
                .sizes(bore, outside, width)
                .listed(outside != null)
                .series(type)
                .parts(parts)
                .warnings(List.of(
                        "Not in the table: bore and width stand in the number"
                                + (outside == null
                                        ? "; measure the outside."
                                        : ", the outside is that of the same bore."),
                        "Measure before ordering."))
                .suffixes(suffixes)
                .made();
    }

    private static Map<String, Double> sameBore() {
        Map<String, Double> outside = new HashMap<>();
        Catalogue.numbers().stream()
                .filter(b -> List.of("HK", "BK", "NK", "NKI").contains(b.series()))
                .forEach(b -> outside.putIfAbsent(b.series() + plain(b.boreMm()), b.outsideMm()));
        return outside;
    }

    private static Bearing worn(String text) {
        String first = strip(text.split("[\\s-]", 2)[0]);
        Set<String> found = Worn.numbers(first);
        if (found.isEmpty() && first.contains("/")) {
            found = Worn.numbers(
                    first.substring(0, first.indexOf('/'))); // what stands behind is a suffix, as in 63?5/C3
        }
        String sentence = found.isEmpty()
                ? "No number in the tables fits “" + text + "”: measure the sizes."
                : "Worn: " + found.size() + (found.size() == 1 ? " number" : " numbers") + " in the tables "
                        + (found.size() == 1 ? "fits" : "fit") + ". Measure to tell them apart.";
        return Bearing.marked(text)
                .unread()
                .parts(List.of(new Part(text, "unknown", "partly worn away")))
                .warnings(List.of(sentence))
                .completions(found.stream().limit(MOST_COMPLETIONS).toList())
                .made();
    }

    /** Letters among figures taken for the figures they look like, among the first six characters. */
    private static String alike(String text, int from) {
        StringBuilder out = new StringBuilder(text);
        boolean figures = text.chars().anyMatch(Character::isDigit);
        for (int i = from; figures && i < out.length(); i++) {
            char c = out.charAt(i);
            boolean beside = i > 0 && Character.isDigit(out.charAt(i - 1))
                    || i + 1 < text.length() && Character.isDigit(text.charAt(i + 1));
            if (beside && i < 6 && LOOK_ALIKES.containsKey(c)) {
                out.setCharAt(i, LOOK_ALIKES.getOrDefault(c, c));
            }
        }
        return out.toString();
    }

    private static double value(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static String mm(double mm) {
        return Show.number(mm, 3) + " mm";
    }

    private static String plain(double mm) {
        return Show.number(mm, 3);
    }
}
