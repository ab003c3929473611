package com.deftchill.core.method;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.Share;
import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.chill.Material;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Joining;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.larder.GelProduct.Agent;
import com.deftchill.core.larder.GelProduct.Form;
import com.deftchill.core.method.Step.After;
import com.deftchill.core.method.Step.Kind;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.mix.Treatment;
import com.deftchill.core.text.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The steps of one component, from weighing until it is ready to be filled. Durations are estimates [E]. */
final class ComponentMethod extends PanSteps {
    /** Where a kitchen warms a mix to when nothing is written, °C. */
    private static final double WARM_C = 60;

    /** A wait in the room longer than this is better done in ice water, min [E]. */
    private static final double ICE_FROM_MIN = 20;

    private ComponentMethod(Portrait portrait) {
        super(portrait);
    }

    static List<Step> of(Portrait portrait, Dessert dessert) {
        var method = new ComponentMethod(portrait);
        method.weigh();
        method.bloom();
        method.treatFruit();
        switch (portrait.kind()) {
            case GANACHE -> {
                method.ganache();
                method.dissolve();
            }
            case CARAMEL -> {
                method.caramel();
                method.cool();
            }
            case COMPOTE -> {
                method.compote();
                method.dissolve();
                method.cool();
            }
            case CRUMB, SHELL -> method.crust();
            case SOAKED -> method.soak(dessert.batch().count());
            case PIECES, GARNISH -> method.pieces();
            default -> method.heatAndJoin();
        }
        if (!portrait.kind().isSolid()) {
            method.fold();
        }
        return method.steps;
    }

    private void heatAndJoin() {
        heat();
        infuse();
        dissolve();
        strain();
        joinCold();
        cool();
    }

    private void weigh() {
        var amounts = component.lines().stream()
                .map(line -> Words.grams(line.part().grams()) + " "
                        + line.part().ingredient().name())
                .collect(Collectors.joining(", "));
        add(
                "weigh",
                "Weigh",
                amounts + ".",
                Kind.ACTIVE,
                Span.of(work().weighStart())
                        .and(Span.of(work().weighLine()).times(component.lines().size())),
                "",
                "");
    }

    private void bloom() {
        var gel = component.gel();
        if (!gel.product().isGelatin() || gel.bloom() == BloomSchool.DRY) {
            return;
        }
        boolean sheets = gel.product().form() == Form.SHEET;
        var water = Words.grams(gel.waterG());
        var text = gel.bloom() == BloomSchool.SQUEEZED
                ? "Soak " + gelAmount() + " in plenty of cold water, then squeeze; about " + water + " stays in."
                : (sheets ? "Lay " : "Sprinkle ") + gelAmount() + (sheets ? " in " : " over ") + water
                        + " of cold water; all of it goes in.";
        add(
                "bloom",
                "Bloom",
                text,
                Kind.WAITING,
                Span.of(work().bloom()),
                portrait.celsius(15) + " or colder",
                sheets ? "soft and swollen" : "swollen and rubbery, no dry grains",
                "");
    }

    private void treatFruit() {
        for (var line : component.lines()) {
            if (line.part().treatment() == Treatment.HEATED) {
                add(
                        "treat-" + line.id(),
                        "Heat the " + line.part().ingredient().name(),
                        "Hold " + Words.grams(line.part().grams()) + " at " + portrait.celsius(85)
                                + " or more for 5 min; cool it before it joins.",
                        Kind.TENDED,
                        Span.of(work().treatFruit()),
                        portrait.celsius(85),
                        "steams steadily",
                        "Raw it would cut the gelatin.");
            }
        }
    }

    /** Nothing is heated in a component that only whips or beats, unless it is written how hot. */
    private boolean heats() {
        boolean gels = component.gel() != Component.Gel.NONE;
        boolean beaten = component.kind().fatSets() && !gels;
        return component.heating().hotC().isPresent() || !beaten;
    }

    private void heat() {
        var hot = lines(Share.HOT);
        if (hot.isEmpty() || !heats()) {
            return;
        }
        double to = component.heating().hotC().orElse(isGelatinOrNone() ? WARM_C : BOIL_C);
        double grams = grams(hot);
        boolean all = hot.size() == component.lines().size();
        var what = all
                ? "Warm everything" + (component.gel().product().isGelatin() ? " but the gelatin" : "")
                : "Warm " + names(hot);
        double held = component.heating().heldMinutes();
        var text = what + " (" + Words.grams(grams) + ") to " + portrait.celsius(to)
                + ", stirring until the sugar is gone."
                + (held > 0 ? " It is held hot for " + Words.duration(held * 60) + "." : "");
        boolean yolk = Component.hasEgg(hot);
        var cue = yolk && to >= 80
                ? "coats the back of a spoon"
                : to >= SIMMER_C ? "small bubbles at the pan's edge" : "steams, no bubbles";
        add(
                "heat",
                "Heat",
                text,
                Kind.TENDED,
                heated(grams, to, work().heatLeast()),
                portrait.celsius(to),
                cue,
                to >= SIMMER_C ? "Dairy boils over: stay with it." : "");
    }

    private boolean isGelatinOrNone() {
        var agent = component.gel().product().agent();
        return agent == Agent.GELATIN || agent == Agent.NONE;
    }

    private void dissolve() {
        var agent = component.gel().product().agent();
        if (agent == Agent.NONE) {
            return;
        }
        if (agent == Agent.GELATIN) {
            add(
                    "dissolve",
                    "Dissolve",
                    component.gel().bloom() == BloomSchool.DRY
                            ? "Sprinkle " + gelAmount() + " onto the hot liquid while whisking; strain out what clumps."
                            : "Off the heat, stir in the bloomed gelatin with its water.",
                    Kind.ACTIVE,
                    Span.of(work().dissolve()),
                    portrait.celsius(50) + " to " + portrait.celsius(70),
                    "no grains on the back of a spoon",
                    "");
        } else {
            add(
                    "dissolve",
                    "Boil the " + agent.words(),
                    "Whisk " + gelAmount() + " into the hot liquid and boil it, stirring.",
                    Kind.TENDED,
                    Span.of(agent == Agent.AGAR ? work().boilAgar() : work().boilGel()),
                    portrait.celsius(BOIL_C),
                    "two minutes at the boil",
                    "It sets as soon as it cools to " + portrait.celsius(onsetC()) + ": have the moulds ready.");
        }
    }

    private String gelAmount() {
        var gel = component.gel();
        return Words.grams(gel.grams()) + " " + gel.product().name();
    }

    private double onsetC() {
        return component.gelModel().settingOnset(portrait.mix().gelatinGramsPerLitre());
    }

    private void infuse() {
        var steeped = lines(Share.INFUSED);
        if (!steeped.isEmpty()) {
            add(
                    "infuse",
                    "Infuse",
                    "Steep " + weighed(steeped) + " in the hot liquid, covered, then strain and press.",
                    Kind.WAITING,
                    Span.of(work().infuse()),
                    "",
                    "tastes of it, a little stronger than wanted",
                    "");
        }
    }

    private void strain() {
        if (kitchen.strains() && heats() && !lines(Share.HOT).isEmpty()) {
            add("strain", "Strain", "Through a fine sieve into a jug.", Kind.ACTIVE, Span.of(work().strain()), "", "");
        }
    }

    private void joinCold() {
        var cold = lines(Share.COLD);
        if (cold.isEmpty()) {
            return;
        }
        boolean beaten = lines(Share.HOT).isEmpty() || !heats();
        add(
                "cold",
                beaten ? "Beat smooth" : "Add the cold share",
                beaten
                        ? "Beat " + weighed(cold) + " until smooth, scraping down."
                        : "Stir in " + weighed(cold) + " straight from the fridge, a third first.",
                Kind.ACTIVE,
                Span.of(work().joinCold()),
                portrait.study()
                        .flatMap(Study::joining)
                        .map(joining -> portrait.celsius(joining.meetC()))
                        .orElse(""),
                beaten ? "smooth, no lumps" : "smooth, no threads",
                "");
    }

    /** Down to where it is folded, or poured. */
    private void cool() {
        var foaming = new Foaming(component);
        if (!heats() || lines(Share.HOT).isEmpty()) {
            return;
        }
        double from = portrait.study()
                .flatMap(Study::joining)
                .map(Joining::meetC)
                .orElse(component.heating().hotC().orElse(isGelatinOrNone() ? WARM_C : BOIL_C));
        double to = foaming.any() ? component.fold().baseC().orElse(middle(foaming)) : component.pourC();
        var base = foaming.any() ? component.base() : portrait.mix();
        var bowl = bowl(base);
        double room = bowl.roomSeconds(from, to, kitchen.roomC());
        double ice = bowl.iceBathSeconds(from, to);
        if (room <= 0) {
            return;
        }
        boolean over = room > ICE_FROM_MIN * 60;
        var other = Double.isInfinite(room)
                ? " The room is too warm to do it."
                : " In the room it takes about " + Words.duration(room) + ".";
        double onset = foaming.any() ? foaming.baseOnsetC() : onsetC();
        add(
                "cool",
                "Cool",
                over ? "Stir it over ice water." + other : "Let it stand, stirring now and then.",
                over ? Kind.TENDED : Kind.WAITING,
                over
                        ? Span.slowedBy(ice / 60, component.parameters().cold().bowlIce())
                        : Span.slowedBy(room / 60, component.parameters().cold().bowlRoom()),
                portrait.celsius(to),
                "barely warm, still as thin as cream",
                onset > 0 ? "Below " + portrait.celsius(onset) + " it sets in the bowl." : "");
    }

    private static double middle(Foaming foaming) {
        var window = foaming.window();
        return (window.lowC() + window.highC()) / 2;
    }

    private BowlCooling bowl(Mix mix) {
        var material = Material.of(mix.composition());
        return new BowlCooling(
                component.parameters().cold(), mix.massG(), material.density(), material.heatCapacity(50));
    }

    private void fold() {
        var foaming = new Foaming(component);
        if (!foaming.any()) {
            return;
        }
        var whip = component.fold().whip();
        add(
                "whip",
                "Whip",
                "Whip " + weighed(foaming.lines()) + " " + whip.words() + ".",
                Kind.TENDED,
                Span.of(work().whip()),
                foaming.creamG() > 0
                        ? "cream at " + portrait.celsius(component.fold().foamC())
                        : "",
                switch (whip) {
                    case RIBBON -> "falls in a ribbon that stays a moment";
                    case SOFT -> "a soft peak that folds back at once";
                    case MEDIUM -> "a peak whose tip bends";
                    case STIFF -> "a stiff peak that stands";
                },
                "No further: clumps do not come back.");
        if (foaming.lines().size() == component.lines().size() && component.gel() == Component.Gel.NONE) {
            return;
        }
        var window = foaming.window();
        double minutes = minutesOpen(foaming);
        var whipped = last();
        var base = steps.stream()
                .filter(step -> !step.id().endsWith(".whip"))
                .reduce((a, b) -> b)
                .map(Step::id)
                .orElse(whipped);
        steps.add(step(
                "fold",
                "Fold",
                "Base and foam " + component.fold().school().words() + "; the base between "
                        + portrait.celsius(window.lowC()) + " and " + portrait.celsius(window.highC()) + ".",
                Kind.ACTIVE,
                Span.of(work().fold()),
                portrait.celsius(component.fold().baseC().orElse(middle(foaming))),
                "no white streaks",
                "Stop as soon as it is even: every stroke costs air.",
                List.of(
                        new After(
                                base,
                                0,
                                minutes > 0 ? Optional.of(minutes) : Optional.empty(),
                                minutes > 0 ? "cools" : ""),
                        new After(whipped, 0, Optional.of(20.0), "collapses"))));
    }

    /** Minutes that the base stays in its window in the room; 0 when it is not heated. */
    private double minutesOpen(Foaming foaming) {
        if (!heats() || lines(Share.HOT).isEmpty()) {
            return 0;
        }
        var window = foaming.window();
        double from = component.fold().baseC().orElse(window.highC());
        double seconds = bowl(component.base()).roomSeconds(from, window.lowC(), kitchen.roomC());
        return Double.isInfinite(seconds) ? 0 : seconds / 60;
    }
}
