package com.deftchill.core.label;

import com.deftchill.core.verdict.Evidence;

/** Of 100 g and of a portion, and where it comes from. */
public record Nutrition(Nutrient per100g, Nutrient perPortion, Evidence evidence) {
    /** Calculated nutrition of so many grams: kJ, kcal, and g of each. */
    public record Nutrient(
            double grams,
            double kj,
            double kcal,
            double fat,
            double carbohydrate,
            double sugars,
            double protein,
            double salt,
            double alcohol) {}
}
