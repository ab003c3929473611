package com.deftchill.planner;

import com.deftchill.core.plan.Conflict;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Pin;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Solver.Aim;
import com.deftchill.core.plan.Solver.Options;
import com.deftchill.core.plan.Solver.Solution;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;

/** Prints how long planning takes and how good it is: {@code ops/plans}. No test. */
final class PlannerFigures {
    private static final CpPlanner PLANNER = new CpPlanner();

    private PlannerFigures() {}

    public static void main(String[] arguments) throws IOException {
        best(RandomDays.large(9, 6), 3);
        for (int seed = 1; seed <= 3; seed++) {
            System.out.printf("6 dishes, seed %d: %s%n", seed, told(best(RandomDays.large(seed, 6), 10)));
        }
        for (int seed = 1; seed <= 3; seed++) {
            var day = RandomDays.large(seed, 20);
            var first = PLANNER.solve(day, Options.of(Aim.FITS, Duration.ofSeconds(10)));
            System.out.printf("20 dishes, seed %d, any plan in time: %.2f s%n", seed, first.seconds());
            var best = best(day, 10);
            System.out.printf("20 dishes, seed %d, best in 10 s: %s%n", seed, told(best));
            System.out.printf("20 dishes, seed %d, a step moved by half an hour: %s%n", seed, told(moved(day, best)));
        }
        var crowded = RandomDays.large(4, 40);
        var stores = new LinkedHashMap<>(crowded.stores());
        var hands = crowded.hands().subList(0, 1);
        var impossible = new Day(
                crowded.zone(),
                crowded.span(),
                crowded.dishes(),
                crowded.tasks(),
                crowded.holds(),
                hands,
                stores,
                Map.of(),
                crowded.now(),
                crowded.evening());
        long begin = System.nanoTime();
        var wishes = Conflict.of(impossible, PLANNER, Duration.ofMillis(1800), Duration.ofMillis(700));
        System.out.printf(
                "40 dishes for one cook: %d wishes collide, found in %.2f s%n",
                wishes.size(), (System.nanoTime() - begin) / 1e9);
        for (var line : Files.readAllLines(Path.of("/proc/self/status"))) {
            if (line.startsWith("VmHWM") || line.startsWith("VmRSS")) {
                System.out.println(line);
            }
        }
        System.out.printf("heap %d MB%n", Runtime.getRuntime().totalMemory() >> 20);
    }

    private static Solution best(Day day, int seconds) {
        return PLANNER.solve(day, Options.of(Aim.BEST, Duration.ofSeconds(seconds)));
    }

    private static Solution moved(Day day, Solution best) {
        Schedule schedule = best.schedule().orElseThrow();
        var task = day.tasks().get(20);
        var pins = Map.of(task.id(), Pin.at(schedule.of(task.id()).start() - 30));
        var pinned = new Day(
                day.zone(),
                day.span(),
                day.dishes(),
                day.tasks(),
                day.holds(),
                day.hands(),
                day.stores(),
                pins,
                day.now(),
                day.evening());
        return PLANNER.solve(
                pinned, Options.of(Aim.LEAST_MOVED, Duration.ofSeconds(1)).from(schedule));
    }

    private static String told(Solution solution) {
        var text = new StringBuilder(String.format("%.2f s", solution.seconds()));
        if (solution.schedule().isEmpty()) {
            text.append(", none");
        }
        for (var level : solution.levels()) {
            text.append(String.format(
                    "; %s %.0f (bound %.0f, %.2f s)",
                    level.code(), level.cost(), Math.max(0, level.bound()), level.seconds()));
        }
        return text.toString();
    }
}
