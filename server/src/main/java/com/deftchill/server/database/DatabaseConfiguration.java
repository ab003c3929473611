package com.deftchill.server.database;

import com.zaxxer.hikari.HikariDataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

@Configuration
class DatabaseConfiguration {
    /** Puts the guard before the pool, and what is known of sessions before those of the database. */
    @Bean
    static BeanPostProcessor guards() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                if (bean instanceof HikariDataSource pool) {
                    return new GuardedDataSource(pool);
                }
                return bean instanceof JdbcIndexedSessionRepository sessions ? known(sessions) : bean;
            }
        };
    }

    @SuppressWarnings({"unchecked", "rawtypes"})
    private static Object known(JdbcIndexedSessionRepository sessions) {
        return new KnownSessions((FindByIndexNameSessionRepository) sessions);
    }
}
