package com.deftchill.core.assess;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.chill.ChillListener;
import com.deftchill.core.chill.ChillReport;
import com.deftchill.core.chill.ChillSimulation;
import com.deftchill.core.chill.Grid;
import com.deftchill.core.chill.Material;
import com.deftchill.core.chill.Place;
import com.deftchill.core.chill.Pouring;
import com.deftchill.core.chill.Slab;
import com.deftchill.core.gel.GelModel;
import com.deftchill.core.gel.StrengthFactors;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.turnout.Slump;
import com.deftchill.core.vessel.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The layers of a dessert, poured upon each other and chilled in one run. The first is poured at the start; each of the
 * others as soon as the surface below carries it. Lining of a wall is taken to be as warm as the layer beside it is poured
 * [E].
 */
final class Build implements Pouring, ChillListener {
    /** Rigidity at which a surface carries the next layer (handbook 5), Pa [E]. */
    static final double CARRIES_PA = 60;

    /** An empty mould, and what is laid in without a temperature of its own, on the bench, °C. */
    static final double BENCH_C = 20;

    /** Until so long after the last pour a dessert is followed, s. */
    static final double LASTS = 48 * 3600.0;

    /** A thinner fill is computed as thick as this, mm. */
    private static final double LEAST_MM = 2;

    /** A crumb base hardens in the cold for so long before it is filled, s (handbook 3). */
    private static final double CRUMB_SECONDS = 30 * 60.0;

    /** What never carries a layer is poured upon after this all the same, s: the rest is computed, and it is said. */
    static final double GIVEN_UP = 24 * 3600.0;

    /** The longest stay that a place takes, s. */
    private static final double EVER = 59 * 24 * 3600.0;

    /**
     * A layer of it.
     *
     * @param index of the component in the formula
     * @param history of what is poured; nothing happens to what is laid in
     */
    record Layer(int index, Component component, Slab slab, Material material, Chill history) {}

    /**
     * What happens to a layer that is poured.
     *
     * @param model of its gelling agent
     * @param factors that strengthen or weaken it
     * @param fat what its fat adds to the firmness
     */
    record Chill(GelModel model, StrengthFactors factors, FatSet fat, Slump slump, SetHistory set) {
        boolean sets(Component component) {
            return component.gels() || fat.exists();
        }
    }

    private final List<Layer> layers;
    private final double[] starts;
    private int poured = 1;
    private ChillReport report;

    private Build(List<Layer> layers) {
        this.layers = layers;
        starts = new double[layers.size()];
    }

    /** Fills the mould and chills it; of a dessert without a poured layer there is nothing to follow. */
    static Build of(Batch batch, Stack stack, List<Mix> mixes, Study.Settings settings) {
        var lying = new ArrayList<Integer>();
        for (int i = 0; i < mixes.size(); i++) {
            if (stack.beds().get(i).exists()) {
                lying.add(i);
            }
        }
        boolean any =
                lying.stream().anyMatch(i -> !batch.components().get(i).kind().isSolid());
        if (!any) {
            return new Build(List.of());
        }
        var surface = settings.options().forSurface(batch.cooler().h());
        var options = lying.size() == 1 ? surface : surface.coarser();
        var vessel = batch.mould().vessel();
        var grid = Grid.of(vessel, interfaces(stack, lying), options);
        var layers = layers(batch, stack, mixes, lying, grid, settings);
        var build = new Build(layers);
        var materials = materials(layers, grid);
        var cooler = batch.cooler();
        var place = new Place(batch.airC(), cooler.h(), cooler.h(), cooler.hBase(), EVER);
        build.report = new ChillSimulation(grid, materials, vessel.material(), options)
                .run(build, BENCH_C, List.of(place), build);
        return build;
    }

    private static double[] interfaces(Stack stack, List<Integer> lying) {
        var tops = lying.stream().mapToDouble(i -> stack.beds().get(i).toMm()).toArray();
        int last = tops.length - 1;
        var inside = stack.beds().get(lying.get(last)).inside();
        tops[last] = Math.min(Math.max(inside.brimMm(), tops[last]), Math.max(LEAST_MM, tops[last]));
        return tops;
    }

    private static List<Layer> layers(
            Batch batch, Stack stack, List<Mix> mixes, List<Integer> lying, Grid grid, Study.Settings settings) {
        var layers = new ArrayList<Layer>();
        var whole = batch.mould().vessel().profile();
        int row = 0;
        for (int n = 0; n < lying.size(); n++) {
            int i = lying.get(n);
            var bed = stack.beds().get(i);
            boolean top = n == lying.size() - 1;
            int to = top ? grid.rows() : rowAt(grid, row, bed.toMm());
            var slab = slab(grid, row, to, bed.inside(), whole);
            var component = batch.components().get(i);
            var mix = mixes.get(i);
            var material = Material.of(mix.composition(), mix.airShare());
            var chill = component.kind().isSolid()
                    ? null
                    : chill(component, mix, slab, material.density(), massOn(batch, stack, i), settings);
            layers.add(new Layer(i, component, slab, material, chill));
            row = to;
        }
        return layers;
    }

    private static Slab slab(Grid grid, int from, int to, Profile inside, Profile whole) {
        var slab = Slab.of(grid, from, to);
        return inside == whole ? slab : slab.inside(inside);
    }

    private static int rowAt(Grid grid, int from, double mm) {
        int row = from;
        while (row < grid.rows() && 1000 * grid.rowEdge(row) < mm * (1 - 1e-9)) {
            row++;
        }
        return row;
    }

    private static Chill chill(
            Component component, Mix mix, Slab slab, double density, double aboveG, Study.Settings settings) {
        var model = GelModel.of(settings.parameters(), component.gelProduct());
        var factors = component.factors(mix);
        var fat = FatSet.of(component, mix);
        var slump = new Slump(slab, density, aboveG / 1000);
        var set = new SetHistory(slab, model, mix.gelatinGramsPerLitre(), factors.product(), fat, slump);
        return new Chill(model, factors, fat, slump, set);
    }

    /** Of each cell that of its layer; beside a lined one, that of the lining. */
    private static Material[] materials(List<Layer> layers, Grid grid) {
        var materials = new Material[grid.cells()];
        Material lining = layers.get(0).material();
        for (var layer : layers) {
            var slab = layer.slab();
            for (int row = 0; row < slab.rows(); row++) {
                for (int column = 0; column < grid.columns(); column++) {
                    materials[slab.cell(column, row)] = column < slab.columns(row) ? layer.material() : lining;
                }
            }
            var kind = layer.component().kind();
            lining = kind == Kind.CRUMB || kind == Kind.SHELL ? layer.material() : lining;
        }
        return materials;
    }

    /** What lies on a component when it stands on its plate, g: turned over, what was below it in the mould. */
    private static double massOn(Batch batch, Stack stack, int index) {
        boolean over = Dessert.turnedOver(batch);
        double mass = 0;
        for (int i = 0; i < stack.beds().size(); i++) {
            boolean on = over ? i < index : i > index;
            mass += on && stack.beds().get(i).exists() ? stack.beds().get(i).grams() : 0;
        }
        return mass;
    }

    @Override
    public List<Pouring.Layer> layers() {
        return layers.stream()
                .map(l -> new Pouring.Layer(
                        l.slab().toRow(),
                        l.component().kind().isSolid() ? BENCH_C : l.component().pourC()))
                .toList();
    }

    @Override
    public boolean pourNow(int next, double seconds) {
        if (!carries(layers.get(next - 1), seconds - starts[next - 1])) {
            return false;
        }
        starts[next] = seconds;
        poured = next + 1;
        return true;
    }

    private static boolean carries(Layer below, double since) {
        if (below.history() == null) {
            return below.component().kind() != Kind.CRUMB || since >= CRUMB_SECONDS;
        }
        return !below.history().sets(below.component())
                || below.history().set().topPa() >= CARRIES_PA
                || since >= GIVEN_UP;
    }

    @Override
    public double stopAfter(double seconds) {
        double next = starts[poured - 1] + LASTS;
        for (int i = 0; i < poured; i++) {
            boolean crumb = layers.get(i).component().kind() == Kind.CRUMB;
            double stop = starts[i] + (crumb ? CRUMB_SECONDS : SetHistory.JUDGED_AT);
            next = stop > seconds ? Math.min(next, stop) : next;
        }
        return next;
    }

    @Override
    public boolean endsAt(double seconds) {
        return poured == layers.size() && seconds >= starts[poured - 1] + LASTS;
    }

    @Override
    public void afterStep(double seconds, double stepSeconds, double[] meanCelsius, double[] celsius) {
        for (int i = 0; i < poured; i++) {
            var chill = layers.get(i).history();
            if (chill != null) {
                chill.set().afterStep(seconds - starts[i], stepSeconds, meanCelsius, celsius);
            }
        }
    }

    /** What was poured or laid in, by the index of its component. */
    Map<Integer, Layer> byIndex() {
        return layers.stream().collect(Collectors.toMap(Layer::index, Function.identity()));
    }

    /** Seconds from the first pour to that of a component; 0 for what does not lie in the mould. */
    double startSeconds(int index) {
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).index() == index) {
                return starts[i];
            }
        }
        return 0;
    }

    ChillReport report() {
        return report;
    }
}
