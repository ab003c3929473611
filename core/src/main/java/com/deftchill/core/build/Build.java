package com.deftchill.core.build;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.batch.Stay;
import com.deftchill.core.chill.AirOfCooler;
import com.deftchill.core.chill.ChillReport;
import com.deftchill.core.chill.ChillSimulation;
import com.deftchill.core.chill.Place;
import com.deftchill.core.mix.Mix;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The layers of a dessert, poured upon each other and chilled in one run, and what came of it. */
public final class Build {
    /** An empty mould, and what is laid in without a temperature of its own, on the bench, °C. */
    public static final double BENCH_C = Pours.BENCH_C;

    /** Until so long after the last pour a dessert is followed, s. */
    public static final double LASTS = Pours.LASTS;

    /** What never carries a layer is poured upon after this all the same, s: the rest is computed, and it is said. */
    public static final double GIVEN_UP = Pours.GIVEN_UP;

    /** The longest stay that a place takes, s. */
    private static final double EVER = 59 * 24 * 3600.0;

    private final List<BuiltLayer> layers;
    private final Pours pours;
    private final double peakAirC;
    private final ChillReport report;
    private final Optional<FieldRecorder> recorder;
    private final Optional<AtTheTable> table;

    private Build(
            List<BuiltLayer> layers,
            Pours pours,
            double peakAirC,
            ChillReport report,
            Optional<FieldRecorder> recorder,
            Optional<AtTheTable> table) {
        this.layers = layers;
        this.pours = pours;
        this.peakAirC = peakAirC;
        this.report = report;
        this.recorder = recorder;
        this.table = table;
    }

    /** Fills the mould and chills it; of a dessert without a poured layer there is nothing to follow. */
    public static Build of(Batch batch, Stack stack, List<Mix> mixes, Settings settings) {
        return Filling.of(batch, stack, mixes, settings)
                .map(filling -> chilled(batch, filling, settings))
                .orElseGet(() -> {
                    var none = new Pours(batch.parameters(), List.of(), batch.timetable(), 0, false);
                    return new Build(
                            List.of(), none, Double.NEGATIVE_INFINITY, null, Optional.empty(), Optional.empty());
                });
    }

    private static Build chilled(Batch batch, Filling filling, Settings settings) {
        var vessel = batch.mould().vessel();
        var layers = filling.layers();
        var pours = new Pours(
                batch.parameters(), layers, batch.timetable(), settings.nudge().pourK(), batch.turnsOut());
        Optional<FieldRecorder> recorder = Optional.empty();
        if (settings.recorded()) {
            double airC = batch.timetable().stays().get(0).airC();
            recorder = Optional.of(new FieldRecorder(filling.grid(), layers, vessel, airC));
        }
        var table = Optional.of(new AtTheTable(
                batch, filling.grid(), filling.interfaces(), filling.materials(), layers, filling.options()));
        var following = new Following(layers, pours, batch, recorder, table);
        var report = new ChillSimulation(filling.grid(), filling.materials(), vessel.material(), filling.options())
                .run(pours, BENCH_C, places(batch, settings.nudge()), following);
        return new Build(layers, pours, following.peakAirC(), report, recorder, table);
    }

    /** The places of the timetable; what is late for its end waits on in the cooler. */
    private static List<Place> places(Batch batch, Nudge nudge) {
        var table = batch.timetable();
        var places = new ArrayList<Place>();
        for (var stay : table.stays()) {
            places.add(stay.place(
                    batch.parameters().cold(),
                    Math.min(EVER, stay.seconds()),
                    nudge.h(),
                    nudge.airK(),
                    air(stay, batch)));
        }
        if (table.ends()) {
            // What stands covered stays covered when it stands longer.
            var home = new Stay(batch.cooler(), batch.airC(), EVER, table.last().cover(), Stay.Stand.USUAL);
            places.add(home.place(batch.parameters().cold(), EVER, nudge.h(), nudge.airK(), air(home, batch)));
        }
        return places;
    }

    private static AirOfCooler air(Stay stay, Batch batch) {
        var cooler = stay.cooler();
        return AirOfCooler.of(
                batch.parameters().cold(),
                cooler.powerW(),
                1000 * cooler.contentsKj(),
                batch.count(),
                batch.timetable().doorsPerHour());
    }

    /** When the dessert is served, or, without such a moment, judged, s. */
    public double servedSeconds() {
        return pours.servedSeconds();
    }

    /** Highest air temperature of a cooler while the dessert stands in it, °C; far below zero where there is none. */
    public double peakAirC() {
        return peakAirC;
    }

    /** The field over time, if it was to be kept. */
    public Optional<FieldRecorder> recorder() {
        return recorder;
    }

    /** What happens once it is served; absent where nothing is poured. */
    public Optional<AtTheTable> table() {
        return table;
    }

    /** What was poured or laid in, by the index of its component. */
    public Map<Integer, BuiltLayer> byIndex() {
        return layers.stream().collect(Collectors.toMap(BuiltLayer::index, Function.identity()));
    }

    /** Seconds from the first pour to that of a component; 0 for what does not lie in the mould. */
    public double startSeconds(int index) {
        return pours.startSeconds(index);
    }

    public ChillReport report() {
        return report;
    }
}
