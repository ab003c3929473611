package com.deftchill.core.alternative;

import com.deftchill.core.formula.Shares;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.text.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
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
        var mould = formula.moulds();
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
        add("mould", "Mould", named(larder.mould(mould.of()).map(m -> m.name()), mould.of()));
        add("count", "How many", mould.count());
        add("portions", "Portions of each", mould.portions());
        add("loss", "Lost in bowl and jug", mould.loss());
        add("cooler", "Cooler", named(larder.cooler(cooler.of()).map(c -> c.name()), cooler.of()));
        add("air", "Its air", cooler.air());
        add("slant", "Slanted up to", mould.slant());
        add("doors", "Opened, times an hour", cooler.doors());
        add("room", "Room", formula.room());
        add("plate", "Plate", formula.plate());
        for (int i = 0; i < cooler.places().size(); i++) {
            add("place." + i, "Place " + (i + 1), place(cooler.places().get(i)));
        }
        add("poured", "Poured at (time)", formula.starts());
        add("served", "Served", formula.served());
        add("wanted", "Wanted", formula.wanted());
        add("eatenAt", "Eaten at", formula.eatenAt());
        add("readyBy", "Ready by", formula.readyBy());
        add("dip", "Dip", joined(formula.dipWater(), formula.dipLasts()));
        for (var variant : formula.variants()) {
            var name = variant.name().isBlank() ? variant.of() : variant.name();
            add("variant." + variant.of(), "Made otherwise: " + name, variant.count());
        }
        add("notes", "Notes", formula.notes());
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
                    key + "line." + line.id() + "." + line.of() + line.component(),
                    prefix + lineName(c, line),
                    joined(
                            line.amount().isEmpty() ? "no amount" : line.amount(),
                            line.treatment(),
                            Shares.of(c, line)));
        }
        gels(c, key, prefix);
        foams(c, key, prefix);
        add(key + "kind", prefix + "Kind", joined(c.kind(), c.role()));
        c.work().forEach(entry -> work(entry, key + "work." + entry.id() + ".", prefix));
    }

    private void gels(Component c, String key, String prefix) {
        for (int i = 0; i < c.gels().size(); i++) {
            var gel = c.gels().get(i);
            var of = i == 0 ? "" : " " + (i + 1);
            add(
                    key + "gel." + gel.id(),
                    prefix + "Gelling agent" + of,
                    named(workplace.larder().gel(gel.of()).map(g -> g.name()), gel.of()));
            add(key + "dose." + gel.id(), prefix + "Dose" + of, gel.amount());
            add(key + "bloom." + gel.id(), prefix + "Bloom" + of, joined(gel.bloom(), gel.water()));
        }
    }

    private void foams(Component c, String key, String prefix) {
        for (int i = 0; i < c.foams().size(); i++) {
            var foam = c.foams().get(i);
            var of = i == 0 ? "" : " " + (i + 1);
            add(key + "foam." + foam.id() + ".stage", prefix + "Whipped" + of, joined(foam.stage(), foam.cooking()));
            add(key + "foam." + foam.id() + ".at", prefix + "Foam at folding" + of, foam.at());
        }
    }

    /** Fields of something that is done, as the cook knows them. */
    private static final Map<String, String> WORK = Map.ofEntries(
            Map.entry("heat.to", "Heated to"),
            Map.entry("heat.stage", "Burnt to"),
            Map.entry("hold.lasts", "Held hot"),
            Map.entry("join.at", "Cold share at"),
            Map.entry("join.way", "Joined"),
            Map.entry("fold.way", "Folded"),
            Map.entry("fold.base", "Base at folding"),
            Map.entry("boil.lasts", "Cooked for"),
            Map.entry("boil.away", "Boiled away"),
            Map.entry("soak.lasts", "Dipped"),
            Map.entry("soak.barrier", "Barrier below"),
            Map.entry("press.thickness", "Base, thickness"),
            Map.entry("press.wall", "Base, wall"),
            Map.entry("press.way", "Base is"),
            Map.entry("pour.at", "Poured at (temperature)"),
            Map.entry("pour.when", "Poured"),
            Map.entry("pour.clock", "Poured not before"),
            Map.entry("pour.lasts", "Poured after"));

    private void work(Work entry, String key, String prefix) {
        for (var field : Work.FIELDS) {
            var text = entry.text(field);
            var name = WORK.getOrDefault(entry.verb() + "." + field, Words.capital(entry.verb()) + ", " + field);
            add(key + field, prefix + name, text);
        }
        var words = entry.verb().equals("own") ? "own step after " + entry.follows() : entry.verb();
        add(key + "text", prefix + "Own words: " + words, joined(entry.text(), entry.minutes()));
        add(key + "before", prefix + "Step moved: " + entry.verb(), entry.before());
    }

    /** What is not written is no row of its own. */
    private void add(String key, String name, String text) {
        if (!text.isEmpty()) {
            entries.add(Entry.of(key, name, text));
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
                .filter(other ->
                        other.of().equals(line.of()) && other.component().equals(line.component()))
                .toList();
        int number = same.indexOf(line);
        return number == 0 ? ingredient(line) : ingredient(line) + " (" + (number + 1) + ")";
    }

    private String ingredient(WrittenFormula.Line line) {
        return formula.components().stream()
                .filter(component -> line.component().equals(component.id()))
                .map(this::label)
                .findFirst()
                .orElseGet(() -> named(workplace.larder().ingredient(line.of()).map(i -> i.name()), line.of()));
    }

    private String place(WrittenFormula.Stay stay) {
        var name = stay.of().isEmpty()
                ? "its cooler"
                : named(workplace.larder().cooler(stay.of()).map(c -> c.name()), stay.of());
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
