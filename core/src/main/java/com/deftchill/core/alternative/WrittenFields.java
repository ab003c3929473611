package com.deftchill.core.alternative;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.kitchen.Workplace;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Every field of a written formula as the cook knows it, under a key that does not hang on what things are called. */
final class WrittenFields {
    private final WrittenFormula formula;
    private final Workplace workplace;
    private final List<Entry> entries = new ArrayList<>();

    WrittenFields(WrittenFormula formula, Workplace workplace) {
        this.formula = formula;
        this.workplace = workplace;
    }

    List<Entry> all() {
        var larder = workplace.larder();
        var mould = formula.mould();
        var cooler = formula.cooler();
        add("name", "Name", formula.name());
        var components = formula.components();
        if (components.size() > 1) {
            add(
                    "order",
                    "Components, bottom first",
                    components.stream().map(this::label).collect(Collectors.joining(", ")));
        }
        components.forEach(this::component);
        add("mould", "Mould", named(larder.mould(mould.mould()).map(m -> m.name()), mould.mould()));
        add("count", "How many", mould.count());
        add("loss", "Lost in bowl and jug", mould.loss());
        add("cooler", "Cooler", named(larder.cooler(cooler.cooler()).map(c -> c.name()), cooler.cooler()));
        add("air", "Its air", cooler.air());
        add("slant", "Slanted up to", mould.slant());
        add("doors", "Opened, times an hour", cooler.doors());
        add("room", "Room", cooler.room());
        add("plate", "Plate", cooler.plate());
        for (int i = 0; i < cooler.places().size(); i++) {
            add("place." + i, "Place " + (i + 1), place(cooler.places().get(i)));
        }
        add("poured", "Poured at (time)", formula.pouredAt());
        add("served", "Served", formula.served());
        add("wanted", "Wanted", formula.wanted());
        add("measures", "Spoons and cups", formula.measures());
        for (var own : formula.own()) {
            add(
                    "own." + own.kind() + "." + own.id(),
                    "Own " + own.kind() + " " + own.id(),
                    own.fields().entrySet().stream()
                            .sorted(java.util.Map.Entry.comparingByKey())
                            .filter(field -> !field.getValue().isBlank())
                            .map(field -> field.getKey() + " " + field.getValue())
                            .collect(Collectors.joining(", ")));
        }
        return entries;
    }

    private void component(Component c) {
        var larder = workplace.larder();
        var key = "component." + c.id() + ".";
        var prefix = formula.components().size() == 1 ? "" : label(c) + ": ";
        add(key + "name", prefix + "Name of the component", c.name());
        for (var line : c.lines()) {
            add(
                    key + "line." + line.id() + "." + line.ingredient(),
                    prefix + lineName(c, line),
                    joined(line.amount().isEmpty() ? "no amount" : line.amount(), line.treatment(), line.share()));
        }
        var gel = c.gel();
        add(
                key + "gel",
                prefix + "Gelling agent",
                named(larder.gel(gel.product()).map(g -> g.name()), gel.product()));
        add(key + "dose", prefix + "Dose", gel.amount());
        add(key + "bloom", prefix + "Bloom", joined(gel.bloom(), gel.bloomWater()));
        add(key + "hot", prefix + "Heated to", c.heat().hot());
        add(key + "held", prefix + "Held hot", c.heat().held());
        add(key + "cold", prefix + "Cold share at", c.heat().cold());
        var fold = c.fold();
        add(key + "whip", prefix + "Whipped and folded", joined(fold.whip(), fold.school()));
        add(key + "base", prefix + "Base at folding", fold.base());
        add(key + "foam", prefix + "Foam at folding", fold.foam());
        var cook = c.cook();
        add(key + "join", prefix + "Joined and cooked", joined(cook.join(), cook.stage()));
        add(key + "minutes", prefix + "Cooked for", cook.minutes());
        add(key + "away", prefix + "Boiled away", cook.boiledAway());
        add(key + "dip", prefix + "Dipped", joined(c.soak().dip(), c.soak().barrier()));
        var crust = c.crust();
        add(key + "thickness", prefix + "Base, thickness", joined(crust.thickness(), crust.finish()));
        add(key + "wall", prefix + "Base, wall", crust.wall());
        add(key + "kind", prefix + "Kind", joined(c.kind(), c.place()));
        add(key + "pour", prefix + "Poured at (temperature)", c.pourTemperature());
        for (var step : c.steps()) {
            var words = step.of().startsWith("move:") ? "Step moved: " : "Own words: ";
            add(key + "step." + step.of(), prefix + words + step.of(), joined(step.text(), step.minutes()));
        }
    }

    /** What is not written is no row of its own. */
    private void add(String key, String name, String text) {
        if (!text.isEmpty()) {
            entries.add(new Entry(key, name, text));
        }
    }

    /** A component's name; several of the same name are numbered, by their ids and so alike in whatever order they lie. */
    private String label(Component component) {
        var same = formula.components().stream()
                .filter(other -> other.name().equals(component.name()))
                .map(Component::id)
                .sorted()
                .toList();
        return same.size() == 1 ? component.name() : component.name() + " (" + (same.indexOf(component.id()) + 1) + ")";
    }

    private String lineName(Component component, WrittenFormula.Line line) {
        var same = component.lines().stream()
                .filter(other -> other.ingredient().equals(line.ingredient()))
                .toList();
        int number = same.indexOf(line);
        return number == 0 ? ingredient(line) : ingredient(line) + " (" + (number + 1) + ")";
    }

    private String ingredient(WrittenFormula.Line line) {
        return formula.components().stream()
                .filter(component -> line.ingredient().equals("@" + component.id()))
                .map(this::label)
                .findFirst()
                .orElseGet(() ->
                        named(workplace.larder().ingredient(line.ingredient()).map(i -> i.name()), line.ingredient()));
    }

    private String place(WrittenFormula.Stay stay) {
        var name = stay.place().isEmpty()
                ? "its cooler"
                : named(workplace.larder().cooler(stay.place()).map(c -> c.name()), stay.place());
        return Arrays.stream(new String[] {name, stay.air(), stay.stay(), stay.cover(), stay.stand()})
                .filter(text -> !text.isBlank())
                .collect(Collectors.joining(", "));
    }

    private static String named(Optional<String> name, String id) {
        return name.orElse(id);
    }

    private static String joined(String... texts) {
        return Arrays.stream(texts).filter(text -> !text.isEmpty()).collect(Collectors.joining(" "));
    }
}
