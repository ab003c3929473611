package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Share;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.CrumbBase;
import com.deftchill.core.cook.Soaking;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What lies below or between: crumb bases and soaked pieces. */
public final class BaseVerdicts {
    private static final double THICKNESS_TOLERANCE = 0.08;
    /** Thicker it is more biscuit than dessert, mm [E]. */
    private static final double THICKEST_MM = 14;

    /** So near a limit of its fat it is close, so far beyond it falls apart, g/g. */
    private static final double CLOSE_SHARE = 0.015;

    private static final double FAR_SHARE = 0.05;
    private static final double ML_PER_G_ALCOHOL = 1 / 0.789;
    private static final double DRY_MARGIN = 1.02;

    private BaseVerdicts() {}

    public static List<Verdict> of(Portrait portrait) {
        return switch (portrait.kind()) {
            case CRUMB -> crumb(portrait);
            case SOAKED -> soak(portrait);
            case SHELL -> SideVerdicts.shell(portrait);
            case GARNISH -> SideVerdicts.topping(portrait);
            default -> List.of();
        };
    }

    private static List<Verdict> crumb(Portrait portrait) {
        var verdicts = new ArrayList<Verdict>();
        var p = portrait.parameters().pan();
        var whole = portrait.component().raw();
        double share = whole.composition().fat();
        var words = Words.percent(share) + " of it is fat, biscuit and butter together";
        if (share < p.crumbLeast().value()) {
            boolean far = share < p.crumbLeast().value() - FAR_SHARE;
            verdicts.add(verdict(
                    portrait,
                    "crumb-dry",
                    share >= p.crumbLeast().value() - CLOSE_SHARE ? Tone.NOTE : Tone.CAUTION,
                    far ? "The base falls apart" : "The base crumbles",
                    words + ": from 33 to 44 % it holds and still cuts.",
                    butterTo(portrait).stream().toList()));
        } else if (share > p.crumbMost().value()) {
            verdicts.add(verdict(
                    portrait,
                    "crumb-greasy",
                    share <= p.crumbMost().value() + CLOSE_SHARE ? Tone.NOTE : Tone.CAUTION,
                    "The base turns greasy and hard",
                    words + ": from 33 to 44 % it holds and still cuts.",
                    butterTo(portrait).stream().toList()));
        } else {
            verdicts.add(verdict(portrait, "crumb-holds", Tone.GOOD, "The base holds", words + ".", List.of()));
        }
        if (portrait.bed().grams() > 0) {
            verdicts.add(thickness(portrait));
        }
        return verdicts;
    }

    private static Optional<Fix> butterTo(Portrait portrait) {
        var lines = portrait.component().lines();
        for (int i = 0; i < lines.size(); i++) {
            var butter = lines.get(i).part();
            if (butter.ingredient().composition().fat() > 0.7) {
                var whole = portrait.component().raw();
                double fat = butter.ingredient().composition().fat();
                double crumbs = whole.massG() - butter.grams();
                double ofCrumbs = whole.massG() * whole.composition().fat() - fat * butter.grams();
                double grams = CrumbBase.butterG(portrait.parameters().pan(), crumbs, ofCrumbs, fat);
                var text = Words.grams(portrait.weighed(grams));
                return Optional.of(new Fix(
                        "Use " + text + " of " + butter.ingredient().name(),
                        "38 % of it is fat",
                        List.of(new Fix.Change(portrait.line(i, "amount"), text))));
            }
        }
        return Optional.empty();
    }

    /** What is made of it against what the tin wants. */
    private static Verdict thickness(Portrait portrait) {
        var bed = portrait.bed();
        var inside = bed.inside();
        double wall = portrait.component().pressed().wallMm();
        double area = inside.areaMm2(bed.fromMm());
        double perimeter = inside.perimeterMm(bed.fromMm());
        double each = bed.grams();
        double now = CrumbBase.thicknessMm(portrait.parameters().pan(), each, area, perimeter, wall);
        var wanted = portrait.component().pressed().thicknessMm();
        double aim = wanted.orElse(Math.max(CrumbBase.THIN_MM, Math.min(CrumbBase.THICK_MM, now)));
        double needs = CrumbBase.grams(portrait.parameters().pan(), area, perimeter, aim, wall);
        var sentence = Words.grams(each) + " in each makes a base " + Notation.write(now, 1) + " mm thick"
                + (wall > 0 ? " with a wall of " + Words.mm(wall) : "") + "; " + Notation.write(aim, 1) + " mm takes "
                + Words.grams(needs) + ".";
        if (Math.abs(now / aim - 1) <= THICKNESS_TOLERANCE) {
            return verdict(portrait, "base-thickness", Tone.NOTE, "Thickness of the base", sentence, List.of());
        }
        // Nobody asked for another thickness, and a thick base is a matter of taste until it no longer cuts.
        boolean liked = wanted.isEmpty() && now > aim && now <= THICKEST_MM;
        return verdict(
                portrait,
                "base-thickness-off",
                liked ? Tone.NOTE : Tone.CAUTION,
                liked ? "A thick base" : now < aim ? "Too little for this tin" : "Too much for this tin",
                sentence,
                List.of(ScaledLines.fix(portrait, needs / each, Notation.write(aim, 1) + " mm thick")));
    }

    /** Above so much of the dry limit it is close to it [E]. */
    private static final double CLOSE_TO_DRY = 0.75;

    private static List<Verdict> soak(Portrait portrait) {
        var component = portrait.component();
        var liquid = component.lines().stream()
                .filter(line -> line.share() == Share.SOAK)
                .toList();
        var dry = component.lines().stream()
                .filter(line -> line.share() != Share.SOAK)
                .filter(line -> line.part().ingredient().soaking().isPresent())
                .toList();
        if (liquid.isEmpty() || dry.isEmpty()) {
            return List.of();
        }
        var verdicts = new ArrayList<Verdict>();
        double seconds = component.dipped().seconds();
        double pieces = grams(dry);
        double uptake = dry.stream()
                        .mapToDouble(line -> line.part().grams() * soaking(line).uptake(seconds))
                        .sum()
                / pieces;
        double written = grams(liquid);
        // What is spooned over is taken up as far as it goes, and nothing is left in a dish.
        boolean spooned = seconds >= Soaking.DRENCHED_SECONDS && written <= uptake * pieces;
        double aim = dry.stream()
                        .mapToDouble(line -> line.part().grams()
                                * soaking(line).aim(portrait.parameters().pan()))
                        .sum()
                / pieces;
        if (spooned) {
            verdicts.add(spooned(portrait, liquid, pieces, aim));
        } else {
            verdicts.add(soaked(portrait, soaking(dry.get(0)), seconds, uptake, aim));
            verdicts.add(liquid(portrait, liquid, pieces, uptake));
        }
        return verdicts;
    }

    private static Soaking soaking(Component.Line line) {
        return line.part().ingredient().soaking().orElseThrow();
    }

    private static double grams(List<Component.Line> lines) {
        return lines.stream().mapToDouble(line -> line.part().grams()).sum();
    }

    private static Verdict soaked(Portrait portrait, Soaking soaking, double seconds, double uptake, double aim) {
        var took =
                "Dipped " + (seconds >= Soaking.DRENCHED_SECONDS ? "through" : Notation.write(seconds, 1) + " s a side")
                        + " a gram takes up " + Notation.write(uptake, 2) + " g";
        double right = soaking.seconds(Math.min(aim, 0.99 * soaking.capacity()));
        var fix = new Fix(
                "Dip " + Notation.write(right, 1) + " s a side",
                "takes up " + Notation.write(aim, 2) + " g per gram",
                List.of(portrait.change("/work/soak/lasts", Notation.write(right, 1) + " s")));
        if (uptake < portrait.parameters().pan().soakDry().value()) {
            return verdict(
                    portrait,
                    "soak-dry",
                    Tone.CAUTION,
                    "Stays dry in the middle",
                    took + ": below " + portrait.parameters().pan().soakDry().value() + " it is dry.",
                    List.of(fix));
        }
        if (uptake > portrait.parameters().pan().soakWet().value()) {
            return verdict(
                    portrait,
                    "soak-wet",
                    Tone.CAUTION,
                    "Too wet",
                    took + ": above " + portrait.parameters().pan().soakWet().value()
                            + " it is wet and leaks into the layer below"
                            + (portrait.component().dipped().barrier() ? "; the cream below it holds it back." : "."),
                    List.of(fix));
        }
        return verdict(portrait, "soak-right", Tone.GOOD, "Soaked right", took + ": moist, not wet.", List.of());
    }

    /** Liquid spooned over the pieces: its grams are what they take up. */
    private static Verdict spooned(Portrait portrait, List<Component.Line> liquid, double pieces, double aim) {
        double uptake = grams(liquid) / pieces;
        var pan = portrait.parameters().pan();
        var took = Words.grams(grams(liquid)) + " over " + Words.grams(pieces) + " of pieces is "
                + Notation.write(uptake, 2) + " g on a gram" + alcohol(portrait, liquid);
        if (uptake > pan.soakWet().value()) {
            return verdict(
                    portrait,
                    "soak-wet",
                    Tone.CAUTION,
                    "Too wet",
                    took + " Above " + pan.soakWet().value() + " it is wet and leaks into the layer below.",
                    List.of(liquidFix(portrait, pieces * aim, grams(liquid))));
        }
        if (uptake >= pan.soakDry().value()) {
            return verdict(portrait, "soak-right", Tone.GOOD, "Soaked right", took + " Moist, not wet.", List.of());
        }
        boolean close = uptake >= pan.soakDry().value() * CLOSE_TO_DRY;
        return verdict(
                portrait,
                "soak-dry",
                close ? Tone.NOTE : Tone.CAUTION,
                close ? "On the dry side" : "Stays dry in the middle",
                took + " Below " + pan.soakDry().value() + " it is dry unless what lies on it is moist.",
                List.of(liquidFix(portrait, pieces * aim, grams(liquid))));
    }

    /** Liquid that the pieces take, against what is written. */
    private static Verdict liquid(Portrait portrait, List<Component.Line> liquid, double pieces, double uptake) {
        double written = grams(liquid);
        double taken = pieces * uptake;
        double needs = taken * (1 + portrait.parameters().pan().soakLeft().value());
        var sentence = Words.grams(pieces) + " of pieces take " + Words.grams(taken)
                + "; with what is left in the dish "
                + Words.grams(needs) + " is needed, " + Words.grams(written) + " is written"
                + alcohol(portrait, liquid);
        boolean off = written * DRY_MARGIN < needs || written > needs * 1.4;
        if (!off) {
            return verdict(portrait, "soak-liquid", Tone.NOTE, "Liquid for the soak", sentence, List.of());
        }
        return verdict(
                portrait,
                "soak-liquid-off",
                // What is too much stays in the dish.
                written < needs ? Tone.CAUTION : Tone.NOTE,
                written < needs ? "Too little liquid for the soak" : "More liquid than it takes",
                sentence,
                List.of(liquidFix(portrait, needs, written)));
    }

    private static Fix liquidFix(Portrait portrait, double needs, double written) {
        var changes = new ArrayList<Fix.Change>();
        var lines = portrait.component().lines();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).share() == Share.SOAK) {
                changes.add(new Fix.Change(
                        portrait.line(i, "amount"),
                        Words.grams(portrait.weighed(lines.get(i).part().grams() * needs / written))));
            }
        }
        return new Fix("Make " + Words.grams(needs) + " of it", "as much as the pieces take", changes);
    }

    /** The end of a sentence: what of the soak is alcohol. */
    private static String alcohol(Portrait portrait, List<Component.Line> liquid) {
        double portions = portrait.batch().count() * (double) portrait.batch().portions();
        double ml = liquid.stream()
                        .mapToDouble(line -> line.part().grams()
                                * line.part().ingredient().composition().share(Constituent.ALCOHOL))
                        .sum()
                * ML_PER_G_ALCOHOL
                / portions;
        return ml > 0.05
                ? ". " + Notation.write(ml, 1) + " ml of pure alcohol in each portion: none of it boils off."
                : ".";
    }

    private static Verdict verdict(
            Portrait portrait, String code, Tone tone, String headline, String sentence, List<Fix> fixes) {
        boolean crumb = portrait.kind() == Kind.CRUMB;
        var given = new ArrayList<Given>();
        for (var line : portrait.component().lines()) {
            Ingredient ingredient = line.part().ingredient();
            given.add(new Given(
                    ingredient.name(),
                    Words.grams(line.part().grams())
                            + ingredient
                                    .soaking()
                                    .map(s -> ", takes up to " + Notation.write(s.capacity(), 2)
                                            + " g/g, time constant " + Notation.write(s.tauSeconds(), 1) + " s")
                                    .orElse("")));
        }
        var evidence = new Evidence(
                given,
                crumb
                        ? "Mass = packed density x (area + perimeter x wall height) x thickness."
                        : "Uptake = capacity x (1 - exp(-seconds / time constant)), each side; 15 % of the liquid is left in the dish.",
                crumb
                        ? List.of(
                                portrait.constant(portrait.parameters().pan().crumbLeast()),
                                portrait.constant(portrait.parameters().pan().crumbMost()),
                                portrait.constant(portrait.parameters().pan().packed()))
                        : List.of(
                                portrait.constant(portrait.parameters().pan().soakDry()),
                                portrait.constant(portrait.parameters().pan().soakWet())),
                crumb
                        ? "A tenth, from how hard it is pressed."
                        : "A fifth: weigh one piece before and after and correct it.",
                crumb
                        ? "Butter, thickness, wall height."
                        : "Seconds in the liquid, thickness of the piece, a cream barrier.");
        return new Verdict(
                code, tone, headline, sentence, portrait.at(crumb ? "/work/press" : "/work/soak"), evidence, fixes);
    }
}
