package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;

/** How much a request may carry, by what it is. */
enum Largest {
    JSON(1L << 20, "a JSON call may have 1 MB"),
    FORM(256L << 10, "a form may have 256 kB"),
    PICTURE(32L << 20, "a photo may have 24 MB"),
    RECORDING(64L << 20, "a recording may have 64 MB"),
    RECORDINGS(130L << 20, "a recording may have 64 MB"),
    JOBS(8L << 30, "a file of jobs may have 8 GB");

    private final long bytes;
    private final String words;

    Largest(long bytes, String words) {
        this.bytes = bytes;
        this.words = words;
    }

    long bytes() {
        return bytes;
    }

    /** The limit as the end of a sentence. */
    String words() {
        return words;
    }

    static Largest of(HttpServletRequest request) {
        String path = request.getRequestURI();
        if (path.endsWith("/take-in") && !path.startsWith("/catalogue")) {
            return JOBS;
        }
        if (path.equals("/api/v1/noise")) {
            return RECORDING;
        }
        if (path.equals("/bench/noise")) {
            return RECORDINGS;
        }
        if (path.startsWith("/api/")) {
            return JSON;
        }
        return inParts(request) ? PICTURE : FORM;
    }

    /** True for a form with files. */
    static boolean inParts(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && type.toLowerCase(java.util.Locale.ROOT).startsWith("multipart/");
    }
}
