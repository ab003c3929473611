package com.deftchill.core;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.kitchen.WrittenKitchen;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import java.util.Optional;

/** Kitchens for tests, and what is asked of them. */
public final class Kitchens {
    public static final Assessor ASSESSOR = new Assessor(ChillOptions.standard());
    public static final Workplace STANDARD =
            new Workplace(LarderFiles.shipped(), KitchenReader.standard(), Parameters.shipped());

    private Kitchens() {}

    /** Settings that differ from the standard ones. */
    public static WrittenKitchen written(String temperature, String safetyRules, String allergenList, String scale) {
        var s = WrittenKitchen.standard();
        return new WrittenKitchen(
                s.name(),
                s.measures(),
                temperature,
                s.swapSchool(),
                s.bloomSchool(),
                s.straining(),
                safetyRules,
                allergenList,
                scale,
                s.fineScale(),
                s.fineBelow(),
                s.room(),
                s.currency(),
                s.prices(),
                s.zone());
    }

    public static Workplace workplace(WrittenKitchen written) {
        return new Workplace(
                LarderFiles.shipped(), KitchenReader.read(written).kitchen().orElseThrow(), Parameters.shipped());
    }

    public static Assessment assess(WrittenFormula formula) {
        return assess(formula, STANDARD);
    }

    public static Assessment assess(WrittenFormula formula, Workplace workplace) {
        var outcome = ASSESSOR.assess(formula, workplace);
        return outcome.value()
                .orElseThrow(() -> new AssertionError(outcome.problems().toString()));
    }

    public static Optional<Verdict> verdict(Assessment assessment, String code) {
        return assessment.verdicts().stream().filter(v -> v.code().equals(code)).findFirst();
    }

    /** What stands in the words of a flag; empty when there is none. */
    public static String flag(Assessment assessment, String code) {
        return assessment.flags().stream()
                .filter(f -> f.code().equals(code))
                .map(f -> Told.of(f.words()))
                .findFirst()
                .orElse("");
    }

    /** The new text that a fix writes at a path. */
    public static String written(Fix fix, String path) {
        return fix.changes().stream()
                .filter(change -> change.path().equals(path))
                .map(Fix.Change::value)
                .findFirst()
                .orElse("");
    }
}
