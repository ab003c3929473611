package com.deftchill.core.assess;

import com.deftchill.core.chill.ChillListener;
import com.deftchill.core.chill.Grid;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.gel.GelModel;
import com.deftchill.core.gel.RigidityCurve;
import com.deftchill.core.gel.Setting;
import com.deftchill.core.turnout.Slump;
import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/** Follows a chill and keeps what a cook waits for: how firm, how cold, how well it would stand, and from when. */
final class SetHistory implements ChillListener {
    /** When the firmness of a dessert is judged: the next day at the same hour. */
    static final double JUDGED_AT = 24 * 3600.0;

    /** A core colder than this may be turned out, °C (handbook 5). */
    static final double CORE_C = 8;

    private static final double BEST_SHARE = 0.9;

    private final Grid grid;
    private final GelModel model;
    private final RigidityCurve curve;
    private final FatSet fat;
    private final Slump slump;
    private final Setting setting;

    private final Crossing set = Crossing.risesTo(Firmness.HOLDS_PA);
    private final Crossing stands = Crossing.fallsTo(Slump.READY);
    private final Crossing coreCold = Crossing.fallsTo(CORE_C);

    private final double[] rowRigidity;
    private final double[] shareWhenJudged;
    private final double[] celsiusWhenJudged;
    private double[] seconds = new double[256];
    private double[] weakest = new double[256];
    private double[] mean = new double[256];
    private double[] warmest = new double[256];
    private int count;

    SetHistory(Grid grid, GelModel model, double gramsPerLitre, double factor, FatSet fat, Slump slump) {
        this.grid = grid;
        this.model = model;
        curve = new RigidityCurve(model, gramsPerLitre, factor);
        this.fat = fat;
        this.slump = slump;
        setting = model.setting(grid.cells());
        rowRigidity = new double[grid.rows()];
        shareWhenJudged = new double[grid.cells()];
        celsiusWhenJudged = new double[grid.cells()];
    }

    @Override
    public void afterStep(double time, double stepSeconds, double[] meanCelsius, double[] celsius) {
        if (stepSeconds > 0) {
            setting.advance(meanCelsius, stepSeconds);
        }
        if (count == seconds.length) {
            grow();
        }
        seconds[count] = time;
        measure(celsius);
        set.follow(time, weakest[count]);
        stands.follow(time, slump.meanStrain(rowRigidity));
        coreCold.follow(time, warmest[count]);
        if (time == JUDGED_AT) {
            System.arraycopy(setting.shares(), 0, shareWhenJudged, 0, shareWhenJudged.length);
            System.arraycopy(celsius, 0, celsiusWhenJudged, 0, celsiusWhenJudged.length);
        }
        count++;
    }

    /** Seconds until the slowest point no longer runs. */
    double setSeconds() {
        return set.seconds();
    }

    /** Seconds until set, standing with a margin, and cold enough to turn out. */
    double readySeconds() {
        return Math.max(set.seconds(), Math.max(stands.seconds(), coreCold.seconds()));
    }

    /** Seconds until the warmest point is below a temperature, °C. */
    double secondsBelow(double celsius) {
        var below = Crossing.fallsTo(celsius);
        for (int i = 0; i < count; i++) {
            below.follow(seconds[i], warmest[i]);
        }
        return below.seconds();
    }

    /** Seconds until the mean rigidity has reached nine tenths of its last value. */
    double bestSeconds() {
        double last = mean[count - 1];
        if (!(last > 0)) {
            return Double.POSITIVE_INFINITY;
        }
        var best = Crossing.risesTo(BEST_SHARE * last);
        for (int i = 0; i < count; i++) {
            best.follow(seconds[i], mean[i]);
        }
        return best.seconds();
    }

    /** Warmest temperature at the end, °C. */
    double lastWarmestC() {
        return warmest[count - 1];
    }

    double[] minutes() {
        return Arrays.stream(seconds, 0, count).map(s -> s / 60).toArray();
    }

    double[] weakestPa() {
        return Arrays.copyOf(weakest, count);
    }

    double[] warmestC() {
        return Arrays.copyOf(warmest, count);
    }

    /** Mean rigidity of each row when judged, Pa, had the gel this concentration, g/L, and factor. */
    double[] rowsWhenJudged(double concentration, double withFactor) {
        var rows = new double[grid.rows()];
        rigidity(shareWhenJudged, celsiusWhenJudged, share -> model.rigidity(concentration, share, withFactor), rows);
        return rows;
    }

    /** Share of setting when judged, mean over the volume. */
    double meanShareWhenJudged() {
        double sum = 0;
        double volume = 0;
        for (int cell = 0; cell < shareWhenJudged.length; cell++) {
            sum += grid.volume(cell) * shareWhenJudged[cell];
            volume += grid.volume(cell);
        }
        return sum / volume;
    }

    private void measure(double[] celsius) {
        double hottest = Double.NEGATIVE_INFINITY;
        for (int row = 0; row < grid.rows(); row++) {
            for (int column = 0; column < grid.rowCells(row); column++) {
                hottest = Math.max(hottest, celsius[grid.cell(column, row)]);
            }
        }
        warmest[count] = hottest;
        weakest[count] = rigidity(setting.shares(), celsius, curve::at, rowRigidity);
        mean[count] = Arrays.stream(rowRigidity).average().orElse(0);
    }

    /** Fills in the mean rigidity of each row; the least of all cells. */
    private double rigidity(double[] share, double[] celsius, DoubleUnaryOperator ofShare, double[] rows) {
        double least = Double.POSITIVE_INFINITY;
        for (int row = 0; row < grid.rows(); row++) {
            double sum = 0;
            double volume = 0;
            for (int column = 0; column < grid.rowCells(row); column++) {
                int cell = grid.cell(column, row);
                double pa = ofShare.applyAsDouble(share[cell]) + fat.at(celsius[cell]);
                least = Math.min(least, pa);
                sum += pa * grid.volume(cell);
                volume += grid.volume(cell);
            }
            rows[row] = volume > 0 ? sum / volume : 0;
        }
        return least;
    }

    private void grow() {
        int size = 2 * seconds.length;
        seconds = Arrays.copyOf(seconds, size);
        weakest = Arrays.copyOf(weakest, size);
        mean = Arrays.copyOf(mean, size);
        warmest = Arrays.copyOf(warmest, size);
    }
}
