package com.deftchill.core.rescue;

import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Desserts;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.assess.Sensible;
import com.deftchill.core.build.Curves;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.rescue.Observed.Reading;
import com.deftchill.core.rescue.Suspect.What;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class RankingTest {
    private static final Assessor COARSE = ASSESSOR.rough();
    private static final int BATCHES = Integer.getInteger("deftchill.failures", 25);
    private static final long SEED = Long.getLong("deftchill.seed", 20261127);
    private static final double AT_LEAST = 0.9;

    /** Turned out of a small metal mould, dosed as it should be. */
    private static final WrittenFormula CREAM = RescueTest.cream("8.4 g");

    private static final WrittenFormula MOUSSE = Desserts.dessert("in-glass", "glass-straight", "8", Desserts.mousse());
    private static final String GELATIN = "/components/0/gels/0/amount";

    private static Symptom symptom(String id) {
        return RescueFiles.symptom(id).orElseThrow();
    }

    private static Ranking ranked(WrittenFormula planned, WrittenFormula made, Observed observed) {
        return Ranking.of(COARSE, STANDARD, planned, made, observed).value().orElseThrow();
    }

    private static double likelihood(Ranking ranking, String cause) {
        return ranking.groups().stream()
                .flatMap(group -> group.suspects().stream())
                .filter(s -> s.cause().filter(c -> c.id().equals(cause)).isPresent())
                .mapToDouble(Suspect::likelihood)
                .sum();
    }

    private static Observed looked(String symptom, Map<String, Boolean> looks) {
        return new Observed(symptom(symptom), OptionalDouble.empty(), Set.of(), List.of(), looks);
    }

    private static Observed read(Reading... readings) {
        return new Observed(symptom("soft"), OptionalDouble.empty(), Set.of(), List.of(readings), Map.of());
    }

    @Test
    void theTrueCauseIsAmongTheFirstTwo() {
        var batches = new FailedBatches(SEED);
        int first = 0;
        int two = 0;
        int inQuestion = 0;
        for (int i = 0; i < BATCHES; i++) {
            var failed = batches.next();
            var groups =
                    ranked(failed.planned(), failed.made(), failed.observed()).groups();
            first += groups.stream().limit(1).anyMatch(failed::named) ? 1 : 0;
            two += groups.stream().limit(2).anyMatch(failed::named) ? 1 : 0;
            inQuestion += groups.size();
        }
        System.out.printf(
                "planted causes of %d failed batches: %d first, %d among the first two, of %.1f groups in question%n",
                BATCHES, first, two, (double) inQuestion / BATCHES);
        assertThat(two).as("of %d with seed %d", BATCHES, SEED).isGreaterThanOrEqualTo((int) (AT_LEAST * BATCHES));
    }

    @Test
    void whatWasMeasuredAsWrittenIsOut() {
        var hidden = ranked(CREAM, CREAM, Observed.of(symptom("soft")));
        assertThat(likelihood(hidden, "gelatin-short")).isPositive();
        var weighed = ranked(
                CREAM,
                CREAM,
                new Observed(
                        symptom("soft"),
                        OptionalDouble.empty(),
                        // As a page has it: by id.
                        Set.of("/components/0/gels/g1/amount"),
                        List.of(),
                        Map.of()));
        assertThat(likelihood(weighed, "gelatin-short")).isZero();
        assertThat(weighed.out()).extracting(Cause::id).contains("gelatin-short");
    }

    @Test
    void whatWasMeasuredOtherwiseIsKnown() {
        var made = Changes.set(CREAM, GELATIN, "4.5 g");
        var ranking = ranked(
                CREAM,
                made,
                new Observed(symptom("soft"), OptionalDouble.empty(), Set.of(GELATIN), List.of(), Map.of()));
        var likeliest = ranking.likeliest().orElseThrow();
        assertThat(likeliest.what()).isEqualTo(What.MEASURED);
        assertThat(likeliest.address()).isEqualTo(GELATIN);
        assertThat(likeliest.chance()).isGreaterThan(likeliest.without());
    }

    @Test
    void aLookSpeaksForItsCauseOrAgainstIt() {
        var before = ranked(CREAM, CREAM, Observed.of(symptom("soft")));
        var seen = ranked(CREAM, CREAM, looked("soft", Map.of("strand", true)));
        var not = ranked(CREAM, CREAM, looked("soft", Map.of("strand", false)));
        assertThat(likelihood(seen, "grains-left")).isGreaterThan(likelihood(before, "grains-left"));
        assertThat(likelihood(not, "grains-left")).isLessThan(likelihood(before, "grains-left"));
        assertThat(before.telling()).extracting(Look::id).contains("strand");
        assertThat(seen.telling()).extracting(Look::id).doesNotContain("strand");
        var group = before.groups().stream()
                .filter(g -> g.suspects().size() > 1)
                .findFirst()
                .orElseThrow();
        assertThat(group.suspects())
                .as("what does the same to it is told apart by a look of its own each")
                .extracting(s -> s.cause().orElseThrow().look().id())
                .doesNotHaveDuplicates();
    }

    private static double core(String air, double minute) {
        var history = COARSE.study(Changes.set(CREAM, "/cooler/air", air), STANDARD)
                .value()
                .orElseThrow()
                .main()
                .orElseThrow()
                .history();
        return Curves.at(history.minutes(), history.warmestC(), minute);
    }

    @Test
    void readingsOfTheCoreSpeakForAWarmCooler() {
        double minute = 180;
        double warm = core("9 °C", minute);
        var without = ranked(CREAM, CREAM, read());
        var with = ranked(CREAM, CREAM, read(new Reading(60 * minute, warm)));
        assertThat(likelihood(with, "warm-cooler")).isGreaterThan(likelihood(without, "warm-cooler"));
        var cold = ranked(CREAM, CREAM, read(new Reading(60 * minute, core("4 °C", minute))));
        assertThat(likelihood(cold, "warm-cooler")).isLessThan(likelihood(without, "warm-cooler"));
    }

    @Test
    void beforeItsTimeItIsTime() {
        var early = new Observed(symptom("did-not-set"), OptionalDouble.of(40 * 60), Set.of(), List.of(), Map.of());
        var likeliest = ranked(CREAM, CREAM, early).likeliest().orElseThrow();
        assertThat(likeliest.what()).isEqualTo(What.TOO_EARLY);
        assertThat(likeliest.without()).isLessThan(0.1);
    }

    /** What the Bench calls right is not called the cause of a failure. */
    @Test
    void aFormulaThatIsRightIsNotBlamed() {
        var random = new Random(3);
        for (int i = 0; i < 12; i++) {
            var formula = Sensible.dessertOf(random);
            var dessert = COARSE.study(formula, STANDARD).value().orElseThrow();
            boolean right = COARSE.assess(formula, STANDARD).value().orElseThrow().verdicts().stream()
                    .anyMatch(verdict -> verdict.code().equals("firmness-right"));
            if (right && symptom("soft").where().in(dessert).size() == 1) {
                assertThat(ranked(formula, formula, Observed.of(symptom("soft")))
                                .groups())
                        .as("%s", formula.components())
                        .noneMatch(group -> group.suspects().get(0).what() == What.FORMULA);
            }
        }
    }

    @Test
    void whatNothingOfItCanGiveIsNotGuessedAt() {
        var unsplit = ranked(CREAM, CREAM, Observed.of(symptom("base-crumbles")));
        assertThat(unsplit.groups()).isEmpty();
        assertThat(unsplit.telling()).isEmpty();
    }

    @Test
    void aWarmerFoldNeverGainsVolume() {
        var signs = new Signs(COARSE, COARSE.study(MOUSSE, STANDARD).value().orElseThrow());
        double before = 0;
        double cool = Double.NaN;
        for (int celsius = 24; celsius <= 60; celsius += 4) {
            var warmer = Changes.set(MOUSSE, "/components/0/work/fold/base", celsius + " °C");
            var dessert = COARSE.study(warmer, STANDARD).value().orElseThrow();
            double flat = signs.chance(symptom("flat"), new Case(STANDARD, warmer), dessert, OptionalDouble.empty());
            assertThat(flat).as("folded at %d °C", celsius).isGreaterThanOrEqualTo(before);
            before = flat;
            cool = celsius == 24 ? flat : cool;
        }
        assertThat(before).isGreaterThan(cool + 0.3);
    }
}
