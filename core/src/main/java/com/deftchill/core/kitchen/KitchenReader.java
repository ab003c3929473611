package com.deftchill.core.kitchen;

import com.deftchill.core.amount.Measures;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.verdict.Problem;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Understands kitchen settings, or says everything that stands in the way. */
public final class KitchenReader {
    private static final int LONGEST_CURRENCY = 8;
    private static final double MOST_PRICE = 100_000;
    private static final int LONGEST_NAME = 80;
    private static final Map<String, TemperatureScale> SCALES =
            Map.of("celsius", TemperatureScale.CELSIUS, "fahrenheit", TemperatureScale.FAHRENHEIT);

    private final WrittenKitchen written;
    private final List<Problem> problems = new ArrayList<>();

    private KitchenReader(WrittenKitchen written) {
        this.written = written;
    }

    /** What came of reading: a kitchen, or one or more problems. */
    public record Reading(Optional<Kitchen> kitchen, List<Problem> problems) {}

    public static Reading read(WrittenKitchen written) {
        var reader = new KitchenReader(written);
        var kitchen = reader.kitchen();
        return new Reading(
                reader.problems.isEmpty() ? Optional.of(kitchen) : Optional.empty(), List.copyOf(reader.problems));
    }

    /** The settings of a new kitchen. */
    public static Kitchen standard() {
        return read(WrittenKitchen.standard()).kitchen().orElseThrow();
    }

    private Kitchen kitchen() {
        if (written.name().isBlank() || written.name().length() > LONGEST_NAME) {
            report(
                    "/name",
                    "Name",
                    written.name(),
                    Problem.rule("characters-from-one").with("most", Argument.figure(LONGEST_NAME, 0)));
        }
        var measures = Measures.of(written.measures()).filter(Measures.CHOICES::contains);
        known(measures, "/measures", "Spoons and cups", written.measures(), Problem.rule("setting.measures"));
        var scale = Optional.ofNullable(SCALES.get(written.temperature()));
        known(scale, "/temperature", "Temperatures", written.temperature(), Problem.rule("setting.temperature"));
        var swap = SwapSchool.of(written.swapSchool());
        known(swap, "/swapSchool", "Swapping", written.swapSchool(), Problem.rule("setting.swapSchool"));
        var bloom = BloomSchool.of(written.bloomSchool());
        known(bloom, "/bloomSchool", "Blooming", written.bloomSchool(), Problem.rule("setting.bloomSchool"));
        var strains = written.straining();
        if (!strains.equals("yes") && !strains.equals("no")) {
            report("/straining", "Straining", strains, Problem.rule("setting.straining"));
        }
        var safety = SafetyRuleFile.shipped().stream()
                .filter(rules -> rules.id().equals(written.safetyRules()))
                .findFirst();
        known(
                safety,
                "/safetyRules",
                "Cooling rules",
                written.safetyRules(),
                Problem.rule("setting.safetyRules")
                        .with(
                                "choices",
                                Argument.names(SafetyRuleFile.shipped().stream()
                                        .map(SafetyRules::id)
                                        .toList())));
        var list = written.allergenList();
        if (!list.equals("eu") && !list.equals("us")) {
            report("/allergenList", "Allergen list", list, Problem.rule("setting.allergenList"));
        }
        double scaleG = number("/scale", "Scale", written.scale(), 0.01, 100);
        double fine = number("/fineScale", "Fine scale", written.fineScale(), 0.001, 10);
        double below = number("/fineBelow", "Fine scale up to", written.fineBelow(), 0, 5000);
        double room = room(scale.orElse(TemperatureScale.CELSIUS));
        if (written.currency().length() > LONGEST_CURRENCY) {
            report(
                    "/currency",
                    "Currency",
                    written.currency(),
                    Problem.rule("most-characters").with("most", Argument.figure(LONGEST_CURRENCY, 0)));
        }
        var prices = prices();
        var zone = zone();
        if (!problems.isEmpty()) {
            return null;
        }
        return new Kitchen(
                written.name(),
                measures.orElseThrow(),
                scale.orElseThrow(),
                swap.orElseThrow(),
                bloom.orElseThrow(),
                strains.equals("yes"),
                safety.orElseThrow(),
                list.equals("us"),
                scaleG,
                fine,
                below,
                room,
                written.currency(),
                prices,
                zone);
    }

    private Optional<ZoneId> zone() {
        try {
            return Optional.of(written.zone().strip())
                    .filter(id -> !id.isEmpty())
                    .map(ZoneId::of);
        } catch (DateTimeException e) {
            report("/zone", "Time zone", written.zone(), Problem.rule("setting.zone"));
            return Optional.empty();
        }
    }

    private double number(String path, String field, String text, double least, double most) {
        try {
            return Typed.number(text, least, most, "g");
        } catch (UnreadableException e) {
            report(path, field, text, e.rule());
            return Double.NaN;
        }
    }

    /** A line for each: id = price of a kilogram. */
    private Map<String, Double> prices() {
        var prices = new HashMap<String, Double>();
        for (var line : written.prices().lines().filter(text -> !text.isBlank()).toList()) {
            var parts = line.split("=", 2);
            try {
                if (parts.length < 2 || parts[0].isBlank()) {
                    throw new UnreadableException(Problem.rule("setting.price"));
                }
                prices.put(parts[0].strip(), Typed.number(parts[1].strip(), 0, MOST_PRICE, ""));
            } catch (UnreadableException e) {
                report("/prices", "Prices", line, e.rule());
            }
        }
        return prices;
    }

    private double room(TemperatureScale scale) {
        try {
            return Typed.celsius(written.room(), 5, 45, scale);
        } catch (UnreadableException e) {
            report("/room", "Room", written.room(), e.rule());
            return Double.NaN;
        }
    }

    private void known(Optional<?> found, String path, String field, String value, Message rule) {
        if (found.isEmpty()) {
            report(path, field, value, rule);
        }
    }

    private void report(String path, String field, String value, Message rule) {
        problems.add(Problem.of("setting-invalid", path, field, value, rule));
    }
}
