package com.deftchill.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;

/** All that somebody reads of their kitchen, page by page: whatever is stored there, none of it may break one. */
public final class EveryPage {
    private static final List<String> OF_THE_KITCHEN = List.of(
            "/api/kitchen",
            "/api/larder",
            "/api/larder/own",
            "/api/larder/own/mould.csv",
            "/api/formulas",
            "/api/book",
            "/api/book/tags",
            "/api/plans",
            "/api/makings",
            "/api/log",
            "/api/log/days?from=2020-01-01&to=2030-01-01",
            "/api/log/cooks",
            "/api/log/table.csv",
            "/api/ladders",
            "/api/learning/sets",
            "/api/learning/parameters",
            "/api/new-desserts",
            "/api/sums",
            "/api/instruments",
            "/api/kitchen/archive.zip");

    private final Api api;
    private final List<String> broken = new ArrayList<>();

    private EveryPage(Api api) {
        this.api = api;
    }

    /** Reads all of it; what is answered with an error of ours is named. */
    public static void holds(Api api, String after) {
        assertThat(brokenFor(api)).as(after).isEmpty();
    }

    /** The addresses that are answered with an error of ours. */
    public static List<String> brokenFor(Api api) {
        var pages = new EveryPage(api);
        OF_THE_KITCHEN.forEach(pages::read);
        pages.each("/api/formulas", "/formulas", "/api/formulas/{}", "", "/recipe", "/export", "/revisions", "/trials");
        pages.each("/api/formulas", "/formulas", "/api/formulas/{}", "/card.pdf", "/label.pdf", "/batches");
        pages.each("/api/plans", "/plans", "/api/plans/{}", "", "/steps.csv", "/plan.pdf", "/calendar.ics");
        pages.each("/api/makings", "/makings", "/api/makings/{}", "", "/tolerances", "/rescue");
        pages.each("/api/log", "/lines", "/api/log/batches/{}", "", "/changes", "/record.pdf");
        pages.each("/api/ladders", "/ladders", "/api/ladders/{}", "");
        return pages.broken;
    }

    private void each(String list, String at, String one, String... parts) {
        var answer = api.get(list);
        if (answer.status() != 200) {
            return;
        }
        for (var item : answer.json().at(at)) {
            for (var part : parts) {
                read(one.replace("{}", item.path("id").asString("")) + part);
            }
        }
    }

    private void read(String path) {
        var answer = api.get(path);
        if (answer.status() >= 500) {
            broken.add(path + " " + answer.text());
        }
    }
}
