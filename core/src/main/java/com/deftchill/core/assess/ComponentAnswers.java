package com.deftchill.core.assess;

import com.deftchill.core.assess.ComponentAnswer.Amounts;
import com.deftchill.core.assess.ComponentAnswer.Course;
import com.deftchill.core.assess.ComponentAnswer.SharePart;
import com.deftchill.core.assess.ComponentAnswer.Understood;
import com.deftchill.core.batch.Component;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.dose.DoseStrip;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.judge.serving.ServingVerdicts;
import com.deftchill.core.larder.GelProduct.Form;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What is said of each component by itself. */
final class ComponentAnswers {
    private static final double LEAST_PERCENT = 0.05;

    private ComponentAnswers() {}

    static ComponentAnswer of(Dessert dessert, Portrait portrait) {
        var component = portrait.component();
        boolean ownGel = component.gel() != Component.Gel.NONE;
        return new ComponentAnswer(
                component.id(),
                component.name(),
                component.kind().id(),
                component.kind().words(),
                amounts(portrait),
                figures(dessert, portrait),
                shares(portrait),
                portrait.study().filter(Study::sets).map(ComponentAnswers::course),
                portrait.study().filter(Study::sets).map(study -> Warmings.of(dessert, study)),
                ownGel ? portrait.study().map(DoseStrip::of) : Optional.empty(),
                usedBy(dessert, component));
    }

    private static List<String> usedBy(Dessert dessert, Component component) {
        return dessert.batch().components().stream()
                .filter(other -> other.lines().stream()
                        .flatMap(line -> line.made().stream())
                        .anyMatch(made -> made.of().id().equals(component.id())))
                .map(Component::name)
                .toList();
    }

    private static Amounts amounts(Portrait portrait) {
        var component = portrait.component();
        var gel = component.gel();
        var mix = portrait.mix();
        boolean sheets = gel.product().form() == Form.SHEET;
        return new Amounts(
                component.lines().stream()
                        .map(line -> new Understood(line.part().grams(), line.how()))
                        .toList(),
                gel == Component.Gel.NONE ? Optional.empty() : Optional.of(new Understood(gel.grams(), gel.how())),
                mix.massG(),
                mix.volumeMl(),
                mix.gramsPerMl(),
                100 * mix.airShare(),
                portrait.bed().grams(),
                mix.gelatinPercent(),
                mix.gelatinGramsPerLitre(),
                gel.waterG(),
                sheets ? Optional.of(gel.grams() / gel.product().sheetG()) : Optional.empty());
    }

    private static Course course(Study study) {
        return new Course(
                study.minutesSincePoured(),
                study.scores(),
                study.warmestC(),
                Firmness.score(study.leastPa()),
                Firmness.score(study.mostPa()));
    }

    private static List<SharePart> shares(Portrait portrait) {
        var composition = portrait.mix().composition();
        return Arrays.stream(Constituent.values())
                .map(c -> new SharePart(c.words(), 100 * composition.share(c)))
                .filter(share -> share.percent() >= LEAST_PERCENT)
                .sorted(Comparator.comparingDouble(SharePart::percent).reversed())
                .toList();
    }

    private static List<Figure> figures(Dessert dessert, Portrait portrait) {
        var figures = new ArrayList<Figure>();
        figures.add(made(portrait));
        double used = dessert.batch().usedElsewhere(portrait.component());
        if (used > 0 || !portrait.component().layer()) {
            figures.add(divided(dessert, portrait, used));
        }
        figures.add(new Figure(
                "In each",
                portrait.bed().grams() > 0
                        ? Words.grams(portrait.bed().grams()) + ", "
                                + Words.ml(portrait.bed().ml())
                        : "only inside other components",
                made(portrait).evidence()));
        portrait.study().filter(Study::sets).ifPresent(study -> figures.addAll(ServingVerdicts.figures(study)));
        return figures;
    }

    private static Figure made(Portrait portrait) {
        var mix = portrait.mix();
        var component = portrait.component();
        var given = new ArrayList<Given>();
        for (var line : component.lines()) {
            given.add(new Given(
                    line.part().ingredient().name(), Words.grams(line.part().grams())));
        }
        if (component.gel() != Component.Gel.NONE) {
            given.add(new Given(
                    component.gel().product().name(),
                    Words.grams(component.gel().grams()) + " in "
                            + Words.grams(component.gel().waterG()) + " of water"));
        }
        given.add(new Given("Boils away", Words.grams(component.lostG())));
        given.add(new Given("Air", Words.ml(mix.airMl())));
        given.add(new Given(
                "Density without air", Notation.write(mix.composition().density(20) / 1000, 3) + " g/ml"));
        return new Figure(
                "Yield",
                Words.grams(mix.massG()) + ", " + Words.ml(mix.volumeMl()) + ", " + Notation.write(mix.gramsPerMl(), 2)
                        + " g/ml",
                new Evidence(
                        given,
                        "Everything weighed in less what boils away; volume by the composition's density, plus air in bubbles"
                                + " and pores.",
                        List.of(),
                        "About 1 % without foam, a tenth of the air with it.",
                        "The amounts, the boiling, the whipping and folding."));
    }

    private static Figure divided(Dessert dessert, Portrait portrait, double used) {
        var by = String.join(", ", usedBy(dessert, portrait.component()));
        double left = Math.max(0, 1 - used) * portrait.mix().massG();
        return new Figure(
                "Divided",
                used > 0
                        ? Words.percent(used) + " goes into " + by + "; " + Words.grams(left) + " is left"
                        : "not used by any component yet",
                new Evidence(
                        List.of(new Given("Used by", by), new Given("Share used", Words.percent(used))),
                        "Made once and divided by the shares or grams that other components take.",
                        List.of(),
                        "None.",
                        "The amounts taken."));
    }
}
