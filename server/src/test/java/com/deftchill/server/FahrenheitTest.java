package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.cold.Chilled;
import com.deftchill.core.cold.Chilling;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.kitchen.WrittenKitchen;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.sums.Sums;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.server.support.Api;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A kitchen that reads Fahrenheit is told nothing in °C or K: no sentence, no step, no evidence, no fix. */
@Execution(ExecutionMode.CONCURRENT)
class FahrenheitTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Pattern CELSIUS = Pattern.compile("(-?[\\d.]+) °C");
    private static final Pattern TOLD = Pattern.compile(".{0,60}(°C|\\d K\\b).{0,20}");
    private static final Workplace WORKPLACE = workplace();
    private static final Assessor COARSE = new Assessor(new ChillOptions(6, 4, 10, 1, 20, 3600, 0.3));

    private static Workplace workplace() {
        var s = WrittenKitchen.standard();
        var written = new WrittenKitchen(
                s.name(),
                s.measures(),
                "fahrenheit",
                s.swapSchool(),
                s.bloomSchool(),
                s.straining(),
                s.safetyRules(),
                s.allergenList(),
                s.scale(),
                s.fineScale(),
                s.fineBelow(),
                "68 °F",
                s.currency(),
                s.prices(),
                s.zone());
        return new Workplace(
                LarderFiles.shipped(), KitchenReader.read(written).kitchen().orElseThrow(), Parameters.shipped());
    }

    static List<String> demos() {
        return NeighbourhoodApiTest.demos();
    }

    /** A demo dessert as it would be written in that kitchen. */
    private static WrittenFormula written(String demo) {
        var text = CELSIUS.matcher(Api.demo(demo).toString())
                .replaceAll(found -> Math.round(Double.parseDouble(found.group(1)) * 1.8 + 32) + " °F");
        return JSON.readValue(text, WrittenFormula.class);
    }

    private static List<String> told(Object answer) {
        var texts = new ArrayList<String>();
        texts(JSON.valueToTree(answer), texts);
        return texts.stream().filter(text -> TOLD.matcher(text).find()).toList();
    }

    private static void texts(JsonNode node, List<String> into) {
        if (node.isString()) {
            into.add(node.asString());
        }
        node.forEach(child -> texts(child, into));
    }

    @ParameterizedTest
    @MethodSource("demos")
    void nothingIsToldInCelsius(String demo) {
        var formula = written(demo);
        var assessed = COARSE.assess(formula, WORKPLACE);
        assertThat(assessed.problems()).isEmpty();
        assertThat(told(assessed.value().orElseThrow())).isEmpty();
        assertThat(told(new Chilling(COARSE).chill(formula, WORKPLACE).map(Chilled::answer)))
                .isEmpty();
        assertThat(told(new Alternatives(COARSE).variants(formula, WORKPLACE))).isEmpty();
        assertThat(told(new Alternatives(COARSE).ways(formula, WORKPLACE))).isEmpty();
        assertThat(told(new Chilling(COARSE).uncertainty(formula, WORKPLACE))).isEmpty();
        for (int i = 0; i < formula.components().size(); i++) {
            assertThat(told(new Alternatives(COARSE).swaps(formula, i, List.of(), WORKPLACE)))
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("sums")
    void noSumIsToldInCelsius(Sums.Description sum) {
        assertThat(told(sum)).isEmpty();
        assertThat(told(Sums.answer(sum.id(), Map.of(), WORKPLACE).orElseThrow()))
                .isEmpty();
    }

    static List<Sums.Description> sums() {
        return Sums.all(TemperatureScale.FAHRENHEIT);
    }
}
