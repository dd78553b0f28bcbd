package unbo.app.people;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import jakarta.annotation.PostConstruct;
import jakarta.servlet.http.HttpServletRequest;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.app.data.Changes;
import unbo.app.data.Known;
import unbo.app.web.Door;
import unbo.app.web.SentAway;
import unbo.core.people.Role;

/**
 * People with their accounts. While there are none the shared passphrase, where one is set, makes an owner of whoever
 * has it; with the first account it opens nothing any more.
 */
@Service
public class Accounts implements UserDetailsService, Door {

    /** Name by which the shared passphrase is given. */
    public static final String SHARED = "workshop";

    private static final RowMapper<Account> ROW = (r, n) -> new Account(
            r.getLong("id"),
            r.getString("name"),
            r.getString("initials"),
            Role.of(r.getString("role")).orElseThrow(),
            r.getString("password"),
            r.getBoolean("active"),
            r.getString("second_step") != null);

    /**
     * @param password hashed, behind the word in braces that says how
     * @param second whether it asks for a second step
     */
    public record Account(
            long id, String name, String initials, Role role, String password, boolean active, boolean second) {}

    private final JdbcTemplate rows;
    private final TransactionTemplate whole;
    private final SentAway away;
    private final String passphrase;
    private final String bind;
    private final Clock clock;
    private final PasswordEncoder encoder = Hashes.encoder();
    /** Whether there are accounts. */
    private final Known<Boolean> any;

    Accounts(
            JdbcTemplate rows,
            TransactionTemplate whole,
            Changes changes,
            @org.springframework.context.annotation.Lazy SentAway away,
            @Value("${unbo.passphrase}") String passphrase,
            @Value("${server.address}") String bind,
            Clock clock) {
        this.rows = rows;
        this.whole = whole;
        this.any = new Known<>(
                changes,
                "accounts",
                () -> Boolean.TRUE.equals(whole.execute(status ->
                        rows.queryForObject("select exists (select 1 from account where active)", Boolean.class))));
        this.away = away;
        this.passphrase = passphrase;
        this.bind = bind;
        this.clock = clock;
    }

    /** The one by which what is typed is compared. */
    @Bean
    static PasswordEncoder passwordEncoder(Clock clock) {
        return new OnceChecked(Hashes.encoder(), clock);
    }

    /** Before any page is served. */
    @PostConstruct
    void guarded() {
        Unguarded.check(bind, passphrase, named());
    }

    @Override
    public boolean named() {
        return any.get();
    }

    @Override
    public boolean open() {
        return passphrase.isBlank() && !named();
    }

    @Override
    public WebAuthenticationDetails given(HttpServletRequest request) {
        return new TwoSteps.Typed(request);
    }

    @Override
    public UserDetails loadUserByUsername(String name) {
        boolean shared = name.equals(SHARED) && !passphrase.isBlank() && !named();
        return shared
                ? new Person(null, SHARED, "", Role.OWNER, "{noop}" + passphrase)
                : find(name)
                        .filter(Account::active)
                        .map(one -> new Person(one.id(), one.name(), one.initials(), one.role(), one.password()))
                        .orElseThrow(() -> new UsernameNotFoundException(name));
    }

    @Override
    public boolean may(Authentication who, String method, String path) {
        return who.getPrincipal() instanceof Person person
                && Doors.right(method, path).map(person.role()::may).orElse(true);
    }

    /** By name. */
    public Optional<Account> find(String name) {
        return whole.execute(status -> rows.query("select * from account where name = ?", ROW, name).stream()
                .findFirst());
    }

    /** All there ever were, by name. */
    @Transactional(readOnly = true)
    public List<Account> all() {
        return rows.query("select * from account order by active desc, name", ROW);
    }

    /** Makes an account; the first is an owner's. @return why not, in a sentence; empty where it was made */
    @Transactional
    public String add(String name, String initials, Role role, String password) {
        String called = name.strip();
        String letters = initials.strip().toUpperCase(Locale.ROOT);
        String refusal = refusal(called, letters);
        refusal = refusal.isEmpty() ? Guessed.refusal(password, called) : refusal;
        if (!refusal.isEmpty()) {
            return refusal;
        }
        if (role != Role.OWNER && owners() == 0) {
            return "The first account is an owner's: somebody has to look after the others.";
        }
        try {
            rows.update(
                    "insert into account (name, initials, role, password, made) values (?, ?, ?, ?, ?)",
                    called,
                    letters,
                    role.words(),
                    encoder.encode(password),
                    LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
        } catch (DuplicateKeyException taken) {
            return "“" + called + "” has an account already.";
        }
        any.changes();
        return "";
    }

    /** Why a name or initials will not do, in a sentence; empty where they will. */
    static String refusal(String name, String initials) {
        if (!name.matches("[\\p{L}\\d][\\p{L}\\d .'-]{1,39}") || name.equalsIgnoreCase(SHARED)) {
            return "A name has 2 to 40 letters, figures and blanks, and is not “" + SHARED + "”.";
        }
        return initials.matches("[\\p{L}\\d.]{1,6}") ? "" : "Initials are one to six letters: they stand on the paper.";
    }

    private int owners() {
        Integer owners = rows.queryForObject(
                "select count(*) from account where active and role = ?", Integer.class, Role.OWNER.words());
        return owners == null ? 0 : owners;
    }

    /** The account of a number, which nobody else changes until the transaction ends. */
    private Optional<Account> locked(long id) {
        rows.query("select id from account for update", row -> {});
        return rows.query("select * from account where id = ?", ROW, id).stream()
                .findFirst();
    }

    /**
     * Changes what somebody is, or shuts his account. The last owner stays one. @return why not; empty where it was
     * done
     */
    @Transactional
    public String change(long id, Role role, boolean active) {
        Account one = locked(id).orElseThrow();
        boolean owner = one.active() && one.role() == Role.OWNER;
        if (owner && (role != Role.OWNER || !active) && owners() < 2) {
            return one.name() + " is the last owner: make another one first.";
        }
        rows.update("update account set role = ?, active = ? where id = ?", role.words(), active, id);
        any.changes();
        away.everywhere(one.name());
        return "";
    }

    /**
     * Gives somebody another password; every browser of his is asked for it. @return why not; empty where it was done
     */
    @Transactional
    public String password(long id, String password) {
        Account one = locked(id).orElseThrow();
        String refusal = Guessed.refusal(password, one.name());
        if (refusal.isEmpty()) {
            rows.update("update account set password = ? where id = ?", encoder.encode(password), id);
            away.everywhere(one.name());
        }
        return refusal;
    }

    /** True where somebody's own password is as he says. */
    @Transactional(readOnly = true)
    public boolean matches(long id, String password) {
        return rows.query("select * from account where id = ?", ROW, id).stream()
                .anyMatch(one -> encoder.matches(password, one.password()));
    }

    /**
     * Takes a person out of the record: his name and initials become a number, his account is shut for good. What he
     * did stays, and what was signed is not changed. @return why not; empty where it was done
     */
    @Transactional
    public String takeOut(long id) {
        Account one = locked(id).orElseThrow();
        String refusal = change(id, one.role(), false);
        if (refusal.isEmpty()) {
            rows.update(
                    "update account set name = ?, initials = ?, password = '{none}', second_step = null where id = ?",
                    "person " + id,
                    "P" + id,
                    id);
        }
        return refusal;
    }
}
