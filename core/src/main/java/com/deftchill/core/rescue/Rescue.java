package com.deftchill.core.rescue;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.verdict.Answer;
import java.util.List;

/**
 * What likely went wrong, and what to do about it.
 *
 * @param remedies for what is there now, the one that loses least first
 */
public record Rescue(Symptom symptom, Ranking ranking, List<Remedy> remedies) {
    public Rescue {
        remedies = List.copyOf(remedies);
    }

    /** Symptoms that a dessert can show. */
    public static List<Symptom> symptoms(Dessert dessert) {
        return RescueFiles.symptoms().stream()
                .filter(symptom -> !symptom.where().in(dessert).isEmpty())
                .toList();
    }

    /** Of a batch as it was planned and as it was really made. */
    public static Answer<Rescue> of(
            Assessor assessor, Workplace workplace, WrittenFormula planned, WrittenFormula made, Observed observed) {
        var ranked = Ranking.of(assessor, workplace, planned, made, observed);
        if (ranked.value().isEmpty()) {
            return Answer.not(ranked.problems());
        }
        var ranking = ranked.value().get();
        return Answer.of(new Rescue(
                observed.symptom(), ranking, remedies(assessor, workplace, planned, made, observed, ranking)));
    }

    private static List<Remedy> remedies(
            Assessor assessor,
            Workplace workplace,
            WrittenFormula planned,
            WrittenFormula made,
            Observed observed,
            Ranking ranking) {
        var suspect = ranking.likeliest();
        if (suspect.isEmpty()) {
            return List.of();
        }
        var as = suspect.get().as();
        return new Remedies(
                        assessor,
                        ranking,
                        observed,
                        new Case(workplace, made),
                        assessor.study(planned, workplace).value().orElseThrow(),
                        assessor.study(made, workplace).value().orElseThrow(),
                        assessor.study(as.formula(), as.workplace()).value().orElseThrow())
                .all();
    }
}
