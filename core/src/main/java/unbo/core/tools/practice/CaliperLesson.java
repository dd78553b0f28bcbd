package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import unbo.core.bearing.Boundary;
import unbo.core.catalogue.CaliperFind;

/** Five bearings without a number, each measured three times: which are they? */
final class CaliperLesson extends Lesson<CaliperLesson.Measured> {

    private static final int READINGS = 3;
    private static final double CALIPER_MM = 0.04;
    /** A reading that slipped: taken on a chamfer. */
    private static final double SLIP_MM = 1.2;

    /** Three readings of each. */
    record Measured(Boundary bearing, List<Double> bore, List<Double> outside, List<Double> width) {}

    CaliperLesson() {
        super("caliper", "Find by caliper", "Which deep groove ball bearing is each of these?");
    }

    @Override
    Measured thing(SplittableRandom random, int level) {
        Boundary b = Numbers.any(random);
        double off = CALIPER_MM * level;
        boolean slip = level >= 3;
        return new Measured(
                b,
                readings(b.boreMm(), off, false, random),
                readings(b.outsideMm(), off, slip, random),
                readings(b.widthMm(), off, false, random));
    }

    private static List<Double> readings(double mm, double off, boolean slip, SplittableRandom random) {
        int slipped = slip ? random.nextInt(READINGS) : -1;
        return IntStream.range(0, READINGS)
                .mapToObj(i -> Numbers.read(i == slipped ? mm - SLIP_MM : mm, off, random))
                .toList();
    }

    @Override
    Seen show(Measured m) {
        return new Seen(
                List.of("bore " + told(m.bore()), "outside " + told(m.outside()), "width " + told(m.width())),
                List.of(),
                List.of());
    }

    private static String told(List<Double> readings) {
        return readings.stream().map(Numbers::mm).collect(Collectors.joining(" · ")) + " mm";
    }

    @Override
    boolean right(Measured m, String answer) {
        return Numbers.names(m.bearing(), answer);
    }

    @Override
    String truth(Measured m) {
        return m.bearing().designation();
    }

    @Override
    String why(Measured m) {
        return "The middle of three readings: a slip lies far from the other two and is left out.";
    }

    @Override
    String best(Measured m) {
        return CaliperFind.of(
                        new CaliperFind.Measured(middle(m.bore()), middle(m.outside()), middle(m.width()), SLIP_MM / 4))
                .exact()
                .stream()
                .map(found -> found.bearing())
                .filter(b -> b.kind() == m.bearing().kind())
                .map(Boundary::designation)
                .findFirst()
                .orElse("");
    }

    private static double middle(List<Double> readings) {
        return readings.stream().sorted().skip(1).findFirst().orElseThrow();
    }

    @Override
    String guess(Measured m, SplittableRandom random) {
        return Numbers.any(random).designation();
    }
}
