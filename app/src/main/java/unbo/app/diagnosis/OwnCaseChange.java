package unbo.app.diagnosis;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;

import unbo.core.diagnosis.OwnCases;

/** That a closed job is counted from now on, or no longer. */
@Entity
class OwnCaseChange {

    /** The number of changes with it. */
    @Id
    private Long n;

    private int moved;
    private String vehicle;
    private String cause;
    private String position;
    private String checks;

    protected OwnCaseChange() {}

    /** 1 where it is counted from now on, −1 where it no longer is. */
    int by() {
        return moved;
    }

    OwnCases.Case counted() {
        return new OwnCase(n, vehicle, cause, position, checks).counted();
    }
}
