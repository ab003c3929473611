package com.deftchill.server.database;

import com.zaxxer.hikari.HikariDataSource;
import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig.SlidingWindowType;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.time.Duration;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * Connections, unless the database was found to be away a moment ago: then it is said at once, instead of every question waiting for it.
 * One asks again every half second; that one waits as long as the pool does.
 */
class GuardedDataSource extends DelegatingDataSource {
    private static final Duration UNTIL_ASKED_AGAIN = Duration.ofMillis(500);

    private final CircuitBreaker breaker;

    GuardedDataSource(HikariDataSource pool) {
        super(pool);
        breaker = CircuitBreaker.of(
                "database",
                CircuitBreakerConfig.custom()
                        .slidingWindowType(SlidingWindowType.COUNT_BASED)
                        .slidingWindowSize(1)
                        .minimumNumberOfCalls(1)
                        .failureRateThreshold(100)
                        .permittedNumberOfCallsInHalfOpenState(1)
                        .waitDurationInOpenState(UNTIL_ASKED_AGAIN)
                        // A pool that is only busy has connections: then waiting is right.
                        .recordException(e -> e instanceof SQLException
                                && pool.getHikariPoolMXBean().getTotalConnections() == 0)
                        .build());
    }

    @Override
    public Connection getConnection() throws SQLException {
        try {
            return breaker.executeCheckedSupplier(super::getConnection);
        } catch (CallNotPermittedException e) {
            throw new SQLTransientConnectionException("the database is away", "08001", e);
        } catch (SQLException | RuntimeException | Error e) {
            throw e;
        } catch (Throwable e) {
            throw new SQLException(e);
        }
    }
}
