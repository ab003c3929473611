package com.deftchill.core.learn;

import static com.deftchill.core.learn.MadeUp.CREAM;
import static com.deftchill.core.learn.MadeUp.HANDBOOK;
import static com.deftchill.core.learn.MadeUp.MOUSSE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.learn.Ladder.Wish;
import com.deftchill.core.learn.LadderFit.Finding;
import com.deftchill.core.learn.LadderFit.Score;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LadderTest {
    private static final int LADDERS = Integer.getInteger("deftchill.ladders", 200);

    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6})
    void everyCupStandsAtEveryPlaceAndFollowsEveryOther(int cups) {
        var design = Ladder.design(cups);
        int times = design.size() / cups;
        for (int place = 0; place < cups; place++) {
            for (int cup = 0; cup < cups; cup++) {
                int at = place;
                int of = cup;
                assertThat(design.stream().filter(row -> row.get(at) == of)).hasSize(times);
            }
        }
        for (int first = 0; first < cups; first++) {
            for (int then = 0; then < cups; then++) {
                int a = first;
                int b = then;
                long follows = design.stream()
                        .flatMap(row -> IntStream.range(1, cups)
                                .filter(i -> row.get(i - 1) == a && row.get(i) == b)
                                .boxed())
                        .count();
                assertThat(follows).as("%d after %d", b, a).isEqualTo(a == b ? 0 : times);
            }
        }
    }

    @Test
    void cupsOfADoseShareOneBase() {
        var ladder = Ladder.of(CREAM, HANDBOOK, new Wish("/components/0/gels/0/amount", 5, 1.15, 80, 4, 7))
                .orElseThrow();
        assertThat(ladder.cups()).hasSize(5);
        assertThat(ladder.cups())
                .extracting(Ladder.Cup::code)
                .doesNotHaveDuplicates()
                .allMatch(c -> c.matches("[A-Z]{3}"));
        assertThat(ladder.cups().get(2).text()).isEqualTo("7 g");
        double least = ladder.cups().get(0).own().get(0).grams();
        double most = ladder.cups().get(4).own().get(0).grams();
        assertThat(most / least).isCloseTo(Math.pow(1.15, 4), within(1e-9));
        double base = ladder.base().stream().mapToDouble(Ladder.Weight::grams).sum();
        assertThat(base).isBetween(5 * ladder.baseEachG(), 5.5 * ladder.baseEachG());
        var middle = ladder.cups().get(2);
        assertThat(ladder.baseEachG()
                        + middle.own().stream()
                                .mapToDouble(Ladder.Weight::grams)
                                .sum())
                .isCloseTo(80, within(1e-9));
        assertThat(ladder.orders()).hasSize(4).allMatch(order -> order.size() == 5);
    }

    @Test
    void aLineAndAStageCanBeStepped() {
        var sugar = Ladder.of(CREAM, HANDBOOK, new Wish("/components/0/lines/2/amount", 3, 1.3, 60, 2, 1))
                .orElseThrow();
        assertThat(sugar.base()).extracting(Ladder.Weight::name).anyMatch(name -> name.contains("Gold sheets"));
        assertThat(sugar.cups().get(1).own().get(0).name()).contains("ugar");
        var whip = Ladder.of(MOUSSE, HANDBOOK, new Wish("/components/0/foams/0/stage", 4, 1, 60, 3, 1))
                .orElseThrow();
        assertThat(whip.cups()).extracting(Ladder.Cup::text).containsExactly("ribbon", "soft", "medium", "stiff");
    }

    @Test
    void nothingToStepIsNoLadder() {
        for (var address :
                List.of("/name", "/components/9/gels/0/amount", "/components/0/lines/77/amount", "/moulds/of/x/y/z")) {
            assertThat(Ladder.of(CREAM, HANDBOOK, new Wish(address, 3, 1.2, 60, 2, 1)))
                    .isEmpty();
        }
    }

    @Test
    void aPlantedOptimumIsFoundWithinItsInterval() {
        var random = new Random(21);
        int inside = 0;
        int found = 0;
        for (int i = 0; i < LADDERS; i++) {
            double best = 0.25 * (2 * random.nextDouble() - 1);
            var fit = LadderFit.of(tasted(random, best, 6, 0.5));
            if (fit.best().isPresent()) {
                found++;
                inside += fit.best().get().low() <= best
                                && best <= fit.best().get().high()
                        ? 1
                        : 0;
            }
        }
        System.out.printf(
                "%d ladders: best found in %d, within its interval %.1f %%%n", LADDERS, found, 100.0 * inside / found);
        assertThat(found).isGreaterThan(LADDERS * 9 / 10);
        assertThat((double) inside / found).isBetween(0.85, 0.95);
    }

    /** Scores of five cups by tasters each with a level of their own. */
    private static List<Score> tasted(Random random, double best, int tasters, double noise) {
        var scores = new ArrayList<Score>();
        for (int taster = 0; taster < tasters; taster++) {
            double level = 3.5 + random.nextGaussian() / 2;
            for (int cup = -2; cup <= 2; cup++) {
                double x = 0.25 * cup;
                double score = level - 8 * (x - best) * (x - best) + noise * random.nextGaussian();
                scores.add(new Score("t" + taster, x, score));
            }
        }
        return scores;
    }

    @Test
    void aLadderThatIsTooNarrowSaysWhichWay() {
        var random = new Random(2);
        assertThat(LadderFit.of(tasted(random, 1.5, 6, 0.3)).finding()).isEqualTo(Finding.ABOVE);
        assertThat(LadderFit.of(tasted(random, -1.5, 6, 0.3)).finding()).isEqualTo(Finding.BELOW);
    }

    @Test
    void tastersWhoTellNothingApartAreNotOverread() {
        var random = new Random(4);
        var scores = new ArrayList<Score>();
        for (int taster = 0; taster < 5; taster++) {
            for (int cup = 0; cup < 5; cup++) {
                scores.add(new Score("t" + taster, 0.1 * cup, 3 + random.nextGaussian()));
            }
        }
        assertThat(LadderFit.of(scores).finding()).isEqualTo(Finding.FLAT);
        assertThat(LadderFit.of(scores.subList(0, 3)).finding()).isEqualTo(Finding.TOO_FEW);
        assertThat(LadderFit.of(List.of()).finding()).isEqualTo(Finding.TOO_FEW);
    }
}
