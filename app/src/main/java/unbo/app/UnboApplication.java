package unbo.app;

import java.net.BindException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Clock;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the application, or says in a sentence why it does not. */
@SpringBootApplication
public class UnboApplication {

    public static void main(String[] args) {
        String refusal = refusal(System.getenv("UNBO_BIND"), System.getenv("UNBO_PASSPHRASE"));
        if (refusal != null) {
            System.err.println(refusal);
            System.exit(2);
        }
        SpringApplication application = new SpringApplication(UnboApplication.class);
        application.setLogStartupInfo(false);
        try {
            application.run(args);
        } catch (RuntimeException e) {
            System.err.println(sentence(e));
            System.exit(1);
        }
    }

    /** Why this address may not be served; null when it may. Beyond loopback a passphrase is needed. */
    static String refusal(String bind, String passphrase) {
        if (bind == null || bind.isBlank()) {
            return null;
        }
        try {
            if (!InetAddress.getByName(bind).isLoopbackAddress() && (passphrase == null || passphrase.length() < 8)) {
                return "UNBO_BIND=" + bind + " opens Unbo to other machines: set UNBO_PASSPHRASE (8 characters or more) as well, "
                        + "or leave UNBO_BIND out to serve this machine only.";
            }
            return null;
        } catch (UnknownHostException e) {
            return "UNBO_BIND=" + bind + " is no address of this machine: write for instance 127.0.0.1.";
        }
    }

    private static String sentence(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof BindException || cause.getClass().getSimpleName().equals("PortInUseException")) {
                return "The port is taken by another program: set UNBO_PORT to a free one.";
            }
            if (cause instanceof java.sql.SQLException) {
                return "The database does not answer or refuses the application: " + cause.getMessage();
            }
        }
        return "Unbo could not start: " + failure.getMessage();
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
