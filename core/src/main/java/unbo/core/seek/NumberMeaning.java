package unbo.core.seek;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.Part;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.Classes;
import unbo.core.designation.Decoder;
import unbo.core.designation.TaperMatch;
import unbo.core.measure.Show;
import unbo.core.seek.Meaning.Kind;
import unbo.core.seek.Meaning.Lead;

/** A number off a ring, several of them, a cone with its cup, or a mark by itself. */
final class NumberMeaning {

    private static final Pattern IDLE = Pattern.compile(
            "(?i)(?:^|\\s)(?:bearings?|numbers?|no\\.?|nr\\.?|part|ring|is|a|an|the|what|what's|number|stamped|marked|"
                    + "says|means?|mean|does|cone|cup|with|and|&|\\+|i|have|got|it|on|of|set)(?=\\s|$)");
    private static final Pattern FIGURE = Pattern.compile(".*\\d.*");
    private static final Pattern MARK = Pattern.compile("[A-Z0-9]{1,6}");
    private static final String CARRIER = "6205";
    private static final int MOST_SETS = 6;
    private static final double LISTED = 0.97;
    private static final double BY_RULE = 0.9;
    private static final double ALIKE = 0.85;
    private static final double WORN = 0.84;
    private static final double UNSIZED = 0.62;
    /** Where the words around it, or its unit, say that something else is asked. */
    private static final double BESIDE = 0.8;

    private static final int FIGURES_OF_A_NUMBER = 3;

    private NumberMeaning() {}

    static List<Meaning> of(String text, BearingBook book) {
        String plain = plain(text);
        if (plain.isEmpty()) {
            return List.of();
        }
        Bearing whole = book.decodeSet(plain);
        if (known(whole)) {
            Meaning pair = pair(plain, book);
            boolean beside = AmountMeaning.rather(text) || WordTable.tells(plain);
            Meaning number = bearing(whole);
            return Stream.of(pair, beside ? number.scored(BESIDE * number.score()) : number)
                    .filter(meaning -> meaning != null)
                    .toList();
        }
        List<Meaning> meanings = new ArrayList<>();
        Meaning pair = pair(plain, book);
        if (pair != null) {
            meanings.add(pair);
        }
        meanings.addAll(several(plain, book, pair == null ? LISTED : 0.6));
        if (meanings.isEmpty() && !whole.completions().isEmpty()) {
            meanings.add(worn(plain, whole));
        }
        if (meanings.isEmpty()) {
            Stream.ofNullable(mark(plain)).forEach(meanings::add);
        }
        if (meanings.isEmpty() && whole.recognised() && !whole.bySizes()) {
            meanings.add(bearing(whole));
        }
        return meanings;
    }

    /** Without the words that stand around a number. */
    static String plain(String text) {
        String plain = text.replaceAll("[,;:?!](?=\\s|$)", " ").strip();
        String before;
        do {
            before = plain;
            plain = IDLE.matcher(plain).replaceAll(" ").replaceAll("\\s+", " ").strip();
        } while (!plain.equals(before));
        return plain;
    }

    /** True for a number with sizes, as it stands or as sizes that are a bearing's by themselves. */
    static boolean known(Bearing b) {
        return b.recognised()
                && !b.bySizes()
                && b.boreMm() != null
                && b.marking().chars().filter(Character::isDigit).count() >= FIGURES_OF_A_NUMBER;
    }

    private static List<Meaning> several(String plain, BearingBook book, double most) {
        List<Bearing> all = Decoder.several(plain, book);
        if (all.size() < 2) {
            all = Arrays.stream(plain.split("\\s+|/"))
                    .filter(word -> FIGURE.matcher(word).matches())
                    .map(book::decode)
                    .toList();
        }
        List<Bearing> known = all.stream().filter(NumberMeaning::known).toList();
        if (known.size() < 2 || known.size() < all.size()) {
            return List.of();
        }
        List<Meaning> meanings = new ArrayList<>();
        for (Bearing b : known) {
            meanings.add(bearing(b).scored(most - 0.01 * meanings.size()));
        }
        return meanings;
    }

    static Meaning bearing(Bearing b) {
        List<String> says = new ArrayList<>();
        if (b.boreMm() != null) {
            says.add(sizes(b.boreMm(), b.outsideMm(), b.widthMm()));
        }
        if (b.suffixes().sealed()) {
            says.add(words(b, "sealing"));
        }
        Stream.of(b.suffixes().clearance(), b.suffixes().tolerance())
                .filter(code -> code != null)
                .forEach(code -> Classes.means(code).ifPresent(means -> says.add(code + ": " + means)));
        says.addAll(b.warnings());
        if (!b.completions().isEmpty() && (b.cone() || b.cup())) {
            says.add((b.cone() ? "Its cups: " : "Its cones: ")
                    + b.completions().stream().limit(MOST_SETS).collect(Collectors.joining(", ")));
        }
        String marking = b.designation();
        List<Lead> leads = new ArrayList<>(List.of(
                new Lead("What each group means", "decode", Meanings.inputs("marking", b.marking())),
                new Lead("What may go in its place", "interchange", Meanings.inputs("marking", marking))));
        if (b.cone() || b.cup()) {
            leads.add(new Lead(
                    "Does it belong to this other one?",
                    "match",
                    Meanings.inputs(b.cone() ? "cone" : "cup", b.number())));
        } else {
            leads.add(new Lead("How tight it sits", "fit", Meanings.inputs("designation", marking)));
            leads.add(new Lead("How it goes in", "mount", Meanings.inputs("designation", marking)));
        }
        leads.add(new Lead("Grease for it", "grease", Meanings.inputs("designation", marking)));
        return new Meaning(
                Kind.BEARING,
                marking + ", " + b.kind().words(),
                score(b),
                says,
                leads,
                b.boreMm() == null ? Optional.empty() : Optional.of(b));
    }

    private static double score(Bearing b) {
        if (b.boreMm() == null) {
            return UNSIZED;
        }
        boolean alike = b.warnings().stream().anyMatch(w -> w.startsWith("Read as "));
        return alike ? ALIKE : b.boundaryKnown() && !Catalogue.byRule(b.number()) ? LISTED : BY_RULE;
    }

    private static String words(Bearing b, String role) {
        return b.parts().stream()
                .filter(part -> part.role().equals(role))
                .map(part -> part.text() + ": " + part.meaning())
                .collect(Collectors.joining("; "));
    }

    private static String sizes(@Nullable Double bore, @Nullable Double outside, @Nullable Double width) {
        return mm(bore) + " × " + mm(outside) + " × " + mm(width) + " mm = " + inch(bore) + " × " + inch(outside)
                + " × " + inch(width) + " in";
    }

    private static String mm(@Nullable Double size) {
        return size == null ? "–" : Show.number(size, 3);
    }

    private static String inch(@Nullable Double size) {
        return size == null ? "–" : Show.inches(size).replace(" in", "");
    }

    private static @Nullable Meaning pair(String plain, BearingBook book) {
        String[] both = plain.split("\\s*[/+&,]\\s*|\\s+-\\s+|\\s+", 3);
        if (both.length != 2) {
            return null;
        }
        Bearing one = book.decode(both[0]);
        Bearing other = other(one, both[1], book);
        Bearing cone = one.cone() ? one : other;
        Bearing cup = one.cone() ? other : one;
        if (!cone.cone() || !cup.cup()) {
            return null;
        }
        TaperMatch match = TaperMatch.of(cone.number(), cup.number());
        Bearing set = book.decodeSet(cone.number() + "/" + cup.number());
        boolean sized = set.boreMm() != null && set.outsideMm() != null;
        List<String> says = new ArrayList<>();
        says.add(match.reason());
        says.add(
                sized
                        ? sizes(set.boreMm(), set.outsideMm(), set.widthMm())
                        : "Cone " + mm(cone.boreMm()) + " mm bore, cup " + mm(cup.outsideMm()) + " mm outside");
        String word = match.match() == null ? "cannot be told" : match.match() ? "belong together" : "do not fit";
        return new Meaning(
                Kind.TAPER_PAIR,
                cone.number() + " / " + cup.number() + ": " + word,
                LISTED + 0.01,
                says,
                List.of(
                        new Lead("Cone and cup", "match", Meanings.inputs("cone", cone.number(), "cup", cup.number())),
                        new Lead(
                                "What the set is",
                                "decode",
                                Meanings.inputs("marking", cone.number() + "/" + cup.number())),
                        new Lead(
                                "Grease for it",
                                "grease",
                                Meanings.inputs("designation", cone.number() + "/" + cup.number()))),
                sized ? Optional.of(set) : Optional.empty());
    }

    /** The other one; its last figures alone stand for a number that begins as the first one does. */
    private static Bearing other(Bearing one, String text, BearingBook book) {
        Bearing other = book.decode(text);
        if (other.cone() || other.cup() || !text.matches("\\d{2,3}[A-Z]?") || !one.cone()) {
            return other;
        }
        String start =
                one.number().replaceFirst("\\d{" + text.replaceAll("\\D", "").length() + "}[A-Z]*$", "");
        Bearing joined = book.decode(start + text);
        return joined.cup() ? joined : other;
    }

    private static Meaning worn(String plain, Bearing b) {
        List<String> some = b.completions();
        return new Meaning(
                Kind.BEARING,
                plain + ": " + (some.size() == 1 ? "" : "one of ")
                        + some.stream().limit(MOST_SETS).collect(Collectors.joining(", ")),
                WORN,
                b.warnings(),
                List.of(new Lead("What it can be", "decode", Meanings.inputs("marking", plain))));
    }

    /** A mark without its number, such as C3 or 2RS. */
    private static @Nullable Meaning mark(String plain) {
        String mark = plain.toUpperCase(java.util.Locale.ROOT);
        if (!MARK.matcher(mark).matches()) {
            return null;
        }
        Bearing carried = Decoder.SHIPPED.decode(CARRIER + "-" + mark);
        Optional<Part> part = carried.parts().stream()
                .skip(1)
                .filter(p -> p.text().equals(mark) && !p.role().equals("unknown"))
                .findFirst();
        boolean readable = part.isPresent() && carried.recognised();
        return !readable
                ? null
                : new Meaning(
                        Kind.BEARING,
                        mark + ": " + part.orElseThrow().meaning(),
                        mark.length() == 1 ? 0.45 : 0.9,
                        Classes.means(mark).stream().toList(),
                        List.of(new Lead(
                                "On a number: " + CARRIER + "-" + mark,
                                "decode",
                                Meanings.inputs("marking", CARRIER + "-" + mark))));
    }
}
