package com.deftchill.core.learn;

import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;

import com.deftchill.core.Kitchens;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.learn.Unknown.Scope;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** Kitchens whose truth is known, and what they would measure. */
final class MadeUp {
    static final Workplace HANDBOOK = Kitchens.STANDARD;
    static final Set<Scope> USUAL = Set.of(Scope.LOT, Scope.COOLER, Scope.COOK, Scope.INGREDIENT, Scope.KITCHEN);

    static final WrittenFormula CREAM = set("sheet-gold", "7 g");
    static final WrittenFormula SOFTER = set("sheet-gold", "5.5 g");
    static final WrittenFormula POWDER = set("powder-225", "6 g");
    static final WrittenFormula MOUSSE = dessert("in-glass", "verrine-120", "6", mousse());

    static final Unknown GOLD = Unknown.lot("sheet-gold", "G1");
    static final Unknown POWDERED = Unknown.lot("powder-225", "P1");
    static final Unknown WARMER = new Unknown(Scope.COOLER, "fridge-still", Unknown.WARMER);
    static final Unknown HAND = new Unknown(Scope.COOK, "Mira", "foam.keptSoft");

    /** All that their readings hang on. */
    private static final List<Unknown> ALL = List.of(
            GOLD,
            POWDERED,
            WARMER,
            HAND,
            new Unknown(Scope.COOLER, "fridge-still", Unknown.H),
            new Unknown(Scope.COOLER, "fridge-still", Unknown.POWER),
            new Unknown(Scope.KITCHEN, "", "foam.overrunSoft"));

    private MadeUp() {}

    private static WrittenFormula set(String gel, String grams) {
        return dessert(
                "turned-out",
                "dariole",
                "6",
                heated(
                        of(
                                "cream",
                                "set-cream",
                                "30 °C",
                                new Gel(gel, grams, "weighed", "40 g"),
                                line("cream-35", "300 g"),
                                line("milk-35", "300 g"),
                                line("sugar", "60 g")),
                        "70 °C"));
    }

    static MadeOf made(String id, WrittenFormula document) {
        return new MadeOf(id, document, Map.of("sheet-gold", "G1", "powder-225", "P1"), "Mira");
    }

    static Responses responses() {
        return new Responses(Kitchens.ASSESSOR.rough(), HANDBOOK, USUAL, Set.of());
    }

    /** A kitchen with its own truth: each number drawn from its prior. */
    static final class Truth {
        final Map<Unknown, Double> z = new HashMap<>();
        final Workplace real;
        private final Map<String, Double> figures = new HashMap<>();

        Truth(Random random, Responses responses) {
            var now = HANDBOOK;
            for (var unknown : ALL) {
                double drawn = random.nextGaussian();
                z.put(unknown, drawn);
                now = unknown.put(now, responses.prior(unknown).orElseThrow().value(drawn));
            }
            real = now;
        }

        /** What a batch shows, before anything is misread. */
        double shows(WrittenFormula document, Measure measure) {
            return figures.computeIfAbsent(
                    document.hashCode() + " " + measure,
                    key -> Responses.predicted(Kitchens.ASSESSOR.rough(), document, measure, real)
                            .orElseThrow()[0]);
        }
    }

    static final Measure STANDS = Measure.of(Quantity.STANDING_HEIGHT);
    static final List<Measure> CORE = List.of(Measure.coreAt(60), Measure.coreAt(150), Measure.coreAt(600));
    private static final int PORTIONS = 4;
    static final Measure DENSITY = Measure.of(Quantity.FOAM_DENSITY, 0);

    /** Eight batches as this kitchen would log them. */
    static List<Measured> log(Truth truth, Random random, int batches) {
        var log = new ArrayList<Measured>();
        for (int i = 0; i < batches; i++) {
            var document = List.of(CREAM, POWDER, MOUSSE, SOFTER).get(i % 4);
            var measures = new ArrayList<>(CORE);
            measures.add(document == MOUSSE ? DENSITY : STANDS);
            for (var measure : measures) {
                int readings = measure == STANDS ? PORTIONS : 1;
                double shown = truth.shows(document, measure);
                double whole = measure == STANDS ? whole(document) : 0;
                double read = shown + random.nextGaussian() * measure.quantity().deviation(shown, whole, readings);
                if (measure == STANDS) {
                    read = Math.min(read, whole);
                }
                log.add(new Measured(made("b" + i, document), measure, read, readings));
            }
        }
        return log;
    }

    static double whole(WrittenFormula document) {
        return Responses.predicted(Kitchens.ASSESSOR.rough(), document, STANDS, HANDBOOK)
                .orElseThrow()[1];
    }

    static Learnt learn(Responses responses, List<Measured> log) {
        return Learning.of(
                responses.observations(log, share -> {}, (one, why) -> {
                    throw why;
                }),
                responses::prior,
                () -> {},
                share -> {});
    }
}
