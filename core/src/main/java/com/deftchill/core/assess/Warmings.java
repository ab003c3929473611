package com.deftchill.core.assess;

import com.deftchill.core.assess.ComponentAnswer.Warming;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.OutOfTheCold;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.gel.Firmness;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Firmness over temperature, from the fridge to a warm room: of each layer, and of all of them together. */
final class Warmings {
    private static final double FROM_C = 4;
    private static final double TO_C = 24;
    private static final double STEP_K = 0.5;

    private Warmings() {}

    /** Of one layer. */
    static Warming of(Dessert dessert, Study study) {
        double fridge = fridge(dessert);
        var celsius = celsius(fridge);
        var pa = new double[celsius.length];
        var firmness = new double[celsius.length];
        for (int i = 0; i < celsius.length; i++) {
            pa[i] = study.rigidityAt(celsius[i]);
            firmness[i] = Firmness.score(pa[i]);
        }
        var right = IntStream.range(0, celsius.length)
                .filter(i -> OutOfTheCold.isRight(study, pa[i]))
                .toArray();
        var from = right.length == 0 ? Optional.<Double>empty() : Optional.of(celsius[right[0]]);
        return new Warming(
                celsius,
                firmness,
                Firmness.score(study.leastPa()),
                Firmness.score(study.mostPa()),
                fridge,
                study.shortWords(study.rigidityAt(fridge)),
                study.staysLoose(),
                from,
                from.map(first -> celsius[right[right.length - 1]]),
                from.map(first -> first <= fridge ? 0 : OutOfTheCold.untilRight(dessert, study))
                        .filter(Double::isFinite));
    }

    /** Of all layers that set: where each of them eats right. Absent where there are not two of them. */
    static Optional<WholeWarming> whole(Dessert dessert) {
        var layers = dessert.setting().stream()
                .filter(study -> study.sets() && !study.staysLoose())
                .toList();
        if (layers.size() < 2) {
            return Optional.empty();
        }
        double fridge = fridge(dessert);
        var celsius = celsius(fridge);
        var right = IntStream.range(0, celsius.length)
                .filter(i -> allRight(layers, celsius[i]))
                .mapToObj(i -> celsius[i])
                .toList();
        var from = right.stream().findFirst();
        return Optional.of(new WholeWarming(
                layers.stream().map(Study::index).toList(),
                from,
                from.map(first -> right.get(right.size() - 1)),
                from.map(first -> first <= fridge ? 0 : OutOfTheCold.untilAllRight(dessert, layers))
                        .filter(Double::isFinite)));
    }

    private static boolean allRight(List<Study> layers, double celsius) {
        return layers.stream().allMatch(study -> OutOfTheCold.isRight(study, study.rigidityAt(celsius)));
    }

    private static double fridge(Dessert dessert) {
        return dessert.batch().timetable().last().airC();
    }

    private static double[] celsius(double fridge) {
        double from = Math.min(fridge, FROM_C);
        int count = (int) Math.round((TO_C - from) / STEP_K) + 1;
        return IntStream.range(0, count).mapToDouble(i -> from + i * STEP_K).toArray();
    }
}
