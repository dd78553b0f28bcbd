package unbo.app.workshop;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

import unbo.core.input.UnitSystem;

/** Reads and changes the workshop's preferences. */
@Service
public class WorkshopService {

    private final Workshops workshops;
    /** The preferences as last read: every page wants them, hardly any changes them. */
    private volatile Workshop known;

    WorkshopService(Workshops workshops) {
        this.workshops = workshops;
    }

    public Workshop current() {
        Workshop workshop = known;
        if (workshop == null) {
            workshop = workshops.findById(Workshop.ONLY);
            if (!TransactionSynchronizationManager.isActualTransactionActive()) {
                known = workshop;
            }
        }
        return workshop;
    }

    @Transactional
    public void change(WorkshopForm form) {
        readAgain();
        workshops.findById(Workshop.ONLY).change(form.name(), form.units(), form.settingSchool(), form.serviceSchool(), form.tools());
    }

    /** Whether Diagnose is moved by the workshop's own closed jobs. */
    @Transactional
    public void learn(boolean yes) {
        readAgain();
        workshops.findById(Workshop.ONLY).learn(yes);
    }

    private void readAgain() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                known = null;
            }
        });
        known = null;
    }

    /** The system in which bare numbers are read on pages. */
    public UnitSystem units() {
        return current().unitSystem();
    }
}
