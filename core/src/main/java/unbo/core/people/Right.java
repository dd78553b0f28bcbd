package unbo.core.people;

/** What somebody may do besides reading and working at stages, which everybody may. */
public enum Right {
    /** Sign a job, and look one through for another. */
    SIGN,
    /** Open a closed job again. */
    REOPEN,
    /** Take a vehicle or a job out of every list. */
    TAKE_AWAY,
    /** Take files of the record out of the house, or in. */
    FILES,
    /** Change how the workshop works. */
    SETTINGS,
    /** Say who has an account, and read who did what. */
    PEOPLE
}
