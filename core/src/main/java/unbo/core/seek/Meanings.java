package unbo.core.seek;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import unbo.core.bearing.BearingBook;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.seek.Meaning.Kind;
import unbo.core.seek.Meaning.Lead;
import unbo.core.tool.Tools;

/**
 * What may be meant by whatever is typed into the one box: a number off a ring or several, a cone with its cup, sizes,
 * a seal, a quantity, a complaint, a tool by any of its words. Every reading is kept, the likeliest first; letter case,
 * blanks, dots, look-alike characters and a slip in a word are forgiven. Scores are the product's own judgement.
 */
public final class Meanings {

    /** Longer texts are cut: nothing that long is looked for. */
    public static final int LONGEST = 200;

    private static final int MOST = 12;
    private static final int MOST_LEADS = 5;
    /** A reading less likely than this is not worth a line. */
    private static final double LEAST = 0.3;

    private Meanings() {}

    /** All readings, the likeliest first; empty only for a text that says nothing that is known here. */
    public static List<Meaning> of(String text, BearingBook book) {
        String typed = text.strip();
        if (typed.length() > LONGEST) {
            typed = typed.substring(0, LONGEST);
        }
        if (typed.isEmpty()) {
            return List.of();
        }
        List<Meaning> all = new ArrayList<>();
        all.addAll(AmountMeaning.of(typed));
        all.addAll(SeatMeaning.of(typed));
        all.addAll(SizeMeaning.of(typed, book));
        all.addAll(NumberMeaning.of(typed, book));
        all.addAll(ComplaintMeaning.of(typed));
        all.addAll(ToolMeaning.of(typed, book));
        return all.stream()
                .filter(meaning -> meaning.score() >= LEAST)
                .sorted(Comparator.comparingDouble(Meaning::score).reversed())
                .limit(MOST)
                .map(meaning -> onward(meaning, book))
                .toList();
    }

    /** With the ways onward whose tool takes what is typed there; a tool that was asked for stays. */
    private static Meaning onward(Meaning meaning, BearingBook book) {
        Lead own = meaning.leads().get(0);
        boolean stays = meaning.kind() != Kind.QUANTITY;
        List<Lead> taken = meaning.leads().stream()
                .filter(lead -> stays && lead.equals(own) || taken(lead, book))
                .limit(MOST_LEADS)
                .toList();
        return meaning.leading(taken);
    }

    private static boolean taken(Lead lead, BearingBook book) {
        return Tools.named(lead.page())
                .map(tool -> FieldReader.read(tool.fields(), lead.inputs(), UnitSystem.METRIC, book).problems().stream()
                        .noneMatch(problem -> lead.inputs().containsKey(problem.field())))
                .orElse(true);
    }

    /** The text as something that a mechanic complains of, where nothing else is found in it. */
    public static Meaning unread(String text) {
        return new Meaning(
                Kind.COMPLAINT,
                "Not read: is it a complaint?",
                0,
                List.of("Nothing here is known by these words. Say what is heard, felt or seen, or type the number "
                        + "off the ring, or its sizes."),
                List.of(new Lead("Diagnose with these words", "diagnose", Map.of("complaint", text.strip()))));
    }

    /** The words that a tool or page goes by, parted by semicolons; empty for a name that is none. */
    public static String words(String page) {
        return WordTable.entries().stream()
                .filter(entry -> entry.name().equals(page)
                        && (entry.what().equals("tool") || entry.what().equals("page")))
                .map(WordTable.Entry::words)
                .findFirst()
                .orElse("");
    }

    static Map<String, String> inputs(String... pairs) {
        Map<String, String> inputs = new TreeMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            inputs.put(pairs[i], pairs[i + 1]);
        }
        return inputs;
    }
}
