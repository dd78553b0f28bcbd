package unbo.core.tools.identify;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.designation.SealSize;
import unbo.core.form.TypedRows;
import unbo.core.identify.SealRoom;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.seal.SealState;

/** The seals of a vehicle, a line for each: on the bench and with the vehicle's record. */
public final class SealLedgerFields {

    /** Name of the box that holds the lines. */
    public static final String BOX = "seals";

    static final int MOST = 60;

    private static final List<Field.Choice> LIPS = List.of(
            new Field.Choice("unseen", "not looked at"),
            new Field.Choice("clings", "spacer clings"),
            new Field.Choice("loose", "spacer is loose"));

    private static final List<Field.Choice> SPRINGS = List.of(
            new Field.Choice("none", "none made"),
            new Field.Choice("there", "there"),
            new Field.Choice("gone", "off, broken, rusted"));

    public static final FieldList<Line> LINE = FieldList.of(
            List.of(
                    Field.text("place", "Place and side", 60).must(),
                    Field.text("marking", "Seal, as stamped", 40),
                    Field.choice("lip", "Lip", LIPS).orElse("unseen", null),
                    Field.quantity("trackMm", "Track, deep", Quantity.LENGTH, "mm", 0, 5)
                            .usually(0, 0.6),
                    Field.choice("spring", "Spring", SPRINGS).orElse("none", null),
                    Field.quantity("seatMm", "Seat, deep", Quantity.LENGTH, "mm", 1, 200),
                    Field.date("fitted", "Fitted on")),
            SealLedgerFields::lineRules,
            v -> new Line(
                    v.text("place"),
                    v.text("marking"),
                    SealState.Lip.valueOf(v.text("lip").toUpperCase(Locale.ROOT)),
                    v.maybe("trackMm"),
                    v.text("spring"),
                    v.maybe("seatMm"),
                    v.date("fitted")));

    private static final TypedRows<Line> LINES = new TypedRows<>(BOX, LINE, 1, MOST);

    public static final FieldList<Ledger> LIST = FieldList.of(
            List.of(
                    Field.rows(BOX, "Seals", LINE.fields()).must().hint("a line for each, left and right apart"),
                    Field.date("today", "On the day")),
            LINES::problems,
            v -> new Ledger(LINES.records(v), v.date("today")));

    /**
     * A seal at its place.
     *
     * @param spring {@code none there gone}
     */
    public record Line(
            String place,
            String marking,
            SealState.Lip lip,
            @Nullable Double trackMm,
            String spring,
            @Nullable Double seatMm,
            @Nullable LocalDate fitted) {

        /** As it is written in the box. */
        public String text() {
            return String.join(
                    "; ",
                    place.replace(';', ','),
                    marking,
                    lip.name().toLowerCase(Locale.ROOT),
                    trackMm == null ? "" : Show.number(trackMm, 3),
                    spring,
                    seatMm == null ? "" : Show.number(seatMm, 2),
                    fitted == null ? "" : fitted.toString());
        }

        /** Its size, where its marking tells one. */
        public Optional<SealSize> size() {
            return SealRoom.size(marking);
        }

        /** What its lip, spring and track tell. */
        public SealState state() {
            return SealState.of(new SealState.Seal(
                    size().map(SealSize::widthMm).orElse(null), seatMm, lip, spring.equals("gone"), trackMm));
        }
    }

    /** All of them. @param today null where the day does not matter */
    public record Ledger(List<Line> lines, @Nullable LocalDate today) {

        public Ledger {
            lines = List.copyOf(lines);
        }
    }

    private SealLedgerFields() {}

    private static List<Problem> lineRules(Values v) {
        return v.has("marking") && SealRoom.size(v.text("marking")).isEmpty()
                ? List.of(new Problem(
                        "marking",
                        "“" + v.text("marking") + "” is no size of a seal: shaft x outside x width, as 25x47x7.",
                        false))
                : List.of();
    }
}
