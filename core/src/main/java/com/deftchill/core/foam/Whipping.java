package com.deftchill.core.foam;

/** How much air cream takes: handbook 3 [L/E]. Fat as g/g, temperatures in °C, overrun as ml of air per ml of liquid. */
public final class Whipping {
    /** Below this fat, cream does not hold. */
    public static final double LEAST_FAT = 0.30;
    /** From here on it whips fast, to little volume, and is near butter. */
    public static final double RICH_FAT = 0.45;
    /** Whips below this, best from 2 to 5 °C. */
    public static final double WHIPS_BELOW_C = 7;
    /** Warmer than this it takes far less air. */
    public static final double WARM_C = 10;
    /** Liquid cream or milk that brings over-whipped cream back, share of its mass. */
    public static final double RESCUE_LEAST = 0.10;

    public static final double RESCUE_MOST = 0.15;

    private static final double REFERENCE_FAT = 0.35;
    private static final double LOST_PER_FAT = 2;
    private static final double SUGAR_KEEPS = 0.9;
    private static final double WARM_KEEPS = 0.7;
    /** Added sugar that counts, g per g of cream [E]. */
    private static final double SUGAR_FROM = 0.02;
    /** Yolks beaten with sugar over water double in volume; beaten butter takes 30 % (20 to 40). */
    private static final double YOLK = 1.0;

    private static final double BUTTER = 0.3;

    private Whipping() {}

    /** Whether cream of this fat holds air at all. */
    public static boolean holds(double fat) {
        return fat >= LEAST_FAT;
    }

    /**
     * Overrun of cream; 0 when it is too lean to hold.
     *
     * @param sugar added before whipping, g per g of cream
     */
    public static double cream(Whip whip, double fat, double sugar, double celsius) {
        if (!holds(fat)) {
            return 0;
        }
        double rich = fat > REFERENCE_FAT ? Math.max(0, 1 - LOST_PER_FAT * (fat - REFERENCE_FAT)) : 1;
        return whip.ofCream() * rich * (sugar >= SUGAR_FROM ? SUGAR_KEEPS : 1) * (celsius > WARM_C ? WARM_KEEPS : 1);
    }

    /** Overrun of egg whites. */
    public static double whites(Whip whip) {
        return whip.ofWhites();
    }

    /** Overrun of yolks or whole eggs beaten over water. */
    public static double yolk() {
        return YOLK;
    }

    /** Overrun of beaten butter. */
    public static double butter() {
        return BUTTER;
    }

    /** Grams of a richer cream per gram of a lean one that make a blend of a wanted fat; NaN when it cannot. */
    public static double blend(double leanFat, double richFat, double wantedFat) {
        return richFat > wantedFat && leanFat < wantedFat ? (wantedFat - leanFat) / (richFat - wantedFat) : Double.NaN;
    }
}
