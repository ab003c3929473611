package com.deftchill.core.judge.component;

import com.deftchill.core.dessert.Study;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.larder.GelProduct.Form;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;

/** Whether the gelatin gets the water it needs, by the school that the formula follows. */
public final class BloomVerdicts {
    private BloomVerdicts() {}

    public static List<Verdict> of(Study study) {
        var verdicts = new ArrayList<Verdict>();
        var gel = study.component().gel();
        if (study.mix().waterG()
                < study.parameters().gel().leastBloom().value() * study.mix().gelatinG()) {
            verdicts.add(noWater(study));
        } else if (gel.product().isGelatin()) {
            if (gel.bloom() == BloomSchool.DRY) {
                verdicts.add(dry(study));
            } else if (gel.waterG() / gel.grams()
                    < study.parameters().gel().leastBloom().value()) {
                verdicts.add(tooLittle(study));
            }
        }
        return verdicts;
    }

    private static Verdict tooLittle(Study study) {
        var gel = study.component().gel();
        boolean sheets = gel.product().form() == Form.SHEET;
        var sentence = "Bloom water is " + Notation.write(gel.waterG() / gel.grams(), 1) + " x the gelatin; "
                + (sheets
                        ? "squeezed sheets keep about 5 x their mass, and that water counts."
                        : "below 4 x powder swells unevenly and leaves grains.");
        return verdict(
                study,
                "bloom-short",
                Tone.CAUTION,
                sheets ? "More bloom water than counted" : "Too little bloom water",
                sentence,
                "water",
                List.of(water(study, "Count ")));
    }

    private static Verdict dry(Study study) {
        var water = water(study, "Bloom it in ");
        var changes = new ArrayList<>(water.changes());
        changes.add(new Fix.Change(study.at("/gels/0/bloom"), BloomSchool.WEIGHED.id()));
        return verdict(
                study,
                "bloom-dry",
                Tone.CAUTION,
                "Dry gelatin clumps in hot liquid",
                "Stirred straight into hot liquid the outside gels over dry cores: sprinkle it slowly, whisk, and strain."
                        + " What stays in the strainer is lost to the gel.",
                "bloom",
                List.of(new Fix(water.label(), water.effect(), changes)));
    }

    private static Fix water(Study study, String verb) {
        double water = study.parameters().gel().squeezedKeeps().value()
                * study.component().gel().grams();
        return new Fix(
                verb + Words.grams(water) + " of bloom water",
                "5 x the gelatin",
                List.of(new Fix.Change(study.at("/gels/0/water"), Words.grams(water))));
    }

    private static Verdict noWater(Study study) {
        var agent = study.component().gel().product().agent().words();
        return verdict(
                study,
                "gelatin-over-water",
                Tone.BAD,
                "More " + agent + " than the water can take up",
                Words.grams(study.mix().gelatinG()) + " of " + agent + " for "
                        + Words.grams(study.mix().waterG())
                        + " of water in all: at least 4 x is needed for it to swell and dissolve.",
                "amount",
                List.of());
    }

    private static Verdict verdict(
            Study study, String code, Tone tone, String headline, String sentence, String field, List<Fix> fixes) {
        return new Verdict(code, tone, headline, sentence, study.at("/gels/0/") + field, evidence(study), fixes);
    }

    private static Evidence evidence(Study study) {
        var gel = study.component().gel();
        return new Evidence(
                List.of(
                        new Given("Gelatin", Words.grams(gel.grams())),
                        new Given("Bloomed", gel.bloom().words()),
                        new Given("Bloom water", Words.grams(gel.waterG())),
                        new Given(
                                "Water of the whole mix",
                                Words.grams(study.mix().waterG()))),
                "Powder takes 5 to 6 x its mass of cold water, 5 to 10 min; squeezed sheets keep 4 to 7 x.",
                List.of(
                        study.constant(study.parameters().gel().leastBloom()),
                        study.constant(study.parameters().gel().squeezedKeeps())),
                "Weigh a squeezed batch of sheets once to know your own figure.",
                "The bloom water.");
    }
}
