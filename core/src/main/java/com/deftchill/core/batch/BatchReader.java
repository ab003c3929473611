package com.deftchill.core.batch;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.Cooler;
import com.deftchill.core.larder.GelatinProduct;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.verdict.Problem;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Understands a written formula, or says everything that stands in the way, all at once. */
public final class BatchReader {
    private static final double LEAST_G = 0.01;
    private static final double MOST_G = 100_000;
    private static final double MOST_GELATIN_G = 10_000;
    private static final double LEAST_POUR_C = 0;
    private static final double MOST_POUR_C = 100;
    /** Freezing is not computed yet, so the air stays just above where a sweet mix freezes. */
    private static final double LEAST_AIR_C = -1;

    private static final double MOST_AIR_C = 40;
    private static final int MOST_MOULDS = 2000;
    private static final int MOST_LINES = 200;
    private static final int MOST_NAME = 200;

    private final Larder larder;
    private final WrittenFormula formula;
    private final List<Problem> problems = new ArrayList<>();

    private BatchReader(Larder larder, WrittenFormula formula) {
        this.larder = larder;
        this.formula = formula;
    }

    /** What came of reading: a batch, or one or more problems and no batch. */
    public record Reading(Optional<Batch> batch, List<Problem> problems) {}

    /** Reads a formula against a larder. */
    public static Reading read(WrittenFormula formula, Larder larder) {
        var reader = new BatchReader(larder, formula);
        var batch = reader.batch();
        return new Reading(
                reader.problems.isEmpty() ? Optional.of(batch) : Optional.empty(), List.copyOf(reader.problems));
    }

    private Batch batch() {
        if (formula.schema() != WrittenFormula.SCHEMA) {
            report(
                    "schema-unknown",
                    "/schema",
                    "Schema",
                    Integer.toString(formula.schema()),
                    "must be " + WrittenFormula.SCHEMA);
        }
        if (formula.name().length() > MOST_NAME) {
            report(
                    "name-too-long",
                    "/name",
                    "Name",
                    formula.name().substring(0, 40) + "...",
                    "must have at most " + MOST_NAME + " characters");
        }
        var served = Served.of(formula.served());
        if (served.isEmpty()) {
            report("served-unknown", "/served", "Served", formula.served(), "must be turned-out or in-glass");
        }
        var component = component();
        var mould = mould();
        int count = count();
        var cooler = cooler();
        double air =
                celsius("/cooler/air", "Air of the cooler", formula.cooler().air(), LEAST_AIR_C, MOST_AIR_C);
        var pouredAt = pouredAt();
        if (!problems.isEmpty()) {
            return null;
        }
        return new Batch(formula.name(), served.orElseThrow(), component, mould, count, cooler, air, pouredAt);
    }

    private Batch.Component component() {
        if (formula.components().size() != 1) {
            report(
                    "components-count",
                    "/components",
                    "Components",
                    Integer.toString(formula.components().size()),
                    "must be exactly one for now");
            return null;
        }
        var written = formula.components().get(0);
        var at = "/components/0";
        var lines = written.lines();
        if (lines.isEmpty() || lines.size() > MOST_LINES) {
            report(
                    "lines-count",
                    at + "/lines",
                    "Ingredients",
                    Integer.toString(lines.size()),
                    "must be from 1 to " + MOST_LINES + " lines: add an ingredient");
        }
        var parts = new ArrayList<Mix.Part>();
        for (int i = 0; i < Math.min(lines.size(), MOST_LINES); i++) {
            part(at + "/lines/" + i, lines.get(i)).ifPresent(parts::add);
        }
        var product = gelatin(at, written.gelatin());
        double gelatin =
                grams(at + "/gelatin/amount", "Gelatin", written.gelatin().amount(), LEAST_G, MOST_GELATIN_G);
        double water = grams(
                at + "/gelatin/bloomWater", "Bloom water", written.gelatin().bloomWater(), 0, MOST_G);
        double pour = celsius(
                at + "/pourTemperature", "Pour temperature", written.pourTemperature(), LEAST_POUR_C, MOST_POUR_C);
        return new Batch.Component(written.name(), parts, product, gelatin, water, pour);
    }

    private Optional<Mix.Part> part(String at, WrittenFormula.Line line) {
        var ingredient = larder.ingredient(line.ingredient());
        if (ingredient.isEmpty()) {
            report(
                    "ingredient-unknown",
                    at + "/ingredient",
                    "Ingredient",
                    line.ingredient(),
                    "must be one of the larder");
        }
        var name = ingredient.map(i -> i.name()).orElse("Amount");
        double grams = grams(at + "/amount", name, line.amount(), LEAST_G, MOST_G);
        return ingredient.map(i -> new Mix.Part(i, grams));
    }

    private GelatinProduct gelatin(String at, WrittenFormula.Gelatin written) {
        return known(
                larder.gelatin(written.product()),
                "gelatin-unknown",
                at + "/gelatin/product",
                "Gelatin product",
                written.product());
    }

    private Mould mould() {
        var id = formula.mould().mould();
        return known(larder.mould(id), "mould-unknown", "/mould/mould", "Mould", id);
    }

    private Cooler cooler() {
        var id = formula.cooler().cooler();
        return known(larder.cooler(id), "cooler-unknown", "/cooler/cooler", "Cooler", id);
    }

    private <T> T known(Optional<T> found, String code, String path, String field, String value) {
        if (found.isEmpty()) {
            report(code, path, field, value, "must be one of the larder");
        }
        return found.orElse(null);
    }

    private int count() {
        try {
            return Typed.count(formula.mould().count(), 1, MOST_MOULDS);
        } catch (UnreadableException e) {
            report(
                    "count-unreadable",
                    "/mould/count",
                    "How many",
                    formula.mould().count(),
                    e.getMessage());
            return 0;
        }
    }

    private LocalTime pouredAt() {
        try {
            return Typed.time(formula.pouredAt());
        } catch (UnreadableException e) {
            report("time-unreadable", "/pouredAt", "Time of pouring", formula.pouredAt(), e.getMessage());
            return null;
        }
    }

    private double grams(String path, String field, String value, double least, double most) {
        try {
            return Typed.grams(value, least, most);
        } catch (UnreadableException e) {
            report("amount-unreadable", path, field, value, e.getMessage());
            return Double.NaN;
        }
    }

    private double celsius(String path, String field, String value, double least, double most) {
        try {
            return Typed.celsius(value, least, most);
        } catch (UnreadableException e) {
            report("temperature-unreadable", path, field, value, e.getMessage());
            return Double.NaN;
        }
    }

    private void report(String code, String path, String field, String value, String rule) {
        problems.add(new Problem(code, path, field, value, rule));
    }
}
