package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.larder.GelatinProduct.Form;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;

/** What can be said of the mix before it is chilled: enzymes, bloom water, pour temperature, alcohol. */
final class MixVerdicts {
    /** Water below this many times the gelatin's mass hydrates it unevenly (handbook 2). */
    private static final double LEAST_BLOOM = 4;

    private static final double USUAL_BLOOM = 5;
    /** How far above its onset of setting a mix is still poured smoothly, K (handbook 5). */
    private static final double POUR_MARGIN_K = 3;
    /** Above this the strength of gelatin is lost noticeably, °C (handbook 2). */
    private static final double STRENGTH_LOST_C = 80;

    private static final double STRING_ABV = 0.25;

    private MixVerdicts() {}

    static List<Verdict> of(Study study) {
        var verdicts = new ArrayList<Verdict>();
        if (study.mix().protease() != Protease.NONE) {
            verdicts.add(enzyme(study));
        }
        if (study.mix().waterG() < LEAST_BLOOM * study.mix().gelatinG()) {
            verdicts.add(noWater(study));
        } else if (ratio(study) < LEAST_BLOOM) {
            verdicts.add(bloom(study));
        }
        double pour = study.batch().component().pourC();
        if (pour < study.onsetC() + POUR_MARGIN_K) {
            verdicts.add(pouredTooCold(study));
        } else if (pour > STRENGTH_LOST_C) {
            verdicts.add(pouredTooHot(study));
        }
        if (study.mix().alcoholByVolume() > STRING_ABV) {
            verdicts.add(tooMuchAlcohol(study));
        }
        return verdicts;
    }

    private static Verdict enzyme(Study study) {
        var from = study.mix().proteaseFrom();
        boolean strong = study.mix().protease() == Protease.STRONG;
        var evidence = new Evidence(
                List.of(new Given("Carries the enzyme", from)),
                "Protein-cutting enzymes of raw fruit take the gel apart. Five minutes at 85 °C or more, or canning, ends"
                        + " them; freezing does not.",
                List.of(new Constant(
                        "factor", strong ? "0" : "0.6", "E", "strong ones prevent the gel, weak ones thin it")),
                "Ripeness and time matter; strong enzymes leave no doubt.",
                "Heat the fruit to 85 °C for 5 min and cool it, use it canned, or set with agar.");
        var sentence = strong
                ? from
                        + " cuts gelatin apart: this will not set, whatever the dose. Heat the fruit to 85 °C for 5 min first, or use it canned."
                : from + " weakens gelatin and makes it weep. Heat the fruit to 85 °C for 5 min first.";
        return new Verdict(
                "enzyme",
                strong ? Tone.BAD : Tone.CAUTION,
                strong ? "Raw fruit prevents setting" : "Raw fruit weakens the set",
                sentence,
                "/components/0/lines",
                evidence,
                List.of());
    }

    private static double ratio(Study study) {
        return study.batch().component().bloomWaterG()
                / study.batch().component().gelatinG();
    }

    private static Verdict bloom(Study study) {
        var component = study.batch().component();
        double water = USUAL_BLOOM * component.gelatinG();
        boolean sheets = component.gelatin().form() == Form.SHEET;
        var sentence = "Bloom water is " + Typed.write(ratio(study), 1) + " x the gelatin; "
                + (sheets
                        ? "squeezed sheets keep about 5 x their mass, and that water counts."
                        : "below 4 x powder swells unevenly and leaves grains.");
        var fix = new Fix(
                "Count " + Words.grams(water) + " of bloom water",
                "5 x the gelatin",
                List.of(new Fix.Change("/components/0/gelatin/bloomWater", Words.grams(water))));
        return new Verdict(
                "bloom-short",
                Tone.CAUTION,
                sheets ? "More bloom water than counted" : "Too little bloom water",
                sentence,
                "/components/0/gelatin/bloomWater",
                bloomEvidence(study),
                List.of(fix));
    }

    private static Verdict noWater(Study study) {
        return new Verdict(
                "gelatin-over-water",
                Tone.BAD,
                "More gelatin than the water can take up",
                Words.grams(study.mix().gelatinG()) + " of gelatin for "
                        + Words.grams(study.mix().waterG())
                        + " of water in all: at least 4 x is needed for it to swell and dissolve.",
                "/components/0/gelatin/amount",
                bloomEvidence(study),
                List.of());
    }

    private static Evidence bloomEvidence(Study study) {
        var component = study.batch().component();
        return new Evidence(
                List.of(
                        new Given("Gelatin", Words.grams(component.gelatinG())),
                        new Given("Bloom water", Words.grams(component.bloomWaterG())),
                        new Given(
                                "Water of the whole mix",
                                Words.grams(study.mix().waterG()))),
                "Powder takes 5 to 6 x its mass of cold water, 5 to 10 min; squeezed sheets keep 4 to 7 x.",
                List.of(
                        new Constant("least", "4 x", "L", "kitchen practice"),
                        new Constant("sheets keep", "5 x (4 to 7)", "E", "engineering estimate")),
                "Weigh a squeezed batch of sheets once to know your own figure.",
                "The bloom water.");
    }

    private static Verdict pouredTooCold(Study study) {
        double lowest = Math.ceil(study.onsetC() + POUR_MARGIN_K);
        var component = study.batch().component();
        var sentence = "Poured at " + Words.celsius(component.pourC()) + ", but this mix starts to set at "
                + Words.celsius(study.onsetC()) + " and pours smoothly from " + Words.celsius(lowest) + ".";
        var fix = new Fix(
                "Pour at " + Words.celsius(lowest),
                "still pours smoothly",
                List.of(new Fix.Change("/components/0/pourTemperature", Words.celsius(lowest))));
        return new Verdict(
                "poured-too-cold",
                Tone.BAD,
                "Sets before it is poured",
                sentence,
                "/components/0/pourTemperature",
                pourEvidence(study),
                List.of(fix));
    }

    private static Verdict pouredTooHot(Study study) {
        var sentence = "Poured at " + Words.celsius(study.batch().component().pourC())
                + ": gelatin loses strength above 80 °C, and the walls and the fridge take all that heat. Let it cool first.";
        return new Verdict(
                "poured-hot",
                Tone.CAUTION,
                "Very hot at pouring",
                sentence,
                "/components/0/pourTemperature",
                pourEvidence(study),
                List.of());
    }

    private static Evidence pourEvidence(Study study) {
        return new Evidence(
                List.of(
                        new Given("Gelatin in the water", Typed.write(study.gramsPerLitre(), 1) + " g/L"),
                        new Given("Gel melts at", Words.celsius(study.meltC())),
                        new Given("Starts to set at", Words.celsius(study.onsetC()))),
                "A gel melts where its equilibrium helix concentration falls to c*; on cooling it starts about 5 K lower. Pour"
                        + " at least 3 K above that.",
                List.of(
                        new Constant("onset below melting", "5 K", "E", "engineering estimate"),
                        new Constant("margin", "3 K", "E", "engineering estimate")),
                "About 2 K.",
                "A warmer mix at pouring, less gelatin.");
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
                "/components/0/lines",
                evidence,
                List.of());
    }
}
