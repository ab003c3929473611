package com.deftchill.core.assess;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.kitchen.Workplace;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Two states of a formula side by side: what changed, and what it did.
 *
 * @param changes fields that differ, as written; text is empty where a side does not have the field
 * @param figures computed figures of both; text is empty where a side cannot be computed
 * @param before the line of the first, or why it cannot be computed
 * @param after the line of the second
 */
public record Comparison(List<Row> changes, List<Row> figures, String before, String after) {

    /** A figure or field of both sides, and whether they differ. */
    public record Row(String name, String before, String after, boolean differs) {}

    static Comparison of(Assessor assessor, WrittenFormula first, WrittenFormula second, Workplace workplace) {
        var before = assessor.assess(first, workplace);
        var after = assessor.assess(second, workplace);
        var changes = rowsOf(fields(first, workplace), fields(second, workplace)).stream()
                .filter(Row::differs)
                .toList();
        var figures = rowsOf(
                before.assessment().map(Figures::of).orElse(Map.of()),
                after.assessment().map(Figures::of).orElse(Map.of()));
        return new Comparison(changes, figures, line(before), line(after));
    }

    private static String place(WrittenFormula.Stay stay, Workplace workplace) {
        var name = stay.place().isEmpty()
                ? "its cooler"
                : workplace.larder().cooler(stay.place()).map(c -> c.name()).orElse(stay.place());
        return Stream.of(name, stay.air(), stay.stay(), stay.cover(), stay.stand())
                .filter(text -> !text.isBlank())
                .collect(Collectors.joining(", "));
    }

    private static String line(Assessor.Outcome outcome) {
        return outcome.assessment()
                .map(a -> String.join(
                        " ", a.line().stream().map(Assessment.Sentence::text).toList()))
                .orElseGet(() -> outcome.problems().get(0).field() + " "
                        + outcome.problems().get(0).rule());
    }

    /** Two lists of figures side by side, by name. */
    static List<Row> rowsOf(Map<String, String> first, Map<String, String> second) {
        var names = new LinkedHashSet<>(first.keySet());
        names.addAll(second.keySet());
        var rows = new ArrayList<Row>();
        for (var name : names) {
            var before = first.getOrDefault(name, "");
            var after = second.getOrDefault(name, "");
            rows.add(new Row(name, before, after, !before.equals(after)));
        }
        return rows;
    }

    /** Every field as the cook knows it; a second line of one ingredient is told apart by its number. */
    private static Map<String, String> fields(WrittenFormula f, Workplace workplace) {
        var larder = workplace.larder();
        var fields = new LinkedHashMap<String, String>();
        fields.put("Name", f.name());
        boolean one = f.components().size() == 1;
        for (var component : f.components()) {
            component(one ? "" : component.name() + ": ", component, f, workplace, fields);
        }
        fields.put(
                "Mould",
                larder.mould(f.mould().mould())
                        .map(m -> m.name())
                        .orElse(f.mould().mould()));
        fields.put("How many", f.mould().count());
        fields.put("Lost in bowl and jug", f.mould().loss());
        fields.put(
                "Cooler",
                larder.cooler(f.cooler().cooler())
                        .map(c -> c.name())
                        .orElse(f.cooler().cooler()));
        fields.put("Its air", f.cooler().air());
        fields.put("Slanted up to", f.mould().slant());
        fields.put("Opened, times an hour", f.cooler().doors());
        fields.put("Room", f.cooler().room());
        fields.put("Plate", f.cooler().plate());
        for (int i = 0; i < f.cooler().places().size(); i++) {
            fields.put("Place " + (i + 1), place(f.cooler().places().get(i), workplace));
        }
        fields.put("Poured at (time)", f.pouredAt());
        fields.put("Served", f.served());
        fields.put("Wanted", f.wanted());
        fields.put("Spoons and cups", f.measures());
        return fields;
    }

    private static void component(
            String prefix, Component component, WrittenFormula f, Workplace workplace, Map<String, String> fields) {
        var larder = workplace.larder();
        for (var line : component.lines()) {
            var name = prefix + name(line.ingredient(), f, workplace);
            int number = 2;
            var key = name;
            while (fields.containsKey(key)) {
                key = name + " (" + number++ + ")";
            }
            fields.put(key, joined(line.amount(), line.treatment(), line.share()));
        }
        var gel = component.gel();
        put(
                fields,
                prefix + "Gelling agent",
                larder.gel(gel.product()).map(g -> g.name()).orElse(gel.product()));
        put(fields, prefix + "Dose", gel.amount());
        put(fields, prefix + "Bloom", joined(gel.bloom(), gel.bloomWater()));
        put(fields, prefix + "Heated to", component.heat().hot());
        put(fields, prefix + "Held hot", component.heat().held());
        put(fields, prefix + "Cold share at", component.heat().cold());
        var fold = component.fold();
        put(fields, prefix + "Whipped and folded", joined(fold.whip(), fold.school(), fold.base(), fold.foam()));
        var cook = component.cook();
        put(fields, prefix + "Cooked", joined(cook.join(), cook.stage(), cook.minutes(), cook.boiledAway()));
        put(
                fields,
                prefix + "Dipped",
                joined(component.soak().dip(), component.soak().barrier()));
        var crust = component.crust();
        put(fields, prefix + "Base", joined(crust.thickness(), crust.wall(), crust.finish()));
        put(fields, prefix + "Kind", joined(component.kind(), component.place()));
        put(fields, prefix + "Poured at (temperature)", component.pourTemperature());
        for (var step : component.steps()) {
            put(fields, prefix + "Own words on " + step.of(), joined(step.text(), step.minutes()));
        }
    }

    /** What is not written is no row of its own. */
    private static void put(Map<String, String> fields, String name, String text) {
        if (!text.isEmpty()) {
            fields.put(name, text);
        }
    }

    private static String name(String ingredient, WrittenFormula f, Workplace workplace) {
        return f.components().stream()
                .filter(component -> ingredient.equals("@" + component.id()))
                .map(Component::name)
                .findFirst()
                .orElseGet(() -> workplace
                        .larder()
                        .ingredient(ingredient)
                        .map(i -> i.name())
                        .orElse(ingredient));
    }

    private static String joined(String... texts) {
        return String.join(" ", Arrays.stream(texts).filter(t -> !t.isEmpty()).toList());
    }
}
