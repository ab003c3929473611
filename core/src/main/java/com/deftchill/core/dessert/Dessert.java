package com.deftchill.core.dessert;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Mixing;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.build.Build;
import com.deftchill.core.build.Settings;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Constants;
import com.deftchill.core.verdict.Evidence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A dessert computed through: each component, and their stack, poured layer upon layer and chilled in one run.
 *
 * @param stack how the layers lie in the mould
 * @param portraits of the components, in the order of the formula
 * @param build how it was poured and chilled
 */
public record Dessert(Batch batch, Kitchen kitchen, Stack stack, List<Portrait> portraits, Build build) {
    public Dessert {
        portraits = List.copyOf(portraits);
    }

    public static Dessert of(Batch batch, Settings settings) {
        var stack = Stack.of(batch);
        var components = batch.components();
        var mixes = components.stream().map(Mixing::of).toList();
        var build = Build.of(batch, stack, mixes, settings);
        var layers = build.byIndex();
        var portraits = new ArrayList<Portrait>();
        for (int i = 0; i < components.size(); i++) {
            var bed = stack.beds().get(i);
            double start = build.startSeconds(i);
            Optional<Study> study = Optional.ofNullable(layers.get(i))
                    .filter(layer -> layer.history() != null)
                    .map(layer ->
                            Study.of(batch, layer, mixes.get(layer.index()), bed, start, build.report(), settings));
            portraits.add(
                    new Portrait(batch, settings.kitchen(), i, components.get(i), mixes.get(i), bed, start, study));
        }
        return new Dessert(batch, settings.kitchen(), stack, portraits, build);
    }

    /** Layers that are poured and chilled, bottom first. */
    public List<Study> studies() {
        return portraits.stream().flatMap(p -> p.study().stream()).toList();
    }

    /** Those of them that set. */
    public List<Study> setting() {
        return studies().stream().filter(Study::sets).toList();
    }

    /** The layer that the dessert is judged by first: of those that set, the largest. */
    public Optional<Study> main() {
        var of = setting().isEmpty() ? studies() : setting();
        return of.stream().max(Comparator.comparingDouble(study -> study.bed().ml()));
    }

    /** Everything together in all moulds and bowls, without counting what goes into other components twice, g. */
    public double totalG() {
        return portraits.stream()
                .mapToDouble(p -> p.mix().massG() * Math.max(0, 1 - batch.usedElsewhere(p.component())))
                .sum();
    }

    /** Mass in each mould, garnish included, g. */
    public double portionG() {
        return stack.beds().stream().mapToDouble(Stack.Bed::grams).sum();
    }

    /** Seconds from the first pour until everything that sets has set; 0 where nothing does. */
    public double setSeconds() {
        return latest(setting().stream().map(s -> s.startSeconds() + s.history().setSeconds()));
    }

    /** Until all of it may be turned out; what is peeled while frozen, until it is. */
    public double readySeconds() {
        return peelsFrozen()
                ? frozenSeconds()
                : latest(setting().stream()
                        .map(s -> s.startSeconds() + s.history().readySeconds()));
    }

    /** Whether it is served before it is ready, although it would be in time. */
    public boolean needsTime() {
        return batch.timetable().ends()
                && Double.isFinite(readySeconds())
                && readySeconds() > batch.timetable().endSeconds();
    }

    /** When one layer may be served as it is meant to be, s after the first pour. */
    public double readyOf(Study study) {
        return study.startSeconds()
                + (batch.turnsOut()
                        ? study.history().readySeconds()
                        : study.history().setSeconds());
    }

    /** How long before service it stands frozen through in a freezer, s: so long it does not age. */
    public double frozenStaySeconds() {
        var table = batch.timetable();
        double from = frozenSeconds();
        double sum = 0;
        for (int i = 0; i < table.stays().size(); i++) {
            var stay = table.stays().get(i);
            if (stay.freezes() && !stay.open()) {
                sum += Math.max(0, table.startSeconds(i + 1) - Math.max(from, table.startSeconds(i)));
            }
        }
        return sum;
    }

    /** Whether any of it has been ice. */
    public boolean wasFrozen() {
        return studies().stream().anyMatch(s -> s.history().wasFrozen());
    }

    /** Until all of it is so cold that it is peeled; infinite if it never is. */
    public double frozenSeconds() {
        return latest(studies().stream().map(s -> s.startSeconds() + s.history().frozenSeconds()));
    }

    /** Until no ice is left and the core is thawed. */
    public double thawedSeconds() {
        return latest(studies().stream()
                .filter(s -> s.history().wasFrozen())
                .map(s -> s.startSeconds() + s.history().thawedSeconds()));
    }

    /** Whether it leaves its mould frozen. */
    public boolean peelsFrozen() {
        return wasFrozen() && batch.turnsOut() && Double.isFinite(frozenSeconds());
    }

    /** When its firmness and height are judged, in words. */
    public String whenJudged() {
        if (wasFrozen()) {
            return "once thawed";
        }
        return batch.timetable().ends()
                ? "at service, " + clock(batch.timetable().endSeconds())
                : "the next day";
    }

    /** Until all of it is at its best. */
    public double bestSeconds() {
        return latest(setting().stream().map(s -> s.startSeconds() + s.history().bestSeconds()));
    }

    private static double latest(Stream<Double> seconds) {
        return seconds.mapToDouble(Double::doubleValue).max().orElse(0);
    }

    /** Height before slumping, mm. */
    public double mouldedMm() {
        return alone().map(s -> s.slump().heightMm()).orElse(stack.fillMm());
    }

    /** Height standing on its plate a day after pouring, mm: solid layers keep theirs. */
    public double standingMm() {
        double lost = studies().stream()
                .mapToDouble(s -> s.bed().heightMm() * strain(s))
                .sum();
        return alone().map(Study::standingMm).orElse(stack.fillMm() - lost);
    }

    /** What does not set does not stand. */
    private static double strain(Study study) {
        return study.sets()
                ? study.judgedStrain()
                : study.parameters().turnout().sags().value();
    }

    /** Greatest mean strain of a layer turned out. */
    public double worstStrain() {
        return studies().stream().mapToDouble(Dessert::strain).max().orElse(0);
    }

    /** The study of a dessert of one component. */
    Optional<Study> alone() {
        return portraits.size() == 1 ? portraits.get(0).study() : Optional.empty();
    }

    /** Mix of everything eaten, g of each constituent over the portions: mass-weighted over the layers. */
    public double grams(Constituent constituent) {
        return portraits.stream()
                .mapToDouble(p -> share(p) * p.mix().grams(constituent))
                .sum();
    }

    private double share(Portrait portrait) {
        return portrait.component().layer() ? Math.max(0, 1 - batch.usedElsewhere(portrait.component())) : 0;
    }

    /** Volume eaten in each portion, ml. */
    double portionMl() {
        return stack.beds().stream().mapToDouble(Stack.Bed::ml).sum();
    }

    /** The mix of a component. */
    Mix mix(int index) {
        return portraits.get(index).mix();
    }

    public String celsius(double celsius) {
        return Words.temperature(celsius, kitchen.temperature());
    }

    public String clock(double seconds) {
        return Words.clock(batch.pouredAt(), seconds);
    }

    /** Constants of the models that it is computed by. */
    public Parameters parameters() {
        return batch.parameters();
    }

    /** A constant as this kitchen reads it, with where it comes from. */
    public Evidence.Constant constant(Parameter parameter) {
        return Constants.constant(parameter, kitchen().temperature());
    }
}
