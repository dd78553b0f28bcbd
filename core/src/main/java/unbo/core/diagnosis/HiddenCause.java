package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.jspecify.annotations.Nullable;

/**
 * A vehicle with one cause that nobody knows: what each check finds comes of the row that the table has for that cause,
 * drawn once for each check and position. For practice and for judging the diagnosis; it knows nothing of the analysis.
 *
 * @param told what is known of the vehicle before any check, with what its owner says that he hears
 * @param plain true where every check finds what is likeliest
 * @param slip share of checks that find anything at all, whatever the cause
 */
public record HiddenCause(DiagnosisInput told, Hypothesis truth, long seed, boolean plain, double slip) {

    private static final List<String> VEHICLES = List.of("car", "van", "trailer", "motorcycle", "bicycle");
    private static final int PLAIN_LEVEL = 1;
    private static final int SLIPS_LEVEL = 3;
    private static final double SLIP = 0.06;
    private static final String CHARACTER = "noise-character";
    private static final long STEP = 0x9E3779B97F4A7C15L;

    /**
     * A vehicle of a seed; its cause as likely as the table of causes has it.
     *
     * @param level 1 every check finds what is likeliest, 2 it is drawn, 3 and 4 hands slip now and then, and the owner
     *     often tells of another noise
     */
    public static HiddenCause of(long seed, int level) {
        SplittableRandom random = new SplittableRandom(seed);
        String vehicle = VEHICLES.get(random.nextInt(VEHICLES.size()));
        DiagnosisInput told = told(vehicle);
        List<Hypothesis> all = new ArrayList<>(Priors.hypotheses(vehicle, 1));
        double[] prior = Priors.of(told, all, OwnCases.NONE);
        double sum = 0;
        for (int h = 0; h < prior.length; h++) {
            sum += all.get(h).none() ? 0 : prior[h];
        }
        double at = random.nextDouble() * sum;
        Hypothesis truth = all.get(0);
        for (int h = 0; h < prior.length && at >= 0; h++) {
            if (!all.get(h).none()) {
                truth = all.get(h);
                at -= prior[h];
            }
        }
        return hiding(told, truth, all, new Drawn(seed, level, random));
    }

    /**
     * A vehicle whose cause is known to who makes it.
     *
     * @param position where it is; of no matter for a cause that is at none
     * @throws IllegalArgumentException for a cause that the vehicle does not have there
     */
    public static HiddenCause at(String vehicle, String cause, String position, long seed, int level) {
        Hypothesis truth = Priors.find(vehicle, cause, position);
        if (truth == null) {
            throw new IllegalArgumentException("no " + cause + " of a " + vehicle + " at " + position);
        }
        return hiding(
                told(vehicle),
                truth,
                new ArrayList<>(Priors.hypotheses(vehicle, 1)),
                new Drawn(seed, level, new SplittableRandom(seed)));
    }

    private record Drawn(long seed, int level, SplittableRandom random) {}

    private static HiddenCause hiding(DiagnosisInput told, Hypothesis truth, List<Hypothesis> all, Drawn drawn) {
        boolean slips = drawn.level() >= SLIPS_LEVEL;
        Hypothesis heard = slips && drawn.random().nextInt(3) > 0 ? other(all, truth, drawn.random()) : truth;
        return new HiddenCause(
                complaining(told, heard, drawn.random()),
                truth,
                drawn.seed(),
                drawn.level() <= PLAIN_LEVEL,
                slips ? SLIP : 0);
    }

    private static DiagnosisInput told(String vehicle) {
        return new DiagnosisInput(
                new DiagnosisInput.Machine(vehicle, 1, HubType.usual(vehicle)),
                List.of(),
                List.of(),
                null,
                new DiagnosisInput.Past(null, null, java.util.Map.of()),
                "",
                false,
                CheckOrder.DOUBT);
    }

    private static Hypothesis other(List<Hypothesis> all, Hypothesis truth, SplittableRandom random) {
        Hypothesis other = truth;
        while (other.equals(truth) || other.none()) {
            other = all.get(random.nextInt(all.size()));
        }
        return other;
    }

    /** The owner tells what he hears; at the last levels he often tells what he does not. */
    private static DiagnosisInput complaining(DiagnosisInput told, Hypothesis heard, SplittableRandom random) {
        return Checks.way(told.vehicle(), CHARACTER, null)
                .map(way -> {
                    double[] chances = Likelihoods.chances(told.vehicle(), way.check(), null, heard, OwnCases.NONE);
                    String noise =
                            way.check().results().get(drawn(chances, random)).label();
                    return new DiagnosisInput(
                            told.machine(),
                            told.seen(),
                            told.circumstances(),
                            told.position(),
                            told.past(),
                            noise,
                            told.loaded(),
                            told.order());
                })
                .orElse(told);
    }

    /** What a check finds, the same each time. @param position null for a check of the whole vehicle */
    public Observation look(Check check, @Nullable String position) {
        double[] chances = Likelihoods.chances(told.vehicle(), check, position, truth, OwnCases.NONE);
        String done = position == null ? check.id() : check.id() + "@" + position;
        SplittableRandom random = new SplittableRandom(seed * STEP + done.hashCode());
        int found = plain ? likeliest(chances) : drawn(chances, random);
        if (random.nextDouble() < slip) {
            found = random.nextInt(chances.length);
        }
        return new Observation(check, position, check.results().get(found));
    }

    private static int likeliest(double[] chances) {
        int best = 0;
        for (int r = 1; r < chances.length; r++) {
            best = chances[r] > chances[best] ? r : best;
        }
        return best;
    }

    private static int drawn(double[] chances, SplittableRandom random) {
        double at = random.nextDouble();
        for (int r = 0; r < chances.length; r++) {
            at -= chances[r];
            if (at < 0) {
                return r;
            }
        }
        return chances.length - 1;
    }

    /** What one could name: every cause at every position it has here. */
    public List<Hypothesis> named() {
        return Priors.hypotheses(told.vehicle(), told.axles()).stream()
                .filter(one -> !one.none())
                .toList();
    }
}
