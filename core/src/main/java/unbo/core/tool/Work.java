package unbo.core.tool;

/** The parts of the work that the bench and the numbers beside a job are laid out by, in the order of a job. */
public enum Work {
    TELL("Is it the bearing?"),
    IDENTIFY("Which bearing, which seal?"),
    STRIP("Get it out, read it"),
    SET("Fit and set"),
    RUN("Grease, speed, load, life"),
    PROVE("Prove and log"),
    DECIDE("Learn and decide");

    private final String title;

    Work(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
