package com.deftchill.core.foam;

import com.deftchill.core.parameters.FoamParameters;

/** How much air cream takes: handbook 3 [L/E]. Fat as g/g, temperatures in °C, overrun as ml of air per ml of liquid. */
public final class Whipping {
    private static final double REFERENCE_FAT = 0.35;

    private Whipping() {}

    /** Whether cream of this fat holds air at all. */
    public static boolean holds(FoamParameters p, double fat) {
        return fat >= p.leastFat().value();
    }

    /**
     * Overrun of cream; 0 when it is too lean to hold.
     *
     * @param sugar added before whipping, g per g of cream
     */
    public static double cream(FoamParameters p, Whip whip, double fat, double sugar, double celsius) {
        if (!holds(p, fat)) {
            return 0;
        }
        double rich = fat > REFERENCE_FAT ? Math.max(0, 1 - p.lostPerFat().value() * (fat - REFERENCE_FAT)) : 1;
        return whip.ofCream(p)
                * rich
                * (sugar >= p.sugarFrom().value() ? p.keptSweet().value() : 1)
                * (celsius > p.warmFrom().value() ? p.keptWarm().value() : 1);
    }

    /** Overrun of egg whites. */
    public static double whites(FoamParameters p, Whip whip) {
        return whip.ofWhites(p);
    }

    /** Overrun of yolks or whole eggs beaten over water. */
    public static double yolk(FoamParameters p) {
        return p.yolk().value();
    }

    /** Overrun of yolks with wine beaten over water. */
    public static double sabayon(FoamParameters p) {
        return p.sabayon().value();
    }

    /** Overrun of whole egg beaten with sugar over water. */
    public static double wholeEgg(FoamParameters p) {
        return p.wholeEgg().value();
    }

    /** Overrun of beaten butter. */
    public static double butter(FoamParameters p) {
        return p.butter().value();
    }

    /** Grams of a richer cream per gram of a lean one that make a blend of a wanted fat; NaN when it cannot. */
    public static double blend(double leanFat, double richFat, double wantedFat) {
        return richFat > wantedFat && leanFat < wantedFat ? (wantedFat - leanFat) / (richFat - wantedFat) : Double.NaN;
    }
}
