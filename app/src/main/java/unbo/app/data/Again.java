package unbo.app.data;

import java.io.OutputStream;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.concurrent.ThreadLocalRandom;

import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.springframework.aop.support.ComposablePointcut;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Two that waited for each other in the database are let go on: what was rolled back because of it is done again,
 * whole, a few times. Only around the outermost transaction, and not where something is written to a stream meanwhile.
 */
@Configuration(proxyBeanMethods = false)
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class Again {

    /** Serialization failure, in SQL and in MariaDB. */
    private static final String ROLLED_BACK = "40001";

    private static final int TIMES = 4;
    private static final int LONGEST_PAUSE_MS = 60;

    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static DefaultPointcutAdvisor doneAgain() {
        ComposablePointcut transactional = new ComposablePointcut(
                        (org.springframework.aop.Pointcut) new AnnotationMatchingPointcut(Transactional.class, true))
                .union((org.springframework.aop.Pointcut)
                        AnnotationMatchingPointcut.forMethodAnnotation(Transactional.class));
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(transactional, (MethodInterceptor) Again::invoke);
        advisor.setOrder(Ordered.LOWEST_PRECEDENCE - 1);
        return advisor;
    }

    /**
     * True where the database took everything back because of another's changes: while it waited, or, where several
     * databases are one, as it was to be kept.
     */
    private static boolean rolledBack(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof PessimisticLockingFailureException
                    || cause instanceof SQLException sql && ROLLED_BACK.equals(sql.getSQLState())) {
                return true;
            }
        }
        return false;
    }

    private static Object invoke(MethodInvocation call) throws Throwable {
        boolean inner = TransactionSynchronizationManager.isActualTransactionActive();
        boolean streams = Arrays.stream(call.getArguments()).anyMatch(OutputStream.class::isInstance);
        if (inner || streams || !(call instanceof org.springframework.aop.ProxyMethodInvocation repeatable)) {
            return call.proceed();
        }
        for (int time = 1; ; time++) {
            try {
                return repeatable.invocableClone().proceed();
            } catch (DataAccessException | TransactionException failed) {
                if (time == TIMES || !rolledBack(failed)) {
                    throw failed;
                }
                Thread.sleep(ThreadLocalRandom.current().nextInt(1, LONGEST_PAUSE_MS));
            }
        }
    }
}
