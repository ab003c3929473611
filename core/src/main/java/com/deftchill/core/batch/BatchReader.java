package com.deftchill.core.batch;

import com.deftchill.core.amount.Measures;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.OwnEntries;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Problem;
import java.time.LocalTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;

/** Understands a written formula, or says everything that stands in the way, all at once. */
public final class BatchReader {
    private static final double MOST_LOSS_PERCENT = 50;
    private static final int MOST_MOULDS = 2000;
    private static final double MOST_FROZEN_C = -30;
    private static final double MOST_WARM_C = 40;
    private static final int MOST_PORTIONS = 200;
    private static final int MOST_COMPONENTS = 40;
    private static final double LEAST_SLANT_MM = 5;
    private static final double MOST_SLANT_MM = 300;
    /** As firmness is written on the page. */
    private static final Pattern OF_A_HUNDRED = Pattern.compile("\\s*(?:of|/)\\s*100$");

    private static final int MOST_NAME = 200;
    private static final int MOST_OWN = 100;

    private final Larder larder;
    private final Kitchen kitchen;
    private final Parameters parameters;
    private final WrittenFormula formula;
    private final FieldReader fields;

    private BatchReader(WrittenFormula formula, Workplace workplace) {
        this.formula = formula;
        kitchen = workplace.kitchen();
        parameters = workplace.parameters();
        fields = new FieldReader(Measures.of(formula.measures()).orElse(Measures.UNKNOWN), kitchen.temperature());
        var own = formula.own().size() > MOST_OWN ? formula.own().subList(0, MOST_OWN) : formula.own();
        var reading = OwnEntries.read(own, "/own", workplace.larder());
        fields.problems().addAll(reading.problems());
        larder = workplace.larder().with(reading.items());
    }

    /** What came of reading: a batch, or one or more problems and no batch. */
    public record Reading(Optional<Batch> batch, List<Problem> problems) {}

    /** Reads a formula as made in a workplace. */
    public static Reading read(WrittenFormula formula, Workplace workplace) {
        var reader = new BatchReader(formula, workplace);
        var batch = reader.batch();
        return new Reading(
                reader.fields.allRead() ? Optional.of(batch) : Optional.empty(), List.copyOf(reader.fields.problems()));
    }

    private Batch batch() {
        document();
        var served = fields.known(
                Served.of(formula.served()),
                "served-unknown",
                "/served",
                "Served",
                formula.served(),
                Problem.rule("served-unknown"));
        var wanted = wanted();
        var eatenAt = fields.optionalCelsius("/eatenAt", "Eaten at", formula.eatenAt(), MOST_FROZEN_C, MOST_WARM_C);
        var starts = fields.field("time-unreadable", "/starts", "Time of pouring", formula.starts(), null, Typed::time);
        var components = components(starts);
        var mould = fields.known(
                larder.mould(formula.moulds().of()),
                "mould-unknown",
                "/moulds/of",
                "Mould",
                formula.moulds().of());
        int count = fields.field(
                "count-unreadable",
                "/moulds/count",
                "How many",
                formula.moulds().count(),
                0,
                text -> Typed.count(text, 1, MOST_MOULDS));
        int portions = formula.moulds().portions().isBlank()
                ? 1
                : fields.field(
                        "count-unreadable",
                        "/moulds/portions",
                        "Portions of each",
                        formula.moulds().portions(),
                        1,
                        text -> Typed.count(text, 1, MOST_PORTIONS));
        double loss = loss();
        var dip = wishes();
        var cooler = fields.known(
                larder.cooler(formula.cooler().of()),
                "cooler-unknown",
                "/cooler/of",
                "Cooler",
                formula.cooler().of());
        double air = fields.celsius(
                "/cooler/air",
                "Air of the cooler",
                formula.cooler().air(),
                TimetableReader.LEAST_AIR_C,
                TimetableReader.MOST_AIR_C);
        var timetable = new TimetableReader(fields, larder, kitchen, formula).read(cooler, air);
        double slant = fields.number(
                "/moulds/slant", "Slanted up to", formula.moulds().slant(), 0, LEAST_SLANT_MM, MOST_SLANT_MM, "mm");
        if (!fields.allRead()) {
            return null;
        }
        var batch = new Batch(
                formula.name(),
                served,
                wanted,
                eatenAt,
                components,
                mould,
                count,
                portions,
                loss,
                cooler,
                air,
                timetable,
                slant,
                dip,
                starts,
                readyBy());
        notMoreThanMade(batch);
        return batch;
    }

    private List<Component> components(LocalTime starts) {
        int count = formula.components().size();
        if (count < 1 || count > MOST_COMPONENTS) {
            fields.report(
                    "components-count",
                    "/components",
                    "Components",
                    Integer.toString(count),
                    Problem.rule("count-from-one").with("most", Argument.figure(MOST_COMPONENTS, 0)));
            return List.of();
        }
        var read = new ComponentReader(fields, larder, parameters, formula, starts).all();
        return read.stream().filter(Objects::nonNull).toList();
    }

    /** A shared component is divided, not multiplied. */
    private void notMoreThanMade(Batch batch) {
        var components = batch.components();
        for (int i = 0; i < components.size(); i++) {
            double used = batch.usedElsewhere(components.get(i));
            if (used > 1 + 1e-9) {
                fields.report(
                        "component-used-up",
                        "/components/" + i + "/lines",
                        components.get(i).name(),
                        Notation.write(100 * used, 0) + " % used",
                        Problem.rule("component-used-up")
                                .with(
                                        "grams",
                                        Argument.figure(
                                                used
                                                        * Mixing.of(components.get(i))
                                                                .massG(),
                                                0)));
            }
        }
    }

    private void document() {
        if (formula.schema() != WrittenFormula.SCHEMA) {
            fields.report(
                    "schema-unknown",
                    "/schema",
                    "Schema",
                    Integer.toString(formula.schema()),
                    Problem.rule("schema-unknown")
                            .with("oldest", Argument.figure(WrittenFormula.OLDEST_SCHEMA, 0))
                            .with("newest", Argument.figure(WrittenFormula.SCHEMA, 0)));
        }
        if (formula.name().length() > MOST_NAME) {
            fields.report(
                    "name-too-long",
                    "/name",
                    "Name",
                    formula.name().substring(0, 40) + "...",
                    Problem.rule("most-characters").with("most", Argument.figure(MOST_NAME, 0)));
        }
        if (Measures.of(formula.measures()).isEmpty()) {
            fields.report(
                    "measures-unknown",
                    "/measures",
                    "Spoons and cups",
                    formula.measures(),
                    Problem.rule("measures-unknown"));
        }
        if (formula.own().size() > MOST_OWN) {
            fields.report(
                    "own-count",
                    "/own",
                    "Own entries",
                    Integer.toString(formula.own().size()),
                    Problem.rule("at-most").with("most", Argument.figure(MOST_OWN, 0)));
        }
    }

    private Optional<Wanted> wanted() {
        var text = formula.wanted().strip();
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    text.endsWith("mm") || text.endsWith("cm")
                            ? new Wanted(Wanted.Kind.HEIGHT_MM, Typed.number(text, 1, 300, "mm"))
                            : new Wanted(
                                    Wanted.Kind.FIRMNESS,
                                    Typed.number(OF_A_HUNDRED.matcher(text).replaceFirst(""), 1, 99, "")));
        } catch (UnreadableException e) {
            fields.problem("wanted-unreadable", "/wanted", "Wanted", text, e);
            return Optional.empty();
        }
    }

    private Optional<LocalTime> readyBy() {
        return formula.readyBy().isBlank()
                ? Optional.empty()
                : Optional.ofNullable(
                        fields.field("time-unreadable", "/readyBy", "Ready by", formula.readyBy(), null, Typed::time));
    }

    /** What is asked of its dip: read now, so that nothing unreadable is kept, and used by those who ask for it. */
    private ChosenDip wishes() {
        var dip = new ChosenDip(
                fields.optionalCelsius("/dipWater", "Water of the dip", formula.dipWater(), 0, 100),
                fields.number("/dipLasts", "Dip", formula.dipLasts(), 0, 0, 600, "s"));
        for (int i = 0; i < formula.variants().size(); i++) {
            if (formula.variants().get(i).count().isBlank()) {
                continue;
            }
            fields.field(
                    "count-unreadable",
                    "/variants/" + i + "/count",
                    "Made otherwise",
                    formula.variants().get(i).count(),
                    0,
                    text -> Typed.count(text, 0, MOST_MOULDS));
        }
        return dip;
    }

    private double loss() {
        var text = formula.moulds().loss();
        return text.isBlank()
                ? 0
                : fields.field(
                        "loss-unreadable",
                        "/moulds/loss",
                        "Lost in bowl and jug",
                        text,
                        Double.NaN,
                        BatchReader::losses);
    }

    private static double losses(String text) throws UnreadableException {
        double sum = 0;
        for (var term : text.split("\\+", -1)) {
            // What each is for is the cook's own note.
            sum += Typed.share(term.replaceFirst("(%)\\s*[\\p{L} -]+$", "$1"), 0, MOST_LOSS_PERCENT);
        }
        return Typed.within(100 * sum, 0, MOST_LOSS_PERCENT, "%") / 100;
    }
}
