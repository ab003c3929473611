package com.deftchill.core.gel;

import com.deftchill.core.larder.GelProduct.Agent;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.GelParameters;
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
     * @param because what of this mix is behind it
     */
    public record Factor(String name, double value, String because) {}

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
    public static StrengthFactors of(Mix mix, Agent agent, double kept, GelParameters p) {
        var found = new ArrayList<Factor>();
        air(mix, found);
        return switch (agent) {
            case NONE -> new StrengthFactors(found);
            case GELATIN -> gelatin(mix, kept, p, found);
            case AGAR -> other(mix, false, p, found);
            case IOTA, KAPPA -> other(mix, true, p, found);
        };
    }

    /** Agar and carrageenans: fat fills the gel; boiled in acid they lose strength; carrageenans take up milk protein. */
    private static StrengthFactors other(Mix mix, boolean takesMilk, GelParameters p, List<Factor> found) {
        if (takesMilk) {
            milkProtein(mix, p, found);
        }
        fat(mix, p, found);
        add(found, "acidity", boiledAcid(p).value(mix.ph()), "pH about %.1f", mix.ph());
        return new StrengthFactors(found);
    }

    /** Bubbles weaken the continuous phase by (1 - air share)^2 [L]. */
    private static void air(Mix mix, List<Factor> found) {
        double continuous = 1 - mix.airShare();
        add(found, "air", continuous * continuous, "%.0f %% of the volume", 100 * mix.airShare());
    }

    private static void milkProtein(Mix mix, GelParameters p, List<Factor> found) {
        add(
                found,
                "milk protein",
                1 + p.proteinGain().value() * mix.milkProteinPerWater(),
                "%.3f g per g water",
                mix.milkProteinPerWater());
    }

    private static void fat(Mix mix, GelParameters p, List<Factor> found) {
        add(
                found,
                "fat droplets",
                filler(mix.fatVolumeShare(), p),
                "%.0f %% of the volume",
                100 * mix.fatVolumeShare());
    }

    private static StrengthFactors gelatin(Mix mix, double kept, GelParameters p, List<Factor> found) {
        milkProtein(mix, p, found);
        fat(mix, p, found);
        add(found, "acidity", acid(p).value(mix.ph()), "pH about %.1f", mix.ph());
        add(
                found,
                "alcohol",
                alcohol(p).value(mix.alcoholByVolume()),
                "%.1f %% of the liquid",
                100 * mix.alcoholByVolume());
        add(found, "sugar", sugar(p).value(mix.sugarOfAqueous()), "%.0f %% of the liquid", 100 * mix.sugarOfAqueous());
        if (mix.saltOfAqueous() > p.saltFrom().value()) {
            add(found, "salt", p.saltKeeps().value(), "%.1f %% of the liquid", 100 * mix.saltOfAqueous());
        }
        add(found, "heat", kept, "%.1f %% of the strength lost", 100 * (1 - kept));
        if (mix.protease() != Protease.NONE) {
            double value =
                    mix.protease() == Protease.STRONG ? 0 : p.weakEnzymeKeeps().value();
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
    public static double filler(double phi, GelParameters p) {
        double gain = p.fillerGain().value();
        double linearTo = p.fillerLinearTo().value();
        double most = p.fillerMost().value();
        if (phi <= linearTo) {
            return 1 + gain * phi;
        }
        double crowded = 1 + gain * linearTo + gain * (phi - linearTo) / (1 - phi);
        return phi < 1 ? Math.min(most, crowded) : most;
    }

    /** @param format of ours, never of somebody's text */
    private static void add(List<Factor> found, String name, double value, String format, double figure) {
        if (Math.abs(value - 1) >= NOTEWORTHY) {
            found.add(new Factor(name, value, String.format(Locale.ROOT, format, figure)));
        }
    }

    private static PolynomialSplineFunction acid(GelParameters p) {
        double least = p.acid25().value();
        return linear(new double[] {0, 2.5, 3.0, 3.5, 4.0, 5.0, 14}, new double[] {
            least, least, p.acid30().value(), p.acid35().value(), p.acid40().value(), 1, 1
        });
    }

    private static PolynomialSplineFunction boiledAcid(GelParameters p) {
        double least = p.boiledAcid25().value();
        return linear(
                new double[] {0, 2.5, 3.5, 4.5, 14},
                new double[] {least, least, p.boiledAcid35().value(), 1, 1});
    }

    private static PolynomialSplineFunction alcohol(GelParameters p) {
        double least = p.alcohol25().value();
        return linear(
                new double[] {0, 0.10, 0.15, 0.20, 0.25, 1},
                new double[] {1, 1, p.alcohol15().value(), p.alcohol20().value(), least, least});
    }

    private static PolynomialSplineFunction sugar(GelParameters p) {
        double gain = p.sugarGain().value();
        double least = p.sugar65().value();
        return linear(new double[] {0, 0.20, 0.35, 0.50, 0.65, 1}, new double[] {1, gain, gain, 1, least, least});
    }

    private static PolynomialSplineFunction linear(double[] x, double[] y) {
        return new LinearInterpolator().interpolate(x, y);
    }
}
