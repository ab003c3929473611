package com.deftchill.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Kitchens;
import com.deftchill.core.Plain;
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
import com.deftchill.core.batch.Kind;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.Mould;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Random valid desserts of all kinds of components: an answer for each, every verdict with evidence, no NaN anywhere. A
 * seeded sample here; {@code ops/long} runs {@code -Ddeftchill.desserts=10000}.
 */
class RandomDessertsTest {
    private static final int DESSERTS = Integer.getInteger("deftchill.desserts", 500);
    private static final Larder LARDER = Kitchens.STANDARD.larder();
    /** Seeds that others name are of desserts made from the first of the larder, which only grows at its end. */
    private static final int FIRST = 133;

    private static final int FIRST_MOULDS = 28;
    /** Coarse: what is tested is that everything is answered, not how finely. */
    static final Assessor COARSE = new Assessor(new ChillOptions(6, 4, 10, 1, 20, 3600, 0.3));

    @Test
    void everyDessertIsAnswered() {
        long first = Long.getLong("deftchill.seed", 20_261_125L);
        System.out.println("random desserts: " + DESSERTS + " from seed " + first);
        IntStream.range(0, DESSERTS).parallel().forEach(n -> {
            long seed = first + n;
            var formula = dessert(new Random(seed), List.copyOf(LARDER.ingredients()), List.copyOf(LARDER.moulds()));
            var outcome = COARSE.assess(formula, Kitchens.STANDARD);
            if (outcome.value().isEmpty()) {
                assertThat(outcome.problems())
                        .as("seed %d", seed)
                        .allSatisfy(p -> assertThat(p.code()).isIn("fill-too-low", "boiled-away-too-much"));
                return;
            }
            var a = outcome.value().get();
            assertThat(a.toString()).as("seed %d", seed).doesNotContain("NaN");
            for (var component : a.components()) {
                component.course().ifPresent(course -> {
                    assertThat(course.firmness()).as("seed %d", seed).doesNotContain(Double.NaN);
                    assertThat(course.warmestC()).as("seed %d", seed).doesNotContain(Double.NaN);
                });
            }
            assertThat(a.verdicts()).as("seed %d", seed).allSatisfy(v -> {
                assertThat(v.evidence().rule()).isNotBlank();
                assertThat(v.sentence()).isNotBlank();
            });
        });
    }

    static <T> T any(Random random, List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    static WrittenFormula dessert(Random random) {
        return dessert(
                random,
                List.copyOf(LARDER.ingredients()).subList(0, FIRST),
                List.copyOf(LARDER.moulds()).subList(0, FIRST_MOULDS));
    }

    private static WrittenFormula dessert(Random random, List<Ingredient> ingredients, List<Mould> moulds) {
        var components = new ArrayList<Component>();
        int many = 1 + random.nextInt(5);
        for (int i = 0; i < many; i++) {
            components.add(component(random, i, ingredients));
        }
        var mould = any(random, moulds);
        return Plain.formula(
                "random",
                "metric",
                any(random, List.of("turned-out", "in-glass", "sliced")),
                "",
                components,
                new Moulds(mould.id(), Integer.toString(1 + random.nextInt(12)), random.nextInt(10) + " %"),
                new Cooling("fridge-still", random.nextInt(9) + " °C"),
                "10:00",
                List.of());
    }

    private static Component component(Random random, int index, List<Ingredient> ingredients) {
        var kind = any(random, List.of(Kind.values()));
        var lines = new ArrayList<Line>();
        int many = 1 + random.nextInt(5);
        for (int i = 0; i < many; i++) {
            var ingredient = any(random, ingredients);
            var share = any(random, List.of("", "", "cold", "whipped", "infused", "soak"));
            lines.add(new Line(
                    ingredient.id(),
                    1 + random.nextInt(600) + " g",
                    any(random, List.of("", "", "heated", "pasteurised")),
                    i == 0 && share.equals("infused") ? "" : share));
        }
        boolean gels = kind.needsGel() || (kind.mayGel() && random.nextBoolean());
        var product = any(random, List.copyOf(LARDER.gels()));
        var gel = gels
                ? new Gel(product.id(), 1 + random.nextInt(30) + " g", "weighed", random.nextInt(100) + " g")
                : new Gel("", "", "", "");
        boolean warm = random.nextBoolean();
        return new Component(
                "c" + index,
                "component " + index,
                kind.id(),
                any(random, List.of("", "", "part")),
                lines,
                gel,
                new Heat(warm ? 20 + random.nextInt(80) + " °C" : "", random.nextInt(20) + " min", ""),
                new Fold(
                        any(random, List.of("", "ribbon", "soft", "stiff")),
                        any(random, List.of("", "beaten")),
                        random.nextBoolean() ? 5 + random.nextInt(60) + " °C" : "",
                        2 + random.nextInt(20) + " °C"),
                new Cook(any(random, List.of("", "melted")), random.nextInt(30) + " min", "", ""),
                new Soak(random.nextInt(20) + " s", ""),
                new Crust(random.nextBoolean() ? "6 mm" : "", random.nextInt(40) + " mm", ""),
                List.of(),
                5 + random.nextInt(90) + " °C");
    }
}
