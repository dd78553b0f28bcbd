package unbo.app;

import java.net.BindException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.time.Clock;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

import unbo.app.data.NewerDatabase;
import unbo.app.data.Starting;
import unbo.app.data.TablesAtStart;
import unbo.app.people.Unguarded;
import unbo.core.table.TableFault;

/** Starts the application, or says in a sentence why it does not. */
@SpringBootApplication
public class UnboApplication {

    public static void main(String[] args) {
        String refusal = refusal(System.getenv());
        if (refusal != null) {
            System.err.println(refusal);
            System.exit(2);
        }
        Starting.now("the application is read");
        SpringApplication application = new SpringApplication(UnboApplication.class);
        application.setLogStartupInfo(false);
        try {
            TablesAtStart.read(UnboApplication.class.getClassLoader());
            application.run(args);
        } catch (RuntimeException e) {
            System.err.println(sentence(e));
            System.exit(1);
        }
    }

    /** Why it cannot start with these settings, each as the environment names it; null when it can. */
    static String refusal(Map<String, String> settings) {
        return Stream.of(
                        bind(settings.get("UNBO_BIND")),
                        port(settings.get("UNBO_PORT")),
                        database(settings.get("UNBO_DB_URL")))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    /** The address must be one of this machine. */
    private static String bind(String bind) {
        if (bind == null || bind.isBlank()) {
            return null;
        }
        try {
            InetAddress address = InetAddress.getByName(bind);
            if (!address.isAnyLocalAddress()
                    && !address.isLoopbackAddress()
                    && NetworkInterface.getByInetAddress(address) == null) {
                return "UNBO_BIND=" + bind + " is no address of this machine: write for instance 127.0.0.1.";
            }
            return null;
        } catch (UnknownHostException | SocketException e) {
            return "UNBO_BIND=" + bind + " is no address of this machine: write for instance 127.0.0.1.";
        }
    }

    private static String port(String port) {
        boolean good = port == null
                || port.isBlank()
                || port.matches("\\d{1,5}") && Integer.parseInt(port) >= 1 && Integer.parseInt(port) <= 65_535;
        return good ? null : "UNBO_PORT=" + port + " is no port: write a number from 1024 to 65535.";
    }

    private static String database(String url) {
        boolean good = url == null || url.isBlank() || url.matches("jdbc:mariadb:([a-z-]+:)?//[^/]+/[^/]+");
        return good
                ? null
                : "UNBO_DB_URL=" + url + " is no address of a database: write jdbc:mariadb://HOST:PORT/SCHEMA.";
    }

    /** Why it could not start. */
    static String sentence(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof BindException
                    || cause.getClass().getSimpleName().equals("PortInUseException")) {
                return "The port is taken by another program: set UNBO_PORT to a free one.";
            }
            if (cause instanceof NewerDatabase.Refused || cause instanceof TableFault || cause instanceof Unguarded) {
                return cause.getMessage();
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
