package unbo.app.people;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Remembers for a while that a password was right, so that each of many calls with a name does not cost what a guess is
 * meant to cost. What is remembered is a sum by a key of this process over password and hash: with another password in
 * the database it is another sum. Wrong ones are never remembered.
 */
final class OnceChecked implements PasswordEncoder {

    private static final Duration KEPT = Duration.ofMinutes(10);
    private static final int MOST = 100;
    private static final int KEY_BYTES = 32;

    private final PasswordEncoder by;
    private final Clock clock;
    private final SecretKeySpec key;
    private final Map<String, Instant> right = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Instant> eldest) {
            return size() > MOST;
        }
    };

    OnceChecked(PasswordEncoder by, Clock clock) {
        this.by = by;
        this.clock = clock;
        byte[] drawn = new byte[KEY_BYTES];
        new SecureRandom().nextBytes(drawn);
        key = new SecretKeySpec(drawn, "HmacSHA256");
    }

    @Override
    public String encode(CharSequence password) {
        return by.encode(password);
    }

    @Override
    public boolean matches(CharSequence password, String hash) {
        if (password == null || hash == null) {
            return false;
        }
        String sum = sum(password, hash);
        Instant now = clock.instant();
        synchronized (right) {
            Instant until = right.get(sum);
            if (until != null && now.isBefore(until)) {
                return true;
            }
        }
        boolean matches = by.matches(password, hash);
        if (matches) {
            synchronized (right) {
                right.remove(sum);
                right.put(sum, now.plus(KEPT));
            }
        }
        return matches;
    }

    @Override
    public boolean upgradeEncoding(String hash) {
        return by.upgradeEncoding(hash);
    }

    private String sum(CharSequence password, String hash) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(key);
            mac.update(hash.getBytes(StandardCharsets.UTF_8));
            mac.update((byte) 0);
            return HexFormat.of().formatHex(mac.doFinal(password.toString().getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException none) {
            throw new IllegalStateException(none);
        }
    }
}
