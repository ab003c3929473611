package com.deftchill.core.dose;

import com.deftchill.core.dessert.Study;
import com.deftchill.core.gel.GelatinModel;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.ArrayList;
import java.util.List;

/** Evidence shared by every figure that comes from the gel. */
public final class GelEvidence {
    private static final String HELIX =
            "helix-concentration master curve: Joly-Duhamel, Hellio, Ajdari, Djabourov 2002";
    private static final String ESTIMATE = "engineering estimate, to be fitted from the log";

    private GelEvidence() {}

    /** Where the firmness comes from. */
    public static Evidence firmness(Study study) {
        return new Evidence(
                dose(study),
                rule(study) + " The scale runs from 0 at 20 Pa to 100 at 20 kPa, logarithmic.",
                constants(study),
                "About a quarter either way for a known gelatin; a lot's true strength may differ by a tenth.",
                "The dose, the grade of gelatin, the share of water, a colder fridge, a longer wait.");
    }

    /** The dose, its concentration, every factor by name, and the result. */
    static List<Given> dose(Study study) {
        var component = study.component();
        var given = new ArrayList<Given>();
        given.add(new Given(
                gelling(study),
                Words.grams(component.gel().grams()) + " of "
                        + component.gel().product().name()));
        given.add(new Given(
                "Water of the whole mix, bloom water included",
                Words.grams(study.mix().waterG())));
        given.add(new Given(
                gelling(study) + " of the total mass",
                Notation.write(study.mix().gelatinPercent(), 2) + " %"));
        given.add(new Given(gelling(study) + " in the water (c)", Notation.write(study.gramsPerLitre(), 1) + " g/L"));
        for (var factor : study.factors().factors()) {
            given.add(new Given(
                    "Factor: " + factor.name(),
                    "x " + Notation.write(factor.value(), 2) + " (" + factor.because() + ")"));
        }
        given.add(new Given(
                study.model() instanceof GelatinModel ? "Helix share a day after pouring" : "Set a day after pouring",
                Words.percent(study.history().meanShareWhenJudged())));
        given.add(new Given("Firmness a day after pouring (G')", Words.pascal(study.judgedPa())));
        return given;
    }

    /** Gelatin, or the name of the agent. */
    private static String gelling(Study study) {
        var product = study.component().gelProduct();
        return product.isGelatin() ? "Gelatin" : product.name();
    }

    private static String rule(Study study) {
        return study.model() instanceof GelatinModel
                ? "Firmness G' = G0 x factors x (c x helix share / c* - 1)^1.9, at each point of the dessert along its own"
                        + " temperature."
                : "A simpler model: as firm as its mass times the figure below of 200 Bloom gelatin, set within minutes"
                        + " below its setting temperature. Its texture is another one.";
    }

    static List<Constant> constants(Study study) {
        if (!(study.model() instanceof GelatinModel gelatin)) {
            var heat = study.component().gelProduct().heat();
            return List.of(
                    new Constant("Stands for gelatin", Notation.write(heat.likeGelatin(), 1) + " x", "E", ESTIMATE),
                    new Constant("Sets below", study.celsius(heat.setsC()), "L", "typical value"),
                    new Constant("Melts above", study.celsius(heat.meltsC()), "L", "typical value"));
        }
        var p = gelatin.parameters();
        return List.of(
                study.constant(p.criticalHelix()),
                study.constant(p.exponent()),
                study.constant(p.scale()),
                new Constant(
                        "Helix share at " + study.celsius(10) + " after 17 h",
                        Words.percent(gelatin.helixShareAt10()),
                        "S",
                        "from the definition of Bloom"),
                study.constant(p.firstTime()),
                study.constant(p.secondTime()),
                study.constant(p.thirdTime()),
                study.constant(p.fourthTime()));
    }
}
