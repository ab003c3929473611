package com.deftchill.core.composition;

/** What food is made of, as far as setting, splitting and cooling can tell the parts apart. */
public enum Constituent {
    WATER(Thermal.WATER),
    MILK_FAT(Thermal.FAT),
    COCOA_BUTTER(Thermal.FAT),
    OTHER_FAT(Thermal.FAT),
    SUGARS(Thermal.CARBOHYDRATE),
    MILK_PROTEIN(Thermal.PROTEIN),
    OTHER_PROTEIN(Thermal.PROTEIN),
    COCOA_SOLIDS(Thermal.CARBOHYDRATE),
    STARCH_FIBRE(Thermal.FIBRE),
    SALT(Thermal.ASH),
    ASH(Thermal.ASH),
    ALCOHOL(Thermal.ALCOHOL);

    private final Thermal thermal;

    Constituent(Thermal thermal) {
        this.thermal = thermal;
    }

    /** The pure substance whose thermal properties this constituent takes. */
    public Thermal thermal() {
        return thermal;
    }
}
