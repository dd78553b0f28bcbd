package unbo.app.web;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.event.AbstractAuthenticationFailureEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.UrlPathHelper;

/**
 * Wrong passphrases, counted by the machine they come from: after {@value #MOST} within a quarter of an hour it has to
 * wait. Each is logged.
 */
@Component
class Guesses extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(Guesses.class);
    private static final int MOST = 5;
    private static final Duration WITHIN = Duration.ofMinutes(15);

    private final JdbcTemplate rows;
    private final TransactionTemplate whole;
    private final Clock clock;

    private record Tries(int count, Instant since) {}

    Guesses(JdbcTemplate rows, TransactionTemplate whole, Clock clock) {
        this.rows = rows;
        this.whole = whole;
        this.clock = clock;
    }

    @EventListener
    void wrong(AbstractAuthenticationFailureEvent event) {
        String machine = machine(event.getAuthentication());
        if (machine == null) {
            return;
        }
        Instant now = clock.instant();
        whole.executeWithoutResult(status -> {
            rows.update("delete from guess where since < ?", utc(now.minus(WITHIN)));
            rows.update(
                    "insert into guess (machine, n, since) values (?, 1, ?) on duplicate key update n = n + 1",
                    machine,
                    utc(now));
        });
        LOG.warn(
                "a wrong passphrase from {}, the {}. within a quarter of an hour",
                machine,
                tries(machine).count());
    }

    @EventListener
    void right(AuthenticationSuccessEvent event) {
        String machine = machine(event.getAuthentication());
        if (machine != null && event.getAuthentication() instanceof UsernamePasswordAuthenticationToken) {
            whole.executeWithoutResult(status -> rows.update("delete from guess where machine = ?", machine));
        }
    }

    private Tries tries(String machine) {
        return whole.execute(status -> rows
                .query(
                        "select n, since from guess where machine = ?",
                        (r, n) -> new Tries(
                                r.getInt(1), r.getObject(2, LocalDateTime.class).toInstant(ZoneOffset.UTC)),
                        machine)
                .stream()
                .findFirst()
                .orElse(new Tries(0, clock.instant())));
    }

    private static LocalDateTime utc(Instant at) {
        return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
    }

    private static String machine(Authentication given) {
        return given.getDetails() instanceof WebAuthenticationDetails details ? details.getRemoteAddress() : null;
    }

    /** Where a request goes, however its address is written: what is asked for is judged as it is served. */
    static String path(HttpServletRequest request) {
        return UrlPathHelper.defaultInstance.getPathWithinApplication(request);
    }

    /** How long a machine has to wait before it may try again; zero where it need not. */
    private Duration waits(String machine) {
        Tries before = tries(machine);
        if (before.count() < MOST) {
            return Duration.ZERO;
        }
        Duration left = Duration.between(clock.instant(), before.since().plus(WITHIN));
        return left.isNegative() ? Duration.ZERO : left;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean tried = request.getMethod().equals("POST") && path(request).equals("/login")
                || request.getHeader(HttpHeaders.AUTHORIZATION) != null;
        Duration waits = tried ? waits(request.getRemoteAddr()) : Duration.ZERO;
        if (waits.isZero()) {
            chain.doFilter(request, response);
            return;
        }
        response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
        response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(waits.toSeconds() + 1));
        response.setContentType("text/plain;charset=UTF-8");
        response.getWriter()
                .write("Too many wrong passphrases came from this machine: it may try again in "
                        + (waits.toMinutes() + 1) + " minutes.\n");
    }
}
