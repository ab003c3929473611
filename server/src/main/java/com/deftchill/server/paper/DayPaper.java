package com.deftchill.server.paper;

import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.Task;
import com.deftchill.core.text.Message;
import com.deftchill.server.paper.Pdf.Format;
import com.deftchill.server.plan.SolvedPlans.Solved;
import com.deftchill.server.text.MessageWriter;
import com.deftchill.server.workplace.KitchenService;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The day plan on paper: what is served when, then every step by the clock, with who does it and what it needs. */
@Service
class DayPaper {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.UK);
    private static final int SECONDS = 60;

    private final Pdf pdf;
    private final KitchenService kitchens;
    private final MessageWriter messages;

    DayPaper(Pdf pdf, KitchenService kitchens, MessageWriter messages) {
        this.pdf = pdf;
        this.kitchens = kitchens;
        this.messages = messages;
    }

    /** What is served. */
    record Served(String when, String what) {}

    /**
     * A step by the clock.
     *
     * @param hands whether somebody has to be there
     * @param until when it ends; with its day where that is another one
     */
    record Timed(String from, String until, String who, String title, String of, String needs, boolean hands) {}

    /** What happens on one day. */
    record OneDay(String day, List<Timed> steps) {}

    byte[] of(Solved plan, Format format) {
        var kitchen = kitchens.workplace().kitchen();
        var model = new HashMap<String, Object>();
        model.put("name", plan.name());
        model.put("kitchen", kitchen.name());
        model.put("zone", plan.day().zone().getId());
        model.put(
                "served",
                plan.day().dishes().stream().map(dish -> served(plan, dish)).toList());
        var days = new LinkedHashMap<LocalDate, List<Timed>>();
        for (var task : plan.inOrder()) {
            var from = at(plan, plan.schedule().of(task.id()).start());
            days.computeIfAbsent(from.toLocalDate(), day -> new ArrayList<>()).add(timed(plan, task, from));
        }
        model.put(
                "days",
                days.entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(day -> new OneDay(DAY.format(day.getKey()), day.getValue()))
                        .toList());
        model.put(
                "who",
                plan.day().hands().stream().map(hand -> hand.role()).distinct().collect(Collectors.joining(", ")));
        return pdf.of("day", format, model);
    }

    private static Served served(Solved plan, Dish dish) {
        var due = at(plan, dish.due());
        return new Served(
                DAY.format(due) + ", " + TIME.format(due),
                dish.count() + " × " + dish.name() + (dish.service().isBlank() ? "" : " (" + dish.service() + ")"));
    }

    private Timed timed(Solved plan, Task task, ZonedDateTime from) {
        var until = at(plan, plan.schedule().of(task.id()).end());
        var days = until.toLocalDate().toEpochDay() - from.toLocalDate().toEpochDay();
        var dish = plan.day().dish(task.dish()).name();
        return new Timed(
                TIME.format(from),
                TIME.format(until) + (days == 0 ? "" : " +" + days),
                task.hands() ? plan.role(task) : "",
                write(task.title()),
                task.component().isEmpty() ? dish : task.component() + ", " + dish,
                plan.needs(task),
                task.hands());
    }

    private static ZonedDateTime at(Solved plan, long minute) {
        return Instant.ofEpochSecond(minute * SECONDS).atZone(plan.day().zone());
    }

    private String write(Message message) {
        return messages.write(message, () -> kitchens.workplace().kitchen().temperature());
    }
}
