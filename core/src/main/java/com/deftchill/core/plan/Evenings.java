package com.deftchill.core.plan;

import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;

/** The evenings of a day plan, by the clock of its kitchen. */
public final class Evenings {
    private Evenings() {}

    public static List<Interval> of(Day day) {
        var evenings = new ArrayList<Interval>();
        var zone = day.zone();
        var date = Instant.ofEpochSecond(day.span().from() * 60).atZone(zone).toLocalDate();
        var last = Instant.ofEpochSecond(day.span().to() * 60).atZone(zone).toLocalDate();
        for (; !date.isAfter(last); date = date.plusDays(1)) {
            long from = date.atTime(LocalTime.ofSecondOfDay(day.evening() * 60L))
                            .atZone(zone)
                            .toEpochSecond()
                    / 60;
            long to = date.plusDays(1).atStartOfDay(zone).toEpochSecond() / 60;
            evenings.add(new Interval(from, to));
        }
        return evenings;
    }
}
