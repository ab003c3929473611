package com.deftchill.planner;

import com.deftchill.core.method.Need;
import com.deftchill.core.method.Step.Kind;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.Hand;
import com.deftchill.core.plan.Hold;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Lag;
import com.deftchill.core.plan.Store;
import com.deftchill.core.plan.Task;
import com.deftchill.core.text.Message;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Random;

/** Days made up at random from a seed, in the shape of real ones: weigh, bloom, heat, whip, fold, fill, chill, turn out. */
final class RandomDays {
    static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final LocalDate DATE = LocalDate.of(2026, 11, 28);

    private final Random random;
    private final List<Task> tasks = new ArrayList<>();
    private final List<Hold> holds = new ArrayList<>();
    private final List<Dish> dishes = new ArrayList<>();

    private RandomDays(long seed) {
        random = new Random(seed);
    }

    static long at(int day, int hour, int minute) {
        return DATE.plusDays(day).atTime(hour, minute).atZone(ZONE).toEpochSecond() / 60;
    }

    /** So many dishes of ten steps, two cooks, one mixer, over two days. */
    static Day large(long seed, int dishes) {
        var days = new RandomDays(seed);
        for (int i = 0; i < dishes; i++) {
            days.dish("d" + i, at(1, 19, 0) + 15L * days.random.nextInt(6), true);
        }
        return days.day(2, Map.of(Need.BURNER, 3, Need.MIXER, 1, Need.ICE_BATH, 1, Need.OVEN, 1), 800, 1);
    }

    /** One to three dishes of a few steps, some of which cannot be ready. */
    static Day small(long seed) {
        var days = new RandomDays(seed);
        int count = 1 + days.random.nextInt(3);
        for (int i = 0; i < count; i++) {
            days.dish("d" + i, at(0, 15 + days.random.nextInt(6), 0), false);
        }
        int cooks = 1 + days.random.nextInt(2);
        return days.day(cooks, Map.of(Need.BURNER, 1, Need.MIXER, 1, Need.ICE_BATH, 1, Need.OVEN, 1), 150, 0);
    }

    private void dish(String id, long due, boolean whole) {
        dishes.add(new Dish(id, id, 12, due, "dinner"));
        var weigh = add(id, "weigh", Kind.ACTIVE, Hand4.WEIGHING, List.of(), 3 + random.nextInt(8), List.of());
        var bloom = add(id, "bloom", Kind.WAITING, 0, List.of(), 10, List.of(lag(weigh, 0, -1, "")));
        var heat = add(
                id,
                "heat",
                Kind.TENDED,
                Hand4.GLANCE,
                List.of(Need.BURNER),
                4 + random.nextInt(14),
                List.of(lag(weigh, 0, -1, "")));
        var dissolve = add(
                id,
                "dissolve",
                Kind.ACTIVE,
                Hand.ATTENTION,
                List.of(),
                2,
                List.of(lag(heat, 0, 10, "cools"), lag(bloom, 0, 60, "dries")));
        var last = dissolve;
        if (whole || random.nextBoolean()) {
            boolean ice = random.nextBoolean();
            var cool = add(
                    id,
                    "cool",
                    ice ? Kind.TENDED : Kind.WAITING,
                    ice ? Hand4.GLANCE : 0,
                    ice ? List.of(Need.ICE_BATH) : List.of(),
                    15 + random.nextInt(40),
                    List.of(lag(dissolve, 0, -1, "")));
            var whip = add(id, "whip", Kind.TENDED, 5, List.of(Need.MIXER), 4, List.of(lag(weigh, 0, -1, "")));
            last = add(
                    id,
                    "fold",
                    Kind.ACTIVE,
                    Hand.ATTENTION,
                    List.of(),
                    5,
                    List.of(lag(cool, 0, 8 + random.nextInt(10), "sets"), lag(whip, 0, 30, "collapses")));
        }
        var fill = add(
                id,
                "fill",
                Kind.ACTIVE,
                Hand.ATTENTION,
                List.of(),
                4 + random.nextInt(10),
                List.of(lag(last, 0, 15, "sets")));
        var below = fill;
        if (random.nextInt(3) == 0) {
            int carries = 60 + random.nextInt(60);
            below = add(
                    id,
                    "fill2",
                    Kind.ACTIVE,
                    Hand.ATTENTION,
                    List.of(),
                    4,
                    List.of(lag(fill, carries, carries + 60, "bonds")));
        }
        var chill = add(
                id,
                "chill",
                Kind.WAITING,
                0,
                List.of(),
                120 + random.nextInt(240),
                List.of(lag(below, 0, 10, "cools")));
        String until = "";
        if (random.nextBoolean()) {
            until = add(
                    id,
                    "turn-out",
                    Kind.ACTIVE,
                    Hand.ATTENTION,
                    List.of(),
                    6 + random.nextInt(14),
                    List.of(lag(chill, 0, -1, "")));
        }
        holds.add(new Hold("fridge", id, 20 + random.nextInt(40), fill, until));
    }

    /** What the core calls by name within its package. */
    private static final class Hand4 {
        static final int WEIGHING = 4;
        static final int GLANCE = 3;
    }

    private static Lag lag(String task, int least, int most, String why) {
        return new Lag(task, least, most < 0 ? OptionalInt.empty() : OptionalInt.of(most), why);
    }

    private String add(
            String dish, String code, Kind kind, int attention, List<Need> needs, int minutes, List<Lag> after) {
        var id = dish + "/" + code;
        int wash = needs.contains(Need.MIXER) ? 4 : 0;
        tasks.add(new Task(
                id,
                dish,
                "",
                Message.own(code),
                kind,
                attention,
                needs,
                minutes,
                wash,
                after,
                OptionalLong.empty(),
                List.of()));
        return id;
    }

    private Day day(int cooks, Map<Need, Integer> kit, int shelves, int days) {
        var stores = new LinkedHashMap<String, Store>();
        kit.forEach(
                (need, amount) -> stores.put(need.name(), new Store(need.name(), need.name(), need.name(), amount)));
        stores.put("fridge", new Store("fridge", "cooler", "Fridge", shelves));
        var hands = new ArrayList<Hand>();
        for (int i = 0; i < cooks; i++) {
            var shifts = new ArrayList<Interval>();
            for (int d = 0; d <= days; d++) {
                shifts.add(new Interval(at(d, 8 + 2 * i, 0), at(d, 13, 0)));
                shifts.add(new Interval(at(d, 13, 30), at(d, 20 + i, 30)));
            }
            hands.add(new Hand("p" + i, "Cook " + (i + 1), shifts));
        }
        return new Day(
                ZONE,
                new Interval(at(0, 6, 0), at(days + 1, 4, 0)),
                dishes,
                tasks,
                holds,
                hands,
                stores,
                Map.of(),
                OptionalLong.empty(),
                18 * 60);
    }
}
