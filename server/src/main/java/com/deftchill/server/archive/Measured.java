package com.deftchill.server.archive;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/**
 * A file of an archive as it is unpacked: no more of it than may be, whatever the archive says of its size. What is unpacked of a
 * whole archive counts together, so that a small one does not become a large one by many files.
 */
final class Measured extends FilterInputStream {
    /** What is more than may be; the message says so. */
    static final class TooMuchException extends IOException {
        private static final long serialVersionUID = 1;

        TooMuchException(String why) {
            super(why);
        }
    }

    /** How much of an archive may still be unpacked. */
    static final class Rest {
        private long bytes;

        Rest(long bytes) {
            this.bytes = bytes;
        }
    }

    private static final int MEGABYTE = 1024 * 1024;

    private final Rest rest;
    private final long most;
    private long sinceMark;

    /** @param most bytes of the file, or of one row of it where {@link #nextRow} is called */
    Measured(InputStream in, long most, Rest rest) {
        super(in);
        this.most = most;
        this.rest = rest;
    }

    /** What comes now belongs to the next row. */
    void nextRow() {
        sinceMark = 0;
    }

    @Override
    public int read() throws IOException {
        int value = super.read();
        count(value < 0 ? 0 : 1);
        return value;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
        int read = super.read(buffer, offset, length);
        count(Math.max(0, read));
        return read;
    }

    @Override
    public long skip(long n) {
        throw new IllegalStateException("what is skipped would not be counted");
    }

    private void count(int read) throws IOException {
        sinceMark += read;
        rest.bytes -= read;
        if (sinceMark > most) {
            throw new TooMuchException("it is larger than " + most / MEGABYTE + " MB");
        }
        if (rest.bytes < 0) {
            throw new TooMuchException("unpacked, the archive would be larger than any kitchen's");
        }
    }
}
