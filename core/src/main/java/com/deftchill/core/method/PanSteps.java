package com.deftchill.core.method;

import com.deftchill.core.batch.GanacheJoin;
import com.deftchill.core.batch.Share;
import com.deftchill.core.batch.SideWork;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.cook.Boiling;
import com.deftchill.core.cook.Dough;
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
    private static final double FREEZER_C = -18;
    /** Of a shell with weights in it, and without them (handbook 5). */
    private static final double BLIND_C = 200;

    private static final double UNWEIGHTED_C = 180;
    /** Where nothing else is written [E]. */
    private static final double ROASTED_C = 200;

    private static final double TOASTED_C = 160;

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
        var pan = component.parameters().pan();
        double panCm = component.cooked().panCm();
        double boiling = Boiling.minutes(pan, panCm, component.lostG());
        add(
                "simmer",
                says("simmer")
                        .with("away", Argument.when(component.lostG() > 0))
                        .with("lost", Argument.grams(component.lostG()))
                        .with("left", Argument.grams(portrait.mix().massG())),
                Kind.TENDED,
                Span.slowedBy(boiling, pan.simmer())
                        .atLeast(Span.exactly(component.cooked().minutes())),
                temperature(BOIL_C));
    }

    final void crust() {
        if (portrait.kind() == com.deftchill.core.batch.Kind.SHELL) {
            shell();
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

    /** A shell that is baked already, or one from its dough (handbook 5). */
    private void shell() {
        if (!component.isDough()) {
            add("line", says("line"), Kind.ACTIVE, Span.of(work().lay()));
        } else {
            dough();
        }
        if (component.pressed().coated()) {
            var bed = portrait.bed();
            double surface = Dough.surfaceMm2(bed.inside(), bed.fromMm(), bed.wallMm());
            add(
                    "brush",
                    says("coat")
                            .with(
                                    "grams",
                                    Argument.grams(
                                            Dough.coatG(component.parameters().pan(), surface))),
                    Kind.ACTIVE,
                    Span.of(work().brush()));
        }
    }

    private void dough() {
        var bed = portrait.bed();
        double wide = 2
                * bed.inside().halfWidthAtMm(Math.min(bed.wallMm(), bed.inside().brimMm()));
        add("dough", says("dough"), Kind.ACTIVE, Span.of(work().mixDough()));
        add("rest", says("rest"), Kind.WAITING, Span.of(work().restDough()), temperature(FRIDGE_C));
        add(
                "roll",
                says("roll")
                        .with("thick", Argument.millimetres(Stack.rolledMm(component)))
                        .with("wide", Argument.millimetres(Dough.sheetMm(wide, bed.wallMm()))),
                Kind.ACTIVE,
                Span.of(work().rollDough()));
        add("firm", says("firm"), Kind.WAITING, Span.of(work().firmDough()), temperature(FREEZER_C));
        add(
                "bake",
                says("blind").with("hot", Argument.degrees(BLIND_C)).with("after", Argument.degrees(UNWEIGHTED_C)),
                Kind.TENDED,
                Span.of(work().bakeBlind()),
                temperature(BLIND_C));
        add("cool-shell", says("cool-shell"), Kind.WAITING, Span.of(work().coolShell()));
    }

    /** What is roasted or toasted before it is cut. */
    final void oven() {
        var done = component.sideWork().filter(work -> !work.atService());
        if (done.isEmpty()) {
            return;
        }
        boolean roasted = done.get() == SideWork.ROAST;
        double celsius = component.cooked().ovenC().orElse(roasted ? ROASTED_C : TOASTED_C);
        double left = portrait.mix().massG();
        double syrup = roasted ? component.parameters().pan().roastSyrup().value() * left : 0;
        var minutes = component.cooked().ovenMinutes();
        add(
                done.get().verb(),
                says(done.get().verb())
                        .with("what", names(component.lines()))
                        .with("oven", Argument.degrees(celsius))
                        .with("left", Argument.grams(left))
                        .with("syrup", Argument.grams(syrup)),
                Kind.TENDED,
                minutes.isPresent()
                        ? Span.exactly(minutes.getAsDouble())
                        : Span.of(roasted ? work().roast() : work().toast()),
                temperature(celsius));
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
        oven();
        if (component.sideWork().isPresent()) {
            return;
        }
        add("cut", says("cut").with("what", names(component.lines())), Kind.ACTIVE, Span.of(work().cut()));
    }
}
