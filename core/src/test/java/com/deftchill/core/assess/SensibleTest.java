package com.deftchill.core.assess;

import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Fix.Change;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** What works is never called bad, and what is wrong is named: both over random desserts, counted and printed. */
class SensibleTest {
    private static final int DESSERTS = Integer.getInteger("deftchill.sensible", 280);
    private static final long SEED = Long.getLong("deftchill.seed", 20261126);
    private static final double AT_LEAST = 0.95;

    private static List<Verdict> verdicts(WrittenFormula formula) {
        var answer = RandomDessertsTest.COARSE.assess(formula, STANDARD);
        return answer.value()
                .orElseThrow(() -> new AssertionError(answer.problems()))
                .verdicts();
    }

    private static List<String> bad(List<Verdict> verdicts) {
        return verdicts.stream()
                .filter(v -> v.tone().compareTo(Tone.BAD) <= 0)
                .map(Verdict::code)
                .toList();
    }

    @Test
    void whatTheTradeMakesIsNotCalledBad() {
        int fine = 0;
        var wrong = new TreeMap<String, Integer>();
        for (int i = 0; i < DESSERTS; i++) {
            var random = new Random(SEED + i);
            int kind = i % (Sensible.RECIPES.size() + 1);
            var formula = kind < Sensible.RECIPES.size()
                    ? Sensible.RECIPES.get(kind).drawn(random)
                    : Sensible.verrine(random);
            var bad = bad(verdicts(formula));
            fine += bad.isEmpty() ? 1 : 0;
            bad.forEach(code -> wrong.merge(kind + " " + code, 1, Integer::sum));
        }
        System.out.printf("sensible desserts not called bad: %d of %d, else %s%n", fine, DESSERTS, wrong);
        assertThat((double) fine / DESSERTS).as("%s", wrong).isGreaterThanOrEqualTo(AT_LEAST);
    }

    /** A fault well beyond what the models may be off by, and the verdicts of which one must name it. */
    private record Fault(String name, int recipe, UnaryOperator<WrittenFormula> planted, Set<String> codes) {}

    private static UnaryOperator<WrittenFormula> set(String path, String text) {
        return formula -> Changes.take(formula, List.of(new Change(path, text)));
    }

    private static final List<Fault> FAULTS = List.of(
            new Fault(
                    "hardly any gelatin", 1, set("/components/0/gels/0/amount", "1.8 g"), Set.of("too-soft", "slumps")),
            new Fault("rubber", 0, set("/components/0/gels/0/amount", "45 g"), Set.of("too-firm")),
            new Fault("raw kiwi", 0, set("/components/0/lines/1/of", "kiwi-raw"), Set.of("enzyme")),
            new Fault("base far too hot", 4, set("/components/0/work/fold/base", "58 °C"), Set.of("fold-hot")),
            new Fault("base far too cold", 4, set("/components/0/work/fold/base", "4 °C"), Set.of("fold-cold")),
            new Fault("gelatin not dissolved", 0, set("/components/0/work/heat/to", "32 °C"), Set.of("not-dissolved")),
            new Fault("agar not boiled", 13, set("/components/0/work/heat/to", "65 °C"), Set.of("not-dissolved")),
            new Fault("starch not cooked", 12, set("/components/0/work/heat/to", "60 °C"), Set.of("starch-cold")),
            new Fault("lean cream", 6, set("/components/0/lines/1/of", "cream-18"), Set.of("cream-lean")),
            new Fault("warm cream", 3, set("/components/0/foams/0/at", "18 °C"), Set.of("cream-warm")),
            new Fault(
                    "water in chocolate", 10, set("/components/1/lines/1/amount", "12 g"), Set.of("chocolate-seizes")),
            new Fault("crumb without butter", 7, set("/components/0/lines/1/amount", "15 g"), Set.of("crumb-dry")),
            new Fault("poured after it set", 0, set("/components/0/work/pour/at", "6 °C"), Set.of("poured-too-cold")),
            new Fault(
                    "served after an hour",
                    1,
                    set("/cooler/places/0/stay", "1 h"),
                    Set.of("served-too-early", "not-set-yet", "too-soft")),
            new Fault("no room in the mould", 8, set("/moulds/of", "spring-tin-100"), Set.of("overfilled")));

    @Test
    void aPlantedFaultIsNamed() {
        int named = 0;
        var missed = new ArrayList<String>();
        int count = Math.max(FAULTS.size(), DESSERTS / 4);
        for (int i = 0; i < count; i++) {
            var fault = FAULTS.get(i % FAULTS.size());
            var formula =
                    fault.planted().apply(Sensible.RECIPES.get(fault.recipe()).drawn(new Random(SEED + 7919L * i)));
            boolean found = verdicts(formula).stream()
                    .anyMatch(v -> v.tone().compareTo(Tone.CAUTION) <= 0
                            && fault.codes().contains(v.code()));
            named += found ? 1 : 0;
            if (!found) {
                missed.add(fault.name());
            }
        }
        System.out.printf("planted faults named: %d of %d, missed %s%n", named, count, missed);
        assertThat((double) named / count).as("%s", missed).isGreaterThanOrEqualTo(AT_LEAST);
    }
}
