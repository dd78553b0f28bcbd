package unbo.app.web;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Semaphore;

import jakarta.servlet.ServletException;

import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * So many bodies are read at once and no more: of the threads that serve pages some are always left, however slowly
 * others send. Who sends too is told to wait, and what he sent is not read to its end.
 */
@Component
class BodySlots extends ValveBase implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private static final int AT_ONCE = 120;
    private static final byte[] WAIT = "Too much is being sent at once. Nothing was kept: send it again in a moment.\n"
            .getBytes(StandardCharsets.UTF_8);

    private final Semaphore bodies = new Semaphore(AT_ONCE);

    BodySlots() {
        super(true);
    }

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        server.addEngineValves(this);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        boolean carries =
                request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
        if (!carries) {
            getNext().invoke(request, response);
        } else if (bodies.tryAcquire()) {
            try {
                getNext().invoke(request, response);
            } finally {
                bodies.release();
            }
        } else {
            request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            response.setHeader(HttpHeaders.CONNECTION, "close");
            response.setHeader(HttpHeaders.RETRY_AFTER, "5");
            response.setContentType("text/plain;charset=UTF-8");
            response.setContentLength(WAIT.length);
            response.getOutputStream().write(WAIT);
            response.finishResponse();
        }
    }
}
