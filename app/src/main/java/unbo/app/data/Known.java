package unbo.app.data;

import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;

import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Something that every page wants and hardly any changes, read from the database once after each change.
 *
 * <p>Who reads while another changes may have read what was before; that must not become what everybody sees from then
 * on. So what was read is kept with the number of changes before the reading, and is good until there is one more.
 */
public final class Known<T> {

    private final Changes everywhere;
    private final String name;
    private final Supplier<T> reading;
    private final AtomicLong changes = new AtomicLong();
    private volatile Read<T> last;

    /** @param name by which machines that serve one database tell each other of a change */
    public Known(Changes everywhere, String name, Supplier<T> reading) {
        this.everywhere = everywhere;
        this.name = name;
        this.reading = reading;
    }

    public T get() {
        Read<T> read = last;
        long before = changes.get() + everywhere.of(name);
        if (read != null && read.changes() == before) {
            return read.value();
        }
        T value = reading.get();
        if (!TransactionSynchronizationManager.isActualTransactionActive()) {
            last = new Read<>(value, before);
        }
        return value;
    }

    /** Read again from now on, and once more when the transaction that is under way has ended, however it ends. */
    public void changes() {
        changes.incrementAndGet();
        everywhere.one(name);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                changes.incrementAndGet();
            }
        });
    }

    private record Read<T>(T value, long changes) {}
}
