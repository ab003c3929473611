package com.deftchill.core.assess;

import com.deftchill.core.assess.Step.After;
import com.deftchill.core.assess.Step.Kind;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.GanacheJoin;
import com.deftchill.core.batch.Share;
import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.chill.Material;
import com.deftchill.core.cook.Boiling;
import com.deftchill.core.cook.Soaking;
import com.deftchill.core.fat.Ganache;
import com.deftchill.core.gel.GelModel;
import com.deftchill.core.gel.GelatinParameters;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.GelProduct.Agent;
import com.deftchill.core.larder.GelProduct.Form;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.mix.Treatment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The steps of one component, from weighing until it is ready to be filled. Durations are estimates [E]. */
final class ComponentMethod {
    private static final double WEIGH_MIN_PER_LINE = 0.7;
    /** What a burner puts into a pan, W [E], and where a kitchen warms a mix to when nothing is written, °C. */
    private static final double BURNER_W = 700;

    private static final double WARM_C = 60;
    private static final double BOIL_C = 95;
    private static final double HEAT_CAPACITY = 3.6;
    private static final double FRIDGE_C = 5;
    private static final double SIMMER_C = 80;
    /** A wait in the room longer than this is better done in ice water, min [E]. */
    private static final double ICE_FROM_MIN = 20;

    /** Steps that go on beside the others. */
    private static final Set<String> BESIDE = Set.of("bloom", "treat", "whip");

    private final Portrait portrait;
    private final Component component;
    private final Kitchen kitchen;
    private final List<Step> steps = new ArrayList<>();

    private ComponentMethod(Portrait portrait) {
        this.portrait = portrait;
        component = portrait.component();
        kitchen = portrait.kitchen();
    }

    static List<Step> of(Portrait portrait, Dessert dessert) {
        var method = new ComponentMethod(portrait);
        method.weigh();
        method.bloom();
        method.treatFruit();
        switch (portrait.kind()) {
            case GANACHE -> method.ganache();
            case CARAMEL -> method.caramel();
            case COMPOTE -> method.compote();
            case CRUMB, SHELL -> method.crust();
            case SOAKED -> method.soak(dessert.batch().count());
            case PIECES, GARNISH -> method.pieces();
            default -> method.heatAndJoin();
        }
        if (!portrait.kind().isSolid()) {
            method.fold();
        }
        return method.steps;
    }

    private void heatAndJoin() {
        heat();
        infuse();
        dissolve();
        strain();
        joinCold();
        cool();
    }

    private void weigh() {
        var amounts = component.lines().stream()
                .map(line -> Words.grams(line.part().grams()) + " "
                        + line.part().ingredient().name())
                .collect(Collectors.joining(", "));
        add(
                "weigh",
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
        add(
                "bloom",
                "Bloom",
                text,
                Kind.WAITING,
                10,
                portrait.celsius(15) + " or colder",
                sheets ? "soft and swollen" : "swollen and rubbery, no dry grains",
                "");
    }

    private void treatFruit() {
        for (int i = 0; i < component.lines().size(); i++) {
            var line = component.lines().get(i);
            if (line.part().treatment() == Treatment.HEATED) {
                add(
                        "treat-" + i,
                        "Heat the " + line.part().ingredient().name(),
                        "Hold " + Words.grams(line.part().grams()) + " at " + portrait.celsius(85)
                                + " or more for 5 min; cool it before it joins.",
                        Kind.TENDED,
                        12,
                        portrait.celsius(85),
                        "steams steadily",
                        "Raw it would cut the gelatin.");
            }
        }
    }

    private List<Component.Line> lines(Share share) {
        return component.lines().stream().filter(line -> line.share() == share).toList();
    }

    private static double grams(List<Component.Line> lines) {
        return lines.stream().mapToDouble(line -> line.part().grams()).sum();
    }

    private static String names(List<Component.Line> lines) {
        return lines.stream().map(line -> line.part().ingredient().name()).collect(Collectors.joining(", "));
    }

    private static String weighed(List<Component.Line> lines) {
        return lines.stream()
                .map(line -> Words.grams(line.part().grams()) + " "
                        + line.part().ingredient().name())
                .collect(Collectors.joining(", "));
    }

    /** Nothing is heated in a component that only whips or beats, unless it is written how hot. */
    private boolean heats() {
        boolean gels = component.gel() != Component.Gel.NONE;
        boolean beaten = component.kind().fatSets() && !gels;
        return component.heating().hotC().isPresent() || !beaten;
    }

    private void heat() {
        var hot = lines(Share.HOT);
        if (hot.isEmpty() || !heats()) {
            return;
        }
        double to = component.heating().hotC().orElse(isGelatinOrNone() ? WARM_C : BOIL_C);
        double grams = grams(hot);
        boolean all = hot.size() == component.lines().size();
        var what = all
                ? "Warm everything" + (component.gel().product().isGelatin() ? " but the gelatin" : "")
                : "Warm " + names(hot);
        double held = component.heating().heldMinutes();
        var text = what + " (" + Words.grams(grams) + ") to " + portrait.celsius(to)
                + ", stirring until the sugar is gone."
                + (held > 0 ? " It is held hot for " + Words.duration(held * 60) + "." : "");
        boolean yolk = CookVerdicts.hasEgg(hot);
        var cue = yolk && to >= 80
                ? "coats the back of a spoon"
                : to >= SIMMER_C ? "small bubbles at the pan's edge" : "steams, no bubbles";
        add(
                "heat",
                "Heat",
                text,
                Kind.TENDED,
                Math.max(3, grams * HEAT_CAPACITY * (to - FRIDGE_C) / BURNER_W / 60),
                portrait.celsius(to),
                cue,
                to >= SIMMER_C ? "Dairy boils over: stay with it." : "");
    }

    private boolean isGelatinOrNone() {
        var agent = component.gel().product().agent();
        return agent == Agent.GELATIN || agent == Agent.NONE;
    }

    private void dissolve() {
        var agent = component.gel().product().agent();
        if (agent == Agent.NONE) {
            return;
        }
        if (agent == Agent.GELATIN) {
            add(
                    "dissolve",
                    "Dissolve",
                    component.gel().bloom() == BloomSchool.DRY
                            ? "Sprinkle " + gelAmount() + " onto the hot liquid while whisking; strain out what clumps."
                            : "Off the heat, stir in the bloomed gelatin with its water.",
                    Kind.ACTIVE,
                    2,
                    portrait.celsius(50) + " to " + portrait.celsius(70),
                    "no grains on the back of a spoon",
                    "");
        } else {
            add(
                    "dissolve",
                    "Boil the " + agent.words(),
                    "Whisk " + gelAmount() + " into the hot liquid and boil it, stirring.",
                    Kind.TENDED,
                    agent == Agent.AGAR ? 4 : 3,
                    portrait.celsius(BOIL_C),
                    "two minutes at the boil",
                    "It sets as soon as it cools to " + portrait.celsius(onsetC()) + ": have the moulds ready.");
        }
    }

    private String gelAmount() {
        var gel = component.gel();
        return Words.grams(gel.grams()) + " " + gel.product().name();
    }

    private double onsetC() {
        var product = component.gelProduct();
        return product == GelProduct.NONE
                ? GelModel.NEVER_C
                : GelModel.of(GelatinParameters.handbook(), product)
                        .settingOnset(portrait.mix().gelatinGramsPerLitre());
    }

    private void infuse() {
        var steeped = lines(Share.INFUSED);
        if (!steeped.isEmpty()) {
            add(
                    "infuse",
                    "Infuse",
                    "Steep " + weighed(steeped) + " in the hot liquid, covered, then strain and press.",
                    Kind.WAITING,
                    20,
                    "",
                    "tastes of it, a little stronger than wanted",
                    "");
        }
    }

    private void strain() {
        if (kitchen.strains() && heats() && !lines(Share.HOT).isEmpty()) {
            add("strain", "Strain", "Through a fine sieve into a jug.", Kind.ACTIVE, 3, "", "");
        }
    }

    private void joinCold() {
        var cold = lines(Share.COLD);
        if (cold.isEmpty()) {
            return;
        }
        boolean beaten = lines(Share.HOT).isEmpty() || !heats();
        add(
                "cold",
                beaten ? "Beat smooth" : "Add the cold share",
                beaten
                        ? "Beat " + weighed(cold) + " until smooth, scraping down."
                        : "Stir in " + weighed(cold) + " straight from the fridge, a third first.",
                Kind.ACTIVE,
                3,
                portrait.study()
                        .flatMap(Study::joining)
                        .map(joining -> portrait.celsius(joining.meetC()))
                        .orElse(""),
                beaten ? "smooth, no lumps" : "smooth, no threads",
                "");
    }

    /** Down to where it is folded, or poured. */
    private void cool() {
        var foaming = new Foaming(component);
        if (!heats() || lines(Share.HOT).isEmpty()) {
            return;
        }
        double from = portrait.study()
                .flatMap(Study::joining)
                .map(Joining::meetC)
                .orElse(component.heating().hotC().orElse(isGelatinOrNone() ? WARM_C : BOIL_C));
        double to = foaming.any() ? component.fold().baseC().orElse(middle(foaming)) : component.pourC();
        var base = foaming.any() ? component.base() : portrait.mix();
        var bowl = bowl(base);
        double room = bowl.roomSeconds(from, to, kitchen.roomC());
        double ice = bowl.iceBathSeconds(from, to);
        if (room <= 0) {
            return;
        }
        boolean over = room > ICE_FROM_MIN * 60;
        var other = Double.isInfinite(room)
                ? " The room is too warm to do it."
                : " In the room it takes about " + Words.duration(room) + ".";
        double onset = foaming.any() ? foaming.baseOnsetC() : onsetC();
        add(
                "cool",
                "Cool",
                over ? "Stir it over ice water." + other : "Let it stand, stirring now and then.",
                over ? Kind.TENDED : Kind.WAITING,
                (over ? ice : room) / 60,
                portrait.celsius(to),
                "barely warm, still as thin as cream",
                onset > 0 ? "Below " + portrait.celsius(onset) + " it sets in the bowl." : "");
    }

    private static double middle(Foaming foaming) {
        var window = foaming.window();
        return (window.lowC() + window.highC()) / 2;
    }

    private static BowlCooling bowl(Mix mix) {
        var material = Material.of(mix.composition());
        return new BowlCooling(mix.massG(), material.density(), material.heatCapacity(50));
    }

    private void fold() {
        var foaming = new Foaming(component);
        if (!foaming.any()) {
            return;
        }
        var whip = component.fold().whip();
        add(
                "whip",
                "Whip",
                "Whip " + weighed(foaming.lines()) + " " + whip.words() + ".",
                Kind.TENDED,
                4,
                foaming.creamG() > 0
                        ? "cream at " + portrait.celsius(component.fold().foamC())
                        : "",
                switch (whip) {
                    case RIBBON -> "falls in a ribbon that stays a moment";
                    case SOFT -> "a soft peak that folds back at once";
                    case MEDIUM -> "a peak whose tip bends";
                    case STIFF -> "a stiff peak that stands";
                },
                "No further: clumps do not come back.");
        if (foaming.lines().size() == component.lines().size() && component.gel() == Component.Gel.NONE) {
            return;
        }
        var window = foaming.window();
        double minutes = minutesOpen(foaming);
        var whipped = last();
        var base = steps.stream()
                .filter(step -> !step.id().endsWith(".whip"))
                .reduce((a, b) -> b)
                .map(Step::id)
                .orElse(whipped);
        steps.add(step(
                "fold",
                "Fold",
                "Base and foam " + component.fold().school().words() + "; the base between "
                        + portrait.celsius(window.lowC()) + " and " + portrait.celsius(window.highC()) + ".",
                Kind.ACTIVE,
                4,
                portrait.celsius(component.fold().baseC().orElse(middle(foaming))),
                "no white streaks",
                "Stop as soon as it is even: every stroke costs air.",
                List.of(
                        new After(base, 0, minutes > 0 ? Optional.of(minutes) : Optional.empty()),
                        new After(whipped, 0, Optional.of(20.0)))));
    }

    /** Minutes that the base stays in its window in the room; 0 when it is not heated. */
    private double minutesOpen(Foaming foaming) {
        if (!heats() || lines(Share.HOT).isEmpty()) {
            return 0;
        }
        var window = foaming.window();
        double from = component.fold().baseC().orElse(window.highC());
        double seconds = bowl(component.base()).roomSeconds(from, window.lowC(), kitchen.roomC());
        return Double.isInfinite(seconds) ? 0 : seconds / 60;
    }

    private void ganache() {
        var chocolate = portrait.group("chocolate");
        var liquid = component.lines().stream()
                .filter(line -> !chocolate.contains(line) && !line.whipped())
                .toList();
        var join = component.cooked().join();
        if (join != GanacheJoin.MELTED) {
            add(
                    "heat",
                    "Heat",
                    "Bring " + weighed(liquid) + " to just below the boil.",
                    Kind.TENDED,
                    Math.max(2, grams(liquid) * HEAT_CAPACITY * (SIMMER_C - FRIDGE_C) / BURNER_W / 60),
                    portrait.celsius(component.heating().hotC().orElse(85)),
                    "small bubbles at the pan's edge",
                    "Dairy boils over: stay with it.");
        } else {
            add(
                    "melt",
                    "Melt",
                    "Melt " + weighed(chocolate) + " over a water bath or in short pulses; warm the rest.",
                    Kind.TENDED,
                    6,
                    portrait.celsius(Ganache.JOIN_FROM_C),
                    "smooth, no lumps",
                    "Not a drop of water alone: it seizes.");
        }
        add(
                "join",
                "Join",
                switch (join) {
                    case HOT_CREAM ->
                        "Pour over the chopped " + names(chocolate) + ", wait two minutes, stir from the middle.";
                    case MELTED -> "Add the warm liquid to the chocolate in thirds, stirring from the middle.";
                    case BUTTER_IN_BITS ->
                        "Pour over the chopped " + names(chocolate) + ", stir, then the butter bit by bit.";
                },
                Kind.ACTIVE,
                5,
                portrait.celsius(Ganache.JOIN_FROM_C) + " to " + portrait.celsius(Ganache.JOIN_TO_C),
                "glossy and unbroken",
                "Keep it above " + portrait.celsius(Ganache.KEEP_ABOVE_C) + " while you stir.");
        if (component.gel() != Component.Gel.NONE) {
            dissolve();
        }
    }

    private void caramel() {
        var stage = component.cooked().caramel();
        var sugar = portrait.group("sugar");
        add(
                "burn",
                "Caramel",
                "Cook " + weighed(sugar) + " " + stage.words() + ".",
                Kind.TENDED,
                10,
                portrait.celsius(stage.celsius()),
                stage.words(),
                "Far above " + portrait.celsius(100)
                        + ": it burns deep. Sleeves down, ice water at hand, children away.");
        var rest =
                component.lines().stream().filter(line -> !sugar.contains(line)).toList();
        if (!rest.isEmpty()) {
            add(
                    "stop",
                    "Stop it",
                    "Off the heat add " + weighed(rest) + " warm, a little at a time, then boil it smooth.",
                    Kind.ACTIVE,
                    4,
                    "",
                    "smooth again",
                    "It foams up to " + Boiling.CARAMEL_FOAMS + " times its height: use a pan four times as large.");
        }
        cool();
    }

    private void compote() {
        double minutes = component.cooked().minutes();
        add(
                "simmer",
                "Simmer",
                "Simmer it in an open pan"
                        + (component.lostG() > 0
                                ? " until " + Words.grams(component.lostG()) + " has boiled away: "
                                        + Words.grams(portrait.mix().massG()) + " is left."
                                : "."),
                Kind.TENDED,
                Math.max(minutes, component.lostG() / Boiling.SIMMER_G_PER_MIN),
                portrait.celsius(BOIL_C),
                "thick bubbles, a clean line left by the spoon",
                "Hot sugar sticks and burns.");
        dissolve();
        cool();
    }

    private void crust() {
        if (portrait.kind() == com.deftchill.core.batch.Kind.SHELL) {
            add("line", "Line", "Set the baked shells ready, cold.", Kind.ACTIVE, 2, "crisp and dry", "");
            return;
        }
        add(
                "mix",
                "Mix",
                "Stir the crumbs with the melted butter until they hold when pressed.",
                Kind.ACTIVE,
                3,
                "holds when pressed in the fist",
                "");
        boolean baked = component.pressed().baked();
        add(
                "press",
                "Press",
                "Press it in, " + Words.mm(portrait.bed().heightMm()) + " thick"
                        + (component.pressed().wallMm() > 0
                                ? ", its wall " + Words.mm(component.pressed().wallMm()) + " high."
                                : "."),
                Kind.ACTIVE,
                5,
                "",
                "");
        add(
                "harden",
                baked ? "Bake" : "Harden",
                baked ? "Bake it 10 min at " + portrait.celsius(175) + " and let it cool." : "30 min in the fridge.",
                Kind.WAITING,
                baked ? 40 : 30,
                portrait.celsius(baked ? 175 : 4),
                "firm to the touch",
                "");
    }

    private void soak(int count) {
        var liquid = lines(Share.SOAK);
        var pieces = component.lines().stream()
                .filter(line -> !liquid.contains(line))
                .toList();
        double seconds = component.dipped().seconds();
        var how = seconds >= Soaking.DRENCHED_SECONDS
                ? "Drench " + weighed(pieces) + " with " + weighed(liquid)
                : "Dip " + weighed(pieces) + " " + Words.seconds(Math.max(1, seconds)) + " s on each side in "
                        + weighed(liquid);
        add(
                "soak",
                "Soak",
                how + "; for " + count + " moulds.",
                Kind.ACTIVE,
                3 + 0.2 * count,
                "moist, not wet in the middle",
                "");
    }

    private void pieces() {
        add(
                "cut",
                "Make ready",
                "Cut, drain and dry " + names(component.lines()) + ".",
                Kind.ACTIVE,
                5,
                "dry on the outside",
                "");
    }

    private String last() {
        return steps.get(steps.size() - 1).id();
    }

    private void add(String code, String title, String text, Kind kind, double minutes, String cue, String caution) {
        add(code, title, text, kind, minutes, "", cue, caution);
    }

    /** A step right after the one before it. */
    private void add(
            String code,
            String title,
            String text,
            Kind kind,
            double minutes,
            String temperature,
            String cue,
            String caution) {
        steps.add(step(code, title, text, kind, minutes, temperature, cue, caution, needs(code)));
    }

    /** What a step waits for: blooming, heating fruit and whipping only for the weighing, all else for the step before. */
    private List<After> needs(String code) {
        if (steps.isEmpty()) {
            return List.of();
        }
        if (BESIDE.contains(family(code))) {
            return List.of(new After(steps.get(0).id(), 0, Optional.empty()));
        }
        var needs = new ArrayList<After>();
        var chain = steps.stream()
                .filter(step -> !BESIDE.contains(family(code(step))))
                .reduce((a, b) -> b)
                .orElse(steps.get(0));
        needs.add(new After(chain.id(), 0, within(code)));
        // Dissolving needs what was bloomed, joining needs the fruit.
        for (var step : steps) {
            boolean bloomed = code.equals("dissolve") && code(step).equals("bloom");
            boolean fruit = code.equals("heat") && family(code(step)).equals("treat");
            if (bloomed || fruit) {
                needs.add(new After(step.id(), 0, bloomed ? Optional.of(60.0) : Optional.empty()));
            }
        }
        return needs;
    }

    private static String code(Step step) {
        return step.id().substring(step.id().indexOf('.') + 1);
    }

    private static String family(String code) {
        return code.startsWith("treat-") ? "treat" : code;
    }

    /** Where waiting does harm: bloomed gelatin dries, hot liquid cools. */
    private static Optional<Double> within(String code) {
        return switch (code) {
            case "dissolve", "join", "stop" -> Optional.of(10.0);
            default -> Optional.empty();
        };
    }

    private Step step(
            String code,
            String title,
            String text,
            Kind kind,
            double minutes,
            String temperature,
            String cue,
            String caution,
            List<After> after) {
        return new Step(
                portrait.index() + "." + code,
                portrait.batch().components().size() == 1 ? "" : portrait.name(),
                title,
                text,
                kind,
                minutes,
                temperature.isEmpty() ? Optional.empty() : Optional.of(temperature),
                cue,
                caution,
                false,
                after);
    }
}
