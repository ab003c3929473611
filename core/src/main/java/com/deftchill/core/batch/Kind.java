package com.deftchill.core.batch;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What a component is, as far as the rules tell components apart. */
public enum Kind {
    SET_CREAM("set-cream", "set cream", Gels.ALWAYS, Body.POURED, "heat"),
    GANACHE("ganache", "ganache", Gels.MAY, Body.FAT_SET, "heat", "join"),
    MOUSSE("mousse", "mousse", Gels.MAY, Body.FAT_SET, "heat", "fold"),
    WHIPPED("whipped", "whipped cream or fool", Gels.MAY, Body.FAT_SET, "heat", "fold"),
    CUSTARD("custard", "cooked custard or sabayon", Gels.MAY, Body.POURED, "heat"),
    STARCH_CUSTARD("starch-custard", "starch-thickened custard", Gels.MAY, Body.POURED, "heat"),
    CHEESECAKE("cheesecake", "no-bake cheesecake filling", Gels.MAY, Body.FAT_SET, "heat", "fold"),
    JELLY("jelly", "jelly or glaze", Gels.MAY, Body.POURED, "heat"),
    COMPOTE("compote", "compote", Gels.MAY, Body.POURED, "boil"),
    CARAMEL("caramel", "caramel sauce", Gels.MAY, Body.POURED, "stage", "boil"),
    CRUMB("crumb", "crumb base", Gels.NEVER, Body.SOLID, "crust"),
    SHELL("shell", "blind-baked shell", Gels.NEVER, Body.SOLID, "crust"),
    SOAKED("soaked", "soaked sponge or biscuit", Gels.NEVER, Body.SOLID, "soak"),
    PIECES("pieces", "pieces", Gels.NEVER, Body.SOLID, "oven"),
    GARNISH("garnish", "garnish at service", Gels.NEVER, Body.SOLID, "oven", "top");

    private enum Gels {
        ALWAYS,
        MAY,
        NEVER
    }

    private enum Body {
        POURED,
        FAT_SET,
        SOLID
    }

    private final String id;
    private final String words;
    private final Gels gels;
    private final Body body;
    private final List<String> asks;

    Kind(String id, String words, Gels gels, Body body, String... asks) {
        this.id = id;
        this.words = words;
        this.gels = gels;
        this.body = body;
        this.asks = List.of(asks);
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** Whether it cannot be without a gelling agent. */
    public boolean needsGel() {
        return gels == Gels.ALWAYS;
    }

    /** Whether it can have a gelling agent. */
    public boolean mayGel() {
        return gels != Gels.NEVER;
    }

    /** Whether its fat builds a network of its own: whipped, or set by chocolate or soft cheese. */
    public boolean fatSets() {
        return body == Body.FAT_SET;
    }

    /** Whether it is laid or pressed in, not poured. */
    public boolean isSolid() {
        return body == Body.SOLID;
    }

    /** Groups of fields that matter to it: heat, join, fold, boil, stage, soak, crust, oven, top. */
    public List<String> asks() {
        return asks;
    }

    /** The one a document names; a set cream when it names none. */
    public static Optional<Kind> of(String id) {
        return id.isEmpty()
                ? Optional.of(SET_CREAM)
                : Arrays.stream(values()).filter(kind -> kind.id.equals(id)).findFirst();
    }
}
