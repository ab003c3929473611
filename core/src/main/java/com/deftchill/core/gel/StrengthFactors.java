package com.deftchill.core.gel;

import com.deftchill.core.larder.GelProduct.Agent;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.mix.Mix;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * What else in the mix makes a gel stronger or weaker, each by name; the factors multiply. Sources: handbook 2,
 * all [E] but the direction of each, which is [L].
 *
 * @param factors those that apply to this mix, in the order of the handbook
 */
public record StrengthFactors(List<Factor> factors) {

    /**
     * @param name what it is
     * @param value multiplies the rigidity; 1 changes nothing, 0 prevents the gel
     * @param because the figure of this mix behind it
     */
    public record Factor(String name, double value, String because) {}

    private static final PolynomialSplineFunction ACID =
            linear(new double[] {0, 2.5, 3.0, 3.5, 4.0, 5.0, 14}, new double[] {0.4, 0.4, 0.55, 0.75, 0.9, 1, 1});
    private static final PolynomialSplineFunction ACID_BOILED =
            linear(new double[] {0, 2.5, 3.5, 4.5, 14}, new double[] {0.4, 0.4, 0.7, 1, 1});
    private static final PolynomialSplineFunction ALCOHOL =
            linear(new double[] {0, 0.10, 0.15, 0.20, 0.25, 1}, new double[] {1, 1, 0.9, 0.75, 0.6, 0.6});
    private static final PolynomialSplineFunction SUGAR =
            linear(new double[] {0, 0.20, 0.35, 0.50, 0.65, 1}, new double[] {1, 1.1, 1.1, 1, 0.7, 0.7});

    private static final double SALT_LIMIT = 0.02;
    private static final double SALT_FACTOR = 0.85;
    private static final double WEAK_PROTEASE_FACTOR = 0.6;
    private static final double PROTEIN_GAIN = 4;
    private static final double FILLER_GAIN = 2.5;
    private static final double FILLER_LINEAR_TO = 0.25;
    private static final double FILLER_CAP = 2.5;
    /** Below this difference from 1 a factor is not worth a line. */
    private static final double NOTEWORTHY = 5e-3;

    public StrengthFactors {
        factors = List.copyOf(factors);
    }

    /**
     * The factors that apply to a gelling agent in a mix.
     *
     * @param kept share of the strength that heat has left, 0 to 1
     */
    public static StrengthFactors of(Mix mix, Agent agent, double kept) {
        var found = new ArrayList<Factor>();
        air(mix, found);
        return switch (agent) {
            case NONE -> new StrengthFactors(found);
            case GELATIN -> gelatin(mix, kept, found);
            case AGAR -> other(mix, false, found);
            case IOTA, KAPPA -> other(mix, true, found);
        };
    }

    /** Agar and carrageenans: fat fills the gel; boiled in acid they lose strength; carrageenans take up milk protein. */
    private static StrengthFactors other(Mix mix, boolean takesMilk, List<Factor> found) {
        if (takesMilk) {
            milkProtein(mix, found);
        }
        fat(mix, found);
        add(found, "acidity", ACID_BOILED.value(mix.ph()), "pH about %.1f", mix.ph());
        return new StrengthFactors(found);
    }

    /** Bubbles weaken the continuous phase by (1 - air share)^2 [L]. */
    private static void air(Mix mix, List<Factor> found) {
        double continuous = 1 - mix.airShare();
        add(found, "air", continuous * continuous, "%.0f % of the volume", 100 * mix.airShare());
    }

    private static void milkProtein(Mix mix, List<Factor> found) {
        add(
                found,
                "milk protein",
                1 + PROTEIN_GAIN * mix.milkProteinPerWater(),
                "%.3f g per g water",
                mix.milkProteinPerWater());
    }

    private static void fat(Mix mix, List<Factor> found) {
        add(found, "fat droplets", filler(mix.fatVolumeShare()), "%.0f % of the volume", 100 * mix.fatVolumeShare());
    }

    private static StrengthFactors gelatin(Mix mix, double kept, List<Factor> found) {
        milkProtein(mix, found);
        fat(mix, found);
        add(found, "acidity", ACID.value(mix.ph()), "pH about %.1f", mix.ph());
        add(
                found,
                "alcohol",
                ALCOHOL.value(mix.alcoholByVolume()),
                "%.1f % of the liquid",
                100 * mix.alcoholByVolume());
        add(found, "sugar", SUGAR.value(mix.sugarOfAqueous()), "%.0f % of the liquid", 100 * mix.sugarOfAqueous());
        if (mix.saltOfAqueous() > SALT_LIMIT) {
            add(found, "salt", SALT_FACTOR, "%.1f % of the liquid", 100 * mix.saltOfAqueous());
        }
        add(found, "heat", kept, "%.1f % of the strength lost", 100 * (1 - kept));
        if (mix.protease() != Protease.NONE) {
            double value = mix.protease() == Protease.STRONG ? 0 : WEAK_PROTEASE_FACTOR;
            found.add(new Factor("raw fruit enzyme", value, mix.proteaseFrom()));
        }
        return new StrengthFactors(found);
    }

    /** The product of all factors. */
    public double product() {
        return factors.stream().mapToDouble(Factor::value).reduce(1, (a, b) -> a * b);
    }

    /**
     * Rigidity of a gel filled with bound droplets over that of the unfilled gel, at a volume share phi. Linear up to
     * 0.25, from there with the crowding term of Kerner's equation, joined without a step; capped at 2.5 [L/E].
     */
    static double filler(double phi) {
        if (phi <= FILLER_LINEAR_TO) {
            return 1 + FILLER_GAIN * phi;
        }
        double crowded = 1 + FILLER_GAIN * FILLER_LINEAR_TO + FILLER_GAIN * (phi - FILLER_LINEAR_TO) / (1 - phi);
        return phi < 1 ? Math.min(FILLER_CAP, crowded) : FILLER_CAP;
    }

    private static void add(List<Factor> found, String name, double value, String because, double figure) {
        if (Math.abs(value - 1) >= NOTEWORTHY) {
            found.add(new Factor(name, value, String.format(Locale.ROOT, because.replace("% of", "%% of"), figure)));
        }
    }

    private static PolynomialSplineFunction linear(double[] x, double[] y) {
        return new LinearInterpolator().interpolate(x, y);
    }
}
