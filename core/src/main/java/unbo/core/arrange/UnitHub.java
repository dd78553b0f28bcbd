package unbo.core.arrange;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * A unit or cartridge hub: nothing is adjusted; the axle nut's torque, the maker's, holds its inner rings together.
 *
 * @param torqueNm as tightened @param makerNm the maker's figure @param newNut true for a nut that was never torqued
 *     before
 */
public record UnitHub(double torqueNm, @Nullable Double makerNm, boolean newNut, String turns) {

    private static final double NEAR = 0.05;
    private static final List<Field.Choice> TURNS = List.of(
            new Field.Choice("free", "turns freely, evenly"),
            new Field.Choice("drags", "drags a little, evenly"),
            new Field.Choice("tight", "tight, or with a tight place"));

    public static final FieldList<UnitHub> LIST = FieldList.of(
            List.of(
                    Field.quantity("torque", "Axle nut tightened to", Quantity.TORQUE, "N·m", 5, 800)
                                    .usually(60, 400)
                                    .must(),
                            Field.quantity("maker", "The maker's torque", Quantity.TORQUE, "N·m", 5, 800)
                                    .usually(60, 400),
                    Field.yesNo("newNut", "New axle nut"),
                            Field.choice("turns", "Turned by hand", TURNS).orElse("free", null)),
            v -> new UnitHub(v.number("torque"), v.maybe("maker"), v.yes("newNut"), v.text("turns")));

    /** It in print. */
    public Answer answer() {
        List<Finding> findings = new ArrayList<>();
        if (makerNm == null) {
            findings.add(new Finding(
                    "maker-torque",
                    Level.OPEN,
                    "The maker's torque is not written: look it up before the wheel goes down."));
        } else if (Math.abs(torqueNm - makerNm) <= NEAR * makerNm) {
            findings.add(new Finding("axle-nut-right", Level.RIGHT, "The axle nut has the maker's torque."));
        } else {
            findings.add(new Finding(
                    "axle-nut-off",
                    Level.SOON,
                    "The axle nut is " + Show.number(Math.abs(torqueNm - makerNm), 0) + " N·m "
                            + (torqueNm < makerNm ? "under" : "over") + " the maker's torque: "
                            + (torqueNm < makerNm
                                    ? "tighten it."
                                    : "a new nut, tightened afresh; look at the bearing.")));
        }
        if (!newNut) {
            findings.add(new Finding(
                    "old-nut", Level.WATCH, "A staked, self-locking or yield-torqued axle nut is always new."));
        }
        if (turns.equals("tight")) {
            findings.add(new Finding(
                    "hub-tight",
                    Level.STOP,
                    "It is tight: wrong bearing, a ring not seated, or pressed through the "
                            + "elements. It does not go on the road like this."));
        }
        return new Answer(
                List.of(new Answer.Figure(
                        "axle nut",
                        Show.number(torqueNm, 0),
                        "N·m",
                        makerNm == null ? "" : "maker " + Show.number(makerNm, 0) + " N·m")),
                findings,
                List.of("No adjustment: play means a new bearing, never a tighter nut."),
                new Worksheet(
                        "Is the axle nut right?",
                        List.of(Worksheet.judged(
                                "",
                                "torque",
                                "",
                                Show.number(torqueNm, 1) + " N·m",
                                makerNm == null ? "the maker's" : Show.number(makerNm, 1) + " N·m ±5 %")),
                        List.of("The vehicle maker's torque comes first.")),
                List.of(),
                List.of(
                        new Step(
                                "nut",
                                "Tighten the axle nut with the wheel still off the ground, brake held; stake "
                                        + "or lock it.",
                                "Never drive, roll or lower the vehicle with the axle nut loose: the halves "
                                        + "spread and the bearing is ruined."),
                        new Step("spin", "Turn the hub by hand: even, no tight place, no click.", "")));
    }
}
