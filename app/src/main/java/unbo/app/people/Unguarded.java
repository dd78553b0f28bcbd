package unbo.app.people;

import java.net.InetAddress;
import java.net.UnknownHostException;

/** Other machines could reach it, and nobody would be asked who he is. */
public final class Unguarded extends RuntimeException {

    private static final long serialVersionUID = 1;
    private static final int SHORTEST = 8;

    private Unguarded(String bind) {
        super("UNBO_BIND=" + bind
                + " opens Unbo to other machines, and nobody has an account: make one with ./unbo account, or set "
                + "UNBO_PASSPHRASE (8 characters or more), or leave UNBO_BIND out to serve this machine only.");
    }

    /** Refuses to serve others unasked. @param named true where there are accounts */
    static void check(String bind, String passphrase, boolean named) {
        if (!named && passphrase.length() < SHORTEST && !loopback(bind)) {
            throw new Unguarded(bind);
        }
    }

    private static boolean loopback(String bind) {
        try {
            return InetAddress.getByName(bind).isLoopbackAddress();
        } catch (UnknownHostException none) {
            return false;
        }
    }
}
