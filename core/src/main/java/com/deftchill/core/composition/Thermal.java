package com.deftchill.core.composition;

/**
 * Thermal properties of the pure components of food as polynomials in temperature T, °C, valid from -40 to 150 °C.
 *
 * <p>Source: Y. Choi and M. R. Okos, Effects of temperature and composition on the thermal properties of foods, in Food
 * Engineering and Process Applications vol. 1 (1986) 93-101. Alcohol: constants of handbook 4 (789 kg/m3, 2440 J/kgK,
 * 0.17 W/mK).
 */
public enum Thermal {
    WATER(997.18, 3.1439e-3, -3.7574e-3, 4176.2, -9.0864e-2, 5.4731e-3, 0.57109, 1.7625e-3, -6.7036e-6),
    PROTEIN(1329.9, -0.51840, 0, 2008.2, 1.2089, -1.3129e-3, 0.17881, 1.1958e-3, -2.7178e-6),
    FAT(925.59, -0.41757, 0, 1984.2, 1.4733, -4.8008e-3, 0.18071, -2.7604e-4, -1.7749e-7),
    CARBOHYDRATE(1599.1, -0.31046, 0, 1548.8, 1.9625, -5.9399e-3, 0.20141, 1.3874e-3, -4.3312e-6),
    FIBRE(1311.5, -0.36589, 0, 1845.9, 1.8306, -4.6509e-3, 0.18331, 1.2497e-3, -3.1683e-6),
    ASH(2423.8, -0.28063, 0, 1092.6, 1.8896, -3.6817e-3, 0.32962, 1.4011e-3, -2.9069e-6),
    ALCOHOL(789, 0, 0, 2440, 0, 0, 0.17, 0, 0);

    private final double[] density;
    private final double[] heatCapacity;
    private final double[] conductivity;

    Thermal(double d0, double d1, double d2, double c0, double c1, double c2, double k0, double k1, double k2) {
        density = new double[] {d0, d1, d2};
        heatCapacity = new double[] {c0, c1, c2};
        conductivity = new double[] {k0, k1, k2};
    }

    /** Density at T °C, kg/m3. */
    public double density(double celsius) {
        return polynomial(density, celsius);
    }

    /** Specific heat capacity at T °C, J/(kg K). */
    public double heatCapacity(double celsius) {
        return polynomial(heatCapacity, celsius);
    }

    /** Thermal conductivity at T °C, W/(m K). */
    public double conductivity(double celsius) {
        return polynomial(conductivity, celsius);
    }

    private static double polynomial(double[] a, double t) {
        return a[0] + t * (a[1] + t * a[2]);
    }
}
