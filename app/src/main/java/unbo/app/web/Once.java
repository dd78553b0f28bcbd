package unbo.app.web;

import java.security.SecureRandom;
import java.util.HexFormat;

/** A token that tells one form from every other, so that the same form sent twice is done once. */
public final class Once {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int BYTES = 16;

    private Once() {}

    /** 32 hexadecimal figures. */
    public static String token() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }

    /** The token that was sent; null for anything else. */
    public static String read(String sent) {
        return sent != null && sent.matches("[0-9a-f]{32}") ? sent : null;
    }
}
