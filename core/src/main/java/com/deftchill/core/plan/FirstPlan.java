package com.deftchill.core.plan;

import com.deftchill.core.larder.Roles;
import com.deftchill.core.plan.WrittenPlan.Kit;
import com.deftchill.core.plan.WrittenPlan.Person;
import com.deftchill.core.plan.WrittenPlan.PlannedCooler;
import com.deftchill.core.plan.WrittenPlan.Service;
import com.deftchill.core.plan.WrittenPlan.Shift;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;

/** A plan to begin from. */
public final class FirstPlan {
    private FirstPlan() {}

    /** Dinner on the next day by the clock of a zone (of UTC, where it is none), one cook, what a small kitchen has. */
    public static WrittenPlan of(String zone, Instant now) {
        var there = zone(zone);
        var on = now.atZone(there).toLocalDate().plusDays(1);
        var day = on.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
        return new WrittenPlan(
                WrittenPlan.SCHEMA,
                "Dinner on " + day,
                there.getId(),
                List.of(new Service("s1", "Dinner", on.toString(), "19:30", "")),
                List.of(),
                List.of(new Person("p1", "Pastry cook", List.of(new Shift("", "09:00", "21:00")))),
                new Kit("4", "1", "1", "1", ""),
                List.of(new PlannedCooler(Roles.FRIDGE, "4")),
                List.of(),
                "1",
                List.of(),
                List.of());
    }

    private static ZoneId zone(String id) {
        try {
            return ZoneId.of(id);
        } catch (DateTimeException e) {
            return ZoneOffset.UTC;
        }
    }
}
