package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;

import unbo.core.bearing.Boundary;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.Decoder;

/** Five rings whose numbers are worn: which are they? */
final class WornRingLesson extends Lesson<WornRingLesson.Worn> {

    private static final int TRIES = 400;
    private static final double CALIPER_MM = 0.05;
    /** A caliper's reading is no farther off than this. */
    private static final double SAME_MM = 0.3;

    private static final int FEWEST_COMPLETIONS = 3;

    /** @param worn as it is read, a question mark for each character that is gone */
    record Worn(Boundary bearing, String worn, double bore, double outside) {}

    WornRingLesson() {
        super("worn-ring", "Decode a worn ring", "Which number stood on each of these rings?");
    }

    @Override
    Worn thing(SplittableRandom random, int level) {
        for (int i = 0; i < TRIES; i++) {
            Boundary b = Numbers.any(random);
            char[] text = b.designation().toCharArray();
            for (int gone = 0; gone < (level < 3 ? 1 : 2); gone++) {
                text[1 + random.nextInt(text.length - 1)] = '?';
            }
            double off = CALIPER_MM * level;
            Worn worn = new Worn(
                    b,
                    new String(text),
                    Numbers.read(b.boreMm(), off, random),
                    Numbers.read(b.outsideMm(), off, random));
            if (completions(worn.worn()).size() >= FEWEST_COMPLETIONS && Numbers.names(b, best(worn))) {
                return worn;
            }
        }
        throw new IllegalStateException("no worn number that can be told");
    }

    private static List<String> completions(String worn) {
        return Decoder.SHIPPED.decode(worn).completions();
    }

    @Override
    Seen show(Worn w) {
        return new Seen(
                List.of(
                        w.worn().replace("?", "·"),
                        "caliper: bore " + Numbers.mm(w.bore()) + " mm, outside " + Numbers.mm(w.outside()) + " mm"),
                List.of(),
                List.of());
    }

    @Override
    boolean right(Worn w, String answer) {
        return Numbers.names(w.bearing(), answer);
    }

    @Override
    String truth(Worn w) {
        return w.bearing().designation();
    }

    @Override
    String why(Worn w) {
        return w.bearing().designation() + ": " + Numbers.mm(w.bearing().boreMm()) + " × "
                + Numbers.mm(w.bearing().outsideMm()) + " × "
                + Numbers.mm(w.bearing().widthMm())
                + " mm. Bore by the last two digits, times five from 04 on; outside tells the series.";
    }

    @Override
    String best(Worn w) {
        return completions(w.worn()).stream()
                .filter(number -> Catalogue.number(number)
                        .filter(b -> Math.abs(b.boreMm() - w.bore()) < SAME_MM
                                && Math.abs(b.outsideMm() - w.outside()) < SAME_MM)
                        .isPresent())
                .findFirst()
                .orElse("");
    }

    @Override
    String guess(Worn w, SplittableRandom random) {
        List<String> all = completions(w.worn());
        return all.get(random.nextInt(all.size()));
    }
}
