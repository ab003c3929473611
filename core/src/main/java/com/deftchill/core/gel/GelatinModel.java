package com.deftchill.core.gel;

import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.parameters.GelParameters;

/**
 * Rigidity of a gelatin gel after the helix-concentration master curve (Joly-Duhamel, Hellio, Ajdari, Djabourov 2002):
 *
 * <pre>
 *   G' = G0 * f * (c chi / c* - 1)^1.9   for c chi > c*, else 0 (liquid)
 *   chi_eq(T) = chi10(Bloom) * (Tmax - T) / (Tmax - 10), never below 0
 *   chi10(Bloom) = (1 + 11.2 (Bloom / 250)^(1/1.9)) * c* / 66.7
 * </pre>
 *
 * <p>c in g gelatin per litre of water and gelatin, chi the helix share 0..1, f the product of {@link StrengthFactors}.
 */
public final class GelatinModel implements GelModel {
    private static final double REFERENCE_BLOOM = 250;

    /** The Bloom test [S]: 6.67 % (w/w), matured 17 h at 10 °C. */
    public static final double BLOOM_TEST_GRAMS_PER_LITRE = 66.7;

    public static final double BLOOM_TEST_CELSIUS = 10;
    public static final double BLOOM_TEST_HOURS = 17;

    private final GelParameters parameters;
    private final double criticalHelix;
    private final double scalePa;
    private final double exponent;
    private final double helixShareAt10;
    private final double perKelvin;
    private final double maxMeltC;
    private final double inTheEnd;

    public GelatinModel(GelParameters parameters, GelProduct product) {
        this(parameters, product.bloom(), product.heat().maxMeltC());
    }

    GelatinModel(GelParameters parameters, double bloom, double maxMeltC) {
        this.parameters = parameters;
        this.maxMeltC = maxMeltC;
        criticalHelix = parameters.criticalHelix().value();
        scalePa = parameters.scale().value();
        exponent = parameters.exponent().value();
        inTheEnd = Maturing.inTheEnd(parameters);
        double helix = 1 + parameters.bloomGain().value() * Math.pow(bloom / REFERENCE_BLOOM, 1 / exponent);
        this.helixShareAt10 = helix * criticalHelix / BLOOM_TEST_GRAMS_PER_LITRE;
        this.perKelvin = helixShareAt10 / (maxMeltC - BLOOM_TEST_CELSIUS);
    }

    public GelParameters parameters() {
        return parameters;
    }

    /** Helix share after the Bloom test's 17 h at 10 °C. */
    public double helixShareAt10() {
        return helixShareAt10;
    }

    /** Helix share that a gel tends to at T °C. */
    public double equilibriumHelixShare(double celsius) {
        // Asked for every cell and step: one comparison, no Math.max and its care for signed zeros.
        return celsius < maxMeltC ? perKelvin * (maxMeltC - celsius) : 0;
    }

    /** Rigidity, Pa, of c g/L at helix share chi with strength factor f; 0 for a liquid. */
    @Override
    public double rigidity(double gramsPerLitre, double helixShare, double factor) {
        double excess = gramsPerLitre * helixShare / criticalHelix - 1;
        return excess > 0 ? scalePa * factor * Math.pow(excess, exponent) : 0;
    }

    /**
     * Temperature, °C, at which a gel of c g/L melts: where c chi_eq = c*. Far below zero for doses too small to gel in
     * any kitchen.
     */
    @Override
    public double meltingPoint(double gramsPerLitre) {
        double share = criticalHelix / gramsPerLitre;
        return maxMeltC - (maxMeltC - BLOOM_TEST_CELSIUS) * share / helixShareAt10;
    }

    @Override
    public double shareAt(double share, double celsius) {
        return Math.min(share, inTheEnd * equilibriumHelixShare(celsius));
    }

    @Override
    public Setting setting(int points) {
        return new Maturing(parameters(), this::equilibriumHelixShare, points);
    }

    /** Temperature, °C, at which a cooling mix of c g/L starts to set. */
    @Override
    public double settingOnset(double gramsPerLitre) {
        return meltingPoint(gramsPerLitre) - parameters.onsetBelowMelt().value();
    }
}
