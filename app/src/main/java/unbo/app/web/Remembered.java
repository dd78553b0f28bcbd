package unbo.app.web;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.Date;
import java.util.HexFormat;
import javax.crypto.SecretKeyFactory;
import javax.crypto.spec.PBEKeySpec;
import javax.sql.DataSource;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.web.authentication.rememberme.JdbcTokenRepositoryImpl;
import org.springframework.security.web.authentication.rememberme.PersistentRememberMeToken;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The browsers that gave the passphrase and are known from then on, over nights and restarts, until they leave, all are
 * sent away, or the passphrase is another.
 */
@Component
class Remembered extends JdbcTokenRepositoryImpl {

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

    @Override
    public void createNewToken(PersistentRememberMeToken token) {
        PersistentRememberMeToken marked = new PersistentRememberMeToken(
                token.getUsername() + mark, token.getSeries(), token.getTokenValue(), token.getDate());
        whole.executeWithoutResult(status -> super.createNewToken(marked));
    }

    @Override
    public void updateToken(String series, String value, Date lastUsed) {
        whole.executeWithoutResult(status -> super.updateToken(series, value, lastUsed));
    }

    @Override
    public PersistentRememberMeToken getTokenForSeries(String series) {
        PersistentRememberMeToken kept = whole.execute(status -> super.getTokenForSeries(series));
        if (kept == null || mark.isEmpty() || !kept.getUsername().endsWith(mark)) {
            return null;
        }
        String name = kept.getUsername().substring(0, kept.getUsername().length() - mark.length());
        return new PersistentRememberMeToken(
                name, series, kept.getTokenValue(), new Date(kept.getDate().getTime()));
    }

    @Override
    public void removeUserTokens(String username) {
        whole.executeWithoutResult(status -> super.removeUserTokens(username + mark));
    }

    /** One browser is not known any more. */
    public void forget(String series) {
        whole.executeWithoutResult(
                status -> getJdbcTemplate().update("delete from persistent_logins where series = ?", series));
    }

    /** None is. */
    public void forgetAll() {
        whole.executeWithoutResult(status -> getJdbcTemplate().update("delete from persistent_logins"));
    }
}
