package com.deftchill.core.recipe;

import com.deftchill.core.paste.PastedLine;

/**
 * A line of a recipe.
 *
 * @param text without its bullet
 * @param from where it begins in the whole text
 * @param to where it ends
 * @param under heading that it stands under; empty for none
 * @param read the ingredient; absent for other lines
 */
record RecipeLine(Kind kind, String text, int from, int to, String under, PastedLine read) {
    enum Kind {
        TITLE,
        HEADING,
        INGREDIENT,
        METHOD,
        /** For how many, in what. */
        YIELD,
        /** Anything else. */
        OTHER
    }
}
