package unbo.core.apart;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import unbo.core.assembly.Joint;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * A way to open a joint; the same code may stand in several rows, each for what it takes hold of.
 *
 * @param code of the method
 * @param opens the kind of joint
 * @param of what it works on: targets or kinds of parts; a star for all
 * @param reach what it needs to get at
 * @param effort what it asks and costs
 * @param through where its force goes
 * @param heats true where the part is warmed by it
 */
record ApartMethod(
        String code,
        Joint.Kind opens,
        List<String> of,
        Reach reach,
        Effort effort,
        Through through,
        boolean heats,
        Says says) {
    /**
     * What it asks and costs.
     *
     * @param tools codes of tools that it needs
     * @param minutes hands-on, usual
     * @param risk what it may cost hub, case or shaft, in the measure of a plan's cost
     */
    record Effort(List<String> tools, double minutes, double risk) {}

    /** How it is called, done and feared. */
    record Says(String name, String sentence, String caution) {}

    /** Where a method's force goes. */
    enum Through {
        TIGHT_RING,
        ELEMENTS,
        NONE;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** What a method must get at. */
    enum Reach {
        ANY,
        /** The part's own face, which is uncovered where it can leave. */
        OWN,
        /** The tight ring's far face, through the bore. */
        FAR,
        /** The inner ring's far face alone, the bore clear. */
        FAR_INNER,
        /** The inner ring's far face past a spacer that can be tipped. */
        TIPS,
        /** The bore, with no shaft in it and nothing to grip against. */
        HOLLOW,
        /** A lip for a jaw in a clear bore. */
        GRIP,
        /** Room behind the ring for the edges of a splitter. */
        ROOM,
        /** Room behind the ring for the jaws of a puller. */
        JAW_ROOM,
        /** A bore open at both ends, with nothing else in it. */
        OPEN,
        /** A cavity closed behind an open bearing. */
        CLOSED,
        /** A light-alloy housing and leave to heat. */
        ALLOY,
        /** A light-alloy case and leave to heat, whatever sits in it. */
        CASE_HEAT,
        /** Leave to heat. */
        HOT,
        /** Leave to heat to 250 °C: nothing of alloy. */
        COMPOUND_HEAT,
        /** Steel or iron, and leave to weld. */
        BEAD
    }

    static final List<ApartMethod> ALL = read();

    private static List<ApartMethod> read() {
        List<ApartMethod> all = new ArrayList<>();
        for (TableRow row : Table.read(ApartMethod.class, "methods.csv")) {
            all.add(new ApartMethod(
                    row.word("code"),
                    row.one("joint", Joint.Kind::of),
                    row.words("of"),
                    row.one("reach", Reach.class),
                    new Effort(row.words("tools"), row.number("minutes"), row.number("risk")),
                    row.one("through", Through.class),
                    row.yes("heat"),
                    new Says(row.word("name"), row.word("says"), row.get("caution"))));
        }
        return List.copyOf(all);
    }

    /** A method's own words: those of its first row. */
    static Optional<String> name(String code) {
        return ALL.stream()
                .filter(method -> method.code.equals(code))
                .map(method -> method.says.name())
                .findFirst();
    }

    /** True where what comes off by it is destroyed. */
    boolean destroys() {
        return code.equals("cut-ring") || code.equals("weld-bead");
    }

    boolean works(String... targets) {
        return of.contains("*") || Arrays.stream(targets).anyMatch(of::contains);
    }

    double minutes() {
        return effort.minutes();
    }

    List<String> tools() {
        return effort.tools();
    }
}
