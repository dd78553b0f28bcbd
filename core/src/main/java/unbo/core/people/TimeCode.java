package unbo.core.people;

import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.time.Instant;
import java.util.Locale;
import java.util.OptionalLong;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * Six figures that change each half minute and that only who holds the secret can tell (RFC 6238 over HMAC-SHA-1, as
 * telephones compute them); the secret in letters and figures (RFC 4648, base 32).
 */
public final class TimeCode {

    /** A secret has so many bytes (RFC 4226, 4: at least 16, 20 recommended). */
    public static final int BYTES = 20;

    private static final int STEP_S = 30;
    private static final int FIGURES = 6;
    private static final int MODULUS = 1_000_000;
    /** A clock may be off by so many steps, either way. */
    private static final int OFF = 1;

    private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";
    private static final int BITS = 5;

    private TimeCode() {}

    /** The step of half a minute that an instant lies in. */
    public static long step(Instant at) {
        return Math.floorDiv(at.getEpochSecond(), STEP_S);
    }

    /** The six figures of a step. @param secret in base 32 */
    public static String of(String secret, long step) {
        try {
            Mac mac = Mac.getInstance("HmacSHA1");
            mac.init(new SecretKeySpec(bytes(secret), "HmacSHA1"));
            byte[] sum =
                    mac.doFinal(ByteBuffer.allocate(Long.BYTES).putLong(step).array());
            int from = sum[sum.length - 1] & 0xF;
            int code = (ByteBuffer.wrap(sum).getInt(from) & Integer.MAX_VALUE) % MODULUS;
            return String.format(Locale.ROOT, "%0" + FIGURES + "d", code);
        } catch (GeneralSecurityException none) {
            throw new IllegalStateException(none);
        }
    }

    /**
     * The step whose figures were typed, now or one beside it; empty where they are none of those. Blanks do not count.
     * Whoever keeps the step lets it in once only.
     */
    public static OptionalLong found(String secret, String typed, Instant now) {
        String figures = typed.replaceAll("\\s", "");
        OptionalLong found = OptionalLong.empty();
        for (long step = step(now) - OFF; step <= step(now) + OFF; step++) {
            if (of(secret, step).equals(figures)) {
                found = OptionalLong.of(step);
            }
        }
        return found;
    }

    /** Bytes in base 32, without filling. */
    public static String letters(byte[] bytes) {
        StringBuilder text = new StringBuilder();
        long held = 0;
        int bits = 0;
        for (byte one : bytes) {
            held = held << Byte.SIZE | one & 0xFF;
            for (bits += Byte.SIZE; bits >= BITS; bits -= BITS) {
                text.append(LETTERS.charAt((int) (held >> bits - BITS & LETTERS.length() - 1)));
            }
        }
        if (bits > 0) {
            text.append(LETTERS.charAt((int) (held << BITS - bits & LETTERS.length() - 1)));
        }
        return text.toString();
    }

    /** True for a secret as {@link #letters} writes it. */
    public static boolean secret(String text) {
        return text.matches("[A-Z2-7]{" + BYTES * Byte.SIZE / BITS + "}");
    }

    private static byte[] bytes(String letters) {
        ByteBuffer bytes = ByteBuffer.allocate(letters.length() * BITS / Byte.SIZE);
        long held = 0;
        int bits = 0;
        for (int i = 0; i < letters.length(); i++) {
            int value = LETTERS.indexOf(letters.charAt(i));
            if (value < 0) {
                throw new IllegalArgumentException("not base 32");
            }
            held = held << BITS | value;
            bits += BITS;
            if (bits >= Byte.SIZE) {
                bits -= Byte.SIZE;
                bytes.put((byte) (held >> bits));
            }
        }
        return bytes.array();
    }
}
