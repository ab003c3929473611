package com.deftchill.core.cook;

import java.util.Arrays;
import java.util.Optional;

/** How dark sugar is burnt: its temperature, °C, and what it loses as steam and smoke, g/g of the sugar [E]. */
public enum Caramel {
    LIGHT("light", "light amber", 165, 0.02),
    MEDIUM("medium", "amber", 175, 0.05),
    DARK("dark", "dark, just smoking", 187, 0.09);

    private final String id;
    private final String words;
    private final double celsius;
    private final double lost;

    Caramel(String id, String words, double celsius, double lost) {
        this.id = id;
        this.words = words;
        this.celsius = celsius;
        this.lost = lost;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** Temperature of the sugar when it is done, °C. */
    public double celsius() {
        return celsius;
    }

    /** Lost of the sugar's mass, g/g. */
    public double lost() {
        return lost;
    }

    /** The one a document names; medium when it names none. */
    public static Optional<Caramel> of(String id) {
        return id.isEmpty()
                ? Optional.of(MEDIUM)
                : Arrays.stream(values()).filter(stage -> stage.id.equals(id)).findFirst();
    }
}
