package com.deftchill.core.composition;

/** What food is made of, as far as setting, splitting and cooling can tell the parts apart. */
public enum Constituent {
    WATER("Water", Thermal.WATER),
    MILK_FAT("Milk fat", Thermal.FAT),
    BUTTER_FAT("Butter's fat", Thermal.FAT),
    COCOA_BUTTER("Cocoa butter", Thermal.FAT),
    COCONUT_FAT("Coconut fat", Thermal.FAT),
    OTHER_FAT("Other fat", Thermal.FAT),
    SUGARS("Sugars", Thermal.CARBOHYDRATE),
    MILK_PROTEIN("Milk protein", Thermal.PROTEIN),
    OTHER_PROTEIN("Other protein", Thermal.PROTEIN),
    COCOA_SOLIDS("Dry cocoa solids", Thermal.CARBOHYDRATE),
    STARCH_FIBRE("Starch and fibre", Thermal.FIBRE),
    SALT("Salt", Thermal.ASH),
    ASH("Minerals and acids", Thermal.ASH),
    ALCOHOL("Alcohol", Thermal.ALCOHOL);

    private final String words;
    private final Thermal thermal;

    Constituent(String words, Thermal thermal) {
        this.words = words;
        this.thermal = thermal;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** The pure substance whose thermal properties this constituent takes. */
    public Thermal thermal() {
        return thermal;
    }
}
