package com.deftchill.core.learn;

import static com.deftchill.core.learn.MadeUp.CREAM;
import static com.deftchill.core.learn.MadeUp.GOLD;
import static com.deftchill.core.learn.MadeUp.HANDBOOK;
import static com.deftchill.core.learn.MadeUp.POWDER;
import static com.deftchill.core.learn.MadeUp.POWDERED;
import static com.deftchill.core.learn.MadeUp.SOFTER;
import static com.deftchill.core.learn.MadeUp.STANDS;
import static com.deftchill.core.learn.MadeUp.learn;
import static com.deftchill.core.learn.MadeUp.log;
import static com.deftchill.core.learn.MadeUp.made;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Kitchens;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.learn.Learnt.State;
import com.deftchill.core.learn.MadeUp.Truth;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LearningTest {
    /** Of simulated kitchens; the whole count of the issue runs in ops/long. */
    private static final int KITCHENS = Integer.getInteger("deftchill.kitchens", 24);

    private static final double NINETY = 1.6448536269514722;
    private static final Responses RESPONSES = MadeUp.responses();

    @Test
    void noDataGiveThePriorBack() {
        var learnt = learn(RESPONSES, List.of());
        assertThat(learnt.figures()).isEmpty();
        assertThat(learnt.put(HANDBOOK)).isSameAs(HANDBOOK);
    }

    @Test
    void truthLiesWithinItsIntervalAndPredictionsGetBetter() {
        var random = new Random(11);
        int inside = 0;
        int all = 0;
        double before = 0;
        double after = 0;
        for (int k = 0; k < KITCHENS; k++) {
            var truth = new Truth(random, RESPONSES);
            var learnt = learn(RESPONSES, log(truth, random, 8));
            for (var figure : learnt.figures()) {
                if (truth.z.containsKey(figure.unknown())) {
                    all++;
                    var ends = figure.within(NINETY);
                    double real = figure.prior().value(truth.z.get(figure.unknown()));
                    inside += ends[0] <= real && real <= ends[1] ? 1 : 0;
                }
            }
            double real = truth.shows(CREAM, STANDS);
            before += square(height(HANDBOOK) - real);
            after += square(height(learnt.put(HANDBOOK)) - real);
        }
        System.out.printf(
                "%d kitchens: truth within its 90 %% interval %.1f %% of %d; error of a height %.2f mm, learnt %.2f mm%n",
                KITCHENS, 100.0 * inside / all, all, Math.sqrt(before / KITCHENS), Math.sqrt(after / KITCHENS));
        // Of a sample of n the share scatters by 0.3 / sqrt(n): four of those about 85 to 95 %.
        double slack = 4 * 0.3 / Math.sqrt(all) * Math.max(0, 1 - KITCHENS / 200.0);
        assertThat((double) inside / all).isBetween(0.85 - slack, Math.min(1, 0.95 + slack));
        assertThat(Math.sqrt(after)).isLessThanOrEqualTo(Math.sqrt(before) / 2);
    }

    private static double square(double x) {
        return x * x;
    }

    private static double height(Workplace workplace) {
        return Responses.predicted(Kitchens.ASSESSOR.rough(), CREAM, STANDS, workplace)
                .orElseThrow()[0];
    }

    @Test
    void orderOfBatchesIsOfNoAccount() {
        var random = new Random(5);
        var log = new ArrayList<>(log(new Truth(random, RESPONSES), random, 8));
        var one = learn(RESPONSES, log);
        Collections.shuffle(log, random);
        var other = learn(RESPONSES, log);
        for (int i = 0; i < one.figures().size(); i++) {
            assertThat(other.figures().get(i).value())
                    .isCloseTo(one.figures().get(i).value(), within(1e-9));
        }
    }

    @Test
    void oneWildReadingMovesNothingByMoreThanItsInterval() {
        var random = new Random(8);
        var log = log(new Truth(random, RESPONSES), random, 8);
        var sane = learn(RESPONSES, log);
        var spoilt = new ArrayList<>(log);
        spoilt.add(new Measured(made("wild", CREAM), STANDS, 12));
        var wild = learn(RESPONSES, spoilt);
        for (var figure : sane.figures()) {
            double moved = wild.figure(figure.unknown()).orElseThrow().z() - figure.z();
            assertThat(Math.abs(moved)).as(figure.unknown().key()).isLessThan(NINETY * figure.sigma());
        }
        assertThat(wild.readings())
                .filteredOn(Learnt.Reading::wild)
                .extracting(r -> r.observation().measured().made().batch())
                .containsExactly("wild");
    }

    @Test
    void aLotLearntOnOneDessertHelpsAnotherAndLeavesTheRestAlone() {
        var weak = GOLD.put(HANDBOOK, 170);
        var log = new ArrayList<>(IntStream.range(0, 6)
                .mapToObj(i -> new Measured(made("b" + i, CREAM), STANDS, stands(CREAM, weak), 4))
                .toList());
        // Heights alone do not tell a weak lot from a warm fridge: one probe overnight does.
        var alone = learn(RESPONSES, log);
        assertThat(alone.figure(GOLD).orElseThrow().tangledWith()).containsExactly(MadeUp.WARMER);
        var overnight = new Measured(made("b0", CREAM), MadeUp.CORE.get(2), 4);
        var never = RESPONSES.observations(List.of(overnight), share -> {}, (one, why) -> {
            throw why;
        });
        assertThat(alone.next(GOLD, never).orElseThrow().like().measure()).isEqualTo(overnight.measure());
        for (var measure : MadeUp.CORE) {
            double shown = Responses.predicted(Kitchens.ASSESSOR.rough(), CREAM, measure, HANDBOOK)
                    .orElseThrow()[0];
            log.add(new Measured(made("b0", CREAM), measure, shown));
        }
        var learnt = learn(RESPONSES, log);
        assertThat(learnt.figure(GOLD).orElseThrow().state()).isEqualTo(State.LEARNT);
        assertThat(learnt.figure(GOLD).orElseThrow().value()).isBetween(164.0, 184.0);
        var put = learnt.put(HANDBOOK);
        double real = stands(SOFTER, weak);
        assertThat(Math.abs(stands(SOFTER, put) - real)).isLessThan(Math.abs(stands(SOFTER, HANDBOOK) - real) / 2);
        // The powder's lot is none of it; what the probe told of the fridge is a tenth of a millimetre or two.
        assertThat(learnt.figure(POWDERED)).isEmpty();
        assertThat(stands(POWDER, put)).isCloseTo(stands(POWDER, HANDBOOK), within(0.3));
    }

    private static double stands(WrittenFormula document, Workplace workplace) {
        return Responses.predicted(Kitchens.ASSESSOR.rough(), document, STANDS, workplace)
                .orElseThrow()[0];
    }

    @Test
    void twoLearntInEitherOrderAgree() {
        var real = POWDERED.put(GOLD.put(HANDBOOK, 185), 250);
        var gold = new Measured(made("a", CREAM), STANDS, stands(CREAM, real));
        var powder = new Measured(made("b", POWDER), STANDS, stands(POWDER, real));
        var one = learn(RESPONSES, List.of(gold, powder));
        var other = learn(RESPONSES, List.of(powder, gold));
        assertThat(one.figure(GOLD).orElseThrow().value())
                .isEqualTo(other.figure(GOLD).orElseThrow().value());
        assertThat(one.figure(POWDERED).orElseThrow().value())
                .isEqualTo(other.figure(POWDERED).orElseThrow().value());
    }

    @Test
    void oneLotAloneIsNotToldFromTheModel() {
        var both = new Responses(
                Kitchens.ASSESSOR.rough(), HANDBOOK, Set.of(Unknown.Scope.LOT, Unknown.Scope.MODEL), Set.of());
        var log = IntStream.range(0, 6)
                .mapToObj(i -> new Measured(made("b" + i, CREAM), STANDS, 40))
                .toList();
        var learnt = Learning.of(
                both.observations(log, s -> {}, (one, why) -> {
                    throw why;
                }),
                both::prior,
                () -> {},
                s -> {});
        var lot = learnt.figure(GOLD).orElseThrow();
        assertThat(lot.state()).isIn(State.TANGLED, State.TOO_LITTLE);
        assertThat(learnt.told()).noneMatch(figure -> figure.unknown().equals(GOLD));
    }

    @Test
    void theNextReadingIsOfTheSameLot() {
        var random = new Random(3);
        var learnt = learn(RESPONSES, log(new Truth(random, RESPONSES), random, 8));
        var next = learnt.next(GOLD, List.of()).orElseThrow();
        assertThat(next.leaves()).isBetween(0.5, 0.999);
        assertThat(next.like().measure()).isEqualTo(STANDS);
        assertThat(next.like().made().document()).isIn(CREAM, SOFTER);
    }

    @Test
    void influencesAddUpOnTheScaleOfTheQuantity() {
        var response = RESPONSES.of(made("b", CREAM), STANDS).orElseThrow();
        var both = List.of(GOLD, MadeUp.WARMER);
        for (double z : new double[] {-1.5, -0.5, 0.5, 1.5}) {
            var workplace = HANDBOOK;
            for (var unknown : both) {
                workplace = unknown.put(
                        workplace, RESPONSES.prior(unknown).orElseThrow().value(z));
            }
            assertThat(response.predicted(both, new double[] {z, z}))
                    .as("all %s deviations off", z)
                    .isCloseTo(stands(CREAM, workplace), within(0.25));
        }
    }

    @Test
    void aReadingThatIsTheNumberItself() {
        var overrun = new Unknown(Unknown.Scope.KITCHEN, "", "foam.overrunSoft");
        var log = IntStream.range(0, 5)
                .mapToObj(i -> new Measured(made("b" + i, CREAM), Measure.direct(Quantity.OVERRUN, overrun), 0.9))
                .toList();
        var learnt = learn(RESPONSES, log).figure(overrun).orElseThrow();
        assertThat(learnt.state()).isEqualTo(State.LEARNT);
        assertThat(learnt.value()).isBetween(0.87, 0.9);
    }

    @Test
    void rangesHoldAsOftenAsTheySayAndAnswersGetBetterForBatchesNotLearntFrom() {
        var random = new Random(17);
        int readings = 0;
        int before = 0;
        int after = 0;
        for (int k = 0; k < KITCHENS; k++) {
            for (var goodness : learn(RESPONSES, log(new Truth(random, RESPONSES), random, 8))
                    .goodness()) {
                readings += goodness.learnt() ? goodness.readings() : 0;
                before += goodness.learnt() ? 0 : goodness.held();
                after += goodness.learnt() ? goodness.held() : 0;
            }
        }
        System.out.printf(
                "%d kitchens: of ranges for 80 %% the handbook's held %.1f %%, the learnt %.1f %% of %d readings%n",
                KITCHENS, 100.0 * before / readings, 100.0 * after / readings, readings);
        assertThat(100.0 * before / readings).isBetween(70.0, 90.0);
        assertThat(100.0 * after / readings).isBetween(74.0, 86.0);
    }

    @Test
    void ofFewReadingsNothingIsConcluded() {
        assertThat(new Learnt.Goodness(Quantity.FIRMNESS, true, 4, 0, 1, 0).ranges())
                .isEqualTo(Learnt.Ranges.TOO_FEW);
        assertThat(new Learnt.Goodness(Quantity.FIRMNESS, true, 8, 0, 1, 4).ranges())
                .isEqualTo(Learnt.Ranges.MAY_BE_CHANCE);
        assertThat(new Learnt.Goodness(Quantity.FIRMNESS, true, 8, 0, 1, 3).ranges())
                .isEqualTo(Learnt.Ranges.OFF_MORE_OFTEN);
        assertThat(new Learnt.Goodness(Quantity.FIRMNESS, true, 20, 0, 1, 16).ranges())
                .isEqualTo(Learnt.Ranges.AS_SAID);
        assertThat(new Learnt.Goodness(Quantity.FIRMNESS, true, 20, 0, 1, 20).ranges())
                .isEqualTo(Learnt.Ranges.WIDER_THAN_NEEDED);
    }

    @Test
    void aProbeThatReadsHighIsToldByASecondOne() {
        var high = Unknown.probe("probe-1/2026-03-02T08:00:00Z");
        var log = new ArrayList<Measured>();
        for (int i = 0; i < 6; i++) {
            for (var measure : MadeUp.CORE) {
                double real = Responses.predicted(Kitchens.ASSESSOR.rough(), CREAM, measure, HANDBOOK)
                        .orElseThrow()[0];
                log.add(new Measured(made("b" + i, CREAM), measure, real + 0.8, 1, high.of()));
                log.add(new Measured(made("c" + i, CREAM), measure, real, 1, "probe-2/"));
            }
        }
        var responses = new Responses(
                Kitchens.ASSESSOR.rough(), HANDBOOK, Set.of(Unknown.Scope.COOLER, Unknown.Scope.PROBE), Set.of());
        var learnt = Learning.of(
                responses.observations(log, s -> {}, (one, why) -> {
                    throw why;
                }),
                responses::prior,
                () -> {},
                s -> {});
        var one = learnt.figure(high).orElseThrow();
        var other = learnt.figure(Unknown.probe("probe-2/")).orElseThrow();
        // What both share may be the fridge; what they differ by is theirs.
        assertThat(one.value() - other.value()).isBetween(0.6, 0.85);
        assertThat(learnt.figure(MadeUp.WARMER).orElseThrow().value()).isBetween(0.0, 0.5);
        assertThat(learnt.put(HANDBOOK).larder().coolers())
                .hasSameSizeAs(HANDBOOK.larder().coolers());
    }

    @Test
    void anyParameterThatAFigureHangsOnIsLearntWhereItIsAskedFor() {
        var asked = "gel.proteinGain";
        var unknown = new Unknown(Unknown.Scope.MODEL, "", asked);
        var responses = new Responses(Kitchens.ASSESSOR.rough(), HANDBOOK, Set.of(), Set.of(asked, "foam.yolk"));
        var prior = responses.prior(unknown).orElseThrow();
        double real = Responses.predicted(
                        Kitchens.ASSESSOR.rough(),
                        CREAM,
                        Measure.of(Quantity.FIRMNESS),
                        unknown.put(HANDBOOK, prior.value(1.5)))
                .orElseThrow()[0];
        var log = IntStream.range(0, 900)
                .mapToObj(i -> new Measured(made("b" + i, CREAM), Measure.of(Quantity.FIRMNESS), real))
                .toList();
        var learnt = Learning.of(
                responses.observations(log, s -> {}, (one, why) -> {
                    throw why;
                }),
                responses::prior,
                () -> {},
                s -> {});
        // A set cream has no yolk foam: nothing is said of one.
        assertThat(learnt.figures()).extracting(Learnt.Figure::unknown).containsExactly(unknown);
        assertThat(learnt.figures().get(0).state()).isEqualTo(State.LEARNT);
        assertThat(learnt.figures().get(0).z()).isBetween(0.9, 1.5);
        assertThat(RESPONSES
                        .of(made("b", CREAM), Measure.of(Quantity.FIRMNESS))
                        .orElseThrow()
                        .curves())
                .doesNotContainKey(unknown);
    }

    @Test
    void aVolumeTellsOfTheHandThatFolded() {
        var volume = Measure.of(Quantity.VOLUME, 0);
        double real = Responses.predicted(
                        Kitchens.ASSESSOR.rough(), MadeUp.MOUSSE, volume, MadeUp.HAND.put(HANDBOOK, 0.78))
                .orElseThrow()[0];
        var overrun = new Unknown(Unknown.Scope.KITCHEN, "", "foam.overrunSoft");
        var log = new ArrayList<Measured>();
        IntStream.range(0, 12).forEach(i -> log.add(new Measured(made("b" + i, MadeUp.MOUSSE), volume, real)));
        // A volume alone may as well be the cream's.
        assertThat(learn(RESPONSES, log).told())
                .noneMatch(figure -> figure.unknown().equals(MadeUp.HAND));
        double usual = RESPONSES.prior(overrun).orElseThrow().centre();
        IntStream.range(0, 12)
                .forEach(i -> log.add(
                        new Measured(made("c" + i, MadeUp.MOUSSE), Measure.direct(Quantity.OVERRUN, overrun), usual)));
        var hand = learn(RESPONSES, log).figure(MadeUp.HAND).orElseThrow();
        assertThat(hand.state()).isEqualTo(State.LEARNT);
        assertThat(hand.value()).isBetween(0.77, 0.86);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new Measured(made("b", CREAM), STANDS, Double.NaN))
                .hasMessageContaining("must be above 0");
        assertThat(RESPONSES.of(made("b", MadeUp.MOUSSE), STANDS)).isEmpty();
        assertThat(RESPONSES.of(made("b", CREAM), Measure.coreAt(60))).isPresent();
    }
}
