package unbo.app.web;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Objects;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.web.authentication.rememberme.AbstractRememberMeServices;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.DefaultCsrfToken;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Tokens of forms that are signed for the browser they were given to: what another one was given, or somebody put into
 * its cookies, is none. They are good over nights and restarts, as the browser is known.
 */
@Component
class BoundTokens implements CsrfTokenRepository {

    private static final String HEADER = "X-XSRF-TOKEN";
    private static final String PARAMETER = "_csrf";
    private static final int BYTES = 16;

    private static final String COOKIE = "XSRF-TOKEN";

    private final CookieCsrfTokenRepository plain = cookies(COOKIE);
    private final CookieCsrfTokenRepository secure = cookies(CookieName.THIS_HOST_ALONE + COOKIE);
    private final SecureRandom random = new SecureRandom();
    private final SecretKeySpec key;

    BoundTokens(JdbcTemplate rows, TransactionTemplate whole) {
        byte[] fresh = new byte[2 * BYTES];
        random.nextBytes(fresh);
        String kept = whole.execute(status -> {
            rows.update(
                    "insert ignore into secret (name, value) values ('form tokens', ?)",
                    HexFormat.of().formatHex(fresh));
            return rows.queryForObject("select value from secret where name = 'form tokens'", String.class);
        });
        key = new SecretKeySpec(HexFormat.of().parseHex(Objects.requireNonNull(kept)), "HmacSHA256");
    }

    private static CookieCsrfTokenRepository cookies(String name) {
        CookieCsrfTokenRepository cookies = CookieCsrfTokenRepository.withHttpOnlyFalse();
        cookies.setCookieName(name);
        cookies.setCookiePath("/");
        cookies.setCookieCustomizer(
                cookie -> cookie.httpOnly(true).sameSite("Lax").maxAge(Remembered.KNOWN_FOR));
        return cookies;
    }

    private CookieCsrfTokenRepository cookies(HttpServletRequest request) {
        return request.isSecure() ? secure : plain;
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        String drawn = HexFormat.of().formatHex(bytes);
        return new DefaultCsrfToken(HEADER, PARAMETER, drawn + "." + signed(drawn, request));
    }

    @Override
    public void saveToken(CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        cookies(request).saveToken(token, request, response);
    }

    @Override
    public CsrfToken loadToken(HttpServletRequest request) {
        CsrfToken token = cookies(request).loadToken(request);
        if (token == null) {
            return null;
        }
        int cut = token.getToken().indexOf('.');
        return cut > 0
                        && same(
                                token.getToken().substring(cut + 1),
                                signed(token.getToken().substring(0, cut), request))
                ? token
                : null;
    }

    private static boolean same(String one, String other) {
        return MessageDigest.isEqual(one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
    }

    /** For this browser: by what it is known by; all that are not known are one. */
    private String signed(String drawn, HttpServletRequest request) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(key);
            mac.update(drawn.getBytes(StandardCharsets.UTF_8));
            mac.update(knownBy(request).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(mac.doFinal());
        } catch (GeneralSecurityException none) {
            throw new IllegalStateException(none);
        }
    }

    private static String knownBy(HttpServletRequest request) {
        String known = CookieName.value(AbstractRememberMeServices.SPRING_SECURITY_REMEMBER_ME_COOKIE_KEY, request);
        return known == null ? "" : known;
    }
}
