package com.deftchill.core.judge.component;

import com.deftchill.core.batch.SideWork;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.cook.Dough;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;

/** What comes out of an oven or under a flame beside the chilled part: shells, sugar tops, brushed glazes (handbook 5). */
final class SideVerdicts {
    private static final double MM2_PER_CM2 = 100;
    /** Rolled so much thinner than wanted, nobody sees it [E]. */
    private static final double THINNER = 0.9;
    /** So many times of what a tin takes is more than anybody trims off [E]. */
    private static final double MUCH_MORE = 1.6;
    /** A top has this share of its sugar or glaze, or this many times of it, and is still one [E]. */
    private static final double THIN_TOP = 0.6;

    private static final double THICK_TOP = 3;

    private SideVerdicts() {}

    static List<Verdict> shell(Portrait portrait) {
        var verdicts = new ArrayList<Verdict>();
        if (portrait.component().isDough() && portrait.bed().exists()) {
            verdicts.add(dough(portrait));
        }
        if (portrait.batch().components().size() > 1) {
            verdicts.add(softens(portrait));
        }
        return verdicts;
    }

    private static Verdict dough(Portrait portrait) {
        var p = portrait.parameters().pan();
        var component = portrait.component();
        var bed = portrait.bed();
        double surface = Dough.surfaceMm2(bed.inside(), bed.fromMm(), bed.wallMm());
        double rolled = Stack.rolledMm(component);
        double takes = Dough.lines(p, surface, rolled);
        double cut = takes * (1 + p.doughTrimmed().value());
        int count = portrait.batch().count();
        double made = component.raw().massG() * (1 - portrait.batch().loss()) / count;
        double across = 2
                * bed.inside().halfWidthAtMm(Math.min(bed.wallMm(), bed.inside().brimMm()));
        var sentence = "Rolled out " + Notation.write(rolled, 1) + " mm thick and "
                + Words.mm(Dough.sheetMm(across, bed.wallMm())) + " wide, each takes "
                + Words.grams(takes) + ", " + Words.grams(cut) + " with what is trimmed off; there are "
                + Words.grams(made) + " for each. Baked it weighs " + Words.grams(bed.grams()) + ".";
        var evidence = new Evidence(
                List.of(
                        new Given("Bottom and wall", Notation.write(surface / MM2_PER_CM2, 0) + " cm2"),
                        new Given("Rolled out", Notation.write(rolled, 1) + " mm")),
                "Mass = (bottom + wall) x thickness x density of the dough, and what is trimmed off.",
                List.of(
                        portrait.constant(p.dough()),
                        portrait.constant(p.doughTrimmed()),
                        portrait.constant(p.doughLoses())),
                "A tenth, from how evenly it is rolled; trimmings may be used again.",
                "Thickness, tin, how far it hangs over.");
        if (made < takes * THINNER) {
            double thin = Dough.thicknessMm(p, made, surface);
            return told(
                    portrait,
                    "dough-short",
                    Tone.CAUTION,
                    "Too little dough for this tin",
                    sentence + " So little lines it " + Notation.write(thin, 1) + " mm thin, with nothing to trim.",
                    evidence,
                    List.of(ScaledLines.fix(portrait, cut / made, "rolled out " + Notation.write(rolled, 1) + " mm")));
        }
        if (made > cut * MUCH_MORE) {
            return told(
                    portrait,
                    "dough-over",
                    Tone.NOTE,
                    Words.grams((made - cut) * count) + " of dough are left over",
                    sentence,
                    evidence,
                    List.of(ScaledLines.fix(portrait, cut / made, "rolled out " + Notation.write(rolled, 1) + " mm")));
        }
        return told(portrait, "dough-fits", Tone.GOOD, "Dough for this tin", sentence, evidence, List.of());
    }

    /** A matter of taste, said with its hours. */
    private static Verdict softens(Portrait portrait) {
        var p = portrait.parameters().pan();
        boolean coated = portrait.component().pressed().coated();
        var bare = Notation.write(p.shellCrisp().value(), 0);
        var kept = Notation.write(p.shellCoated().value(), 0);
        var bed = portrait.bed();
        double coat = Dough.coatG(p, Dough.surfaceMm2(bed.inside(), bed.fromMm(), bed.wallMm()));
        var sentence = coated
                ? "Its coat keeps it crisp for about " + kept + " h once it is filled, not for good."
                : "It softens from below once it is filled: crisp for about " + bare
                        + " h. A thin coat of chocolate or butter, "
                        + Words.grams(coat) + " for each, makes that about " + kept
                        + " h. Soft by the second day: a matter of taste.";
        return told(
                portrait,
                "shell-softens",
                Tone.NOTE,
                "Crisp for about " + (coated ? kept : bare) + " hours",
                sentence,
                new Evidence(
                        List.of(new Given("Inside", coated ? "coated" : "bare")),
                        "Water moves from the filling into the pastry; a coat of fat holds it up.",
                        List.of(
                                portrait.constant(p.shellCrisp()),
                                portrait.constant(p.shellCoated()),
                                portrait.constant(p.shellBarrier())),
                        "A third either way, with how wet the filling is.",
                        "The coat, how wet the filling is, how well it was baked."),
                List.of());
    }

    static List<Verdict> topping(Portrait portrait) {
        var done = portrait.component().sideWork();
        if (done.isEmpty() || portrait.bed().grams() <= 0) {
            return List.of();
        }
        return switch (done.get()) {
            case TORCH, BRUSH -> List.of(cover(portrait, done.get()));
            default -> List.of();
        };
    }

    /** Sugar or glaze against the surface that it is to cover. */
    private static Verdict cover(Portrait portrait, SideWork done) {
        var p = portrait.parameters().pan();
        boolean torched = done == SideWork.TORCH;
        var per = torched ? p.torchedSugar() : p.glazeBrushed();
        double cm2 = portrait.bed().inside().areaMm2(portrait.bed().fromMm()) / MM2_PER_CM2;
        double aim = cm2 * per.value();
        double each = portrait.bed().grams();
        var what = torched ? "a crust that breaks" : "a thin glaze";
        var sentence = Words.grams(each) + " on " + Notation.write(cm2, 0) + " cm2 each; " + what + " takes "
                + Words.grams(aim) + "."
                + (torched
                        ? " In two coats, on a surface below " + portrait.celsius(8) + "; crisp for about "
                                + Notation.write(p.torchedCrisp().value(), 0) + " min."
                        : "");
        boolean thin = each < THIN_TOP * aim;
        boolean thick = each > THICK_TOP * aim;
        var headline = thin
                ? torched ? "Sugar for a part of the top only" : "Glaze for a part of the top only"
                : thick ? "Thicker than it has to be" : torched ? "Sugar for the top" : "Glaze for the top";
        return told(
                portrait,
                thin ? "top-thin" : thick ? "top-thick" : "top-covered",
                thin || thick ? Tone.NOTE : Tone.GOOD,
                headline,
                sentence,
                new Evidence(
                        List.of(new Given("Surface of each", Notation.write(cm2, 0) + " cm2")),
                        "Mass = surface x grams for each square centimetre.",
                        List.of(portrait.constant(per), portrait.constant(p.torchedCrisp())),
                        "A third either way, by taste.",
                        "The dish, how thick it is wanted."),
                thin || thick
                        ? List.of(ScaledLines.fix(portrait, aim / each, Words.grams(aim) + " on each"))
                        : List.of());
    }

    private static Verdict told(
            Portrait portrait,
            String code,
            Tone tone,
            String headline,
            String sentence,
            Evidence evidence,
            List<Fix> fixes) {
        return new Verdict(code, tone, headline, sentence, portrait.at("/lines"), evidence, fixes);
    }
}
