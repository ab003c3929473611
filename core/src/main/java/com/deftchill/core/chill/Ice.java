package com.deftchill.core.chill;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.composition.Thermal;

/**
 * How much of a mix is ice at a temperature (handbook 4).
 *
 * <pre>
 *   x_ice = (w - w_bound) * (1 - Tf / T)   for T below Tf, both in °C
 *   Tf    = -1.86 * moles dissolved in a kilogram of water   (Raoult, dilute)
 * </pre>
 *
 * <p>Sugars count as sucrose, salt as two ions; water bound is 0.4 of the protein (Q. T. Pham, J. Food Sci. 52 (1987)
 * 210-212) [L]. Thawing is the same path back: no supercooling.
 *
 * @param freezesC temperature at which the first ice forms, °C
 * @param freezableG water that can freeze, g/g
 */
public record Ice(double freezesC, double freezableG) {
    /** Heat of fusion, J/kg. */
    static final double FUSION = 334_000;

    /** Ice at about -10 °C: J/(kg K), W/(m K), kg/m3. */
    static final double HEAT_CAPACITY = 2060;

    static final double CONDUCTIVITY = 2.2;
    static final double DENSITY = 917;

    private static final double CRYOSCOPIC_K = 1.86;
    private static final double SUCROSE_G = 342.3;
    private static final double ALCOHOL_G = 46.07;
    private static final double SALT_ION_G = 58.44 / 2;
    private static final double BOUND_BY_PROTEIN = 0.4;
    /** Even a mix of water alone freezes over some width of its table; nothing freezes above this, °C. */
    private static final double WARMEST_C = -0.1;

    private static final double FREEZES_AS_A_KG = 1000;

    /** No water to freeze. */
    static final Ice NONE = new Ice(WARMEST_C, 0);

    /** Of a mix of a composition. */
    public static Ice of(Composition mix) {
        double water = mix.share(Constituent.WATER);
        double bound = BOUND_BY_PROTEIN * (mix.share(Constituent.MILK_PROTEIN) + mix.share(Constituent.OTHER_PROTEIN));
        if (water <= bound) {
            return NONE;
        }
        double moles = mix.share(Constituent.SUGARS) / SUCROSE_G
                + mix.share(Constituent.ALCOHOL) / ALCOHOL_G
                + mix.share(Constituent.SALT) / SALT_ION_G;
        double freezes = -CRYOSCOPIC_K * FREEZES_AS_A_KG * moles / water;
        return new Ice(Math.min(WARMEST_C, freezes), water - bound);
    }

    /** Ice at T °C, g/g of the mix. */
    public double share(double celsius) {
        return celsius < freezesC ? freezableG * (1 - freezesC / celsius) : 0;
    }

    /** Heat capacity at T °C without the heat of fusion, J/(kg K), of a mix whose unfrozen one is given. */
    double heatCapacity(double unfrozen, double celsius) {
        return unfrozen - share(celsius) * (Thermal.WATER.heatCapacity(celsius) - HEAT_CAPACITY);
    }

    /** Conductivity at T °C, W/(m K), of a mix whose unfrozen one is given: ice in place of water, by volume. */
    double conductivity(double unfrozen, double mixDensity, double celsius) {
        double volume = share(celsius) * mixDensity / DENSITY;
        return unfrozen + volume * (CONDUCTIVITY - Thermal.WATER.conductivity(celsius));
    }
}
