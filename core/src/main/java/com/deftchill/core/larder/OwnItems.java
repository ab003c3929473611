package com.deftchill.core.larder;

import java.util.List;

/** What a kitchen has added to its larder, understood. */
public record OwnItems(List<Ingredient> ingredients, List<GelProduct> gels, List<Mould> moulds, List<Cooler> coolers) {
    public OwnItems {
        ingredients = List.copyOf(ingredients);
        gels = List.copyOf(gels);
        moulds = List.copyOf(moulds);
        coolers = List.copyOf(coolers);
    }

    /** One gelling agent alone. */
    public static OwnItems of(GelProduct gel) {
        return new OwnItems(List.of(), List.of(gel), List.of(), List.of());
    }

    /** One cooler alone. */
    public static OwnItems of(Cooler cooler) {
        return new OwnItems(List.of(), List.of(), List.of(), List.of(cooler));
    }

    /** One ingredient alone. */
    public static OwnItems of(Ingredient ingredient) {
        return new OwnItems(List.of(ingredient), List.of(), List.of(), List.of());
    }
}
