package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.dessert.Joining;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Heating, joining hot and cold, pouring: dissolved, not curdled, not scrambled, still liquid. */
public final class HeatVerdicts {
    /** Poured further below the joining temperature than this, the mix waits in its bowl; K. */
    private static final double WAITS_K = 1;
    /** So little above its onset a mix is poured at once or not at all, K. */
    private static final double NEARLY_SETS_K = 1.5;

    private static final String ESTIMATE = "engineering estimate";

    private HeatVerdicts() {}

    public static List<Verdict> of(Study study, double setsSoonerSeconds) {
        var verdicts = new ArrayList<Verdict>();
        study.joining().ifPresent(joining -> heating(study, joining, setsSoonerSeconds, verdicts));
        double pour = study.component().pourC();
        boolean folded = study.component().lines().stream().anyMatch(Component.Line::whipped);
        // What is folded is judged by its base's window, and filled at once.
        if (study.component().gels()
                && !folded
                && pour < study.onsetC() + study.parameters().gel().pourMargin().value()) {
            verdicts.add(pouredTooCold(study));
        } else if (pour > study.parameters().gel().weakensFrom().value()) {
            verdicts.add(pouredTooHot(study));
        }
        return verdicts;
    }

    /** From when its gelling agent dissolves. */
    private static Parameter dissolves(Study study) {
        var p = study.parameters().gel();
        return study.component().gelProduct().isGelatin() ? p.dissolvesFrom() : p.boiledFrom();
    }

    private static void heating(Study study, Joining joining, double sooner, List<Verdict> verdicts) {
        boolean gelatin = study.component().gelProduct().isGelatin();
        boolean folded = study.component().lines().stream().anyMatch(Component.Line::whipped);
        if (study.component().gel() != Component.Gel.NONE
                && joining.hotC() < dissolves(study).value()) {
            verdicts.add(notDissolved(
                    study,
                    joining,
                    gelatin ? 60 : study.parameters().gel().boiledFrom().value() + 5));
        }
        curdling(study, joining, verdicts);
        if (joining.hotC() > CookVerdicts.scramblesC(study.component())
                && hotLinesWith(study, Trait.EGG).length() > 0) {
            verdicts.add(verdict(
                    study,
                    joining,
                    "scrambles",
                    CookVerdicts.scrambled(study.component(), joining.hotC()),
                    "Yolk scrambles that hot",
                    hotLinesWith(study, Trait.EGG) + " at " + study.celsius(joining.hotC())
                            + ": egg scrambles above " + study.celsius(CookVerdicts.scramblesC(study.component()))
                            + ", and thickens from "
                            + study.celsius(82) + " on.",
                    study.at("/work/heat/to"),
                    List.of(hot(study, 84))));
        }
        // What is folded is judged by its window.
        if (!folded && joining.hasColdShare()) {
            verdicts.add(joined(study, joining, sooner));
        }
        if (!folded && study.component().pourC() > joining.meetC() + WAITS_K) {
            verdicts.add(pouredWarmerThanMet(study, joining));
        }
    }

    private static Verdict notDissolved(Study study, Joining joining, double wanted) {
        var agent = study.component().gelProduct().agent().words();
        boolean close = joining.hotC() >= dissolves(study).low();
        return verdict(
                study,
                joining,
                "not-dissolved",
                close ? Tone.CAUTION : Tone.BAD,
                (close ? "Barely hot enough for the " : "Not hot enough for the ") + agent,
                "The hot share is at " + study.celsius(joining.hotC()) + "; " + agent + " dissolves from "
                        + study.celsius(dissolves(study).value())
                        + " on.",
                study.at("/work/heat/to"),
                List.of(hot(study, wanted)));
    }

    private static Fix hot(Study study, double celsius) {
        var text = study.celsius(celsius);
        return new Fix(
                "Heat to " + text, "hot enough, not too hot", List.of(new Fix.Change(study.at("/work/heat/to"), text)));
    }

    /** Acid dairy in the hot share, or met by it above the limit. */
    private static void curdling(Study study, Joining joining, List<Verdict> verdicts) {
        var lines = study.component().lines();
        var toCold = new ArrayList<Fix.Change>();
        var names = new ArrayList<String>();
        double hottest = 0;
        for (int i = 0; i < lines.size(); i++) {
            var ingredient = lines.get(i).part().ingredient();
            double meets = lines.get(i).cold() ? joining.meetC() : joining.hotC();
            if (ingredient.curdles()
                    && meets > study.parameters().pan().curdlesFrom().value()) {
                names.add(ingredient.name());
                hottest = Math.max(hottest, meets);
                if (!lines.get(i).cold()) {
                    toCold.add(new Fix.Change(study.at("/lines/") + i + "/share", "cold"));
                }
            }
        }
        if (!names.isEmpty()) {
            var fix = toCold.isEmpty()
                    ? hot(study, study.parameters().pan().curdlesFrom().value())
                    : new Fix("Keep it in the cold share", "joins cold", toCold);
            verdicts.add(verdict(
                    study,
                    joining,
                    "curdles",
                    hottest > study.parameters().pan().curdlesFrom().high() ? Tone.BAD : Tone.CAUTION,
                    "Acid dairy curdles",
                    String.join(", ", names) + " gets hotter than "
                            + study.celsius(
                                    study.parameters().pan().curdlesFrom().value())
                            + ": acid dairy curdles there. Keep it cold and stir it in when the rest has cooled.",
                    study.at("/lines"),
                    List.of(fix)));
        }
    }

    private static String hotLinesWith(Study study, Trait trait) {
        return study.component().lines().stream()
                .filter(line -> !line.cold() && line.part().ingredient().has(trait))
                .map(line -> line.part().ingredient().name())
                .collect(Collectors.joining(", "));
    }

    private static Verdict joined(Study study, Joining joining, double sooner) {
        double margin = joining.meetC() - study.onsetC();
        var pour = study.component().pourC();
        var met = Words.grams(joining.hotG()) + " at " + study.celsius(joining.hotC()) + " and "
                + Words.grams(joining.coldG()) + " at " + study.celsius(joining.coldC()) + " meet at "
                + study.celsius(joining.meetC());
        if (margin < study.parameters().gel().pourMargin().value()) {
            return verdict(
                    study,
                    joining,
                    "joined-too-cold",
                    Tone.BAD,
                    "The cold share sets it in lumps",
                    met + ", but it starts to set at " + study.celsius(study.onsetC())
                            + ": keep more of it hot, or let the cold share lose its chill first.",
                    study.at("/work/join/at"),
                    List.of(warmerCold(study)));
        }
        var text = met + ", " + study.difference(margin) + " above where it starts to set. "
                + saved(study, joining, sooner);
        var fixes = Math.abs(joining.meetC() - pour) > WAITS_K
                ? List.of(pourAt(study, Math.floor(joining.meetC()), "as it is when joined, without a wait"))
                : List.<Fix>of();
        return verdict(
                study,
                joining,
                "joined",
                Tone.GOOD,
                "Hot and cold share meet well",
                text,
                study.at("/work/heat/to"),
                fixes);
    }

    private static String saved(Study study, Joining joining, double sooner) {
        var pour = study.component().pourC();
        double bowl =
                joining.bowl().roomSeconds(joining.hotC(), pour, study.kitchen().roomC());
        double ice = joining.bowl().iceBathSeconds(joining.hotC(), pour);
        var sets = Double.isFinite(sooner) && sooner > 0
                ? "It sets about " + Words.duration(sooner) + " sooner than all heated and poured at once; "
                : "";
        var wait = Double.isInfinite(bowl)
                ? "all heated it would not cool to the pouring temperature in this room"
                : "all heated it would first stand about " + Words.duration(bowl) + " in its bowl";
        var text = sets + wait + ", or about " + Words.duration(ice) + " in ice water.";
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    private static Fix warmerCold(Study study) {
        var text = study.celsius(20);
        return new Fix(
                "Let the cold share come to " + text,
                "joins warmer",
                List.of(new Fix.Change(study.at("/work/join/at"), text)));
    }

    private static Verdict pouredWarmerThanMet(Study study, Joining joining) {
        return verdict(
                study,
                joining,
                "poured-warmer-than-joined",
                Tone.CAUTION,
                "Cooler than its pouring temperature",
                "Once joined it is at " + study.celsius(joining.meetC()) + ", cooler than the "
                        + study.celsius(study.component().pourC())
                        + " it is to be poured at; the times are computed for pouring as written.",
                study.at("/work/pour/at"),
                List.of(pourAt(study, Math.floor(joining.meetC()), "as it is when joined")));
    }

    private static Fix pourAt(Study study, double celsius, String effect) {
        var text = study.celsius(celsius);
        return new Fix("Pour at " + text, effect, List.of(new Fix.Change(study.at("/work/pour/at"), text)));
    }

    private static Verdict pouredTooCold(Study study) {
        double lowest =
                Math.ceil(study.onsetC() + study.parameters().gel().pourMargin().value());
        var sentence = "Poured at " + study.celsius(study.component().pourC())
                + ", but this mix starts to set at " + study.celsius(study.onsetC()) + " and pours smoothly from "
                + study.celsius(lowest) + ".";
        double margin = study.component().pourC() - study.onsetC();
        var tone = margin < 0 ? Tone.BAD : margin < NEARLY_SETS_K ? Tone.CAUTION : Tone.NOTE;
        return new Verdict(
                "poured-too-cold",
                tone,
                margin < 0 ? "Sets before it is poured" : "Close to setting when it is poured",
                sentence,
                study.at("/work/pour/at"),
                pourEvidence(study),
                List.of(pourAt(study, lowest, "still pours smoothly")));
    }

    private static Verdict pouredTooHot(Study study) {
        var sentence = "Poured at " + study.celsius(study.component().pourC())
                + ": gelatin loses strength above "
                + study.celsius(study.parameters().gel().weakensFrom().value())
                + ", and the walls and the fridge take all that heat. Let it cool first.";
        return new Verdict(
                "poured-hot",
                Tone.CAUTION,
                "Very hot at pouring",
                sentence,
                study.at("/work/pour/at"),
                pourEvidence(study),
                List.of());
    }

    private static Evidence pourEvidence(Study study) {
        return new Evidence(
                List.of(
                        new Given("Gelling agent in the water", Notation.write(study.gramsPerLitre(), 1) + " g/L"),
                        new Given("Gel melts at", study.celsius(study.meltC())),
                        new Given("Starts to set at", study.celsius(study.onsetC()))),
                "A gel melts where its equilibrium helix concentration falls to c*; on cooling it starts about "
                        + study.difference(5) + " lower."
                        + " Agar and carrageenans set at their own temperature. Pour at least " + study.difference(3)
                        + " above that.",
                List.of(
                        study.constant(study.parameters().gel().onsetBelowMelt()),
                        study.constant(study.parameters().gel().pourMargin())),
                "About " + study.difference(2) + ".",
                "A warmer mix at pouring, less of the gelling agent.");
    }

    private static Verdict verdict(
            Study study,
            Joining joining,
            String code,
            Tone tone,
            String headline,
            String sentence,
            String path,
            List<Fix> fixes) {
        var evidence = new Evidence(
                List.of(
                        new Given("Hot share", Words.grams(joining.hotG()) + " at " + study.celsius(joining.hotC())),
                        new Given("Cold share", Words.grams(joining.coldG()) + " at " + study.celsius(joining.coldC())),
                        new Given("They meet at", study.celsius(joining.meetC())),
                        new Given("Starts to set at", study.celsius(study.onsetC()))),
                "Heat balance: T = sum of mass x heat capacity x temperature / sum of mass x heat capacity; bloomed gelatin"
                        + " joins at tap temperature. Waiting in the bowl: Newton's law of cooling, stirred.",
                List.of(
                        study.constant(study.parameters().gel().dissolvesFrom()),
                        study.constant(study.parameters().gel().weakensFrom()),
                        study.constant(study.parameters().pan().curdlesFrom()),
                        study.constant(study.parameters().pan().yolkScrambles()),
                        study.constant(study.parameters().cold().bowlRoom()),
                        study.constant(study.parameters().cold().bowlIce())),
                "About " + study.difference(2)
                        + ": pan, bowl and stirring take some heat; a third of the waiting times.",
                "How much is heated, how hot, how cold the rest is.");
        return new Verdict(code, tone, headline, sentence, path, evidence, fixes);
    }
}
