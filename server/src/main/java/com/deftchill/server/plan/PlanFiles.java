package com.deftchill.server.plan;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VAlarm;
import biweekly.component.VEvent;
import biweekly.parameter.Related;
import biweekly.property.Trigger;
import biweekly.util.Duration;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Task;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.server.text.Cells;
import com.deftchill.server.text.MessageWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.Comparator;
import java.util.Date;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;

/** A plan as a calendar (iCalendar, RFC 5545) and as a table (CSV, RFC 4180). */
@Component
class PlanFiles {
    private static final int REMINDED_MINUTES = 5;

    private final MessageWriter writer;

    PlanFiles(MessageWriter writer) {
        this.writer = writer;
    }

    /** @param id of the plan; {@code version} of it: with each one the events replace those of the last */
    String calendar(
            String id, long version, Instant changed, String name, Day day, Schedule schedule, TemperatureScale scale) {
        var calendar = new ICalendar();
        calendar.setProductId("-//Deft Chill//Day plan//EN");
        calendar.setName(name);
        for (var task : inOrder(day, schedule)) {
            var slot = schedule.of(task.id());
            if (task.hands()) {
                var event = event(task.id() + "@" + id, version, changed, slot.start(), slot.end());
                event.setSummary(title(task, scale) + ": " + what(day, task));
                event.setDescription(role(day, slot.hand()));
                event.addAlarm(VAlarm.display(
                        new Trigger(
                                Duration.builder()
                                        .prior(true)
                                        .minutes(REMINDED_MINUTES)
                                        .build(),
                                Related.START),
                        title(task, scale)));
                calendar.addEvent(event);
            }
        }
        for (var dish : day.dishes()) {
            var event = event("due-" + dish.id() + "@" + id, version, changed, dish.due(), dish.due());
            event.setSummary(served(dish));
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(String uid, long version, Instant changed, long from, long to) {
        var event = new VEvent();
        event.setUid(uid);
        event.setSequence((int) version);
        event.setDateTimeStamp(Date.from(changed));
        event.setDateStart(date(from));
        event.setDateEnd(date(to));
        return event;
    }

    private static Date date(long minute) {
        return Date.from(Instant.ofEpochSecond(minute * 60));
    }

    String table(Day day, Schedule schedule, TemperatureScale scale) {
        var text = new StringWriter();
        try (var csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord("begins", "ends", "minutes", "step", "component", "dessert", "who", "needs");
            for (var task : inOrder(day, schedule)) {
                var slot = schedule.of(task.id());
                csv.printRecord(
                        local(day, slot.start()),
                        local(day, slot.end()),
                        slot.minutes(),
                        Cells.written(title(task, scale)),
                        Cells.written(task.component()),
                        Cells.written(day.dish(task.dish()).name()),
                        Cells.written(role(day, slot.hand())),
                        Cells.written(needs(task)));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** What it has for itself meanwhile, such as an ice bath. */
    static String needs(Task task) {
        return task.needs().stream()
                .map(need -> need.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                .collect(Collectors.joining(", "));
    }

    private static String local(Day day, long minute) {
        return Instant.ofEpochSecond(minute * 60)
                .atZone(day.zone())
                .toOffsetDateTime()
                .toString();
    }

    static List<Task> inOrder(Day day, Schedule schedule) {
        return day.tasks().stream()
                .sorted(Comparator.comparing(task -> schedule.of(task.id()).start()))
                .toList();
    }

    private String title(Task task, TemperatureScale scale) {
        return writer.write(task.title(), () -> scale);
    }

    private static String what(Day day, Task task) {
        var dish = day.dish(task.dish()).name();
        return task.component().isEmpty() ? dish : task.component() + " (" + dish + ")";
    }

    private static String served(Dish dish) {
        return dish.service() + ": " + dish.count() + " " + dish.name();
    }

    static String role(Day day, String hand) {
        return day.hands().stream()
                .filter(h -> h.id().equals(hand))
                .map(h -> h.role())
                .findFirst()
                .orElse("");
    }
}
