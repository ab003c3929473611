package com.deftchill.core.plan;

import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.method.Method;
import com.deftchill.core.method.Step;
import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import java.util.List;

/**
 * A dish with its dessert computed for the count that is wanted.
 *
 * @param dish what is planned
 * @param dessert scaled to its count
 */
public record MadeDish(Dish dish, Dessert dessert) {
    /** Width and depth of a cooler's shelf, mm [E]: a shelf of a usual professional fridge. */
    private static final double SHELF_WIDTH_MM = 530;

    private static final double SHELF_DEPTH_MM = 650;
    /** Room for fingers and air around each mould, mm [E]. */
    private static final double AROUND_MM = 8;

    /** Its steps. */
    public List<Step> method() {
        return Method.of(dessert);
    }

    /** Name of a task in the plan. */
    String task(String step) {
        return dish.id() + "/" + step;
    }

    /** What its moulds take of a cooler, in hundredths of a shelf. */
    public int shelfHundredths() {
        var mould = dessert.batch().mould();
        var profile = mould.vessel().profile();
        double wall = 2 * mould.vessel().wallMm() + AROUND_MM;
        double across = 2 * widest(profile) + wall;
        double along = profile.symmetry() == Symmetry.LONG ? profile.lengthMm() + wall : across;
        double share = dish.count() * across * along / (SHELF_WIDTH_MM * SHELF_DEPTH_MM);
        return (int) Math.max(1, Math.ceil(share * 100));
    }

    private static double widest(Profile profile) {
        double widest = 0;
        for (int i = 0; i < profile.points(); i++) {
            widest = Math.max(widest, profile.halfWidthMm(i));
        }
        return widest;
    }
}
