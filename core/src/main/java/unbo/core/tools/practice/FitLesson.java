package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.TreeSet;

import unbo.core.fit.FitPlace;
import unbo.core.input.Field;

/** Five bearings to be fitted: which seats on shaft and in housing? */
final class FitLesson extends Lesson<FitLesson.Seats> {

    private static final int OFFERED = 8;
    private static final String AND = " and ";

    /** A shaft and a housing that belong together. @param told which ring the load turns on */
    private record Place(String told, String inner, String outer) {}

    private static final List<Place> PLACES = List.of(
            new Place("gearbox shaft: it turns, light load, the housing is of iron", "inner-light", "outer-still"),
            new Place("driven hub: its shaft turns, normal load, iron round it", "inner-light", "outer-still"),
            new Place("crank main: shocks, a light-alloy case round it", "inner-heavy", "outer-heavy"),
            new Place("pinion, its cup in the axle's case", "inner-heavy", "outer-pinion"),
            new Place("trailer wheel: it turns on a spindle that stands still", "inner-still", "outer-turns"),
            new Place("motorcycle wheel: its hub turns about the axle", "inner-still", "outer-turns"));

    /** @param offered pairs of seats, of which one is right */
    record Seats(int place, List<String> offered) {

        private List<String> shaft() {
            return seats(PLACES.get(place).inner());
        }

        private List<String> housing() {
            return seats(PLACES.get(place).outer());
        }

        boolean right(String pair) {
            int cut = pair.indexOf(AND);
            return cut > 0
                    && shaft().contains(pair.substring(0, cut))
                    && housing().contains(pair.substring(cut + AND.length()));
        }
    }

    private static List<String> seats(String place) {
        return FitPlace.of(place).orElseThrow().seats();
    }

    FitLesson() {
        super("fit", "Choose the fit", "Which seats on the shaft and in the housing?");
    }

    @Override
    Seats thing(SplittableRandom random, int level) {
        int place = random.nextInt(Math.min(PLACES.size(), 2 + level));
        Seats bare = new Seats(place, List.of());
        List<String> shafts = all(true);
        List<String> housings = all(false);
        List<String> offered = new ArrayList<>();
        offered.add(any(bare.shaft(), random) + AND + any(bare.housing(), random));
        while (offered.size() < OFFERED) {
            String pair = any(shafts, random) + AND + any(housings, random);
            if (!bare.right(pair) && !offered.contains(pair)) {
                offered.add(pair);
            }
        }
        Collections.sort(offered);
        return new Seats(place, List.copyOf(offered));
    }

    private static List<String> all(boolean inner) {
        TreeSet<String> all = new TreeSet<>();
        PLACES.forEach(place -> all.addAll(seats(inner ? place.inner() : place.outer())));
        return List.copyOf(all);
    }

    private static String any(List<String> of, SplittableRandom random) {
        return of.get(random.nextInt(of.size()));
    }

    @Override
    Seen show(Seats s) {
        return new Seen(
                List.of(PLACES.get(s.place()).told()),
                List.of(),
                s.offered().stream().map(pair -> new Field.Choice(pair, pair)).toList());
    }

    @Override
    boolean right(Seats s, String answer) {
        return s.offered().contains(answer) && s.right(answer);
    }

    @Override
    String truth(Seats s) {
        return "shaft " + String.join(", ", s.shaft()) + "; housing " + String.join(", ", s.housing());
    }

    @Override
    String why(Seats s) {
        return "The ring on which the load turns sits with interference, or it creeps; the other may slide. "
                + FitPlace.of(PLACES.get(s.place()).outer()).orElseThrow().says() + ".";
    }

    @Override
    String best(Seats s) {
        return s.offered().stream().filter(s::right).findFirst().orElse("");
    }

    @Override
    String guess(Seats s, SplittableRandom random) {
        return any(s.offered(), random);
    }
}
