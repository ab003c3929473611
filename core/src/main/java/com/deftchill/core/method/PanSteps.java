package com.deftchill.core.method;

import com.deftchill.core.batch.GanacheJoin;
import com.deftchill.core.batch.Share;
import com.deftchill.core.cook.Boiling;
import com.deftchill.core.cook.Soaking;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.method.Step.Kind;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.parameters.WorkParameters;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;

/** Steps of what is joined, burnt, simmered, pressed or dipped. Durations are estimates [E]. */
abstract class PanSteps extends StepWriter {
    static final double BOIL_C = 95;
    static final double HEAT_CAPACITY = 3.6;
    static final double FRIDGE_C = 5;
    static final double SIMMER_C = 80;
    private static final double BAKED_C = 175;

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
        var p = component.parameters().ganache();
        if (join != GanacheJoin.MELTED) {
            add(
                    "heat",
                    says("ganache-heat").with("what", weighed(liquid)),
                    Kind.TENDED,
                    heated(grams(liquid), SIMMER_C, work().heatCreamLeast()),
                    temperature(component.heating().hotC().orElse(85)));
        } else {
            add(
                    "melt",
                    says("ganache-melt").with("what", weighed(chocolate)),
                    Kind.TENDED,
                    Span.of(work().melt()),
                    temperature(p.joinFrom().value()));
        }
        add(
                "join",
                says("ganache-join")
                        .with("way", new Argument.Choice(join.id()))
                        .with("chocolate", names(chocolate))
                        .with("keep", Argument.degrees(p.keepAbove().value())),
                Kind.ACTIVE,
                Span.of(work().joinGanache()),
                Message.of("temperature.between")
                        .with("low", Argument.degrees(p.joinFrom().value()))
                        .with("high", Argument.degrees(p.joinTo().value())));
    }

    final void caramel() {
        var stage = component.cooked().caramel();
        var sugar = portrait.group("sugar");
        add(
                "burn",
                says("burn")
                        .with("sugar", weighed(sugar))
                        .with("stage", new Argument.Choice(stage.id()))
                        .with("boiling", Argument.degrees(100)),
                Kind.TENDED,
                Span.of(work().burn()),
                temperature(component.caramelC()));
        var rest =
                component.lines().stream().filter(line -> !sugar.contains(line)).toList();
        if (!rest.isEmpty()) {
            add(
                    "stop",
                    says("stop").with("what", weighed(rest)).with("times", Argument.figure(Boiling.CARAMEL_FOAMS, 0)),
                    Kind.ACTIVE,
                    Span.of(work().stopCaramel()));
        }
    }

    final void compote() {
        double minutes = component.cooked().minutes();
        add(
                "simmer",
                says("simmer")
                        .with("away", Argument.when(component.lostG() > 0))
                        .with("lost", Argument.grams(component.lostG()))
                        .with("left", Argument.grams(portrait.mix().massG())),
                Kind.TENDED,
                Span.slowedBy(
                                component.lostG()
                                        / component.parameters().pan().simmer().value(),
                                component.parameters().pan().simmer())
                        .atLeast(Span.exactly(minutes)),
                temperature(BOIL_C));
    }

    final void crust() {
        if (portrait.kind() == com.deftchill.core.batch.Kind.SHELL) {
            add("line", says("line"), Kind.ACTIVE, Span.of(work().lay()));
            return;
        }
        add("mix", says("mix"), Kind.ACTIVE, Span.of(work().mixCrumb()));
        double wall = component.pressed().wallMm();
        add(
                "press",
                says("press")
                        .with("thick", Argument.millimetres(portrait.bed().heightMm()))
                        .with("walled", Argument.when(wall > 0))
                        .with("wall", Argument.millimetres(wall)),
                Kind.ACTIVE,
                Span.of(work().pressCrumb()));
        boolean baked = component.pressed().baked();
        add(
                "harden",
                says("harden").with("baked", Argument.when(baked)).with("oven", Argument.degrees(BAKED_C)),
                Kind.WAITING,
                Span.of(baked ? work().bake() : component.parameters().layers().crumbHardens()),
                temperature(baked ? BAKED_C : 4));
    }

    final void soak(int count) {
        var liquid = lines(Share.SOAK);
        var pieces = component.lines().stream()
                .filter(line -> !liquid.contains(line))
                .toList();
        double seconds = component.dipped().seconds();
        add(
                "soak",
                says("soak")
                        .with("drenched", Argument.when(seconds >= Soaking.DRENCHED_SECONDS))
                        .with("pieces", weighed(pieces))
                        .with("liquid", weighed(liquid))
                        .with("seconds", new Argument.Counted(Math.max(1, seconds)))
                        .with("count", Argument.figure(count, 0)),
                Kind.ACTIVE,
                Span.of(work().soakStart()).and(Span.of(work().soakEach()).times(count)));
    }

    final void pieces() {
        add("cut", says("cut").with("what", names(component.lines())), Kind.ACTIVE, Span.of(work().cut()));
    }
}
