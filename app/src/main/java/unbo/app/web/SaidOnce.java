package unbo.app.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.support.AbstractFlashMapManager;
import org.springframework.web.util.WebUtils;

/**
 * What the next page says once, by a row in the database that a cookie names: whichever machine answers says it, and
 * nobody has a session for it. Texts, lists and maps of texts.
 */
@Component(DispatcherServlet.FLASH_MAP_MANAGER_BEAN_NAME)
class SaidOnce extends AbstractFlashMapManager {

    private static final String COOKIE = "said";
    private static final int BYTES = 16;
    private static final Duration LONGEST = Duration.ofHours(1);

    private final JdbcTemplate rows;
    private final TransactionTemplate whole;
    private final ObjectMapper json;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    /** A map as it is written. */
    private record Kept(String path, Map<String, List<String>> asked, long expires, Map<String, Object> says) {}

    SaidOnce(JdbcTemplate rows, TransactionTemplate whole, ObjectMapper json, Clock clock) {
        this.rows = rows;
        this.whole = whole;
        this.json = json;
        this.clock = clock;
    }

    private static Optional<String> id(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, COOKIE))
                .map(Cookie::getValue)
                .filter(value -> value.matches("[0-9a-f]{32}"));
    }

    @Override
    protected List<FlashMap> retrieveFlashMaps(HttpServletRequest request) {
        return id(request)
                .flatMap(id -> Optional.ofNullable(whole.execute(status ->
                        rows.queryForList("select content from said_once where id = ?", String.class, id).stream()
                                .findFirst()
                                .orElse(null))))
                .map(this::read)
                .orElse(null);
    }

    private List<FlashMap> read(String content) {
        try {
            List<FlashMap> maps = new ArrayList<>();
            for (Kept kept : json.readValue(content, new TypeReference<List<Kept>>() {})) {
                FlashMap map = new FlashMap();
                map.setTargetRequestPath(kept.path());
                kept.asked().forEach((name, values) -> values.forEach(value -> map.addTargetRequestParam(name, value)));
                map.setExpirationTime(kept.expires());
                map.putAll(kept.says());
                maps.add(map);
            }
            return maps;
        } catch (IOException none) {
            return null;
        }
    }

    @Override
    protected void updateFlashMaps(List<FlashMap> maps, HttpServletRequest request, HttpServletResponse response) {
        Optional<String> there = id(request);
        if (maps.isEmpty()) {
            there.ifPresent(
                    id -> whole.executeWithoutResult(status -> rows.update("delete from said_once where id = ?", id)));
            cookie("", Duration.ZERO, request, response);
            return;
        }
        String id = there.orElseGet(this::drawn);
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        whole.executeWithoutResult(status -> {
            rows.update("delete from said_once where at < ?", now.minus(LONGEST));
            rows.update("replace into said_once (id, content, at) values (?, ?, ?)", id, written(maps), now);
        });
        cookie(id, LONGEST, request, response);
    }

    private String drawn() {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }

    private String written(List<FlashMap> maps) {
        try {
            return json.writeValueAsString(maps.stream()
                    .map(map -> new Kept(
                            map.getTargetRequestPath(),
                            map.getTargetRequestParams(),
                            map.getExpirationTime(),
                            new LinkedHashMap<>(map)))
                    .toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void cookie(String id, Duration age, HttpServletRequest request, HttpServletResponse response) {
        Cookie cookie = new Cookie(COOKIE, id);
        cookie.setHttpOnly(true);
        cookie.setSecure(request.isSecure());
        cookie.setPath("/");
        cookie.setMaxAge((int) age.toSeconds());
        cookie.setAttribute("SameSite", "Lax");
        response.addCookie(cookie);
    }

    /** Rows are each a browser's own. */
    @Override
    protected Object getFlashMapsMutex(HttpServletRequest request) {
        return null;
    }
}
