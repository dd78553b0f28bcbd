package unbo.app.workshop;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.data.Changes;
import unbo.app.data.Known;
import unbo.core.input.UnitSystem;

/** Reads and changes the workshop's preferences. */
@Service
public class WorkshopService {

    private final Workshops workshops;
    private final Known<Workshop> known;

    WorkshopService(Workshops workshops, Changes changes) {
        this.workshops = workshops;
        this.known = new Known<>(changes, "workshop", () -> workshops.findById(Workshop.ONLY));
    }

    public Workshop current() {
        return known.get();
    }

    @Transactional
    public void change(WorkshopForm form) {
        known.changes();
        workshops
                .findById(Workshop.ONLY)
                .change(form.name(), form.units(), form.settingSchool(), form.serviceSchool(), form.tools());
    }

    /** Whether Diagnose is moved by the workshop's own closed jobs. */
    @Transactional
    public void learn(boolean yes) {
        known.changes();
        workshops.findById(Workshop.ONLY).learn(yes);
    }

    /** The system in which bare numbers are read on pages. */
    public UnitSystem units() {
        return current().unitSystem();
    }
}
