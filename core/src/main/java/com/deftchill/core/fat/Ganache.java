package com.deftchill.core.fat;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.parameters.GanacheParameters;
import com.deftchill.core.parameters.Parameters;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * Chocolate joined with something wet, as an emulsion of fat in water: from its composition alone, so that cream, butter,
 * yolk, liquor, puree and honey all count. Handbook 3 [L/E].
 *
 * @param composition of the whole
 * @param grams of the whole
 * @param parameters constants of the models
 */
public record Ganache(Composition composition, double grams, Parameters parameters) {
    private static final double FAT_G_PER_ML = 0.91;
    private static final double SUGAR_ML_PER_G = 0.62;
    private static final double ALCOHOL_G_PER_ML = 0.789;
    private static final int HALVINGS = 40;

    /** What it is good for, by its yield stress; limits fitted to dark 65 % with 35 % cream at 20 °C, 1:2, 1:1, 3:2, 2:1 [E]. */
    public enum Texture {
        POURS("pours; whips when cold", p -> 0),
        SOFT("soft, for the spoon", p -> p.softFrom().value()),
        PIPES("firm, pipes", p -> p.pipesFrom().value()),
        ROLLS("as a truffle, rolls", p -> p.rollsFrom().value()),
        HARD("hard, is cut", p -> p.hardFrom().value());

        private final String words;
        private final ToDoubleFunction<GanacheParameters> from;

        Texture(String words, ToDoubleFunction<GanacheParameters> from) {
            this.words = words;
            this.from = from;
        }

        /** As the cook reads it. */
        public String words() {
            return words;
        }
    }

    /** Whether it is a matter of chocolate at all. */
    public boolean hasChocolate() {
        return composition.share(Constituent.COCOA_BUTTER) > 0;
    }

    /** Fat by volume of fat and water phase, ml/ml. */
    public double phi() {
        return share(fatMlPerG(composition), waterMlPerG(composition));
    }

    /** So much water per dry cocoa solids and sugar, g/g. */
    public double perSolids(double waterG) {
        return waterG / grams / Math.max(1e-9, solids());
    }

    /** Water per dry cocoa solids and sugar, g/g. */
    public double waterPerSolids() {
        return solids() == 0 ? Double.POSITIVE_INFINITY : composition.share(Constituent.WATER) / solids();
    }

    /** Whether the chocolate seizes: wet enough to clump, too dry to flow, not rich enough in fat. */
    public boolean seizes(double freeWaterG) {
        double ratio = perSolids(freeWaterG);
        return hasChocolate()
                && ratio > parameters.ganache().seizesFrom().value()
                && ratio < parameters.ganache().seizesTo().value()
                && phi() < parameters.ganache().fatContinuousPhi().value();
    }

    private double solids() {
        return composition.share(Constituent.COCOA_SOLIDS) + composition.share(Constituent.SUGARS);
    }

    /** Grams of a liquid that bring phi below rescuePhi; 0 when it is; absent when this liquid cannot. */
    public OptionalDouble rescue(Composition liquid) {
        return toPhi(liquid, parameters.ganache().rescuePhi().value());
    }

    private static double share(double fatMl, double waterMl) {
        double whole = fatMl + waterMl;
        return whole == 0 ? 0 : fatMl / whole;
    }

    /** Its phi with so many grams of something worked in. */
    public double phiWith(Composition liquid, double more) {
        return share(
                fatMlPerG(composition) * grams + fatMlPerG(liquid) * more,
                waterMlPerG(composition) * grams + waterMlPerG(liquid) * more);
    }

    /** Grams of something that bring the share of fat down to phi; 0 when it is below; absent when this cannot. */
    public OptionalDouble toPhi(Composition liquid, double phi) {
        double fat = fatMlPerG(composition) * grams;
        double whole = fat + waterMlPerG(composition) * grams;
        if (fat <= phi * whole) {
            return OptionalDouble.of(0);
        }
        double liquidFat = fatMlPerG(liquid);
        double gain = phi * (liquidFat + waterMlPerG(liquid)) - liquidFat;
        return gain > 0 ? OptionalDouble.of((fat - phi * whole) / gain) : OptionalDouble.empty();
    }

    /** Least grams of a liquid that pass the seize band; absent when this liquid cannot. */
    public OptionalDouble passesSeizing(Composition liquid, double freeWaterG) {
        double missing = parameters.ganache().seizesTo().value() * grams * solids() - freeWaterG;
        double gain = liquid.share(Constituent.WATER)
                - parameters.ganache().seizesTo().value()
                        * (liquid.share(Constituent.COCOA_SOLIDS) + liquid.share(Constituent.SUGARS));
        return gain > 0 ? OptionalDouble.of(Math.max(0, missing / gain)) : OptionalDouble.empty();
    }

    /** Yield stress at rest at T °C, Pa. */
    public double restPa(double celsius) {
        return FatLaw.of(composition, parameters.fat()).restPa(celsius);
    }

    /** What it is good for at T °C. */
    public Texture texture(double celsius) {
        double pa = restPa(celsius);
        return Arrays.stream(Texture.values())
                .filter(texture -> pa >= texture.from.applyAsDouble(parameters.ganache()))
                .reduce((lower, higher) -> higher)
                .orElse(Texture.POURS);
    }

    /** Degrees between which it eats like a texture, from 0 to 34 °C in steps of half a degree; empty when never. */
    public Optional<double[]> temperaturesOf(Texture wanted) {
        double from = Double.NaN;
        double to = Double.NaN;
        for (double celsius = 0; celsius <= 34; celsius += 0.5) {
            if (texture(celsius) == wanted) {
                from = Double.isNaN(from) ? celsius : from;
                to = celsius;
            }
        }
        return Double.isNaN(from) ? Optional.empty() : Optional.of(new double[] {from, to});
    }

    /**
     * Grams of another chocolate per gram of a liquid that are as firm at T °C as this; absent when no ratio up to the limit
     * is.
     *
     * @param most greatest ratio to consider
     */
    public OptionalDouble sameAs(Composition chocolate, Composition liquid, double celsius, double most) {
        double wanted = restPa(celsius);
        double low = 0;
        double high = most;
        if (joinedPa(chocolate, liquid, most, celsius) < wanted) {
            return OptionalDouble.empty();
        }
        for (int i = 0; i < HALVINGS; i++) {
            double ratio = (low + high) / 2;
            if (joinedPa(chocolate, liquid, ratio, celsius) < wanted) {
                low = ratio;
            } else {
                high = ratio;
            }
        }
        return OptionalDouble.of(high);
    }

    private double joinedPa(Composition chocolate, Composition liquid, double ratio, double celsius) {
        var constituents = Constituent.values();
        var masses = new double[constituents.length];
        for (var constituent : constituents) {
            masses[constituent.ordinal()] = ratio * chocolate.share(constituent) + liquid.share(constituent);
        }
        return FatLaw.of(Composition.ofMasses(masses, 1 + ratio), parameters.fat())
                .restPa(celsius);
    }

    private static double fatMlPerG(Composition of) {
        return of.fat() / FAT_G_PER_ML;
    }

    private static double waterMlPerG(Composition of) {
        return of.share(Constituent.WATER)
                + SUGAR_ML_PER_G * of.share(Constituent.SUGARS)
                + of.share(Constituent.ALCOHOL) / ALCOHOL_G_PER_ML;
    }
}
