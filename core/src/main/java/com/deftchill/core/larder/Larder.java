package com.deftchill.core.larder;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Everything a kitchen can write into a formula, by id, in the order of the data files. */
public final class Larder {
    private final Map<String, Ingredient> ingredients;
    private final Map<String, GelatinProduct> gelatins;
    private final Map<String, Mould> moulds;
    private final Map<String, Cooler> coolers;

    /**
     * @throws IllegalArgumentException when two entries of one kind share an id
     */
    public Larder(
            List<Ingredient> ingredients, List<GelatinProduct> gelatins, List<Mould> moulds, List<Cooler> coolers) {
        this.ingredients = index(ingredients, Ingredient::id);
        this.gelatins = index(gelatins, GelatinProduct::id);
        this.moulds = index(moulds, Mould::id);
        this.coolers = index(coolers, Cooler::id);
    }

    public Optional<Ingredient> ingredient(String id) {
        return Optional.ofNullable(ingredients.get(id));
    }

    public Optional<GelatinProduct> gelatin(String id) {
        return Optional.ofNullable(gelatins.get(id));
    }

    public Optional<Mould> mould(String id) {
        return Optional.ofNullable(moulds.get(id));
    }

    public Optional<Cooler> cooler(String id) {
        return Optional.ofNullable(coolers.get(id));
    }

    public Collection<Ingredient> ingredients() {
        return ingredients.values();
    }

    public Collection<GelatinProduct> gelatins() {
        return gelatins.values();
    }

    public Collection<Mould> moulds() {
        return moulds.values();
    }

    public Collection<Cooler> coolers() {
        return coolers.values();
    }

    private static <T> Map<String, T> index(List<T> items, Function<T, String> id) {
        var byId = new LinkedHashMap<String, T>();
        for (T item : items) {
            if (byId.put(id.apply(item), item) != null) {
                throw new IllegalArgumentException("id '" + id.apply(item) + "' stands twice; ids must be unique");
            }
        }
        return java.util.Collections.unmodifiableMap(byId);
    }
}
