package com.deftchill.server.text;

/** Cells of a table that people open in a spreadsheet: none begins a formula there (OWASP, CSV injection). */
public final class Cells {
    private static final String BEGINS_A_FORMULA = "=+-@\t\r";

    private Cells() {}

    /** As it is written: what would begin a formula has an apostrophe before it, unless it is a number. */
    public static String written(String text) {
        return beginsAFormula(text) ? "'" + text : text;
    }

    /** As it was before it was written. */
    public static String read(String cell) {
        return cell.startsWith("'") && beginsAFormula(cell.substring(1)) ? cell.substring(1) : cell;
    }

    private static boolean beginsAFormula(String text) {
        return !text.isEmpty()
                && BEGINS_A_FORMULA.indexOf(text.charAt(0)) >= 0
                && !text.matches("[-+]?\\d+([.,]\\d+)?");
    }
}
