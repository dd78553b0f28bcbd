package unbo.core.identify;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.Clearances;
import unbo.core.bearing.Part;
import unbo.core.bearing.Suffixes;

/**
 * A bearing as it is ordered: what must be on the one that is handed over, what may differ, and what is sent back
 * across the counter.
 *
 * @param must marks that must not change, each with its reason
 * @param free marks that may differ
 * @param refuse what is not taken instead
 * @param open marks that nobody knows: looked up with the old ring in hand
 */
public record OrderLine(Bearing bearing, List<Mark> must, List<Mark> free, List<String> refuse, List<String> open) {

    /** Cages of another metal do the same work where it is neither hot nor fast. */
    private static final Set<String> METAL = Set.of("brass", "steel");

    /** @param mark as stamped @param why in words */
    public record Mark(String mark, String why) {}

    public OrderLine {
        must = List.copyOf(must);
        free = List.copyOf(free);
        refuse = List.copyOf(refuse);
        open = List.copyOf(open);
    }

    public static OrderLine of(Bearing b) {
        List<Mark> must = new ArrayList<>();
        List<Mark> free = new ArrayList<>();
        List<String> open = new ArrayList<>();
        List<Part> marks = b.suffixes().parts();
        for (Part part : marks) {
            if (part.role().equals("unknown")) {
                open.add(part.text());
            } else if (mayDiffer(part)) {
                free.add(new Mark(part.text(), part.meaning()));
            } else {
                must.add(new Mark(part.text(), part.meaning()));
            }
        }
        must.add(0, new Mark(number(b, marks), b.words()));
        return new OrderLine(b, must, free, refuse(b), open);
    }

    /** What stands before its marks. */
    private static String number(Bearing b, List<Part> marks) {
        return marks.isEmpty()
                ? b.designation()
                : b.parts().stream()
                        .filter(part -> !marks.contains(part))
                        .map(Part::text)
                        .collect(Collectors.joining());
    }

    /** A metal cage in place of another, and a better class than was there. */
    private static boolean mayDiffer(Part part) {
        return part.role().equals("tolerance")
                || part.role().equals("cage") && METAL.stream().anyMatch(part.meaning()::contains);
    }

    private static List<String> refuse(Bearing b) {
        List<String> refuse = new ArrayList<>();
        Suffixes s = b.suffixes();
        switch (s.sealing()) {
            case "two-seals", "one-seal" -> {
                refuse.add("metal shields (ZZ) in place of rubber seals: they keep no water out");
                if (s.contact().equals("full")) {
                    refuse.add("seals that drag less in place of full-contact ones where it gets wet");
                }
            }
            case "two-low-drag-seals" -> refuse.add("full-contact seals without a word: they drag more");
            case "two-shields", "one-shield" -> refuse.add("an open one: it is filled and kept by nothing");
            case "open" -> {
                if (b.recognised() && b.kind().ball() && !b.kind().axial()) {
                    refuse.add("a sealed one where oil must get in: its seal keeps the oil out, and cooks");
                }
            }
            default -> {}
        }
        String clearance = s.clearance();
        if (clearance != null || Clearances.listed(b.kind())) {
            refuse.add(
                    clearance == null || clearance.equals("CN")
                            ? "C3 or C4 in place of the unmarked class, unless it is said what for"
                            : "another clearance than " + clearance + ", or none marked, “as good as the same”");
        }
        if (!s.fullComplement() && b.kind().ball()) {
            refuse.add("one without a cage (V, MAX, a filling slot) for anything that turns all round");
        }
        if (b.kind().taper()) {
            refuse.add("a cone without its own cup, or a cup of another series that looks alike");
        }
        refuse.add("a box that was open, a ring that shows rust, a number by laser that differs from the box");
        return refuse;
    }
}
