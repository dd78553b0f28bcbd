package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.arrange.UnitHub;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A unit hub, in print. */
public final class UnitHubWords {

    private static final double NEAR = 0.05;

    private UnitHubWords() {}

    public static Answer answer(UnitHub hub) {
        List<Finding> findings = new ArrayList<>();
        if (hub.makerNm() == null) {
            findings.add(new Finding(
                    "maker-torque",
                    Level.OPEN,
                    "The maker's torque is not written: look it up before the wheel goes down."));
        } else if (Math.abs(hub.torqueNm() - hub.makerNm()) <= NEAR * hub.makerNm()) {
            findings.add(new Finding("axle-nut-right", Level.RIGHT, "The axle nut has the maker's torque."));
        } else {
            findings.add(new Finding(
                    "axle-nut-off",
                    Level.SOON,
                    "The axle nut is " + Show.number(Math.abs(hub.torqueNm() - hub.makerNm()), 0) + " N·m "
                            + (hub.torqueNm() < hub.makerNm() ? "under" : "over") + " the maker's torque: "
                            + (hub.torqueNm() < hub.makerNm()
                                    ? "tighten it."
                                    : "a new nut, tightened afresh; look at the bearing.")));
        }
        if (!hub.newNut()) {
            findings.add(new Finding(
                    "old-nut", Level.WATCH, "A staked, self-locking or yield-torqued axle nut is always new."));
        }
        if (hub.turns().equals("tight")) {
            findings.add(new Finding(
                    "hub-tight",
                    Level.STOP,
                    "It is tight: wrong bearing, a ring not seated, or pressed through the "
                            + "elements. It does not go on the road like this."));
        }
        return new Answer(
                List.of(Answer.Figure.number(
                        "axle nut",
                        hub.torqueNm(),
                        0,
                        "N·m",
                        hub.makerNm() == null ? "" : "maker " + Show.number(hub.makerNm(), 0) + " N·m")),
                findings,
                List.of("No adjustment: play means a new bearing, never a tighter nut."),
                new Worksheet(
                        "Is the axle nut right?",
                        List.of(Worksheet.judged(
                                "",
                                "torque",
                                "",
                                Show.number(hub.torqueNm(), 1) + " N·m",
                                hub.makerNm() == null ? "the maker's" : Show.number(hub.makerNm(), 1) + " N·m ±5 %")),
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
