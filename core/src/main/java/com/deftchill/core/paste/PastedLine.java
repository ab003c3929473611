package com.deftchill.core.paste;

import com.deftchill.core.verdict.Problem;
import java.util.List;

/**
 * A line of a pasted list.
 *
 * @param text as pasted
 * @param kind how far it was understood
 * @param id of the ingredient or gelling agent; empty when not understood
 * @param name of it
 * @param gel whether it is a gelling agent
 * @param sure whether nothing in the line speaks for something else; what is not sure is not taken without a look
 * @param amount the amount as written
 * @param grams what that comes to; 0 when it is not understood
 * @param note what else the line says
 * @param problems what stands in the way of its amount, with what it may mean
 */
public record PastedLine(
        String text,
        Kind kind,
        String id,
        String name,
        boolean gel,
        boolean sure,
        String amount,
        double grams,
        String note,
        List<Problem> problems) {
    public PastedLine {
        problems = List.copyOf(problems);
    }

    /** How far a line was understood. */
    public enum Kind {
        UNDERSTOOD,
        /** The ingredient is known, its amount is not. */
        AMOUNT_UNCLEAR,
        /** The amount is read, the ingredient is not of the larder. */
        NOT_UNDERSTOOD,
        /** A title or an empty line. */
        HEADING
    }

    static PastedLine heading(String text) {
        return new PastedLine(text, Kind.HEADING, "", "", false, false, "", 0, "", List.of());
    }

    static PastedLine unknown(String text, String amount, String note) {
        return new PastedLine(text, Kind.NOT_UNDERSTOOD, "", "", false, false, amount, 0, note, List.of());
    }
}
