package com.deftchill.core.assess;

import com.deftchill.core.assess.Step.Kind;
import com.deftchill.core.batch.Batch;
import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.larder.GelProduct.Agent;
import com.deftchill.core.larder.GelProduct.Form;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.mix.Treatment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The formula as steps, in order, with durations, temperatures, cues and cautions. Durations are estimates [E]. */
final class Method {
    private static final double WEIGH_MIN_PER_LINE = 0.7;
    private static final double FILL_MIN_PER_MOULD = 0.3;
    /** What a burner puts into a pan, W [E], and where a kitchen warms a mix to when nothing is written, °C. */
    private static final double BURNER_W = 700;

    private static final double WARM_C = 60;
    private static final double BOIL_C = 95;
    private static final double HEAT_CAPACITY = 3.6;
    private static final double FRIDGE_C = 5;
    private static final double SIMMER_C = 80;
    /** A wait in the room longer than this is better done in ice water, min [E]. */
    private static final double ICE_FROM_MIN = 20;

    private final Study study;
    private final Batch batch;
    private final Batch.Component component;
    private final List<Step> steps = new ArrayList<>();

    private Method(Study study) {
        this.study = study;
        batch = study.batch();
        component = batch.component();
    }

    static List<Step> of(Study study) {
        var method = new Method(study);
        method.weigh();
        method.bloom();
        method.treatFruit();
        method.heat();
        method.dissolve();
        method.strain();
        method.joinCold();
        method.cool();
        method.fill();
        method.chill();
        method.serve();
        return List.copyOf(method.steps);
    }

    private void weigh() {
        var amounts = component.lines().stream()
                .map(line -> Words.grams(line.part().grams()) + " "
                        + line.part().ingredient().name())
                .collect(Collectors.joining(", "));
        add(
                "Weigh",
                amounts + ".",
                Kind.ACTIVE,
                2 + WEIGH_MIN_PER_LINE * component.lines().size(),
                "",
                "");
    }

    private void bloom() {
        var gel = component.gel();
        if (!gel.product().isGelatin() || gel.bloom() == BloomSchool.DRY) {
            return;
        }
        boolean sheets = gel.product().form() == Form.SHEET;
        var water = Words.grams(gel.waterG());
        var text = gel.bloom() == BloomSchool.SQUEEZED
                ? "Soak " + gelAmount() + " in plenty of cold water, then squeeze; about " + water + " stays in."
                : (sheets ? "Lay " : "Sprinkle ") + gelAmount() + (sheets ? " in " : " over ") + water
                        + " of cold water; all of it goes in.";
        steps.add(new Step(
                "Bloom",
                text,
                Kind.WAITING,
                10,
                Optional.of(study.celsius(15) + " or colder"),
                sheets ? "soft and swollen" : "swollen and rubbery, no dry grains",
                ""));
    }

    private void treatFruit() {
        for (var line : component.lines()) {
            if (line.part().treatment() == Treatment.HEATED) {
                steps.add(new Step(
                        "Heat the " + line.part().ingredient().name(),
                        "Hold " + Words.grams(line.part().grams()) + " at " + study.celsius(85)
                                + " or more for 5 min; cool it before it joins.",
                        Kind.TENDED,
                        12,
                        Optional.of(study.celsius(85)),
                        "steams steadily",
                        "Raw it would cut the gelatin."));
            }
        }
    }

    private void heat() {
        double to = component.heating().hotC().orElse(component.gel().product().isGelatin() ? WARM_C : BOIL_C);
        var hot = component.lines().stream().filter(line -> !line.cold()).toList();
        if (hot.isEmpty()) {
            return;
        }
        double grams = hot.stream().mapToDouble(line -> line.part().grams()).sum();
        boolean all = hot.size() == component.lines().size();
        var names = all
                ? "Warm everything but the gelatin"
                : "Warm " + hot.stream().map(l -> l.part().ingredient().name()).collect(Collectors.joining(", "));
        double held = component.heating().heldMinutes();
        var text =
                names + " (" + Words.grams(grams) + ") to " + study.celsius(to) + ", stirring until the sugar is gone."
                        + (held > 0 ? " It is held hot for " + Words.duration(held * 60) + "." : "");
        steps.add(new Step(
                "Heat",
                text,
                Kind.TENDED,
                Math.max(3, grams * HEAT_CAPACITY * (to - FRIDGE_C) / BURNER_W / 60),
                Optional.of(study.celsius(to)),
                to >= SIMMER_C ? "small bubbles at the pan's edge" : "steams, no bubbles",
                to >= SIMMER_C ? "Dairy boils over: stay with it." : ""));
    }

    private void dissolve() {
        var agent = component.gel().product().agent();
        if (agent == Agent.GELATIN) {
            steps.add(new Step(
                    "Dissolve",
                    component.gel().bloom() == BloomSchool.DRY
                            ? "Sprinkle " + gelAmount() + " onto the hot liquid while whisking; strain out what clumps."
                            : "Off the heat, stir in the bloomed gelatin with its water.",
                    Kind.ACTIVE,
                    2,
                    Optional.of(study.celsius(50) + " to " + study.celsius(70)),
                    "no grains on the back of a spoon",
                    ""));
        } else {
            steps.add(new Step(
                    "Boil the " + agent.words(),
                    "Whisk " + gelAmount() + " into the hot liquid and boil it, stirring.",
                    Kind.TENDED,
                    agent == Agent.AGAR ? 4 : 3,
                    Optional.of(study.celsius(BOIL_C)),
                    "two minutes at the boil",
                    "It sets as soon as it cools to " + study.celsius(study.onsetC()) + ": have the moulds ready."));
        }
    }

    private String gelAmount() {
        var gel = component.gel();
        return Words.grams(gel.grams()) + " " + gel.product().name();
    }

    private void strain() {
        if (study.kitchen().strains()) {
            add("Strain", "Through a fine sieve into a jug.", Kind.ACTIVE, 3, "", "");
        }
    }

    private void joinCold() {
        var cold = component.lines().stream().filter(Batch.Line::cold).toList();
        if (cold.isEmpty()) {
            return;
        }
        var names = cold.stream()
                .map(line -> Words.grams(line.part().grams()) + " "
                        + line.part().ingredient().name())
                .collect(Collectors.joining(", "));
        steps.add(new Step(
                "Add the cold share",
                "Stir in " + names + " straight from the fridge, a third first.",
                Kind.ACTIVE,
                3,
                study.joining().map(joining -> study.celsius(joining.meetC())),
                "smooth, no threads",
                ""));
    }

    private void cool() {
        double from = study.joining()
                .map(Joining::meetC)
                .orElse(component.gel().product().isGelatin() ? WARM_C : BOIL_C);
        double to = component.pourC();
        var mix = study.mix();
        var bowl = new BowlCooling(
                mix.massG(), study.material().density(), study.material().heatCapacity(from));
        double room = bowl.roomSeconds(from, to, study.kitchen().roomC());
        double ice = bowl.iceBathSeconds(from, to);
        if (room <= 0) {
            return;
        }
        boolean over = room > ICE_FROM_MIN * 60;
        var other = Double.isInfinite(room)
                ? " The room is too warm to do it."
                : " In the room it takes about " + Words.duration(room) + ".";
        steps.add(new Step(
                "Cool",
                over ? "Stir it over ice water." + other : "Let it stand, stirring now and then.",
                over ? Kind.TENDED : Kind.WAITING,
                (over ? ice : room) / 60,
                Optional.of(study.celsius(to)),
                "barely warm, still as thin as cream",
                "Below " + study.celsius(study.onsetC()) + " it sets in the bowl."));
    }

    private void fill() {
        steps.add(new Step(
                "Fill",
                "Pour "
                        + Words.ml(Math.min(
                                study.fillMl(), batch.mould().vessel().profile().brimMl())) + " into each of "
                        + batch.count() + ": " + batch.mould().name() + ", " + Words.mm(study.fillMm()) + " high.",
                Kind.ACTIVE,
                2 + FILL_MIN_PER_MOULD * batch.count(),
                Optional.of(study.celsius(component.pourC())),
                "no foam on top",
                ""));
    }

    private void chill() {
        double until = Milestones.turnsOut(study)
                ? study.history().readySeconds()
                : study.history().setSeconds();
        var text = Double.isInfinite(until)
                ? batch.cooler().name() + ". As written it does not set within two days."
                : batch.cooler().name() + ", covered once cold. Poured at " + batch.pouredAt() + ": "
                        + (Milestones.turnsOut(study) ? "turns out from " : "set by ")
                        + Words.clock(batch.pouredAt(), until) + ".";
        steps.add(new Step(
                "Chill",
                text,
                Kind.WAITING,
                Double.isInfinite(until) ? 2 * 24 * 60 : until / 60,
                Optional.of(study.celsius(batch.airC())),
                "a wobble that returns to the centre",
                "Cool it quickly, keep it cold: local food-safety rules come first."));
    }

    private void serve() {
        if (!Milestones.turnsOut(study)) {
            return;
        }
        var release = batch.mould().release();
        boolean dip = release == Release.DIP && Double.isFinite(study.dip().aim());
        var text = switch (release) {
            case DIP ->
                dip
                        ? "Dip " + Words.seconds(study.dip().aim()) + " s in water of "
                                + study.celsius(Study.DIP_WATER_C)
                                + ", let air in at one edge, turn over onto a wet plate."
                        : "Run a warm knife round the wall and turn over onto a wet plate.";
            case PEEL -> "Ease the edge free and peel the mould off.";
            default -> "Run a warm knife along the wall and lift the mould off.";
        };
        add(
                "Turn out",
                text,
                Kind.ACTIVE,
                batch.count(),
                "slides off whole",
                dip ? "Hot water: keep hands clear of the steam." : "");
    }

    private void add(String title, String text, Kind kind, double minutes, String cue, String caution) {
        steps.add(new Step(title, text, kind, minutes, Optional.empty(), cue, caution));
    }
}
