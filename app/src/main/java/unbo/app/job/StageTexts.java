package unbo.app.job;

import java.time.Clock;
import java.util.HashMap;
import java.util.Map;

import org.springframework.stereotype.Component;

import unbo.app.people.Person;
import unbo.app.workshop.Workshop;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.service.ServiceSchool;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.school.Dispute;

/** The texts of a stage: what it begins with, and which of those that are sent belong to it. */
@Component
class StageTexts {

    private final StageFaces faces;
    private final WorkshopService workshops;
    private final Clock clock;

    StageTexts(StageFaces faces, WorkshopService workshops, Clock clock) {
        this.faces = faces;
        this.workshops = workshops;
        this.clock = clock;
    }

    /** The rule by which a stage asks, for such texts. */
    static StageRule<?> rule(JobView view, RouteStage stage, Typed typed) {
        return StageRules.of(stage, view.sheetFor(stage), typed.texts());
    }

    /** What a stage, or an entry of it, that nobody has kept yet begins with. */
    Typed fresh(JobView view, RouteStage stage, Map<String, String> sent) {
        Workshop workshop = workshops.current();
        Sheet sheet = view.sheetFor(stage);
        Map<String, String> texts = new HashMap<>(faces.of(stage).begins(view));
        faces.of(stage).chooses().stream().filter(sent::containsKey).forEach(name -> texts.put(name, sent.get(name)));
        texts.put("day", clock.instant().atZone(clock.getZone()).toLocalDate().toString());
        texts.put("school", workshop.settingSchool());
        texts.put(
                "serviceSchool",
                sheet.kind()
                        .map(kind -> ServiceSchool.usual(kind, workshop.serviceSchool()))
                        .orElse(workshop.serviceSchool()));
        texts.put("tools", workshop.tools());
        Person.here().map(Person::initials).filter(own -> !own.isEmpty()).ifPresent(own -> texts.put("initials", own));
        Map<String, String> chosen = Map.copyOf(texts);
        texts.putAll(StageRules.of(stage, sheet, texts).prefill(sheet, chosen));
        faces.of(stage).chooses().stream().filter(sent::containsKey).forEach(name -> texts.put(name, sent.get(name)));
        return own(view, stage, Typed.of(texts, workshop.unitSystem()), Map.of());
    }

    /**
     * What an entry that was filled in elsewhere and not kept stands for here: its empty boxes are filled from what
     * this job knows, as those of a fresh one are.
     */
    static Typed filled(StageRule<?> rule, Sheet sheet, Typed typed, UnitSystem units) {
        Typed filled = typed;
        for (Map.Entry<String, String> known :
                rule.prefill(sheet, typed.texts()).entrySet()) {
            if (typed.text(known.getKey()).isBlank()) {
                filled = filled.with(known.getKey(), known.getValue(), units);
            }
        }
        return filled;
    }

    /** The texts that belong to a stage: its fields, what chooses how it is asked, ticks, and sides taken. */
    Typed own(JobView view, RouteStage stage, Typed typed, Map<String, String> sent) {
        StageFace face = faces.of(stage);
        Map<String, String> texts = new HashMap<>();
        rule(view, stage, typed).asked().forEach(name -> texts.put(name, typed.text(name)));
        face.chooses().stream()
                .filter(name -> face.chosen(name, typed.text(name)))
                .forEach(name -> texts.put(name, typed.text(name)));
        texts.putAll(face.touched(texts, sent));
        typed.texts().forEach((name, text) -> {
            if (StageForm.isTick(name) && !text.isBlank()) {
                texts.put(name, StageForm.tickText(text));
            } else if (Dispute.keeps(name, text)) {
                texts.put(name, text);
            }
        });
        return new Typed(texts, typed.apart(), typed.units());
    }
}
