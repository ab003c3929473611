package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.Mixing;
import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.chill.Material;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.foam.FoldSchool;
import com.deftchill.core.foam.FoldWindow;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.foam.Whipping;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether the cream whips, when base and foam may meet, and what each way of folding gives. */
public final class FoamVerdicts {
    /** So far beyond its window is close, and so far harms, K. */
    private static final double CLOSE_K = 1.5;

    private static final double NEAR_K = 3;
    private final Portrait portrait;
    private final Component component;
    private final Foaming foaming;

    private FoamVerdicts(Portrait portrait) {
        this.portrait = portrait;
        component = portrait.component();
        foaming = new Foaming(component);
    }

    public static List<Verdict> of(Portrait portrait) {
        var of = new FoamVerdicts(portrait);
        return of.foaming.any() ? of.all() : List.of();
    }

    private List<Verdict> all() {
        var verdicts = new ArrayList<Verdict>();
        cream().ifPresent(verdicts::add);
        verdicts.addAll(BowlVerdicts.of(portrait));
        boolean base = foaming.lines().size() < component.lines().size() || component.gel() != Component.Gel.NONE;
        if (base) {
            verdicts.add(window());
        }
        verdicts.add(volume(base));
        return verdicts;
    }

    private Optional<Verdict> cream() {
        double fat = foaming.creamFat();
        if (Double.isNaN(fat)) {
            return Optional.empty();
        }
        var of = Words.percent(fat) + " fat";
        if (!Whipping.holds(portrait.parameters().foam(), fat)) {
            return Optional.of(verdict(
                    "cream-lean",
                    Tone.BAD,
                    "Too lean to whip",
                    of + ": below "
                            + Words.percent(
                                    portrait.parameters().foam().leastFat().value()) + " cream does not hold air.",
                    blend(fat).stream().toList()));
        }
        double foamC = foaming.creamC();
        if (foamC > portrait.parameters().foam().whipsBelow().value()) {
            return Optional.of(verdict(
                    "cream-warm",
                    foamC > portrait.parameters().foam().warmFrom().value() ? Tone.BAD : Tone.CAUTION,
                    "The cream is warm for whipping",
                    "At " + portrait.celsius(foamC) + "; it whips below "
                            + portrait.celsius(
                                    portrait.parameters().foam().whipsBelow().value())
                            + ", best from " + portrait.celsius(2, 5)
                            + (foamC > portrait.parameters().foam().warmFrom().value()
                                    ? ", and takes a third less air when warm."
                                    : "."),
                    List.of(new Fix(
                            "Whip it at " + portrait.celsius(4),
                            "bowl cold too",
                            List.of(portrait.change("/foams/" + foaming.creamFoam() + "/at", portrait.celsius(4)))))));
        }
        if (fat >= portrait.parameters().foam().richFat().value()) {
            return Optional.of(verdict(
                    "cream-rich",
                    Tone.CAUTION,
                    "Rich cream turns to butter quickly",
                    of + ": it whips fast, to little volume. Stop early; clumps come back with 10 to 15 % of liquid"
                            + " cream stirred in by hand ("
                            + Words.grams(
                                    portrait.parameters().foam().rescueLeast().value() * foaming.creamG()) + " to "
                            + Words.grams(
                                    portrait.parameters().foam().rescueMost().value() * foaming.creamG()) + ").",
                    List.of()));
        }
        return Optional.empty();
    }

    /** Richer cream added until the blend whips. */
    private Optional<Fix> blend(double fat) {
        double aim = portrait.parameters().foam().fatAim().value();
        double perGram = Whipping.blend(fat, Roles.RICH_FAT, aim);
        if (Double.isNaN(perGram)) {
            return Optional.empty();
        }
        double grams = Math.ceil(perGram * foaming.creamG());
        var lines = component.lines();
        for (int i = 0; i < lines.size(); i++) {
            // A line that is there already grows; else half of the lean cream gives way to rich cream.
            if (lines.get(i).part().ingredient().id().equals(Roles.RICH_CREAM)
                    && lines.get(i).whipped()) {
                return Optional.of(new Fix(
                        "Add " + Words.grams(grams) + " of " + Words.percent(Roles.RICH_FAT) + " cream",
                        "the blend has " + Words.percent(aim) + " fat and whips",
                        List.of(new Fix.Change(
                                portrait.line(i, "amount"),
                                Words.grams(lines.get(i).part().grams() + grams)))));
            }
        }
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).whipped() && Foaming.isCream(lines.get(i).part().ingredient())) {
                return Optional.of(new Fix(
                        "Whip " + Words.percent(Roles.CREAM_FAT) + " cream instead",
                        "it has the fat to hold air",
                        List.of(new Fix.Change(portrait.line(i, "of"), Roles.CREAM))));
            }
        }
        return Optional.empty();
    }

    private String by(FoldWindow.By by) {
        var p = portrait.parameters().foam();
        return switch (by) {
            case GEL_SETS -> "colder it sets in its bowl";
            case GANACHE_STIFFENS -> "colder the ganache no longer flows";
            case CHIPS_FORM -> "cold cream makes chips of bare cocoa butter";
            case CHOCOLATE_STIFFENS -> "colder the chocolate grows stiff";
            case BUTTER_STIFF -> "colder beaten butter is stiff";
            case NOTHING_SETS -> "nothing in the base sets in the cold";
            case MIX_ENDS -> "the mix ends at " + portrait.celsius(p.mixEnds().value());
            case FAT_MELTS -> "warmer it melts the fat that holds the air";
            case BUTTER_MELTS -> "warmer the air of the butter melts";
            case WHITES_COOK -> "whites stand no more";
        };
    }

    private Verdict window() {
        var window = foaming.window();
        var baseC = component.fold().baseC();
        var range = portrait.celsius(window.lowC()) + " to " + portrait.celsius(window.highC());
        if (window.isEmpty()) {
            return verdict(
                    "fold-window-empty",
                    Tone.BAD,
                    "No temperature to fold at",
                    "The base would have to be above " + portrait.celsius(window.lowC()) + " (" + by(window.lowBy())
                            + ") and below " + portrait.celsius(window.highC()) + " (" + by(window.highBy())
                            + "): " + opens() + ".",
                    opening());
        }
        if (baseC.isEmpty()) {
            return verdict(
                    "fold-window",
                    Tone.NOTE,
                    "When to fold",
                    "Fold with the base at " + range + "." + clock(window),
                    List.of());
        }
        double base = baseC.getAsDouble();
        double ends = FoldWindow.mixC(foaming.baseShare(), base, foaming.foamShare(), foaming.foamC());
        if (base > window.highC()) {
            double lost = 1 - Mixing.of(component).airMl() / Math.max(1e-9, airWithin());
            return verdict(
                    "fold-hot",
                    beyond(base - window.highC()),
                    "The base is " + (base - window.highC() > NEAR_K ? "too hot" : "hot") + " to fold",
                    "At " + portrait.celsius(base) + " the mix ends at " + portrait.celsius(ends) + "; fold at " + range
                            + "." + (lost > 0.01 ? " About " + Words.percent(lost) + " of the air is lost." : ""),
                    List.of(at("Let it cool to ", Math.floor(window.highC()))));
        }
        if (base < window.lowC()) {
            boolean chips = window.lowBy() == FoldWindow.By.CHIPS_FORM;
            return verdict(
                    chips ? "fold-chips" : "fold-cold",
                    beyond(window.lowC() - base),
                    "The base is " + (window.lowC() - base > NEAR_K ? "too cold" : "cool") + " to fold",
                    "At " + portrait.celsius(base) + (chips ? ": " : " it sets in lumps: ") + by(window.lowBy())
                            + "; fold at " + range + (chips ? ", quickly, the first share beaten in." : "."),
                    List.of(at(
                            "Warm it to ",
                            Math.ceil(window.lowC()
                                    + (chips
                                            ? portrait.parameters()
                                                    .foam()
                                                    .chipsClear()
                                                    .value()
                                            : 0)))));
        }
        return verdict(
                "fold-right",
                Tone.GOOD,
                "Folded within its window",
                "The base at " + portrait.celsius(base) + " within " + range + "; the mix ends at "
                        + portrait.celsius(ends) + "." + clock(window),
                List.of());
    }

    /** A degree or two beyond its window it folds less well; further it fails. */
    private static Tone beyond(double kelvin) {
        if (kelvin <= CLOSE_K) {
            return Tone.NOTE;
        }
        return kelvin <= NEAR_K ? Tone.CAUTION : Tone.BAD;
    }

    private double airWithin() {
        return foaming.airMl(component.fold().whip())
                * component
                        .fold()
                        .school()
                        .kept(component.fold().whip(), component.parameters().foam());
    }

    private Fix at(String label, double celsius) {
        var text = portrait.celsius(celsius);
        return new Fix(label + text, "within the window", List.of(portrait.change("/work/fold/base", text)));
    }

    /** Minutes until the window opens and until it closes, in the room and in ice water. */
    private String clock(FoldWindow window) {
        var hot = component.heating().hotC();
        if (hot.isEmpty() || hot.getAsDouble() <= window.highC()) {
            return "";
        }
        var base = component.base();
        var material = Material.of(base.composition());
        var bowl = new BowlCooling(
                portrait.parameters().cold(), base.massG(), material.density(), material.heatCapacity(40));
        double room = portrait.kitchen().roomC();
        double opens = bowl.roomSeconds(hot.getAsDouble(), window.highC(), room);
        double closes = bowl.roomSeconds(hot.getAsDouble(), Math.max(window.lowC(), room + 0.5), room);
        var inRoom = Double.isInfinite(opens)
                ? "not reached in this room"
                : minutes(opens) + " to " + minutes(closes) + " min after it left the heat in the room";
        return " That is " + inRoom + ", "
                + minutes(bowl.iceBathSeconds(hot.getAsDouble(), window.highC())) + " to "
                + minutes(bowl.iceBathSeconds(hot.getAsDouble(), Math.max(1, window.lowC()))) + " min in ice water.";
    }

    private static String minutes(double seconds) {
        return Notation.write(seconds / 60, seconds < 600 ? 1 : 0);
    }

    private String opens() {
        return "less gelling agent, warmer cream, or more base for the foam";
    }

    private List<Fix> opening() {
        var text = portrait.celsius(7);
        return component.fold().foamC() < 6
                ? List.of(new Fix(
                        "Let the foam come to " + text,
                        "chills the base less",
                        List.of(portrait.change("/foams/0/at", text))))
                : List.of();
    }

    private Verdict volume(boolean base) {
        var mix = portrait.mix();
        var sentence = Words.ml(mix.volumeMl()) + " at " + Notation.write(mix.gramsPerMl(), 2) + " g/ml, "
                + Words.percent(mix.airShare()) + " air.";
        if (!base) {
            return verdict("foam-volume", Tone.NOTE, "What the whipping gives", sentence, List.of());
        }
        double here = mix.volumeMl();
        var best = best();
        double gain = best.ml() - here;
        var fixes = gain > 0.03 * here && best.school() != component.fold().school()
                ? List.of(new Fix(
                        "Fold it instead: " + best.school().words(),
                        Words.ml(best.ml()) + " instead of " + Words.ml(here),
                        List.of(portrait.change("/work/fold/way", best.school().id()))))
                : List.<Fix>of();
        return verdict("foam-volume", Tone.NOTE, "What the folding gives", sentence + " " + compared(), fixes);
    }

    private record Choice(Whip whip, FoldSchool school, double ml) {}

    private double ml(Whip whip, FoldSchool school) {
        var mix = portrait.mix();
        return mix.volumeMl()
                - foaming.airMl(component.fold().whip(), component.fold().school())
                + foaming.airMl(whip, school);
    }

    private Choice best() {
        Choice best = null;
        for (var school : FoldSchool.values()) {
            double ml = ml(component.fold().whip(), school);
            best = best == null || ml > best.ml() + 1e-6
                    ? new Choice(component.fold().whip(), school, ml)
                    : best;
        }
        return best;
    }

    /** A volume, and for how many portions as full as these it is enough. */
    private String made(double ml) {
        double each = portrait.bed().ml();
        return each > 0 && portrait.batch().count() > 1
                ? Words.ml(ml) + " (" + (int) Math.floor(ml * share() / each + 1e-9) + " portions)"
                : Words.ml(ml);
    }

    /** What of it goes into the moulds as a layer of its own. */
    private double share() {
        var batch = portrait.batch();
        return portrait.bed().ml() * batch.count() / portrait.mix().volumeMl();
    }

    /** What each other choice would give. */
    private String compared() {
        var of = new ArrayList<String>();
        for (var school : FoldSchool.values()) {
            if (school != component.fold().school()) {
                of.add(school.words() + " " + made(ml(component.fold().whip(), school)));
            }
        }
        for (var whip : Whip.values()) {
            if (whip != component.fold().whip()) {
                of.add(whip.id() + " " + made(ml(whip, component.fold().school())));
            }
        }
        return "Otherwise: " + String.join(", ", of) + ".";
    }

    private Verdict verdict(String code, Tone tone, String headline, String sentence, List<Fix> fixes) {
        var whip = component.fold().whip();
        var school = component.fold().school();
        var given = new ArrayList<Given>();
        if (!Double.isNaN(foaming.creamFat())) {
            given.add(new Given(
                    "Cream whipped",
                    Words.grams(foaming.creamG()) + ", " + Words.percent(foaming.creamFat()) + " fat"));
        }
        given.add(new Given("Whipped", whip.words()));
        given.add(new Given("Air taken", Words.ml(foaming.airMl(whip))));
        double taken = foaming.airMl(whip);
        given.add(new Given(
                "Share of it kept",
                Words.percent(taken > 0 ? foaming.airMl(whip, school) / taken : 1) + ", " + school.words()));
        given.add(new Given("Air in the mix", Words.ml(portrait.mix().airMl())));
        double onset = foaming.baseOnsetC();
        if (onset > 0) {
            given.add(new Given("Base starts to set at", portrait.celsius(onset)));
        }
        given.add(new Given(
                "Fat of the mix", Words.percent(portrait.mix().composition().share(Constituent.MILK_FAT))));
        var evidence = new Evidence(
                given,
                "Volume = base + foam liquid x (1 + overrun x share kept). Upper limit: where cream holds the air the mix ends at "
                        + portrait.celsius(
                                portrait.parameters().foam().mixEnds().value()) + " and the base is at "
                        + portrait.celsius(
                                portrait.parameters().foam().baseMost().value())
                        + " or below. Lower limit: what gels or is a"
                        + " ganache while it flows on its own way down in its bowl; bare chocolate above "
                        + portrait.celsius(
                                portrait.parameters().foam().bareLeast().value()) + ", with egg in it above "
                        + portrait.celsius(
                                portrait.parameters().foam().eggLeast().value())
                        + "; what never sets as cold as the fridge.",
                List.of(
                        new Constant(
                                "overrun of 35 % cream", "ribbon 40, soft 75, medium 95, stiff 115 %", "L", "typical"),
                        portrait.constant(portrait.parameters().foam().keptSoft()),
                        portrait.constant(portrait.parameters().foam().keptMedium()),
                        portrait.constant(portrait.parameters().foam().keptStiff()),
                        portrait.constant(portrait.parameters().foam().keptFirstBeaten()),
                        portrait.constant(portrait.parameters().foam().keptBeaten()),
                        portrait.constant(portrait.parameters().foam().meltsAir()),
                        new Constant(
                                "sugar early",
                                "- 10 %; cream above "
                                        + portrait.celsius(portrait.parameters()
                                                .foam()
                                                .warmFrom()
                                                .value()) + " - 30 %",
                                "E",
                                "estimate")),
                "A tenth of the volume: bowls, whisks and hands differ; measure a jug of it and log it.",
                "The stage, the way of folding, the temperatures of base and foam.");
        return new Verdict(code, tone, headline, sentence, portrait.at("/work/fold"), evidence, fixes);
    }
}
