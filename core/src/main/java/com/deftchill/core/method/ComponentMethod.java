package com.deftchill.core.method;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.Share;
import com.deftchill.core.chill.BowlCooling;
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
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The steps of one component, from weighing until it is ready to be filled. Durations are estimates [E]. */
final class ComponentMethod extends PanSteps {
    /** Where a kitchen warms a mix to when nothing is written, °C. */
    private static final double WARM_C = 60;

    private static final double BLOOM_C = 15;
    /** Five minutes of it end the enzymes of fruit, °C [L]. */
    private static final double TREATED_C = 85;

    /** A wait in the room longer than this is better done in ice water, min [E]. */
    private static final double ICE_FROM_MIN = 20;

    /** So much above where it begins to set there is time to wait in the bowl, K (handbook 5). */
    private static final double NEAR_ONSET_K = 3;

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
        add(
                "weigh",
                says("weigh").with("amounts", weighed(component.lines())),
                Kind.ACTIVE,
                Span.of(work().weighStart())
                        .and(Span.of(work().weighLine()).times(component.lines().size())));
    }

    private void bloom() {
        var gel = component.gel();
        if (!gel.product().isGelatin() || gel.bloom() == BloomSchool.DRY) {
            return;
        }
        boolean sheets = gel.product().form() == Form.SHEET;
        add(
                "bloom",
                says("bloom")
                        .with("squeezed", Argument.when(gel.bloom() == BloomSchool.SQUEEZED))
                        .with("form", Argument.either(sheets, "sheet", "powder"))
                        .with("gel", gelAmount())
                        .with("water", Argument.grams(gel.waterG())),
                Kind.WAITING,
                Span.of(work().bloom()),
                Message.of("temperature.orColder").with("at", Argument.degrees(BLOOM_C)));
    }

    private void treatFruit() {
        for (var line : component.lines()) {
            if (line.part().treatment() == Treatment.HEATED) {
                add(
                        "treat-" + line.id(),
                        says("treat")
                                .with("name", line.part().ingredient().name())
                                .with("amount", Argument.grams(line.part().grams()))
                                .with("least", Argument.degrees(TREATED_C)),
                        Kind.TENDED,
                        Span.of(work().treatFruit()),
                        temperature(TREATED_C));
            }
        }
    }

    /** Nothing is heated in a component that only whips or beats, unless it is written how hot. */
    private boolean heats() {
        return component.isHeated();
    }

    private void heat() {
        var hot = lines(Share.HOT);
        if (hot.isEmpty() || !heats()) {
            return;
        }
        double to = component.heating().hotC().orElse(isGelatinOrNone() ? WARM_C : BOIL_C);
        double grams = grams(hot);
        boolean all = hot.size() == component.lines().size();
        double held = component.heating().heldMinutes();
        boolean coats = Component.hasEgg(hot) && to >= SIMMER_C;
        add(
                "heat",
                says("heat")
                        .with("what", new Argument.Choice(heatedWhat(all)))
                        .with("names", names(hot))
                        .with("amount", Argument.grams(grams))
                        .with("to", Argument.degrees(to))
                        .with("held", Argument.when(held > 0))
                        .with("lasts", new Argument.Lasts(held * 60))
                        .with("sign", Argument.either(coats, "coats", to >= SIMMER_C ? "bubbles" : "steams"))
                        .with("boils", Argument.when(to >= SIMMER_C)),
                Kind.TENDED,
                heated(grams, to, work().heatLeast()),
                temperature(to));
    }

    private String heatedWhat(boolean all) {
        if (!all) {
            return "some";
        }
        return component.gel().product().isGelatin() ? "all-but-gelatin" : "all";
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
                    says("dissolve")
                            .with("dry", Argument.when(component.gel().bloom() == BloomSchool.DRY))
                            .with("gel", gelAmount()),
                    Kind.ACTIVE,
                    Span.of(work().dissolve()),
                    Message.of("temperature.between")
                            .with("low", Argument.degrees(50))
                            .with("high", Argument.degrees(70)));
        } else {
            add(
                    "dissolve",
                    says("boil-gel")
                            .with("agent", agent.words())
                            .with("gel", gelAmount())
                            .with("sets", Argument.degrees(onsetC())),
                    Kind.TENDED,
                    Span.of(agent == Agent.AGAR ? work().boilAgar() : work().boilGel()),
                    temperature(BOIL_C));
        }
    }

    private Argument gelAmount() {
        var gel = component.gel();
        return new Argument.Weighed(gel.grams(), gel.product().name());
    }

    private double onsetC() {
        return component.gelModel().settingOnset(portrait.mix().gelatinGramsPerLitre());
    }

    private void infuse() {
        var steeped = lines(Share.INFUSED);
        if (!steeped.isEmpty()) {
            add("infuse", says("infuse").with("what", weighed(steeped)), Kind.WAITING, Span.of(work().infuse()));
        }
    }

    private void strain() {
        if (kitchen.strains() && heats() && !lines(Share.HOT).isEmpty()) {
            add("strain", says("strain"), Kind.ACTIVE, Span.of(work().strain()));
        }
    }

    private void joinCold() {
        var cold = lines(Share.COLD);
        if (cold.isEmpty()) {
            return;
        }
        boolean beaten = lines(Share.HOT).isEmpty() || !heats();
        var meet = portrait.study().flatMap(Study::joining).map(joining -> temperature(joining.meetC()));
        steps.add(step(
                "cold",
                says("cold").with("beaten", Argument.when(beaten)).with("what", weighed(cold)),
                Kind.ACTIVE,
                Span.of(work().joinCold()),
                meet,
                needs("cold")));
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
        double onset = foaming.any() ? foaming.baseOnsetC() : onsetC();
        var ways = Double.isInfinite(room) ? "ice-room-too-warm" : "ice";
        add(
                "cool",
                says("cool")
                        .with("way", Argument.either(over, ways, "stand"))
                        .with("room", new Argument.Lasts(Double.isInfinite(room) ? 0 : room))
                        .with("sets", sets(onset, to))
                        .with("onset", Argument.degrees(onset)),
                over ? Kind.TENDED : Kind.WAITING,
                over
                        ? Span.slowedBy(ice / 60, component.parameters().cold().bowlIce())
                        : Span.slowedBy(room / 60, component.parameters().cold().bowlRoom()),
                temperature(to));
    }

    /** Whether it sets in the bowl where it is left, and whether that is hardly below where it is wanted. */
    private static Argument sets(double onset, double to) {
        return new Argument.Choice(onset <= 0 ? "no" : onset > to - NEAR_ONSET_K ? "near" : "yes");
    }

    private static double middle(Foaming foaming) {
        var window = foaming.window();
        return (window.lowC() + window.highC()) / 2;
    }

    private BowlCooling bowl(Mix mix) {
        return Cooling.bowl(component, mix);
    }

    private void fold() {
        var foaming = new Foaming(component);
        if (!foaming.any()) {
            return;
        }
        var whipped =
                foaming.inOrder().stream().map(foam -> whip(foaming, foam)).toList();
        if (foaming.alone()) {
            return;
        }
        var window = foaming.window();
        double minutes = minutesOpen();
        var base = steps.stream()
                .filter(step -> !family(code(step)).equals("whip"))
                .reduce((a, b) -> b)
                .map(Step::id)
                .orElse(last());
        var after = new ArrayList<After>();
        after.add(
                new After(base, 0, minutes > 0 ? Optional.of(minutes) : Optional.empty(), minutes > 0 ? "cools" : ""));
        whipped.forEach(id -> after.add(new After(id, 0, Optional.of(20.0), "collapses")));
        steps.add(step(
                "fold",
                says("fold")
                        .with(
                                "school",
                                new Argument.Choice(component.fold().school().id()))
                        .with("low", Argument.degrees(window.lowC()))
                        .with("high", Argument.degrees(window.highC())),
                Kind.ACTIVE,
                Span.of(work().fold()),
                Optional.of(temperature(component.fold().baseC().orElse(middle(foaming)))),
                after));
    }

    /** Each foam in its own bowl, to its own stage; gives the step's id. What was whipped before is not whipped again. */
    private String whip(Foaming foaming, Component.Foam foam) {
        var lines = foaming.linesOf(foam.id()).stream()
                .filter(line -> line.made().isEmpty())
                .toList();
        if (lines.isEmpty()) {
            return steps.get(0).id();
        }
        boolean only = foaming.inOrder().size() == 1;
        boolean cream =
                lines.stream().anyMatch(line -> Foaming.isCream(line.part().ingredient()));
        boolean butter = !cream && foaming.beatsButter(foam);
        var stage = butter ? "butter" : foam.fold().whip().id();
        steps.add(step(
                only ? "whip" : "whip-" + foam.id(),
                says("whip").with("what", weighed(lines)).with("stage", new Argument.Choice(stage)),
                Kind.TENDED,
                Span.of(work().whip()),
                cream
                        ? Optional.of(Message.of("temperature.ofCream")
                                .with("at", Argument.degrees(foam.fold().foamC())))
                        : Optional.empty(),
                needs("whip")));
        return last();
    }

    /** Minutes that the base stays in its window in the room; 0 when it is not heated, or never leaves it. */
    private double minutesOpen() {
        double seconds = Cooling.ofBase(component, kitchen)
                .map(c ->
                        bowl(component.base()).roomSeconds(c.fromC(), c.window().lowC(), c.roomC()))
                .orElse(0.0);
        return Double.isInfinite(seconds) ? 0 : seconds / 60;
    }
}
