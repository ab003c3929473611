package com.deftchill.core;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Cook;
import com.deftchill.core.Plain.Cooling;
import com.deftchill.core.Plain.Crust;
import com.deftchill.core.Plain.Fold;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.Plain.Heat;
import com.deftchill.core.Plain.Line;
import com.deftchill.core.Plain.Moulds;
import com.deftchill.core.Plain.Soak;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Work;
import java.util.List;

/** Desserts of several components for tests. */
public final class Desserts {
    private Desserts() {}

    public static final Gel NO_GEL = new Gel("", "", "", "");

    /** A component of a kind, everything else not written. */
    public static Component of(String id, String kind, String pour, Gel gel, Line... lines) {
        return new Component(id, id, kind, "", List.of(lines), gel, null, null, null, null, null, null, pour);
    }

    private static Component with(Component c, String place, Heat heat, Fold fold, Cook cook, Soak soak, Crust crust) {
        return new Component(
                c.id(),
                c.name(),
                c.kind(),
                place,
                c.lines(),
                c.gel(),
                heat,
                fold,
                cook,
                soak,
                crust,
                c.own(),
                c.pourTemperature());
    }

    public static Component part(Component c) {
        return with(c, "part", c.heat(), c.fold(), c.cook(), c.soak(), c.crust());
    }

    public static Component heated(Component c, String hot) {
        return with(c, c.place(), new Heat(hot, "", ""), c.fold(), c.cook(), c.soak(), c.crust());
    }

    public static Component folded(Component c, Fold fold) {
        return with(c, c.place(), c.heat(), fold, c.cook(), c.soak(), c.crust());
    }

    public static Component cooked(Component c, Cook cook) {
        return with(c, c.place(), c.heat(), c.fold(), cook, c.soak(), c.crust());
    }

    public static Component soaked(Component c, Soak soak) {
        return with(c, c.place(), c.heat(), c.fold(), c.cook(), soak, c.crust());
    }

    public static Component pressed(Component c, Crust crust) {
        return with(c, c.place(), c.heat(), c.fold(), c.cook(), c.soak(), crust);
    }

    public static Component pouredAt(Component c, String pour) {
        return new Component(
                c.id(), c.name(), c.kind(), c.place(), c.lines(), c.gel(), c.heat(), c.fold(), c.cook(), c.soak(),
                c.crust(), c.own(), pour);
    }

    /** The same with steps in the cook's own words. */
    public static Component withSteps(Component c, Work... steps) {
        return new Component(
                c.id(),
                c.name(),
                c.kind(),
                c.place(),
                c.lines(),
                c.gel(),
                c.heat(),
                c.fold(),
                c.cook(),
                c.soak(),
                c.crust(),
                List.of(steps),
                c.pourTemperature());
    }

    public static Line line(String ingredient, String amount) {
        return new Line(ingredient, amount, "", "");
    }

    public static Line line(String ingredient, String amount, String share) {
        return new Line(ingredient, amount, "", share);
    }

    public static WrittenFormula dessert(String served, String mould, String count, Component... components) {
        return Plain.formula(
                "test dessert",
                "metric",
                served,
                "",
                List.of(components),
                new Moulds(mould, count, ""),
                new Cooling("fridge-still", "4 °C"),
                "10:00",
                List.of());
    }

    public static Component mousse() {
        return folded(
                heated(
                        of(
                                "mousse",
                                "mousse",
                                "22 °C",
                                new Gel("sheet-gold", "6 g", "weighed", "30 g"),
                                line("pear-puree", "300 g"),
                                line("sugar", "60 g"),
                                line("cream-35", "300 g", "whipped")),
                        "60 °C"),
                new Fold("soft", "thirds", "26 °C", "5 °C"));
    }

    public static Component jelly() {
        return heated(
                of(
                        "jelly",
                        "jelly",
                        "28 °C",
                        new Gel("sheet-gold", "5 g", "weighed", "25 g"),
                        line("apple-juice", "250 g"),
                        line("sugar", "20 g")),
                "60 °C");
    }

    public static Component ganache() {
        return heated(
                of("ganache", "ganache", "35 °C", NO_GEL, line("dark-65", "200 g"), line("cream-35", "200 g")),
                "85 °C");
    }

    public static Component crumb() {
        return pressed(
                of("crumb", "crumb", "", NO_GEL, line("crumb-biscuits", "160 g"), line("brown-butter", "80 g")),
                new Crust("6 mm", "", "chilled"));
    }

    public static Component compote() {
        return cooked(
                of("compote", "compote", "20 °C", NO_GEL, line("blackcurrants", "300 g"), line("sugar", "60 g")),
                new Cook("", "10 min", "80 g", ""));
    }

    public static Component sponge() {
        return soaked(
                of(
                        "sponge",
                        "soaked",
                        "",
                        NO_GEL,
                        line("sponge", "150 g"),
                        line("barley-tea", "120 g", "soak"),
                        line("pear-brandy", "10 g", "soak")),
                new Soak("8 s", ""));
    }

    /** Base, mousse and glaze in a spring tin, to be sliced. */
    public static WrittenFormula layered() {
        return dessert("sliced", "spring-tin-180", "1", crumb(), mousse(), jelly());
    }

    /** Every kind of component, once, in a large bowl. */
    public static WrittenFormula everything() {
        return dessert(
                "in-glass",
                "trifle-bowl",
                "2",
                crumb(),
                sponge(),
                compote(),
                heated(
                        of(
                                "custard",
                                "custard",
                                "30 °C",
                                NO_GEL,
                                line("milk-35", "300 g"),
                                line("egg-yolk", "80 g"),
                                line("sugar", "50 g")),
                        "83 °C"),
                heated(
                        of(
                                "pudding",
                                "starch-custard",
                                "40 °C",
                                NO_GEL,
                                line("milk-35", "300 g"),
                                line("corn-starch", "12 g"),
                                line("sugar", "40 g")),
                        "95 °C"),
                mousse(),
                ganache(),
                of(
                        "cheese",
                        "cheesecake",
                        "18 °C",
                        NO_GEL,
                        line("cream-cheese", "300 g", "cold"),
                        line("icing-sugar", "60 g", "cold"),
                        line("cream-35", "200 g", "whipped")),
                of("caramel", "caramel", "30 °C", NO_GEL, line("sugar", "100 g"), line("cream-35", "100 g", "cold")),
                of("shell", "shell", "", NO_GEL, line("shell-sweet", "60 g")),
                of("nuts", "pieces", "", NO_GEL, line("hazelnuts", "40 g")),
                jelly(),
                of("top", "whipped", "5 °C", NO_GEL, line("cream-35", "200 g", "whipped")),
                of("leaves", "garnish", "", NO_GEL, line("meringue", "20 g")));
    }
}
