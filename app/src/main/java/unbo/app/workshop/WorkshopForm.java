package unbo.app.workshop;

import java.util.Arrays;
import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.UnitSystem;
import unbo.core.service.ServiceSchool;
import unbo.core.strip.Tools;
import unbo.core.tools.setting.SchoolWords;

/** The preferences as asked on the settings page. */
public record WorkshopForm(String name, UnitSystem units, String settingSchool, String serviceSchool, String tools) {

    /** With the tools that nearly every workshop has. */
    public WorkshopForm(String name, UnitSystem units, String settingSchool, String serviceSchool) {
        this(name, units, settingSchool, serviceSchool, Tools.USUAL);
    }

    /** What is asked; the service schools are the trade's own list. */
    public static final FieldList<WorkshopForm> LIST = FieldList.of(
            List.of(
                    Field.text("name", "Name of the workshop", 80).must(),
                    Field.choice(
                                    "units",
                                    "Bare lengths are",
                                    Arrays.asList(
                                            new Field.Choice("METRIC", "millimetres (N·m, °C)"),
                                            new Field.Choice("INCH", "inches (lbf·ft, °F)")))
                            .must(),
                    Field.choice(
                                    "settingSchool",
                                    "Tapered pairs are set by",
                                    SchoolWords.all().stream()
                                            .map(t ->
                                                    new Field.Choice(t.school().name(), t.school() + " · " + t.name()))
                                            .toList())
                            .must(),
                    Field.choice("serviceSchool", "Adjustable hubs are due", ServiceSchool.ofAdjustedHubs())
                            .must(),
                    Field.text("tools", "Tools for removal", 200)),
            v -> new WorkshopForm(
                    v.text("name"),
                    UnitSystem.valueOf(v.text("units")),
                    v.text("settingSchool"),
                    v.text("serviceSchool"),
                    String.join(" ", Tools.read(v.text("tools")))));
}
