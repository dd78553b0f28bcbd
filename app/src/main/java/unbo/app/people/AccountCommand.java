package unbo.app.people;

import java.io.Console;
import java.io.IOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.SQLIntegrityConstraintViolationException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Locale;
import java.util.Map;

import unbo.core.people.Password;
import unbo.core.people.Role;

/**
 * {@code ./unbo account NAME INITIALS ROLE}: makes an account in the database of the environment, or gives the one of
 * that name another password and opens it; for who is locked out, or has no page yet.
 */
public final class AccountCommand {

    private AccountCommand() {}

    public static void main(String[] args) {
        String said = run(args, System.getenv());
        boolean good = said.startsWith("Kept");
        (good ? System.out : System.err).println(said);
        System.exit(good ? 0 : 1);
    }

    /** @return what came of it, in a sentence that begins with "Kept" where it was done */
    static String run(String[] args, Map<String, String> settings) {
        if (args.length != 3 || Role.of(args[2]).isEmpty()) {
            return "Write ./unbo account NAME INITIALS ROLE; a role is owner, mechanic or apprentice.";
        }
        String name = args[0].strip();
        String initials = args[1].strip().toUpperCase(Locale.ROOT);
        Role role = Role.of(args[2]).orElseThrow();
        String refusal = Accounts.refusal(name, initials);
        if (!refusal.isEmpty()) {
            return refusal;
        }
        String password = settings.getOrDefault("UNBO_NEW_PASSWORD", "");
        if (password.isEmpty()) {
            password = asked(name);
        }
        refusal = Guessed.refusal(password, name);
        if (!refusal.isEmpty()) {
            return refusal;
        }
        String hash = Hashes.encoder().encode(password);
        try (Connection database = DriverManager.getConnection(
                settings.getOrDefault("UNBO_DB_URL", ""),
                settings.getOrDefault("UNBO_DB_USER", "unbo"),
                settings.getOrDefault("UNBO_DB_PASSWORD", ""))) {
            return kept(database, new Accounts.Account(0, name, initials, role, hash, true, false));
        } catch (SQLIntegrityConstraintViolationException twice) {
            return name + " has just got an account from somebody else.";
        } catch (SQLException none) {
            return "The database does not answer or has no accounts yet (start Unbo once): " + none.getMessage();
        }
    }

    private static String asked(String name) {
        Console console = System.console();
        if (console != null) {
            char[] typed = console.readPassword("Password of %s (%d characters or more): ", name, Password.SHORTEST);
            return typed == null ? "" : new String(typed);
        }
        try {
            return new String(System.in.readNBytes(4 * Password.LONGEST + 2), java.nio.charset.StandardCharsets.UTF_8)
                    .stripTrailing();
        } catch (IOException none) {
            return "";
        }
    }

    private static String kept(Connection database, Accounts.Account one) throws SQLException {
        database.setAutoCommit(true);
        String said = written(database, one);
        try (PreparedStatement told = database.prepareStatement(
                "insert into known_change (name, n) " + "values ('accounts', 1) on duplicate key update n = n + 1")) {
            told.executeUpdate(); // whoever serves it asks from now on who one is
        }
        return said;
    }

    private static String written(Connection database, Accounts.Account one) throws SQLException {
        try (PreparedStatement there = database.prepareStatement(
                "update account set initials = ?, role = ?, password = ?, active = true, second_step = null "
                        + "where name = ?")) {
            there.setString(1, one.initials());
            there.setString(2, one.role().words());
            there.setString(3, one.password());
            there.setString(4, one.name());
            if (there.executeUpdate() > 0) {
                try (PreparedStatement browsers =
                        database.prepareStatement("delete from persistent_logins where username = ?")) {
                    browsers.setString(1, one.name());
                    browsers.executeUpdate();
                }
                return "Kept: " + one.name() + " has another password, no second step, and is "
                        + one.role().words() + ".";
            }
        }
        try (PreparedStatement made = database.prepareStatement(
                "insert into account (name, initials, role, password, made) values (?, ?, ?, ?, ?)")) {
            made.setString(1, one.name());
            made.setString(2, one.initials());
            made.setString(3, one.role().words());
            made.setString(4, one.password());
            made.setTimestamp(5, Timestamp.from(Instant.now()));
            made.executeUpdate();
        }
        return "Kept: " + one.name() + " has an account, as " + one.role().words() + ".";
    }
}
