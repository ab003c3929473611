package com.deftchill.core.dessert;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Constants;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Fix;
import java.util.List;
import java.util.Optional;

/**
 * One component of a dessert as its verdicts see it.
 *
 * @param index in the formula
 * @param mix what it comes to, air included
 * @param bed where it lies in the mould
 * @param startSeconds when it is laid or poured in, after the first layer, s
 * @param study of its chill; absent for what is not poured as a layer
 */
public record Portrait(
        Batch batch,
        Kitchen kitchen,
        int index,
        Component component,
        Mix mix,
        Stack.Bed bed,
        double startSeconds,
        Optional<Study> study) {

    public Kind kind() {
        return component.kind();
    }

    /** JSON pointer to a place in this component, such as {@code /gels/0/amount}. */
    public String at(String place) {
        return "/components/" + index + place;
    }

    /** JSON pointer to a place in a line. */
    public String line(int line, String field) {
        return at("/lines/" + line + "/" + field);
    }

    public String celsius(double celsius) {
        return Words.temperature(celsius, kitchen.temperature());
    }

    /** A range of temperatures as this kitchen reads it. */
    public String celsius(double low, double high) {
        return Words.temperatures(low, high, kitchen.temperature());
    }

    /** A difference of temperature as this kitchen reads it. */
    public String difference(double kelvin) {
        return Words.difference(kelvin, kitchen.temperature());
    }

    public String name() {
        return component.name();
    }

    /** A change of one field. */
    public Fix.Change change(String place, String value) {
        return new Fix.Change(at(place), value);
    }

    /** A line more or less of an ingredient of this component: its present grams and so many on top. */
    public Optional<Fix.Change> more(String ingredient, double grams) {
        for (int i = 0; i < component.lines().size(); i++) {
            var part = component.lines().get(i).part();
            if (part.ingredient().id().equals(ingredient)) {
                return Optional.of(new Fix.Change(line(i, "amount"), Words.grams(weighed(part.grams() + grams))));
            }
        }
        return Optional.empty();
    }

    public double weighed(double grams) {
        return kitchen.weighed(grams);
    }

    /** Lines of the ingredients of a group. */
    public List<Component.Line> group(String group) {
        return component.lines().stream()
                .filter(line -> line.part().ingredient().group().equals(group))
                .toList();
    }

    /** Constants of the models that it is computed by. */
    public Parameters parameters() {
        return component.parameters();
    }

    /** A constant as this kitchen reads it, with where it comes from. */
    public Evidence.Constant constant(Parameter parameter) {
        return Constants.constant(parameter, kitchen.temperature());
    }
}
