package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.mix.Treatment;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/** What the ingredients do to a gel: enzymes, tannin, alcohol. */
public final class MixVerdicts {
    /** Of the alcohol from which gelatin may string, so that spirits may differ. */
    private static final double SAFE_OF_STRINGING = 0.8;

    private MixVerdicts() {}

    public static List<Verdict> of(Study study) {
        var verdicts = new ArrayList<Verdict>();
        boolean gelatin = study.component().gelProduct().isGelatin();
        if (gelatin && study.mix().protease() != Protease.NONE) {
            verdicts.add(enzyme(study));
        }
        if (gelatin && tannin(study) >= study.parameters().layers().tannin().value()) {
            verdicts.add(tannins(study));
        }
        if (study.mix().alcoholByVolume()
                > study.parameters().gel().stringsFrom().value()) {
            verdicts.add(tooMuchAlcohol(study));
        }
        return verdicts;
    }

    private static Verdict enzyme(Study study) {
        var from = study.mix().proteaseFrom();
        boolean strong = study.mix().protease() == Protease.STRONG;
        var hot = study.celsius(85);
        var evidence = new Evidence(
                List.of(new Given("Carries the enzyme", from)),
                "Protein-cutting enzymes of raw fruit take the gel apart. Five minutes at " + hot
                        + " or more, or canning, ends" + " them; freezing does not.",
                List.of(new Constant(
                        "factor", strong ? "0" : "0.6", "E", "strong ones prevent the gel, weak ones thin it")),
                "Ripeness and time matter; strong enzymes leave no doubt.",
                "Heat the fruit to " + hot + " for 5 min and cool it, use it canned, or set with agar.");
        var sentence = strong
                ? from + " raw cuts gelatin apart: this will not set, whatever the dose. Heat the fruit to " + hot
                        + " for 5 min first, or use it canned."
                : from + " raw weakens gelatin and makes it weep. Heat the fruit to " + hot + " for 5 min first.";
        return new Verdict(
                "enzyme",
                strong ? Tone.BAD : Tone.CAUTION,
                strong ? "Raw fruit prevents setting" : "Raw fruit weakens the set",
                sentence,
                study.at("/lines"),
                evidence,
                List.of(
                        treatAll(study, Treatment.HEATED, "Heat the fruit to " + hot + " for 5 min, then cool it"),
                        treatAll(study, Treatment.CANNED, "Use it canned")));
    }

    private static Fix treatAll(Study study, Treatment treatment, String label) {
        var lines = study.component().lines();
        var changes = IntStream.range(0, lines.size())
                .filter(i -> lines.get(i).part().protease() != Protease.NONE)
                .mapToObj(i -> new Fix.Change(study.at("/lines/") + i + "/treatment", treatment.id()))
                .toList();
        return new Fix(label, "the enzyme is ended, the gel holds", changes);
    }

    private static double tannin(Study study) {
        return study.component().lines().stream()
                        .map(Component.Line::part)
                        .filter(part -> part.ingredient().has(Trait.TANNIN))
                        .mapToDouble(part -> part.grams())
                        .sum()
                / study.mix().massG();
    }

    private static Verdict tannins(Study study) {
        var evidence = new Evidence(
                List.of(new Given("Tannin-rich liquid of the mix", Words.percent(tannin(study)))),
                "Tannins of strong tea and red wine bind gelatin: it clouds, and some of it is lost to the gel.",
                List.of(study.constant(study.parameters().layers().tannin())),
                "How much is lost is not computed: it depends on the brew.",
                "A shorter or colder brew, milk stirred into it first, a trial cup.");
        return new Verdict(
                "tannin",
                Tone.CAUTION,
                "Tannin binds some of the gelatin",
                Words.percent(tannin(study))
                        + " of the mix is strong tea or wine: it may cloud and set softer than computed. Try one cup first.",
                study.at("/lines"),
                evidence,
                List.of());
    }

    private static Verdict tooMuchAlcohol(Study study) {
        var evidence = new Evidence(
                List.of(new Given(
                        "Alcohol of the liquid", Words.percent(study.mix().alcoholByVolume()) + " by volume")),
                "Gelatin is unaffected to 10 % of alcohol in the liquid, weaker to 20 %, and may string above 25 %.",
                List.of(),
                "An estimate; spirits differ.",
                "Less spirit, more of another liquid.");
        return new Verdict(
                "alcohol-strings",
                Tone.BAD,
                "Too much alcohol",
                Words.percent(study.mix().alcoholByVolume())
                        + " of the liquid is alcohol: gelatin may string and not set.",
                study.at("/lines"),
                evidence,
                lessSpirit(study).stream().toList());
    }

    /** Other liquid of the component in place of some of the spirit, until it is well below what strings. */
    private static Optional<Fix> lessSpirit(Study study) {
        var lines = study.component().lines();
        int spirit = most(lines, line -> line.part().grams() * shareOf(line, Constituent.ALCOHOL));
        int other = most(
                lines,
                line -> shareOf(line, Constituent.ALCOHOL) == 0
                        ? line.part().grams() * shareOf(line, Constituent.WATER)
                        : 0);
        if (spirit < 0 || other < 0) {
            return Optional.empty();
        }
        double aim = SAFE_OF_STRINGING * study.parameters().gel().stringsFrom().value();
        double grams = lines.get(spirit).part().grams();
        double mass = study.mix().massG();
        double alcohol = Mix.alcoholMl(mass * study.mix().composition().share(Constituent.ALCOHOL));
        double water = mass * study.mix().composition().share(Constituent.WATER);
        double more =
                grams * (shareOf(lines.get(other), Constituent.WATER) - shareOf(lines.get(spirit), Constituent.WATER));
        // Of alcohol * left / (alcohol * left + water + more * (1 - left)) = aim.
        double left = aim * (water + more) / (alcohol * (1 - aim) + aim * more);
        if (!(left > 0 && left < 1)) {
            return Optional.empty();
        }
        var less = Words.grams(study.kitchen().weighed(left * grams));
        var instead =
                Words.grams(study.kitchen().weighed(lines.get(other).part().grams() + (1 - left) * grams));
        return Optional.of(new Fix(
                "Use " + less + " of " + lines.get(spirit).part().ingredient().name() + " and " + instead + " of "
                        + lines.get(other).part().ingredient().name(),
                Words.percent(aim) + " of the liquid is alcohol, as much in all",
                List.of(
                        new Fix.Change(study.at("/lines/" + spirit + "/amount"), less),
                        new Fix.Change(study.at("/lines/" + other + "/amount"), instead))));
    }

    private static double shareOf(Component.Line line, Constituent constituent) {
        return line.made().isPresent()
                ? 0
                : line.part().ingredient().composition().share(constituent);
    }

    /** The line that has most of something; -1 where none has any. */
    private static int most(List<Component.Line> lines, ToDoubleFunction<Component.Line> of) {
        return IntStream.range(0, lines.size())
                .filter(i -> of.applyAsDouble(lines.get(i)) > 0)
                .boxed()
                .max(Comparator.comparingDouble(i -> of.applyAsDouble(lines.get(i))))
                .orElse(-1);
    }
}
