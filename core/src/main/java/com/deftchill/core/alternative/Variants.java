package com.deftchill.core.alternative;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Otherwise;
import com.deftchill.core.formula.WrittenFormula.Swapped;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Diet;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.GelProduct.Agent;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Fix.Change;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Vegetarian and alcohol-free variants, and those of the cook's own, computed, with what is not the same about them. */
final class Variants {
    private static final double LEAST_ALCOHOL = 0.03;

    private final Assessor assessor;
    private final WrittenFormula formula;
    private final Workplace workplace;
    private final Dessert now;

    Variants(Assessor assessor, WrittenFormula formula, Workplace workplace, Dessert now) {
        this.assessor = assessor;
        this.formula = formula;
        this.workplace = workplace;
        this.now = now;
    }

    List<Variant> all() {
        var variants = new ArrayList<Variant>();
        for (var agent : List.of(Agent.IOTA, Agent.AGAR)) {
            vegetarian(agent).ifPresent(variants::add);
        }
        withoutAlcohol().ifPresent(variants::add);
        formula.variants().stream()
                .filter(written -> !written.swaps().isEmpty())
                .flatMap(written -> own(written).stream())
                .forEach(variants::add);
        return variants;
    }

    /** One of the cook's own; none where its lines are no longer there. */
    private Optional<Variant> own(Otherwise written) {
        var changed = formula;
        var told = new ArrayList<String>();
        for (var swap : written.swaps()) {
            var portrait = now.portraits().stream()
                    .filter(p -> formula.components().get(p.index()).id().equals(swap.component()))
                    .findFirst();
            int line = portrait.map(p -> line(p, swap.line())).orElse(-1);
            if (line < 0) {
                continue;
            }
            var part = portrait.get().component().lines().get(line).part();
            var instead = workplace.larder().ingredient(swap.of());
            if (instead.isPresent()) {
                told.add(instead.get().name() + " in place of "
                        + part.ingredient().name());
                var amount = Notation.write(part.grams(), 2) + " g";
                changed = Changes.take(
                        changed,
                        List.of(new Change(at(swap) + "/of", swap.of()), new Change(at(swap) + "/amount", amount)));
            } else if (swap.of().isEmpty()) {
                told.add(part.ingredient().name() + " left out");
                changed = without(changed, portrait.get().index(), swap.line());
            }
        }
        return told.isEmpty()
                ? Optional.empty()
                : Optional.of(variant(
                        written.of(),
                        written.name().isBlank() ? "Otherwise" : written.name(),
                        String.join("; ", told) + ". What that does is computed; flavour is by taste.",
                        changed));
    }

    private static String at(Swapped swap) {
        return "/components/" + swap.component() + "/lines/" + swap.line();
    }

    /** Which of a component's lines of ingredients has an id; -1 for none. */
    private int line(Portrait portrait, String id) {
        var written = formula.components().get(portrait.index()).lines();
        for (int i = 0; i < written.size(); i++) {
            if (written.get(i).id().equals(id) && written.get(i).component().isEmpty()) {
                return i;
            }
        }
        return -1;
    }

    /** A line is gone, and from whatever is done to it; a component of nothing else goes with it. */
    private WrittenFormula without(WrittenFormula from, int index, String line) {
        var id = formula.components().get(index).id();
        var components = new ArrayList<>(from.components());
        int at = IntStream.range(0, components.size())
                .filter(i -> components.get(i).id().equals(id))
                .findFirst()
                .orElse(-1);
        if (at < 0) {
            return from;
        }
        var component = components.get(at);
        if (component.lines().stream().allMatch(each -> each.id().equals(line))) {
            components.remove(at);
            return components.isEmpty() ? from : from.withComponents(components);
        }
        var work = component.work().stream()
                .filter(entry -> !entry.lines().equals(List.of(line)))
                .map(entry -> entry.withLines(entry.lines().stream()
                        .filter(other -> !other.equals(line))
                        .toList()))
                .toList();
        components.set(
                at,
                component
                        .withLines(component.lines().stream()
                                .filter(each -> !each.id().equals(line))
                                .toList())
                        .withWork(work));
        return from.withComponents(components);
    }

    private Optional<Variant> vegetarian(Agent agent) {
        var product = workplace.larder().gels().stream()
                .filter(gel -> gel.agent() == agent && gel.diet() == Diet.VEGETARIAN)
                .findFirst();
        if (product.isEmpty()) {
            return Optional.empty();
        }
        var changed = formula;
        boolean any = false;
        boolean folded = false;
        for (var portrait : now.portraits()) {
            var gel = portrait.component().gel().product();
            if (!gel.isGelatin()) {
                continue;
            }
            any = true;
            folded |= portrait.component().lines().stream().anyMatch(line -> line.whipped());
            changed = swapped(changed, portrait, product.get());
        }
        if (!any) {
            return Optional.empty();
        }
        var honest = agent == Agent.AGAR
                ? "Agar is short and brittle, weeps, and melts only near the boil: another dessert in the mouth."
                : "Iota is softer and more elastic, and does not melt on the tongue as gelatin does.";
        return Optional.of(variant(
                "vegetarian-" + product.get().id(),
                "Vegetarian, with " + agent.words(),
                honest
                        + (folded
                                ? " It sets before cream is folded in: stir the hot base into part of the cream, and quickly."
                                : "")
                        + " Check the other ingredients' labels.",
                changed));
    }

    /** The dose of like firmness; for what is only part of others by how much gelatin the agent stands for. */
    private WrittenFormula swapped(WrittenFormula from, Portrait portrait, GelProduct product) {
        int index = portrait.index();
        if (portrait.study().isPresent()) {
            var swap =
                    new Swapping(assessor, formula, workplace, portrait.study().get()).to(product);
            if (!swap.doses().isEmpty()) {
                return Changes.take(from, swap.doses().get(0).fix().changes());
            }
        }
        double grams = portrait.component().gel().grams() / product.heat().likeGelatin();
        return Changes.take(
                from,
                List.of(
                        portrait.change("/gels/0/of", product.id()),
                        portrait.change("/gels/0/amount", Notation.write(grams, 2) + " g"),
                        portrait.change("/gels/0/bloom", "dry"),
                        portrait.change("/gels/0/water", "")));
    }

    private Optional<Variant> withoutAlcohol() {
        var changed = formula;
        var names = new ArrayList<String>();
        for (var portrait : now.portraits()) {
            var lines = portrait.component().lines();
            for (int i = 0; i < lines.size(); i++) {
                var line = lines.get(i);
                var ingredient = line.part().ingredient();
                if (line.made().isEmpty() && ingredient.composition().share(Constituent.ALCOHOL) > LEAST_ALCOHOL) {
                    names.add(ingredient.name());
                    changed = replaced(changed, portrait.index(), i, juiceFor(ingredient.id()));
                }
            }
        }
        return names.isEmpty()
                ? Optional.empty()
                : Optional.of(variant(
                        "without-alcohol",
                        "Without alcohol",
                        "Juice in place of " + String.join(", ", names)
                                + ", gram for gram: sweeter and more acid, firmer where alcohol held the gel back; flavour by taste.",
                        changed));
    }

    /** Red wine gives way to a red juice, all else to a pale one. */
    private static String juiceFor(String id) {
        return id.equals(Roles.RED_WINE) ? Roles.RED_JUICE : Roles.PALE_JUICE;
    }

    private static WrittenFormula replaced(WrittenFormula from, int component, int line, String id) {
        return Changes.set(from, "/components/" + component + "/lines/" + line + "/of", id);
    }

    private Variant variant(String id, String name, String honest, WrittenFormula changed) {
        return new Variant(id, name, honest, changed, Comparison.of(assessor, formula, changed, workplace));
    }
}
