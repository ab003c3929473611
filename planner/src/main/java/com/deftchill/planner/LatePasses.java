package com.deftchill.planner;

import com.deftchill.core.plan.Checker;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Schedule;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;

/**
 * Looks for the order of pieces in which one pass ({@link SerialPass}) lets the first hands be there latest: the order is
 * changed a little again and again, and what is not worse than what was there some changes ago is kept (late acceptance).
 * Where that leads nowhere, the best order is changed much, or another one begun with.
 */
final class LatePasses {
    /** What is compared with is so many passes old. */
    private static final int MEMORY = 50;

    /** After so many passes without anything better it goes on from elsewhere. */
    private static final int PATIENCE = 2000;

    /** Mostly that is the best order after so many changes, else any order. */
    private static final int KICKS = 20;

    private static final double KICKED = 0.8;

    /**
     * Hands that begin little after the first ones count as well, the less the later: by so many working minutes later, a
     * third as much. Without that most changes would change nothing.
     */
    private static final double SOFT = 10;

    private final Day day;
    private final SerialPass pass;
    private final Random random;
    /** Of every minute of the span, in how many minutes from then on anybody is there. */
    private final int[] workedFrom;

    private final double[] costs = new double[MEMORY];
    private SerialPass.Order order;
    private SerialPass.Order bestOrder;
    private double cost;
    private double lowest;
    private int passes;
    private int lowestAt;
    private Optional<Schedule> best = Optional.empty();
    private int first = Integer.MAX_VALUE;

    private LatePasses(Day day, int seed) {
        this.day = day;
        pass = new SerialPass(day);
        random = new Random(seed);
        workedFrom = workedFrom(day);
        goOnFromElsewhere();
    }

    /** @param schedule that keeps every rule; empty where none was found */
    record Found(Optional<Schedule> schedule, int passes) {}

    /**
     * @param day in which nothing has begun
     * @param enough asked between two passes
     */
    static Found of(Day day, int seed, BooleanSupplier enough) {
        var search = new LatePasses(day, seed);
        while (!enough.getAsBoolean()) {
            search.tryOne();
        }
        return search.found();
    }

    /** Any schedule, by so many passes at most. */
    static Found any(Day day, int seed, int most) {
        var search = new LatePasses(day, seed);
        while (search.passes < most && search.best.isEmpty()) {
            search.tryOne();
        }
        return search.found();
    }

    /** What a pass does not look at, such as two shifts of one cook without a break, is looked at here. */
    private Found found() {
        return new Found(best.filter(schedule -> Checker.check(day, schedule).isEmpty()), passes);
    }

    private void goOnFromElsewhere() {
        Arrays.fill(costs, Double.POSITIVE_INFINITY);
        cost = Double.POSITIVE_INFINITY;
        lowest = Double.POSITIVE_INFINITY;
        lowestAt = passes;
        order = SerialPass.Order.any(pass.pieces(), random);
        if (best.isPresent() && random.nextDouble() < KICKED) {
            order = bestOrder;
            for (int kick = 0; kick < KICKS; kick++) {
                order = order.changed(random);
            }
        }
    }

    private void tryOne() {
        int slot = passes++ % MEMORY;
        var other = order.changed(random);
        if (pass.place(other, since(Math.max(cost, costs[slot])))) {
            int top = top();
            if (top <= first) {
                bestOrder = other;
            }
            if (top < first) {
                first = top;
                best = Optional.of(pass.schedule());
            }
            double otherCost = cost(top);
            if (otherCost <= cost || otherCost <= costs[slot]) {
                order = other;
                cost = otherCost;
            }
        } else if (Double.isInfinite(cost)) {
            order = SerialPass.Order.any(pass.pieces(), random);
        }
        costs[slot] = cost;
        if (cost < lowest) {
            lowest = cost;
            lowestAt = passes;
        } else if (passes - lowestAt > PATIENCE) {
            goOnFromElsewhere();
        }
    }

    /** The first minute from which on anybody is there in no more minutes than that: sooner would not be kept. */
    private int since(double most) {
        int low = 0;
        int high = workedFrom.length - 1;
        while (low < high) {
            int middle = (low + high) / 2;
            if (workedFrom[middle] > most) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** In how many working minutes from the first hands on anybody is there. */
    private int top() {
        int top = 0;
        for (int job = 0; job < pass.jobs(); job++) {
            if (pass.needsHands(job)) {
                top = Math.max(top, workedFrom[pass.start(job)]);
            }
        }
        return top;
    }

    /** What is made small: that, and a little of what begins soon after. */
    private double cost(int top) {
        double sum = 0;
        for (int job = 0; job < pass.jobs(); job++) {
            if (pass.needsHands(job)) {
                sum += Math.exp((workedFrom[pass.start(job)] - top) / SOFT);
            }
        }
        return top + SOFT * Math.log(Math.max(1, sum));
    }

    private static int[] workedFrom(Day day) {
        int[] from = new int[(int) day.span().minutes() + 1];
        for (var stretch : Stricter.worked(day)) {
            long begin = Math.max(0, stretch.from() - day.span().from());
            long end = Math.min(day.span().minutes(), stretch.to() - day.span().from());
            for (long minute = begin; minute < end; minute++) {
                from[(int) minute] = 1;
            }
        }
        for (int minute = from.length - 2; minute >= 0; minute--) {
            from[minute] += from[minute + 1];
        }
        return from;
    }
}
