package com.deftchill.core.judge.serving;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Served;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.dose.Dosing;
import com.deftchill.core.dose.UsualDose;
import com.deftchill.core.judge.component.FirmnessVerdict;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.turnout.Slump;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Whether it stands on the plate, and how it leaves its mould. */
public final class TurnOutVerdicts {

    /** A dip shorter than needed by less than this factor is close. */
    private static final double CLOSE_DIP = 1.25;

    private TurnOutVerdicts() {}

    public static List<Verdict> of(Dessert dessert) {
        var main = dessert.main();
        if (dessert.batch().served().stays() || main.isEmpty()) {
            return List.of();
        }
        if (dessert.batch().mould().release() == Release.NONE) {
            return dessert.batch().served() == Served.SLICED ? List.of() : List.of(glass(main.get()));
        }
        var verdicts = new ArrayList<Verdict>();
        // What only needs longer is told as a matter of time.
        if (!dessert.needsTime()) {
            verdicts.add(stands(dessert, main.get()));
        }
        if (dessert.worstStrain() < dessert.parameters().turnout().sags().value()) {
            verdicts.add(release(main.get()));
        }
        return verdicts;
    }

    private static Verdict stands(Dessert dessert, Study study) {
        double strain = dessert.worstStrain();
        double of = dessert.mouldedMm();
        var when = dessert.whenJudged().equals("the next day") ? "a day after pouring" : dessert.whenJudged();
        var heights = Notation.write(dessert.standingMm(), 0) + " of " + Words.mm(of);
        var sentence = strain < dessert.parameters().turnout().sags().value()
                ? "Turned out " + when + " it stands " + heights + " ("
                        + Slump.words(dessert.parameters().turnout(), strain) + ")."
                : "Turned out " + when + " it would sink to " + heights + " or lower"
                        + (study.alone() ? "." : ": the layer " + weakest(dessert) + " gives way.");
        var evidence = new Evidence(
                List.of(
                        new Given("Height in the mould", Words.mm(of)),
                        new Given("Density", Notation.write(study.material().density(), 0) + " kg/m3"),
                        new Given("Firmness (G')", Words.pascal(study.judgedPa())),
                        new Given("Mean strain", Words.percent(strain)),
                        new Given("Standing height", Words.mm(dessert.standingMm()))),
                "Each slice is pressed by the weight above it: strain = weight / (area x 3 G'); for a cylinder the mean is"
                        + " density x g x height / (6 G').",
                List.of(
                        study.constant(study.parameters().turnout().crisp()),
                        study.constant(study.parameters().turnout().trembling()),
                        new Constant(
                                "sags below",
                                Words.percent(
                                        dessert.parameters().turnout().sags().value()),
                                "E",
                                "handbook limit; above, will not stand")),
                "As uncertain as the firmness: a quarter more or less of the height lost. A ruler on the plate tells.",
                "More gelatin, a lower mould, a wider one.");
        if (strain < dessert.parameters().turnout().trembling().value()) {
            return verdict("stands", Tone.GOOD, "Stands when turned out", sentence, evidence);
        }
        var loose = dessert.studies().stream().filter(layer -> !layer.sets()).findFirst();
        if (loose.isPresent()) {
            return doesNotSet(loose.get(), evidence);
        }
        var headline =
                strain < dessert.parameters().turnout().sags().value() ? "Sags when turned out" : "Will not stand";
        // Where it is told to be too soft as well, that verdict offers the dose.
        boolean told = FirmnessVerdict.of(dessert, study).stream()
                .anyMatch(verdict -> !verdict.fixes().isEmpty());
        boolean gelled = study.component().gel() != Component.Gel.NONE;
        var fixes = told || !gelled
                ? List.<Fix>of()
                : new Dosing(study).fix().stream().toList();
        boolean fails = strain >= dessert.parameters().turnout().sags().value();
        return new Verdict(
                "slumps",
                fails ? Tone.BAD : Tone.CAUTION,
                headline,
                sentence,
                study.at("/gels/0/amount"),
                evidence,
                fixes);
    }

    /** A layer without anything that sets cannot stand. */
    private static Verdict doesNotSet(Study study, Evidence evidence) {
        return new Verdict(
                "does-not-set",
                Tone.BAD,
                study.component().name() + " does not set",
                study.component().name()
                        + " stays loose: turned out or sliced it runs. Set it, or spoon it on at service.",
                study.at("/gels/0/of"),
                evidence,
                study.component().kind().mayGel() ? List.of(UsualDose.fix(study)) : List.of());
    }

    private static Verdict release(Study study) {
        return switch (study.batch().mould().release()) {
            case DIP -> dip(study);
            case PEEL ->
                verdict(
                        "peel",
                        Tone.NOTE,
                        "Peel the mould off",
                        "Do not dip " + wall(study)
                                + ": it lets heat through too slowly. Ease the edge free and peel; a gel"
                                + " this tender comes out whole more surely once its outside is frozen.",
                        dipEvidence(study));
            default ->
                verdict(
                        "lift",
                        Tone.NOTE,
                        "Lift the mould off",
                        "Run a warm knife along the wall, or line it with acetate beforehand, and lift it straight up.",
                        dipEvidence(study));
        };
    }

    /** The layer that gives way most. */
    private static String weakest(Dessert dessert) {
        return dessert.studies().stream()
                .max(Comparator.comparingDouble(s -> s.sets() ? s.judgedStrain() : 1))
                .map(s -> s.component().name())
                .orElse("");
    }

    private static Verdict dip(Study study) {
        var window = study.dip();
        var water = study.celsius(study.batch().dipWaterC());
        if (Double.isInfinite(window.aim())) {
            return verdict(
                    "dip-useless",
                    Tone.CAUTION,
                    "Dipping will not free it",
                    "In water of " + water + " the gel at the wall does not melt within two minutes.",
                    dipEvidence(study));
        }
        var right = Words.seconds(window.aim()) + " s in water of " + water + " (" + Words.seconds(window.least())
                + " to " + Words.seconds(window.most()) + " s)";
        double chosen = study.batch().dip().seconds();
        // As they are told: whoever dips for as long as it says has dipped long enough.
        if (chosen > 0 && chosen < Math.min(window.least(), Words.rounded(window.least()))) {
            return chosen(study, "dip-too-short", "It stays stuck after so short a dip", chosen, right);
        }
        if (chosen > Math.max(window.most(), Words.rounded(window.most()))) {
            return chosen(study, "dip-too-long", "So long a dip melts its face", chosen, right);
        }
        var sentence = "Dip " + right + "; this wall is " + wall(study) + "." + suction(study);
        return verdict("dip", Tone.NOTE, "How to free it", sentence, dipEvidence(study));
    }

    /** A dip that the cook chose and that does not do. */
    private static Verdict chosen(Study study, String code, String headline, double seconds, String right) {
        boolean tooShort = code.equals("dip-too-short");
        var fix = new Fix(
                "Dip " + Words.seconds(study.dip().aim()) + " s",
                "slides off whole",
                List.of(new Fix.Change("/dipLasts", Words.seconds(study.dip().aim()) + " s")));
        return new Verdict(
                code,
                tooShort && seconds < study.dip().least() / CLOSE_DIP ? Tone.BAD : Tone.CAUTION,
                headline,
                Notation.write(seconds, 0) + " s "
                        + (tooShort
                                ? "do not warm " + wall(study) + " through: it stays stuck."
                                : "melt more than half a millimetre: its edges blur.")
                        + " " + right + " free it." + suction(study),
                "/dipLasts",
                dipEvidence(study),
                List.of(fix));
    }

    private static String wall(Study study) {
        var vessel = study.batch().mould().vessel();
        return Notation.write(vessel.wallMm(), 1) + " mm of "
                + vessel.material().name();
    }

    /** A smooth rigid mould holds by suction even after the right dip. */
    private static String suction(Study study) {
        var vessel = study.batch().mould().vessel();
        if (!vessel.material().smooth()) {
            return "";
        }
        double slender = study.fillMm() / (2 * vessel.profile().halfWidthAtMm(study.fillMm()));
        boolean strong = slender > study.parameters().turnout().suctionFrom().value();
        return " It then " + (strong ? "still holds fast" : "may still hold")
                + " by suction: let air in at one edge with a"
                + " knife tip, which costs a small divot (a drop of water and a tilt first may save it).";
    }

    private static Evidence dipEvidence(Study study) {
        var material = study.batch().mould().vessel().material();
        return new Evidence(
                List.of(
                        new Given("Wall", wall(study)),
                        new Given("Gel melts at", study.celsius(study.meltC())),
                        new Given(
                                "Mould and gel at", study.celsius(study.batch().airC())),
                        new Given(
                                "Seconds until 0.2, 0.25 and 0.5 mm have melted",
                                seconds(study.dip().least()) + ", "
                                        + seconds(study.dip().aim()) + ", "
                                        + seconds(study.dip().most()))),
                "Conduction from the water through the wall into the gel, until a layer of 0.25 mm has reached the gel's"
                        + " melting point.",
                List.of(
                        study.constant(study.parameters().turnout().water()),
                        new Constant(
                                "Wall conductivity",
                                Notation.write(material.conductivity(), 2) + " W/mK",
                                "L",
                                "typical value"),
                        new Constant(
                                "Wall heat capacity",
                                Notation.write(material.heatCapacity() / 1e6, 2) + " MJ/m3K",
                                "L",
                                "typical value")),
                "About a fifth either way; hotter water shortens it and narrows the window.",
                "Hotter water, a thinner wall, a metal mould.");
    }

    private static String seconds(double seconds) {
        return Double.isInfinite(seconds) ? "more than 120 s" : Notation.write(seconds, 1) + " s";
    }

    private static Verdict glass(Study study) {
        var evidence = new Evidence(
                List.of(new Given("Mould", study.batch().mould().name())),
                "Glasses and bowls are eaten from; turning out needs a mould that can be dipped, peeled or lifted.",
                List.of(),
                "None.",
                "Another mould, or serving it in its glass.");
        var fix = new Fix(
                "Serve it in its glass",
                "softer target, no turning out",
                List.of(new Fix.Change("/served", Served.IN_GLASS.id())));
        return new Verdict(
                "glass-not-turned-out",
                Tone.BAD,
                "A glass is not turned out",
                study.batch().mould().name() + " is eaten from; it cannot be turned out.",
                "/served",
                evidence,
                List.of(fix));
    }

    private static Verdict verdict(String code, Tone tone, String headline, String sentence, Evidence evidence) {
        return new Verdict(code, tone, headline, sentence, "/moulds/of", evidence, List.of());
    }
}
