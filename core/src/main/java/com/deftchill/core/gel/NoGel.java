package com.deftchill.core.gel;

/** A mix without a gelling agent: it never sets as a gel. */
final class NoGel implements GelModel {
    @Override
    public double rigidity(double gramsPerLitre, double share, double factor) {
        return 0;
    }

    @Override
    public double meltingPoint(double gramsPerLitre) {
        return NEVER_C;
    }

    @Override
    public double settingOnset(double gramsPerLitre) {
        return NEVER_C;
    }

    @Override
    public double shareAt(double share, double celsius) {
        return 0;
    }

    @Override
    public Setting setting(int points) {
        var none = new double[points];
        return new Setting() {
            @Override
            public void advance(double[] celsius, double seconds) {
                // Nothing sets.
            }

            @Override
            public double[] shares() {
                return none;
            }

            @Override
            public Setting copy() {
                return this;
            }
        };
    }
}
