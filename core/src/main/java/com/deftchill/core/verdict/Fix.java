package com.deftchill.core.verdict;

import java.util.List;

/**
 * A change that answers a verdict, ready to be taken.
 *
 * @param label what to change, with amounts
 * @param effect what it does, computed
 * @param changes to make together
 */
public record Fix(String label, String effect, List<Change> changes) {

    /** New text at a JSON pointer into the formula document. */
    public record Change(String path, String value) {}

    public Fix {
        changes = List.copyOf(changes);
    }
}
