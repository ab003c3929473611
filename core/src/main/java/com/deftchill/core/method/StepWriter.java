package com.deftchill.core.method;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Share;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.method.Step.After;
import com.deftchill.core.method.Step.Kind;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Writes steps of one component one after another, each with what it waits for. */
abstract class StepWriter {
    /** Steps that go on beside the others. */
    private static final Set<String> BESIDE = Set.of("bloom", "treat", "whip");

    final Portrait portrait;
    final Component component;
    final Kitchen kitchen;
    final List<Step> steps = new ArrayList<>();

    StepWriter(Portrait portrait) {
        this.portrait = portrait;
        component = portrait.component();
        kitchen = portrait.kitchen();
    }

    final List<Component.Line> lines(Share share) {
        return component.lines().stream().filter(line -> line.share() == share).toList();
    }

    static double grams(List<Component.Line> lines) {
        return lines.stream().mapToDouble(line -> line.part().grams()).sum();
    }

    static Argument names(List<Component.Line> lines) {
        return Argument.names(
                lines.stream().map(line -> line.part().ingredient().name()).toList());
    }

    static Argument weighed(List<Component.Line> lines) {
        return new Argument.Listed(lines.stream()
                .<Argument>map(line -> new Argument.Weighed(
                        line.part().grams(), line.part().ingredient().name()))
                .toList());
    }

    static Message temperature(double celsius) {
        return Message.of("temperature.at").with("at", Argument.degrees(celsius));
    }

    static Message temperatures(double lowC, double highC) {
        return Message.of("temperature.range")
                .with("low", Argument.degrees(lowC))
                .with("high", Argument.degrees(highC));
    }

    final String last() {
        return steps.get(steps.size() - 1).id();
    }

    /** What a step waits for: blooming, heating fruit and whipping only for the weighing, all else for the step before. */
    final List<After> needs(String code) {
        if (steps.isEmpty()) {
            return List.of();
        }
        if (BESIDE.contains(family(code))) {
            return List.of(After.at(steps.get(0).id()));
        }
        var needs = new ArrayList<After>();
        var chain = steps.stream()
                .filter(step -> !BESIDE.contains(family(code(step))))
                .reduce((a, b) -> b)
                .orElse(steps.get(0));
        needs.add(new After(chain.id(), 0, within(code), within(code).isPresent() ? "cools" : ""));
        // Dissolving needs what was bloomed, joining needs the fruit.
        for (var step : steps) {
            boolean bloomed = code.equals("dissolve") && code(step).equals("bloom");
            boolean fruit = code.equals("heat") && family(code(step)).equals("treat");
            if (bloomed || fruit) {
                needs.add(new After(
                        step.id(), 0, bloomed ? Optional.of(60.0) : Optional.empty(), bloomed ? "dries" : ""));
            }
        }
        return needs;
    }

    static String code(Step step) {
        return step.id().substring(step.id().indexOf('.') + 1);
    }

    /** What a step is called in the work of a document. */
    static String verb(String code) {
        return switch (code) {
            case "cold", "stop" -> "join";
            case "burn" -> "heat";
            case "simmer" -> "boil";
            case "mix" -> "beat";
            case "harden" -> "bake";
            case "dough" -> "beat";
            case "firm" -> "freeze";
            case "cool-shell" -> "cool";
            case "line" -> "lay";
            case "fill" -> "pour";
            default -> code.startsWith("whip-") ? "whip" : code;
        };
    }

    static String family(String code) {
        if (code.startsWith("treat-")) {
            return "treat";
        }
        return code.startsWith("whip-") ? "whip" : code;
    }

    /** What a step has for itself. */
    private static List<Need> needsOf(String code, Kind kind) {
        var needs = new ArrayList<Need>();
        if (kind != Kind.WAITING) {
            needs.add(Need.HANDS);
        }
        switch (family(code)) {
            case "heat", "treat", "melt", "burn", "stop", "simmer" -> needs.add(Need.BURNER);
            case "whip" -> needs.add(Need.MIXER);
            case "cool" -> {
                if (kind == Kind.TENDED) {
                    needs.add(Need.ICE_BATH);
                }
            }
            case "bake", "roast", "toast" -> needs.add(Need.OVEN);
            case "harden", "rest", "firm" -> needs.add(Need.COOLER_SHELF);
            default -> {}
        }
        return needs;
    }

    /** Where waiting does harm: bloomed gelatin dries, hot liquid cools. */
    static Optional<Double> within(String code) {
        return switch (code) {
            case "dissolve", "join", "stop" -> Optional.of(10.0);
            default -> Optional.empty();
        };
    }

    /** A step right after the one before it, without a temperature. */
    final void add(String code, Message says, Kind kind, Span takes) {
        steps.add(step(code, says, kind, takes, Optional.empty(), needs(code)));
    }

    /** A step right after the one before it. */
    final void add(String code, Message says, Kind kind, Span takes, Message temperature) {
        steps.add(step(code, says, kind, takes, Optional.of(temperature), needs(code)));
    }

    /** @param says a sentence of {@code steps}, whose title, text, cue and caution have the same arguments */
    final Step step(
            String code, Message says, Kind kind, Span takes, Optional<Message> temperature, List<After> after) {
        return new Step(
                portrait.index() + "." + code,
                portrait.batch().components().size() == 1 ? "" : portrait.name(),
                verb(code),
                part(says, "title"),
                part(says, "text"),
                kind,
                needsOf(code, kind),
                takes,
                temperature,
                part(says, "cue"),
                part(says, "caution"),
                false,
                after);
    }

    /** A sentence of the steps by what it is about. */
    static Message says(String about) {
        return Message.of("steps." + about);
    }

    /** One of the four things that are said of a step. */
    static Message part(Message says, String part) {
        return Message.of(says.key() + "." + part, says.arguments());
    }
}
