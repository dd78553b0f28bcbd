package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import unbo.core.input.Field;
import unbo.core.measure.Show;
import unbo.core.table.Table;

/** Five shaft seats under the micrometer: does each hold as it should? */
final class SeatLesson extends Lesson<SeatLesson.Seat> {

    private static final int READINGS = 6;
    private static final int MOST_OFFSET_UM = 14;

    private static final List<Field.Choice> CHOICES = List.of(
            new Field.Choice("holds", "holds as it should"),
            new Field.Choice("small", "too small: the ring creeps"),
            new Field.Choice("large", "too large: the clearance is eaten up"));

    private record Wanted(String name, double nominalMm, int lowerUm, int upperUm) {}

    private static final List<Wanted> SEATS = Table.read(SeatLesson.class, "seats.csv").stream()
            .map(row -> new Wanted(
                    row.get("class"), row.number("nominal"), (int) row.number("lower"), (int) row.number("upper")))
            .toList();

    /**
     * A seat as it was measured.
     *
     * @param offUm of the seat itself from its nominal size
     * @param gaugeUm by which the micrometer reads its gauge too large
     */
    record Seat(Wanted wanted, int offUm, int gaugeUm, List<Integer> readingsUm) {}

    SeatLesson() {
        super("seat", "Measure a seat", "Does each of these seats hold?");
    }

    @Override
    Seat thing(SplittableRandom random, int level) {
        Wanted wanted = SEATS.get(random.nextInt(SEATS.size()));
        int noise = Math.min(3, level);
        int clear = noise + 3;
        int band = wanted.upperUm() - wanted.lowerUm();
        int off = switch (random.nextInt(3)) {
            case 0 -> wanted.lowerUm() + band / 3 + random.nextInt(Math.max(1, band / 3));
            case 1 -> wanted.lowerUm() - clear - random.nextInt(8);
            default -> wanted.upperUm() + clear + random.nextInt(8);
        };
        int gauge = level == 1 ? 0 : random.nextInt(2 * MOST_OFFSET_UM + 1) - MOST_OFFSET_UM;
        return new Seat(
                wanted,
                off,
                gauge,
                IntStream.range(0, READINGS)
                        .mapToObj(i -> off + gauge + random.nextInt(2 * noise + 1) - noise)
                        .toList());
    }

    @Override
    Seen show(Seat s) {
        double nominal = s.wanted().nominalMm();
        return new Seen(
                List.of(
                        "wanted " + s.wanted().name() + " on " + Show.number(nominal, 0) + " mm: "
                                + at(nominal, s.wanted().lowerUm()) + " to "
                                + at(nominal, s.wanted().upperUm()) + " mm",
                        "micrometer on its " + Show.number(nominal, 0) + " mm gauge: " + at(nominal, s.gaugeUm())
                                + " mm",
                        s.readingsUm().stream().map(um -> at(nominal, um)).collect(Collectors.joining(" · ")) + " mm"),
                List.of(),
                CHOICES);
    }

    private static String at(double nominal, int um) {
        return Show.fixed(nominal + um / 1000.0, 3);
    }

    private static String verdict(Wanted wanted, double offUm) {
        return offUm < wanted.lowerUm() ? "small" : offUm > wanted.upperUm() ? "large" : "holds";
    }

    @Override
    boolean right(Seat s, String answer) {
        return answer.equals(verdict(s.wanted(), s.offUm()));
    }

    @Override
    String truth(Seat s) {
        return words(verdict(s.wanted(), s.offUm())) + ", " + at(s.wanted().nominalMm(), s.offUm()) + " mm";
    }

    @Override
    String why(Seat s) {
        return s.gaugeUm() == 0
                ? "The mean of six readings, held against the band."
                : "The micrometer reads its gauge " + Show.number(Math.abs(s.gaugeUm()), 0) + " µm too "
                        + (s.gaugeUm() > 0 ? "large" : "small") + ": that is taken off the mean first.";
    }

    @Override
    String best(Seat s) {
        double mean = s.readingsUm().stream().mapToInt(um -> um).average().orElse(0) - s.gaugeUm();
        return verdict(s.wanted(), mean);
    }

    @Override
    String guess(Seat s, SplittableRandom random) {
        return CHOICES.get(random.nextInt(CHOICES.size())).code();
    }

    @Override
    String words(String answer) {
        return label(CHOICES, answer);
    }
}
