package com.deftchill.core.build;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.batch.Stay;
import com.deftchill.core.batch.Timetable;
import com.deftchill.core.chill.AirOfCooler;
import com.deftchill.core.chill.ChillListener;
import com.deftchill.core.chill.ChillReport;
import com.deftchill.core.chill.ChillSimulation;
import com.deftchill.core.chill.Grid;
import com.deftchill.core.chill.Ice;
import com.deftchill.core.chill.Material;
import com.deftchill.core.chill.Place;
import com.deftchill.core.chill.Pouring;
import com.deftchill.core.chill.Slab;
import com.deftchill.core.fat.FatSet;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.turnout.Slump;
import com.deftchill.core.vessel.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The layers of a dessert, poured upon each other and chilled in one run. The first is poured at the start; each of the
 * others as soon as the surface below carries it. Lining of a wall is taken to be as warm as the layer beside it is poured
 * [E].
 */
public final class Build implements Pouring, ChillListener {
    /** Rigidity at which a surface carries the next layer (handbook 5), Pa [E]. */
    static final double CARRIES_PA = 60;

    /** An empty mould, and what is laid in without a temperature of its own, on the bench, °C. */
    public static final double BENCH_C = 20;

    /** Until so long after the last pour a dessert is followed, s. */
    public static final double LASTS = 48 * 3600.0;

    /** More layers than this are thin ones, and need fewer cells each. */
    private static final int MANY_LAYERS = 12;

    /** A thinner fill is computed as thick as this, mm. */
    private static final double LEAST_MM = 2;

    /** A crumb base hardens in the cold for so long before it is filled, s (handbook 3). */
    private static final double CRUMB_SECONDS = 30 * 60.0;

    /** What never carries a layer is poured upon after this all the same, s: the rest is computed, and it is said. */
    public static final double GIVEN_UP = 24 * 3600.0;

    /** The longest stay that a place takes, s. */
    private static final double EVER = 59 * 24 * 3600.0;

    /** What comes late into its last place is judged after so long there, s. */
    private static final double SETTLES = 12 * 3600.0;

    private static final double SAME_MOMENT = 1e-3;

    private final List<BuiltLayer> layers;
    private final Timetable timetable;
    private final double pourK;
    private final boolean turnsOut;
    private final double[] starts;
    private int poured = 1;
    private ChillReport report;
    private double peakAirC = Double.NEGATIVE_INFINITY;
    private Optional<FieldRecorder> recorder = Optional.empty();
    private Optional<AtTheTable> table = Optional.empty();

    private Build(List<BuiltLayer> layers, Timetable timetable, double pourK, boolean turnsOut) {
        this.turnsOut = turnsOut;
        this.layers = layers;
        this.timetable = timetable;
        this.pourK = pourK;
        starts = new double[layers.size()];
        if (starts.length > 0) {
            judge(0);
        }
    }

    /** Fills the mould and chills it; of a dessert without a poured layer there is nothing to follow. */
    public static Build of(Batch batch, Stack stack, List<Mix> mixes, Settings settings) {
        var lying = new ArrayList<Integer>();
        for (int i = 0; i < mixes.size(); i++) {
            if (stack.beds().get(i).exists()) {
                lying.add(i);
            }
        }
        boolean any =
                lying.stream().anyMatch(i -> !batch.components().get(i).kind().isSolid());
        if (!any) {
            return new Build(List.of(), batch.timetable(), 0, false);
        }
        var stays = batch.timetable().stays();
        double h = stays.stream().mapToDouble(stay -> stay.cooler().h()).max().orElse(0);
        var surface = settings.options().forSurface(h);
        var layered = lying.size() == 1 ? surface : surface.coarser();
        var options = lying.size() > MANY_LAYERS ? layered.fewerCells() : layered;
        var vessel = batch.mould().vessel();
        var grid = Grid.of(vessel, interfaces(stack, lying), options);
        var layers = layers(batch, stack, mixes, lying, grid, settings);
        var build = new Build(layers, batch.timetable(), settings.nudge().pourK(), batch.turnsOut());
        var materials = materials(layers, grid);
        if (settings.recorded()) {
            build.recorder = Optional.of(
                    new FieldRecorder(grid, layers, vessel, stays.get(0).airC()));
            build.table =
                    Optional.of(new AtTheTable(batch, grid, interfaces(stack, lying), materials, layers, options));
        }
        build.report = new ChillSimulation(grid, materials, vessel.material(), options)
                .run(build, BENCH_C, places(batch, settings.nudge()), build);
        return build;
    }

    /** The places of the timetable; what is late for its end waits on in the cooler. */
    private static List<Place> places(Batch batch, Nudge nudge) {
        var table = batch.timetable();
        var places = new ArrayList<Place>();
        for (var stay : table.stays()) {
            places.add(stay.place(Math.min(EVER, stay.seconds()), nudge.h(), nudge.airK(), air(stay, batch)));
        }
        if (table.ends()) {
            var home = new Stay(batch.cooler(), batch.airC(), EVER, Stay.Cover.OPEN, Stay.Stand.USUAL);
            places.add(home.place(EVER, nudge.h(), nudge.airK(), air(home, batch)));
        }
        return places;
    }

    private static AirOfCooler air(Stay stay, Batch batch) {
        var cooler = stay.cooler();
        return AirOfCooler.of(
                cooler.powerW(),
                1000 * cooler.contentsKj(),
                batch.count(),
                batch.timetable().doorsPerHour());
    }

    private static double[] interfaces(Stack stack, List<Integer> lying) {
        var tops = lying.stream().mapToDouble(i -> stack.beds().get(i).toMm()).toArray();
        int last = tops.length - 1;
        var inside = stack.beds().get(lying.get(last)).inside();
        tops[last] = Math.min(Math.max(inside.brimMm(), tops[last]), Math.max(LEAST_MM, tops[last]));
        return tops;
    }

    private static List<BuiltLayer> layers(
            Batch batch, Stack stack, List<Mix> mixes, List<Integer> lying, Grid grid, Settings settings) {
        var layers = new ArrayList<BuiltLayer>();
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
            var material = batch.timetable().freezes()
                    ? Material.freezing(mix.composition(), mix.airShare())
                    : Material.of(mix.composition(), mix.airShare());
            var thaw = batch.timetable().freezes()
                    ? Thaw.of(
                            Ice.of(mix.composition()),
                            component.gelProduct(),
                            batch.timetable().last().airC())
                    : Thaw.NEVER_FROZEN;
            var chill = component.kind().isSolid()
                    ? null
                    : chill(component, mix, slab, material.density(), massOn(batch, stack, i), thaw, settings);
            layers.add(new BuiltLayer(i, component, slab, material, chill));
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
            Component component, Mix mix, Slab slab, double density, double aboveG, Thaw thaw, Settings settings) {
        var model = component.gelModel();
        var factors = component.factors(mix);
        var fat = FatSet.of(component.network(), mix.airShare());
        var slump = new Slump(slab, density, aboveG / 1000);
        double strength = factors.product() * settings.nudge().strength();
        var set = new SetHistory(slab, model, mix.gelatinGramsPerLitre(), strength, fat, slump, thaw);
        return new Chill(model, factors, fat, slump, set);
    }

    /** Of each cell that of its layer; beside a lined one, that of the lining. */
    private static Material[] materials(List<BuiltLayer> layers, Grid grid) {
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
        boolean over = batch.turnedOver();
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
                        l.component().kind().isSolid() ? BENCH_C : l.component().pourC() + pourK))
                .toList();
    }

    @Override
    public boolean pourNow(int next, double seconds) {
        if (!carries(layers.get(next - 1), seconds - starts[next - 1])) {
            return false;
        }
        starts[next] = seconds;
        poured = next + 1;
        var below = layers.get(next - 1).history();
        // Of a layer that never carried anything there is nothing to go soft again.
        if (below != null && below.set().topPa() >= CARRIES_PA) {
            below.set().pouredOn();
        }
        judge(next);
        return true;
    }

    private static boolean carries(BuiltLayer below, double since) {
        if (below.history() == null) {
            return below.component().kind() != Kind.CRUMB || since >= CRUMB_SECONDS;
        }
        return !below.history().sets(below.component())
                || below.history().set().topPa() >= CARRIES_PA
                || since >= GIVEN_UP;
    }

    /** When a layer is judged, s: when it is served; without such a moment a day after its pour, or settled in its place. */
    private double judgedAt(int layer) {
        if (timetable.ends() && starts[layer] < timetable.endSeconds()) {
            return timetable.endSeconds();
        }
        return Math.max(starts[layer] + SetHistory.JUDGED_AT, settledSeconds());
    }

    private double settledSeconds() {
        int last = timetable.stays().size() - 1;
        return last == 0 || timetable.ends() ? 0 : timetable.startSeconds(last) + SETTLES;
    }

    private void judge(int layer) {
        var history = layers.get(layer).history();
        if (history != null) {
            history.set().judgeAt(judgedAt(layer) - starts[layer]);
        }
    }

    /** When the dessert is served, or, without such a moment, judged, s. */
    public double servedSeconds() {
        double latest = 0;
        for (int i = 0; i < starts.length; i++) {
            latest = Math.max(latest, judgedAt(i));
        }
        return latest;
    }

    @Override
    public double stopAfter(double seconds) {
        double next = poured == layers.size() && !timetable.ends() ? end() : Double.POSITIVE_INFINITY;
        for (int i = 0; i < poured; i++) {
            double stop = judgedAt(i);
            next = stop > seconds ? Math.min(next, stop) : next;
            double hardened = starts[i] + CRUMB_SECONDS;
            boolean crumb = layers.get(i).component().kind() == Kind.CRUMB;
            next = crumb && hardened > seconds ? Math.min(next, hardened) : next;
        }
        return next;
    }

    /** Until when it is followed once all of it is poured, s. */
    private double end() {
        return Math.max(starts[poured - 1] + LASTS, settledSeconds() + SETTLES);
    }

    @Override
    public boolean endsAt(double seconds) {
        if (poured < layers.size()) {
            return false;
        }
        if (!timetable.ends()) {
            return seconds >= end();
        }
        boolean served = seconds >= timetable.endSeconds() - SAME_MOMENT;
        return served && (ready() || seconds >= end());
    }

    /** Whether all that sets is set and, where it leaves its mould, may be turned out. */
    private boolean ready() {
        return layers.stream()
                .filter(l -> l.history() != null && l.history().sets(l.component()))
                .map(l -> l.history().set())
                .allMatch(set -> Double.isFinite(turnsOut ? set.readySeconds() : set.setSeconds()));
    }

    @Override
    public void air(double seconds, double airCelsius) {
        // Only the cooler's own warming counts, not a room that it stands in.
        peakAirC = stayAt(seconds).cooler().powerW() > 0 ? Math.max(peakAirC, airCelsius) : peakAirC;
        recorder.ifPresent(r -> r.air(seconds, airCelsius));
    }

    private Stay stayAt(double seconds) {
        double end = 0;
        for (var stay : timetable.stays()) {
            end += stay.seconds();
            if (seconds <= end) {
                return stay;
            }
        }
        return timetable.last();
    }

    @Override
    public void afterStep(double seconds, double stepSeconds, double[] meanCelsius, double[] celsius) {
        boolean late = timetable.ends() && seconds > timetable.endSeconds() + SAME_MOMENT;
        boolean chilling = late || seconds <= timetable.coldUntilSeconds() + SAME_MOMENT;
        for (int i = 0; i < poured; i++) {
            var chill = layers.get(i).history();
            if (chill != null) {
                chill.set().afterStep(seconds - starts[i], stepSeconds, meanCelsius, celsius, chilling);
            }
        }
        recorder.ifPresent(r -> r.afterStep(seconds, poured, celsius, isTurn(seconds)));
        table.filter(t -> poured == layers.size() && Math.abs(seconds - servedSeconds()) < SAME_MOMENT)
                .ifPresent(t -> t.take(celsius));
    }

    /** Whether a place or the whole ends at this moment. */
    private boolean isTurn(double seconds) {
        for (int i = 1; i <= timetable.stays().size(); i++) {
            if (Math.abs(seconds - timetable.startSeconds(i)) < SAME_MOMENT) {
                return true;
            }
        }
        return poured == layers.size() && endsAt(seconds);
    }

    /** Highest air temperature of a cooler while the dessert stands in it, °C; far below zero where there is none. */
    public double peakAirC() {
        return peakAirC;
    }

    /** The field over time, if it was to be kept. */
    public Optional<FieldRecorder> recorder() {
        return recorder;
    }

    /** What happens once it is served, if that was to be known. */
    public Optional<AtTheTable> table() {
        return table;
    }

    /** What was poured or laid in, by the index of its component. */
    public Map<Integer, BuiltLayer> byIndex() {
        return layers.stream().collect(Collectors.toMap(BuiltLayer::index, Function.identity()));
    }

    /** Seconds from the first pour to that of a component; 0 for what does not lie in the mould. */
    public double startSeconds(int index) {
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).index() == index) {
                return starts[i];
            }
        }
        return 0;
    }

    public ChillReport report() {
        return report;
    }
}
