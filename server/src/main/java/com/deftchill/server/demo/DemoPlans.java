package com.deftchill.server.demo;

import com.deftchill.core.plan.WrittenPlan;
import com.deftchill.core.plan.WrittenPlan.Person;
import com.deftchill.core.plan.WrittenPlan.PlannedDish;
import com.deftchill.core.plan.WrittenPlan.Service;
import com.deftchill.core.plan.WrittenPlan.Shift;
import com.deftchill.server.plan.PlanService;
import java.io.IOException;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.Map;
import java.util.UUID;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Plans of the made-up kitchen: one for the coming Saturday, and one that cannot be done. */
@Component
class DemoPlans {
    /** A first plan begins no sooner than this many days from today. */
    private static final int AHEAD = 2;

    private final PlanService plans;
    private final ObjectMapper json;
    private final Clock clock;

    DemoPlans(PlanService plans, ObjectMapper json, Clock clock) {
        this.plans = plans;
        this.json = json;
        this.clock = clock;
    }

    /** @param ids of the stored formulas, by the names of their files */
    void load(Map<String, UUID> ids) throws IOException {
        var zone = ZoneId.systemDefault();
        var saturday = LocalDate.now(clock.withZone(zone))
                .plusDays(AHEAD)
                .with(TemporalAdjusters.nextOrSame(DayOfWeek.SATURDAY));
        try (var in = new ClassPathResource("demo-plans.json").getInputStream()) {
            for (var plan : json.readValue(in, WrittenPlan[].class)) {
                plans.create(null, dated(plan, saturday, zone, ids), null);
            }
        }
    }

    /** With dates for the names of days, and ids for the names of files. */
    private static WrittenPlan dated(WrittenPlan plan, LocalDate saturday, ZoneId zone, Map<String, UUID> ids) {
        return new WrittenPlan(
                plan.schema(),
                plan.name(),
                zone.getId(),
                plan.services().stream()
                        .map(s -> new Service(s.id(), s.name(), date(s.on(), saturday), s.at(), s.covers()))
                        .toList(),
                plan.dishes().stream()
                        .map(d -> new PlannedDish(
                                d.id(), ids.get(d.formula()).toString(), d.version(), null, d.service(), d.count()))
                        .toList(),
                plan.people().stream()
                        .map(p -> new Person(
                                p.id(),
                                p.role(),
                                p.shifts().stream()
                                        .map(s -> new Shift(date(s.on(), saturday), s.from(), s.to()))
                                        .toList()))
                        .toList(),
                plan.kit(),
                plan.coolers(),
                plan.moulds(),
                plan.daysBefore(),
                plan.settled(),
                plan.shared());
    }

    private static String date(String day, LocalDate saturday) {
        if (day.isEmpty()) {
            return day;
        }
        int after = DayOfWeek.valueOf(day).getValue() - DayOfWeek.SATURDAY.getValue();
        return saturday.plusDays(after).toString();
    }
}
