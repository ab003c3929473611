package com.deftchill.server.database;

import java.util.concurrent.ThreadLocalRandom;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.aop.Advisor;
import org.springframework.aop.support.ComposablePointcut;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * A transaction that the database gave up, since two waited for each other or a cluster could not certify it, is begun again as a whole:
 * nothing of it was stored. Only the outermost one is, and a few times at most; each time after a moment drawn at random.
 */
@Configuration
class AgainConfiguration {
    private static final Logger LOG = LoggerFactory.getLogger(AgainConfiguration.class);
    private static final int MOST_TIMES = 4;
    private static final int PAUSE_MS = 30;
    /** Outside of the transaction itself. */
    private static final int ORDER = Ordered.LOWEST_PRECEDENCE - 10;

    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static Advisor again() {
        var where = new ComposablePointcut(AnnotationMatchingPointcut.forMethodAnnotation(Transactional.class))
                .union((org.springframework.aop.Pointcut)
                        AnnotationMatchingPointcut.forClassAnnotation(Transactional.class));
        var advisor = new DefaultPointcutAdvisor(where, (MethodInterceptor) AgainConfiguration::invoke);
        advisor.setOrder(ORDER);
        return advisor;
    }

    /** The same for transactions that are begun by hand. */
    @Bean
    @Primary
    TransactionTemplate transactionTemplate(PlatformTransactionManager transactions) {
        return new Template(transactions);
    }

    private static final class Template extends TransactionTemplate {
        private static final long serialVersionUID = 1;

        Template(PlatformTransactionManager transactions) {
            super(transactions);
        }

        @Override
        public <T> T execute(TransactionCallback<T> action) {
            for (int time = 1; ; time++) {
                try {
                    return super.execute(action);
                } catch (PessimisticLockingFailureException e) {
                    if (time == MOST_TIMES || TransactionSynchronizationManager.isActualTransactionActive()) {
                        throw e;
                    }
                    LOG.debug("a transaction is begun again: {}", e.getMessage());
                    pause(time, e);
                }
            }
        }
    }

    private static Object invoke(MethodInvocation call) throws Throwable {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            return call.proceed();
        }
        for (int time = 1; ; time++) {
            try {
                return ((org.springframework.aop.ProxyMethodInvocation) call)
                        .invocableClone()
                        .proceed();
            } catch (PessimisticLockingFailureException e) {
                if (time == MOST_TIMES) {
                    throw e;
                }
                LOG.debug("{} is begun again: {}", call.getMethod().getName(), e.getMessage());
                pause(time, e);
            }
        }
    }

    private static void pause(int time, PessimisticLockingFailureException given) {
        try {
            Thread.sleep(ThreadLocalRandom.current().nextInt(PAUSE_MS * time) + 1L);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw given;
        }
    }
}
