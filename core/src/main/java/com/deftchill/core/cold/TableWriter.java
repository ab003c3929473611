package com.deftchill.core.cold;

import com.deftchill.core.batch.Stay;
import com.deftchill.core.build.AtTheTable;
import com.deftchill.core.build.AtTheTable.Course;
import com.deftchill.core.build.AtTheTable.Moment;
import com.deftchill.core.cold.ColdAnswer.Shape;
import com.deftchill.core.cold.ColdAnswer.Table;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.OutOfTheCold;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.turnout.Point;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** What happens once a dessert is served, in words and figures. */
final class TableWriter {
    private TableWriter() {}

    static Optional<Table> of(Dessert dessert) {
        var main = dessert.main().filter(Study::sets);
        boolean ice =
                dessert.wasFrozen() && dessert.thawedSeconds() > dessert.build().servedSeconds();
        return dessert.build()
                .table()
                .filter(AtTheTable::served)
                .filter(t -> main.isPresent() && !ice)
                .map(t -> table(dessert, main.get(), t.course(), t.onPlate()));
    }

    private static Table table(Dessert dessert, Study main, Course course, boolean onPlate) {
        int index = course.components().indexOf(main.index());
        var moments = course.moments();
        double least = main.leastPa();
        double most = main.mostPa();
        Predicate<Moment> right = m -> OutOfTheCold.isRight(main, m.pa()[index]);
        var from = first(moments, right);
        var until = from.flatMap(f -> first(moments, m -> m.seconds() / 60 > f && m.pa()[index] < least));
        var sags = onPlate
                ? first(
                        moments,
                        m -> m.worstStrain()
                                > dessert.parameters().turnout().trembling().value())
                : Optional.<Double>empty();
        double keep = dessert.kitchen().safety().keepC();
        var warm = first(moments, m -> m.warmestC() > Math.max(keep, Stay.COLD_C));
        double served = dessert.build().servedSeconds();
        return new Table(
                onPlate,
                served / 60,
                dessert.clock(served),
                dessert.batch().timetable().roomC(),
                dessert.batch().timetable().plateC(),
                moments.stream().mapToDouble(m -> m.seconds() / 60).toArray(),
                moments.stream().mapToDouble(m -> Firmness.score(m.pa()[index])).toArray(),
                moments.stream().mapToDouble(Moment::standingMm).toArray(),
                moments.stream().mapToDouble(Moment::warmestC).toArray(),
                dessert.mouldedMm(),
                Firmness.score(least),
                Firmness.score(most),
                from,
                until,
                sags,
                warm,
                sentence(dessert, main, moments.get(0), index, onPlate, from, until, sags),
                course.shapes().stream()
                        .map(s -> new Shape(
                                s.seconds() / 60,
                                s.heightMm(),
                                2
                                        * s.outline().stream()
                                                .mapToDouble(Point::halfWidthMm)
                                                .max()
                                                .orElse(0),
                                s.outline()))
                        .toList(),
                onPlate && dessert.batch().turnedOver(),
                evidence(dessert, main, onPlate));
    }

    private static Optional<Double> first(List<Moment> moments, Predicate<Moment> holds) {
        return moments.stream().filter(holds).findFirst().map(m -> m.seconds() / 60);
    }

    private static String sentence(
            Dessert dessert,
            Study main,
            Moment start,
            int index,
            boolean onPlate,
            Optional<Double> from,
            Optional<Double> until,
            Optional<Double> sags) {
        var text = new StringBuilder("In a room of ")
                .append(dessert.celsius(dessert.batch().timetable().roomC()))
                .append(
                        onPlate
                                ? ", on a plate of "
                                        + dessert.celsius(
                                                dessert.batch().timetable().plateC())
                                : "");
        if (from.isEmpty()) {
            text.append(
                    start.pa()[index] > main.mostPa()
                            ? ", it stays firmer than wanted for four hours."
                            : ", it is softer than wanted from the start.");
        } else if (from.get() < 1) {
            text.append(", it is right straight from the cold");
        } else {
            text.append(", it is right after ").append(minutes(from.get())).append(" out of the cold");
        }
        if (from.isPresent()) {
            text.append(until.map(u -> " and for " + minutes(u - from.get()) + " more.")
                    .orElse(" and stays so for more than " + minutes(AtTheTable.LASTS / 60 - from.get()) + "."));
        }
        if (onPlate) {
            text.append(sags.map(s -> s < 1
                            ? " It sags as it is turned out."
                            : " It stands for " + minutes(s) + " before it sags.")
                    .orElse(" It does not sag within four hours."));
        }
        text.append(" Out of the cold for two hours it does not go back.");
        return text.toString();
    }

    private static String minutes(double minutes) {
        return minutes < 10 ? Notation.write(Math.max(1, minutes), 0) + " min" : Words.duration(60 * minutes);
    }

    private static Evidence evidence(Dessert dessert, Study main, boolean onPlate) {
        var table = dessert.batch().timetable();
        return new Evidence(
                List.of(
                        new Given("Served at", dessert.clock(dessert.build().servedSeconds())),
                        new Given("Room", dessert.celsius(table.roomC())),
                        new Given("Plate", onPlate ? dessert.celsius(table.plateC()) : "stays in its glass or tin"),
                        new Given("Judged by", main.component().name()),
                        new Given("Right from", Words.pascal(main.leastPa()) + " to " + Words.pascal(main.mostPa()))),
                "Heat conduction from the state in which it leaves its last place: the body stands free on a plate of china that"
                        + " has its own heat, or stays in its glass. Gel melts and fat softens at each point; each slice is"
                        + " pressed by what lies above it.",
                List.of(
                        dessert.constant(dessert.parameters().cold().tableRoom()),
                        dessert.constant(dessert.parameters().cold().plate()),
                        dessert.constant(dessert.parameters().turnout().trembling())),
                "A third of the minutes either way; draughts and warm lamps are quicker.",
                "A cooler room or plate, more gelatin, a lower mould, a later plating.");
    }
}
