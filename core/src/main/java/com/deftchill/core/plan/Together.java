package com.deftchill.core.plan;

import com.deftchill.core.chill.CoolerLoad;
import com.deftchill.core.chill.CoolerLoad.Load;
import com.deftchill.core.larder.Cooler;
import com.deftchill.core.parameters.ColdParameters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What warm desserts do to each other in one cooler: its air rises, and each takes longer than alone. Computed by the
 * cooler's own model from when each is filled; the chill of each by itself has its own load in it already.
 */
final class Together {
    /** Where a cooler does not become cold again within the time that is followed, min. */
    private static final int NEVER = 72 * 60;

    private final ColdParameters cold;
    private final Cooler cooler;
    private final double airC;
    /** What each layer brings when it is filled, seconds from the first filling. */
    private final List<Filled> all;

    private Together(ReadPlan plan, List<MadeDish> inside, Cooler cooler, Schedule schedule) {
        var dessert = inside.get(0).dessert();
        cold = dessert.parameters().cold();
        airC = dessert.batch().airC();
        this.cooler = cooler;
        all = filled(plan.day(), inside, schedule);
    }

    /**
     * @param extraMinutes by task: of a chill, so much longer it lasts than alone; of a filling, so much longer the layer
     *     below takes until it carries
     * @param peakC by cooler, the highest temperature of its air, °C
     */
    record Outcome(Map<String, Integer> extraMinutes, Map<String, Double> peakC) {}

    /**
     * A layer that was filled.
     *
     * @param carries the task that waits until it carries, where one does, and how long that takes alone, s
     */
    private record Filled(MadeDish made, Load load, Optional<String> carries, double waitSeconds) {}

    static Outcome of(ReadPlan plan, Schedule schedule) {
        var extra = new HashMap<String, Integer>();
        var peaks = new LinkedHashMap<String, Double>();
        for (var store : plan.day().stores().values()) {
            var inside = plan.day().holds().stream()
                    .filter(hold -> hold.what().equals(store.id()))
                    .map(hold -> plan.dish(hold.dish()))
                    .toList();
            if (!store.kind().equals("cooler") || inside.isEmpty()) {
                continue;
            }
            var batch = inside.get(0).dessert().batch();
            var cooler =
                    batch.timetable().last().cold() ? batch.timetable().last().cooler() : batch.cooler();
            if (cooler.powerW() > 0) {
                var together = new Together(plan, inside, cooler, schedule);
                peaks.put(store.id(), together.peakC());
                together.chills(extra);
                together.waits(extra);
            }
        }
        return new Outcome(extra, peaks);
    }

    private double peakC() {
        return CoolerLoad.of(cold, airC, cooler.powerW(), contents(), loads(all))
                .peakC();
    }

    /** Each dish chills for longer by what its slowest layer is later cold. */
    private void chills(Map<String, Integer> extra) {
        var goals = new double[all.size()];
        Arrays.fill(goals, airC);
        var later = laterSeconds(goals);
        for (int i = 0; i < later.length; i++) {
            extra.merge(all.get(i).made().task("chill"), minutes(later[i]), Math::max);
        }
    }

    /** A layer is waited for until it is as cold as it would be alone. */
    private void waits(Map<String, Integer> extra) {
        var goals = all.stream()
                .mapToDouble(f -> airC
                        + (f.load().celsius() - airC)
                                * Math.exp(-f.waitSeconds() / f.load().tauSeconds()))
                .toArray();
        var later = laterSeconds(goals);
        for (int i = 0; i < later.length; i++) {
            int minutes = minutes(later[i]);
            all.get(i).carries().filter(task -> minutes > 0).ifPresent(task -> extra.put(task, minutes));
        }
    }

    /** By how much later each layer reaches a temperature than if its dish were there alone, s. */
    private double[] laterSeconds(double[] goals) {
        var later = reached(all, goals);
        for (var made : all.stream().map(Filled::made).distinct().toList()) {
            var own = new ArrayList<Integer>();
            for (int i = 0; i < all.size(); i++) {
                if (all.get(i).made() == made) {
                    own.add(i);
                }
            }
            var alone = reached(
                    own.stream().map(all::get).toList(),
                    own.stream().mapToDouble(i -> goals[i]).toArray());
            for (int k = 0; k < alone.length; k++) {
                later[own.get(k)] -= alone[k];
            }
        }
        return later;
    }

    private double[] reached(List<Filled> some, double[] goals) {
        return CoolerLoad.reachedSeconds(cold, airC, cooler.powerW(), contents(), loads(some), goals);
    }

    private double contents() {
        return cooler.contentsKj() * 1000;
    }

    private static List<Load> loads(List<Filled> filled) {
        return filled.stream().map(Filled::load).toList();
    }

    /** What is not cold alone either within the time that is followed comes to no number. */
    private static int minutes(double seconds) {
        return Double.isFinite(seconds) ? (int) Math.ceil(Math.max(0, seconds) / 60) : NEVER;
    }

    private static List<Filled> filled(Day day, List<MadeDish> inside, Schedule schedule) {
        var filled = new ArrayList<Filled>();
        long first = inside.stream()
                .flatMap(made -> made.dessert().studies().stream()
                        .map(study -> schedule.slots().get(made.task(study.index() + ".fill"))))
                .filter(slot -> slot != null)
                .mapToLong(Slot::end)
                .min()
                .orElse(0);
        for (var made : inside) {
            for (var study : made.dessert().studies()) {
                var id = made.task(study.index() + ".fill");
                var slot = schedule.slots().get(id);
                if (slot != null) {
                    var load = study.load(1);
                    var at = new Load((slot.end() - first) * 60.0, load.heatJPerK(), load.tauSeconds(), load.celsius());
                    var next = day.tasks().stream()
                            .filter(task ->
                                    task.lagTo(id).filter(lag -> lag.carries()).isPresent())
                            .findFirst();
                    double wait = next.flatMap(task -> task.lagTo(id))
                            .map(lag -> lag.least() * 60.0)
                            .orElse(0.0);
                    filled.add(new Filled(made, at, next.map(Task::id), wait));
                }
            }
        }
        return filled;
    }
}
