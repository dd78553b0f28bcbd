package unbo.speed;

import java.nio.charset.StandardCharsets;
import java.util.Map;

/**
 * One request.
 *
 * @param headers besides those that every request has
 * @param body null for GET
 */
record Ask(String address, Map<String, String> headers, byte[] body) {

    static Ask get(String address) {
        return new Ask(address, Map.of(), null);
    }

    /** What a page's script asks as one types: the part that is swapped. */
    static Ask part(String address, String target) {
        return new Ask(address, Map.of("HX-Request", "true", "HX-Target", target), null);
    }

    /** A form, sent by a page's script for the part that is swapped. */
    static Ask preview(String address, String target, String form) {
        return new Ask(
                address,
                Map.of("HX-Request", "true", "HX-Target", target, "Content-Type", "application/x-www-form-urlencoded"),
                form.getBytes(StandardCharsets.UTF_8));
    }
}
