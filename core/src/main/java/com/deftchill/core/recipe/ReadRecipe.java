package com.deftchill.core.recipe;

import com.deftchill.core.formula.WrittenFormula;
import java.util.List;

/**
 * A recipe as it was understood.
 *
 * @param document with every value that was read, and the whole text in its notes
 * @param facts each with the words that it was read from, in the order of the text
 * @param left words that were not understood; they stand in the notes, those of the method
 *     also as steps of one's own
 */
public record ReadRecipe(WrittenFormula document, List<Fact> facts, List<Left> left) {
    public ReadRecipe {
        facts = List.copyOf(facts);
        left = List.copyOf(left);
    }

    /** Words that were not understood, and where they stand. */
    public record Left(String text, int from, int to) {}
}
