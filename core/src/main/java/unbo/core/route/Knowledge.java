package unbo.core.route;

import unbo.core.bearing.BearingBook;
import unbo.core.designation.Decoder;
import unbo.core.diagnosis.OwnCases;

/** What a workshop knows beyond what is typed: its bearings beside the shipped ones, and how its jobs turned out. */
public record Knowledge(BearingBook bearings, OwnCases cases) {

    /** A workshop that has added nothing yet. */
    public static final Knowledge SHIPPED = new Knowledge(Decoder.SHIPPED, OwnCases.NONE);
}
