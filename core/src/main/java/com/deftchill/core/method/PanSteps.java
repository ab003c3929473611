package com.deftchill.core.method;

import com.deftchill.core.batch.GanacheJoin;
import com.deftchill.core.batch.Share;
import com.deftchill.core.cook.Boiling;
import com.deftchill.core.cook.Soaking;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.method.Step.Kind;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.parameters.WorkParameters;
import com.deftchill.core.text.Words;

/** Steps of what is joined, burnt, simmered, pressed or dipped. Durations are estimates [E]. */
abstract class PanSteps extends StepWriter {
    static final double BOIL_C = 95;
    static final double HEAT_CAPACITY = 3.6;
    static final double FRIDGE_C = 5;
    static final double SIMMER_C = 80;

    PanSteps(Portrait portrait) {
        super(portrait);
    }

    final WorkParameters work() {
        return component.parameters().work();
    }

    /** Time on a burner from the fridge to T °C, but never less than a constant says. */
    final Span heated(double grams, double to, Parameter least) {
        double minutes =
                grams * HEAT_CAPACITY * (to - FRIDGE_C) / work().burner().value() / 60;
        return Span.slowedBy(minutes, work().burner()).atLeast(Span.of(least));
    }

    final void ganache() {
        var chocolate = portrait.group("chocolate");
        var liquid = component.lines().stream()
                .filter(line -> !chocolate.contains(line) && !line.whipped())
                .toList();
        var join = component.cooked().join();
        if (join != GanacheJoin.MELTED) {
            add(
                    "heat",
                    "Heat",
                    "Bring " + weighed(liquid) + " to just below the boil.",
                    Kind.TENDED,
                    heated(grams(liquid), SIMMER_C, work().heatCreamLeast()),
                    portrait.celsius(component.heating().hotC().orElse(85)),
                    "small bubbles at the pan's edge",
                    "Dairy boils over: stay with it.");
        } else {
            add(
                    "melt",
                    "Melt",
                    "Melt " + weighed(chocolate) + " over a water bath or in short pulses; warm the rest.",
                    Kind.TENDED,
                    Span.of(work().melt()),
                    portrait.celsius(component.parameters().ganache().joinFrom().value()),
                    "smooth, no lumps",
                    "Not a drop of water alone: it seizes.");
        }
        add(
                "join",
                "Join",
                switch (join) {
                    case HOT_CREAM ->
                        "Pour over the chopped " + names(chocolate) + ", wait two minutes, stir from the middle.";
                    case MELTED -> "Add the warm liquid to the chocolate in thirds, stirring from the middle.";
                    case BUTTER_IN_BITS ->
                        "Pour over the chopped " + names(chocolate) + ", stir, then the butter bit by bit.";
                },
                Kind.ACTIVE,
                Span.of(work().joinGanache()),
                portrait.celsius(component.parameters().ganache().joinFrom().value()) + " to "
                        + portrait.celsius(
                                component.parameters().ganache().joinTo().value()),
                "glossy and unbroken",
                "Keep it above "
                        + portrait.celsius(
                                component.parameters().ganache().keepAbove().value()) + " while you stir.");
    }

    final void caramel() {
        var stage = component.cooked().caramel();
        var sugar = portrait.group("sugar");
        add(
                "burn",
                "Caramel",
                "Cook " + weighed(sugar) + " " + stage.words() + ".",
                Kind.TENDED,
                Span.of(work().burn()),
                portrait.celsius(stage.celsius(component.parameters().pan())),
                stage.words(),
                "Far above " + portrait.celsius(100)
                        + ": it burns deep. Sleeves down, ice water at hand, children away.");
        var rest =
                component.lines().stream().filter(line -> !sugar.contains(line)).toList();
        if (!rest.isEmpty()) {
            add(
                    "stop",
                    "Stop it",
                    "Off the heat add " + weighed(rest) + " warm, a little at a time, then boil it smooth.",
                    Kind.ACTIVE,
                    Span.of(work().stopCaramel()),
                    "",
                    "smooth again",
                    "It foams up to " + Boiling.CARAMEL_FOAMS + " times its height: use a pan four times as large.");
        }
    }

    final void compote() {
        double minutes = component.cooked().minutes();
        add(
                "simmer",
                "Simmer",
                "Simmer it in an open pan"
                        + (component.lostG() > 0
                                ? " until " + Words.grams(component.lostG()) + " has boiled away: "
                                        + Words.grams(portrait.mix().massG()) + " is left."
                                : "."),
                Kind.TENDED,
                Span.slowedBy(
                                component.lostG()
                                        / component.parameters().pan().simmer().value(),
                                component.parameters().pan().simmer())
                        .atLeast(Span.exactly(minutes)),
                portrait.celsius(BOIL_C),
                "thick bubbles, a clean line left by the spoon",
                "Hot sugar sticks and burns.");
    }

    final void crust() {
        if (portrait.kind() == com.deftchill.core.batch.Kind.SHELL) {
            add(
                    "line",
                    "Line",
                    "Set the baked shells ready, cold.",
                    Kind.ACTIVE,
                    Span.of(work().lay()),
                    "crisp and dry",
                    "");
            return;
        }
        add(
                "mix",
                "Mix",
                "Stir the crumbs with the melted butter until they hold when pressed.",
                Kind.ACTIVE,
                Span.of(work().mixCrumb()),
                "holds when pressed in the fist",
                "");
        boolean baked = component.pressed().baked();
        add(
                "press",
                "Press",
                "Press it in, " + Words.mm(portrait.bed().heightMm()) + " thick"
                        + (component.pressed().wallMm() > 0
                                ? ", its wall " + Words.mm(component.pressed().wallMm()) + " high."
                                : "."),
                Kind.ACTIVE,
                Span.of(work().pressCrumb()),
                "",
                "");
        add(
                "harden",
                baked ? "Bake" : "Harden",
                baked ? "Bake it 10 min at " + portrait.celsius(175) + " and let it cool." : "30 min in the fridge.",
                Kind.WAITING,
                Span.of(baked ? work().bake() : component.parameters().layers().crumbHardens()),
                portrait.celsius(baked ? 175 : 4),
                "firm to the touch",
                "");
    }

    final void soak(int count) {
        var liquid = lines(Share.SOAK);
        var pieces = component.lines().stream()
                .filter(line -> !liquid.contains(line))
                .toList();
        double seconds = component.dipped().seconds();
        var how = seconds >= Soaking.DRENCHED_SECONDS
                ? "Drench " + weighed(pieces) + " with " + weighed(liquid)
                : "Dip " + weighed(pieces) + " " + Words.seconds(Math.max(1, seconds)) + " s on each side in "
                        + weighed(liquid);
        add(
                "soak",
                "Soak",
                how + "; for " + count + " moulds.",
                Kind.ACTIVE,
                Span.of(work().soakStart()).and(Span.of(work().soakEach()).times(count)),
                "moist, not wet in the middle",
                "");
    }

    final void pieces() {
        add(
                "cut",
                "Make ready",
                "Cut, drain and dry " + names(component.lines()) + ".",
                Kind.ACTIVE,
                Span.of(work().cut()),
                "dry on the outside",
                "");
    }
}
