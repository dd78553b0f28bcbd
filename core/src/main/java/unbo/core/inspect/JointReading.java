package unbo.core.inspect;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.damage.Painting;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapInput;
import unbo.core.damage.RingPainting;
import unbo.core.damage.Track;

/**
 * What the races of an assembly's two bearings say together and neither says alone: how it was set, what the spacer
 * did, where water or dirt came in, whether it carried a load or a moment. Across a race 0 is the edge that looks away
 * from the other bearing, so that a track off its middle stands toward the other one or away from it.
 *
 * @param said each with the rings that it rests on; empty where nothing stands out
 */
public record JointReading(List<Said> said) {

    /** What was read. @param rings in words */
    public record Said(String code, String sentence, List<String> rings) {

        public Said {
            rings = List.copyOf(rings);
        }
    }

    /** A bearing that was looked at. @param label as printed, such as “outer bearing” */
    public record Bearing(String label, RaceMap map) {

        private RingPainting still(boolean housingTurns) {
            return housingTurns ? map.inner() : map.outer();
        }

        private RingPainting turning(boolean housingTurns) {
            return housingTurns ? map.outer() : map.inner();
        }

        private boolean has(String... marks) {
            return Stream.of(marks)
                    .anyMatch(mark -> map.inner().has(mark) || map.outer().has(mark));
        }

        private boolean is(RaceMapInput.Kind kind) {
            return map.input().kind() == kind;
        }
    }

    /** How far off its middle a track stands before it counts, share of the race. */
    private static final double OFF = 0.08;
    /** A track that takes so much of a race runs over its full width. */
    private static final double FULL = 0.8;
    /** Wander of a still ring's track once a turn, share of the race, from which its seat is tilted. */
    private static final double OBLIQUE = 0.08;
    /** Load zones nearer than this to each other, or to opposite each other, are so, degrees. */
    private static final double SAME_DEG = 45;

    public JointReading {
        said = List.copyOf(said);
    }

    /** @param housingTurns true where the outer rings turn, as in a wheel */
    public static JointReading of(boolean housingTurns, Bearing first, Bearing second) {
        List<Said> said = new ArrayList<>();
        if (first.map().empty() || second.map().empty()) {
            return new JointReading(said);
        }
        if (first.is(RaceMapInput.Kind.TAPERED) && second.is(RaceMapInput.Kind.TAPERED)) {
            setting(housingTurns, first, second, said);
        }
        if (first.is(RaceMapInput.Kind.BALL) && second.is(RaceMapInput.Kind.BALL)) {
            spacer(first, second, said);
        }
        water(first, second, said);
        if (strewn(first) && strewn(second)) {
            said.add(new Said(
                    "debris-travelled",
                    "Dents in both, not at the pitch of the elements: what broke or came in at one has travelled "
                            + "to the other. Both are renewed, and all of the old grease comes out.",
                    List.of(first.label(), second.label())));
        }
        load(first, second, said);
        for (Bearing bearing : List.of(first, second)) {
            Track track = bearing.still(housingTurns).track();
            if (track != null && track.sure() && track.tilt() >= OBLIQUE) {
                said.add(new Said(
                        "seat-oblique",
                        "The track of the still ring runs oblique once round: its seat is bent or it "
                                + "stood tilted on it.",
                        List.of(ring(bearing, !housingTurns))));
            }
        }
        return new JointReading(said);
    }

    /** True for dents that stand anywhere: at the pitch of the elements a blow made them, and none has travelled. */
    private static boolean strewn(Bearing bearing) {
        return Stream.of(bearing.map().inner(), bearing.map().outer())
                .anyMatch(ring -> ring.has("dent") && !ring.mark("dent").atPitch());
    }

    private static String ring(Bearing bearing, boolean outer) {
        boolean taper = bearing.is(RaceMapInput.Kind.TAPERED);
        return bearing.label() + ", " + (outer ? taper ? "cup" : "outer ring" : taper ? "cone" : "inner ring");
    }

    private static List<String> rings(Bearing first, Bearing second) {
        return List.of(ring(first, false), ring(first, true), ring(second, false), ring(second, true));
    }

    /** Tapers: set too loose, or preloaded; heat alone is said as heat. */
    private static void setting(boolean housingTurns, Bearing first, Bearing second, List<Said> said) {
        Track one = first.still(housingTurns).track();
        Track two = second.still(housingTurns).track();
        boolean hot = first.has("straw", "brown", "blue") || second.has("straw", "brown", "blue");
        boolean rib = first.has("rib-wear") || second.has("rib-wear");
        boolean full = full(first) && full(second);
        if (full && (hot || rib)) {
            said.add(new Said(
                    "preload",
                    "Full width all round on cones and cups, no load arc left on the still ones, with "
                            + (rib ? "the rib scored" : "the colour of heat") + ": it was set with preload.",
                    rings(first, second)));
        } else if (hot) {
            said.add(new Said(
                    "heat",
                    "The colour of heat, without full width all round on both: it ran hot, by its brake, its grease "
                            + "or its load. Preload is not proved by it.",
                    rings(first, second)));
        }
        if (one != null
                && two != null
                && edge(one, first.turning(housingTurns).track())
                && edge(two, second.turning(housingTurns).track())
                && Math.signum(one.offset()) == Math.signum(two.offset())) {
            said.add(new Said(
                    "end-play",
                    "The arcs of the still rings stand on opposite edges of the hub, the turning ones are tracked all "
                            + "round on the edge that faces them: too much end play, the hub ran tilted.",
                    rings(first, second)));
        }
    }

    private static boolean full(Bearing bearing) {
        return Stream.of(bearing.map().inner(), bearing.map().outer())
                .map(RingPainting::track)
                .allMatch(track -> track != null && track.allRound() && track.width() >= FULL);
    }

    /** True where a still ring's arc stands at an edge, and the turning ring was tracked all round on the same one. */
    private static boolean edge(Track still, @Nullable Track turning) {
        return turning != null
                && !still.allRound()
                && Math.abs(still.offset()) >= OFF
                && turning.allRound()
                && Math.abs(turning.offset()) >= OFF
                && Math.signum(turning.offset()) == Math.signum(still.offset());
    }

    /** Ball pairs: what the spacer did to the inner rings. */
    private static void spacer(Bearing first, Bearing second, List<Said> said) {
        int inner = side(first.map().inner().track(), second.map().inner().track());
        int outer = side(first.map().outer().track(), second.map().outer().track());
        if (inner > 0 && outer < 0) {
            said.add(new Said(
                    "pushed-apart",
                    "Both inner rings are tracked toward each other, both outer ones away from each other: the inner "
                            + "rings were pushed apart, by a spacer too long for its shoulders, or by a case that "
                            + "draws the outer rings together.",
                    rings(first, second)));
        } else if (inner < 0 && outer > 0) {
            said.add(new Said(
                    "drawn-together",
                    "Both inner rings are tracked away from each other, both outer ones toward each other: the inner "
                            + "rings were drawn together, over a spacer that is short, flared or missing.",
                    rings(first, second)));
        }
    }

    /** 1 where both tracks stand toward the other bearing, −1 where both stand away from it, 0 otherwise. */
    private static int side(@Nullable Track one, @Nullable Track two) {
        if (one == null || two == null || Math.abs(one.offset()) < OFF || Math.abs(two.offset()) < OFF) {
            return 0;
        }
        return Math.signum(one.offset()) != Math.signum(two.offset()) ? 0 : one.offset() > 0 ? 1 : -1;
    }

    private static void water(Bearing first, Bearing second, List<Said> said) {
        boolean one = first.has("rust", "dark-line");
        boolean two = second.has("rust", "dark-line");
        if (one != two) {
            Bearing wet = one ? first : second;
            said.add(new Said(
                    "water-one-side",
                    "Only one of them stood in water: look at the seal, cap or gasket on its side. A hub that was "
                            + "dipped hot draws water in at either.",
                    List.of(wet.label())));
        }
    }

    /** Where the still rings carried, clockwise from what stood up. */
    private static void load(Bearing first, Bearing second, List<Said> said) {
        Double one = zone(first.map().input());
        Double two = zone(second.map().input());
        if (one == null || two == null) {
            return;
        }
        double apart = Math.abs(Painting.turn(one, two));
        List<String> rings = List.of(first.label() + ", still ring", second.label() + ", still ring");
        if (apart <= SAME_DEG) {
            said.add(new Said("load", "Both carried at the same side: a load between them, as a wheel's.", rings));
        } else if (apart >= 180 - SAME_DEG) {
            said.add(new Said(
                    "moment",
                    "They carried at opposite sides: a moment, from load outside the pair or from the side (an offset "
                            + "wheel, an overhung pulley or gear; for a pinion that is normal).",
                    rings));
        }
    }

    private static @Nullable Double zone(RaceMapInput input) {
        Double load = input.loadDeg();
        Double up = input.upDeg();
        return load == null || up == null ? null : Double.valueOf(load - up);
    }
}
