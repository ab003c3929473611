package com.deftchill.core.dessert;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Mixing;
import com.deftchill.core.batch.Served;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.batch.Wanted;
import com.deftchill.core.body.Nature;
import com.deftchill.core.body.Plastic;
import com.deftchill.core.body.PlasticFirmness;
import com.deftchill.core.build.Build;
import com.deftchill.core.build.BuiltLayer;
import com.deftchill.core.build.SetHistory;
import com.deftchill.core.build.Settings;
import com.deftchill.core.build.Thaw;
import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.chill.ChillReport;
import com.deftchill.core.chill.ChillSimulation;
import com.deftchill.core.chill.CoolerLoad;
import com.deftchill.core.chill.Grid;
import com.deftchill.core.chill.Material;
import com.deftchill.core.chill.Place;
import com.deftchill.core.chill.Slab;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.gel.GelModel;
import com.deftchill.core.gel.StrengthFactors;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.ColdParameters;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.text.Words;
import com.deftchill.core.turnout.Dip;
import com.deftchill.core.turnout.Slump;
import com.deftchill.core.verdict.Constants;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.vessel.Vessel;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * One layer that is poured and chilled with the others: everything its verdicts read, each figure once.
 *
 * @param index of the component in the formula
 * @param kitchen how it works
 * @param mix what was mixed
 * @param model of its gelling agent
 * @param factors that strengthen or weaken it
 * @param plastic what makes it firm besides its gel
 * @param nature what it is mostly made firm by: it decides words, limits and the rule of standing
 * @param bed where it lies
 * @param startSeconds when it is poured, after the first layer, s
 * @param history what happened while chilling
 * @param slump of the body turned out
 * @param dip seconds in water of 60 °C; infinite for walls that are not dipped
 * @param report of the simulation
 * @param joining of hot and cold share, when it is written how hot
 */
public record Study(
        Batch batch,
        int index,
        Component component,
        Kitchen kitchen,
        Mix mix,
        Material material,
        GelModel model,
        StrengthFactors factors,
        Plastic plastic,
        Nature nature,
        Stack.Bed bed,
        double startSeconds,
        SetHistory history,
        Slump slump,
        Dip.Window dip,
        ChillReport report,
        Optional<Joining> joining) {

    /** A thinner film is computed as thick as this, mm. */
    public static final double LEAST_MM = 2;
    /** Temperature of the properties where one must do for the whole chill, °C. */
    public static final double PROPERTIES_C = 20;

    private static final double LEAST_TAU = 60;

    /** As it comes from the fridge to the table, °C. */
    public static final double SERVED_COLD_C = 4;

    /** What is out of the fridge comes so near to the room in the time that anyone waits. */
    private static final double BELOW_ROOM_K = 1;

    private static final double STEP_K = 0.5;

    /** So many moments of a course are drawn at most. */
    private static final int MOST_DRAWN = 400;

    /** Where the heat capacity of a mix cooling in its bowl is taken, °C. */
    private static final double BOWL_C = 50;
    /** A mix poured hot has set after this, or the comparison says nothing. */
    private static final double SOONER_WITHIN = 12 * 3600.0;

    /**
     * @param layer as it was chilled
     * @param report of the run
     */
    static Study of(
            Batch batch,
            BuiltLayer layer,
            Mix mix,
            Stack.Bed bed,
            double startSeconds,
            ChillReport report,
            Settings settings) {
        var component = layer.component();
        var chill = layer.history();
        double melt = component.gels()
                ? chill.model().meltingPoint(mix.gelatinGramsPerLitre())
                : batch.parameters().fat().softens().value();
        return new Study(
                batch,
                layer.index(),
                component,
                settings.kitchen(),
                mix,
                layer.material(),
                chill.model(),
                chill.factors(),
                chill.plastic(),
                chill.nature(),
                bed,
                startSeconds,
                chill.set(),
                chill.slump(),
                dip(batch, layer.material(), melt),
                report,
                joining(component, mix, layer.material()));
    }

    /** Temperature above which neither gel nor fat holds it, °C. */
    public double loosensC() {
        double fatHolds = plastic.holdsUpToC(Firmness.HOLDS_PA);
        return component.gels() ? Math.max(meltC(), fatHolds) : fatHolds;
    }

    private static Optional<Joining> joining(Component component, Mix mix, Material material) {
        return component.heating().hotC().isPresent() && !component.kind().isSolid()
                ? Optional.of(Joining.of(component, bowl(component.parameters().cold(), mix, material)))
                : Optional.empty();
    }

    private static BowlCooling bowl(ColdParameters p, Mix mix, Material material) {
        return new BowlCooling(p, mix.massG(), material.density(), material.heatCapacity(BOWL_C));
    }

    /**
     * Seconds sooner that it sets than if everything were heated and poured at once as hot as the hot share. Of a layer
     * both are computed as if it stood by itself: enough for a difference.
     */
    public double setsSoonerSeconds(ChillOptions options) {
        double asPoured = alone() ? history.setSeconds() : setsByItself(component.pourC(), options);
        return setsByItself(joining.orElseThrow().hotC(), options) - asPoured;
    }

    /** Seconds until it would set by itself, poured at T °C; a coarser chill of the first hours is enough. */
    private double setsByItself(double pourC, ChillOptions options) {
        var cooler = batch.cooler();
        var coarse = options.forSurface(cooler.h()).coarser();
        var vessel = vessel(batch, bed);
        var cut = Grid.of(vessel, new double[] {slump.heightMm()}, coarse);
        var materials = new Material[cut.cells()];
        Arrays.fill(materials, material);
        var slab = Slab.whole(cut);
        var chilled = new SetHistory(
                component.parameters(),
                slab,
                model,
                gramsPerLitre(),
                factors.product(),
                plastic,
                new SetHistory.Limits(nature, history.setPa(), 0),
                new Slump(
                        slab,
                        material.density(),
                        0,
                        parameters().body().standsMargin().value(),
                        nature.gelShare()),
                Thaw.NEVER_FROZEN);
        chilled.judgeAt(Double.POSITIVE_INFINITY);
        double hBase = bed.fromMm() == 0 ? cooler.hBase() : 0;
        var first = new Place(batch.airC() + cooler.warmerK(), cooler.h(), cooler.h(), hBase, SOONER_WITHIN);
        new ChillSimulation(cut, materials, vessel.material(), coarse)
                .run(pourC, Build.BENCH_C, List.of(first), chilled);
        return chilled.setSeconds();
    }

    private static Vessel vessel(Batch batch, Stack.Bed bed) {
        var whole = batch.mould().vessel();
        if (bed.fromMm() == 0) {
            return whole;
        }
        // A film at the very brim still needs some wall to be computed in.
        double from = Math.min(bed.fromMm(), bed.inside().brimMm() - LEAST_MM);
        return new Vessel(bed.inside().above(from), whole.material(), whole.wallMm(), 0);
    }

    private static Dip.Window dip(Batch batch, Material material, double meltC) {
        var vessel = batch.mould().vessel();
        boolean dipped = batch.served() == Served.TURNED_OUT && batch.mould().release() == Release.DIP;
        return vessel.wallMm() > 0 && dipped
                ? Dip.of(
                        batch.parameters().turnout(),
                        vessel.wallMm(),
                        vessel.material(),
                        material,
                        batch.airC(),
                        batch.dipWaterC(),
                        meltC)
                : new Dip.Window(0, 0, 0);
    }

    /** The same study, asked for another figure. */
    public Study wanting(Wanted wanted) {
        return with(batch.wanting(wanted), nature, slump);
    }

    /** The same study, were something else most of what makes it firm. */
    public Study of(Nature other) {
        return with(batch, other, slump.by(other.gelShare()));
    }

    private Study with(Batch other, Nature madeFirmBy, Slump standing) {
        return new Study(
                other,
                index,
                component,
                kitchen,
                mix,
                material,
                model,
                factors,
                plastic,
                madeFirmBy,
                bed,
                startSeconds,
                history,
                standing,
                dip,
                report,
                joining);
    }

    /** JSON pointer to a place in this component, such as {@code /gels/0/amount}. */
    public String at(String place) {
        return "/components/" + index + place;
    }

    /** Minutes after its own pour, of each moment that is drawn. */
    public double[] minutesSincePoured() {
        return drawn(history.minutes()).toArray();
    }

    /** The same moments after the first pour. */
    public double[] minutes() {
        return drawn(history.minutes()).map(m -> m + startSeconds / 60).toArray();
    }

    /** Firmness at its slowest point at those moments, 0 to 100. */
    public double[] scores() {
        return drawn(history.weakestPa()).map(Firmness::score).toArray();
    }

    /** Warmest point at those moments, °C. */
    public double[] warmestC() {
        return drawn(history.warmestC()).toArray();
    }

    /** Of many moments evenly some, the first and the last among them: no more than a curve can show. */
    private static DoubleStream drawn(double[] ofEach) {
        int n = Math.min(MOST_DRAWN, ofEach.length);
        return IntStream.range(0, n)
                .mapToDouble(i -> ofEach[n < 2 ? 0 : (int) ((long) i * (ofEach.length - 1) / (n - 1))]);
    }

    /** Whether the dessert is this component alone. */
    public boolean alone() {
        return batch.components().size() == 1;
    }

    /** Volume of this component meant for each mould, ml. */
    double fillMl() {
        return bed.ml();
    }

    /** Height that it fills to, mm. */
    public double fillMm() {
        return bed.toMm();
    }

    /** A temperature as this kitchen reads it. */
    public String celsius(double celsius) {
        return Words.temperature(celsius, kitchen.temperature());
    }

    /** A range of temperatures as this kitchen reads it. */
    public String celsius(double low, double high) {
        return Words.temperatures(low, high, kitchen.temperature());
    }

    /** A difference of temperature as this kitchen reads it. */
    public String difference(double kelvin) {
        return Words.difference(kelvin, kitchen.temperature());
    }

    /** Clock time some seconds after this layer is poured. */
    public String clock(double seconds) {
        return Words.clock(batch.pouredAt(), startSeconds + seconds);
    }

    /** Gelling agent of the aqueous phase, g/L. */
    public double gramsPerLitre() {
        return mix.gelatinGramsPerLitre();
    }

    /** Melting point of this gel, °C. */
    public double meltC() {
        return model.meltingPoint(gramsPerLitre());
    }

    /** Temperature at which this mix starts to set on cooling, °C. */
    public double onsetC() {
        return model.settingOnset(gramsPerLitre());
    }

    /** Whether its firmness is a matter of gel, fat network or both; else it is only poured over. */
    public boolean sets() {
        return component.gels() || plastic.exists();
    }

    /** Whether fat, curd, starch, egg or foam is most of what makes it firm. */
    public boolean plasticBody() {
        return nature == Nature.PLASTIC;
    }

    /** Coolest temperature at which it is no firmer than wanted, from the fridge to nearly the room, °C; empty where none is. */
    public OptionalDouble rightAtC() {
        double right = SERVED_COLD_C;
        while (right <= kitchen.roomC() - BELOW_ROOM_K) {
            if (rigidityAt(right) <= mostPa()) {
                return OptionalDouble.of(right);
            }
            right += STEP_K;
        }
        return OptionalDouble.empty();
    }

    /** Whether it never becomes more than a thick liquid, as a caramel sauce or a fool does. */
    public boolean staysLoose() {
        return plasticBody()
                && plastic.restPa(Joining.FRIDGE_C)
                        < parameters().body().setPlastic().value();
    }

    /** Whether it is meant to: a caramel that stays in its glass. */
    public boolean isSauce() {
        return staysLoose()
                && component.kind() == Kind.CARAMEL
                && batch.served().stays();
    }

    /** The zone of a firmness in the words for what makes it firm. */
    public String words(double pa) {
        return nature == Nature.GEL
                ? Firmness.of(pa).words()
                : PlasticFirmness.of(pa).words();
    }

    /** The same in one or two words. */
    public String shortWords(double pa) {
        return nature == Nature.GEL ? Firmness.of(pa).shortWord() : words(pa);
    }

    /** How far off its firmness may be, as a factor. */
    public double uncertain() {
        double ofGel = parameters().gel().uncertain().value();
        return switch (nature) {
            case GEL -> ofGel;
            case PLASTIC -> plastic.uncertain();
            case MIXED -> Math.max(ofGel, Math.sqrt(ofGel * plastic.uncertain()));
        };
    }

    /** Lower end of the firmness that its way of serving wants, Pa. */
    public double leastPa() {
        return band()[0];
    }

    /** Upper end of it, Pa. */
    public double mostPa() {
        return band()[1];
    }

    private double[] band() {
        var served = batch.served();
        var plastic = between(
                served.leastFor(component.kind(), alone()).least(parameters().fat()),
                served.most(parameters().fat()));
        return switch (nature) {
            case GEL -> gelBand(served);
            case PLASTIC -> plastic;
            case MIXED -> {
                var gel = gelBand(served);
                yield new double[] {Math.min(gel[0], plastic[0]), Math.max(gel[1], plastic[1])};
            }
        };
    }

    /** A jelly upon other layers may be firmer, and where it is cut it must be. */
    private double[] gelBand(Served served) {
        var p = parameters().gel();
        if (component.kind() != Kind.JELLY || alone()) {
            return between(served.least(p), served.most(p));
        }
        return served.stays() ? between(served.least(p), p.jellyMost()) : between(p.jellyLeast(), p.jellyMost());
    }

    private static double[] between(Parameter least, Parameter most) {
        return new double[] {least.value(), most.value()};
    }

    /** The middle of the band on the firmness scale, Pa. */
    public double aimPa() {
        return Math.sqrt(leastPa() * mostPa());
    }

    /** Mean rigidity of each row a day after pouring, Pa. */
    public double[] rowsWhenJudged() {
        return history.rowsWhenJudged(gramsPerLitre(), factors.product());
    }

    /** Mean rigidity of the body a day after pouring, Pa: what it is judged by. */
    public double judgedPa() {
        return Arrays.stream(rowsWhenJudged()).average().orElse(0);
    }

    /** Rigidity a day after pouring, warmed (or cooled) to T °C throughout, Pa. */
    public double rigidityAt(double celsius) {
        double share = model.shareAt(history.meanShareWhenJudged(), celsius);
        return model.rigidity(gramsPerLitre(), share, history.strength() * factors.product())
                + plastic.broughtTo(
                        celsius, history.cocoaWhenJudged(), history.milkWhenJudged(), history.ageWhenJudged());
    }

    /** The same, had it been made of other amounts and set as this one did, Pa. */
    public double rigidityAt(Component other, double celsius) {
        var made = Mixing.of(other);
        double share = model.shareAt(history.meanShareWhenJudged(), celsius);
        return model.rigidity(
                        made.gelatinGramsPerLitre(),
                        share,
                        history.strength() * other.factors(made).product())
                + Mixing.plastic(other)
                        .broughtTo(
                                celsius, history.cocoaWhenJudged(), history.milkWhenJudged(), history.ageWhenJudged());
    }

    /** Mean strain of the body turned out a day after pouring. */
    public double judgedStrain() {
        return slump.meanStrain(rowsWhenJudged());
    }

    /** Height of the body turned out a day after pouring, mm. */
    public double standingMm() {
        return slump.heightMm() * (1 - judgedStrain());
    }

    /** Constants of the models that it is computed by. */
    public Parameters parameters() {
        return component.parameters();
    }

    /** A constant as this kitchen reads it, with where it comes from. */
    public Evidence.Constant constant(Parameter parameter) {
        return Constants.constant(parameter, kitchen.temperature());
    }

    /**
     * What it brings into its cooler, as one temperature throughout with the time constant of its real chill.
     *
     * @param share of all moulds
     */
    public CoolerLoad.Load load(double share) {
        double air = batch.airC();
        double pour = component.pourC();
        double halfway = history.secondsBelow((pour + air) / 2);
        double tau = Double.isFinite(halfway) && pour > air ? halfway / Math.log(2) : LEAST_TAU;
        double kg = batch.count() * bed.grams() / 1000;
        return new CoolerLoad.Load(
                startSeconds(), share * kg * material().heatCapacity(PROPERTIES_C), Math.max(LEAST_TAU, tau), pour);
    }
}
