package com.deftchill.core.alternative;

import com.deftchill.core.amount.AmountReader;
import com.deftchill.core.amount.Measures;
import com.deftchill.core.amount.Subject;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Component;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Moulds;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Problem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;

/**
 * Scales a formula by real volume: to another mould, another count, a total. Every amount is rounded to what the kitchen's
 * scales weigh, and what the rounding does is computed, not guessed.
 */
final class Scaling {
    private static final int EXACT_DECIMALS = 6;
    /** Changes smaller than this, in % or points of firmness, are not worth a number. */
    private static final double NOTICED_PERCENT = 0.05;

    private static final double ROUNDED_UNDER_A_GRAM = 1;
    private static final int MOST_MOULDS = 2000;
    private static final double MOST_TOTAL_G = 1e6;

    private final Assessor assessor;
    private final WrittenFormula formula;
    private final Workplace workplace;
    private final Dessert now;
    private final List<Problem> problems = new ArrayList<>();

    Scaling(Assessor assessor, WrittenFormula formula, Workplace workplace, Dessert now) {
        this.assessor = assessor;
        this.formula = formula;
        this.workplace = workplace;
        this.now = now;
    }

    Answer<Scaled> to(ScaleWish wish) {
        var batch = now.batch();
        var mould = wish.mould().isEmpty() ? batch.mould() : mould(wish.mould());
        double each = mould == null ? Double.NaN : fillMl(mould, wish.fill());
        double total = total(wish.total());
        int count = count(wish.count());
        if (!problems.isEmpty()) {
            return Answer.not(problems);
        }
        double keeps = 1 - batch.loss();
        double mlPerG = now.stack().fillMl() * batch.count() / (now.totalG() * keeps);
        double[] factors;
        if (!Double.isNaN(total)) {
            if (count == 0) {
                count = (int) Math.max(1, Math.min(MOST_MOULDS, Math.floor(total * keeps * mlPerG / each + 1e-9)));
            }
            factors = new double[batch.components().size()];
            Arrays.fill(factors, total / now.totalG());
        } else {
            count = count == 0 ? batch.count() : count;
            factors = new ScaleFactors(now).to(mould, count, each);
        }
        if (Arrays.stream(factors).anyMatch(factor -> !(factor > 0))) {
            problems.add(
                    Problem.of("fill-too-low", "/fill", "Below the rim", wish.fill(), Problem.rule("fill-too-low")));
            return Answer.not(problems);
        }
        return written(mould, count, each, factors);
    }

    private Answer<Scaled> written(Mould mould, int count, double each, double[] factors) {
        // How high the first layer is slanted was chosen for this mould's walls.
        var slant =
                mould.id().equals(now.batch().mould().id()) ? formula.moulds().slant() : "";
        var moulds = new Moulds(
                mould.id(),
                Integer.toString(count),
                formula.moulds().portions(),
                formula.moulds().loss(),
                slant);
        var exact = rewritten(factors, g -> g, EXACT_DECIMALS, moulds);
        var rounded = rewritten(factors, workplace.kitchen()::weighed, 3, moulds);
        var first = assessor.study(exact, workplace);
        var second = assessor.study(rounded, workplace);
        if (second.value().isEmpty() || first.value().isEmpty()) {
            return Answer.not(second.value().isEmpty() ? second.problems() : first.problems());
        }
        var dessert = second.value().get();
        var figures = Comparison.rowsOf(figures(now), figures(dessert));
        double factor = dessert.totalG() / now.totalG();
        return Answer.of(new Scaled(
                rounded,
                factor,
                lines(dessert, factors),
                rounding(first.value().get(), dessert),
                leftover(dessert, count, each),
                figures,
                evidence(mould, count, each, factors)));
    }

    private List<Entry> figures(Dessert dessert) {
        return Figures.of(assessor.assessment(dessert, workplace));
    }

    private WrittenFormula rewritten(double[] factors, DoubleUnaryOperator weighed, int decimals, Moulds moulds) {
        var components = new ArrayList<WrittenFormula.Component>();
        for (int i = 0; i < factors.length; i++) {
            components.add(rewritten(i, factors, weighed, decimals));
        }
        return formula.withComponents(components).withMoulds(moulds);
    }

    private WrittenFormula.Component rewritten(int index, double[] factors, DoubleUnaryOperator weighed, int decimals) {
        var component = now.batch().components().get(index);
        var written = formula.components().get(index);
        double factor = factors[index];
        var lines = new ArrayList<Line>();
        for (int i = 0; i < written.lines().size(); i++) {
            var line = component.lines().get(i);
            var from = written.lines().get(i);
            // A share of another component stays that share.
            boolean share = line.made().filter(Component.Made::asShare).isPresent();
            lines.add(
                    share
                            ? from
                            : from.withAmount(Notation.write(
                                            weighed.applyAsDouble(line.part().grams() * factor), decimals)
                                    + " g"));
        }
        var gel = component.gel();
        var from = written.gel();
        var scaled = gel == Component.Gel.NONE
                ? written.gels()
                : List.of(new Gel(
                        from.id(),
                        from.of(),
                        Notation.write(weighed.applyAsDouble(gel.grams() * factor), decimals) + " g",
                        from.bloom(),
                        from.water().isBlank() || gel.waterG() == 0
                                ? from.water()
                                : Notation.write(weighed.applyAsDouble(gel.waterG() * factor), decimals) + " g"));
        double away = component.cooked().awayG() * factor;
        var work = written.work().stream()
                .map(entry -> entry.away().isBlank() || entry.away().contains("%")
                        ? entry
                        : entry.with("away", Notation.write(weighed.applyAsDouble(away), decimals) + " g"))
                .toList();
        return written.withLines(lines).withGels(scaled).withWork(work);
    }

    private List<Scaled.ScaledLine> lines(Dessert scaled, double[] factors) {
        var lines = new ArrayList<Scaled.ScaledLine>();
        boolean one = factors.length == 1;
        for (int c = 0; c < factors.length; c++) {
            var from = now.batch().components().get(c);
            var to = scaled.batch().components().get(c);
            var prefix = one ? "" : from.name() + ": ";
            for (int i = 0; i < from.lines().size(); i++) {
                double grams = from.lines().get(i).part().grams();
                lines.add(new Scaled.ScaledLine(
                        prefix + from.lines().get(i).part().ingredient().name(),
                        grams,
                        grams * factors[c],
                        to.lines().get(i).part().grams()));
            }
            if (from.gel() != Component.Gel.NONE) {
                lines.add(new Scaled.ScaledLine(
                        prefix + from.gel().product().name(),
                        from.gel().grams(),
                        from.gel().grams() * factors[c],
                        to.gel().grams()));
            }
        }
        return lines;
    }

    private static String rounding(Dessert exact, Dessert rounded) {
        var first = exact.main();
        var second = rounded.main();
        if (first.isEmpty() || second.isEmpty() || first.get().mix().gelatinG() == 0) {
            return "Rounded to your scales.";
        }
        double dose =
                100 * (second.get().mix().gelatinPercent() / first.get().mix().gelatinPercent() - 1);
        double before = Firmness.score(first.get().judgedPa());
        double after = Firmness.score(second.get().judgedPa());
        if (Math.abs(dose) < NOTICED_PERCENT && Math.abs(after - before) < NOTICED_PERCENT) {
            return "Rounded to your scales, which changes neither the gelling agent's share nor the firmness.";
        }
        return String.format(
                Locale.ROOT,
                "Rounded to your scales: the gelling agent's share moves by %+.1f %%, the firmness from %.1f to %.1f of 100.",
                dose,
                before,
                after);
    }

    private static String leftover(Dessert dessert, int count, double each) {
        double mlPerG = dessert.stack().fillMl() / dessert.portionG();
        double made = dessert.stack().fillMl() * count;
        double left = (made - count * each) / mlPerG;
        double lost = dessert.batch().loss() * dessert.totalG();
        var loss = lost > 0 ? Words.grams(lost) + " stays in bowl and jug; " : "";
        var whole = Wholes.of(dessert);
        return (left > ROUNDED_UNDER_A_GRAM
                        ? loss + Words.grams(left) + " more than " + count + " moulds at this fill need."
                        : loss + (lost > 0 ? "nothing else is left over." : "nothing is left over."))
                + (whole.isEmpty() ? "" : " " + whole);
    }

    private Mould mould(String id) {
        var found = workplace.larder().mould(id);
        if (found.isEmpty()) {
            problems.add(Problem.of("mould-unknown", "/mould", "Mould", id, Problem.rule("of-the-larder")));
        }
        return found.orElse(null);
    }

    /** Volume for each mould: to so many mm below the rim, or as full as now by volume. */
    private double fillMl(Mould mould, String fill) {
        var profile = mould.vessel().profile();
        if (fill.isEmpty()) {
            double full = now.stack().fillMl()
                    / now.batch().mould().vessel().profile().brimMl();
            return Math.min(1, full) * profile.brimMl();
        }
        try {
            return profile.volumeMl(profile.brimMm() - Typed.number(fill, 0, profile.brimMm() - 2, "mm"));
        } catch (UnreadableException e) {
            problems.add(Problem.of("fill-unreadable", "/fill", "Below the rim", fill, e.rule()));
            return Double.NaN;
        }
    }

    private double total(String text) {
        if (text.isEmpty()) {
            return Double.NaN;
        }
        try {
            var measures = Measures.of(formula.measures()).orElse(Measures.UNKNOWN);
            double grams = AmountReader.read(text, Subject.of("the mix", 1, true, Map.of()), measures)
                    .grams();
            return Typed.within(grams, 10, MOST_TOTAL_G, "g");
        } catch (UnreadableException e) {
            problems.add(Problem.of("amount-unreadable", "/total", "Total", text, e.rule()));
            return Double.NaN;
        }
    }

    private int count(String text) {
        if (text.isEmpty()) {
            return 0;
        }
        try {
            return Typed.count(text, 1, MOST_MOULDS);
        } catch (UnreadableException e) {
            problems.add(Problem.of("count-unreadable", "/count", "How many", text, e.rule()));
            return 0;
        }
    }

    private Evidence evidence(Mould mould, int count, double each, double[] factors) {
        Batch batch = now.batch();
        var given = new ArrayList<Given>();
        given.add(new Given(
                "Now",
                batch.count() + " x " + Words.ml(now.stack().fillMl()) + " in "
                        + batch.mould().name()));
        given.add(new Given("Wanted", count + " x " + Words.ml(each) + " in " + mould.name()));
        given.add(new Given("Stays in bowl and jug", Words.percent(batch.loss())));
        for (int i = 0; i < factors.length; i++) {
            given.add(new Given(
                    factors.length == 1
                            ? "Factor"
                            : "Factor: " + batch.components().get(i).name(),
                    Notation.write(factors[i], 3)));
        }
        return new Evidence(
                given,
                "By real volume at the wanted height, from the moulds' profiles, never by diameter. Bases and glazes keep their"
                        + " thickness: they go by area, walls by perimeter; fillings take the rest of the volume.",
                List.of(),
                "About 1 % from the density.",
                "The fill height, the count, the mould.");
    }
}
