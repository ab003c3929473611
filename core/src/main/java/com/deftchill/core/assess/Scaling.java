package com.deftchill.core.assess;

import com.deftchill.core.amount.AmountReader;
import com.deftchill.core.amount.Measures;
import com.deftchill.core.amount.Subject;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.assess.Assessor.ScaleOutcome;
import com.deftchill.core.batch.Batch;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Moulds;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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
    private final Study now;
    private final List<Problem> problems = new ArrayList<>();

    Scaling(Assessor assessor, WrittenFormula formula, Workplace workplace, Study now) {
        this.assessor = assessor;
        this.formula = formula;
        this.workplace = workplace;
        this.now = now;
    }

    ScaleOutcome to(ScaleWish wish) {
        var batch = now.batch();
        var mould = wish.mould().isEmpty() ? batch.mould() : mould(wish.mould());
        double each = mould == null ? Double.NaN : fillMl(mould, wish.fill());
        double total = total(wish.total());
        int count = count(wish.count());
        if (!problems.isEmpty()) {
            return new ScaleOutcome(Optional.empty(), problems);
        }
        double keeps = 1 - batch.loss();
        double mlPerG = now.fillMl() * batch.count() / (now.mix().massG() * keeps);
        if (!Double.isNaN(total)) {
            if (count == 0) {
                count = (int) Math.max(1, Math.min(MOST_MOULDS, Math.floor(total * keeps * mlPerG / each + 1e-9)));
            }
        } else {
            count = count == 0 ? batch.count() : count;
            total = each * count / mlPerG / keeps;
        }
        return written(mould, count, each, total / now.mix().massG(), mlPerG);
    }

    private ScaleOutcome written(Mould mould, int count, double each, double factor, double mlPerG) {
        var moulds =
                new Moulds(mould.id(), Integer.toString(count), formula.mould().loss());
        var exact = rewritten(factor, g -> g, EXACT_DECIMALS, moulds);
        var rounded = rewritten(factor, workplace.kitchen()::weighed, 3, moulds);
        var first = assessor.study(exact, workplace);
        var second = assessor.study(rounded, workplace);
        if (second.study().isEmpty() || first.study().isEmpty()) {
            return new ScaleOutcome(Optional.empty(), second.study().isEmpty() ? second.problems() : first.problems());
        }
        var study = second.study().get();
        var figures = Comparison.rowsOf(figures(now), figures(study));
        return new ScaleOutcome(
                Optional.of(new Scaled(
                        rounded,
                        factor,
                        lines(study, factor),
                        rounding(first.study().get(), study),
                        leftover(study, count, each, mlPerG),
                        figures,
                        evidence(mould, count, each, factor))),
                List.of());
    }

    private Map<String, String> figures(Study study) {
        return Figures.of(assessor.assessment(study, workplace));
    }

    private WrittenFormula rewritten(double factor, DoubleUnaryOperator weighed, int decimals, Moulds moulds) {
        var component = now.batch().component();
        var lines = component.lines().stream()
                .map(line -> Typed.write(weighed.applyAsDouble(line.part().grams() * factor), decimals) + " g")
                .toList();
        var gel = component.gel();
        return Rewriting.amounts(
                formula,
                lines,
                written -> new Gel(
                        written.product(),
                        Typed.write(weighed.applyAsDouble(gel.grams() * factor), decimals) + " g",
                        written.bloom(),
                        written.bloomWater().isBlank() || gel.waterG() == 0
                                ? written.bloomWater()
                                : Typed.write(weighed.applyAsDouble(gel.waterG() * factor), decimals) + " g"),
                moulds);
    }

    private List<Scaled.ScaledLine> lines(Study scaled, double factor) {
        var lines = new ArrayList<Scaled.ScaledLine>();
        var from = now.batch().component();
        var to = scaled.batch().component();
        for (int i = 0; i < from.lines().size(); i++) {
            double grams = from.lines().get(i).part().grams();
            lines.add(new Scaled.ScaledLine(
                    from.lines().get(i).part().ingredient().name(),
                    grams,
                    grams * factor,
                    to.lines().get(i).part().grams()));
        }
        lines.add(new Scaled.ScaledLine(
                from.gel().product().name(),
                from.gel().grams(),
                from.gel().grams() * factor,
                to.gel().grams()));
        return lines;
    }

    private static String rounding(Study exact, Study rounded) {
        double dose = 100 * (rounded.mix().gelatinPercent() / exact.mix().gelatinPercent() - 1);
        double before = Firmness.score(exact.judgedPa());
        double after = Firmness.score(rounded.judgedPa());
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

    private static String leftover(Study study, int count, double each, double mlPerG) {
        double filledG = study.mix().massG() * (1 - study.batch().loss());
        double left = filledG - count * each / mlPerG;
        double lost = study.mix().massG() - filledG;
        var loss = lost > 0 ? Words.grams(lost) + " stays in bowl and jug; " : "";
        return left > ROUNDED_UNDER_A_GRAM
                ? loss + Words.grams(left) + " more than " + count + " moulds at this fill need."
                : loss + "nothing else is left over.";
    }

    private Mould mould(String id) {
        var found = workplace.larder().mould(id);
        if (found.isEmpty()) {
            problems.add(Problem.of("mould-unknown", "/mould", "Mould", id, "must be one of the larder"));
        }
        return found.orElse(null);
    }

    /** Volume for each mould: to so many mm below the rim, or as full as now by volume. */
    private double fillMl(Mould mould, String fill) {
        var profile = mould.vessel().profile();
        if (fill.isEmpty()) {
            double full = now.fillMl() / now.batch().mould().vessel().profile().brimMl();
            return Math.min(1, full) * profile.brimMl();
        }
        try {
            return profile.volumeMl(profile.brimMm() - Typed.number(fill, 0, profile.brimMm() - 2, "mm"));
        } catch (UnreadableException e) {
            problems.add(Problem.of("fill-unreadable", "/fill", "Below the rim", fill, e.getMessage()));
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
            problems.add(Problem.of("amount-unreadable", "/total", "Total", text, e.getMessage()));
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
            problems.add(Problem.of("count-unreadable", "/count", "How many", text, e.getMessage()));
            return 0;
        }
    }

    private Evidence evidence(Mould mould, int count, double each, double factor) {
        Batch batch = now.batch();
        return new Evidence(
                List.of(
                        new Given(
                                "Now",
                                batch.count() + " x " + Words.ml(now.fillMl()) + " in "
                                        + batch.mould().name()),
                        new Given("Wanted", count + " x " + Words.ml(each) + " in " + mould.name()),
                        new Given("Stays in bowl and jug", Words.percent(batch.loss())),
                        new Given("Factor", Typed.write(factor, 3))),
                "By real volume at the wanted height, from the moulds' profiles, never by diameter.",
                List.of(),
                "About 1 % from the density.",
                "The fill height, the count, the mould.");
    }
}
