package com.deftchill.core.judge.layers;

import com.deftchill.core.batch.Kind;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.mix.Treatment;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;

/** What floats or sinks: pieces in what is poured over them, a layer on one that never sets (handbook 5). */
public final class FloatVerdicts {
    private FloatVerdicts() {}

    public static List<Verdict> of(Dessert dessert) {
        var verdicts = new ArrayList<Verdict>();
        var lying = dessert.portraits().stream().filter(p -> p.bed().exists()).toList();
        for (int i = 1; i < lying.size(); i++) {
            var below = lying.get(i - 1);
            var above = lying.get(i);
            if (above.study().isEmpty()) {
                continue;
            }
            if (below.kind() == Kind.PIECES) {
                pieces(dessert, below, above.study().get(), verdicts);
            } else if (below.study().filter(s -> !s.sets()).isPresent()) {
                onLiquid(below, above.study().get(), verdicts);
            }
        }
        return verdicts;
    }

    /** Density of pieces, kg/m3: that of their substance, less the air of raw fruit. */
    static double density(Portrait pieces) {
        double solid = pieces.mix().composition().density(20);
        boolean raw = pieces.component().lines().stream()
                .allMatch(line -> line.part().ingredient().group().equals("fruit")
                        && line.part().treatment() == Treatment.RAW);
        return raw ? solid * (1 - pieces.parameters().layers().rawFruitAir().value()) : solid;
    }

    private static void pieces(Dessert dessert, Portrait pieces, Study liquid, List<Verdict> verdicts) {
        double own = density(pieces);
        double around = liquid.material().density();
        if (own > around - dessert.parameters().layers().floatMargin().value()
                || liquid.component().kind().fatSets()) {
            return;
        }
        double holds = liquid.startSeconds()
                + liquid.history()
                        .secondsFirm(dessert.parameters().layers().holdsPieces().value());
        var when = Double.isInfinite(holds)
                ? ""
                : " Or stir them in from " + dessert.clock(holds) + ", when it just begins to hold ("
                        + Notation.write(
                                dessert.parameters().layers().holdsPieces().value(), 0) + " Pa).";
        verdicts.add(new Verdict(
                "pieces-float",
                Tone.CAUTION,
                pieces.name() + " floats up in " + liquid.component().name(),
                "It is lighter (" + Notation.write(own, 0) + " against " + Notation.write(around, 0)
                        + " kg/m3) and rises as it is poured over. Hold it down with a few spoonfuls first and let those set."
                        + when,
                pieces.at("/lines"),
                new Evidence(
                        List.of(
                                new Given("Density of " + pieces.name(), Notation.write(own, 0) + " kg/m3"),
                                new Given(
                                        "Density of " + liquid.component().name(),
                                        Notation.write(around, 0) + " kg/m3")),
                        "What is lighter than the liquid around it floats, until that liquid holds it.",
                        List.of(
                                pieces.constant(pieces.parameters().layers().rawFruitAir()),
                                pieces.constant(pieces.parameters().layers().holdsPieces())),
                        "Fruit differs by a few per cent from one to the next: try one piece in a cup.",
                        "Heavier pieces (soaked in syrup), a lighter mix, pouring in two goes."),
                List.of()));
    }

    private static void onLiquid(Portrait below, Study above, List<Verdict> verdicts) {
        double lower = below.study().orElseThrow().material().density();
        double upper = above.material().density();
        if (upper < lower + above.parameters().layers().floatMargin().value()) {
            return;
        }
        verdicts.add(new Verdict(
                "sinks-through",
                Tone.CAUTION,
                above.component().name() + " sinks into " + below.name(),
                below.name() + " does not set, and what is poured on it is heavier (" + Notation.write(upper, 0)
                        + " against " + Notation.write(lower, 0)
                        + " kg/m3): it goes through. Set the lower one, or put the heavier one below.",
                above.at("/work/pour/at"),
                new Evidence(
                        List.of(
                                new Given("Density of " + below.name(), Notation.write(lower, 0) + " kg/m3"),
                                new Given(
                                        "Density of " + above.component().name(), Notation.write(upper, 0) + " kg/m3")),
                        "A heavier liquid on a lighter one that is not set trades places with it.",
                        List.of(above.constant(above.parameters().layers().floatMargin())),
                        "What is as thick as jam slows it down for hours.",
                        "A gelling agent below, another order of the layers, air in the upper one."),
                List.of()));
    }
}
