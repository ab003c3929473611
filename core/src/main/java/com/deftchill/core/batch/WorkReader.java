package com.deftchill.core.batch;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.cook.Soaking;
import com.deftchill.core.foam.FoldSchool;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.verdict.Problem;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/** Reads what is done to a component: how it is heated, folded, soaked, pressed, and when it is poured. */
final class WorkReader {
    private static final double LEAST_OVEN_C = 60;
    private static final double MOST_OVEN_C = 300;
    private static final double MOST_COLD_C = 40;
    private static final double MOST_HOT_C = 105;
    /** Caramel and syrup are far above the boil. */
    private static final double MOST_CARAMEL_C = 200;

    private static final double MOST_HELD_MIN = 24 * 60;
    private static final double MOST_FOLD_C = 95;
    private static final double SECONDS_A_DAY = 24 * 3600.0;

    /** Verbs that are read for what a component comes to: one entry of each. */
    private static final Set<String> READ_ONCE =
            Set.of("heat", "hold", "join", "boil", "infuse", "soak", "press", "pour");

    private final FieldReader fields;

    WorkReader(FieldReader fields) {
        this.fields = fields;
    }

    /** What cannot be computed yet is said, not passed over. */
    void once(String at, WrittenFormula.Component from) {
        var seen = new HashSet<String>();
        for (var entry : from.work()) {
            // Own words and places are not figures.
            var figures = entry.with("text", "")
                    .with("minutes", "")
                    .with("follows", "")
                    .with("before", "")
                    .with("id", "");
            boolean written = !figures.equals(Work.of(entry.verb()));
            if (written && READ_ONCE.contains(entry.verb()) && !seen.add(entry.verb())) {
                fields.report(
                        "work-twice",
                        at + "/work/" + entry.id() + "/verb",
                        "What is done",
                        entry.verb(),
                        Problem.rule("work-twice"));
            }
        }
    }

    Heating heating(String at, WrittenFormula.Component from, Kind kind) {
        var held = from.work("hold").lasts();
        double heldMinutes = held.isBlank()
                ? 0
                : fields.field(
                        "duration-unreadable",
                        at + "/work/hold/lasts",
                        "Held hot",
                        held,
                        0.0,
                        text -> Typed.minutes(text, 0, MOST_HELD_MIN));
        double most = kind == Kind.CARAMEL ? MOST_CARAMEL_C : MOST_HOT_C;
        return new Heating(
                fields.optionalCelsius(
                        at + "/work/heat/to", "Heated to", from.work("heat").to(), 0, most),
                heldMinutes,
                fields.optionalCelsius(
                        at + "/work/join/at", "Cold share", from.work("join").at(), 0, MOST_COLD_C));
    }

    /** At what it is roasted or toasted. */
    OptionalDouble ovenC(String at, WrittenFormula.Component from) {
        var entry = oven(from);
        return fields.optionalCelsius(
                at + "/work/" + entry.verb() + "/to", "Oven", entry.to(), LEAST_OVEN_C, MOST_OVEN_C);
    }

    /** How long it is roasted or toasted. */
    OptionalDouble ovenMinutes(String at, WrittenFormula.Component from) {
        var entry = oven(from);
        if (entry.lasts().isBlank()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(fields.field(
                "duration-unreadable",
                at + "/work/" + entry.verb() + "/lasts",
                "In the oven",
                entry.lasts(),
                0.0,
                text -> Typed.minutes(text, 0, MOST_HELD_MIN)));
    }

    private static Work oven(WrittenFormula.Component from) {
        var roast = from.work(SideWork.ROAST.verb());
        return roast.id().isEmpty() ? from.work(SideWork.TOAST.verb()) : roast;
    }

    /** Foams, each with the entry that folds it in: one that names it, else one that names none. */
    List<Component.Foam> foams(String at, WrittenFormula.Component from) {
        var foams = new ArrayList<Component.Foam>();
        var written = from.foams().isEmpty() ? List.of(new WrittenFormula.Foam("", "", "", "")) : from.foams();
        for (int i = 0; i < written.size(); i++) {
            var foam = written.get(i);
            var fold = from.work().stream()
                    .filter(entry -> entry.verb().equals("fold"))
                    .filter(entry -> entry.foams().isEmpty() || entry.foams().contains(foam.id()))
                    .findFirst()
                    .orElseGet(() -> Work.of("fold"));
            var folds = fold.id().isEmpty() || from.work("fold").equals(fold) ? "fold" : fold.id();
            foams.add(new Component.Foam(foam.id(), fold(at + "/foams/" + i, foam, at + "/work/" + folds, fold)));
        }
        return foams;
    }

    private Component.Fold fold(String atFoam, WrittenFormula.Foam foam, String atFold, Work fold) {
        var whip = fields.known(
                Whip.of(foam.stage()),
                "whip-unknown",
                atFoam + "/stage",
                "Whipped",
                foam.stage(),
                Problem.rule("whip-unknown"));
        if (!Set.of("", "raw", "over-water", "hot-syrup").contains(foam.cooking())) {
            fields.report(
                    "cooking-unknown",
                    atFoam + "/cooking",
                    "Egg of the foam",
                    foam.cooking(),
                    Problem.rule("cooking-unknown"));
        }
        var school = fields.known(
                FoldSchool.of(fold.way()),
                "fold-unknown",
                atFold + "/way",
                "Folding",
                fold.way(),
                Problem.rule("fold-unknown"));
        var base = fields.optionalCelsius(atFold + "/base", "Base at folding", fold.base(), 0, MOST_FOLD_C);
        double at = fields.optionalCelsius(atFoam + "/at", "Foam at folding", foam.at(), 0, MOST_FOLD_C)
                .orElse(Component.Fold.FRIDGE_C);
        return new Component.Fold(
                whip == null ? Whip.MEDIUM : whip, school == null ? FoldSchool.THIRDS : school, base, at);
    }

    Component.Dipped dipped(String at, Work soak) {
        double seconds = soak.lasts().strip().equalsIgnoreCase("drenched")
                ? Soaking.DRENCHED_SECONDS
                : fields.number(at + "/lasts", "Dip", soak.lasts(), 2, 0, 600, "s");
        if (!Set.of("", "cream").contains(soak.barrier())) {
            fields.report(
                    "barrier-unknown", at + "/barrier", "Barrier", soak.barrier(), Problem.rule("barrier-unknown"));
        }
        return new Component.Dipped(seconds, soak.barrier().equals("cream"));
    }

    Component.Pressed pressed(String at, Work press) {
        double thickness = fields.number(at + "/thickness", "Thickness", press.thickness(), Double.NaN, 1, 60, "mm");
        double wall = fields.number(at + "/wall", "Wall", press.wall(), 0, 0, 300, "mm");
        if (!Set.of("", "chilled", "baked").contains(press.way())) {
            fields.report("finish-unknown", at + "/way", "Base", press.way(), Problem.rule("finish-unknown"));
        }
        if (!Set.of("", "coat").contains(press.barrier())) {
            fields.report("coat-unknown", at + "/barrier", "Inside", press.barrier(), Problem.rule("coat-unknown"));
        }
        return new Component.Pressed(
                Double.isNaN(thickness) ? OptionalDouble.empty() : OptionalDouble.of(thickness),
                Double.isNaN(wall) ? 0 : wall,
                press.way().equals("baked"),
                press.barrier().equals("coat"));
    }

    /** @param starts of the first pour; null where it could not be read */
    Component.PourTime pourTime(String at, Work pour, LocalTime starts) {
        return switch (pour.when()) {
            case "", "ready" -> Component.PourTime.READY;
            case "not-before" -> new Component.PourTime(after(starts, clock(at, pour.clock())), 0);
            case "after" -> {
                double minutes = fields.field(
                        "duration-unreadable",
                        at + "/lasts",
                        "Poured after",
                        pour.lasts(),
                        0.0,
                        text -> Typed.minutes(text, 0, MOST_HELD_MIN));
                yield new Component.PourTime(0, 60 * minutes);
            }
            default -> {
                fields.report("pour-unknown", at + "/when", "Poured", pour.when(), Problem.rule("pour-unknown"));
                yield Component.PourTime.READY;
            }
        };
    }

    private LocalTime clock(String at, String text) {
        try {
            return Typed.time(text);
        } catch (UnreadableException e) {
            fields.problem("time-unreadable", at + "/clock", "Poured not before", text, e);
            return null;
        }
    }

    /** Seconds from one time of day to the next such another. */
    private static double after(LocalTime from, LocalTime to) {
        if (from == null || to == null) {
            return 0;
        }
        double seconds = to.toSecondOfDay() - from.toSecondOfDay();
        return seconds < 0 ? seconds + SECONDS_A_DAY : seconds;
    }
}
