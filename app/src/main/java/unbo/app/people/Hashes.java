package unbo.app.people;

import java.util.Map;

import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.NoOpPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * How passwords are kept: by Argon2id (RFC 9106), each behind a word in braces that says so, so that a later way can
 * stand beside it. The shared passphrase is in the environment as it is, and is compared as it is.
 */
final class Hashes {

    private static final String ARGON2 = "argon2";

    private Hashes() {}

    @SuppressWarnings("deprecation")
    static PasswordEncoder encoder() {
        return new DelegatingPasswordEncoder(
                ARGON2,
                Map.of(
                        ARGON2,
                        Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8(),
                        "bcrypt",
                        new BCryptPasswordEncoder(),
                        "noop",
                        NoOpPasswordEncoder.getInstance()));
    }
}
