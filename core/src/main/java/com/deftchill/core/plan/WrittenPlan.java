package com.deftchill.core.plan;

import com.deftchill.core.formula.WrittenFormula;
import java.util.List;
import java.util.Objects;

/**
 * A plan as the cook wrote it. What is typed stays text; absent means not written.
 *
 * @param schema of this document: 1
 * @param name as the cook calls it
 * @param zone time zone of the kitchen, such as {@code Europe/Berlin}
 * @param services what is served when
 * @param dishes which desserts for which service
 * @param people who works when
 * @param kit machines by number
 * @param coolers with their shelves
 * @param moulds how many are owned; of those not named there are enough
 * @param daysBefore how many days before the first service work may begin
 * @param settled what the cook settled about steps, and what has begun
 * @param shared components made once for several dishes
 */
public record WrittenPlan(
        int schema,
        String name,
        String zone,
        List<Service> services,
        List<PlannedDish> dishes,
        List<Person> people,
        Kit kit,
        List<PlannedCooler> coolers,
        List<OwnedMould> moulds,
        String daysBefore,
        List<Settled> settled,
        List<Shared> shared) {
    public static final int SCHEMA = 1;

    public WrittenPlan {
        name = text(name);
        zone = text(zone);
        services = list(services);
        dishes = list(dishes);
        people = list(people);
        kit = kit == null ? new Kit("", "", "", "", "") : kit;
        coolers = list(coolers);
        moulds = list(moulds);
        daysBefore = text(daysBefore);
        settled = list(settled);
        shared = list(shared);
    }

    public WrittenPlan withServices(List<Service> others) {
        return new WrittenPlan(
                schema, name, zone, others, dishes, people, kit, coolers, moulds, daysBefore, settled, shared);
    }

    public WrittenPlan withDishes(List<PlannedDish> others) {
        return new WrittenPlan(
                schema, name, zone, services, others, people, kit, coolers, moulds, daysBefore, settled, shared);
    }

    public WrittenPlan withPeople(List<Person> others) {
        return new WrittenPlan(
                schema, name, zone, services, dishes, others, kit, coolers, moulds, daysBefore, settled, shared);
    }

    public WrittenPlan withKit(Kit other) {
        return new WrittenPlan(
                schema, name, zone, services, dishes, people, other, coolers, moulds, daysBefore, settled, shared);
    }

    public WrittenPlan withCoolers(List<PlannedCooler> others) {
        return new WrittenPlan(
                schema, name, zone, services, dishes, people, kit, others, moulds, daysBefore, settled, shared);
    }

    public WrittenPlan withMoulds(List<OwnedMould> others) {
        return new WrittenPlan(
                schema, name, zone, services, dishes, people, kit, coolers, others, daysBefore, settled, shared);
    }

    public WrittenPlan withDaysBefore(String other) {
        return new WrittenPlan(
                schema, name, zone, services, dishes, people, kit, coolers, moulds, other, settled, shared);
    }

    public WrittenPlan withSettled(List<Settled> others) {
        return new WrittenPlan(
                schema, name, zone, services, dishes, people, kit, coolers, moulds, daysBefore, others, shared);
    }

    /** @param on date such as {@code 2026-11-28}; {@code at} time of day; {@code covers} guests, where known */
    public record Service(String id, String name, String on, String at, String covers) {
        public Service {
            id = text(id);
            name = text(name);
            on = text(on);
            at = text(at);
            covers = text(covers);
        }
    }

    /**
     * @param formula id in the Book
     * @param version of the formula as it was taken into the plan
     * @param document the formula as it was then: a later change is pointed out, not taken over
     * @param count moulds such as {@code 24}, or {@code 40 covers}; empty: as many as the service has covers
     */
    public record PlannedDish(
            String id, String formula, long version, WrittenFormula document, String service, String count) {
        PlannedDish withCount(String other) {
            return new PlannedDish(id, formula, version, document, service, other);
        }

        public PlannedDish withDocument(long newVersion, WrittenFormula other) {
            return new PlannedDish(id, formula, newVersion, other, service, count);
        }

        public PlannedDish {
            id = text(id);
            formula = text(formula);
            service = text(service);
            count = text(count);
        }
    }

    public record Person(String id, String role, List<Shift> shifts) {
        public Person {
            id = text(id);
            role = text(role);
            shifts = list(shifts);
        }
    }

    /** @param on a date; empty: every day that has no shift of its own */
    public record Shift(String on, String from, String to) {
        public Shift {
            on = text(on);
            from = text(from);
            to = text(to);
        }
    }

    /** @param bowls for components and foams; empty: there are enough */
    public record Kit(String burners, String mixers, String iceBaths, String ovens, String bowls) {
        public Kit {
            burners = text(burners);
            mixers = text(mixers);
            iceBaths = text(iceBaths);
            ovens = text(ovens);
            bowls = text(bowls);
        }
    }

    /** @param of id in the larder; {@code shelves} free for this work, of 53 by 65 cm */
    public record PlannedCooler(String of, String shelves) {
        public PlannedCooler {
            of = text(of);
            shelves = text(shelves);
        }
    }

    public record OwnedMould(String of, String owned) {
        public OwnedMould {
            of = text(of);
            owned = text(owned);
        }
    }

    /**
     * @param task id of the step in the plan
     * @param at when it begins or began, an instant such as {@code 2026-11-28T12:20:00Z}; empty: not settled
     * @param minutes how long it takes or took; empty: as computed
     * @param person id of who does it; empty: not settled
     * @param done whether it has begun
     */
    public record Settled(String task, String at, String minutes, String person, boolean done) {
        public Settled {
            task = text(task);
            at = text(at);
            minutes = text(minutes);
            person = text(person);
        }
    }

    /** The component of a dish is made together with that of another one. */
    public record Shared(String dish, String component, String with, String withComponent) {}

    private static String text(String text) {
        return Objects.requireNonNullElse(text, "");
    }

    private static <T> List<T> list(List<T> list) {
        return list == null ? List.of() : List.copyOf(list);
    }
}
