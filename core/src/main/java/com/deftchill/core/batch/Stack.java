package com.deftchill.core.batch;

import com.deftchill.core.cook.CrumbBase;
import com.deftchill.core.cook.Dough;
import com.deftchill.core.vessel.Profile;
import java.util.ArrayList;
import java.util.List;

/**
 * The components of a dessert laid upon each other in its mould, bottom first.
 *
 * @param beds where each component lies, in the order of the formula
 * @param fillMm height of the fill, mm
 * @param fillMl volume meant for each mould, ml
 * @param overMl what does not fit, ml
 * @param heapedMl what stands above the rim, as fruit or whipped cream on top may, ml
 */
public record Stack(List<Bed> beds, double fillMm, double fillMl, double overMl, double heapedMl) {
    public Stack {
        beds = List.copyOf(beds);
    }

    /**
     * Where a component lies.
     *
     * @param fromMm its lower face, mm
     * @param toMm its upper face, mm; equal to the lower when it is not a layer
     * @param ml volume meant for each mould, ml
     * @param grams mass in each mould, g
     * @param wallMm height of the wall that it lines, mm
     * @param wallThicknessMm thickness of that wall, mm
     * @param inside what it is filled into: the mould, or the lining below it
     */
    public record Bed(
            double fromMm,
            double toMm,
            double ml,
            double grams,
            double wallMm,
            double wallThicknessMm,
            Profile inside) {
        /** Whether anything of it lies in the mould. */
        public boolean exists() {
            return toMm > fromMm;
        }

        public double heightMm() {
            return toMm - fromMm;
        }
    }

    /** Lays the components of a batch upon each other. What does not fit is left out of the mould, from the top. */
    public static Stack of(Batch batch) {
        var inside = batch.mould().vessel().profile();
        var beds = new ArrayList<Bed>();
        double top = 0;
        double meantMl = 0;
        double overMl = 0;
        for (var component : batch.components()) {
            double grams = batch.perMouldG(component);
            double ml = grams > 0 ? grams / Mixing.of(component).gramsPerMl() : 0;
            if (component.kind() == Kind.GARNISH || ml == 0) {
                beds.add(new Bed(top, top, ml, grams, 0, 0, inside));
                continue;
            }
            double placedMl = ml - drawnIn(batch, beds, component, ml);
            meantMl += placedMl;
            if (component.isDough()) {
                var bed = lined(component, grams, top, inside);
                beds.add(bed);
                inside = inside.lined(bed.wallThicknessMm(), Math.max(bed.toMm(), bed.wallMm()));
                top = bed.toMm();
                meantMl += bed.ml() - placedMl;
                continue;
            }
            var crust = component.pressed();
            if (lines(component) && crust.wallMm() > 0) {
                double thick = CrumbBase.thicknessMm(
                        component.parameters().pan(),
                        ml * component.parameters().pan().packed().value(),
                        inside.areaMm2(top),
                        inside.perimeterMm(top),
                        crust.wallMm());
                double floor = Math.min(top + thick, inside.brimMm());
                beds.add(new Bed(top, floor, ml, grams, crust.wallMm(), thick, inside));
                inside = inside.lined(thick, Math.max(floor, crust.wallMm()));
                top = floor;
                continue;
            }
            double below = inside.volumeMl(top);
            double room = inside.brimMl() - below;
            double placed = Math.min(placedMl, room);
            overMl += placedMl - placed;
            double to = placed > 0 ? inside.fillHeightMm(Math.min(inside.brimMl(), below + placed)) : top;
            beds.add(new Bed(top, to, ml, grams, 0, 0, inside));
            top = to;
        }
        double heapedMl = Math.min(overMl, heapMl(batch, beds));
        return new Stack(beds, top, meantMl - heapedMl, overMl - heapedMl, heapedMl);
    }

    /** A tin lined with dough: no more than it takes at the thickness it is rolled to; the rest is trimmed off. */
    private static Bed lined(Component dough, double bakedG, double top, Profile inside) {
        var p = dough.parameters().pan();
        double wall = wallMm(dough, inside);
        double surface = Dough.surfaceMm2(inside, top, wall);
        double kept = Mixing.of(dough).massG() / dough.raw().massG();
        double takes = Dough.lines(p, surface, rolledMm(dough));
        double raw = Math.min(bakedG / kept, takes);
        double thick = Dough.thicknessMm(p, raw, surface);
        double ml = raw / p.dough().value();
        return new Bed(top, Math.min(top + thick, inside.brimMm()), ml, raw * kept, wall, thick, inside);
    }

    /** How thick a dough is rolled, mm. */
    public static double rolledMm(Component dough) {
        return dough.pressed().thicknessMm().orElse(Dough.ROLLED_MM);
    }

    /** How high the wall of a dough reaches, mm: as written, else all of the tin's. */
    public static double wallMm(Component dough, Profile inside) {
        double written = dough.pressed().wallMm();
        return written > 0 ? Math.min(written, inside.brimMm()) : inside.brimMm();
    }

    /** What lies on top and need not fit below the rim, ml: pieces or whipped cream, where nothing is turned over. */
    private static double heapMl(Batch batch, List<Bed> beds) {
        for (int i = beds.size() - 1; i >= 0; i--) {
            var kind = batch.components().get(i).kind();
            if (kind != Kind.GARNISH && beds.get(i).ml() > 0) {
                boolean heap = kind == Kind.PIECES || kind == Kind.WHIPPED;
                return heap && batch.served() != Served.TURNED_OUT ? beds.get(i).ml() : 0;
            }
        }
        return 0;
    }

    /** What of a liquid the sponge below it draws into its pores, ml. */
    private static double drawnIn(Batch batch, List<Bed> beds, Component liquid, double ml) {
        if (beds.isEmpty() || liquid.kind().isSolid() || liquid.kind().fatSets()) {
            return 0;
        }
        var below = batch.components().get(beds.size() - 1);
        boolean sponge = below.kind() == Kind.PIECES
                && below.lines().stream()
                        .anyMatch(line -> line.part().ingredient().soaking().isPresent());
        double pores = Mixing.of(below).airShare() * beds.get(beds.size() - 1).ml();
        return sponge ? Math.min(FILLED_PORES * pores, MOST_DRAWN_IN * ml) : 0;
    }

    /** So much of its pores a sponge fills under a liquid, and so much of the liquid it takes at most [E]. */
    private static final double FILLED_PORES = 0.8;

    private static final double MOST_DRAWN_IN = 0.7;

    private static boolean lines(Component component) {
        return component.kind() == Kind.CRUMB || component.kind() == Kind.SHELL;
    }
}
