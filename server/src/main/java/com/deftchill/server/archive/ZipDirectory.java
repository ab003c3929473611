package com.deftchill.server.archive;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;

/**
 * How large a zip's list of its files is, read before anything else of it: whoever opens a zip reads that list into memory whole.
 * (APPNOTE.TXT 6.3, sections 4.3.14 to 4.3.16.)
 */
final class ZipDirectory {
    private static final int END = 0x06054b50;
    private static final int END_BYTES = 22;
    private static final int LONGEST_COMMENT = 0xFFFF;
    private static final int SIZE_AT = 12;
    private static final int LOCATOR = 0x07064b50;
    private static final int LOCATOR_BYTES = 20;
    private static final int LARGE_END_AT = 8;
    private static final int LARGE_END = 0x06064b50;
    private static final int LARGE_SIZE_AT = 40;
    private static final int LARGE_BYTES = 56;
    private static final long UNTOLD = 0xFFFFFFFFL;

    private ZipDirectory() {}

    /** Bytes of the list of files; -1 where it is no zip. */
    static long bytes(Path file) throws IOException {
        try (var zip = new RandomAccessFile(file.toFile(), "r")) {
            int length = (int) Math.min(zip.length(), END_BYTES + LONGEST_COMMENT + LOCATOR_BYTES);
            long from = zip.length() - length;
            var tail = at(zip, from, length);
            for (int i = length - END_BYTES; i >= 0; i--) {
                if (tail.getInt(i) == END) {
                    long told = Integer.toUnsignedLong(tail.getInt(i + SIZE_AT));
                    return told == UNTOLD ? large(zip, tail, i - LOCATOR_BYTES) : told;
                }
            }
            return -1;
        }
    }

    private static long large(RandomAccessFile zip, ByteBuffer tail, int locator) throws IOException {
        if (locator < 0 || tail.getInt(locator) != LOCATOR) {
            return -1;
        }
        long at = tail.getLong(locator + LARGE_END_AT);
        if (at < 0 || at > zip.length() - LARGE_BYTES) {
            return -1;
        }
        var end = at(zip, at, LARGE_BYTES);
        return end.getInt(0) == LARGE_END ? end.getLong(LARGE_SIZE_AT) : -1;
    }

    private static ByteBuffer at(RandomAccessFile zip, long from, int length) throws IOException {
        var bytes = new byte[length];
        zip.seek(from);
        zip.readFully(bytes);
        return ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
    }
}
