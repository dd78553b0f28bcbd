package unbo.app.job;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * The papers that were read last: a report is looked at, printed and looked at again, and reading it costs as much as
 * printing it.
 */
final class ReadPapers {

    private static final int MOST = 16;

    private final Map<Long, Read> last = new LinkedHashMap<>(MOST, 0.75f, true) {

        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Read> eldest) {
            return size() > MOST;
        }
    };

    private record Read(String content, Paper paper) {}

    /**
     * The paper that {@code content} says; read by {@code reading} unless this very content was read for the job just
     * now.
     */
    Paper of(long jobId, String content, Function<String, Paper> reading) {
        synchronized (last) {
            Read read = last.get(jobId);
            if (read != null && read.content().equals(content)) {
                return read.paper();
            }
        }
        Paper paper = reading.apply(content);
        synchronized (last) {
            last.put(jobId, new Read(content, paper));
        }
        return paper;
    }
}
