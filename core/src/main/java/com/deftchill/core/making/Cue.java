package com.deftchill.core.making;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.method.Step;
import java.util.Optional;

/**
 * What a step looks like when it is done: a stage of a series that is drawn, so that the one before and the one after can be
 * seen beside it.
 *
 * @param series {@code whip}, {@code spoon}, {@code bloom}, {@code ganache}, {@code fold}, {@code set} or {@code biscuit}
 * @param stage of the series, from 0
 */
public record Cue(String series, int stage) {
    /** The stage of every series but the whip's at which it is right. */
    private static final int RIGHT = 1;

    /** The cue of a step; empty where nothing is drawn for it. */
    public static Optional<Cue> of(Step step, Dessert dessert) {
        var dot = step.id().indexOf('.');
        var number = step.id().substring(0, Math.max(0, dot));
        if (!number.matches("\\d+")
                || Integer.parseInt(number) >= dessert.portraits().size()) {
            return step.work().equals("chill") && !dessert.setting().isEmpty()
                    ? Optional.of(new Cue("set", RIGHT))
                    : Optional.empty();
        }
        var component = dessert.portraits().get(Integer.parseInt(number)).component();
        if (step.work().startsWith("whip")) {
            return Optional.of(new Cue("whip", whip(component, step.id()).ordinal()));
        }
        return switch (step.work()) {
            case "fold" -> new Foaming(component).any() ? Optional.of(new Cue("fold", RIGHT)) : Optional.empty();
            case "bloom" ->
                component.gel().product().isGelatin() ? Optional.of(new Cue("bloom", RIGHT)) : Optional.empty();
            case "heat" -> component.kind() == Kind.CUSTARD ? Optional.of(new Cue("spoon", RIGHT)) : Optional.empty();
            case "join" -> component.kind() == Kind.GANACHE ? Optional.of(new Cue("ganache", RIGHT)) : Optional.empty();
            case "soak" -> Optional.of(new Cue("biscuit", RIGHT));
            case "chill" -> Optional.of(new Cue("set", RIGHT));
            default -> Optional.empty();
        };
    }

    /** Of several foams each has a step that ends with its id. */
    private static Whip whip(Component component, String step) {
        return component.foams().stream()
                .filter(foam -> step.endsWith("-" + foam.id()))
                .findFirst()
                .map(Component.Foam::fold)
                .orElseGet(component::fold)
                .whip();
    }
}
