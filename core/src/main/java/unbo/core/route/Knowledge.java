package unbo.core.route;

import java.util.function.Supplier;

import unbo.core.bearing.BearingBook;
import unbo.core.designation.Decoder;
import unbo.core.diagnosis.OwnCases;

/**
 * What a workshop knows beyond what is typed: its bearings beside the shipped ones, and how its jobs turned out.
 *
 * @param counted asked only where a diagnosis wants it: a workshop of many years has much to count
 */
public record Knowledge(BearingBook bearings, Supplier<OwnCases> counted) {

    /** A workshop that has added nothing yet. */
    public static final Knowledge SHIPPED = new Knowledge(Decoder.SHIPPED, () -> OwnCases.NONE);

    /** How its jobs turned out. */
    public OwnCases cases() {
        return counted.get();
    }
}
