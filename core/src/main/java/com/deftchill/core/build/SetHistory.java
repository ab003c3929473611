package com.deftchill.core.build;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.body.Nature;
import com.deftchill.core.body.Plastic;
import com.deftchill.core.body.PlasticState;
import com.deftchill.core.chill.ChillListener;
import com.deftchill.core.chill.Slab;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.gel.GelModel;
import com.deftchill.core.gel.RigidityCurve;
import com.deftchill.core.gel.Setting;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.turnout.Slump;
import java.util.Arrays;
import java.util.function.IntToDoubleFunction;

/**
 * Follows the chill of one layer and keeps what a cook waits for: how firm, how cold, how well it would stand, and from
 * when. Seconds count from its pour.
 */
public final class SetHistory implements ChillListener {
    /** When the firmness of a dessert is judged: the next day at the same hour. */
    static final double JUDGED_AT = 24 * 3600.0;

    /** So much of its volume frozen counts as frozen. */
    private static final double FROZEN_SHARE = 0.5;

    /** Of what the model may be off by, so much of its logarithm is close. */
    public static final double CLOSE_POWER = 1 / 6.0;

    /** What is not mostly gel is at its best so near its last score. */
    private static final double BEST_WITHIN = 3;

    /**
     * What a layer must reach, by its nature and by how the dessert is served.
     *
     * @param setPa no longer to be called liquid
     * @param readyPa to be turned out or sliced: its limit, less a little of what the model may be off by
     */
    public record Limits(Nature nature, double setPa, double readyPa) {
        static Limits of(Batch batch, Component component, double gelShare, Plastic plasticBody) {
            var body = component.parameters().body();
            double setGel = body.setGel().value();
            double set = blended(
                    gelShare, setGel, setGel, setPlastic(body.setPlastic().value(), plasticBody.restPa(FRIDGE_C)));
            double gel = gelPa(batch, component);
            var plastic = batch.served()
                    .leastFor(component.kind(), batch.components().size() == 1)
                    .least(component.parameters().fat());
            double ready = blended(gelShare, gel, Math.min(gel, plastic.value()), plastic.value());
            double uncertainFat = body.uncertainFat().value();
            double close =
                    blended(gelShare, component.parameters().gel().uncertain().value(), uncertainFat, uncertainFat);
            return new Limits(Nature.ofGel(gelShare), set, batch.turnsOut() ? ready / Math.pow(close, CLOSE_POWER) : 0);
        }

        /** On the logarithm, as firmness goes. */
        private static double blended(double gelShare, double gel, double milder, double plastic) {
            return Math.exp(Nature.between(gelShare, Math.log(gel), Math.log(milder), Math.log(plastic)));
        }

        /** A jelly upon other layers is cut with them, and need be no firmer than a jelly. */
        private static double gelPa(Batch batch, Component component) {
            var p = component.parameters().gel();
            double served = batch.served().least(p).value();
            boolean upon = component.kind() == Kind.JELLY && batch.components().size() > 1;
            return upon ? Math.min(served, p.jellyLeast().value()) : served;
        }

        /** What is meant to stay loose, as a fool or a sauce does, is set once nearly at its own rest value [E]. */
        private static double setPlastic(double set, double restPa) {
            return Math.max(LOOSEST_PA, Math.min(set, NEARLY * restPa));
        }
    }

    /** Where the rest value of a plastic body is taken, °C. */
    private static final double FRIDGE_C = 5;

    /** So much of its rest value is nearly all. */
    private static final double NEARLY = 0.8;

    /** Nothing thinner is told apart from a liquid, Pa. */
    private static final double LOOSEST_PA = 20;

    /** Rounding of clock times, s. */
    private static final double SAME_MOMENT = 1e-3;

    private final Parameters parameters;
    private final Slab slab;
    private final GelModel model;
    private final RigidityCurve curve;
    private final PlasticState plastic;
    private final Limits limits;
    private final RowFirmness firmness;
    private final Slump slump;
    private final Setting setting;
    private final Thaw thaw;

    private final Crossing set;
    private final Crossing firm;
    private final Crossing stands;
    private final Crossing coreCold;
    private final Crossing frozen;
    private final Crossing thawed;

    /** Temperature of the layer's cells, °C. */
    private final double[] here;

    private final double[] rowRigidity;
    private final double[] shareWhenJudged;
    private final double[] celsiusWhenJudged;
    private PlasticState plasticWhenJudged;
    private double[] seconds = new double[256];
    private double[] weakest = new double[256];
    private double[] mean = new double[256];
    private double[] strain = new double[256];
    private double[] warmest = new double[256];
    private double[] coldest = new double[256];
    private double[] surfacePa = new double[256];
    private double[] surfaceC = new double[256];
    private int count;
    /** So many of its moments lie before it was taken to the table. */
    private int chilled;

    private double judgedAt = JUDGED_AT;
    /** Strength left to the gel: less once it has been frozen. */
    private double strength = 1;

    private boolean frozenOnce;

    /** Once another layer lies on it: how deep it went soft again at most, mm, and until when, s. */
    private boolean pouredOn;

    private double softAgainMm;
    private double softUntil;

    public SetHistory(
            Parameters parameters,
            Slab slab,
            GelModel model,
            double gramsPerLitre,
            double factor,
            Plastic plastic,
            Limits limits,
            Slump slump,
            Thaw thaw) {
        this.slab = slab;
        this.model = model;
        curve = new RigidityCurve(model, gramsPerLitre, factor);
        this.limits = limits;
        firmness = new RowFirmness(slab);
        this.slump = slump;
        this.thaw = thaw;
        this.parameters = parameters;
        set = Crossing.risesTo(limits.setPa());
        firm = Crossing.risesTo(limits.readyPa());
        stands = Crossing.fallsTo(parameters.turnout().trembling().value());
        coreCold = Crossing.fallsTo(parameters.cold().turnsOutBelow().value());
        frozen = Crossing.firstFallsTo(parameters.cold().peels().value());
        thawed = Crossing.risesTo(thaw.thawedC());
        here = slab.room();
        setting = model.setting(here.length);
        this.plastic = new PlasticState(plastic, here.length);
        plasticWhenJudged = this.plastic.copy();
        rowRigidity = new double[slab.rows()];
        shareWhenJudged = slab.room();
        celsiusWhenJudged = slab.room();
    }

    /** Another layer is poured on it now. */
    void pouredOn() {
        pouredOn = true;
    }

    /** Depth of whole rows from its surface that went soft again under the next layer, mm; 0 for none. */
    public double softAgainMm() {
        return softAgainMm;
    }

    /** Until when, s after its pour. */
    public double softUntilSeconds() {
        return softUntil;
    }

    private void followSurface(double time) {
        int row = slab.rows();
        while (row > 0 && rowRigidity[row - 1] < Firmness.HOLDS_PA) {
            row--;
        }
        double deep = 1000 * (slab.edge(slab.rows()) - slab.edge(row));
        softAgainMm = Math.max(softAgainMm, deep);
        softUntil = deep > 0 ? time : softUntil;
    }

    /** When its firmness is judged, s after its pour. */
    public void judgeAt(double seconds) {
        judgedAt = seconds;
    }

    @Override
    public void afterStep(double time, double stepSeconds, double[] meanCelsius, double[] celsius) {
        afterStep(time, stepSeconds, meanCelsius, celsius, true);
    }

    /** @param chilling whether it is still on its way to being ready: what warms it at the table takes nothing back */
    void afterStep(double time, double stepSeconds, double[] meanCelsius, double[] celsius, boolean chilling) {
        if (stepSeconds > 0) {
            slab.take(meanCelsius, here);
            // What ice leaves over is taken to mature no further than at the temperature at which ice begins [E].
            double coldest = thaw.freezesC();
            for (int i = 0; i < here.length; i++) {
                here[i] = here[i] > coldest ? here[i] : coldest;
            }
            setting.advance(here, stepSeconds);
            plastic.advance(here, stepSeconds);
        }
        slab.take(celsius, here);
        if (count == seconds.length) {
            grow();
        }
        seconds[count] = time;
        measure();
        if (pouredOn) {
            followSurface(time);
        }
        if (chilling) {
            chilled = count + 1;
            set.follow(time, weakest[count]);
            firm.follow(time, weakest[count]);
            stands.follow(time, strain[count]);
            coreCold.follow(time, warmest[count]);
            frozen.follow(time, warmest[count]);
        }
        thawed.follow(time, wasFrozen() ? coldest[count] : Double.NEGATIVE_INFINITY);
        if (Math.abs(time - judgedAt) < SAME_MOMENT) {
            System.arraycopy(setting.shares(), 0, shareWhenJudged, 0, shareWhenJudged.length);
            System.arraycopy(here, 0, celsiusWhenJudged, 0, celsiusWhenJudged.length);
            plasticWhenJudged = plastic.copy();
        }
        count++;
    }

    /** Seconds until the slowest point has reached that. */
    public double setSeconds() {
        return set.seconds();
    }

    /** Rigidity of the weakest point of its upper face now, Pa. */
    double topPa() {
        double least = Double.POSITIVE_INFINITY;
        int row = slab.rows() - 1;
        for (int column = 0; column < slab.columns(row); column++) {
            int at = slab.at(slab.cell(column, row));
            least = Math.min(least, firmness(at));
        }
        return least;
    }

    /** Rigidity of a point of its part of the grid now, Pa. */
    private double firmness(int at) {
        return strength * curve.at(setting.shares()[at]) + plastic.at(at, here[at]);
    }

    /** Rigidity of each of its cells now, Pa, into a value that every cell of the grid has. */
    void firmness(float[] ofGrid) {
        for (int row = 0; row < slab.rows(); row++) {
            for (int column = 0; column < slab.columns(row); column++) {
                int cell = slab.cell(column, row);
                ofGrid[cell] = (float) firmness(slab.at(cell));
            }
        }
    }

    /** Whether most of it has been ice. */
    public boolean wasFrozen() {
        return frozenOnce;
    }

    /** Seconds until its warmest point is so cold that it is peeled. */
    public double frozenSeconds() {
        return frozen.seconds();
    }

    /** Seconds until it is thawed; infinite while it is not, or was never frozen. */
    public double thawedSeconds() {
        return thawed.seconds();
    }

    /** What its gel keeps of its strength, 0.85 after freezing. */
    public double strength() {
        return strength;
    }

    /** The same points as they are now, to be followed on by themselves at the table. */
    TableHistory atTheTable() {
        return new TableHistory(slab, setting.copy(), curve, strength, plastic.copy(), slump);
    }

    /** Temperature of the middle of its upper face after some seconds, °C. */
    public double topCelsius(double after) {
        int i = 0;
        while (i < count - 1 && seconds[i] < after) {
            i++;
        }
        return surfaceC[i];
    }

    /** Seconds until its slowest point has a rigidity, Pa. */
    public double secondsFirm(double pa) {
        var firm = Crossing.risesTo(pa);
        for (int i = 0; i < count; i++) {
            firm.follow(seconds[i], weakest[i]);
        }
        return firm.seconds();
    }

    /** Seconds until no point of its upper face runs. */
    public double surfaceHoldsSeconds() {
        var holds = Crossing.risesTo(Firmness.HOLDS_PA);
        for (int i = 0; i < chillSamples(); i++) {
            holds.follow(seconds[i], surfacePa[i]);
        }
        return holds.seconds();
    }

    /** Seconds until its upper face has become too firm for another layer to bond with it. */
    public double bondsUntilSeconds() {
        var firm = Crossing.risesTo(parameters.layers().bonds().value() * surfacePa[count - 1]);
        for (int i = 0; i < count; i++) {
            firm.follow(seconds[i], surfacePa[i]);
        }
        return firm.seconds();
    }

    /** Seconds until firm enough for its way of serving, standing, and cold enough to turn out or to cut. */
    public double readySeconds() {
        return Math.max(Math.max(set.seconds(), firm.seconds()), Math.max(stands.seconds(), coreCold.seconds()));
    }

    /** What it is set from, Pa. */
    public double setPa() {
        return limits.setPa();
    }

    boolean isPlastic() {
        return limits.nature() == Nature.PLASTIC;
    }

    /** Seconds until it stands crisp. */
    public double crispSeconds() {
        var crisp = Crossing.fallsTo(parameters.turnout().crisp().value());
        for (int i = 0; i < chillSamples(); i++) {
            crisp.follow(seconds[i], strain[i]);
        }
        return Math.max(readySeconds(), crisp.seconds());
    }

    /** Seconds until the warmest point is below a temperature, °C, and stays so while it is chilled. */
    public double secondsBelow(double celsius) {
        var below = Crossing.fallsTo(celsius);
        for (int i = 0; i < chillSamples(); i++) {
            below.follow(seconds[i], warmest[i]);
        }
        return below.seconds();
    }

    /** Seconds until it is at its best: a gel at nine tenths of its last firmness, all else within a little of its score. */
    public double bestSeconds() {
        double last = mean[count - 1];
        if (!(last > 0)) {
            return Double.POSITIVE_INFINITY;
        }
        double enough = limits.nature() == Nature.GEL
                ? parameters.layers().best().value() * last
                : Firmness.rigidity(Math.max(0, Firmness.score(last) - BEST_WITHIN));
        var best = Crossing.risesTo(Math.min(last, enough));
        for (int i = 0; i < count; i++) {
            best.follow(seconds[i], mean[i]);
        }
        return best.seconds();
    }

    /** Warmest temperature at the end of the chill, °C. */
    public double lastWarmestC() {
        return warmest[chillSamples() - 1];
    }

    /** Of what is poured only at the table, all there is. */
    private int chillSamples() {
        return chilled > 0 ? chilled : count;
    }

    public double[] minutes() {
        return Arrays.stream(seconds, 0, count).map(s -> s / 60).toArray();
    }

    public double[] weakestPa() {
        return Arrays.copyOf(weakest, count);
    }

    public double[] warmestC() {
        return Arrays.copyOf(warmest, count);
    }

    /** Mean rigidity of each row when judged, Pa, had the gel this concentration, g/L, and factor. */
    public double[] rowsWhenJudged(double concentration, double withFactor) {
        return rows(shareWhenJudged, celsiusWhenJudged, concentration, withFactor);
    }

    /** The same, had it set to this share, and were it as warm as that, throughout; its fat as it was when judged. */
    public double[] rowsGrownTo(double share, double celsius, double concentration, double withFactor) {
        var shares = new double[shareWhenJudged.length];
        var everywhere = new double[shares.length];
        Arrays.fill(shares, share);
        Arrays.fill(everywhere, celsius);
        return rows(shares, everywhere, concentration, withFactor);
    }

    private double[] rows(double[] shares, double[] celsius, double concentration, double withFactor) {
        var rows = new double[slab.rows()];
        firmness.fill(
                shares,
                celsius,
                plasticWhenJudged,
                share -> strength * model.rigidity(concentration, share, withFactor),
                rows);
        return rows;
    }

    /** Share of setting when judged, mean over the volume. */
    public double meanShareWhenJudged() {
        return mean(point -> shareWhenJudged[point]);
    }

    /** Solid share of its cocoa butter when judged, mean over the volume. */
    public double cocoaWhenJudged() {
        return mean(point -> plasticWhenJudged.cocoa(point));
    }

    /** Solid share of its milk fat when judged, mean over the volume. */
    public double milkWhenJudged() {
        return mean(point -> plasticWhenJudged.milk(point));
    }

    /** How old it was when judged, s. */
    public double ageWhenJudged() {
        return plasticWhenJudged.seconds();
    }

    private double mean(IntToDoubleFunction ofPoint) {
        double sum = 0;
        double volume = 0;
        for (int row = 0; row < slab.rows(); row++) {
            for (int column = 0; column < slab.columns(row); column++) {
                int cell = slab.cell(column, row);
                sum += slab.volume(cell) * ofPoint.applyAsDouble(slab.at(cell));
                volume += slab.volume(cell);
            }
        }
        return sum / volume;
    }

    private void measure() {
        double hottest = Double.NEGATIVE_INFINITY;
        double least = Double.POSITIVE_INFINITY;
        for (int row = 0; row < slab.rows(); row++) {
            for (int column = 0; column < slab.columns(row); column++) {
                double celsius = here[slab.at(slab.cell(column, row))];
                hottest = celsius > hottest ? celsius : hottest;
                least = celsius < least ? celsius : least;
            }
        }
        warmest[count] = hottest;
        coldest[count] = least;
        freeze();
        weakest[count] =
                firmness.fill(setting.shares(), here, plastic, share -> strength * curve.at(share), rowRigidity);
        mean[count] = Arrays.stream(rowRigidity).average().orElse(0);
        strain[count] = slump.meanStrain(rowRigidity);
        surfacePa[count] = topPa();
        surfaceC[count] = here[slab.at(slab.cell(0, slab.rows() - 1))];
    }

    /** Once most of it is ice, its gel has lost some of its strength. */
    private void freeze() {
        if (frozenOnce || coldest[count] >= thaw.freezesC()) {
            return;
        }
        double ice = 0;
        double all = 0;
        for (int row = 0; row < slab.rows(); row++) {
            for (int column = 0; column < slab.columns(row); column++) {
                int cell = slab.cell(column, row);
                ice += here[slab.at(cell)] < thaw.freezesC() ? slab.volume(cell) : 0;
                all += slab.volume(cell);
            }
        }
        if (ice > FROZEN_SHARE * all) {
            frozenOnce = true;
            strength = thaw.weakens();
        }
    }

    private void grow() {
        int size = 2 * seconds.length;
        seconds = Arrays.copyOf(seconds, size);
        weakest = Arrays.copyOf(weakest, size);
        mean = Arrays.copyOf(mean, size);
        strain = Arrays.copyOf(strain, size);
        warmest = Arrays.copyOf(warmest, size);
        coldest = Arrays.copyOf(coldest, size);
        surfacePa = Arrays.copyOf(surfacePa, size);
        surfaceC = Arrays.copyOf(surfaceC, size);
    }
}
