package com.deftchill.server.problem;

/** Somebody else saved in between. */
public final class StaleVersionException extends RuntimeException {
    private final long currentVersion;

    public StaleVersionException(long currentVersion) {
        super("saved elsewhere in the meantime, now at version " + currentVersion);
        this.currentVersion = currentVersion;
    }

    public long currentVersion() {
        return currentVersion;
    }
}
