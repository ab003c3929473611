package com.deftchill.core.build;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Stay;
import com.deftchill.core.batch.Timetable;
import com.deftchill.core.chill.ChillListener;
import java.util.List;
import java.util.Optional;

/** Follows a chill: what each layer goes through, the air around it, the film, the moment it is served; and says when it ends. */
final class Following implements ChillListener {
    private static final double SAME_MOMENT = 1e-3;

    private final List<BuiltLayer> layers;
    private final Pours pours;
    private final Timetable timetable;
    private final Optional<FieldRecorder> recorder;
    private final Optional<AtTheTable> table;
    private double peakAirC = Double.NEGATIVE_INFINITY;

    Following(
            List<BuiltLayer> layers,
            Pours pours,
            Batch batch,
            Optional<FieldRecorder> recorder,
            Optional<AtTheTable> table) {
        this.layers = layers;
        this.pours = pours;
        this.recorder = recorder;
        this.table = table;
        timetable = batch.timetable();
    }

    @Override
    public void air(double seconds, double airCelsius) {
        // Only the cooler's own warming counts, not a room that it stands in.
        peakAirC = stayAt(seconds).cooler().powerW() > 0 ? Math.max(peakAirC, airCelsius) : peakAirC;
        recorder.ifPresent(r -> r.air(seconds, airCelsius));
    }

    private Stay stayAt(double seconds) {
        double end = 0;
        for (var stay : timetable.stays()) {
            end += stay.seconds();
            if (seconds <= end) {
                return stay;
            }
        }
        return timetable.last();
    }

    @Override
    public void afterStep(double seconds, double stepSeconds, double[] meanCelsius, double[] celsius) {
        boolean late = timetable.ends() && seconds > timetable.endSeconds() + SAME_MOMENT;
        boolean chilling = late || seconds <= timetable.coldUntilSeconds() + SAME_MOMENT;
        for (int i = 0; i < pours.count(); i++) {
            var chill = layers.get(i).history();
            if (chill != null) {
                chill.set().afterStep(seconds - pours.start(i), stepSeconds, meanCelsius, celsius, chilling);
            }
        }
        recorder.ifPresent(r -> r.afterStep(seconds, pours.count(), celsius, isTurn(seconds)));
        table.filter(t -> pours.all() && Math.abs(seconds - pours.servedSeconds()) < SAME_MOMENT)
                .ifPresent(t -> t.take(celsius));
    }

    /** Whether a place or the whole ends at this moment. */
    private boolean isTurn(double seconds) {
        for (int i = 1; i <= timetable.stays().size(); i++) {
            if (Math.abs(seconds - timetable.startSeconds(i)) < SAME_MOMENT) {
                return true;
            }
        }
        return pours.all() && pours.endsAt(seconds);
    }

    /** Highest air temperature of a cooler while it stands in one, °C. */
    double peakAirC() {
        return peakAirC;
    }
}
