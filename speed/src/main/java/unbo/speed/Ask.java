package unbo.speed;

import java.nio.ByteBuffer;
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

    /** A file sent by a form. @param token of the form */
    static Ask file(String address, String token, String box, String name, byte[] file) {
        String edge = "unbo-speed-edge";
        String head = "--" + edge + "\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + token + "\r\n--"
                + edge + "\r\nContent-Disposition: form-data; name=\"again\"\r\n\r\nyes\r\n--" + edge
                + "\r\nContent-Disposition: form-data; name=\"" + box + "\"; filename=\"" + name
                + "\"\r\nContent-Type: application/octet-stream\r\n\r\n";
        byte[] begin = head.getBytes(StandardCharsets.UTF_8);
        byte[] end = ("\r\n--" + edge + "--\r\n").getBytes(StandardCharsets.UTF_8);
        ByteBuffer body = ByteBuffer.allocate(begin.length + file.length + end.length);
        body.put(begin).put(file).put(end);
        return new Ask(address, Map.of("Content-Type", "multipart/form-data; boundary=" + edge), body.array());
    }
}
