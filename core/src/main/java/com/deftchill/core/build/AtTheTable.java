package com.deftchill.core.build;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Served;
import com.deftchill.core.chill.ChillListener;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.chill.ChillSimulation;
import com.deftchill.core.chill.Grid;
import com.deftchill.core.chill.Material;
import com.deftchill.core.chill.Place;
import com.deftchill.core.chill.Pouring;
import com.deftchill.core.turnout.Outline;
import com.deftchill.core.turnout.Point;
import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import com.deftchill.core.vessel.Vessel;
import com.deftchill.core.vessel.WallMaterial;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What happens once a dessert is served: as cold as it comes out of its last place, it warms in the room, in its glass or
 * standing free on a plate. The body on the plate keeps its shape for the heat; a slice is taken as a round body of its own
 * volume and height [E].
 */
public final class AtTheTable {
    /** Followed for so long, s. */
    public static final double LASTS = 4 * 3600.0;

    private static final WallMaterial PLATE = new WallMaterial("china", "china", 1.4, 2.0e6, true, true, "H4; H5");

    private static final double OUTLINES = 12;
    /** A slice where the portions are not written [E]. */
    private static final double USUAL_SLICE_ML = 120;

    private static final double MM3_PER_ML = 1000;

    private final Batch batch;
    private final Grid grid;
    private final double[] interfaces;
    private final Material[] materials;
    private final List<BuiltLayer> layers;
    private final ChillOptions options;
    private double[] celsius;
    private Course course;
    private List<TableHistory> histories = List.of();
    private List<BuiltLayer> followed = List.of();

    AtTheTable(
            Batch batch,
            Grid grid,
            double[] interfacesMm,
            Material[] materials,
            List<BuiltLayer> layers,
            ChillOptions options) {
        this.batch = batch;
        this.grid = grid;
        this.interfaces = interfacesMm.clone();
        this.materials = materials;
        this.layers = layers;
        this.options = options;
    }

    /**
     * A moment at the table.
     *
     * @param seconds since it was served
     * @param pa mean rigidity of each layer that is poured, bottom of the mould first, Pa
     * @param meanC mean temperature of each of them, °C
     * @param worstStrain greatest mean strain of any
     * @param standingMm height, mm
     * @param warmestC its warmest point, °C
     */
    public record Moment(
            double seconds, double[] pa, double[] meanC, double worstStrain, double standingMm, double warmestC) {}

    /** The body as it stands at a moment, plate upward. */
    public record Shape(double seconds, double heightMm, List<Point> outline) {}

    /** Everything followed. */
    public record Course(List<Integer> components, List<Moment> moments, List<Shape> shapes) {}

    /** The state as it is served. */
    void take(double[] ofGrid) {
        celsius = ofGrid.clone();
        followed = layers.stream().filter(l -> l.history() != null).toList();
        histories = followed.stream().map(l -> l.history().set().atTheTable()).toList();
    }

    /** Whether it came as far as being served. */
    public boolean served() {
        return celsius != null;
    }

    /** Whether it stands on a plate, out of its mould. */
    public boolean onPlate() {
        return batch.turnsOut();
    }

    /** What happens to it at the table; followed when it is first asked for. */
    public synchronized Course course() {
        if (course == null) {
            course = follow();
        }
        return course;
    }

    private Course follow() {
        boolean over = onPlate() && batch.turnedOver();
        var vessel = vessel(over);
        var cut = onPlate() ? Grid.of(vessel, over ? upsideDown() : interfaces, options) : grid;
        var onPlate = new OnPlate(grid, cut, over);
        var cells = new Material[cut.cells()];
        for (int c = 0; c < cells.length; c++) {
            cells[c] = materials[onPlate.inMould(c)];
        }
        var start = new Pouring() {
            @Override
            public List<Layer> layers() {
                return List.of(new Layer(cut.rows(), batch.timetable().roomC()));
            }

            @Override
            public boolean pourNow(int next, double seconds) {
                return false;
            }

            @Override
            public double celsius(Layer layer, int cell) {
                return celsius[onPlate.inMould(cell)];
            }
        };
        double wallC = onPlate()
                ? batch.timetable().plateC()
                : batch.timetable().last().airC();
        var place = Place.uniform(
                batch.timetable().roomC(), batch.parameters().cold().tableRoom().value(), LASTS);
        var follower = new Follower(onPlate, over);
        new ChillSimulation(cut, cells, vessel.material(), options).run(start, wallC, List.of(place), follower);
        return new Course(followed.stream().map(BuiltLayer::index).toList(), follower.moments, follower.shapes);
    }

    private Vessel vessel(boolean over) {
        var mould = batch.mould().vessel();
        if (!onPlate()) {
            return mould;
        }
        double fill = interfaces[interfaces.length - 1];
        var body = sliceMl().isPresent()
                ? cylinder(sliceMl().getAsDouble(), fill)
                : over ? mould.profile().upsideDown(fill) : mould.profile();
        return new Vessel(body, PLATE, 0, batch.parameters().cold().plate().value());
    }

    /** Volume of a slice, ml; empty for what is not sliced. */
    private OptionalDouble sliceMl() {
        if (batch.served() != Served.SLICED) {
            return OptionalDouble.empty();
        }
        double ml = batch.mould().vessel().profile().volumeMl(interfaces[interfaces.length - 1]);
        double slices = batch.portions() > 1 ? batch.portions() : Math.ceil(ml / USUAL_SLICE_ML);
        return OptionalDouble.of(ml / slices);
    }

    private static Profile cylinder(double ml, double heightMm) {
        double radius = Math.sqrt(MM3_PER_ML * ml / (Math.PI * heightMm));
        return new Profile(Symmetry.ROUND, 0, new double[] {radius, radius}, new double[] {0, heightMm});
    }

    private double[] upsideDown() {
        int count = interfaces.length;
        double fill = interfaces[count - 1];
        var turned = new double[count];
        for (int i = 0; i < count - 1; i++) {
            turned[i] = fill - interfaces[count - 2 - i];
        }
        turned[count - 1] = fill;
        return turned;
    }

    /**
     * Which cell on the plate was which in the mould: row for row, turned over or not; across, at the same share of the width.
     */
    private record OnPlate(Grid mould, Grid cut, boolean over) {
        int inMould(int cell) {
            return across(cut, mould, cell);
        }

        int ofMould(int cell) {
            return across(mould, cut, cell);
        }

        private int across(Grid from, Grid to, int cell) {
            int row = cell / from.columns();
            int there = over ? to.rows() - 1 - row : row;
            int column = Math.min(cell % from.columns(), from.rowCells(row) - 1);
            return to.cell(column * to.rowCells(there) / from.rowCells(row), there);
        }
    }

    private final class Follower implements ChillListener {
        private final OnPlate onPlate;
        private final boolean over;
        private final double[] mean = new double[grid.cells()];
        private final double[] now = new double[grid.cells()];
        private final List<Moment> moments = new ArrayList<>();
        private final List<Shape> shapes = new ArrayList<>();

        Follower(OnPlate onPlate, boolean over) {
            this.onPlate = onPlate;
            this.over = over;
        }

        @Override
        public void afterStep(double seconds, double stepSeconds, double[] meanCelsius, double[] nowCelsius) {
            for (int c = 0; c < mean.length; c++) {
                int there = onPlate.ofMould(c);
                mean[c] = meanCelsius[there];
                now[c] = nowCelsius[there];
            }
            var pa = new double[histories.size()];
            var celsius = new double[pa.length];
            double worst = 0;
            double lost = 0;
            double warmest = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < pa.length; i++) {
                var history = histories.get(i);
                history.afterStep(stepSeconds, mean, now);
                pa[i] = history.meanPa();
                celsius[i] = history.meanC();
                worst = Math.max(worst, history.meanStrain());
                lost += history.meanStrain() * history.heightMm();
                warmest = Math.max(warmest, history.warmestC());
            }
            double fill = interfaces[interfaces.length - 1];
            moments.add(new Moment(seconds, pa, celsius, worst, fill - lost, warmest));
            if (onPlate() && seconds >= shapes.size() * LASTS / OUTLINES) {
                shapes.add(new Shape(
                        seconds,
                        fill - lost,
                        Outline.of(batch.mould().vessel().profile(), fill, over, this::strainAt)));
            }
        }

        private double strainAt(double mm) {
            for (int i = 0; i < followed.size(); i++) {
                double from = 1000 * grid.rowEdge(followed.get(i).slab().fromRow());
                double height = histories.get(i).heightMm();
                if (mm >= from && mm <= from + height) {
                    var strains = histories.get(i).strains();
                    return strains[Math.min(strains.length - 1, (int) ((mm - from) / height * strains.length))];
                }
            }
            return 0;
        }
    }
}
