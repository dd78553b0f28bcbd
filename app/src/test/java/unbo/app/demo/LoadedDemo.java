package unbo.app.demo;

import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;

import jakarta.persistence.EntityManager;

import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.context.ApplicationContext;
import org.springframework.test.context.junit.jupiter.SpringExtension;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The demo data, loaded once for all tests of a class and taken away after the last: each test is a transaction that is
 * rolled back, so that each finds them whole.
 */
public final class LoadedDemo implements BeforeAllCallback, AfterAllCallback {

    private static final AtomicBoolean THERE = new AtomicBoolean();

    @Override
    public void beforeAll(ExtensionContext context) {
        ApplicationContext beans = SpringExtension.getApplicationContext(context);
        inOneGo(beans, () -> {
            empty(beans.getBean(EntityManager.class));
            beans.getBean(DemoData.class).load();
        });
        THERE.set(true);
    }

    @Override
    public void afterAll(ExtensionContext context) {
        if (THERE.getAndSet(false)) {
            ApplicationContext beans = SpringExtension.getApplicationContext(context);
            inOneGo(beans, () -> empty(beans.getBean(EntityManager.class)));
        }
    }

    private static void inOneGo(ApplicationContext beans, Runnable work) {
        beans.getBean(TransactionTemplate.class).executeWithoutResult(status -> work.run());
    }

    @SuppressWarnings("unchecked")
    private static void empty(EntityManager entities) {
        List<String> tables = entities.createNativeQuery("select table_name from information_schema.tables"
                        + " where table_schema = database() and table_type = 'BASE TABLE'"
                        + " and table_name not in ('flyway_schema_history', 'workshop', 'done_by')")
                .getResultList();
        entities.createNativeQuery("set foreign_key_checks = 0").executeUpdate();
        tables.forEach(
                table -> entities.createNativeQuery("delete from " + table).executeUpdate());
        entities.createNativeQuery("set foreign_key_checks = 1").executeUpdate();
        entities.createNativeQuery(
                        "update workshop set name = 'Workshop', unit_system = 'METRIC', setting_school = 'A',"
                                + " service_school = 'yearly', set_up = false")
                .executeUpdate();
    }
}
