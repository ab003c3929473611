package com.deftchill.core.batch;

import com.deftchill.core.parameters.FatParameters;
import com.deftchill.core.parameters.GelParameters;
import com.deftchill.core.parameters.Parameter;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;

/** How the dessert is served; it fixes the firmness target. */
public enum Served {
    TURNED_OUT(
            "turned-out",
            "turned out on a plate",
            new Band(GelParameters::turnedOutLeast, GelParameters::turnedOutMost),
            new OfFat(FatParameters::turnedOutLeast, FatParameters::turnedOutMost)),
    IN_GLASS(
            "in-glass",
            "in its glass",
            new Band(GelParameters::glassLeast, GelParameters::glassMost),
            new OfFat(FatParameters::glassLeast, FatParameters::glassMost)),
    FROM_DISH(
            "from-dish",
            "from its dish",
            new Band(GelParameters::dishLeast, GelParameters::dishMost),
            new OfFat(FatParameters::dishLeast, FatParameters::dishMost)),
    PIPED(
            "piped",
            "piped or scooped",
            new Band(GelParameters::dishLeast, GelParameters::turnedOutMost),
            new OfFat(FatParameters::pipedLeast, FatParameters::pipedMost)),
    SLICED(
            "sliced",
            "sliced",
            new Band(GelParameters::slicedLeast, GelParameters::slicedMost),
            new OfFat(FatParameters::slicedLeast, FatParameters::slicedMost));

    private record Band(Function<GelParameters, Parameter> least, Function<GelParameters, Parameter> most) {}

    private record OfFat(Function<FatParameters, Parameter> least, Function<FatParameters, Parameter> most) {}

    private final String id;
    private final String words;
    private final Band gel;
    private final OfFat fat;

    Served(String id, String words, Band gel, OfFat fat) {
        this.id = id;
        this.words = words;
        this.gel = gel;
        this.fat = fat;
    }

    /** Whether it stays in what it was filled into. */
    public boolean stays() {
        return this == IN_GLASS || this == FROM_DISH || this == PIPED;
    }

    /**
     * How a layer is judged: whipped cream and caramel among the layers of what is sliced are cut with it, and need only hold
     * as they would in a dish.
     */
    public Served leastFor(Kind kind, boolean alone) {
        boolean soft = kind == Kind.WHIPPED || kind == Kind.CARAMEL;
        return this == SLICED && soft && !alone ? FROM_DISH : this;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** Lower end of the target band of a gel. */
    public Parameter least(GelParameters p) {
        return gel.least().apply(p);
    }

    /** Upper end of the target band of a gel. */
    public Parameter most(GelParameters p) {
        return gel.most().apply(p);
    }

    /** Lower end of the target band of what fat, curd or foam makes firm. */
    public Parameter least(FatParameters p) {
        return fat.least().apply(p);
    }

    /** Upper end of it. */
    public Parameter most(FatParameters p) {
        return fat.most().apply(p);
    }

    /** The one a document names. */
    public static Optional<Served> of(String id) {
        return Arrays.stream(values()).filter(served -> served.id.equals(id)).findFirst();
    }
}
