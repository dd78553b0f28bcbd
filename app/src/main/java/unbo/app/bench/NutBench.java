package unbo.app.bench;

import java.util.Map;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import unbo.app.job.JobService;
import unbo.app.setting.NutAnswer;
import unbo.app.tool.IntoJob;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.Workshop;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.setting.CastleNut;
import unbo.core.setting.CastleNutInput;
import unbo.core.tools.setting.CastleNutFields;
import unbo.core.tools.setting.CastleNutTool;

/** The castellated nut on the bench; its inputs stay in the address. */
@Page
class NutBench {

    private static final CastleNutTool TOOL = new CastleNutTool();

    private final WorkshopService workshops;
    private final JobService jobs;

    NutBench(WorkshopService workshops, JobService jobs) {
        this.workshops = workshops;
        this.jobs = jobs;
    }

    @GetMapping("/bench/nut")
    String nut(@RequestParam Map<String, String> texts, Model model) {
        Workshop workshop = workshops.current();
        UnitSystem system = texts.isEmpty() ? UnitSystem.METRIC : workshop.unitSystem();
        Map<String, String> asked = texts.isEmpty() ? new java.util.HashMap<>(TOOL.sample()) : texts;
        asked.putIfAbsent("school", workshop.settingSchool());
        Reading<CastleNutInput> reading = FieldReader.read(CastleNutFields.LIST, TypedForm.read(asked, system));
        model.addAttribute(
                "form", FieldView.form(reading, TypedForm.read(asked, system).shownIn(workshop.unitSystem())));
        model.addAttribute(
                "answer", reading.get().map(CastleNut::of).map(NutAnswer::of).orElse(null));
        Map<String, String> forJob = new java.util.HashMap<>(asked);
        forJob.putIfAbsent(TypedForm.UNITS, system.name());
        model.addAttribute("intoJobs", IntoJob.links(jobs.underWay(0, IntoJob.MOST), TOOL, forJob));
        return "bench/nut";
    }
}
