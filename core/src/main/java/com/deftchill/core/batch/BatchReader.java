package com.deftchill.core.batch;

import com.deftchill.core.amount.Amount;
import com.deftchill.core.amount.AmountReader;
import com.deftchill.core.amount.Measures;
import com.deftchill.core.amount.Subject;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.OwnEntries;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.mix.Treatment;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Problem;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Understands a written formula, or says everything that stands in the way, all at once. */
public final class BatchReader {
    private static final double LEAST_G = 0.01;
    private static final double MOST_G = 100_000;
    private static final double MOST_GEL_G = 10_000;
    private static final double LEAST_POUR_C = 0;
    private static final double MOST_POUR_C = 100;
    /** Freezing is not computed yet, so the air stays just above where a sweet mix freezes. */
    private static final double LEAST_AIR_C = -1;

    private static final double MOST_AIR_C = 40;
    private static final double MOST_HOT_C = 105;
    private static final double MOST_HELD_MIN = 24 * 60;
    private static final double MOST_LOSS_PERCENT = 50;
    private static final int MOST_MOULDS = 2000;
    private static final int MOST_LINES = 200;
    private static final int MOST_NAME = 200;
    private static final int MOST_OWN = 100;
    /** Sheets that were soaked and squeezed keep about this many times their mass: handbook 2 [E, 4 to 7]. */
    public static final double SQUEEZED_KEEPS = 5;

    private static final Map<String, Boolean> SHARES = Map.of("", false, "hot", false, "cold", true);

    private final Larder larder;
    private final Kitchen kitchen;
    private final WrittenFormula formula;
    private final List<Problem> problems = new ArrayList<>();
    private final Measures measures;

    private BatchReader(WrittenFormula formula, Larder larder, Kitchen kitchen) {
        this.formula = formula;
        this.kitchen = kitchen;
        var own = formula.own().size() > MOST_OWN ? formula.own().subList(0, MOST_OWN) : formula.own();
        var reading = OwnEntries.read(own, "/own", larder);
        problems.addAll(reading.problems());
        this.larder = larder.with(reading.items());
        this.measures = Measures.of(formula.measures()).orElse(Measures.UNKNOWN);
    }

    /** What came of reading: a batch, or one or more problems and no batch. */
    public record Reading(Optional<Batch> batch, List<Problem> problems) {}

    /** Reads a formula against a larder, as a kitchen works. */
    public static Reading read(WrittenFormula formula, Larder larder, Kitchen kitchen) {
        var reader = new BatchReader(formula, larder, kitchen);
        var batch = reader.batch();
        return new Reading(
                reader.problems.isEmpty() ? Optional.of(batch) : Optional.empty(), List.copyOf(reader.problems));
    }

    private Batch batch() {
        document();
        var served = Served.of(formula.served());
        if (served.isEmpty()) {
            report("served-unknown", "/served", "Served", formula.served(), "must be turned-out or in-glass");
        }
        var wanted = wanted();
        var component = component();
        var mould = known(
                larder.mould(formula.mould().mould()),
                "mould-unknown",
                "/mould/mould",
                "Mould",
                formula.mould().mould());
        int count = count();
        double loss = loss();
        var cooler = known(
                larder.cooler(formula.cooler().cooler()),
                "cooler-unknown",
                "/cooler/cooler",
                "Cooler",
                formula.cooler().cooler());
        double air = air();
        var pouredAt = pouredAt();
        if (!problems.isEmpty()) {
            return null;
        }
        return new Batch(
                formula.name(), served.orElseThrow(), wanted, component, mould, count, loss, cooler, air, pouredAt);
    }

    private void document() {
        if (formula.schema() != WrittenFormula.SCHEMA) {
            report(
                    "schema-unknown",
                    "/schema",
                    "Schema",
                    Integer.toString(formula.schema()),
                    "must be " + WrittenFormula.OLDEST_SCHEMA + " or " + WrittenFormula.SCHEMA
                            + "; a higher one was written by a newer Deft Chill");
        }
        if (formula.name().length() > MOST_NAME) {
            report(
                    "name-too-long",
                    "/name",
                    "Name",
                    formula.name().substring(0, 40) + "...",
                    "must have at most " + MOST_NAME + " characters");
        }
        if (Measures.of(formula.measures()).isEmpty()) {
            report(
                    "measures-unknown",
                    "/measures",
                    "Spoons and cups",
                    formula.measures(),
                    "must be metric, us, uk or au");
        }
        if (formula.own().size() > MOST_OWN) {
            report(
                    "own-count",
                    "/own",
                    "Own entries",
                    Integer.toString(formula.own().size()),
                    "must be at most " + MOST_OWN);
        }
    }

    private Optional<Wanted> wanted() {
        var text = formula.wanted().strip();
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    text.endsWith("mm")
                            ? new Wanted(Wanted.Kind.HEIGHT_MM, Typed.number(text, 1, 300, "mm"))
                            : new Wanted(Wanted.Kind.FIRMNESS, Typed.number(text, 1, 99, "")));
        } catch (UnreadableException e) {
            problem("wanted-unreadable", "/wanted", "Wanted", text, e);
            return Optional.empty();
        }
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
        var read = new ArrayList<Batch.Line>();
        for (int i = 0; i < Math.min(lines.size(), MOST_LINES); i++) {
            line(at + "/lines/" + i, lines.get(i)).ifPresent(read::add);
        }
        var gel = gel(at + "/gel", written.gel());
        var heating = heating(at + "/heat", written.heat());
        double pour = celsius(
                at + "/pourTemperature", "Pour temperature", written.pourTemperature(), LEAST_POUR_C, MOST_POUR_C);
        return problems.isEmpty() ? new Batch.Component(written.name(), read, gel, heating, pour) : null;
    }

    private Optional<Batch.Line> line(String at, WrittenFormula.Line line) {
        var ingredient = larder.ingredient(line.ingredient());
        if (ingredient.isEmpty()) {
            report(
                    "ingredient-unknown",
                    at + "/ingredient",
                    "Ingredient",
                    line.ingredient(),
                    "must be one of the larder");
            return Optional.empty();
        }
        var treatment = Treatment.of(line.treatment());
        if (treatment.isEmpty()) {
            report(
                    "treatment-unknown",
                    at + "/treatment",
                    ingredient.get().name(),
                    line.treatment(),
                    "must be raw, heated, canned or pasteurised");
        }
        var cold = SHARES.get(line.share());
        if (cold == null) {
            report("share-unknown", at + "/share", ingredient.get().name(), line.share(), "must be hot or cold");
        }
        var subject = ingredient.get().subject();
        var amount = amount(at + "/amount", subject.name(), line.amount(), subject, LEAST_G, MOST_G);
        return problems.isEmpty()
                ? Optional.of(new Batch.Line(
                        new Mix.Part(ingredient.get(), amount.grams(), treatment.orElseThrow()), cold, amount.how()))
                : Optional.empty();
    }

    private Batch.Gel gel(String at, WrittenFormula.Gel written) {
        var product = known(
                larder.gel(written.product()), "gel-unknown", at + "/product", "Gelling agent", written.product());
        var bloom = BloomSchool.of(written.bloom());
        if (bloom.isEmpty()) {
            report("bloom-unknown", at + "/bloom", "Blooming", written.bloom(), "must be weighed, squeezed or dry");
        }
        var subject = product == null ? Subject.water("Gelling agent") : product.subject();
        var name = product == null || product.isGelatin() ? "Gelatin" : product.name();
        var amount = amount(at + "/amount", name, written.amount(), subject, LEAST_G, MOST_GEL_G);
        double water =
                bloomWater(at + "/bloomWater", written, product, bloom.orElse(BloomSchool.WEIGHED), amount.grams());
        return product == null
                ? null
                : new Batch.Gel(product, amount.grams(), amount.how(), bloom.orElse(BloomSchool.WEIGHED), water);
    }

    /** What it keeps: as weighed; estimated for squeezed sheets that were not weighed; none when stirred in dry. */
    private double bloomWater(
            String path, WrittenFormula.Gel written, GelProduct product, BloomSchool bloom, double gelG) {
        if (written.bloomWater().isBlank()) {
            boolean none = bloom == BloomSchool.DRY || (product != null && !product.isGelatin());
            if (none) {
                return 0;
            }
            if (bloom == BloomSchool.SQUEEZED) {
                return SQUEEZED_KEEPS * gelG;
            }
        }
        return amount(path, "Bloom water", written.bloomWater(), Subject.water("Bloom water"), 0, MOST_G)
                .grams();
    }

    private Heating heating(String at, WrittenFormula.Heat heat) {
        double held = 0;
        if (!heat.held().isBlank()) {
            try {
                held = Typed.minutes(heat.held(), 0, MOST_HELD_MIN);
            } catch (UnreadableException e) {
                problem("duration-unreadable", at + "/held", "Held hot", heat.held(), e);
            }
        }
        return new Heating(
                optional(at + "/hot", "Heated to", heat.hot(), 0, MOST_HOT_C),
                held,
                optional(at + "/cold", "Cold share", heat.cold(), 0, MOST_AIR_C));
    }

    private OptionalDouble optional(String path, String field, String text, double least, double most) {
        return text.isBlank() ? OptionalDouble.empty() : OptionalDouble.of(celsius(path, field, text, least, most));
    }

    private double air() {
        var text = formula.cooler().air();
        try {
            double air = Typed.celsius(text, -60, MOST_AIR_C, kitchen.temperature());
            if (air < LEAST_AIR_C) {
                throw new UnreadableException("must be from " + Typed.write(LEAST_AIR_C, 0) + " to "
                        + Typed.write(MOST_AIR_C, 0) + " °C: freezing is not computed yet");
            }
            return air;
        } catch (UnreadableException e) {
            problem("temperature-unreadable", "/cooler/air", "Air of the cooler", text, e);
            return Double.NaN;
        }
    }

    private double loss() {
        var text = formula.mould().loss();
        try {
            return text.isBlank() ? 0 : Typed.share(text, 0, MOST_LOSS_PERCENT);
        } catch (UnreadableException e) {
            problem("loss-unreadable", "/mould/loss", "Lost in bowl and jug", text, e);
            return Double.NaN;
        }
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
            problem(
                    "count-unreadable",
                    "/mould/count",
                    "How many",
                    formula.mould().count(),
                    e);
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

    private Amount amount(String path, String field, String value, Subject subject, double least, double most) {
        try {
            var amount = AmountReader.read(value, subject, measures);
            Typed.within(amount.grams(), least, most, "g");
            return amount;
        } catch (UnreadableException e) {
            problem(e.ambiguous() ? "amount-ambiguous" : "amount-unreadable", path, field, value, e);
            return new Amount(Double.NaN, "");
        }
    }

    private double celsius(String path, String field, String value, double least, double most) {
        try {
            return Typed.celsius(value, least, most, kitchen.temperature());
        } catch (UnreadableException e) {
            problem("temperature-unreadable", path, field, value, e);
            return Double.NaN;
        }
    }

    /** What cannot be read, with what it may mean as changes to be taken. */
    private void problem(String code, String path, String field, String value, UnreadableException e) {
        var fixes = e.choices().stream()
                .map(choice -> new Fix(choice.text(), choice.meaning(), List.of(new Fix.Change(path, choice.text()))))
                .toList();
        problems.add(new Problem(code, path, field, value, e.getMessage(), fixes));
    }

    private void report(String code, String path, String field, String value, String rule) {
        problems.add(Problem.of(code, path, field, value, rule));
    }
}
