package com.deftchill.core.larder;

/**
 * A gelatin as bought.
 *
 * @param id stable key
 * @param name as the cook reads it
 * @param bloom strength, g (Bloom)
 * @param form sheets or powder
 * @param sheetG mass of one sheet, g; 0 for powder
 * @param maxMeltC temperature at which the helix share of any gel reaches zero, °C (33 mammalian, lower for fish)
 * @param source where the figures come from
 */
public record GelatinProduct(
        String id, String name, double bloom, Form form, double sheetG, double maxMeltC, String source) {

    /** How it is sold. */
    public enum Form {
        SHEET,
        POWDER
    }
}
