package com.deftchill.core.cook;

import com.deftchill.core.parameters.PanParameters;
import com.deftchill.core.parameters.Parameter;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;

/** How dark sugar is burnt: its temperature, °C, and what it loses as steam and smoke, g/g of the sugar [E]. */
public enum Caramel {
    LIGHT("light", "light amber", PanParameters::caramelLight, PanParameters::lostLight),
    MEDIUM("medium", "amber", PanParameters::caramelMedium, PanParameters::lostMedium),
    DARK("dark", "dark, just smoking", PanParameters::caramelDark, PanParameters::lostDark);

    private final String id;
    private final String words;
    private final Function<PanParameters, Parameter> celsius;
    private final Function<PanParameters, Parameter> lost;

    Caramel(
            String id,
            String words,
            Function<PanParameters, Parameter> celsius,
            Function<PanParameters, Parameter> lost) {
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
    public double celsius(PanParameters p) {
        return celsius.apply(p).value();
    }

    /** Lost of the sugar's mass, g/g. */
    public double lost(PanParameters p) {
        return lost.apply(p).value();
    }

    /** Lost of the sugar's mass at T °C, linear between the stages, g/g. */
    public static double lostAt(PanParameters p, double celsius) {
        double light = LIGHT.celsius(p);
        double dark = DARK.celsius(p);
        if (celsius <= light) {
            return LIGHT.lost(p) * Math.max(0, (celsius - NOTHING_LOST_C) / (light - NOTHING_LOST_C));
        }
        var from = celsius < MEDIUM.celsius(p) ? LIGHT : MEDIUM;
        var to = from == LIGHT ? MEDIUM : DARK;
        double share = (Math.min(dark, celsius) - from.celsius(p)) / (to.celsius(p) - from.celsius(p));
        return from.lost(p) + share * (to.lost(p) - from.lost(p));
    }

    /** Colder than this sugar loses nothing of itself, °C [E]. */
    private static final double NOTHING_LOST_C = 150;

    /** The one a document names; medium when it names none. */
    public static Optional<Caramel> of(String id) {
        return id.isEmpty()
                ? Optional.of(MEDIUM)
                : Arrays.stream(values()).filter(stage -> stage.id.equals(id)).findFirst();
    }
}
