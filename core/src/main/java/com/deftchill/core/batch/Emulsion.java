package com.deftchill.core.batch;

import com.deftchill.core.composition.Constituent;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Ingredient.Trait;

/**
 * Whether chocolate is an emulsion in a component: a base that joins it with cream, milk, puree, juice, water or liquor.
 * Dusted cocoa, shavings and chocolate melted with butter are none (handbook 3).
 */
public final class Emulsion {
    /** A liquid has more water than this, g/g. */
    private static final double WET = 0.4;

    private static final double ML_OF_WATER = 0.5;

    private Emulsion() {}

    /** Whether a component has one. */
    public static boolean of(Component component) {
        if (component.kind().isSolid()) {
            return false;
        }
        double chocolate = 0;
        double liquid = 0;
        for (var line : component.lines()) {
            if (line.whipped()) {
                continue;
            }
            chocolate += isChocolate(line) ? line.grams() : 0;
            liquid += isFreeLiquid(line) ? line.grams() : 0;
        }
        double share = chocolate / component.base().massG();
        return liquid > ML_OF_WATER
                && share >= component.parameters().ganache().isOneFrom().value();
    }

    /** Chocolate of any kind, or another component that has much cocoa butter in it. */
    public static boolean isChocolate(Component.Line line) {
        return line.part().ingredient().group().equals("chocolate")
                && line.part().ingredient().composition().share(Constituent.COCOA_BUTTER) > 0.1;
    }

    /** Water that is free to wet chocolate: not butter's, which stays in its droplets, nor that of yolk and egg. */
    public static boolean isFreeLiquid(Component.Line line) {
        Ingredient ingredient = line.part().ingredient();
        return !ingredient.has(Trait.EGG)
                && ingredient.composition().share(Constituent.WATER) > WET
                && ingredient.composition().share(Constituent.BUTTER_FAT) < 0.5
                && ingredient.curd().isEmpty();
    }

    /** Free water of the base, g. */
    public static double freeWaterG(Component component) {
        return component.lines().stream()
                .filter(line -> !line.whipped() && isFreeLiquid(line))
                .mapToDouble(line ->
                        line.grams() * line.part().ingredient().composition().share(Constituent.WATER))
                .sum();
    }
}
