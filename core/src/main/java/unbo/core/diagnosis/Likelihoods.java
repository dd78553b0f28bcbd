package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import org.jspecify.annotations.Nullable;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * How likely each result of a check is under each hypothesis: the product's own judgement, in a data file anybody can
 * read. A check done at one position tells about that position: under a cause elsewhere the row of a sound one counts.
 * The first row that fits counts; no chance is below {@value #FLOOR}.
 */
final class Likelihoods {

    static final double FLOOR = 0.002;
    /** Under "none of these" every result may be: mostly as where all is sound, for a part even. */
    private static final double NONE_EVEN = 0.2;

    private static final List<String> REST = List.of("rest", "sound");
    private static final Map<String, List<Row>> ROWS = read();

    private Likelihoods() {}

    /**
     * One row: the chances of a check's results under a cause.
     *
     * @param cause code, or "rest" or "sound" for every other hypothesis
     * @param at part of the hypothesis' position, or "*"
     * @param chances in the order of the check's results; sum 1
     */
    record Row(Check check, List<String> vehicles, String cause, String at, double[] chances) {

        /** Stable name, by which own cases are counted. */
        String key() {
            return String.join("+", vehicles) + "/" + check.id() + "/" + cause + "/" + at;
        }

        boolean rest() {
            return REST.contains(cause);
        }

        private boolean fits(String vehicle) {
            return vehicles.contains("*") || vehicles.contains(vehicle);
        }
    }

    /**
     * The shipped row of a check, done at {@code position} (null for the whole vehicle), under a hypothesis that is not
     * "none of these".
     */
    static Row row(String vehicle, Check check, @Nullable String position, Hypothesis under) {
        boolean here = !check.positioned()
                || under.position() != null && under.position().equals(position);
        return rowsOf(check).stream()
                .filter(row -> row.fits(vehicle))
                .filter(row ->
                        row.rest() || here && row.cause().equals(under.cause().code()) && under.stands(row.at()))
                .findFirst()
                .orElseThrow(() ->
                        new IllegalStateException("likelihoods.csv: " + check.id() + " has no row for " + vehicle));
    }

    /**
     * Chances of the results under a hypothesis, moved by own cases; under "none of these" a fifth even, the rest as
     * where all is sound.
     */
    static double[] chances(String vehicle, Check check, @Nullable String position, Hypothesis under, OwnCases own) {
        int n = check.results().size();
        if (under.none()) {
            double[] sound = rest(vehicle, check);
            double[] mixed = new double[n];
            for (int i = 0; i < n; i++) {
                mixed[i] = NONE_EVEN / n + (1 - NONE_EVEN) * sound[i];
            }
            return mixed;
        }
        if (!under.pair().isEmpty()) {
            return paired(vehicle, check, position, under, own);
        }
        Row row = row(vehicle, check, position, under);
        int[] seen = own.seen(row);
        return seen == null ? row.chances() : floored(OwnCases.over(row.chances(), seen));
    }

    /**
     * At one of both sides as there. Of the whole vehicle what either side would let expect: where one side says the
     * opposite of the other, neither is heard.
     */
    private static double[] paired(
            String vehicle, Check check, @Nullable String position, Hypothesis under, OwnCases own) {
        String first = under.pair().get(0);
        if (check.positioned()) {
            String side = position != null && under.pair().contains(position) ? position : first;
            return chances(vehicle, check, position, under.at(side), own);
        }
        double[] one = chances(vehicle, check, position, under.at(first), own);
        double[] other = chances(vehicle, check, position, under.at(under.pair().get(1)), own);
        double[] either = new double[one.length];
        for (int i = 0; i < either.length; i++) {
            either[i] = Math.min(one[i], other[i]);
        }
        return floored(scaled(either));
    }

    /** Chances where everything this check looks at is sound. */
    private static double[] rest(String vehicle, Check check) {
        return rowsOf(check).stream()
                .filter(row -> row.fits(vehicle) && row.rest())
                .findFirst()
                .orElseThrow()
                .chances();
    }

    private static List<Row> rowsOf(Check check) {
        return Objects.requireNonNull(ROWS.get(check.id()), check.id());
    }

    /** All rows of a check that can apply to a kind of vehicle. */
    static List<Row> rows(String vehicle, Check check) {
        return rowsOf(check).stream().filter(r -> r.fits(vehicle)).toList();
    }

    private static Map<String, List<Row>> read() {
        Map<String, List<Row>> rows = new HashMap<>();
        for (TableRow row : Table.read(Likelihoods.class, "likelihoods.csv")) {
            Check check = Checks.of(row.get("check"));
            double[] chances = chances(check, row);
            for (String cause : row.words("cause")) {
                if (!REST.contains(cause)) {
                    Cause.of(cause);
                }
                rows.computeIfAbsent(check.id(), c -> new ArrayList<>())
                        .add(new Row(check, row.words("vehicles"), cause, row.get("at"), chances));
            }
        }
        Checks.all().stream()
                .filter(c -> rows.getOrDefault(c.id(), List.of()).stream().noneMatch(Row::rest))
                .findFirst()
                .ifPresent(c -> {
                    throw new IllegalStateException("likelihoods.csv: " + c.id() + " has no row for the rest");
                });
        return rows;
    }

    private static double[] chances(Check check, TableRow row) {
        double[] chances = new double[check.results().size()];
        List<String> words = row.words("chances");
        for (int i = 0; i < words.size(); i += 2) {
            int at = check.index(words.get(i));
            if (at < 0) {
                throw row.fault("chances", "names no result of " + check.id() + ": “" + words.get(i) + "”");
            }
            chances[at] = row.numeral("chances", i + 1 < words.size() ? words.get(i + 1) : "");
        }
        double sum = Arrays.stream(chances).sum();
        if (words.size() != 2 * chances.length || Math.abs(sum - 100) > 1e-6) {
            throw row.fault("chances", "is not one chance a result, 100 in all: “" + row.get("chances") + "”");
        }
        return floored(Arrays.stream(chances).map(c -> c / sum).toArray());
    }

    private static double[] floored(double[] chances) {
        return scaled(Arrays.stream(chances).map(c -> Math.max(FLOOR, c)).toArray());
    }

    private static double[] scaled(double[] chances) {
        double sum = Arrays.stream(chances).sum();
        return Arrays.stream(chances).map(c -> c / sum).toArray();
    }
}
