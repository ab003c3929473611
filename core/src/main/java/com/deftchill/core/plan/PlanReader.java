package com.deftchill.core.plan;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.method.Need;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Problem;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.regex.Pattern;

/** Understands a written plan: a day with all its tasks, or every field at fault by its name. */
public final class PlanReader {
    /** So many dishes, people and services at most: more is no day of one kitchen. */
    public static final int MOST_DISHES = 60;

    private static final int MOST_PEOPLE = 20;
    private static final int MOST_SERVICES = 12;
    private static final int MOST_DAYS = 6;
    private static final int MOST_MACHINES = 50;
    private static final int MOST_BOWLS = 500;
    private static final int MOST_MOULDS = 2000;
    private static final int EVENING = 18 * 60;
    /** What is late may be so long late. */
    private static final int AFTER = 6 * 60;

    private static final Pattern COVERS =
            Pattern.compile("(\\d+)\\s*(?:covers|guests|portions)", Pattern.CASE_INSENSITIVE);

    /** Makes the dessert of a dish for so many moulds; empty for as many as it has. */
    public interface Kitchen {
        Answer<Dessert> dessert(WrittenPlan.PlannedDish dish, Optional<Integer> moulds);
    }

    private final WrittenPlan plan;
    private final Workplace workplace;
    private final Kitchen kitchen;
    private final List<Problem> problems = new ArrayList<>();
    private final Map<String, Long> services = new LinkedHashMap<>();
    private ZoneId zone = ZoneOffset.UTC;

    private PlanReader(WrittenPlan plan, Workplace workplace, Kitchen kitchen) {
        this.plan = plan;
        this.workplace = workplace;
        this.kitchen = kitchen;
    }

    /** @param now before which nothing more can begin; empty while nothing has begun */
    public static Answer<ReadPlan> read(WrittenPlan plan, Workplace workplace, Kitchen kitchen, OptionalLong now) {
        return new PlanReader(plan, workplace, kitchen).read(now);
    }

    private Answer<ReadPlan> read(OptionalLong now) {
        readZone();
        limit("services", plan.services().size(), MOST_SERVICES, "/services", "Services");
        limit("dishes", plan.dishes().size(), MOST_DISHES, "/dishes", "Desserts");
        limit("people", plan.people().size(), MOST_PEOPLE, "/people", "People");
        if (!problems.isEmpty()) {
            return Answer.not(problems);
        }
        for (int i = 0; i < plan.services().size(); i++) {
            service(i);
        }
        int before = whole("/daysBefore", "Days before", plan.daysBefore(), 1, 0, MOST_DAYS);
        var stores = stores();
        if (!problems.isEmpty()) {
            return Answer.not(problems);
        }
        var dishes = dishes();
        if (services.isEmpty() || (dishes.isEmpty() && problems.isEmpty())) {
            add("plan-empty", services.isEmpty() ? "/services" : "/dishes", "Desserts", "", Problem.rule("plan.empty"));
        }
        if (!problems.isEmpty()) {
            return Answer.not(problems);
        }
        var span = span(before);
        var hands = hands(span);
        var pins = pins(hands);
        if (!problems.isEmpty()) {
            return Answer.not(problems);
        }
        var tasks = new ArrayList<Task>();
        var holds = new ArrayList<Hold>();
        for (var made : dishes) {
            var own = DishTasks.of(made, workplace.larder());
            tasks.addAll(own);
            holds.addAll(DishTasks.holds(made, own, stores));
        }
        var joined = SharedParts.join(plan, dishes, tasks);
        if (stores.containsKey(Bowls.STORE)) {
            holds.addAll(Bowls.holds(joined));
        }
        enough(joined, holds, stores, hands);
        if (!problems.isEmpty()) {
            return Answer.not(problems);
        }
        var known = new HashMap<>(pins);
        known.keySet().retainAll(joined.stream().map(Task::id).toList());
        var day = new Day(
                zone,
                span,
                dishes.stream().map(MadeDish::dish).toList(),
                joined,
                holds,
                hands,
                stores,
                known,
                now,
                EVENING);
        return Answer.of(new ReadPlan(day, dishes));
    }

    private void readZone() {
        try {
            zone = plan.zone().isBlank() ? ZoneOffset.UTC : ZoneId.of(plan.zone());
        } catch (DateTimeException e) {
            add("zone-unknown", "/zone", "Time zone", plan.zone(), Problem.rule("plan.zone"));
        }
    }

    private void limit(String what, int count, int most, String path, String field) {
        if (count > most) {
            add(
                    "plan-too-large",
                    path,
                    field,
                    String.valueOf(count),
                    Problem.rule("plan.too-many").with("most", new Argument.Count(most)));
        }
    }

    private void service(int index) {
        var service = plan.services().get(index);
        var path = "/services/" + index;
        var date = date(path + "/on", "Date", service.on());
        var time = time(path + "/at", "Time of service", service.at());
        if (date.isPresent() && time.isPresent()) {
            minute(path + "/at", "Time of service", service.at(), date.get().atTime(time.get()))
                    .ifPresent(minute -> services.put(service.id(), minute));
        }
    }

    private Optional<LocalDate> date(String path, String field, String text) {
        try {
            return Optional.of(LocalDate.parse(text.strip()));
        } catch (DateTimeException e) {
            add("date-unreadable", path, field, text, Problem.rule("plan.date"));
            return Optional.empty();
        }
    }

    private Optional<LocalTime> time(String path, String field, String text) {
        try {
            return Optional.of(Typed.time(text));
        } catch (UnreadableException e) {
            add("time-unreadable", path, field, text, e.rule());
            return Optional.empty();
        }
    }

    /** A clock time as an instant; one that the change of the clock leaves out is none. */
    private Optional<Long> minute(String path, String field, String text, LocalDateTime at) {
        if (zone.getRules().getValidOffsets(at).isEmpty()) {
            add("time-left-out", path, field, text, Problem.rule("plan.left-out"));
            return Optional.empty();
        }
        return Optional.of(at.atZone(zone).toEpochSecond() / 60);
    }

    private int whole(String path, String field, String text, int blank, int least, int most) {
        if (text.isBlank()) {
            return blank;
        }
        try {
            return Typed.count(text, least, most);
        } catch (UnreadableException e) {
            add("number-unreadable", path, field, text, e.rule());
            return blank;
        }
    }

    private Map<String, Store> stores() {
        var stores = new LinkedHashMap<String, Store>();
        machine(stores, Need.BURNER, "burners", "Burners", plan.kit().burners(), 4);
        machine(stores, Need.MIXER, "mixers", "Mixers", plan.kit().mixers(), 1);
        machine(stores, Need.ICE_BATH, "iceBaths", "Ice baths", plan.kit().iceBaths(), 1);
        machine(stores, Need.OVEN, "ovens", "Ovens", plan.kit().ovens(), 1);
        if (!plan.kit().bowls().isBlank()) {
            int count = whole("/kit/bowls", "Bowls", plan.kit().bowls(), 0, 0, MOST_BOWLS);
            stores.put(Bowls.STORE, new Store(Bowls.STORE, "bowls", "Bowls", count));
        }
        for (int i = 0; i < plan.coolers().size(); i++) {
            var written = plan.coolers().get(i);
            var path = "/coolers/" + i;
            var cooler = workplace.larder().cooler(written.of());
            if (cooler.isEmpty()) {
                add("cooler-unknown", path + "/of", "Cooler", written.of(), Problem.rule("plan.unknown"));
                continue;
            }
            int shelves = whole(path + "/shelves", "Shelves", written.shelves(), 4, 0, MOST_MACHINES);
            stores.put(
                    cooler.get().id(),
                    new Store(cooler.get().id(), "cooler", cooler.get().name(), 100 * shelves));
        }
        for (int i = 0; i < plan.moulds().size(); i++) {
            var written = plan.moulds().get(i);
            var path = "/moulds/" + i;
            var mould = workplace.larder().mould(written.of());
            if (mould.isEmpty()) {
                add("mould-unknown", path + "/of", "Mould", written.of(), Problem.rule("plan.unknown"));
                continue;
            }
            int owned = whole(path + "/owned", "Owned", written.owned(), MOST_MOULDS, 0, MOST_MOULDS);
            stores.put(
                    mould.get().id(),
                    new Store(mould.get().id(), "mould", mould.get().name(), owned));
        }
        return stores;
    }

    private void machine(Map<String, Store> stores, Need need, String field, String label, String text, int usual) {
        int count = whole("/kit/" + field, label, text, usual, 0, MOST_MACHINES);
        stores.put(Day.storeOf(need), new Store(Day.storeOf(need), field, label, count));
    }

    private List<MadeDish> dishes() {
        var made = new ArrayList<MadeDish>();
        for (int i = 0; i < plan.dishes().size(); i++) {
            var written = plan.dishes().get(i);
            var path = "/dishes/" + i;
            var due = services.get(written.service());
            if (due == null) {
                add(
                        "service-unknown",
                        path + "/service",
                        "Service",
                        written.service(),
                        Problem.rule("plan.which-service"));
                continue;
            }
            moulds(path, written)
                    .ifPresent(moulds -> make(path, written, moulds, due).ifPresent(made::add));
        }
        return made;
    }

    private Optional<MadeDish> make(String path, WrittenPlan.PlannedDish written, Optional<Integer> moulds, long due) {
        var answer = kitchen.dessert(written, moulds);
        var name = written.document().name();
        if (answer.value().isEmpty()) {
            var first = answer.problems().get(0);
            add(
                    "dish-not-understood",
                    path,
                    name,
                    first.value(),
                    Problem.rule("plan.not-understood").with("field", first.field()));
            return Optional.empty();
        }
        var dessert = answer.value().get();
        double ready = dessert.batch().turnsOut() ? dessert.readySeconds() : dessert.setSeconds();
        if (!dessert.studies().isEmpty() && Double.isInfinite(ready)) {
            add("dish-never-ready", path, name, "", Problem.rule("plan.never-ready"));
            return Optional.empty();
        }
        var service = plan.services().stream()
                .filter(s -> s.id().equals(written.service()))
                .findFirst()
                .orElseThrow();
        var dish = new Dish(written.id(), name, dessert.batch().count(), due, service.name());
        return Optional.of(new MadeDish(dish, dessert));
    }

    /** Moulds of a dish: as written, from covers, or as the formula has; empty where it cannot be read. */
    private Optional<Optional<Integer>> moulds(String path, WrittenPlan.PlannedDish dish) {
        var covers = COVERS.matcher(dish.count().strip());
        var guests = "";
        if (covers.matches()) {
            guests = covers.group(1);
        } else if (!dish.count().isBlank()) {
            int count = whole(path + "/count", "How many", dish.count(), -1, 1, MOST_MOULDS);
            return count < 0 ? Optional.empty() : Optional.of(Optional.of(count));
        } else {
            guests = plan.services().stream()
                    .filter(s -> s.id().equals(dish.service()))
                    .findFirst()
                    .map(WrittenPlan.Service::covers)
                    .orElse("");
        }
        if (guests.isBlank()) {
            return Optional.of(Optional.empty());
        }
        int eaten = whole(path + "/count", "Covers", guests, -1, 1, MOST_MOULDS);
        int portions = Math.max(1, portions(dish));
        return eaten < 0 ? Optional.empty() : Optional.of(Optional.of((eaten + portions - 1) / portions));
    }

    private static int portions(WrittenPlan.PlannedDish dish) {
        try {
            return Typed.count(dish.document().moulds().portions(), 1, MOST_MOULDS);
        } catch (UnreadableException e) {
            return 1;
        }
    }

    private Interval span(int before) {
        long first = services.values().stream().min(Comparator.naturalOrder()).orElseThrow();
        long last = services.values().stream().max(Comparator.naturalOrder()).orElseThrow();
        var begin = Instant.ofEpochSecond(first * 60).atZone(zone).toLocalDate().minusDays(before);
        return new Interval(begin.atStartOfDay(zone).toEpochSecond() / 60, last + AFTER);
    }

    private List<Hand> hands(Interval span) {
        var hands = new ArrayList<Hand>();
        for (int i = 0; i < plan.people().size(); i++) {
            var person = plan.people().get(i);
            var path = "/people/" + i;
            var shifts = new ArrayList<Interval>();
            var date = Instant.ofEpochSecond(span.from() * 60).atZone(zone).toLocalDate();
            var last = Instant.ofEpochSecond(span.to() * 60).atZone(zone).toLocalDate();
            for (; !date.isAfter(last); date = date.plusDays(1)) {
                shifts.addAll(shifts(path, person, date));
            }
            hands.add(
                    new Hand(person.id(), person.role().isBlank() ? "Cook " + (i + 1) : person.role(), apart(shifts)));
        }
        return hands;
    }

    /** Shifts of a day: its own, or those of every day. */
    private List<Interval> shifts(String path, WrittenPlan.Person person, LocalDate date) {
        boolean own = person.shifts().stream().anyMatch(s -> s.on().equals(date.toString()));
        var shifts = new ArrayList<Interval>();
        for (int i = 0; i < person.shifts().size(); i++) {
            var shift = person.shifts().get(i);
            var at = path + "/shifts/" + i;
            if (!shift.on().isBlank() && date(at + "/on", "Date", shift.on()).isEmpty()) {
                return List.of();
            }
            if (own != shift.on().equals(date.toString())
                    || (!own && !shift.on().isBlank())) {
                continue;
            }
            var from = time(at + "/from", "From", shift.from());
            var to = time(at + "/to", "Until", shift.to());
            if (from.isEmpty() || to.isEmpty()) {
                return List.of();
            }
            // Over midnight; the clock's change moves an edge that it leaves out.
            var end = to.get().isAfter(from.get()) ? date : date.plusDays(1);
            long first = date.atTime(from.get()).atZone(zone).toEpochSecond() / 60;
            long last = end.atTime(to.get()).atZone(zone).toEpochSecond() / 60;
            shifts.add(new Interval(first, Math.max(first, last)));
        }
        return shifts;
    }

    /** In order, those that meet as one. */
    private static List<Interval> apart(List<Interval> shifts) {
        var sorted =
                shifts.stream().sorted(Comparator.comparing(Interval::from)).toList();
        var apart = new ArrayList<Interval>();
        for (var shift : sorted) {
            var last = apart.isEmpty() ? null : apart.get(apart.size() - 1);
            if (last != null && shift.from() <= last.to()) {
                apart.set(apart.size() - 1, new Interval(last.from(), Math.max(last.to(), shift.to())));
            } else {
                apart.add(shift);
            }
        }
        return apart;
    }

    private Map<String, Pin> pins(List<Hand> hands) {
        var pins = new LinkedHashMap<String, Pin>();
        for (int i = 0; i < plan.settled().size(); i++) {
            var settled = plan.settled().get(i);
            var path = "/settled/" + i;
            var at = OptionalLong.empty();
            try {
                at = settled.at().isBlank()
                        ? at
                        : OptionalLong.of(Instant.parse(settled.at()).getEpochSecond() / 60);
            } catch (DateTimeException e) {
                add("instant-unreadable", path + "/at", "Begins at", settled.at(), Problem.rule("plan.instant"));
            }
            int minutes = whole(path + "/minutes", "Minutes", settled.minutes(), -1, 0, MOST_DAYS * 24 * 60);
            var person = Optional.of(settled.person())
                    .filter(id -> hands.stream().anyMatch(hand -> hand.id().equals(id)));
            var lasts = minutes < 0 ? OptionalLong.empty() : OptionalLong.of(minutes);
            pins.put(settled.task(), new Pin(at, lasts, person, settled.done() && at.isPresent()));
        }
        return pins;
    }

    /** Whether there is anybody, and one at least of every machine that is needed. */
    private void enough(List<Task> tasks, List<Hold> holds, Map<String, Store> stores, List<Hand> hands) {
        if (hands.stream().allMatch(hand -> hand.shifts().isEmpty())) {
            add("nobody", "/people", "People", "", Problem.rule("plan.nobody"));
        }
        for (var store : stores.values()) {
            long users = store.kind().equals("bowls")
                    ? holds.stream().filter(h -> h.what().equals(store.id())).count()
                    : tasks.stream()
                            .filter(task -> task.needs().stream()
                                    .anyMatch(n -> Day.storeOf(n).equals(store.id())))
                            .count();
            if (store.amount() == 0 && users > 0) {
                var rule = Problem.rule("plan.none-of-it").with("steps", new Argument.Count((int) users));
                add("none-of-it", "/kit/" + store.kind(), store.name(), "0", rule);
            }
        }
    }

    private void add(String code, String path, String field, String value, Message rule) {
        if (problems.stream().noneMatch(p -> p.path().equals(path) && p.code().equals(code))) {
            problems.add(Problem.of(code, path, field, value, rule));
        }
    }
}
