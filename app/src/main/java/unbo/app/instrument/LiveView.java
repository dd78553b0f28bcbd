package unbo.app.instrument;

import java.util.List;
import java.util.Map;

import unbo.core.input.Field;
import unbo.core.simulation.TurningHub;

/**
 * The panel that reads an instrument into boxes of a form.
 *
 * @param into boxes, in the order in which they are filled
 * @param attached instruments that are there, with what they measure
 * @param port where further ones may call; 0 when none can
 */
public record LiveView(List<Into> into, Map<String, String> attached, int port, List<Field> simulated) {

    /**
     * A box.
     *
     * @param next the box that is filled after it; empty when it stays
     * @param many true when readings are added to those that stand there
     * @param turn true when each reading is at the next mark of the turn
     */
    public record Into(String name, String label, String next, boolean many, boolean turn) {}

    private static final Into PUSH = new Into("push", "end play, pushed", "pull", true, false);
    private static final Into PULL = new Into("pull", "end play, pulled", "push", true, false);
    private static final Into HUB =
            new Into("hubTemperature", "this hub after the run", "twinTemperature", false, false);
    private static final Into TWIN = new Into("twinTemperature", "its twin after the run", "", false, false);
    private static final List<String> TURN =
            List.of("eccentric", "eccentricAt", "oval", "ovalAt", "dent", "dentAt", "scatter", "seed");

    /** For a turn of readings on the bench, and a second one with the disc turned. */
    public static LiveView turn(AttachedInstruments instruments) {
        return new LiveView(
                List.of(
                        new Into("readings", "one turn", "", true, true),
                        new Into("indexed", "one turn, disc turned on the hub", "", true, true)),
                instruments.names(),
                instruments.port(),
                TurningHub.LIST.fields().stream()
                        .filter(f -> TURN.contains(f.name()))
                        .toList());
    }

    /** For the proofs of a finished hub. */
    public static LiveView proof(AttachedInstruments instruments) {
        return new LiveView(
                List.of(PUSH, PULL, HUB, TWIN, new Into("runout", "runout, one turn", "", true, true)),
                instruments.names(),
                instruments.port(),
                TurningHub.LIST.fields());
    }
}
