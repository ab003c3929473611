package com.deftchill.server.database;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLRecoverableException;
import java.sql.SQLTransientConnectionException;
import java.util.Set;

/** What the database's errors mean for whoever asked. */
public final class Away {
    private static final String CONNECTION = "08";
    /** What the pool says of a connection that broke when its transaction is to be rolled back. */
    private static final String CLOSED = "Connection is closed";
    /** Errors of MariaDB: the disk is full; the table is full, which is how InnoDB says the same. */
    private static final Set<Integer> DISK_FULL = Set.of(1021, 1114);

    private static final int HANDLER = 1030;
    private static final String NO_SPACE = "errno: 28";

    private Away() {}

    /** Whether it does not answer. */
    public static boolean isAway(Throwable error) {
        for (var cause = error; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLTransientConnectionException
                    || cause instanceof SQLNonTransientConnectionException
                    || cause instanceof SQLRecoverableException
                    || cause instanceof SQLException closed && CLOSED.equals(closed.getMessage())
                    || cause instanceof SQLException sql
                            && sql.getSQLState() != null
                            && sql.getSQLState().startsWith(CONNECTION)) {
                return true;
            }
        }
        return false;
    }

    /** Whether it has no room left. */
    public static boolean isFull(Throwable error) {
        for (var cause = error; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql
                    && (DISK_FULL.contains(sql.getErrorCode())
                            || sql.getErrorCode() == HANDLER
                                    && String.valueOf(sql.getMessage()).contains(NO_SPACE))) {
                return true;
            }
        }
        return false;
    }
}
