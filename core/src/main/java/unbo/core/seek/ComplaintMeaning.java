package unbo.core.seek;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.diagnosis.Check;
import unbo.core.diagnosis.Checks;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Show;
import unbo.core.seek.Meaning.Kind;
import unbo.core.seek.Meaning.Lead;
import unbo.core.seek.WordTable.Hit;
import unbo.core.tools.diagnosing.DiagnosisFields;
import unbo.core.tools.diagnosing.DiagnosisWords;
import unbo.core.vehicle.Place;

/** What is heard, felt or seen, in words: the checks that they answer already, and what these come to. */
final class ComplaintMeaning {

    private static final List<String> VEHICLES = List.of("car", "van", "motorcycle", "bicycle", "trailer");
    private static final double WORTH_NAMING = 0.05;
    private static final double A_WORD = 0.005;
    private static final int MOST_WORDS = 4;
    private static final int CAUSES = 3;
    private static final int NEXT = 2;

    private ComplaintMeaning() {}

    /** One result that the words give. */
    private record Result(Check check, Check.Result result, Hit hit) {
        String words() {
            return check.shortName() + ": " + result.label();
        }
    }

    static List<Meaning> of(String text) {
        List<String> words = Stems.of(text);
        List<Hit> hits = WordTable.hits(text);
        List<Result> results = results(hits);
        List<Hit> circumstances = of(hits, "circumstance");
        List<Hit> named = of(hits, "complaint");
        if (results.isEmpty() && circumstances.isEmpty() && named.isEmpty()) {
            return List.of();
        }
        Set<Integer> told = new HashSet<>();
        results.forEach(r -> told.addAll(r.hit().at()));
        circumstances.forEach(h -> told.addAll(h.at()));
        named.forEach(h -> told.addAll(h.at()));
        Set<Integer> where = new HashSet<>();
        of(hits, "vehicle").forEach(h -> where.addAll(h.at()));
        of(hits, "place").forEach(h -> where.addAll(h.at()));
        double share = new Hit(hits.get(0).entry(), told, 1, 1).share(words, where);
        double likeness =
                results.stream().mapToDouble(r -> r.hit().likeness()).min().orElse(0.8);
        int longest = results.stream()
                .mapToInt(r -> Math.min(MOST_WORDS, r.hit().longest()))
                .max()
                .orElse(0);
        boolean symptom = !results.isEmpty() || !named.isEmpty();
        double score = (symptom ? 0.4 : 0.3)
                + (symptom ? 0.55 : 0.3) * share * likeness
                + A_WORD * longest
                + (results.size() + circumstances.size() > 1 ? 0.03 : 0);
        return List.of(meaning(text, results, circumstances, hits, Math.min(score, 0.97)));
    }

    private static List<Hit> of(List<Hit> hits, String what) {
        return hits.stream().filter(h -> h.entry().what().equals(what)).toList();
    }

    /** One result of a check: the one that the longest phrase gives. */
    private static List<Result> results(List<Hit> hits) {
        Map<String, Result> best = new LinkedHashMap<>();
        Set<Integer> taken = new HashSet<>();
        hits.stream()
                .filter(h -> h.entry().what().equals("check"))
                .sorted(Comparator.comparingInt(Hit::longest)
                        .thenComparingDouble(Hit::likeness)
                        .reversed())
                .forEach(hit -> {
                    String[] named = hit.entry().name().split("=");
                    Check check = Checks.of(named[0]);
                    boolean said = taken.containsAll(hit.at());
                    if (!said && !best.containsKey(named[0])) {
                        best.put(named[0], new Result(check, check.results().get(check.index(named[1])), hit));
                        taken.addAll(hit.at());
                    }
                });
        return List.copyOf(best.values());
    }

    private static Meaning meaning(
            String text, List<Result> results, List<Hit> circumstances, List<Hit> hits, double score) {
        String vehicle = vehicle(results, hits);
        String position = position(vehicle, hits, results);
        List<Result> noted = results.stream()
                .filter(r -> r.check().positioned()
                        ? position != null
                                && Checks.way(vehicle, r.check().id(), position).isPresent()
                        : Checks.way(vehicle, r.check().id(), null).isPresent())
                .toList();
        Map<String, String> inputs = Meanings.inputs(
                "vehicle",
                vehicle,
                "checks",
                noted.stream()
                        .map(r -> r.check().id() + (r.check().positioned() ? "@" + position : "") + "="
                                + r.result().code())
                        .collect(Collectors.joining(" ")),
                "circumstances",
                circumstances.stream().map(h -> h.entry().name()).collect(Collectors.joining(" ")),
                "complaint",
                text);
        if (position != null) {
            inputs.put("position", position);
        }
        List<Hit> named = of(hits, "complaint");
        String title = results.isEmpty()
                ? (named.isEmpty() ? "What it went through: " : "Complaint: ")
                        + (named.isEmpty() ? circumstances : named)
                                .stream()
                                        .map(h -> h.entry().name().replace('-', ' '))
                                        .collect(Collectors.joining(", "))
                : results.stream().map(Result::words).collect(Collectors.joining("; "));
        return new Meaning(
                Kind.COMPLAINT,
                title,
                score,
                says(results, noted, inputs),
                List.of(new Lead("Go on in Diagnose", "diagnose", inputs)));
    }

    private static List<String> says(List<Result> results, List<Result> noted, Map<String, String> inputs) {
        List<String> says = new ArrayList<>();
        FieldReader.read(DiagnosisFields.LIST, inputs, UnitSystem.METRIC).get().ifPresent(in -> {
            Diagnosis diagnosis = Diagnosis.of(in);
            DiagnosisWords words = DiagnosisWords.of(diagnosis);
            if (!words.roadHeld().isEmpty()) {
                says.add(words.roadHeld());
            }
            String vehicle = in.vehicle();
            says.add("Of a " + vehicle + ", so far: "
                    + diagnosis.ranked().stream()
                            .limit(CAUSES)
                            .filter(r -> r.probability() >= WORTH_NAMING || r == diagnosis.leader())
                            .map(r ->
                                    r.hypothesis().words(vehicle) + " " + Show.number(100 * r.probability(), 0) + " %")
                            .collect(Collectors.joining(", ")));
            diagnosis.nextChecks().stream()
                    .limit(NEXT)
                    .forEach(next -> says.add("Next: " + next.check().question()
                            + (next.way().caution().isEmpty()
                                    ? ""
                                    : " " + next.way().caution())));
        });
        results.stream()
                .filter(r -> !noted.contains(r))
                .forEach(r -> says.add(r.words() + ": at which wheel? Note it there."));
        return says;
    }

    private static String vehicle(List<Result> results, List<Hit> hits) {
        Optional<String> said = hits.stream()
                .filter(h -> h.entry().what().equals("vehicle"))
                .max(Comparator.comparingInt(Hit::longest))
                .map(h -> h.entry().name());
        return said.orElseGet(() -> VEHICLES.stream()
                .max(Comparator.comparingLong((String v) -> done(results, v)).thenComparing(v -> -VEHICLES.indexOf(v)))
                .orElseThrow());
    }

    private static long done(List<Result> results, String vehicle) {
        return results.stream()
                .filter(r ->
                        Checks.ways(vehicle).stream().anyMatch(w -> w.check().equals(r.check()))
                                && r.result().offered(vehicle))
                .count();
    }

    /** The one place of the vehicle that the words name; null where they name none or several. */
    private static @Nullable String position(String vehicle, List<Hit> hits, List<Result> results) {
        Set<Integer> bends = results.stream()
                .filter(r -> r.check().id().equals("noise-turning"))
                .flatMap(r -> r.hit().at().stream())
                .collect(Collectors.toSet());
        Set<String> named = hits.stream()
                .filter(h -> h.entry().what().equals("place") && !bends.containsAll(h.at()))
                .map(h -> h.entry().name())
                .collect(Collectors.toSet());
        if (named.isEmpty()) {
            return null;
        }
        List<Place> places = Place.of(vehicle).stream()
                .filter(Place::wheel)
                .filter(p -> named.stream().allMatch(word -> p.label().contains(word)))
                .toList();
        return places.size() == 1 ? places.get(0).code() : null;
    }
}
