package unbo.app.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

import org.slf4j.LoggerFactory;

/** Tells the start script what is being done meanwhile, in the file that UNBO_STEP_FILE names. */
public final class Starting {

    private static final String FILE = System.getenv().getOrDefault("UNBO_STEP_FILE", "");

    private Starting() {}

    /** @param words what is done now, as it goes on a line after “waiting:” */
    public static void now(String words) {
        if (FILE.isBlank()) {
            return;
        }
        try {
            Files.writeString(Path.of(FILE), words);
        } catch (IOException e) {
            LoggerFactory.getLogger(Starting.class).debug("{}: {}", words, e.getMessage());
        }
    }
}
