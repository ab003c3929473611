package com.deftchill.server.book;

import com.deftchill.core.assess.Section;
import com.deftchill.core.turnout.Point;
import java.util.List;

/**
 * The cut in small: what is needed to draw it, in tenths of a millimetre.
 *
 * @param inner profile of the mould, bottom to brim
 * @param layers bottom first
 */
public record SmallCut(
        String material, List<Point> inner, double wallMm, double baseMm, double fillMm, List<SmallLayer> layers) {
    /** More points than these are not seen in small. */
    private static final int MOST_POINTS = 24;

    /** A layer, by its place in the mould and its look. */
    public record SmallLayer(
            double fromMm, double toMm, String tint, double wallMm, double wallThicknessMm, List<Point> inside) {}

    public static SmallCut of(Section section) {
        return new SmallCut(
                section.material(),
                few(section.inner()),
                tenths(section.wallMm()),
                tenths(section.baseMm()),
                tenths(section.fillMm()),
                section.layers().stream()
                        .map(layer -> new SmallLayer(
                                tenths(layer.fromMm()),
                                tenths(layer.toMm()),
                                layer.tint(),
                                tenths(layer.wallMm()),
                                tenths(layer.wallThicknessMm()),
                                few(layer.inside())))
                        .toList());
    }

    private static List<Point> few(List<Point> points) {
        int step = (points.size() + MOST_POINTS - 1) / MOST_POINTS;
        return java.util.stream.IntStream.range(0, points.size())
                .filter(i -> i % step == 0 || i == points.size() - 1)
                .mapToObj(points::get)
                .map(p -> new Point(tenths(p.halfWidthMm()), tenths(p.heightMm())))
                .toList();
    }

    private static double tenths(double mm) {
        return Math.round(10 * mm) / 10.0;
    }
}
