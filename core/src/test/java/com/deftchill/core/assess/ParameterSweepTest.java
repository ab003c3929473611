package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.cooked;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.everything;
import static com.deftchill.core.Desserts.folded;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.layered;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.part;
import static com.deftchill.core.Desserts.pressed;
import static com.deftchill.core.Desserts.soaked;
import static com.deftchill.core.Formulas.in;
import static com.deftchill.core.Formulas.pear;
import static com.deftchill.core.Formulas.stay;
import static com.deftchill.core.Formulas.withMould;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Cook;
import com.deftchill.core.Plain.Crust;
import com.deftchill.core.Plain.Fold;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.Plain.Line;
import com.deftchill.core.Plain.Soak;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.cold.Chilling;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Stay;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.plan.FirstPlan;
import com.deftchill.core.plan.PlanReader;
import com.deftchill.core.plan.WrittenPlan;
import com.deftchill.core.sums.Sums;
import com.deftchill.core.verdict.Evidence;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Every parameter between its low and its high moves something that a cook is told, evidence apart: one that moves nothing is
 * dead and goes.
 */
class ParameterSweepTest {
    private static final int RANDOM_DESSERTS = Integer.getInteger("deftchill.sweep", 150);
    /** One parameter of so many is tried, and every one that is new; all of them by ops/long. */
    private static final int ONE_OF = Boolean.getBoolean("deftchill.long") ? 1 : 3;

    /** What is asked of a workplace: a text of all that is told. */
    private interface Question {
        String ask(Workplace workplace);
    }

    @Test
    void everyParameterMovesAnAnswer() throws IOException {
        var questions = questions();
        var hints = hints();
        var dead = new ArrayList<String>();
        var found = new ArrayList<String>();
        for (var parameter : STANDARD.parameters().all()) {
            boolean known = hints.containsKey(parameter.id());
            if (known && found.size() % ONE_OF != 0) {
                found.add(parameter.id() + "," + hints.get(parameter.id()));
                continue;
            }
            int at = movedBy(parameter, questions, hints.getOrDefault(parameter.id(), 0));
            if (at < 0) {
                dead.add(parameter.id());
            }
            found.add(parameter.id() + "," + at);
        }
        Files.write(Path.of("target", "sweep-hints.csv"), found);
        assertThat(dead)
                .as("parameters that move nothing in %d questions", questions.size())
                .isEmpty();
    }

    /** Where each was found last: the search begins there. Without it the same is found, in two minutes. */
    private static Map<String, Integer> hints() throws IOException {
        try (var in = ParameterSweepTest.class.getResourceAsStream("/sweep-hints.csv")) {
            return in == null
                    ? Map.of()
                    : new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .map(row -> row.split(","))
                            .collect(Collectors.toMap(row -> row[0], row -> Integer.parseInt(row[1])));
        }
    }

    /** Number of a question that is answered otherwise at the low than at the high; -1 when there is none. */
    private static int movedBy(Parameter parameter, List<Question> questions, int first) {
        var low = with(parameter, parameter.low());
        var high = with(parameter, parameter.high());
        for (int n = 0; n < questions.size(); n++) {
            int i = (Math.max(0, first) + n) % questions.size();
            if (!questions.get(i).ask(low).equals(questions.get(i).ask(high))) {
                return i;
            }
        }
        return -1;
    }

    private static Workplace with(Parameter parameter, double value) {
        Parameters moved = STANDARD.parameters().with(parameter.id(), value);
        return new Workplace(STANDARD.larder(), STANDARD.kitchen(), moved);
    }

    private static List<Question> questions() {
        var questions = new ArrayList<Question>();
        for (var formula :
                List.of(everything(), pear(), layered(), in(pear(), stay("freezer-still", "12 h"), stay("", "8 h")))) {
            questions.add(workplace -> assessed(formula, workplace));
            questions.add(workplace -> chilled(formula, workplace));
        }
        questions.add(workplace -> told(new Chilling(RandomDessertsTest.COARSE).uncertainty(pear(), workplace)));
        questions.add(workplace -> told(new Alternatives(RandomDessertsTest.COARSE).ways(pear(), workplace)));
        for (var sum : Sums.all(STANDARD.kitchen().temperature())) {
            questions.add(workplace -> told(Sums.answer(sum.id(), Map.of(), workplace)));
        }
        for (var formula : onTheEdge()) {
            questions.add(workplace -> chilled(formula, workplace) + assessed(formula, workplace));
        }
        for (int seed = 0; seed < RANDOM_DESSERTS; seed++) {
            var formula = RandomDessertsTest.dessert(new Random(seed));
            questions.add(workplace -> assessed(formula, workplace));
        }
        for (var formula : List.of(layered(), pear(), fruitOnTop())) {
            questions.add(workplace -> planned(formula, workplace));
        }
        return questions;
    }

    /** The tasks of a dessert in a plan for a Saturday. */
    private static String planned(WrittenFormula formula, Workplace workplace) {
        var plan = FirstPlan.of("UTC", Instant.parse("2026-11-27T10:00:00Z"))
                .withDishes(List.of(new WrittenPlan.PlannedDish("d", "f", 1, formula, "s1", "")));
        var read = PlanReader.read(
                plan,
                workplace,
                (dish, moulds) -> RandomDessertsTest.COARSE.study(dish.document(), workplace),
                OptionalLong.empty());
        return read.value().map(found -> found.day().tasks().toString()).orElse("");
    }

    private static WrittenFormula fruitOnTop() {
        var top = of("top", "garnish", "", NO_GEL, line("raspberries", "60 g"));
        var cream = of("whipped", "whipped", "", NO_GEL, line("cream-35", "400 g", "whipped"));
        return dessert("in-glass", "glass-straight", "4", cream, top);
    }

    /** Desserts that lie within the range of a parameter that few others show. */
    private static List<WrittenFormula> onTheEdge() {
        var desserts = new ArrayList<WrittenFormula>();
        var whipped = of(
                "whipped",
                "whipped",
                "",
                NO_GEL,
                line("cream-35", "200 g", "whipped"),
                line("sugar", "4 g", "whipped"));
        var stirred = of(
                "stirred",
                "mousse",
                "20 °C",
                NO_GEL,
                line("cream-cheese", "300 g", "cold"),
                line("@whipped", "half", "cold"));
        desserts.add(dessert("in-glass", "trifle-bowl", "1", stirred, part(whipped)));
        for (var stage : List.of("light", "dark")) {
            var caramel = of(
                    "caramel", "caramel", "40 °C", NO_GEL, line("sugar", "200 g"), line("cream-35", "150 g", "cold"));
            desserts.add(dessert("in-glass", "ramekin", "6", cooked(caramel, new Cook("", "", "", stage))));
        }
        desserts.add(custard("5 g", "81.5 °C"));
        desserts.add(custard("7.5 g", "90 °C"));
        desserts.add(custard("7.5 g", "95 °C"));
        desserts.add(dessert(
                "in-glass",
                "ramekin",
                "6",
                heated(
                        of(
                                "pudding",
                                "starch-custard",
                                "40 °C",
                                NO_GEL,
                                line("milk-35", "400 g"),
                                line("corn-starch", "14 g")),
                        "85 °C")));
        desserts.add(custard("25 g", "95 °C"));
        var baked = pressed(
                of("crumb", "crumb", "", NO_GEL, line("crumb-biscuits", "160 g"), line("brown-butter", "80 g")),
                new Crust("6 mm", "", "baked"));
        desserts.add(dessert("sliced", "spring-tin-180", "1", baked, mousse()));
        var raw = of("raw", "pieces", "", NO_GEL, new Line("apples", "100 g", "raw", ""));
        var brine = heated(
                of(
                        "brine",
                        "jelly",
                        "28 °C",
                        new Gel("sheet-gold", "5 g", "weighed", "25 g"),
                        line("water", "245 g"),
                        line("salt", "6 g")),
                "60 °C");
        desserts.add(dessert("in-glass", "trifle-bowl", "1", raw, jelly()));
        desserts.add(dessert("in-glass", "trifle-bowl", "1", brine, mousse()));
        for (int high = 40; high <= 100; high += 5) {
            var glasses = dessert("in-glass", "glass-straight", "6", jelly());
            desserts.add(Changes.set(glasses, "/moulds/slant", high + " mm"));
        }
        for (var cover : List.of("film", "lid")) {
            desserts.add(in(pear(), new Stay("fridge-still", "", "12 h", cover, "tray")));
        }
        desserts.add(in(pear(), stay("ice-bath", "30 min"), stay("fridge-still", "12 h")));
        desserts.add(opened(withMould(pear(), "ramekin", "60")));
        desserts.add(in(pear(), stay("freezer-still", "12 h"), new Stay("fridge-still", "7 °C", "2 days", "", "")));
        desserts.addAll(ofFatAndFoam());
        desserts.addAll(ofOvenAndFlame());
        for (int seed : new int[] {189, 198, 219, 236, 280, 306, 365, 371, 374, 608, 653, 773, 988, 1306, 1366, 1387}) {
            desserts.add(RandomDessertsTest.dessert(new Random(seed)));
        }
        return desserts;
    }

    private static List<WrittenFormula> ofOvenAndFlame() {
        var desserts = new ArrayList<WrittenFormula>();
        var dough = of(
                "dough",
                "shell",
                "",
                NO_GEL,
                line("wheat-flour", "165 g"),
                line("butter", "92 g"),
                line("sugar", "60 g"),
                line("egg-whole", "36 g"));
        var tart = dessert("sliced", "fluted-tin-230", "1", dough, mousse());
        desserts.add(tart);
        desserts.add(Changes.set(tart, "/components/0/work/press/barrier", "coat"));
        for (var verb : List.of("roast", "toast", "torch", "brush", "pipe")) {
            var kind = List.of("roast", "toast").contains(verb) ? "pieces" : "garnish";
            var beside = of("beside", kind, "", NO_GEL, line("sugar", "24 g"), line("apples", "50 g"));
            desserts.add(Changes.set(
                    dessert("in-glass", "trifle-bowl", "1", jelly(), beside),
                    "/components/1/work/" + verb + "/text",
                    ""));
        }
        return desserts;
    }

    private static List<WrittenFormula> ofFatAndFoam() {
        var desserts = new ArrayList<WrittenFormula>();
        for (var served : List.of("from-dish", "piped")) {
            desserts.add(dessert(served, "trifle-bowl", "1", jelly()));
            desserts.add(dessert(served, "trifle-bowl", "1", ganache("dark-70", "100 g", "cream-35", "120 g")));
        }
        for (var grams : List.of("90 g", "150 g", "160 g", "170 g", "180 g", "195 g", "210 g", "230 g")) {
            desserts.add(dessert("in-glass", "egg-cup", "4", ganache("dark-70", grams, "cream-35", "100 g")));
        }
        desserts.add(dessert("in-glass", "egg-cup", "4", ganache("dark-70", "20 g", "cream-48", "300 g")));
        var fat = of(
                "fat",
                "ganache",
                "35 °C",
                NO_GEL,
                line("dark-70", "100 g"),
                line("cocoa-butter", "60 g"),
                line("cream-35", "40 g"));
        desserts.add(dessert("in-glass", "egg-cup", "4", heated(fat, "70 °C")));
        var yolk = of(
                "yolk",
                "ganache",
                "35 °C",
                NO_GEL,
                line("dark-70", "180 g"),
                line("cream-35", "100 g"),
                line("egg-yolk", "11.5 g"));
        desserts.add(dessert("in-glass", "egg-cup", "4", heated(yolk, "70 °C")));
        for (var stage : List.of("ribbon", "soft", "medium", "stiff")) {
            var whites = of(
                    "whites",
                    "mousse",
                    "",
                    NO_GEL,
                    line("dark-70", "200 g"),
                    line("butter", "60 g"),
                    line("egg-yolk", "54 g"),
                    line("egg-white", "120 g", "whipped"));
            desserts.add(dessert(
                    "in-glass",
                    "egg-cup",
                    "8",
                    folded(heated(whites, "48 °C"), new Fold(stage, "", "29 °C", "20 °C"))));
        }
        var creams = of(
                "creams",
                "whipped",
                "",
                NO_GEL,
                line("cream-35", "60 g", "whipped"),
                line("cream-48", "140 g", "whipped"));
        desserts.add(dessert("in-glass", "egg-cup", "4", folded(creams, new Fold("soft", "", "", "10.5 °C"))));
        desserts.add(dessert("in-glass", "egg-cup", "4", folded(creams, new Fold("soft", "", "", "5 °C"))));
        var lean = of(
                "lean",
                "whipped",
                "",
                NO_GEL,
                line("milk-35", "100 g", "whipped"),
                line("cream-48", "100 g", "whipped"));
        desserts.add(dessert("in-glass", "egg-cup", "4", folded(lean, new Fold("soft", "", "", "5 °C"))));
        var dry = of("dry", "soaked", "", NO_GEL, line("sponge", "100 g"), line("barley-tea", "80 g", "soak"));
        desserts.add(dessert("in-glass", "glass-straight", "4", soaked(dry, new Soak("1 s", "")), mousse()));
        var sabayon = of(
                "sabayon",
                "whipped",
                "",
                NO_GEL,
                line("egg-yolk", "60 g", "whipped"),
                line("dessert-wine", "60 g", "whipped"),
                line("sugar", "40 g", "whipped"));
        desserts.add(dessert("in-glass", "egg-cup", "4", sabayon));
        var spirit = of("spirit", "jelly", "20 °C", NO_GEL, line("rum", "25 g"), line("apple-juice", "75 g"));
        desserts.add(dessert("in-glass", "trifle-bowl", "1", jelly(), spirit));
        var kiwi = new Component(
                "kiwi",
                "Kiwi jelly",
                "jelly",
                "",
                List.of(line("kiwi-raw", "300 g")),
                new Gel("sheet-gold", "6 g", "weighed", "30 g"),
                new com.deftchill.core.Plain.Heat("85 °C", "5 min", ""),
                null,
                null,
                null,
                null,
                null,
                "30 °C");
        desserts.add(dessert("in-glass", "egg-cup", "6", kiwi));
        return desserts;
    }

    private static Component ganache(String chocolate, String grams, String cream, String creamGrams) {
        return heated(
                of("ganache", "ganache", "35 °C", NO_GEL, line(chocolate, grams), line(cream, creamGrams)), "80 °C");
    }

    private static WrittenFormula opened(WrittenFormula f) {
        return Changes.set(f, "/cooler/doors", "20");
    }

    private static WrittenFormula custard(String starch, String hot) {
        var custard = of(
                "custard",
                "custard",
                "30 °C",
                NO_GEL,
                line("milk-35", "400 g"),
                line("egg-yolk", "60 g"),
                line("corn-starch", starch),
                line("sugar", "40 g"));
        return dessert("in-glass", "ramekin", "6", heated(custard, hot));
    }

    private static String assessed(WrittenFormula formula, Workplace workplace) {
        return told(RandomDessertsTest.COARSE.assess(formula, workplace));
    }

    private static String chilled(WrittenFormula formula, Workplace workplace) {
        return told(new Chilling(RandomDessertsTest.COARSE)
                .chill(formula, workplace)
                .map(c -> c.answer()));
    }

    /** All of an answer but its evidence, which names parameters whether they matter or not. */
    private static String told(Object answer) {
        var text = new StringBuilder();
        tell(answer, text);
        return text.toString();
    }

    private static void tell(Object of, StringBuilder text) {
        if (of instanceof Evidence) {
            return;
        }
        if (of instanceof Iterable<?> many) {
            many.forEach(one -> tell(one, text));
        } else if (of instanceof Optional<?> maybe) {
            maybe.ifPresent(one -> tell(one, text));
        } else if (of instanceof double[] numbers) {
            text.append(Arrays.toString(numbers));
        } else if (of instanceof Record) {
            for (var component : of.getClass().getRecordComponents()) {
                try {
                    component.getAccessor().setAccessible(true);
                    tell(component.getAccessor().invoke(of), text);
                } catch (ReflectiveOperationException e) {
                    throw new AssertionError(e);
                }
            }
        } else {
            text.append(of).append('|');
        }
    }
}
