package com.deftchill.core.batch;

import com.deftchill.core.larder.Diet;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.larder.Ingredient.Tint;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.mix.Mix;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** A component seen as an ingredient of another: its composition is that of its mix, so that masses balance. */
public final class AsIngredient {
    /** A flavour tints what it is in from this share of the mass on [E]. */
    private static final double TINTS_FROM = 0.04;

    private AsIngredient() {}

    static Ingredient of(Component component, Mix mix) {
        return new Ingredient(
                "@" + component.id(),
                component.name(),
                "component",
                mix.composition(),
                mix.ph(),
                mix.buffer(),
                component.heating().endsEnzymes(component.parameters().pan()) ? Protease.NONE : mix.protease(),
                tint(component, mix),
                new Ingredient.Spooned(mix.gramsPerMl(), Map.of()),
                // Allergens, diet and egg are read from the component's own lines.
                new Ingredient.Labelling(List.of(), List.of(), Diet.VEGETARIAN, traits(component)),
                "computed from its own lines");
    }

    private static Set<Trait> traits(Component component) {
        return component.lines().stream()
                .flatMap(line -> line.part().ingredient().labelling().traits().stream())
                .filter(trait -> trait == Trait.TANNIN)
                .collect(Collectors.toSet());
    }

    /** The colour family of the strongest flavour, or cream. */
    public static Tint tint(Component component, Mix mix) {
        double least = TINTS_FROM * mix.massG();
        return component.parts().stream()
                .filter(part -> part.grams() >= least)
                .map(part -> part.ingredient().tint())
                .filter(tint -> tint != Tint.NONE)
                .max(Enum::compareTo)
                .orElse(Tint.CREAM);
    }
}
