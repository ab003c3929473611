package com.deftchill.core.foam;

import com.deftchill.core.parameters.FoamParameters;
import com.deftchill.core.parameters.Parameter;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;

/** How far a foam is whipped, with the air it takes, ml per ml of liquid: handbook 3 [L/E]. */
public enum Whip {
    RIBBON(
            "ribbon",
            "to a ribbon",
            FoamParameters::overrunRibbon,
            FoamParameters::whitesRibbon,
            FoamParameters::keptRibbon),
    SOFT("soft", "to soft peaks", FoamParameters::overrunSoft, FoamParameters::whitesSoft, FoamParameters::keptSoft),
    MEDIUM(
            "medium",
            "to medium peaks",
            FoamParameters::overrunMedium,
            FoamParameters::whitesMedium,
            FoamParameters::keptMedium),
    STIFF(
            "stiff",
            "to stiff peaks",
            FoamParameters::overrunStiff,
            FoamParameters::whitesStiff,
            FoamParameters::keptStiff);

    private final String id;
    private final String words;
    private final Function<FoamParameters, Parameter> ofCream;
    private final Function<FoamParameters, Parameter> ofWhites;
    private final Function<FoamParameters, Parameter> kept;

    Whip(
            String id,
            String words,
            Function<FoamParameters, Parameter> ofCream,
            Function<FoamParameters, Parameter> ofWhites,
            Function<FoamParameters, Parameter> kept) {
        this.id = id;
        this.words = words;
        this.ofCream = ofCream;
        this.ofWhites = ofWhites;
        this.kept = kept;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** Overrun of cream with 35 % fat, cold and unsweetened. */
    public double ofCream(FoamParameters p) {
        return ofCream.apply(p).value();
    }

    /** Overrun of egg whites. */
    double ofWhites(FoamParameters p) {
        return ofWhites.apply(p).value();
    }

    /** Share of the air kept when folded in three additions. */
    double kept(FoamParameters p) {
        return kept.apply(p).value();
    }

    /** The one a document names; medium when it names none. */
    public static Optional<Whip> of(String id) {
        return id.isEmpty()
                ? Optional.of(MEDIUM)
                : Arrays.stream(values()).filter(whip -> whip.id.equals(id)).findFirst();
    }
}
