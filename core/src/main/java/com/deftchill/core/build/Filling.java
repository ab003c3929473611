package com.deftchill.core.build;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Mixing;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.body.Nature;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.chill.Grid;
import com.deftchill.core.chill.Ice;
import com.deftchill.core.chill.Material;
import com.deftchill.core.chill.Slab;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.turnout.Slump;
import com.deftchill.core.vessel.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What lies in the mould, from the bottom up, cut into cells. Lining of a wall is taken to be as warm as the layer beside it
 * is poured [E].
 *
 * @param interfaces tops of the layers, mm above the base
 * @param materials of each cell
 * @param options how finely it is computed
 */
record Filling(List<BuiltLayer> layers, Grid grid, double[] interfaces, Material[] materials, ChillOptions options) {
    /** More layers than this are thin ones, and need fewer cells each. */
    private static final int MANY_LAYERS = 12;

    /** A thinner fill is computed as thick as this, mm. */
    private static final double LEAST_MM = 2;

    Filling {
        layers = List.copyOf(layers);
    }

    /** What lies in the mould; nothing where nothing is poured. */
    static Optional<Filling> of(Batch batch, Stack stack, List<Mix> mixes, Settings settings) {
        var lying = new ArrayList<Integer>();
        for (int i = 0; i < mixes.size(); i++) {
            if (stack.beds().get(i).exists()) {
                lying.add(i);
            }
        }
        boolean poured =
                lying.stream().anyMatch(i -> !batch.components().get(i).kind().isSolid());
        if (!poured) {
            return Optional.empty();
        }
        var options = options(batch, lying.size(), settings);
        var interfaces = interfaces(stack, lying);
        var grid = Grid.of(batch.mould().vessel(), interfaces, options);
        var layers = layers(batch, stack, mixes, lying, grid, settings);
        return Optional.of(new Filling(layers, grid, interfaces, materials(layers, grid), options));
    }

    private static ChillOptions options(Batch batch, int count, Settings settings) {
        double h = batch.timetable().stays().stream()
                .mapToDouble(stay -> stay.cooler().h())
                .max()
                .orElse(0);
        var surface = settings.options().forSurface(h);
        var layered = count == 1 ? surface : surface.coarser();
        return count > MANY_LAYERS ? layered.fewerCells() : layered;
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
                            batch.parameters().cold(),
                            Ice.of(mix.composition()),
                            component.gelProduct(),
                            batch.timetable().last().airC())
                    : Thaw.NEVER_FROZEN;
            var chill = component.kind().isSolid()
                    ? null
                    : chill(batch, component, mix, slab, material.density(), massOn(batch, stack, i), thaw, settings);
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
            Batch batch,
            Component component,
            Mix mix,
            Slab slab,
            double density,
            double aboveG,
            Thaw thaw,
            Settings settings) {
        var model = component.gelModel();
        var factors = component.factors(mix);
        var plastic = Mixing.plastic(component);
        double strength = factors.product() * settings.nudge().strength();
        double gelShare = Mixing.gelShare(component, mix, strength, plastic);
        var nature = Nature.ofGel(gelShare);
        var slump = new Slump(
                slab,
                density,
                aboveG / 1000,
                component.parameters().body().standsMargin().value(),
                gelShare);
        var limits = SetHistory.Limits.of(batch, component, gelShare, plastic);
        var set = new SetHistory(
                component.parameters(),
                slab,
                model,
                mix.gelatinGramsPerLitre(),
                strength,
                plastic,
                limits,
                slump,
                thaw);
        return new Chill(model, factors, plastic, nature, slump, set);
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
}
