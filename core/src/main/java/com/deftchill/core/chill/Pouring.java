package com.deftchill.core.chill;

import java.util.List;

/**
 * The layers of a grid, bottom first, each poured when the one below can carry it.
 *
 * <p>A layer is a range of rows; the layers follow each other without a gap from row 0 to the top row.
 */
public interface Pouring {
    /**
     * A layer to be poured.
     *
     * @param toRow its rows end below this one
     * @param celsius temperature at which it is poured, °C
     */
    record Layer(int toRow, double celsius) {}

    /** All layers, bottom first. The first is poured at the start. */
    List<Layer> layers();

    /**
     * Whether the next layer is poured now; asked after every step and every pour.
     *
     * @param next index of the layer that waits, 1 or more
     * @param seconds since the first pour, s
     */
    boolean pourNow(int next, double seconds);

    /** Temperature at which a cell of a layer is filled, °C. */
    default double celsius(Layer layer, int cell) {
        return layer.celsius();
    }

    /** The next time after some seconds at which a step has to end, s. */
    default double stopAfter(double seconds) {
        return Double.POSITIVE_INFINITY;
    }

    /** Whether enough is known, so that the run may end before its places do. */
    default boolean endsAt(double seconds) {
        return false;
    }

    /** All of a vessel poured at once. */
    static Pouring atOnce(Grid grid, double celsius) {
        return new Pouring() {
            @Override
            public List<Layer> layers() {
                return List.of(new Layer(grid.rows(), celsius));
            }

            @Override
            public boolean pourNow(int next, double seconds) {
                return false;
            }
        };
    }
}
