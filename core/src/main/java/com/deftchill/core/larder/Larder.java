package com.deftchill.core.larder;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Everything a kitchen can write into a formula, by id, in the order of the data files. */
public final class Larder {
    private final Map<String, Ingredient> ingredients;
    private final Map<String, GelProduct> gels;
    private final Map<String, Mould> moulds;
    private final Map<String, Cooler> coolers;
    private final Map<String, Allergen> allergens;

    /**
     * @throws IllegalArgumentException when two entries of one kind share an id
     */
    public Larder(
            List<Ingredient> ingredients,
            List<GelProduct> gels,
            List<Mould> moulds,
            List<Cooler> coolers,
            List<Allergen> allergens) {
        this.ingredients = index(ingredients, Ingredient::id);
        this.gels = index(gels, GelProduct::id);
        this.moulds = index(moulds, Mould::id);
        this.coolers = index(coolers, Cooler::id);
        this.allergens = index(allergens, Allergen::id);
    }

    public Optional<Ingredient> ingredient(String id) {
        return Optional.ofNullable(ingredients.get(id));
    }

    public Optional<GelProduct> gel(String id) {
        return Optional.ofNullable(gels.get(id));
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

    public Collection<GelProduct> gels() {
        return gels.values();
    }

    public Collection<Mould> moulds() {
        return moulds.values();
    }

    public Collection<Cooler> coolers() {
        return coolers.values();
    }

    /** Everything that must be declared, in the order of the EU list. */
    public Collection<Allergen> allergens() {
        return allergens.values();
    }

    /** This larder and what a kitchen has added; an own entry takes the place of one with the same id. */
    public Larder with(OwnItems own) {
        return new Larder(
                joined(ingredients, own.ingredients(), Ingredient::id),
                joined(gels, own.gels(), GelProduct::id),
                joined(moulds, own.moulds(), Mould::id),
                joined(coolers, own.coolers(), Cooler::id),
                List.copyOf(allergens.values()));
    }

    private static <T> List<T> joined(Map<String, T> shipped, List<T> own, Function<T, String> id) {
        var all = new LinkedHashMap<>(shipped);
        own.forEach(item -> all.put(id.apply(item), item));
        return List.copyOf(all.values());
    }

    private static <T> Map<String, T> index(List<T> items, Function<T, String> id) {
        var byId = new LinkedHashMap<String, T>();
        for (T item : items) {
            if (byId.put(id.apply(item), item) != null) {
                throw new IllegalArgumentException("id '" + id.apply(item) + "' stands twice; ids must be unique");
            }
        }
        return Collections.unmodifiableMap(byId);
    }
}
