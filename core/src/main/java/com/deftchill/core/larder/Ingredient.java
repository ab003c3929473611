package com.deftchill.core.larder;

import com.deftchill.core.amount.Subject;
import com.deftchill.core.composition.Composition;
import com.deftchill.core.cook.Soaking;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Something weighed into a mix.
 *
 * @param id stable key, as documents refer to it
 * @param name as the cook reads it
 * @param group for finding it in the list: dairy, sugar, fruit...
 * @param composition mass shares
 * @param ph pH of the ingredient
 * @param buffer how strongly it holds its pH, mmol per kg and pH unit; 0 for water, sugar, fat [E]
 * @param protease protein-cutting enzyme it carries while raw
 * @param tint colour family in the section drawing
 * @param spooned how much of it is in a spoon, and what it is sold in pieces of
 * @param labelling what must be said of it
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
        Spooned spooned,
        Labelling labelling,
        String source) {
    private static final double ROOM_C = 20;
    private static final double KG_PER_M3 = 1000;
    /** Dairy more acid than this curdles when it gets hot (handbook 3). */
    private static final double CURDLES_BELOW_PH = 5;

    /**
     * @param bulk level density, g/ml; 0 for what is poured, whose density follows from its composition
     * @param pieces mass of a piece by its name in the singular, g
     * @param soaking how it takes up a liquid, for dry sponge and biscuits
     * @param curd how firm it is, for fresh cheese and cultured cream
     */
    public record Spooned(double bulk, Map<String, Double> pieces, Optional<Soaking> soaking, Optional<Curd> curd) {
        /** What is not dipped. */
        public Spooned(double bulk, Map<String, Double> pieces) {
            this(bulk, pieces, Optional.empty(), Optional.empty());
        }

        public Spooned {
            pieces = Map.copyOf(pieces);
        }
    }

    /**
     * @param allergens ids of those it contains
     * @param mayContain ids of those it may contain
     * @param diet whether a vegetarian eats it
     * @param traits what else matters
     */
    public record Labelling(List<String> allergens, List<String> mayContain, Diet diet, Set<Trait> traits) {
        public Labelling {
            allergens = List.copyOf(allergens);
            mayContain = List.copyOf(mayContain);
            traits = Set.copyOf(traits);
        }
    }

    /** Protein-cutting enzyme activity; the order is that of harm. */
    public enum Protease {
        NONE,
        WEAK,
        STRONG
    }

    /** What else matters about an ingredient. */
    public enum Trait {
        /** An egg part: raw unless heated or pasteurised. */
        EGG,
        /** Fruit that was never cooked: short life. */
        FRESH_FRUIT,
        /** Rich in tannin, which binds gelatin. */
        TANNIN
    }

    /** What the ingredient makes a layer look like in the section; the later ones show through the earlier. */
    public enum Tint {
        NONE,
        CREAM,
        CARAMEL,
        FRUIT,
        COCOA
    }

    /** What turns typed amounts of it into grams. */
    public Subject subject() {
        boolean poured = spooned.bulk() == 0;
        double density = poured ? composition.density(ROOM_C) / KG_PER_M3 : spooned.bulk();
        return Subject.of(
                name,
                density,
                poured,
                spooned.pieces(),
                group.equals("egg") ? "egg eggs yolks whites".split(" ") : new String[0]);
    }

    /** The same, taking up so much at most, g/g; what is not dipped stays as it is. */
    public Ingredient soakingUp(double capacity) {
        var soaks = spooned.soaking().map(soaking -> new Soaking(capacity, soaking.tauSeconds()));
        return new Ingredient(
                id,
                name,
                group,
                composition,
                ph,
                buffer,
                protease,
                tint,
                new Spooned(spooned.bulk(), spooned.pieces(), soaks, spooned.curd()),
                labelling,
                source);
    }

    /** How it takes up a liquid, for dry sponge and biscuits. */
    public Optional<Soaking> soaking() {
        return spooned.soaking();
    }

    /** How firm it is by itself, for fresh cheese and cultured cream. */
    public Optional<Curd> curd() {
        return spooned.curd();
    }

    public boolean has(Trait trait) {
        return labelling.traits().contains(trait);
    }

    /** Whether it is milk so acid that heat curdles it. */
    public boolean curdles() {
        return group.equals("dairy") && ph < CURDLES_BELOW_PH;
    }
}
