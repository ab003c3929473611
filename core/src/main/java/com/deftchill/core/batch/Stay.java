package com.deftchill.core.batch;

import com.deftchill.core.chill.AirOfCooler;
import com.deftchill.core.chill.Place;
import com.deftchill.core.larder.Cooler;
import com.deftchill.core.parameters.ColdParameters;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * A place that a dessert stands in for a while, understood.
 *
 * @param cooler the place
 * @param airC its air, °C
 * @param seconds how long, s; infinite for one that it stays in until it is served
 * @param cover over it
 * @param stand below it
 */
public record Stay(Cooler cooler, double airC, double seconds, Cover cover, Stand stand) {
    /** What takes heat so well is a liquid, W/m2K: it wets the walls; over the dessert is air, as cold. */
    private static final double LIQUID_H = 100;

    /** Food is not left longer in air warmer than this than its rules allow, °C. */
    public static final double COLD_C = 8;

    /** In air as cold as this what is frozen through hardly ages, °C. */
    private static final double FREEZER_C = -12;

    /** What lies over it. */
    public enum Cover {
        OPEN("", p -> 1),
        FILM("film", p -> p.film().value()),
        LID("lid", p -> p.lid().value());

        private final String id;
        private final ToDoubleFunction<ColdParameters> share;

        Cover(String id, ToDoubleFunction<ColdParameters> share) {
            this.id = id;
            this.share = share;
        }

        /** Of the surface coefficient, left below it: a film or lid over a gap about halves it (handbook 4). */
        public double share(ColdParameters p) {
            return share.applyAsDouble(p);
        }

        public String id() {
            return id;
        }

        static Optional<Cover> of(String id) {
            return Arrays.stream(values()).filter(c -> c.id.equals(id)).findFirst();
        }
    }

    /** What it stands on. */
    public enum Stand {
        USUAL(""),
        TRAY("tray"),
        RACK("rack");

        private final String id;

        Stand(String id) {
            this.id = id;
        }

        public String id() {
            return id;
        }

        static Optional<Stand> of(String id) {
            return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
        }
    }

    /** Whether it has no end. */
    public boolean open() {
        return Double.isInfinite(seconds);
    }

    /** Whether its air is cold enough to keep food in. */
    public boolean cold() {
        return airC <= COLD_C;
    }

    /** Whether it is a freezer, in which what is frozen through keeps. */
    public boolean freezes() {
        return airC <= FREEZER_C;
    }

    /** Surface coefficient below it, W/m2K. */
    public double hBase(ColdParameters p) {
        return switch (stand) {
            case USUAL -> cooler.hBase();
            case TRAY -> Math.max(p.tray().value(), cooler.hBase());
            case RACK -> cooler.h();
        };
    }

    /**
     * The same for the simulation.
     *
     * @param p constants of the model
     * @param lasts s
     * @param hFactor all surface coefficients times this
     * @param otherK air warmer by this
     * @param air how the air answers to what stands in it
     */
    public Place place(ColdParameters p, double lasts, double hFactor, double otherK, AirOfCooler air) {
        double h = cooler.h() * hFactor;
        double above = (cooler.h() >= LIQUID_H ? p.stillAir().value() * hFactor : h) * cover.share(p);
        return new Place(airC + cooler.warmerK() + otherK, above, h, hBase(p) * hFactor, lasts, air);
    }

    /** In words, such as: under film, on a metal tray. */
    public String how() {
        var over = switch (cover) {
            case OPEN -> "";
            case FILM -> "under film";
            case LID -> "under a lid";
        };
        var under = switch (stand) {
            case USUAL -> "";
            case TRAY -> "on a metal tray";
            case RACK -> "on a wire rack";
        };
        return over.isEmpty() || under.isEmpty() ? over + under : over + ", " + under;
    }
}
