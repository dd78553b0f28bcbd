package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The shortest set of manoeuvres that separates what is still open: chosen one after the other, each the one that adds
 * most bits a minute to those before it (joint mutual information), until the next would add less than {@value #LEAST}
 * bits or {@value #MOST} are on the card.
 *
 * @param held true while no road test should be made: then there are no manoeuvres
 */
public record RoadCard(Diagnosis diagnosis, boolean held, List<Manoeuvre> manoeuvres) {

    /** Before anybody drives. */
    public static final String CAUTION =
            "Wheel nuts tried, lights and brakes right, both belted. A safe, empty road; stop at once when it grinds, "
                    + "clunks, smells or pulls. Who drives does not write.";

    static final int MOST = 4;
    static final double LEAST = 0.04;

    /**
     * One thing to do on the road.
     *
     * @param addsBits what it adds to those before it, bits
     */
    public record Manoeuvre(Way way, double addsBits) {}

    static RoadCard of(Diagnosis diagnosis) {
        List<Manoeuvre> chosen = new ArrayList<>();
        if (!diagnosis.holdsRoad()) {
            choose(diagnosis, chosen);
        }
        return new RoadCard(diagnosis, diagnosis.holdsRoad(), List.copyOf(chosen));
    }

    /** Minutes on the road. */
    public double minutes() {
        return manoeuvres.stream().mapToDouble(m -> m.way().minutes()).sum();
    }

    private static void choose(Diagnosis diagnosis, List<Manoeuvre> chosen) {
        List<Way> ways = new ArrayList<>(diagnosis.nextChecks().stream()
                .map(NextCheck::way)
                .filter(Way::road)
                .filter(w -> !w.check().positioned())
                .toList());
        List<double[]> outcomes = new ArrayList<>(List.of(diagnosis.belief().posterior()));
        Map<String, Integer> grouped = new HashMap<>();
        while (chosen.size() < MOST && !ways.isEmpty()) {
            Way best = null;
            double most = 0;
            for (Way way : ways) {
                double adds = adds(outcomes, chances(diagnosis, way, grouped));
                if (best == null || adds / way.minutes() > most / best.minutes()) {
                    best = way;
                    most = adds;
                }
            }
            if (best == null || most < LEAST) {
                return;
            }
            outcomes = split(outcomes, chances(diagnosis, best, grouped));
            grouped.merge(best.check().group(), 1, Integer::sum);
            ways.remove(best);
            chosen.add(new Manoeuvre(best, most));
        }
    }

    private static double[][] chances(Diagnosis diagnosis, Way way, Map<String, Integer> grouped) {
        return diagnosis
                .belief()
                .chances(way, null, grouped.getOrDefault(way.check().group(), 0));
    }

    private static double adds(List<double[]> outcomes, double[][] chances) {
        return outcomes.stream()
                .mapToDouble(joint -> Belief.gain(joint, chances))
                .sum();
    }

    private static List<double[]> split(List<double[]> outcomes, double[][] chances) {
        List<double[]> finer = new ArrayList<>();
        for (double[] joint : outcomes) {
            for (int r = 0; r < chances[0].length; r++) {
                double[] part = new double[joint.length];
                for (int h = 0; h < joint.length; h++) {
                    part[h] = joint[h] * chances[h][r];
                }
                finer.add(part);
            }
        }
        return finer;
    }
}
