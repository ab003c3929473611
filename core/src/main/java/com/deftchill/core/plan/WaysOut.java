package com.deftchill.core.plan;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.plan.WrittenPlan.Kit;
import com.deftchill.core.plan.WrittenPlan.Person;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * What would help where a plan does not fit: changes of the plan, each tried. Only those are told with which everything is
 * ready in time; the cheapest first, by a rule of thumb [E]: a machine or a shelf lent, an hour of somebody's, a day sooner,
 * a dessert fewer, a service later.
 */
public final class WaysOut {
    private static final int MOST = 6;
    private static final int MOST_PAIRS = 3;
    private static final Set<String> PAIRED = Set.of("day-before", "help", "earlier", "machine", "fewer", "service");
    private static final int HOUR = 60;

    private final WrittenPlan plan;
    private final ReadPlan read;
    private final Workplace workplace;
    private final PlanReader.Kitchen kitchen;
    private final Solver solver;
    private final long until;
    private final Duration each;
    private final List<Candidate> candidates = new ArrayList<>();
    private final List<Way> ways = new ArrayList<>();

    private WaysOut(
            WrittenPlan plan,
            ReadPlan read,
            Workplace workplace,
            PlanReader.Kitchen kitchen,
            Solver solver,
            Duration all,
            Duration each) {
        this.plan = plan;
        this.read = read;
        this.workplace = workplace;
        this.kitchen = kitchen;
        this.solver = solver;
        this.each = each;
        until = System.nanoTime() + all.toNanos();
    }

    /** A change that may help. */
    private record Candidate(String code, Message words, UnaryOperator<WrittenPlan> change) {}

    /** A change that helps: its kind, its words, and the plan with it. */
    public record Way(String code, Message words, WrittenPlan plan) {}

    /**
     * @param all clock time for all of them together
     * @param each clock time for one
     */
    public static List<Way> of(
            WrittenPlan plan,
            ReadPlan read,
            Workplace workplace,
            PlanReader.Kitchen kitchen,
            Solver solver,
            Duration all,
            Duration each) {
        var ways = new WaysOut(plan, read, workplace, kitchen, solver, all, each);
        ways.propose();
        ways.candidates.forEach(ways::offer);
        if (ways.ways.isEmpty()) {
            ways.pairs();
        }
        return List.copyOf(ways.ways);
    }

    /** The cheapest first. */
    private void propose() {
        unsettle();
        machines();
        shelves();
        moulds();
        fans();
        hours();
        sooner();
        help();
        fewer();
        later();
    }

    /** Where no single change does it, two of the dearer ones together. */
    private void pairs() {
        var dear = candidates.stream().filter(c -> PAIRED.contains(c.code())).toList();
        for (int i = 0; i < dear.size() && ways.size() < MOST_PAIRS; i++) {
            for (int j = i + 1; j < dear.size() && ways.size() < MOST_PAIRS; j++) {
                var one = dear.get(i);
                var other = dear.get(j);
                if (!one.code().equals(other.code())) {
                    var words = Message.of("day.way.both")
                            .with("one", one.words().said())
                            .with("other", other.words().said());
                    offer(new Candidate(
                            "both",
                            words,
                            plan_ -> other.change().apply(one.change().apply(plan_))));
                }
            }
        }
    }

    private void propose(String code, Message words, UnaryOperator<WrittenPlan> change) {
        candidates.add(new Candidate(code, words, change));
    }

    private void offer(Candidate candidate) {
        if (ways.size() >= MOST || System.nanoTime() > until) {
            return;
        }
        var changed = candidate.change().apply(plan);
        var answer = PlanReader.read(changed, workplace, kitchen, read.day().now());
        boolean fits = answer.value()
                .map(found -> solver.solve(found.day(), Solver.Options.of(Solver.Aim.FITS, each))
                        .schedule()
                        .isPresent())
                .orElse(false);
        if (fits) {
            ways.add(new Way(candidate.code(), candidate.words(), changed));
        }
    }

    private void unsettle() {
        if (plan.settled().stream().anyMatch(s -> !s.done())) {
            propose(
                    "unsettle",
                    Message.of("day.way.unsettle"),
                    p -> p.withSettled(p.settled().stream()
                            .filter(WrittenPlan.Settled::done)
                            .toList()));
        }
    }

    private void machines() {
        machine("BURNER", (kit, n) -> new Kit(n, kit.mixers(), kit.iceBaths(), kit.ovens(), kit.bowls()));
        machine("MIXER", (kit, n) -> new Kit(kit.burners(), n, kit.iceBaths(), kit.ovens(), kit.bowls()));
        machine("ICE_BATH", (kit, n) -> new Kit(kit.burners(), kit.mixers(), n, kit.ovens(), kit.bowls()));
        machine("OVEN", (kit, n) -> new Kit(kit.burners(), kit.mixers(), kit.iceBaths(), n, kit.bowls()));
        machine(Bowls.STORE, (kit, n) -> new Kit(kit.burners(), kit.mixers(), kit.iceBaths(), kit.ovens(), n));
    }

    private void machine(String id, BinaryOperatorOfKit more) {
        var store = read.day().stores().get(id);
        boolean used = read.day().holds().stream().anyMatch(hold -> hold.what().equals(id))
                || read.day().tasks().stream()
                        .flatMap(task -> task.needs().stream())
                        .anyMatch(need -> Day.storeOf(need).equals(id));
        if (used) {
            int now = store.amount() + 1;
            propose(
                    "machine",
                    counted("day.way.machine", now, store.amount()).with("name", store.name()),
                    p -> p.withKit(more.apply(p.kit(), String.valueOf(now))));
        }
    }

    private interface BinaryOperatorOfKit {
        Kit apply(Kit kit, String number);
    }

    private static Message counted(String key, int now, int before) {
        return Message.of(key).with("now", new Argument.Count(now)).with("before", new Argument.Count(before));
    }

    private void shelves() {
        for (int i = 0; i < plan.coolers().size(); i++) {
            int at = i;
            var cooler = plan.coolers().get(i);
            var store = read.day().stores().get(cooler.of());
            var more = new WrittenPlan.PlannedCooler(cooler.of(), String.valueOf(store.amount() / 100 + 1));
            propose(
                    "shelf",
                    Message.of("day.way.shelf").with("name", store.name()),
                    p -> p.withCoolers(changed(p.coolers(), at, c -> more)));
        }
    }

    private void moulds() {
        for (int i = 0; i < plan.moulds().size(); i++) {
            int at = i;
            var mould = plan.moulds().get(i);
            int wanted = read.dishes().stream()
                    .filter(d -> d.dessert().batch().mould().id().equals(mould.of()))
                    .mapToInt(d -> d.dish().count())
                    .sum();
            var store = read.day().stores().get(mould.of());
            if (wanted > store.amount()) {
                var more = new WrittenPlan.OwnedMould(mould.of(), String.valueOf(wanted));
                propose(
                        "mould",
                        counted("day.way.mould", wanted, store.amount()).with("name", store.name()),
                        p -> p.withMoulds(changed(p.moulds(), at, m -> more)));
            }
        }
    }

    /** Faster cold, where the plan has a fan fridge. */
    private void fans() {
        var fan = read.day().stores().get(Roles.FAN_FRIDGE);
        for (int i = 0; fan != null && i < plan.dishes().size(); i++) {
            int at = i;
            var document = plan.dishes().get(i).document();
            if (document.cooler().of().equals(Roles.FRIDGE)
                    && document.cooler().places().isEmpty()) {
                var colder = document.withCooler(new WrittenFormula.Cooling(Roles.FAN_FRIDGE, ""));
                propose(
                        "fan",
                        Message.of("day.way.fan").with("dish", document.name()).with("cooler", fan.name()),
                        p -> p.withDishes(changed(p.dishes(), at, d -> d.withDocument(d.version(), colder))));
            }
        }
    }

    private void hours() {
        for (int i = 0; i < plan.people().size(); i++) {
            int at = i;
            var role = read.day().hands().get(i).role();
            propose(
                    "earlier",
                    Message.of("day.way.earlier").with("role", role),
                    p -> p.withPeople(changed(p.people(), at, person -> moved(person, -HOUR, 0))));
            propose(
                    "later",
                    Message.of("day.way.later").with("role", role),
                    p -> p.withPeople(changed(p.people(), at, person -> moved(person, 0, HOUR))));
        }
    }

    private static Person moved(Person person, int from, int to) {
        var shifts = person.shifts().stream()
                .map(shift -> new WrittenPlan.Shift(shift.on(), by(shift.from(), from), by(shift.to(), to)))
                .toList();
        return new Person(person.id(), person.role(), shifts);
    }

    /** A clock time that was read already, so much later. */
    private static String by(String clock, int minutes) {
        var text = clock.strip();
        return LocalTime.parse(text.length() == 4 ? "0" + text : text)
                .plusMinutes(minutes)
                .toString();
    }

    private void sooner() {
        int days = plan.daysBefore().isBlank()
                ? 1
                : Integer.parseInt(plan.daysBefore().strip());
        propose("day-before", Message.of("day.way.day-before"), p -> p.withDaysBefore(String.valueOf(days + 1)));
    }

    private void help() {
        var first = plan.people().get(0);
        var role = read.day().hands().get(0).role();
        propose("help", Message.of("day.way.help").with("role", role), p -> {
            var people = new ArrayList<>(p.people());
            people.add(new Person("help-" + people.size(), "Help", first.shifts()));
            return p.withPeople(people);
        });
    }

    /** A tenth fewer of each. */
    private void fewer() {
        for (int i = 0; i < plan.dishes().size(); i++) {
            int at = i;
            int count = read.dishes().get(i).dish().count();
            int less = count - Math.max(1, count / 10);
            if (less > 0) {
                propose(
                        "fewer",
                        counted("day.way.fewer", less, count)
                                .with("dish", read.dishes().get(i).dish().name()),
                        p -> p.withDishes(changed(p.dishes(), at, d -> d.withCount(String.valueOf(less)))));
            }
        }
    }

    private void later() {
        for (int minutes : new int[] {30, 60, 120}) {
            for (int i = 0; i < plan.services().size(); i++) {
                int index = i;
                var service = plan.services().get(i);
                var at = by(service.at(), minutes);
                if (LocalTime.parse(at).isAfter(LocalTime.of(2, 0))) {
                    var words = Message.of("day.way.service")
                            .with("service", service.name())
                            .with("at", at)
                            .with("before", service.at());
                    var moved =
                            new WrittenPlan.Service(service.id(), service.name(), service.on(), at, service.covers());
                    propose("service", words, p -> p.withServices(changed(p.services(), index, s -> moved)));
                }
            }
        }
    }

    private static <T> List<T> changed(List<T> list, int index, UnaryOperator<T> change) {
        var others = new ArrayList<>(list);
        others.set(index, change.apply(list.get(index)));
        return others;
    }
}
