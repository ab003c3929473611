package com.deftchill.core.label;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Component;
import java.util.List;
import java.util.stream.Stream;

/**
 * What a dessert is found by: what is in it.
 *
 * @param ingredients names of its ingredients and gelling agents, each once
 * @param allergens ids of those that they contain, each once
 */
public record Contents(List<String> ingredients, List<String> allergens) {
    public Contents {
        ingredients = List.copyOf(ingredients);
        allergens = List.copyOf(allergens);
    }

    public static Contents of(Batch batch) {
        var ingredients = batch.components().stream()
                .flatMap(component -> component.lines().stream())
                .filter(line -> line.made().isEmpty())
                .map(line -> line.part().ingredient())
                .distinct()
                .toList();
        var gels = batch.components().stream()
                .map(Component::gel)
                .filter(gel -> gel != Component.Gel.NONE)
                .map(Component.Gel::product)
                .distinct()
                .toList();
        return new Contents(
                Stream.concat(
                                ingredients.stream().map(i -> i.name()),
                                gels.stream().map(g -> g.name()))
                        .distinct()
                        .toList(),
                Stream.concat(
                                ingredients.stream().flatMap(i -> i.labelling().allergens().stream()),
                                gels.stream().flatMap(g -> g.allergens().stream()))
                        .distinct()
                        .sorted()
                        .toList());
    }
}
