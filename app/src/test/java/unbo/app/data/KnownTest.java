package unbo.app.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;

import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionSynchronizationUtils;

class KnownTest {

    /** Of one machine, without a database. */
    private static final Changes ALONE = new Changes(null, null, true) {
        @Override
        public long of(String name) {
            return 0;
        }

        @Override
        public long one(String name) {
            return 1; // nobody else is told
        }
    };

    private final AtomicReference<String> stored = new AtomicReference<>("metric");
    private final AtomicInteger readings = new AtomicInteger();

    private void change(Known<?> known, String value) {
        TransactionSynchronizationManager.initSynchronization();
        try {
            known.changes();
            stored.set(value);
            TransactionSynchronizationUtils.invokeAfterCompletion(
                    TransactionSynchronizationManager.getSynchronizations(), 0);
        } finally {
            TransactionSynchronizationManager.clearSynchronization();
        }
    }

    @Test
    void isReadOnceUntilItChanges() {
        Known<String> known = new Known<>(ALONE, "workshop", () -> {
            readings.incrementAndGet();
            return stored.get();
        });
        assertThat(known.get()).isEqualTo("metric");
        assertThat(known.get()).isEqualTo("metric");
        assertThat(readings).hasValue(1);
        change(known, "inch");
        assertThat(known.get()).isEqualTo("inch");
        assertThat(readings).hasValue(2);
    }

    @Test
    void whatWasReadWhileAnotherChangedItIsNotKept() {
        AtomicReference<Known<String>> self = new AtomicReference<>();
        self.set(new Known<>(ALONE, "workshop", () -> {
            String was = stored.get();
            if (readings.getAndIncrement() == 0) {
                change(self.get(), "inch");
            }
            return was;
        }));
        assertThat(self.get().get()).isEqualTo("metric");
        assertThat(self.get().get()).isEqualTo("inch");
    }
}
