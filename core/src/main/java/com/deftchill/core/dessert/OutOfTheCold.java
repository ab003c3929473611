package com.deftchill.core.dessert;

import com.deftchill.core.build.AtTheTable;
import com.deftchill.core.build.AtTheTable.Course;
import com.deftchill.core.build.AtTheTable.Moment;
import java.util.List;
import java.util.Optional;

/**
 * How long a layer must stand out of the cooler: read from what happens to the whole dessert at the table, so that it is the
 * same wherever it is told.
 */
public final class OutOfTheCold {
    private OutOfTheCold() {}

    /** Minutes until a layer is as firm as wanted; infinite where it is not within four hours. */
    public static double untilRight(Dessert dessert, Study study) {
        return untilAllRight(dessert, List.of(study));
    }

    /** Minutes until each of some layers is as firm as wanted at once; infinite where they are not within four hours. */
    public static double untilAllRight(Dessert dessert, List<Study> layers) {
        var course = course(dessert);
        if (course.isEmpty()) {
            return layers.stream()
                    .mapToDouble(study -> {
                        var right = study.rightAtC();
                        return right.isPresent() ? byItself(study, right.getAsDouble()) : Double.POSITIVE_INFINITY;
                    })
                    .max()
                    .orElse(0);
        }
        var followed = course.get().components();
        return course.get().moments().stream()
                .filter(moment ->
                        layers.stream().allMatch(study -> isRight(study, moment.pa()[followed.indexOf(study.index())])))
                .findFirst()
                .map(moment -> moment.seconds() / 60)
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Whether a firmness, Pa, is what its way of serving wants. */
    public static boolean isRight(Study study, double pa) {
        return pa <= study.mostPa() && pa >= study.leastPa();
    }

    /** Minutes until a layer has warmed to T °C, mean over its volume; infinite where it has not within four hours. */
    public static double untilAt(Dessert dessert, Study study, double celsius) {
        var course = course(dessert);
        int index = course.map(c -> c.components().indexOf(study.index())).orElse(-1);
        return index < 0 ? byItself(study, celsius) : reached(course.get().moments(), index, celsius);
    }

    private static double reached(List<Moment> moments, int index, double celsius) {
        for (int i = 0; i < moments.size(); i++) {
            double now = moments.get(i).meanC()[index];
            if (now >= celsius) {
                if (i == 0) {
                    return 0;
                }
                double before = moments.get(i - 1).meanC()[index];
                double from = moments.get(i - 1).seconds();
                double share = (celsius - before) / (now - before);
                return (from + share * (moments.get(i).seconds() - from)) / 60;
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    private static Optional<Course> course(Dessert dessert) {
        return dessert.build().table().filter(AtTheTable::served).map(AtTheTable::course);
    }

    /** Where it is not followed to the table: the whole body warmed from the fridge to T °C by Newton's law, min [E]. */
    private static double byItself(Study study, double toC) {
        double room = study.kitchen().roomC();
        if (toC >= room) {
            return Double.POSITIVE_INFINITY;
        }
        double kg = study.bed().grams() / 1000;
        double m3 = study.bed().ml() * 1e-6;
        // A compact body: the surface of a cube of its volume.
        double surface = 6 * Math.pow(m3, 2.0 / 3);
        double capacity = kg * study.material().heatCapacity(10);
        return capacity
                / (study.parameters().cold().tableRoom().value() * surface)
                * Math.log((room - Study.SERVED_COLD_C) / (room - toC))
                / 60;
    }
}
