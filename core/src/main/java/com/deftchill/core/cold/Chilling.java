package com.deftchill.core.cold;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.label.Flags;
import com.deftchill.core.timing.Uncertainty;
import com.deftchill.core.verdict.Problem;
import java.util.List;
import java.util.Optional;

/** The chill of a formula: the whole of it, and how sure its moments are. Safe for use by many threads. */
public final class Chilling {
    private final Assessor assessor;

    public Chilling(Assessor assessor) {
        this.assessor = assessor;
    }

    /** What came of chilling: everything about it, or the problems that stand in its way. */
    public record ColdOutcome(Optional<ColdAnswer> answer, List<Problem> problems) {}

    /** The whole chill of a formula, with the field over time and what happens at the table. */
    public ColdOutcome chill(WrittenFormula formula, Workplace workplace) {
        var settings = assessor.settings(workplace).recording();
        var studied = assessor.study(formula, workplace, settings);
        if (studied.dessert().isEmpty()) {
            return new ColdOutcome(Optional.empty(), studied.problems());
        }
        var dessert = studied.dessert().get();
        if (dessert.studies().isEmpty()) {
            return new ColdOutcome(
                    Optional.empty(),
                    List.of(Problem.of(
                            "nothing-poured",
                            "/components",
                            "Components",
                            "",
                            "nothing in it is poured: there is no chill to follow")));
        }
        var judged = assessor.judge(dessert, new Flags(dessert, workplace.larder()));
        return new ColdOutcome(Optional.of(ColdWriter.of(dessert, judged.all(), judged.ofChill())), List.of());
    }

    /** How early and how late each milestone may come; the problems that stand in the way. */
    public record UncertaintyOutcome(Optional<Uncertainty> uncertainty, List<Problem> problems) {}

    /** Runs the corners of what is not known exactly. */
    public UncertaintyOutcome uncertainty(WrittenFormula formula, Workplace workplace) {
        var settings = assessor.settings(workplace);
        var studied = assessor.study(formula, workplace, settings);
        return new UncertaintyOutcome(
                studied.dessert()
                        .map(likely ->
                                Uncertainty.of(likely, nudge -> Dessert.of(likely.batch(), settings.with(nudge)))),
                studied.problems());
    }
}
