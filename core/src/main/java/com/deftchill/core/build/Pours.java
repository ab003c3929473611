package com.deftchill.core.build;

import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Timetable;
import com.deftchill.core.chill.Pouring;
import com.deftchill.core.parameters.Parameters;
import java.util.List;

/**
 * The pours of a dessert: the first layer at the start, each of the others as soon as the surface below carries it; and from
 * them, when each is judged.
 */
final class Pours implements Pouring {
    private static final double SAME_MOMENT = 1e-3;

    /** An empty mould, and what is laid in without a temperature of its own, on the bench, °C. */
    static final double BENCH_C = 20;

    /** What never carries a layer is poured upon after this all the same, s: the rest is computed, and it is said. */
    static final double GIVEN_UP = 24 * 3600.0;

    /** What a layer warms of the one below goes soft again within so long, s [E]. */
    private static final double MEETS = 3600;

    /** Until so long after the last pour a dessert is followed, s. */
    static final double LASTS = 48 * 3600.0;

    /** What comes late into its last place is judged after so long there, s. */
    private static final double SETTLES = 12 * 3600.0;

    private final double carriesPa;

    /** A crumb base hardens in the cold for so long before it is filled. */
    private final double crumbSeconds;

    private final List<BuiltLayer> layers;
    private final Timetable timetable;
    private final double pourK;
    private final boolean turnsOut;
    private final double[] starts;
    private int poured = 1;

    /**
     * @param pourK how much warmer than written everything is poured
     * @param turnsOut whether it leaves its mould, so that it is followed until it may
     */
    Pours(Parameters parameters, List<BuiltLayer> layers, Timetable timetable, double pourK, boolean turnsOut) {
        carriesPa = parameters.layers().carries().value();
        crumbSeconds = 60 * parameters.layers().crumbHardens().value();
        this.turnsOut = turnsOut;
        this.layers = layers;
        this.timetable = timetable;
        this.pourK = pourK;
        starts = new double[layers.size()];
        if (starts.length > 0) {
            judge(0);
        }
    }

    /** How many are poured by now. */
    int count() {
        return poured;
    }

    /** Whether all of it is poured. */
    boolean all() {
        return poured == layers.size();
    }

    @Override
    public List<Pouring.Layer> layers() {
        return layers.stream()
                .map(l -> new Pouring.Layer(
                        l.slab().toRow(),
                        l.component().kind().isSolid() ? BENCH_C : l.component().pourC() + pourK))
                .toList();
    }

    @Override
    public boolean pourNow(int next, double seconds) {
        if (seconds < earliest(next) - SAME_MOMENT || !carries(layers.get(next - 1), seconds - starts[next - 1])) {
            return false;
        }
        starts[next] = seconds;
        poured = next + 1;
        var below = layers.get(next - 1).history();
        // Of a layer that never carried anything there is nothing to go soft again.
        if (below != null && below.set().topPa() >= carries(below.set())) {
            below.set().pouredOn();
        }
        judge(next);
        return true;
    }

    /** When a layer may be poured at the earliest, by what the cook wants, s. */
    private double earliest(int layer) {
        var wanted = layers.get(layer).component().pourTime();
        return Math.max(wanted.notBeforeS(), starts[layer - 1] + wanted.waitsS());
    }

    private boolean carries(BuiltLayer below, double since) {
        if (below.history() == null) {
            return below.component().kind() != Kind.CRUMB || since >= crumbSeconds;
        }
        return !below.history().sets(below.component())
                || below.history().set().topPa() >= carries(below.history().set())
                || since >= GIVEN_UP;
    }

    /** What its surface must have, Pa: what never gets so firm carries the next as soon as it is set. */
    private double carries(SetHistory below) {
        return below.isPlastic() ? Math.min(carriesPa, below.setPa()) : carriesPa;
    }

    /** When a layer is judged, s: when it is served; without such a moment a day after its pour, or settled in its place. */
    private double judgedAt(int layer) {
        if (timetable.ends() && starts[layer] < timetable.endSeconds()) {
            return timetable.endSeconds();
        }
        return Math.max(starts[layer] + SetHistory.JUDGED_AT, settledSeconds());
    }

    private double settledSeconds() {
        int last = timetable.stays().size() - 1;
        return last == 0 || timetable.ends() ? 0 : timetable.startSeconds(last) + SETTLES;
    }

    private void judge(int layer) {
        var history = layers.get(layer).history();
        if (history != null) {
            history.set().judgeAt(judgedAt(layer) - starts[layer]);
        }
    }

    @Override
    public boolean endsAt(double seconds) {
        if (!all()) {
            return false;
        }
        if (!timetable.ends()) {
            return seconds >= end();
        }
        boolean served = seconds >= timetable.endSeconds() - SAME_MOMENT;
        boolean met = seconds >= starts[poured - 1] + MEETS;
        return served && (met && ready() || seconds >= end());
    }

    /** Whether all that sets is set and, where it leaves its mould, may be turned out, and all is thawed that can be. */
    private boolean ready() {
        boolean thaws = timetable.last().airC() > 0;
        return layers.stream().filter(l -> l.history() != null).allMatch(l -> {
            var set = l.history().set();
            boolean ready = !l.history().sets(l.component())
                    || Double.isFinite(turnsOut ? set.readySeconds() : set.setSeconds());
            return ready && (!thaws || !set.wasFrozen() || Double.isFinite(set.thawedSeconds()));
        });
    }

    /** When the dessert is served, or, without such a moment, judged, s. */
    double servedSeconds() {
        double latest = 0;
        for (int i = 0; i < starts.length; i++) {
            latest = Math.max(latest, judgedAt(i));
        }
        return latest;
    }

    @Override
    public double stopAfter(double seconds) {
        double next = poured == layers.size() && !timetable.ends() ? end() : Double.POSITIVE_INFINITY;
        for (int i = 0; i < poured; i++) {
            double stop = judgedAt(i);
            next = stop > seconds ? Math.min(next, stop) : next;
            double hardened = starts[i] + crumbSeconds;
            boolean crumb = layers.get(i).component().kind() == Kind.CRUMB;
            next = crumb && hardened > seconds ? Math.min(next, hardened) : next;
        }
        double pour = all() ? 0 : earliest(poured);
        return pour > seconds ? Math.min(next, pour) : next;
    }

    /** Until when it is followed once all of it is poured, s. */
    private double end() {
        return Math.max(starts[poured - 1] + LASTS, settledSeconds() + SETTLES);
    }

    /** Seconds from the first pour to that of a component; 0 for what does not lie in the mould. */
    double startSeconds(int index) {
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).index() == index) {
                return starts[i];
            }
        }
        return 0;
    }

    /** Seconds from the first pour to that of a layer. */
    double start(int layer) {
        return starts[layer];
    }
}
