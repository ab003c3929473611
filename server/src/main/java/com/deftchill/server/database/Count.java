package com.deftchill.server.database;

import java.util.function.LongUnaryOperator;

/**
 * How many a wish finds. Counting reads every one of them, so it ends a bound after the page that is looked at.
 *
 * @param total all of them, or as many as were counted
 * @param more whether there are more than that
 */
public record Count(long total, boolean more) {
    /** So many after the page's first are counted; of short pages, such as a list of names to choose from, so many pages. */
    private static final int COUNTED = 200;

    private static final int PAGES_COUNTED = 10;

    /**
     * @param found how many are on the page
     * @param counted how many there are, told how many at most to look for
     */
    public static Count of(int page, int size, int found, LongUnaryOperator counted) {
        long before = (long) page * size;
        boolean isLast = found < size && (found > 0 || page == 0);
        if (isLast) {
            return new Count(before + found, false);
        }
        long most = before + Math.min(COUNTED, PAGES_COUNTED * size);
        long total = counted.applyAsLong(most + 1);
        return new Count(Math.min(total, most), total > most);
    }
}
