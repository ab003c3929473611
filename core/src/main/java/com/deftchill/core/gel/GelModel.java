package com.deftchill.core.gel;

/** How firm a gelling agent sets, and at which temperatures. */
public interface GelModel {
    /** What no kitchen reaches: melting point and onset of what is not a gel, °C. */
    double NEVER_C = -100;

    /** Rigidity, Pa, of c g/L (agent per litre of water and agent) at a share of setting, with strength factor f. */
    double rigidity(double gramsPerLitre, double share, double factor);

    /** Temperature, °C, at which a gel of c g/L melts; far below zero for doses too small to gel. */
    double meltingPoint(double gramsPerLitre);

    /** Temperature, °C, at which a cooling mix of c g/L starts to set. */
    double settingOnset(double gramsPerLitre);

    /** Share of setting left after warming to T °C, of a share reached in the cold. */
    double shareAt(double share, double celsius);

    /** A new history of setting for so many points, all liquid. */
    Setting setting(int points);
}
