package com.deftchill.core.batch;

import com.deftchill.core.chill.AirOfCooler;
import com.deftchill.core.chill.Place;
import com.deftchill.core.larder.Cooler;
import java.util.Arrays;
import java.util.Optional;

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
    /** A metal tray or shelf: contact counts for so much below the mould, W/m2K (handbook 4: 50 to 100 more). */
    private static final double TRAY_H = 60;

    /** What takes heat so well is a liquid, W/m2K: it wets the walls; over the dessert is air, as cold. */
    private static final double LIQUID_H = 100;

    private static final double STILL_AIR_H = 8;

    /** Food is not left longer in air warmer than this than its rules allow, °C. */
    public static final double COLD_C = 8;

    /** What lies over it. */
    public enum Cover {
        OPEN("", 1),
        FILM("film", 0.5),
        LID("lid", 0.5);

        private final String id;
        private final double share;

        Cover(String id, double share) {
            this.id = id;
            this.share = share;
        }

        /** Of the surface coefficient, left below it: a film or lid over a gap about halves it (handbook 4). */
        public double share() {
            return share;
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

    /** Surface coefficient below it, W/m2K. */
    public double hBase() {
        return switch (stand) {
            case USUAL -> cooler.hBase();
            case TRAY -> Math.max(TRAY_H, cooler.hBase());
            case RACK -> cooler.h();
        };
    }

    /**
     * The same for the simulation.
     *
     * @param lasts s
     * @param hFactor all surface coefficients times this
     * @param otherK air warmer by this
     * @param air how the air answers to what stands in it
     */
    public Place place(double lasts, double hFactor, double otherK, AirOfCooler air) {
        double h = cooler.h() * hFactor;
        double above = (cooler.h() >= LIQUID_H ? STILL_AIR_H * hFactor : h) * cover.share();
        return new Place(airC + otherK, above, h, hBase() * hFactor, lasts, air);
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
