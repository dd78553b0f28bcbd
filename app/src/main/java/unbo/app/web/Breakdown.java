package unbo.app.web;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLRecoverableException;
import java.sql.SQLTransientConnectionException;
import java.util.Set;

import org.springframework.dao.OptimisticLockingFailureException;

/**
 * What a user is told when the machinery behind a page does not work.
 *
 * @param status  HTTP status
 * @param waiting true where trying again by itself makes sense
 */
record Breakdown(int status, String title, String sentence, boolean waiting) {

    static final Breakdown TOO_LARGE = new Breakdown(413, "This is too large", "What was sent is larger than Unbo takes: a file of jobs may have 8 MB, a recording 64 MB, a form 256 kB. Nothing was kept.", false);
    static final Breakdown TOO_LATE = new Breakdown(403, "This page was open too long",
            "The form's token no longer fits, so nothing was kept. What you typed stands below with a new one: send it again.", false);
    static final Breakdown GONE = new Breakdown(503, "The database does not answer", "The database does not answer just now: nothing was kept in part. This page tries again by itself.", true);
    static final Breakdown FULL = new Breakdown(507, "The disk is full", "The disk has no room left, so nothing was kept. Free some space on the machine that runs Unbo, then send it again.", false);
    private static final Breakdown RACED = new Breakdown(409, "Two at the same moment", "Somebody else changed this at the same moment, so yours was not kept. Send it again.", false);

    /** Error numbers by which MariaDB says that it cannot write: disk full, table full, no space left on the device, error writing a file. */
    private static final Set<Integer> NO_ROOM = Set.of(1021, 1114, 28, 1026, 3);

    /** A database that finds no room may end instead of saying so: with less than this left, 32 MB, that is what it was. */
    private static final long LEAST_ROOM = 32L << 20;

    /**
     * What a failure means to the user; null where it is a fault of the application's own.
     *
     * @param room bytes left on the disk on which Unbo keeps its data
     */
    static Breakdown of(Throwable failure, long room) {
        Breakdown told = told(failure);
        return told == GONE && room < LEAST_ROOM ? FULL : told;
    }

    private static Breakdown told(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof OptimisticLockingFailureException) {
                return RACED;
            }
            if (cause instanceof SQLTransientConnectionException || cause instanceof SQLNonTransientConnectionException || cause instanceof SQLRecoverableException) {
                return GONE;
            }
            if (cause instanceof SQLException sql) {
                if (NO_ROOM.contains(sql.getErrorCode())) {
                    return FULL;
                }
                if (sql.getSQLState() != null && sql.getSQLState().startsWith("08")) {
                    return GONE;
                }
            }
        }
        return null;
    }
}
