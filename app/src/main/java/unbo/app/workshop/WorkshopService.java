package unbo.app.workshop;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.input.UnitSystem;

/** Reads and changes the workshop's preferences. */
@Service
public class WorkshopService {

    private final Workshops workshops;

    WorkshopService(Workshops workshops) {
        this.workshops = workshops;
    }

    @Transactional(readOnly = true)
    public Workshop current() {
        return workshops.findById(Workshop.ONLY);
    }

    @Transactional
    public void change(WorkshopForm form) {
        workshops.findById(Workshop.ONLY).change(form.name(), form.units(), form.settingSchool(), form.serviceSchool());
    }

    /** The system in which bare numbers are read on pages. */
    @Transactional(readOnly = true)
    public UnitSystem units() {
        return current().unitSystem();
    }
}
