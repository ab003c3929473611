package com.deftchill.core.alternative;

import com.deftchill.core.batch.Stay;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.Cooler;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Fix;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What could be done otherwise to have a dessert sooner: each change with what it costs the cook [E], the cheapest first.
 * Nothing is computed here yet: each is tried as a {@link WhatIf}.
 */
final class Ways {
    private static final double LEAST_AIR_C = 1;
    private static final double COLDER_K = 2;
    private static final double LEAST_COOLER_K = 2;
    private static final double[] MORE_GEL = {1.1, 1.25};
    private static final double LEAST_SMALLER = 0.4;
    private static final double MOST_SMALLER = 0.85;
    private static final double FILLED = 0.9;
    private static final int MOST_MOULDS = 2;

    private final Dessert dessert;
    private final WrittenFormula formula;
    private final Larder larder;
    private final List<Way> ways = new ArrayList<>();

    private Ways(Dessert dessert, WrittenFormula formula, Larder larder) {
        this.dessert = dessert;
        this.formula = formula;
        this.larder = larder;
    }

    static List<Way> of(Dessert dessert, WrittenFormula formula, Larder larder) {
        var ways = new Ways(dessert, formula, larder);
        ways.film();
        ways.tray();
        ways.colderAir();
        ways.coolerPour();
        ways.before(Roles.ICE_BATH, "20 min", "Stand the moulds in ice water for 20 min first", 3);
        ways.before(Roles.FREEZER, "20 min", "20 min in the freezer first; watch that the rim does not freeze", 4);
        ways.coolers();
        ways.dose();
        ways.moulds();
        ways.together();
        ways.ways.sort(Comparator.comparingInt(Way::cost));
        return List.copyOf(ways.ways);
    }

    private void add(String group, String label, int cost, List<Fix.Change> changes) {
        ways.add(new Way(group, label, cost, changes));
    }

    /** Index of the place that is the home cooler; -1 when the timetable does not name it. */
    private int home() {
        var places = formula.cooler().places();
        for (int i = 0; i < places.size(); i++) {
            if (places.get(i).of().isEmpty()) {
                return i;
            }
        }
        return places.isEmpty() ? 0 : -1;
    }

    private void film() {
        var stays = dessert.batch().timetable().stays();
        var changes = new ArrayList<Fix.Change>();
        for (int i = 0; i < stays.size(); i++) {
            if (stays.get(i).cover() != Stay.Cover.OPEN) {
                changes.add(new Fix.Change("/cooler/places/" + i + "/cover", ""));
            }
        }
        if (!changes.isEmpty()) {
            add("film", "Leave it open until it is cold, then cover it", 1, changes);
        } else if (home() >= 0) {
            add("film", "Covered with film", 1, List.of(new Fix.Change("/cooler/places/" + home() + "/cover", "film")));
        }
    }

    private void tray() {
        int home = home();
        if (home >= 0
                && dessert.batch()
                                .timetable()
                                .stays()
                                .get(home)
                                .hBase(dessert.parameters().cold())
                        < 40) {
            add(
                    "tray",
                    "On a cold metal tray",
                    1,
                    List.of(new Fix.Change("/cooler/places/" + home + "/stand", "tray")));
        }
    }

    private void colderAir() {
        double colder = Math.max(LEAST_AIR_C, dessert.batch().airC() - COLDER_K);
        if (colder < dessert.batch().airC()) {
            var text = dessert.celsius(colder);
            add("cooler", "The same cooler set to " + text, 2, List.of(new Fix.Change("/cooler/air", text)));
        }
    }

    private void coolerPour() {
        var changes = new ArrayList<Fix.Change>();
        var names = new ArrayList<String>();
        for (var study : dessert.studies()) {
            double lowest = Math.ceil(
                    study.onsetC() + dessert.parameters().gel().pourMargin().value());
            boolean poured =
                    !study.component().kind().fatSets() && study.component().gels();
            if (poured && study.component().pourC() - lowest >= LEAST_COOLER_K) {
                var text = study.celsius(lowest);
                changes.add(new Fix.Change(study.at("/work/pour/at"), text));
                names.add((study.alone() ? "" : study.component().name() + " ") + "at " + text);
            }
        }
        if (!changes.isEmpty()) {
            add("pour", "Cooled over ice first and poured " + String.join(", ", names), 2, changes);
        }
    }

    private void before(String place, String stay, String label, int cost) {
        boolean water = place.equals(Roles.ICE_BATH);
        boolean thin = dessert.batch().mould().release() != Mould.Release.NONE || !water;
        if (larder.cooler(place).isEmpty() || !thin) {
            return;
        }
        var written = formula.cooler().places();
        var changes = new ArrayList<Fix.Change>();
        changes.addAll(stay(0, new WrittenFormula.Stay(place, "", stay, "", "")));
        if (written.isEmpty()) {
            changes.addAll(stay(1, new WrittenFormula.Stay("", "", "", "", "")));
        }
        for (int i = 0; i < written.size(); i++) {
            changes.addAll(stay(i + 1, written.get(i)));
        }
        add("before", label, cost, changes);
    }

    private static List<Fix.Change> stay(int index, WrittenFormula.Stay stay) {
        var at = "/cooler/places/" + index;
        return List.of(
                new Fix.Change(at + "/of", stay.of()),
                new Fix.Change(at + "/air", stay.air()),
                new Fix.Change(at + "/stay", stay.stay()),
                new Fix.Change(at + "/cover", stay.cover()),
                new Fix.Change(at + "/stand", stay.stand()));
    }

    private void coolers() {
        larder.coolers().stream()
                .filter(c -> c.powerW() > 0 && c.airC() >= -1)
                .filter(c -> !c.id().equals(dessert.batch().cooler().id()))
                .forEach(c -> add("cooler", c.name(), cost(c), in(c)));
    }

    private static int cost(Cooler cooler) {
        return cooler.h() > 20 ? 5 : 4;
    }

    private List<Fix.Change> in(Cooler cooler) {
        return List.of(
                new Fix.Change("/cooler/of", cooler.id()),
                new Fix.Change("/cooler/air", dessert.celsius(cooler.airC())));
    }

    private void dose() {
        dessert.main().filter(s -> s.component().gel().grams() > 0).ifPresent(study -> {
            for (double factor : MORE_GEL) {
                double grams = dessert.kitchen()
                        .weighed(factor * study.component().gel().grams());
                add(
                        "dose",
                        Words.grams(grams) + " of gelling agent in "
                                + study.component().name() + ": firmer to eat",
                        factor > 1.2 ? 7 : 6,
                        List.of(new Fix.Change(study.at("/gels/0/amount"), Words.grams(grams))));
            }
        });
    }

    /** Smaller moulds of the same sort for the same mix. */
    private void moulds() {
        var now = dessert.batch().mould();
        double brim = now.vessel().profile().brimMl();
        double all = dessert.stack().fillMl() * dessert.batch().count();
        larder.moulds().stream()
                .filter(m -> m.release() == now.release())
                .filter(m -> m.vessel().profile().symmetry()
                        == now.vessel().profile().symmetry())
                .filter(m -> {
                    double share = m.vessel().profile().brimMl() / brim;
                    return share >= LEAST_SMALLER && share <= MOST_SMALLER;
                })
                .limit(MOST_MOULDS)
                .forEach(m -> {
                    int count =
                            (int) Math.ceil(all / (FILLED * m.vessel().profile().brimMl()));
                    add(
                            "mould",
                            count + " x " + m.name(),
                            8,
                            List.of(
                                    new Fix.Change("/moulds/of", m.id()),
                                    new Fix.Change("/moulds/count", Integer.toString(count))));
                });
    }

    /** The cheap ones together, and with a stronger cooler. */
    private void together() {
        var pour = find("pour");
        var tray = find("tray");
        var fan = ways.stream()
                .filter(w -> w.changes().stream().anyMatch(c -> c.value().equals(Roles.FAN_FRIDGE)))
                .findFirst();
        both(pour, tray);
        both(pour, fan);
        both(tray, fan);
    }

    private Optional<Way> find(String group) {
        return ways.stream().filter(w -> w.group().equals(group)).findFirst();
    }

    private void both(Optional<Way> first, Optional<Way> second) {
        if (first.isPresent() && second.isPresent()) {
            var changes = new ArrayList<>(first.get().changes());
            changes.addAll(second.get().changes());
            add(
                    "together",
                    first.get().label() + "; and: " + Words.lower(second.get().label()),
                    first.get().cost() + second.get().cost(),
                    changes);
        }
    }
}
