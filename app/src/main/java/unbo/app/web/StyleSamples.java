package unbo.app.web;

import java.util.List;
import java.util.Map;

import org.springframework.ui.Model;

import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Role;
import unbo.core.finding.Level;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.setting.CastleNut;
import unbo.core.sheet.Sheet;
import unbo.core.tools.identify.HubSection;
import unbo.core.tools.setting.CastleNutDrawing;
import unbo.core.tools.setting.CastleNutFields;
import unbo.core.tools.setting.CastleNutWords;

/** Real parts for the style page: every element shown is computed, as on the page it comes from. */
final class StyleSamples {

    private StyleSamples() {}

    static void fill(Model model) {
        Map<String, String> texts = Map.of(
                "pitch",
                "16 tpi",
                "slots",
                "6",
                "pinHolesDeg",
                "0 90 180 270",
                "freeAngleDeg",
                "20",
                "endPlayMax",
                "1,250");
        model.addAttribute(
                "form",
                FieldView.form(FieldReader.read(CastleNutFields.LIST, texts, UnitSystem.METRIC), UnitSystem.METRIC));
        Map<String, String> slip = Map.of("endPlayMax", "0.9 mm", "endPlayMin", "4 thou", "slots", "six");
        model.addAttribute(
                "doubtful",
                FieldView.form(FieldReader.read(CastleNutFields.LIST, slip, UnitSystem.METRIC), UnitSystem.METRIC));
        CastleNut nut = CastleNut.of(FieldReader.read(
                        CastleNutFields.LIST,
                        Map.of("pitch", "1.5", "slots", "6", "pinHolesDeg", "0 90 180 270", "freeAngleDeg", "20"),
                        UnitSystem.METRIC)
                .record());
        model.addAttribute("nut", nut);
        model.addAttribute("face", CastleNutDrawing.face(nut));
        model.addAttribute("section", HubSection.of(Sheet.of(List.of())));
        model.addAttribute("worksheet", CastleNutWords.worksheet(nut));
        model.addAttribute("levels", Level.values());
        model.addAttribute(
                "scales",
                List.of(
                        LimitScale.of(
                                "style-in",
                                "Inside",
                                "end play, mm",
                                new LimitScale.Range(0, 0.3),
                                new LimitScale.Range(0.025, 0.125),
                                List.of(new LimitScale.Marker(0.08, "0.080", Role.ANSWER))),
                        LimitScale.of(
                                "style-out",
                                "Outside",
                                "end play, mm",
                                new LimitScale.Range(0, 0.3),
                                new LimitScale.Range(0.025, 0.125),
                                List.of(new LimitScale.Marker(0.21, "0.210", Role.OUT)))));
    }
}
