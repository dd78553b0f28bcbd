package unbo.app.web;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Tells the start script that pages are served, by writing the file it waits for. */
@Component
class ReadyFile {

    private final String file;

    ReadyFile(@Value("${unbo.ready-file}") String file) {
        this.file = file;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.LOWEST_PRECEDENCE)
    void write() throws IOException {
        if (!file.isBlank()) {
            Files.writeString(Path.of(file), "ready\n");
        }
    }
}
