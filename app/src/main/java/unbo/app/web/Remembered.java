package unbo.app.web;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.HexFormat;
import javax.crypto.SecretKeyFactory;
import javax.crypto.spec.PBEKeySpec;
import javax.sql.DataSource;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.security.web.authentication.rememberme.JdbcTokenRepositoryImpl;
import org.springframework.security.web.authentication.rememberme.PersistentRememberMeToken;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The browsers that gave the passphrase and are known from then on, over nights and restarts, until they leave, all are
 * sent away, or the passphrase is another. Those of people with accounts stay until they leave or their password is
 * another.
 */
@Component
class Remembered extends JdbcTokenRepositoryImpl {

    /** So long a browser is known that does not come. */
    static final Duration KNOWN_FOR = Duration.ofDays(30);

    private static final String SHARED = "workshop";
    private static final int ROUNDS = 100_000;
    private static final int BITS = 64;

    /** Stands behind the name in the rows: what was remembered under another passphrase is not known any more. */
    private final String mark;

    private final TransactionTemplate whole;

    Remembered(DataSource source, TransactionTemplate whole, @Value("${unbo.passphrase}") String passphrase) {
        setDataSource(source);
        this.whole = whole;
        this.mark = passphrase.isBlank() ? "" : "#" + hashed(passphrase);
    }

    private static String hashed(String passphrase) {
        try {
            PBEKeySpec spec = new PBEKeySpec(
                    passphrase.toCharArray(), "unbo remembers".getBytes(StandardCharsets.UTF_8), ROUNDS, BITS);
            byte[] key = SecretKeyFactory.getInstance("PBKDF2WithHmacSHA256")
                    .generateSecret(spec)
                    .getEncoded();
            return HexFormat.of().formatHex(key);
        } catch (GeneralSecurityException none) {
            throw new IllegalStateException(none);
        }
    }

    /** A name as it stands in the rows. */
    private String kept(String name) {
        return name.equals(SHARED) ? name + mark : name;
    }

    @Override
    public void createNewToken(PersistentRememberMeToken token) {
        PersistentRememberMeToken marked = new PersistentRememberMeToken(
                kept(token.getUsername()), token.getSeries(), token.getTokenValue(), token.getDate());
        whole.executeWithoutResult(status -> super.createNewToken(marked));
    }

    @Override
    public void updateToken(String series, String value, Date lastUsed) {
        whole.executeWithoutResult(status -> super.updateToken(series, value, lastUsed));
    }

    @Override
    public PersistentRememberMeToken getTokenForSeries(String series) {
        PersistentRememberMeToken kept = whole.execute(status -> super.getTokenForSeries(series));
        if (kept == null
                || kept.getUsername().startsWith(SHARED + "#")
                        && !kept.getUsername().equals(SHARED + mark)) {
            return null;
        }
        String name = kept.getUsername().replaceFirst("#.*", "");
        return new PersistentRememberMeToken(
                name, series, kept.getTokenValue(), new Date(kept.getDate().getTime()));
    }

    @Override
    public void removeUserTokens(String username) {
        whole.executeWithoutResult(status -> super.removeUserTokens(kept(username)));
    }

    /** Forgets those that nobody was seen with for too long. */
    @EventListener(ApplicationReadyEvent.class)
    public void forgetOlder() {
        Instant than = Instant.now().minus(KNOWN_FOR);
        whole.executeWithoutResult(status ->
                getJdbcTemplate().update("delete from persistent_logins where last_used < ?", Timestamp.from(than)));
    }

    /** One browser is not known any more. */
    public void forget(String series) {
        whole.executeWithoutResult(
                status -> getJdbcTemplate().update("delete from persistent_logins where series = ?", series));
    }
}
