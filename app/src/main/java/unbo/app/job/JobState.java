package unbo.app.job;

/** Where a job stands. */
public enum JobState {
    OPEN("open"),
    WAITING("waiting for parts"),
    SIGNED("signed"),
    ABANDONED("abandoned");

    private final String words;

    JobState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Signed and abandoned jobs are frozen until they are opened again with a reason. */
    public boolean frozen() {
        return this == SIGNED || this == ABANDONED;
    }
}
