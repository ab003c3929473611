package com.deftchill.server.document;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.text.Words;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a dessert and each kind of component begin with, in a kitchen's measures.
 *
 * @param formula a dessert to start from
 * @param components one of each kind
 */
record Starts(WrittenFormula formula, List<Component> components) {
    private static final Pattern CELSIUS = Pattern.compile("(\\d+) °C");

    static Starts of(Kitchen kitchen, JsonMapper json) {
        var formula = json.readValue(read("formula", kitchen.temperature()), WrittenFormula.class);
        var components = json.readValue(read("components", kitchen.temperature()), Component[].class);
        var first = formula.components().get(0);
        var bloomed = first.withGels(List.of(bloomed(first.gel(), kitchen.bloom())));
        return new Starts(formula.withComponents(List.of(bloomed)), List.of(components));
    }

    /** As the kitchen blooms; only weighed water is weighed. */
    private static Gel bloomed(Gel gel, BloomSchool school) {
        return new Gel(gel.id(), gel.of(), gel.amount(), school.id(), school == BloomSchool.WEIGHED ? gel.water() : "");
    }

    /** A file of starts, its temperatures on a kitchen's scale. */
    static String read(String name, TemperatureScale scale) {
        try (var stream = new ClassPathResource("starts/" + name + ".json").getInputStream()) {
            var text = new String(stream.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
            return CELSIUS.matcher(text)
                    .replaceAll(found -> Words.temperature(Double.parseDouble(found.group(1)), scale));
        } catch (IOException e) {
            throw new UncheckedIOException("starts/" + name + ".json cannot be read", e);
        }
    }
}
