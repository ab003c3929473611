package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Emulsion;
import com.deftchill.core.batch.GanacheJoin;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.body.PlasticFirmness;
import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.dessert.Joining;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.fat.Ganache;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.mix.MixingTemperature;
import com.deftchill.core.text.Notation;
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
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;

/** Whether chocolate and liquid hold together, and how it eats. */
public final class GanacheVerdicts {
    /** Where a dessert is eaten: from the fridge, a little later, in a warm room; °C. */
    private static final double[] EATEN_C = {4, 12, 20};

    private static final double LEAST_FIX_G = 0.5;
    /** So near to where it likely splits it is still careful work that decides. */
    private static final double CLOSE_PHI = 0.05;
    /** Of fat, g/g: a liquid with less makes any emulsion leaner. */
    private static final double LEAN = 0.05;

    private GanacheVerdicts() {}

    /** Of a ganache, and of any base with chocolate in it that is joined with something wet. */
    public static List<Verdict> of(Portrait portrait) {
        if (!Emulsion.of(portrait.component())) {
            return List.of();
        }
        var ganache = ganache(portrait);
        var verdicts = new ArrayList<Verdict>();
        if (ganache.seizes(Emulsion.freeWaterG(portrait.component()))) {
            verdicts.add(seizes(portrait, ganache));
        } else {
            verdicts.add(emulsion(portrait, ganache));
        }
        joining(portrait).ifPresent(verdicts::add);
        if (portrait.kind() == Kind.GANACHE) {
            verdicts.add(texture(portrait, ganache));
        }
        return verdicts;
    }

    /** By so much more fat yolk carries. */
    private static double carried(Portrait portrait) {
        double yolk = portrait.component().lines().stream()
                .filter(line -> !line.whipped() && line.part().ingredient().has(Trait.EGG))
                .filter(line -> line.part().ingredient().composition().fat() > 0.2)
                .mapToDouble(line -> line.part().grams())
                .sum();
        var p = portrait.parameters().ganache();
        double share = yolk / portrait.component().base().massG();
        return share >= p.yolkFrom().value() ? p.yolkCarries().value() : 0;
    }

    /** The emulsion: what is joined with the chocolate, before any foam is folded in. */
    static Ganache ganache(Portrait portrait) {
        var base = portrait.component().base();
        return new Ganache(base.composition(), base.massG(), portrait.parameters());
    }

    private static Verdict seizes(Portrait portrait, Ganache ganache) {
        double free = Emulsion.freeWaterG(portrait.component());
        var p = portrait.parameters().ganache();
        var fixes = leaner(
                portrait,
                liquid -> {
                    var least = ganache.passesSeizing(liquid, free);
                    boolean splits = ganache.phiWith(liquid, least.orElse(0)) - carried(portrait)
                            >= p.splitsPhi().value();
                    // The least that passes; where it would split then, as much as keeps it from that.
                    var holds = splits && least.isPresent() ? ganache.rescue(liquid) : OptionalDouble.empty();
                    return holds.isPresent() ? holds : least;
                },
                "flows again");
        return verdict(
                portrait,
                ganache,
                "chocolate-seizes",
                Tone.BAD,
                "The chocolate seizes",
                Notation.write(ganache.perSolids(free), 2)
                        + " g of free water to a gram of dry cocoa and sugar: between "
                        + p.seizesFrom().value()
                        + " and " + p.seizesTo().value() + " it clumps to a dull paste. Use more liquid, or none.",
                fixes);
    }

    private static Verdict emulsion(Portrait portrait, Ganache ganache) {
        double phi = ganache.phi() - carried(portrait);
        var share = Notation.write(100 * ganache.phi(), 0) + " % of its volume is fat";
        if (phi < portrait.parameters().ganache().safePhi().value()) {
            var far = Notation.write(
                    100 * (portrait.parameters().ganache().splitsPhi().value() - phi), 0);
            return verdict(
                    portrait,
                    ganache,
                    "ganache-holds",
                    Tone.GOOD,
                    "The ganache holds",
                    share + ", " + far + " points from where it likely splits.",
                    List.of());
        }
        var fixes = leaner(portrait, ganache::rescue, "brings the fat below 52 % of the volume");
        if (phi < portrait.parameters().ganache().splitsPhi().value()) {
            return verdict(
                    portrait,
                    ganache,
                    "ganache-careful",
                    Tone.CAUTION,
                    "The ganache needs care",
                    share + ": add the liquid in thirds and keep it between "
                            + portrait.celsius(
                                    portrait.parameters().ganache().keepAbove().value()) + " and "
                            + portrait.celsius(
                                    portrait.parameters().ganache().joinFrom().value()) + ".",
                    fixes);
        }
        boolean fatty =
                phi >= portrait.parameters().ganache().fatContinuousPhi().value();
        return verdict(
                portrait,
                ganache,
                fatty ? "ganache-fat" : "ganache-splits",
                phi < portrait.parameters().ganache().splitsPhi().value() + CLOSE_PHI ? Tone.CAUTION : Tone.BAD,
                fatty ? "More fat than an emulsion can hold" : "The ganache likely splits",
                share + (fatty ? ": fat is the outer phase, greasy and heavy." : ": from 60 on it likely splits."),
                fixes);
    }

    /**
     * More of a liquid that is in it already, or skimmed milk.
     *
     * @param grams how much of a liquid it takes; absent where that one cannot
     */
    private static List<Fix> leaner(Portrait portrait, Function<Composition, OptionalDouble> grams, String effect) {
        var liquid = liquid(portrait);
        var present = liquid.flatMap(l -> moreLiquid(portrait, l, grams.apply(composition(l)), effect));
        // What is in it already is lean enough: no second liquid beside it.
        boolean isLean = liquid.filter(l -> composition(l).fat() < LEAN).isPresent();
        var added = isLean ? Optional.<Fix>empty() : skimmed(portrait, grams.apply(Roles.SKIMMED_MILK), effect);
        return Stream.concat(present.stream(), added.stream()).toList();
    }

    private static Optional<Fix> skimmed(Portrait portrait, OptionalDouble grams, String effect) {
        if (grams.isEmpty() || grams.getAsDouble() < LEAST_FIX_G) {
            return Optional.empty();
        }
        var written = Words.grams(portrait.weighed(Math.ceil(grams.getAsDouble())));
        int line = portrait.component().lines().size();
        return Optional.of(new Fix(
                "Work in " + written + " of skimmed milk",
                effect,
                List.of(
                        new Fix.Change(portrait.line(line, "of"), Roles.SKIMMED),
                        new Fix.Change(portrait.line(line, "amount"), written))));
    }

    private static Optional<Fix> moreLiquid(
            Portrait portrait, Component.Line line, OptionalDouble grams, String effect) {
        if (grams.isEmpty() || grams.getAsDouble() < LEAST_FIX_G) {
            return Optional.empty();
        }
        var ingredient = line.part().ingredient();
        // Rounded up, so that the limit is passed and not just met.
        double more = Math.ceil(grams.getAsDouble());
        return portrait.more(ingredient.id(), more)
                .map(change -> new Fix(
                        "Work in " + Words.grams(more) + " more " + ingredient.name(), effect, List.of(change)));
    }

    /** The wettest liquid in it with more water than fat. */
    private static Optional<Component.Line> liquid(Portrait portrait) {
        return portrait.component().lines().stream()
                .filter(line -> !line.whipped() && line.made().isEmpty())
                .filter(Emulsion::isFreeLiquid)
                .max(Comparator.comparingDouble(line -> composition(line).share(Constituent.WATER)));
    }

    private static Composition composition(Component.Line line) {
        return line.part().ingredient().composition();
    }

    private static boolean isChocolate(Component.Line line) {
        return line.part().ingredient().group().equals("chocolate");
    }

    /** Joined too cold, cocoa butter sets; too hot, the emulsion breaks. */
    private static Optional<Verdict> joining(Portrait portrait) {
        var heating = portrait.component().heating();
        if (portrait.kind() != Kind.GANACHE || heating.hotC().isEmpty()) {
            return Optional.empty();
        }
        var joined = new MixingTemperature();
        // What is written cold is stirred in once chocolate and hot liquid are one.
        boolean hotLiquid = portrait.component().lines().stream()
                .anyMatch(line -> !isChocolate(line) && !line.cold() && !line.whipped());
        for (var line : portrait.component().lines()) {
            boolean chocolate = isChocolate(line);
            if (line.whipped() || (hotLiquid && line.cold() && !chocolate)) {
                continue;
            }
            boolean melted = portrait.component().cooked().join() == GanacheJoin.MELTED;
            double celsius = chocolate
                    ? (melted
                            ? portrait.parameters().ganache().joinFrom().value()
                            : portrait.kitchen().roomC())
                    : line.cold()
                            ? heating.coldC().orElse(Joining.FRIDGE_C)
                            : heating.hotC().getAsDouble();
            joined.add(line.part().grams(), composition(line), celsius);
        }
        double meet = joined.celsius();
        if (Double.isNaN(meet)) {
            // All of it is whipped: nothing is joined hot.
            return Optional.empty();
        }
        var sentence = "Chocolate and liquid meet at about " + portrait.celsius(meet);
        if (meet < portrait.parameters().ganache().keepAbove().value()) {
            return Optional.of(verdict(
                    portrait,
                    ganache(portrait),
                    "ganache-cold",
                    Tone.BAD,
                    "Too cold to join",
                    sentence + ": below "
                            + portrait.celsius(
                                    portrait.parameters().ganache().keepAbove().value())
                            + " the cocoa butter sets before it is joined. Melt the chocolate first, or heat the liquid more.",
                    List.of(new Fix(
                            "Melt the chocolate first",
                            "meets warmer",
                            List.of(portrait.change("/work/join/way", "melted"))))));
        }
        if (meet > portrait.parameters().ganache().joinTo().value()) {
            // Boiling cream over chocolate is how many make it: only with much fat is it a risk.
            double phi = ganache(portrait).phi() - carried(portrait);
            boolean safe = phi < portrait.parameters().ganache().safePhi().value();
            return Optional.of(verdict(
                    portrait,
                    ganache(portrait),
                    "ganache-hot",
                    safe ? Tone.NOTE : Tone.CAUTION,
                    "Hot for joining",
                    sentence + ": above "
                            + portrait.celsius(
                                    portrait.parameters().ganache().joinTo().value())
                            + " fat runs out more easily. Let the liquid stand a little.",
                    List.of()));
        }
        return Optional.of(verdict(
                portrait,
                ganache(portrait),
                "ganache-joins",
                Tone.NOTE,
                "Joins at the right warmth",
                sentence + "; join at "
                        + portrait.celsius(
                                portrait.parameters().ganache().joinFrom().value()) + " to "
                        + portrait.celsius(
                                portrait.parameters().ganache().joinTo().value()) + ", keep it above "
                        + portrait.celsius(
                                portrait.parameters().ganache().keepAbove().value()) + " while stirring.",
                List.of()));
    }

    private static Verdict texture(Portrait portrait, Ganache ganache) {
        var words = new ArrayList<String>();
        for (double celsius : EATEN_C) {
            words.add(portrait.celsius(celsius) + ": "
                    + PlasticFirmness.of(ganache.restPa(celsius)).words() + " ("
                    + ganache.texture(celsius).words() + ")");
        }
        return verdict(
                portrait,
                ganache,
                "ganache-texture",
                Tone.NOTE,
                "How it eats",
                String.join("; ", words) + ".",
                List.of());
    }

    private static Verdict verdict(
            Portrait portrait,
            Ganache ganache,
            String code,
            Tone tone,
            String headline,
            String sentence,
            List<Fix> fixes) {
        var of = ganache.composition();
        var given = new ArrayList<Given>();
        given.add(new Given("Fat of all kinds", Words.percent(of.fat())));
        given.add(new Given("Water", Words.percent(of.share(Constituent.WATER))));
        given.add(new Given("Sugars", Words.percent(of.share(Constituent.SUGARS))));
        given.add(new Given("Fat by volume of fat and water phase", Words.percent(ganache.phi())));
        given.add(new Given("Water to dry cocoa and sugar", Notation.write(Math.min(99, ganache.waterPerSolids()), 2)));
        given.add(new Given(
                "of it free, not in drops of butter or yolk",
                Notation.write(Math.min(99, ganache.perSolids(Emulsion.freeWaterG(portrait.component()))), 2)));
        for (double celsius : EATEN_C) {
            given.add(new Given("Bears at " + portrait.celsius(celsius), Words.pascal(ganache.restPa(celsius))));
        }
        var evidence = new Evidence(
                given,
                "Fat volume = all fats / 0.91; water phase = water + 0.62 x sugar + alcohol / 0.789. Texture from what"
                        + " it bears at rest: 1000 Pa x (solid fat / 0.162)^8.5.",
                List.of(
                        portrait.constant(portrait.parameters().ganache().safePhi()),
                        portrait.constant(portrait.parameters().ganache().splitsPhi()),
                        portrait.constant(portrait.parameters().ganache().seizesFrom()),
                        portrait.constant(portrait.parameters().ganache().seizesTo()),
                        new Constant(
                                "cocoa butter solid",
                                "85 % at " + portrait.celsius(5) + ", 72 % at " + portrait.celsius(20),
                                "L",
                                "typical"),
                        new Constant(
                                "milk fat solid",
                                "52 % at " + portrait.celsius(5) + ", 20 % at " + portrait.celsius(20),
                                "L",
                                "typical"),
                        portrait.constant(portrait.parameters().fat().scale()),
                        portrait.constant(portrait.parameters().fat().scaleShare())),
                "About 3 points of fat; the label of a chocolate is rounded.",
                "More liquid, leaner cream, another chocolate.");
        return new Verdict(code, tone, headline, sentence, portrait.at("/lines"), evidence, fixes);
    }
}
