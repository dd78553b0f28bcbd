package unbo.core.seek;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

import unbo.core.assembly.AssemblyKind;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.damage.Mode;
import unbo.core.lubrication.Mixing;
import unbo.core.measure.Show;
import unbo.core.plain.PlainForm;
import unbo.core.plain.PlainNumber;
import unbo.core.seek.Meaning.Kind;
import unbo.core.seek.Meaning.Lead;
import unbo.core.seek.WordTable.Hit;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;

/**
 * A tool, a page, a kind of place or a mode of damage by any of its words; with a number in it, set to that bearing.
 */
final class ToolMeaning {

    private static final double SURE = 0.97;
    private static final double LEAST = 0.3;
    private static final double MOST = 0.65;
    private static final double A_WORD = 0.004;
    private static final int MOST_WORDS = 4;
    private static final List<String> BOXES = List.of("designation", "marking");
    private static final Map<String, String> PAGES = Map.ofEntries(
            Map.entry("diagnose", "Diagnose: is it the bearing, which one, how urgent?"),
            Map.entry("noise", "Noise recording: do a bearing's lines stand in it?"),
            Map.entry("type", "What kind of bearing is it? By pictures"),
            Map.entry("catalogue", "Own catalogue of bearings"),
            Map.entry("plates", "Reference plates: what each kind of damage looks like"),
            Map.entry("stock", "Stock: shims on the shelf"),
            Map.entry("grease-shelf", "Grease and guns on the shelf"),
            Map.entry("due", "What is due"),
            Map.entry("day", "The day: what is done when, and what now?"),
            Map.entry("practice", "Practice: hidden faults to work on"),
            Map.entry("new-visit", "New visit"),
            Map.entry("vehicles", "Vehicles"),
            Map.entry("settings", "Settings: units, tools, workshop"),
            Map.entry("take-in", "Take in a file, or the data out"));

    private ToolMeaning() {}

    /** Names of the pages that are no tools. */
    static Set<String> pages() {
        return PAGES.keySet();
    }

    static List<Meaning> of(String text, BearingBook book) {
        List<Meaning> meanings = new ArrayList<>(mixture(text));
        plain(text).ifPresent(meanings::add);
        List<String> tokens = new ArrayList<>(Arrays.asList(text.strip().split("\\s+")));
        Optional<Bearing> bearing = takeNumber(tokens, book);
        List<String> words = Stems.of(String.join(" ", tokens));
        if (words.isEmpty()) {
            return meanings;
        }
        List<Hit> hits = WordTable.hits(String.join(" ", tokens));
        Set<Integer> vehicles = new HashSet<>();
        hits.stream()
                .filter(h ->
                        h.entry().what().equals("vehicle") || h.entry().what().equals("place"))
                .forEach(h -> vehicles.addAll(h.at()));
        for (Hit hit : hits) {
            boolean place = hit.entry().what().equals("kind");
            double share = hit.share(words, place ? Set.of() : vehicles);
            double score = LEAST + MOST * share * hit.likeness() + A_WORD * Math.min(MOST_WORDS, hit.longest());
            meaning(hit, bearing, score).ifPresent(meanings::add);
        }
        return meanings;
    }

    /** The number among the words, taken out of them; empty where there is none, or nothing but it. */
    private static Optional<Bearing> takeNumber(List<String> tokens, BearingBook book) {
        for (int i = 0; i < tokens.size() && tokens.size() > 1; i++) {
            Bearing read = tokens.get(i).matches(".*\\d.*") ? book.decodeSet(tokens.get(i)) : null;
            if (read != null && NumberMeaning.known(read)) {
                tokens.remove(i);
                return Optional.of(read);
            }
        }
        return Optional.empty();
    }

    private static Optional<Meaning> meaning(Hit hit, Optional<Bearing> bearing, double score) {
        String name = hit.entry().name();
        return switch (hit.entry().what()) {
            case "tool" -> Tools.named(name).map(tool -> tool(tool, bearing, score));
            case "page" -> Optional.of(page(Optional.ofNullable(PAGES.get(name)).orElseThrow(), name, score));
            case "kind" -> AssemblyKind.find(name).map(kind -> kind(kind, score));
            case "mode" -> Optional.of(mode(Mode.of(name), score));
            default -> Optional.empty();
        };
    }

    private static Meaning tool(Tool<?, ?> tool, Optional<Bearing> bearing, double score) {
        Map<String, String> inputs = new TreeMap<>();
        bearing.ifPresent(b -> BOXES.stream()
                .filter(box ->
                        tool.fields().fields().stream().anyMatch(f -> f.name().equals(box)))
                .findFirst()
                .ifPresent(box -> inputs.put(box, b.designation())));
        boolean set = !inputs.isEmpty();
        return new Meaning(
                Kind.TOOL,
                tool.title() + (set ? " of " + bearing.orElseThrow().designation() : ""),
                set ? Math.min(0.98, score + 0.02) : score,
                List.of(tool.asks()),
                List.of(new Lead("Open it", tool.name(), inputs)),
                set ? bearing.filter(b -> b.boreMm() != null) : Optional.empty());
    }

    private static Meaning page(String words, String name, double score) {
        String[] parts = words.split(": ", 2);
        return new Meaning(
                Kind.TOOL,
                parts[0],
                score,
                parts.length == 2 ? List.of(parts[1]) : List.of(),
                List.of(new Lead("Open it", name, Map.of())));
    }

    private static Meaning kind(AssemblyKind kind, double score) {
        return new Meaning(
                Kind.TOOL,
                "Take it apart: " + kind.label(),
                score,
                List.of("Its section, the order it comes apart in, and how it goes back."),
                List.of(
                        new Lead("Take it apart", "apart", Map.of("kind", kind.code())),
                        new Lead("Diagnose", "diagnose", Map.of())));
    }

    private static Meaning mode(Mode mode, double score) {
        return new Meaning(
                Kind.TOOL,
                mode.name() + ", a kind of damage",
                score,
                List.of(mode.cause(), mode.remedy()),
                List.of(
                        new Lead("Its plate", "plates", Map.of("mode", mode.id())),
                        new Lead("Read your own races", "race-map", Map.of())));
    }

    /** A spherical plain bearing or a rod end; a bush is read as sizes, as any three sizes are. */
    private static Optional<Meaning> plain(String text) {
        return PlainNumber.read(text)
                .filter(number -> number.form() != PlainForm.BUSH)
                .map(number -> new Meaning(
                        Kind.TOOL,
                        text.strip().toUpperCase(Locale.ROOT) + ", "
                                + number.form().words(),
                        SURE,
                        List.of("bore " + Show.number(number.boreMm(), 1) + " mm"
                                + (number.leftHand() ? ", left-hand thread" : "")),
                        List.of(new Lead("Read it", "plain", Map.of("marking", text.strip())))));
    }

    /** Two thickeners: may they be mixed? */
    private static List<Meaning> mixture(String text) {
        String[] both =
                text.split("(?i)\\s*(?:\\+|&|/|\\bon(?:to)?\\b|\\bover\\b|\\bwith\\b|\\band\\b|\\bin(?:to)?\\b)\\s*");
        if (both.length != 2) {
            return List.of();
        }
        Optional<Mixing.Thickener> a = thickener(both[0]);
        Optional<Mixing.Thickener> b = thickener(both[1]);
        if (a.isEmpty() || b.isEmpty()) {
            return List.of();
        }
        return List.of(new Meaning(
                Kind.TOOL,
                "Mixing greases: " + a.get().name() + " and " + b.get().name(),
                0.96,
                List.of(Mixing.sentence(a.get().code(), b.get().code())),
                List.of(new Lead(
                        "Open it",
                        "grease-mix",
                        Map.of("a", a.get().code(), "b", b.get().code())))));
    }

    private static Optional<Mixing.Thickener> thickener(String text) {
        List<String> words = Stems.of(text.replaceAll("(?i)\\bgreases?\\b|\\bmix(?:ing)?\\b", " "));
        return Mixing.thickeners().stream()
                .filter(g ->
                        g.code().equalsIgnoreCase(text.strip()) || !words.isEmpty() && words.equals(Stems.of(g.name())))
                .findFirst();
    }
}
