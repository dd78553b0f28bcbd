package unbo.core.designation;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.core.bearing.Boundary;
import unbo.core.catalogue.Catalogue;

/** Numbers of the tables that a worn one may be: {@code ?} and {@code _} stand for one character each. */
final class Worn {

    private static final Map<Integer, List<String>> NUMBERS = byLength(Catalogue.numbers());
    private static final Map<Integer, List<String>> METRIC = byLength(Catalogue.metricAll());

    private Worn() {}

    private static Map<Integer, List<String>> byLength(List<Boundary> bearings) {
        return Stream.concat(
                        bearings.stream().map(Boundary::designation),
                        Catalogue.tapers().stream().flatMap(s -> Stream.of(s.cone(), s.cup())))
                .distinct()
                .collect(Collectors.groupingBy(String::length));
    }

    /** Of all kinds, as the tables list them. */
    static Set<String> numbers(String worn) {
        return fitting(worn, NUMBERS);
    }

    /** Of tapered ones. */
    static Set<String> tapers(String worn) {
        return fitting(worn, METRIC);
    }

    private static Set<String> fitting(String worn, Map<Integer, List<String>> tables) {
        Set<String> found = new LinkedHashSet<>();
        for (String number : tables.getOrDefault(worn.length(), List.of())) {
            if (fits(worn, number)) {
                found.add(number);
            }
        }
        return found;
    }

    private static boolean fits(String worn, String number) {
        for (int i = 0; i < worn.length(); i++) {
            char c = worn.charAt(i);
            if (c != '?' && c != '_' && c != number.charAt(i)) {
                return false;
            }
        }
        return true;
    }
}
