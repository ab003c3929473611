package com.deftchill.server.problem;

/** What a change was made for is no longer what is stored: a test of the change does not hold. */
public final class ChangedMeanwhileException extends RuntimeException {
    private final String path;

    /** @param path what was tested */
    public ChangedMeanwhileException(String path) {
        super(path + " is not what the patch was made for");
        this.path = path;
    }

    public String path() {
        return path;
    }
}
