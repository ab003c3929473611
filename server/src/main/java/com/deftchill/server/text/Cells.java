package com.deftchill.server.text;

import java.util.regex.Pattern;

/**
 * Cells of a table that people open in a spreadsheet: none begins a formula there (OWASP, CSV injection), whichever character that
 * spreadsheet takes to part them: semicolons and tabs do in many countries, and there a cell goes on as another.
 */
public final class Cells {
    private static final String NUMBER = "[-+]?\\d+([.,]\\d+)?";
    private static final String PARTED = "((?:^|[;,|\t\r\n])[\"\\s]*)";
    private static final Pattern TO_WRITE = Pattern.compile(PARTED + "('*[=+\\-@])");
    private static final Pattern WRITTEN = Pattern.compile(PARTED + "'('*[=+\\-@])");

    private Cells() {}

    /** As it is written: what would begin a formula has an apostrophe before it, unless all of it is a number. */
    public static String written(String text) {
        return text.matches(NUMBER) ? text : TO_WRITE.matcher(text).replaceAll("$1'$2");
    }

    /** As it was before it was written. */
    public static String read(String cell) {
        return WRITTEN.matcher(cell).replaceAll("$1$2");
    }
}
