package com.deftchill.server.database;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.SQLExceptionOverride;
import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig.SlidingWindowType;
import java.net.SocketTimeoutException;
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

    /** Of as long as the pool lets somebody wait. */
    private static final int WAITS_WHILE_BUSY = 6;

    private final HikariDataSource pool;
    private final CircuitBreaker breaker;

    GuardedDataSource(HikariDataSource pool) {
        super(pool);
        this.pool = pool;
        pool.setExceptionOverride(new SQLExceptionOverride() {
            @java.lang.Override
            public SQLExceptionOverride.Override adjudicate(SQLException e) {
                if (saysNothing(e)) {
                    breaker.transitionToOpenState();
                }
                return SQLExceptionOverride.Override.CONTINUE_EVICT;
            }
        });
        breaker = CircuitBreaker.of(
                "database",
                CircuitBreakerConfig.custom()
                        .slidingWindowType(SlidingWindowType.COUNT_BASED)
                        .slidingWindowSize(1)
                        .minimumNumberOfCalls(1)
                        .failureRateThreshold(100)
                        .permittedNumberOfCallsInHalfOpenState(1)
                        .waitDurationInOpenState(UNTIL_ASKED_AGAIN)
                        .recordException(e -> e instanceof SQLException sql && !isBusy(sql))
                        .build());
    }

    /** One question was not answered in time: nobody else has to wait as long to be told so. */
    private static boolean saysNothing(Throwable error) {
        for (var cause = error; cause != null; cause = cause.getCause()) {
            if (cause instanceof SocketTimeoutException) {
                return true;
            }
        }
        return false;
    }

    @Override
    public Connection getConnection() throws SQLException {
        for (int time = 1; ; time++) {
            try {
                return guarded();
            } catch (SQLTransientConnectionException e) {
                if (time == WAITS_WHILE_BUSY || !isBusy(e)) {
                    throw e;
                }
            }
        }
    }

    /** Whether connections work and are all in use: then it is right to wait on. */
    private boolean isBusy(SQLException e) {
        return !(e.getCause() instanceof SQLException)
                && !(e.getCause() instanceof CallNotPermittedException)
                && pool.getHikariPoolMXBean().getTotalConnections() > 0;
    }

    private Connection guarded() throws SQLException {
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
