package com.deftchill.core.gel;

import java.util.List;

/**
 * Constants of the gelatin model. Grades: [S] definition, [L] literature, [E] estimate, to be fitted by the log.
 *
 * @param criticalHelix helix concentration at which a gel begins, g/L [L]
 * @param scalePa rigidity scale G0, Pa [E]
 * @param exponent of the master curve [L]
 * @param bloomGain helix concentration at the Bloom test over the critical one, for 250 Bloom, less one [E]
 * @param modes maturing modes at the reference temperature [E]; weights add up to 1
 * @param rateZeroC temperature at which maturing has slowed to its floor, °C [E]
 * @param rateFloor slowest relative rate [E]
 * @param meltHours time constant with which helices melt when it warms, h [E]
 * @param onsetBelowMeltK how far below its melting point a gel starts to set on cooling, K [E]
 */
public record GelatinParameters(
        double criticalHelix,
        double scalePa,
        double exponent,
        double bloomGain,
        List<Mode> modes,
        double rateZeroC,
        double rateFloor,
        double meltHours,
        double onsetBelowMeltK) {

    /** The Bloom test [S]: 6.67 % (w/w), matured 17 h at 10 °C. */
    public static final double BLOOM_TEST_GRAMS_PER_LITRE = 66.7;

    public static final double BLOOM_TEST_CELSIUS = 10;
    public static final double BLOOM_TEST_HOURS = 17;

    /** One way in which helices grow: its share of the whole and its time constant at 10 °C, h. */
    public record Mode(double weight, double hours) {}

    public GelatinParameters {
        modes = List.copyOf(modes);
    }

    /** The values of handbook 2. */
    public static GelatinParameters handbook() {
        return new GelatinParameters(
                3.0,
                100,
                1.9,
                11.2,
                List.of(new Mode(0.50, 0.25), new Mode(0.20, 1.2), new Mode(0.17, 4), new Mode(0.13, 14)),
                30,
                0.02,
                2.0 / 60,
                5);
    }
}
