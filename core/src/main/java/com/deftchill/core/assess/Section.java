package com.deftchill.core.assess;

import com.deftchill.core.turnout.Point;
import java.util.List;
import java.util.Optional;

/**
 * The cut.
 *
 * @param mould its name
 * @param material of its wall
 * @param symmetry round or long
 * @param inner profile, bottom to brim
 * @param wallMm wall thickness, mm
 * @param baseMm base thickness, mm
 * @param brimMl volume to the brim, ml
 * @param fillMm fill height, mm
 * @param fillMl volume filled into each mould, ml
 * @param overMl what does not fit into each mould, ml
 * @param layers bottom first
 * @param garnish what goes on top at service
 * @param standing turned out on the plate; absent when eaten from its glass or not holding
 */
public record Section(
        String mould,
        String material,
        String symmetry,
        List<Point> inner,
        double wallMm,
        double baseMm,
        double brimMl,
        double fillMm,
        double fillMl,
        double overMl,
        List<Layer> layers,
        List<String> garnish,
        Optional<Standing> standing) {
    /**
     * A layer in the section.
     *
     * @param component its number in the formula
     * @param fromMm lower face, mm
     * @param toMm upper face, mm
     * @param volumeMl in each mould, ml
     * @param tint its look: cream, caramel, fruit, cocoa, crumb, sponge, pieces
     * @param wallMm height of the wall that it lines, mm; 0 for none
     * @param wallThicknessMm thickness of that wall, mm
     * @param inside what it lies in, bottom to brim
     */
    public record Layer(
            int component,
            String name,
            String kind,
            double fromMm,
            double toMm,
            double volumeMl,
            String tint,
            double wallMm,
            double wallThicknessMm,
            List<Point> inside) {}

    /**
     * The body standing on its plate.
     *
     * @param heightMm it stands
     * @param ofMm height in the mould
     * @param outline from plate to top
     * @param words how it stands
     * @param upsideDown whether what was poured first is on top
     */
    public record Standing(double heightMm, double ofMm, List<Point> outline, String words, boolean upsideDown) {}
}
