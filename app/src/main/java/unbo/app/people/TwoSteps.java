package unbo.app.people;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.Optional;
import java.util.OptionalLong;

import jakarta.servlet.http.HttpServletRequest;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.util.UriComponentsBuilder;

import unbo.core.people.TimeCode;

/**
 * Comes in by password, and where an account has a second step by the figures of a telephone too. The figures of half a
 * minute open once. A call that carries a password alone does not open an account with a second step.
 */
@Component
class TwoSteps extends DaoAuthenticationProvider {

    private final JdbcTemplate rows;
    private final TransactionTemplate whole;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    TwoSteps(
            UserDetailsService people,
            PasswordEncoder passwords,
            JdbcTemplate rows,
            TransactionTemplate whole,
            Clock clock) {
        super(people);
        setPasswordEncoder(passwords);
        this.rows = rows;
        this.whole = whole;
        this.clock = clock;
    }

    /** Where somebody comes from, and the figures that he typed. */
    static final class Typed extends WebAuthenticationDetails {

        private static final long serialVersionUID = 1;

        private final String figures;

        Typed(HttpServletRequest request) {
            super(request);
            this.figures = Optional.ofNullable(request.getParameter("figures")).orElse("");
        }

        @Override
        public boolean equals(Object other) {
            return super.equals(other) && other instanceof Typed given && given.figures.equals(figures);
        }

        @Override
        public int hashCode() {
            return 31 * super.hashCode() + figures.hashCode();
        }
    }

    @Override
    protected void additionalAuthenticationChecks(UserDetails user, UsernamePasswordAuthenticationToken token)
            throws AuthenticationException {
        super.additionalAuthenticationChecks(user, token);
        if (user instanceof Person person
                && person.id() != null
                && secret(person.id()).isPresent()
                && !(token.getDetails() instanceof Typed given && opens(person.id(), given.figures))) {
            throw new BadCredentialsException("the second step");
        }
    }

    /** The secret of an account; empty where it has no second step. */
    Optional<String> secret(long account) {
        return Optional.ofNullable(whole.execute(status ->
                rows.query("select second_step from account where id = ?", (r, n) -> r.getString(1), account).stream()
                        .filter(secret -> secret != null)
                        .findFirst()
                        .orElse(null)));
    }

    /** Whether figures are those of now, and nobody came in by them yet. */
    boolean opens(long account, String figures) {
        OptionalLong step = secret(account)
                .map(secret -> TimeCode.found(secret, figures, clock.instant()))
                .orElse(OptionalLong.empty());
        return step.isPresent()
                && Boolean.TRUE.equals(whole.execute(status -> rows.update(
                                "update account set second_used = ? where id = ? and second_used < ?",
                                step.getAsLong(),
                                account,
                                step.getAsLong())
                        == 1));
    }

    /** A secret that nobody has yet. */
    String drawn() {
        byte[] bytes = new byte[TimeCode.BYTES];
        random.nextBytes(bytes);
        return TimeCode.letters(bytes);
    }

    /** What a telephone reads: kind, whose, and the secret. */
    static String address(String name, String secret) {
        return UriComponentsBuilder.fromUriString("otpauth://totp/Unbo:{name}?secret={secret}&issuer=Unbo")
                .encode()
                .buildAndExpand(name, secret)
                .toUriString();
    }

    /** Turns it on where the figures show that the telephone has the secret. @return why not; empty where it is on */
    String on(long account, String secret, String figures) {
        OptionalLong step =
                TimeCode.secret(secret) ? TimeCode.found(secret, figures, clock.instant()) : OptionalLong.empty();
        if (step.isEmpty()) {
            return "Those are not the six figures of now: read the code again, or set the telephone's clock.";
        }
        whole.executeWithoutResult(status -> rows.update(
                "update account set second_step = ?, second_used = ? where id = ?", secret, step.getAsLong(), account));
        return "";
    }

    void off(long account) {
        whole.executeWithoutResult(
                status -> rows.update("update account set second_step = null, second_used = 0 where id = ?", account));
    }
}
