package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Whether each bowl holds only what whips together. */
final class BowlVerdicts {
    private final Portrait portrait;
    private final Component component;
    private final Foaming foaming;

    private BowlVerdicts(Portrait portrait) {
        this.portrait = portrait;
        component = portrait.component();
        foaming = new Foaming(component);
    }

    static List<Verdict> of(Portrait portrait) {
        var of = new BowlVerdicts(portrait);
        return of.component.foams().stream()
                .flatMap(foam -> of.oneBowl(foam).stream())
                .toList();
    }

    /** Whites do not whip with cream in the bowl: asked where one foam holds both, as older documents could not but have it. */
    private Optional<Verdict> oneBowl(Component.Foam foam) {
        var lines = foaming.linesOf(foam.id());
        boolean cream = lines.stream()
                .anyMatch(line ->
                        line.made().isEmpty() && Foaming.isCream(line.part().ingredient()));
        var whites = lines.stream().filter(BowlVerdicts::isWhite).toList();
        if (!cream || whites.isEmpty()) {
            return Optional.empty();
        }
        var sugar = lines.stream()
                .filter(line -> line.part().ingredient().group().equals("sugar"))
                .toList();
        var withSugar = Stream.concat(whites.stream(), sugar.stream()).toList();
        var fixes = new ArrayList<Fix>();
        fixes.add(ofItsOwn(sugar.isEmpty() ? "" : ", with the sugar", foam, withSugar));
        if (!sugar.isEmpty()) {
            fixes.add(ofItsOwn(", the sugar with the cream", foam, whites));
        }
        return Optional.of(new Verdict(
                "one-bowl",
                Tone.CAUTION,
                "Whites and cream are written in one bowl",
                "They do not whip together: each by itself, the whites folded in first."
                        + (sugar.isEmpty() ? "" : " Which of them has the sugar?"),
                portrait.at("/foams"),
                new Evidence(
                        List.of(new Given(
                                "In one bowl",
                                lines.stream()
                                        .map(line -> line.part().ingredient().name())
                                        .collect(Collectors.joining(", ")))),
                        "Fat keeps whites from foaming: whites and cream are whipped apart.",
                        List.of(),
                        "None.",
                        "A bowl for each."),
                fixes));
    }

    private static boolean isWhite(Component.Line line) {
        var ingredient = line.part().ingredient();
        return line.made().isEmpty()
                && ingredient.has(Trait.EGG)
                && ingredient.composition().fat() < Foaming.WHITES_FAT;
    }

    /** Lines that get a bowl of their own, whipped as the one that they were in. */
    private Fix ofItsOwn(String how, Component.Foam foam, List<Component.Line> lines) {
        int next = component.foams().size();
        var id = "f" + (next + 1);
        while (taken(id)) {
            id += "b";
        }
        var changes = new ArrayList<Fix.Change>();
        changes.add(portrait.change("/foams/" + next + "/id", id));
        changes.add(
                portrait.change("/foams/" + next + "/stage", foam.fold().whip().id()));
        for (int i = 0; i < component.lines().size(); i++) {
            if (lines.contains(component.lines().get(i))) {
                changes.add(portrait.change("/lines/" + i + "/foam", id));
            }
        }
        return new Fix("Whip the whites by themselves" + how, "two bowls, each to its own stage", changes);
    }

    private boolean taken(String id) {
        return component.foams().stream().anyMatch(foam -> foam.id().equals(id));
    }
}
