package com.deftchill.core.larder;

import com.deftchill.core.composition.Composition;

/**
 * Something weighed into a mix.
 *
 * @param id stable key, as documents refer to it
 * @param name as the cook reads it
 * @param group for finding it in the list: dairy, sugar, fruit...
 * @param composition mass shares
 * @param ph pH of the ingredient
 * @param buffer how strongly it holds its pH, mmol per kg and pH unit; 0 for water, sugar, fat [E]
 * @param protease protein-cutting enzyme it carries as bought
 * @param tint colour family in the section drawing
 * @param source where the figures come from
 */
public record Ingredient(
        String id,
        String name,
        String group,
        Composition composition,
        double ph,
        double buffer,
        Protease protease,
        Tint tint,
        String source) {

    /** Protein-cutting enzyme activity; the order is that of harm. */
    public enum Protease {
        NONE,
        WEAK,
        STRONG
    }

    /** What the ingredient makes a layer look like in the section; the later ones show through the earlier. */
    public enum Tint {
        NONE,
        CREAM,
        CARAMEL,
        FRUIT,
        COCOA
    }
}
