package com.deftchill.core.method;

/** Something that a step has for itself while it lasts. */
public enum Need {
    HANDS,
    BURNER,
    MIXER,
    ICE_BATH,
    OVEN,
    COOLER_SHELF,
    MOULD
}
