package unbo.app.workshop;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;

import unbo.core.input.UnitSystem;

/** How this workshop writes and what it prefers: the one row of its table. */
@Entity
public class Workshop {

    static final long ONLY = 1;

    @Id
    private Long id;

    @Version
    private int version;

    private String name;

    @Enumerated(EnumType.STRING)
    private UnitSystem unitSystem;

    private String settingSchool;
    private String serviceSchool;
    private boolean setUp;
    private boolean learns = true;
    private String tools;

    protected Workshop() {}

    public String name() {
        return name;
    }

    public UnitSystem unitSystem() {
        return unitSystem;
    }

    public String settingSchool() {
        return settingSchool;
    }

    public String serviceSchool() {
        return serviceSchool;
    }

    /** False until somebody has answered the first-run page. */
    public boolean isSetUp() {
        return setUp;
    }

    /** True when Diagnose is moved by the workshop's own closed jobs. */
    public boolean learns() {
        return learns;
    }

    /** Codes of the tools for removal that are here, parted by blanks. */
    public String tools() {
        return tools;
    }

    void learn(boolean yes) {
        learns = yes;
    }

    void change(String newName, UnitSystem units, String setting, String service, String newTools) {
        name = newName;
        unitSystem = units;
        settingSchool = setting;
        serviceSchool = service;
        tools = newTools;
        setUp = true;
    }
}
