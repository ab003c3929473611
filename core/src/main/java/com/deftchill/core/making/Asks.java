package com.deftchill.core.making;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.method.Step;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.util.ArrayList;
import java.util.List;

/** What may be measured at a step, each in place of what the formula has written there. */
public final class Asks {
    /** What differs by lot, besides gelling agents. */
    private static final String BY_LOT = "chocolate";

    private final WrittenFormula formula;
    private final Larder larder;

    public Asks(WrittenFormula formula, Larder larder) {
        this.formula = formula;
        this.larder = larder;
    }

    /**
     * A value that may be measured.
     *
     * @param kind {@code weight}, {@code temperature} or {@code time}
     * @param byLot whether lots of it differ so that it is worth keeping which one it was
     * @param address in the document
     * @param name what it is of
     * @param written what is written there; empty where the tool's own value holds
     */
    public record Ask(String kind, String address, Message name, String written, boolean byLot) {}

    public List<Ask> of(Step step) {
        var dot = step.id().indexOf('.');
        var code = step.id().substring(dot + 1);
        var number = step.id().substring(0, Math.max(0, dot));
        if (!number.matches("\\d+")
                || Integer.parseInt(number) >= formula.components().size()) {
            return code.equals("chill") || step.id().equals("chill")
                    ? List.of(ask("temperature", "/cooler/air", Message.of("making.ask.air")))
                    : List.of();
        }
        var at = "/components/" + number;
        return switch (step.work()) {
            case "weigh" -> weights(at, Integer.parseInt(number));
            case "heat" -> List.of(ask("temperature", at + "/work/heat/to", Message.of("making.ask.reached")));
            case "hold" -> List.of(ask("time", at + "/work/hold/lasts", Message.of("making.ask.lasted")));
            case "boil" ->
                List.of(
                        ask("time", at + "/work/boil/lasts", Message.of("making.ask.lasted")),
                        ask("weight", at + "/work/boil/away", Message.of("making.ask.away")));
            case "fold" -> List.of(ask("temperature", at + "/work/fold/base", Message.of("making.ask.base")));
            case "pour" -> List.of(ask("temperature", at + "/work/pour/at", Message.of("making.ask.poured")));
            case "soak" -> List.of(ask("time", at + "/work/soak/lasts", Message.of("making.ask.each-side")));
            default -> List.of();
        };
    }

    private List<Ask> weights(String at, int component) {
        var asks = new ArrayList<Ask>();
        var of = formula.components().get(component);
        for (var line : of.lines()) {
            var ingredient = larder.ingredient(line.of());
            var name = ingredient.map(i -> i.name()).orElse(line.of());
            boolean byLot = ingredient.filter(i -> i.group().equals(BY_LOT)).isPresent();
            if (line.component().isEmpty()) {
                asks.add(ask("weight", at + "/lines/" + line.id() + "/amount", named(name), byLot));
            }
        }
        for (var gel : of.gels()) {
            var name = larder.gel(gel.of()).map(g -> g.name()).orElse(gel.of());
            asks.add(ask("weight", at + "/gels/" + gel.id() + "/amount", named(name), true));
            if (!gel.water().isEmpty()) {
                asks.add(ask("weight", at + "/gels/" + gel.id() + "/water", Message.of("making.ask.bloom-water")));
            }
        }
        return asks;
    }

    private static Message named(String name) {
        return Message.of("making.ask.amount").with("name", Argument.name(name));
    }

    private Ask ask(String kind, String address, Message name) {
        return ask(kind, address, name, false);
    }

    private Ask ask(String kind, String address, Message name, boolean byLot) {
        return new Ask(kind, address, name, Changes.text(formula, address), byLot);
    }
}
