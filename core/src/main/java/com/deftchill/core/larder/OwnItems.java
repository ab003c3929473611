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
}
