package com.deftchill.core.judge.layers;

import com.deftchill.core.chill.Meeting;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** What a layer does to the set one that it is poured on: melts it, bonds with it, slides off it (handbook 5). */
public final class LayerVerdicts {
    private LayerVerdicts() {}

    /**
     * How a layer meets the set one below, as it is poured.
     *
     * @param lower what it is poured on
     * @param upper what is poured
     * @param surfaceC surface below at that moment, °C
     * @param meltedMm depth that melts
     * @param highestC warmest pour that melts no more than a millimetre, °C
     * @param lowestC coolest pour that still runs, °C
     * @param bondsUntilSeconds until then the surface bonds, s after the first pour
     */
    public record Gate(
            Study lower,
            Study upper,
            double surfaceC,
            double meltedMm,
            double highestC,
            double lowestC,
            double bondsUntilSeconds) {
        /** More than one row of cells, so that it is no matter of their size. */
        private static final double DEEP_MM = 5;

        /** Of the way from the coolest pour to the warmest [E]. */
        private static final double COOL = 0.25;

        /** Whether the young gel below goes soft again, well below its surface, though it does not melt for good. */
        boolean softensDeep() {
            return lower.history().softAgainMm() > DEEP_MM;
        }

        String softUntil(Dessert dessert) {
            return dessert.clock(lower.startSeconds() + lower.history().softUntilSeconds());
        }

        /** Where a cook pours it: clear of what melts the one below, and of what no longer runs, °C. */
        double coolC() {
            return Math.floor(lowestC + COOL * (highestC - lowestC));
        }

        public static Gate of(Study lower, Study upper) {
            double surface = lower.history().topCelsius(upper.startSeconds() - lower.startSeconds());
            double melts = lower.loosensC();
            var meeting = new Meeting(
                    lower.material(),
                    lower.bed().heightMm(),
                    upper.material(),
                    upper.bed().heightMm());
            double pour = upper.component().pourC();
            // A cool layer melts nothing, however warm the one below still is.
            return new Gate(
                    lower,
                    upper,
                    surface,
                    pour > surface ? meeting.meltedMm(surface, pour, melts) : 0,
                    Math.floor(meeting.highestC(
                            surface, melts, upper.parameters().layers().bleeds().value())),
                    Math.ceil(Math.max(
                            upper.onsetC()
                                    + upper.parameters().gel().pourMargin().value(),
                            0)),
                    lower.startSeconds() + lower.history().bondsUntilSeconds());
        }
    }

    /** Where layers are poured on set ones, bottom first. */
    public static List<Gate> gates(Dessert dessert) {
        var gates = new ArrayList<Gate>();
        var lying = dessert.portraits().stream().filter(p -> p.bed().exists()).toList();
        for (int i = 1; i < lying.size(); i++) {
            var lower = lying.get(i - 1).study().filter(below -> below.sets() && !below.staysLoose());
            var upper = lying.get(i).study();
            if (lower.isPresent()
                    && upper.isPresent()
                    && Double.isFinite(lower.get().history().setSeconds())) {
                gates.add(Gate.of(lower.get(), upper.get()));
            }
        }
        return gates;
    }

    public static List<Verdict> of(Dessert dessert) {
        return Stream.concat(gates(dessert).stream().map(gate -> meeting(dessert, gate)), onLoose(dessert).stream())
                .toList();
    }

    /** On what stays a thick liquid nothing melts: what is lighter lies on it, what is heavier sinks in. */
    private static List<Verdict> onLoose(Dessert dessert) {
        var found = new ArrayList<Verdict>();
        var lying = dessert.portraits().stream().filter(p -> p.bed().exists()).toList();
        for (int i = 1; i < lying.size(); i++) {
            var lower = lying.get(i - 1).study().filter(Study::staysLoose);
            var upper = lying.get(i).study();
            if (lower.isPresent() && upper.isPresent()) {
                found.add(onLoose(lower.get(), upper.get()));
            }
        }
        return found;
    }

    private static Verdict onLoose(Study lower, Study upper) {
        var below = lower.component().name();
        double under = lower.material().density();
        double over = upper.material().density();
        boolean floats = over <= under;
        var evidence = new Evidence(
                List.of(
                        new Given("Density of " + below, Notation.write(under / 1000, 2) + " g/ml"),
                        new Given("Density of " + upper.component().name(), Notation.write(over / 1000, 2) + " g/ml")),
                "What is lighter than the thick liquid below stays on it; what is heavier sinks into it.",
                List.of(),
                "A thick, cold layer below carries for a while even what is heavier.",
                "A cooler, slower pour over a spoon; a firmer layer below.");
        return new Verdict(
                floats ? "layer-lies" : "layer-sinks",
                floats ? Tone.GOOD : Tone.NOTE,
                upper.component().name() + " on " + below + (floats ? " lies on it" : " may sink in"),
                below + " stays loose. Put it on gently, over a spoon"
                        + (floats ? ": it is lighter and stays on top." : ", or as dollops: it is heavier."),
                upper.at("/work/pour/at"),
                evidence,
                List.of());
    }

    private static Verdict meeting(Dessert dessert, Gate gate) {
        var lower = gate.lower();
        var upper = gate.upper();
        double surface = gate.surfaceC();
        double melts = lower.loosensC();
        double pour = upper.component().pourC();
        double melted = gate.meltedMm();
        double highest = gate.highestC();
        double lowest = gate.lowestC();
        double until = gate.bondsUntilSeconds();
        var evidence = evidence(lower, upper, surface, melts, melted);
        var when = bond(dessert, upper, until);
        var names = upper.component().name() + " on " + lower.component().name();
        if (melted <= upper.parameters().layers().bleeds().value() && gate.softensDeep()) {
            return softens(dessert, gate, names, evidence);
        }
        if (melted <= upper.parameters().layers().bleeds().value()) {
            var range = highest <= pour || pour <= surface
                    ? ""
                    : upper.component().gels() && lowest < highest
                            ? ", between " + upper.celsius(lowest) + " and " + upper.celsius(highest)
                            : ", not above " + upper.celsius(highest);
            return new Verdict(
                    "layer-joins",
                    Tone.GOOD,
                    names + " joins cleanly",
                    "Put it on " + when + range + ".",
                    upper.at("/work/pour/at"),
                    evidence,
                    List.of());
        }
        boolean mixes = melted > upper.parameters().layers().mixes().value();
        boolean pours = highest >= lowest;
        var deep = melted > upper.parameters().layers().mixes().value()
                ? "more than 3 mm"
                : "about " + Notation.write(melted, 1) + " mm";
        var sentence = "Poured at " + upper.celsius(pour) + " it melts " + deep + " of "
                + lower.component().name()
                + ", which loosens at " + upper.celsius(melts) + ": the border "
                + (mixes ? "mixes" : "bleeds") + ". "
                + (pours
                        ? "Let it cool to " + upper.celsius(gate.coolC()) + ", or chill the layer below longer."
                        : "It would have to be cooler than it pours: chill the layer below longer, pour it thinner, or pour a"
                                + " spoonful first and let that set.");
        return new Verdict(
                mixes ? "layer-mixes" : "layer-bleeds",
                mixes && spoils(dessert, gate) ? Tone.BAD : Tone.CAUTION,
                names + (mixes ? ": melts into it" : ": the border bleeds"),
                sentence,
                upper.at("/work/pour/at"),
                evidence,
                pours ? List.of(pourAt(upper, gate.coolC())) : List.of());
    }

    /** Whether melting spoils the dessert: one that is to stand, or a layer that goes for the greater part. */
    private static boolean spoils(Dessert dessert, Gate gate) {
        return dessert.batch().turnsOut()
                || gate.meltedMm() > gate.lower().bed().heightMm() / 2;
    }

    /** A gel that has only just set has few and weak bonds: warmed a little it runs again, and sets anew. */
    private static Verdict softens(Dessert dessert, Gate gate, String names, Evidence evidence) {
        var upper = gate.upper();
        double mm = gate.lower().history().softAgainMm();
        boolean cooler = gate.lowestC() < upper.component().pourC();
        return new Verdict(
                "layer-softens",
                Tone.CAUTION,
                names + ": the young gel goes soft again",
                gate.lower().component().name() + " has only just set: its uppermost " + Words.mm(mm)
                        + " run again under it, until " + gate.softUntil(dessert)
                        + ". Pour gently, over a spoon, and do not move it until then; poured cooler or later it stays firm.",
                upper.at("/work/pour/at"),
                evidence,
                cooler ? List.of(pourAt(upper, gate.lowestC())) : List.of());
    }

    private static String bond(Dessert dessert, Study upper, double until) {
        if (upper.startSeconds() == 0) {
            return "as soon as the one below is filled";
        }
        var from = "from " + dessert.clock(upper.startSeconds());
        return Double.isFinite(until) && until > upper.startSeconds()
                ? from + ", and by " + dessert.clock(until)
                        + " while it still bonds (later warm the surface a little or roughen it)"
                : from;
    }

    private static Fix pourAt(Study upper, double celsius) {
        var text = upper.celsius(celsius);
        return new Fix(
                "Pour " + upper.component().name().toLowerCase(Locale.ROOT) + " at " + text,
                "cool, and still pouring smoothly",
                List.of(new Fix.Change(upper.at("/work/pour/at"), text)));
    }

    private static Evidence evidence(Study lower, Study upper, double surface, double melts, double melted) {
        return new Evidence(
                List.of(
                        new Given("Poured at", upper.celsius(upper.component().pourC())),
                        new Given("Its thickness", Words.mm(upper.bed().heightMm())),
                        new Given("Surface below, when it is poured on", upper.celsius(surface)),
                        new Given("That layer loosens at", upper.celsius(melts)),
                        new Given("Melts", Words.mm(melted))),
                "Heat conduction from layer into layer, none lost outside: the depth at which the lower one reaches its melting"
                        + " point. It is poured on as soon as its surface carries it.",
                List.of(
                        upper.constant(upper.parameters().layers().carries()),
                        upper.constant(upper.parameters().layers().bleeds()),
                        upper.constant(upper.parameters().layers().mixes()),
                        upper.constant(upper.parameters().layers().bonds())),
                "Heat into the wall and slow melting leave less than computed: at most so much.",
                "A cooler or thinner pour, a colder layer below, more gelatin in it.");
    }
}
