package com.deftchill.core.mix;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.composition.Thermal;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Ingredient.Protease;
import java.util.Arrays;
import java.util.List;

/**
 * What a component's ingredients, gelatin and bloom water make together. Gelatin counts as gelatin, not as protein of
 * the mix, in everything but the thermal properties.
 *
 * @param massG total mass, g
 * @param gelatinG dry gelatin, g
 * @param composition mass shares of the whole, gelatin as other protein
 * @param ph estimated pH: buffer-weighted mean of the ingredients' pH [E]
 * @param buffer how strongly it holds its pH, mmol per kg and pH unit
 * @param protease the worst protein-cutting enzyme present
 * @param proteaseFrom the ingredient that carries it, or empty
 * @param airMl air in bubbles and pores, ml
 */
public record Mix(
        double massG,
        double gelatinG,
        Composition composition,
        double ph,
        double buffer,
        Protease protease,
        String proteaseFrom,
        double airMl) {

    /** pH of a mix without any buffering ingredient. */
    public static final double NEUTRAL_PH = 7;

    private static final Constituent[] CONSTITUENTS = Constituent.values();

    /** Density of ethanol, g/ml (handbook 4). */
    private static final double ETHANOL_G_PER_ML = 0.789;

    private static final double ROOM_C = 20;
    private static final double ML_PER_L = 1000;
    private static final double MOST_DRIED = 0.999;

    /** An ingredient, its mass, g, and what was done to it. */
    public record Part(Ingredient ingredient, double grams, Treatment treatment) {
        /** As it is bought. */
        public Part(Ingredient ingredient, double grams) {
            this(ingredient, grams, Treatment.AS_BOUGHT);
        }

        /** The same, heated for as long as ends its enzymes. */
        public Part heated() {
            return treatment.endsEnzymes() ? this : new Part(ingredient, grams, Treatment.HEATED);
        }

        /** Protein-cutting enzyme still active in it. */
        public Protease protease() {
            return treatment.endsEnzymes() ? Protease.NONE : ingredient.protease();
        }
    }

    /** Alcohol of a mass of pure ethanol, ml. */
    public static double alcoholMl(double grams) {
        return grams / ETHANOL_G_PER_ML;
    }

    /** Mixes the parts with gelatin and its bloom water (all in grams). */
    public static Mix of(List<Part> parts, double gelatinG, double bloomWaterG) {
        var masses = new double[CONSTITUENTS.length];
        double buffer = 0;
        double bufferedPh = 0;
        var protease = Protease.NONE;
        var proteaseFrom = "";
        for (var part : parts) {
            var ingredient = part.ingredient();
            for (var constituent : CONSTITUENTS) {
                masses[constituent.ordinal()] +=
                        part.grams() * ingredient.composition().share(constituent);
            }
            double weight = part.grams() * ingredient.buffer();
            buffer += weight;
            bufferedPh += weight * ingredient.ph();
            if (part.protease().compareTo(protease) > 0) {
                protease = part.protease();
                proteaseFrom = ingredient.name();
            }
        }
        masses[Constituent.OTHER_PROTEIN.ordinal()] += gelatinG;
        masses[Constituent.WATER.ordinal()] += bloomWaterG;
        double total = Arrays.stream(masses).sum();
        double ph = buffer > 0 ? bufferedPh / buffer : NEUTRAL_PH;
        return new Mix(
                total, gelatinG, Composition.ofMasses(masses, total), ph, buffer / total, protease, proteaseFrom, 0);
    }

    /** The same, with so much working gelling agent in it, g. */
    public Mix withGelatin(double grams) {
        return new Mix(massG, grams, composition, ph, buffer, protease, proteaseFrom, airMl);
    }

    /** The same with so much water boiled away, g; a trace always stays. */
    public Mix dried(double grams) {
        double away = Math.min(grams, MOST_DRIED * waterG());
        if (!(away > 0)) {
            return this;
        }
        var masses = new double[CONSTITUENTS.length];
        for (var constituent : CONSTITUENTS) {
            masses[constituent.ordinal()] = grams(constituent);
        }
        masses[Constituent.WATER.ordinal()] -= away;
        double left = massG - away;
        return new Mix(
                left,
                gelatinG,
                Composition.ofMasses(masses, left),
                ph,
                buffer * massG / left,
                protease,
                proteaseFrom,
                airMl);
    }

    /** The same with air in it, ml: in bubbles, and in pores. */
    public Mix withAir(double bubblesMl, double poresMl) {
        return new Mix(massG, gelatinG, composition, ph, buffer, protease, proteaseFrom, bubblesMl + poresMl);
    }

    /** Volume at 20 °C, air included, ml. */
    public double volumeMl() {
        return denseMl() + airMl;
    }

    /** Volume at 20 °C without air, ml. */
    public double denseMl() {
        return ML_PER_L * massG / composition.density(ROOM_C);
    }

    /** Air by volume, ml/ml. */
    public double airShare() {
        return airMl / volumeMl();
    }

    /** Density at 20 °C, air included, g/ml. */
    public double gramsPerMl() {
        return massG / volumeMl();
    }

    /** Water of the whole mix, bloom water included, g. */
    public double waterG() {
        return massG * composition.share(Constituent.WATER);
    }

    /** Gelatin in the aqueous phase, g/L: gelatin / (gelatin + water), taking 1 g as 1 ml. */
    public double gelatinGramsPerLitre() {
        return gelatinG == 0 ? 0 : 1000 * gelatinG / (gelatinG + waterG());
    }

    /** Gelatin by the kitchen's figure, % of total mass. */
    public double gelatinPercent() {
        return 100 * gelatinG / massG;
    }

    /** Mass of one constituent, g. */
    public double grams(Constituent constituent) {
        return massG * composition.share(constituent);
    }

    /** Milk protein per gram of water. */
    public double milkProteinPerWater() {
        return perWater(Constituent.MILK_PROTEIN);
    }

    /** Volume share of fat droplets, taken at 20 °C. */
    public double fatVolumeShare() {
        return composition.fat() * composition.density(20) / Thermal.FAT.density(20);
    }

    /** Sugars as a share of water and sugars, g/g. */
    public double sugarOfAqueous() {
        double sugars = composition.share(Constituent.SUGARS);
        double whole = sugars + composition.share(Constituent.WATER);
        return whole == 0 ? 0 : sugars / whole;
    }

    /** Alcohol by volume of water and alcohol, ml/ml. */
    public double alcoholByVolume() {
        double alcohol = composition.share(Constituent.ALCOHOL) / ETHANOL_G_PER_ML;
        double whole = alcohol + composition.share(Constituent.WATER);
        return whole == 0 ? 0 : alcohol / whole;
    }

    /** Salt as a share of water and salt, g/g. */
    public double saltOfAqueous() {
        double salt = composition.share(Constituent.SALT);
        double whole = salt + composition.share(Constituent.WATER);
        return whole == 0 ? 0 : salt / whole;
    }

    private double perWater(Constituent constituent) {
        double water = composition.share(Constituent.WATER);
        return water == 0 ? 0 : composition.share(constituent) / water;
    }
}
