package unbo.app.web;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLRecoverableException;
import java.sql.SQLTransientConnectionException;
import java.util.HashSet;
import java.util.Set;

import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.TransactionSystemException;

/**
 * What a user is told when the machinery behind a page does not work.
 *
 * @param status HTTP status
 * @param waiting true where trying again by itself makes sense
 */
record Breakdown(int status, String title, String sentence, boolean waiting) {

    static final Breakdown TOO_LATE = new Breakdown(
            403,
            "This page was open too long",
            "The form's token no longer fits, so nothing was kept. What you typed stands "
                    + "below with a new one: send it again.",
            false);
    static final Breakdown OF_NO_LENGTH = new Breakdown(
            411,
            "How large is this?",
            "What was sent does not say how long it is (Content-Length), so it was not read. Nothing was kept.",
            false);
    static final Breakdown GONE = new Breakdown(
            503,
            "The database does not answer",
            "The database does not answer just now: nothing was kept in part. This page tries again by itself.",
            true);
    static final Breakdown BUSY = new Breakdown(
            503,
            "Many are asking at once",
            "More is asked than can be answered just now, and nothing was kept in part. "
                    + "This page tries again by itself.",
            true);
    static final Breakdown FULL = new Breakdown(
            507,
            "The disk is full",
            "The disk has no room left, so nothing was kept. Free some space on the "
                    + "machine that runs Unbo, then send it again.",
            false);
    static final Breakdown RACED = new Breakdown(
            409,
            "Two at the same moment",
            "Somebody else changed this at the same moment, so yours was not kept. Send it again.",
            false);
    static final Breakdown UNFIT = new Breakdown(
            422,
            "This does not fit",
            "Something that was typed is longer or larger than there is room for, so "
                    + "nothing was kept. What you typed stands below; go back, shorten it, and send it again.",
            false);

    /**
     * Error numbers by which MariaDB says that it cannot write: disk full, table full, no space left on the device,
     * error writing a file.
     */
    private static final Set<Integer> NO_ROOM = Set.of(1021, 1114, 28, 1026, 3);
    /** Two wrote the same: duplicate entry. */
    private static final int DOUBLE = 1062;
    /** Two waited for each other, or one for too long. */
    private static final Set<Integer> LOCKED = Set.of(1205, 1213, 1020);

    /**
     * A database that finds no room may end instead of saying so: with less than this left, 32 MB, that is what it was.
     */
    private static final long LEAST_ROOM = 32L << 20;

    /** What was sent is larger than what it is for. */
    static Breakdown tooLarge(Largest limit) {
        return new Breakdown(
                413,
                "This is too large",
                "What was sent is larger than Unbo takes: " + limit.words() + ". Nothing was kept.",
                false);
    }

    /**
     * What a failure means to the user; null where it is a fault of the application's own.
     *
     * @param room bytes left on the disk on which Unbo keeps its data
     */
    static Breakdown of(Throwable failure, long room) {
        Breakdown told = told(failure, new HashSet<>());
        return told == GONE && room < LEAST_ROOM ? FULL : told;
    }

    private static Breakdown told(Throwable failure, Set<Throwable> seen) {
        if (failure == null || !seen.add(failure)) {
            return null;
        }
        Breakdown own = own(failure);
        if (own != null) {
            return own;
        }
        Breakdown told = told(failure.getCause(), seen);
        if (told == null && failure instanceof TransactionSystemException undone) {
            told = told(undone.getApplicationException(), seen);
        }
        if (told == null && failure instanceof DataIntegrityViolationException) {
            return UNFIT;
        }
        return told;
    }

    private static Breakdown own(Throwable failure) {
        if (failure instanceof ConcurrencyFailureException) {
            return RACED;
        }
        if (failure instanceof SQLTransientConnectionException waited
                && waited.getCause() == null
                && waited.getSQLState() == null) {
            return BUSY;
        }
        if (failure instanceof SQLTransientConnectionException
                || failure instanceof SQLNonTransientConnectionException
                || failure instanceof SQLRecoverableException) {
            return GONE;
        }
        return failure instanceof SQLException sql ? own(sql) : null;
    }

    private static Breakdown own(SQLException failure) {
        if (NO_ROOM.contains(failure.getErrorCode())) {
            return FULL;
        }
        if (failure.getErrorCode() == DOUBLE || LOCKED.contains(failure.getErrorCode())) {
            return RACED;
        }
        boolean broken = failure.getSQLState() == null
                ? String.valueOf(failure.getMessage()).contains("onnection is closed")
                : failure.getSQLState().startsWith("08");
        return broken ? GONE : null;
    }
}
