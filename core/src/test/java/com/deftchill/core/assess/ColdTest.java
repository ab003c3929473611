package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.layered;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Formulas.in;
import static com.deftchill.core.Formulas.pear;
import static com.deftchill.core.Formulas.stay;
import static com.deftchill.core.Formulas.withServed;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static java.util.Comparator.comparingDouble;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Plain;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.Way;
import com.deftchill.core.build.FieldRecorder;
import com.deftchill.core.cold.Chilled;
import com.deftchill.core.cold.Chilling;
import com.deftchill.core.cold.ColdAnswer;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Stay;
import com.deftchill.core.verdict.Fix.Change;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What the Cold is told: the field, the gates, the table, the corners, the ways. */
class ColdTest {
    private static ColdAnswer chill(WrittenFormula formula) {
        return chilled(formula).answer();
    }

    private static Chilled chilled(WrittenFormula formula) {
        var outcome = new Chilling(ASSESSOR).chill(formula, STANDARD);
        return outcome.value()
                .orElseThrow(() -> new AssertionError(outcome.problems().toString()));
    }

    private static WrittenFormula at(WrittenFormula formula, String path, String value) {
        return Changes.take(formula, List.of(new Change(path, value)));
    }

    @Test
    void theFieldBeginsAsPouredAndEndsAsTheAir() {
        var film = chilled(pear()).film();
        var grid = film.grid();
        var moments = film.moments();
        var first = moments.get(0);
        var last = moments.get(moments.size() - 1);
        assertThat(first.seconds()).isZero();
        assertThat(moments).isSortedAccordingTo(comparingDouble(FieldRecorder.Moment::seconds));
        // Liquid at first, set at the end, wherever there is dessert.
        for (int row = 0; row < grid.rows(); row++) {
            for (int column = 0; column < grid.rowCells(row); column++) {
                int cell = grid.cell(column, row);
                assertThat(first.celsius()[cell]).isCloseTo(32, within(0.2f));
                assertThat(last.celsius()[cell]).isCloseTo(4, within(0.5f));
                assertThat(first.pascal()[cell]).isLessThan(1);
                assertThat(last.pascal()[cell]).isGreaterThan(20);
            }
        }
    }

    @Test
    void layersFillTheFieldOneAfterTheOther() {
        var chilled = chilled(layered());
        var found = chilled.answer();
        var rows = chilled.film().moments().stream()
                .mapToInt(FieldRecorder.Moment::rows)
                .toArray();
        for (int i = 1; i < rows.length; i++) {
            assertThat(rows[i]).isGreaterThanOrEqualTo(rows[i - 1]);
        }
        assertThat(rows[0]).isLessThan(rows[rows.length - 1]);
        assertThat(found.gates()).hasSize(1);
        var gate = found.gates().get(0);
        assertThat(gate.bondsUntilMinutes().orElseThrow()).isGreaterThan(gate.opensMinutes());
        assertThat(gate.highestC()).isGreaterThan(gate.lowestC());
    }

    @Test
    void aCellIsTheLayersOwnCourse() {
        var chilled = chilled(pear());
        var course = chilled.answer().courses().get(0);
        var film = chilled.film();
        var moment = film.moments().get(film.moments().size() / 2);
        int at = 0;
        while (course.minutes()[at] < moment.seconds() / 60 - 1e-9) {
            at++;
        }
        float warmest = Float.NEGATIVE_INFINITY;
        for (int row = 0; row < film.grid().rows(); row++) {
            for (int column = 0; column < film.grid().rowCells(row); column++) {
                warmest = Math.max(warmest, moment.celsius()[film.grid().cell(column, row)]);
            }
        }
        assertThat((double) warmest).isCloseTo(course.warmestC()[at], within(1e-4));
    }

    @Test
    void onAWarmPlateItSagsSooner() {
        var cool = table(pear());
        var warm = table(at(pear(), "/plate", "45 °C"));
        var hot = table(at(pear(), "/room", "32 °C"));
        double sags = cool.sagsMinutes().orElseThrow();
        assertThat(warm.sagsMinutes().orElseThrow()).isLessThan(sags);
        assertThat(hot.sagsMinutes().orElseThrow()).isLessThan(sags);
        assertThat(cool.standingMm()[0])
                .isCloseTo(
                        ASSESSOR.assess(pear(), STANDARD)
                                .value()
                                .orElseThrow()
                                .prediction()
                                .standingMm()
                                .orElseThrow(),
                        within(0.05));
        for (int i = 1; i < cool.standingMm().length; i++) {
            assertThat(cool.standingMm()[i]).isLessThanOrEqualTo(cool.standingMm()[i - 1] + 1e-6);
        }
    }

    @Test
    void theBodyWidensAsItSinks() {
        var shapes = table(pear()).shapes();
        assertThat(shapes.size()).isGreaterThan(6);
        for (int i = 1; i < shapes.size(); i++) {
            assertThat(shapes.get(i).heightMm())
                    .isLessThanOrEqualTo(shapes.get(i - 1).heightMm() + 1e-9);
            assertThat(shapes.get(i).widthMm())
                    .isGreaterThanOrEqualTo(shapes.get(i - 1).widthMm() - 1e-9);
        }
    }

    @Test
    void inItsGlassItStandsOnNoPlate() {
        var glass = at(withServed(pear(), "in-glass"), "/moulds/of", "glass-straight");
        var table = table(glass);
        assertThat(table.onPlate()).isFalse();
        assertThat(table.shapes()).isEmpty();
        assertThat(table.warmestC()[0]).isCloseTo(4, within(0.3));
    }

    @Test
    void aStiffGanacheIsRightAfterAWhileOutOfTheCold() {
        var pots = dessert(
                "in-glass",
                "egg-cup",
                "8",
                heated(
                        of("ganache", "ganache", "34 °C", NO_GEL, line("dark-65", "200 g"), line("cream-35", "200 g")),
                        "85 °C"));
        var table = table(at(pots, "/room", "30 °C"));
        assertThat(table.rightFromMinutes().orElseThrow()).isGreaterThan(5);
        assertThat(table.sentence()).contains("out of the cold");
    }

    private static ColdAnswer.Table table(WrittenFormula formula) {
        return chill(formula).table().orElseThrow();
    }

    @Test
    void whatIsStillIceDoesNotComeToTheTable() {
        assertThat(chill(in(pear(), stay("freezer-still", "10 h"))).table()).isEmpty();
    }

    @Test
    void cornersBoundWhatIsLikely() {
        var found = new Chilling(ASSESSOR).uncertainty(pear(), STANDARD).value().orElseThrow();
        assertThat(found.ranges()).isNotEmpty().allSatisfy(range -> {
            assertThat(range.earliestMinutes().orElseThrow())
                    .isLessThanOrEqualTo(range.likelyMinutes().orElseThrow());
            assertThat(range.latestMinutes().orElseThrow())
                    .isGreaterThanOrEqualTo(range.likelyMinutes().orElseThrow());
        });
        assertThat(found.influences())
                .hasSize(4)
                .allSatisfy(i -> assertThat(i.laterMinutes()).isPositive());
        assertThat(found.influences())
                .isSortedAccordingTo(Comparator.comparingDouble(i -> -(i.soonerMinutes() + i.laterMinutes())));
        assertThat(found.sentence()).startsWith("What matters most");
    }

    @Test
    void everyWayIsReadableAndTheCheapestComeFirst() {
        for (var formula :
                List.of(pear(), layered(), in(pear(), stay("room", "20 min"), new Stay("", "", "", "film", "")))) {
            var ways =
                    new Alternatives(ASSESSOR).ways(formula, STANDARD).value().orElseThrow();
            assertThat(ways.size()).isGreaterThan(6);
            assertThat(ways).isSortedAccordingTo(Comparator.comparingInt(Way::cost));
            assertThat(ways.stream().map(Way::label)).doesNotHaveDuplicates();
            for (var way : ways) {
                var found = new Alternatives(ASSESSOR)
                        .whatIf(Changes.take(formula, way.changes()), Optional.empty(), STANDARD);
                assertThat(found.problems()).as(way.label()).isEmpty();
            }
        }
    }

    @Test
    void aTimeIsMetOrNot() {
        var now = new Alternatives(ASSESSOR).whatIf(pear(), Optional.empty(), STANDARD);
        assertThat(now.meets()).isEmpty();
        var poured = LocalTime.parse(pear().starts());
        var late = poured.plusMinutes((long) (now.goalMinutes().orElseThrow() + 10));
        var early = poured.plusMinutes((long) (now.goalMinutes().orElseThrow() - 10));
        assertThat(new Alternatives(ASSESSOR)
                        .whatIf(pear(), Optional.of(late), STANDARD)
                        .meets())
                .contains(true);
        assertThat(new Alternatives(ASSESSOR)
                        .whatIf(pear(), Optional.of(early), STANDARD)
                        .meets())
                .contains(false);
    }

    @Test
    void aFanAndIceWaterAreSoonerThanStillAir() {
        double now = goal(pear());
        for (var way : new Alternatives(ASSESSOR).ways(pear(), STANDARD).value().orElseThrow()) {
            if (way.label().startsWith("Fridge with a fan") || way.group().equals("before")) {
                assertThat(goal(Changes.take(pear(), way.changes())))
                        .as(way.label())
                        .isLessThan(now);
            }
        }
    }

    private static double goal(WrittenFormula formula) {
        return new Alternatives(ASSESSOR)
                .whatIf(formula, Optional.empty(), STANDARD)
                .goalMinutes()
                .orElseThrow();
    }

    @Test
    void piecesLighterThanTheirLiquidFloat() {
        var jelly = heated(
                of(
                        "jelly",
                        "jelly",
                        "30 °C",
                        new Gel("sheet-gold", "5 g", "weighed", "25 g"),
                        line("apple-juice", "200 g"),
                        line("sugar", "60 g")),
                "60 °C");
        var light = of("pears", "pieces", "", NO_GEL, new Plain.Line("pears", "60 g", "raw", ""));
        var found = chill(dessert("in-glass", "glass-straight", "4", light, jelly));
        var verdict = found.verdicts().stream()
                .filter(v -> v.code().equals("pieces-float"))
                .findFirst()
                .orElseThrow();
        assertThat(verdict.sentence()).contains("kg/m3").contains("stir them in from");
        var heavy = of("sugar", "pieces", "", NO_GEL, line("sugar", "60 g"));
        assertThat(chill(dessert("in-glass", "glass-straight", "4", heavy, jelly))
                        .verdicts())
                .noneMatch(v -> v.code().equals("pieces-float"));
    }

    @Test
    void aSlantThatCannotBeIsSaidWithAHeightThatCan() {
        var glass = at(at(withServed(pear(), "in-glass"), "/moulds/of", "glass-straight"), "/moulds/count", "16");
        var slanted = chill(at(glass, "/moulds/slant", "60 mm"));
        assertThat(slanted.slant().orElseThrow().tiltDegrees()).isBetween(1.0, 80.0);
        var low = chill(at(glass, "/moulds/slant", "10 mm"));
        assertThat(low.slant()).isEmpty();
        var fix = low.verdicts().stream()
                .filter(v -> v.code().equals("slant-impossible"))
                .findFirst()
                .orElseThrow()
                .fixes()
                .get(0);
        assertThat(chill(Changes.take(glass, fix.changes())).slant()).isPresent();
    }

    @Test
    void randomDessertsInRandomPlacesAreAnswered() {
        long first = 51_126L;
        IntStream.range(0, Boolean.getBoolean("deftchill.long") ? 600 : 150)
                .parallel()
                .forEach(n -> {
                    long seed = first + n;
                    var random = new Random(seed);
                    var formula = RandomDessertsTest.dessert(random);
                    var places = new ArrayList<Stay>();
                    int many = 1 + random.nextInt(4);
                    for (int i = 0; i < many; i++) {
                        boolean open = i == many - 1 && random.nextBoolean();
                        places.add(new Stay(
                                RandomDessertsTest.any(
                                        random,
                                        List.of(
                                                "",
                                                "room",
                                                "ice-bath",
                                                "freezer-still",
                                                "freezer-fan",
                                                "blast-chiller",
                                                "fridge-tray")),
                                "",
                                open ? "" : 1 + random.nextInt(2000) + " min",
                                RandomDessertsTest.any(random, List.of("", "film", "lid")),
                                RandomDessertsTest.any(random, List.of("", "tray", "rack"))));
                    }
                    var moved = in(formula, places.toArray(Stay[]::new));
                    var outcome = new Chilling(RandomDessertsTest.COARSE).chill(moved, STANDARD);
                    if (outcome.value().isEmpty()) {
                        assertThat(outcome.problems())
                                .as("seed %d", seed)
                                .allSatisfy(p -> assertThat(p.code())
                                        .isIn("fill-too-low", "boiled-away-too-much", "nothing-poured"));
                        return;
                    }
                    var answer = outcome.value().get().answer();
                    assertThat(answer.toString()).as("seed %d", seed).doesNotContain("NaN");
                    assertThat(outcome.value().get().film().moments())
                            .as("seed %d", seed)
                            .noneMatch(moment -> Double.isNaN(moment.airC()));
                    assertThat(answer.lastMinutes()).as("seed %d", seed).isGreaterThan(0);
                    answer.courses().forEach(course -> {
                        assertThat(course.warmestC()).as("seed %d", seed).doesNotContain(Double.NaN);
                        assertThat(course.firmness()).as("seed %d", seed).doesNotContain(Double.NaN);
                    });
                });
    }
}
