package unbo.core.vehicle;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Values;
import unbo.core.measure.Show;

/**
 * What is known about a vehicle.
 *
 * @param mark number plate, frame number or fleet number
 * @param owner initials
 * @param counterUnit km, mi, h or none
 * @param yearly distance a year by estimate, in the counter's unit (km where there is no counter); null when unknown
 * @param use dry, wet, immersed or off-road
 */
public record VehicleInput(
        String kind,
        String name,
        String mark,
        String owner,
        String counterUnit,
        @Nullable Double yearly,
        String use,
        int axles) {

    /** What is asked to add a vehicle or to put it right. */
    public static final FieldList<VehicleInput> LIST = FieldList.of(
            List.of(
                    Field.choice("kind", "Kind", VehicleKind.choices()).must(),
                    Field.text("name", "Name", 80).must().hint("what you call it"),
                    Field.text("mark", "Mark", 30).hint("number plate, frame or fleet number"),
                    Field.text("owner", "Owner, initials", 10),
                    Field.choice("counterUnit", "Counter", Usage.COUNTERS).must(),
                    Field.counter("yearly", "Distance a year", 1_000_000)
                            .hint("by estimate, in the counter's unit; km where there is none"),
                    Field.choice("use", "Use", Usage.USES).must(),
                    Field.whole("axles", "Axles of a trailer", 1, Place.MOST_AXLES)
                            .orElse("1", "one axle")),
            VehicleInput::of);

    private static VehicleInput of(Values v) {
        return new VehicleInput(
                v.text("kind"),
                v.text("name"),
                v.text("mark"),
                v.text("owner"),
                v.text("counterUnit"),
                v.maybe("yearly"),
                v.text("use"),
                v.whole("axles"));
    }

    /** The positions this vehicle has: of a trailer, those of its axles. */
    public List<Place> places() {
        return Place.of(kind).stream()
                .filter(p -> !kind.equals("trailer") || Place.axle(p.code()) <= axles)
                .toList();
    }

    /** As its form takes it again, by field; what is not known is empty. */
    public Map<String, String> texts() {
        Map<String, String> texts = new HashMap<>();
        texts.put("kind", kind);
        texts.put("name", name);
        texts.put("mark", mark);
        texts.put("owner", owner);
        texts.put("counterUnit", counterUnit);
        texts.put("yearly", yearly == null ? "" : Show.number(yearly, 1));
        texts.put("use", use);
        texts.put("axles", String.valueOf(axles));
        texts.replaceAll((field, text) -> text == null ? "" : text);
        return texts;
    }
}
