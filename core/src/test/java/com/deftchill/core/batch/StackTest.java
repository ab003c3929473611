package com.deftchill.core.batch;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.crumb;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.layered;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.part;
import static com.deftchill.core.Desserts.pressed;
import static com.deftchill.core.Formulas.withLoss;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Plain.Crust;
import com.deftchill.core.formula.WrittenFormula;
import org.junit.jupiter.api.Test;

/** Layers upon each other: volumes kept, nothing lost above the rim without a word. */
class StackTest {
    private static Batch batch(WrittenFormula formula) {
        var reading = BatchReader.read(formula, STANDARD);
        return reading.batch().orElseThrow(() -> new AssertionError(reading.problems()));
    }

    @Test
    void everyLayerFillsTheVolumeItHas() {
        var batch = batch(layered());
        var stack = Stack.of(batch);
        var profile = batch.mould().vessel().profile();
        for (var bed : stack.beds()) {
            assertThat(profile.volumeMl(bed.toMm()) - profile.volumeMl(bed.fromMm()))
                    .isCloseTo(bed.ml(), within(1e-6 * bed.ml()));
        }
        assertThat(stack.overMl()).isZero();
        assertThat(stack.fillMl()).isCloseTo(profile.volumeMl(stack.fillMm()), within(1e-6 * stack.fillMl()));
    }

    @Test
    void whatDoesNotFitIsLeftOutFromTheTop() {
        var stack = Stack.of(batch(dessert("in-glass", "egg-cup", "4", mousse(), jelly())));
        assertThat(stack.overMl()).isPositive();
        var profile = STANDARD.larder().mould("egg-cup").orElseThrow().vessel().profile();
        assertThat(stack.fillMm()).isEqualTo(profile.brimMm());
        assertThat(stack.fillMl() - stack.overMl()).isCloseTo(profile.brimMl(), within(1e-9));
        assertThat(stack.beds().get(1).exists()).isFalse();
    }

    @Test
    void partsAndGarnishTakeNoRoom() {
        var part = part(of("base", "custard", "30 °C", NO_GEL, line("milk-35", "300 g")));
        var garnish = of("top", "garnish", "", NO_GEL, line("hazelnuts", "40 g"));
        var stack = Stack.of(batch(dessert("in-glass", "glass-straight", "4", part, jelly(), garnish)));
        assertThat(stack.beds().get(0).exists()).isFalse();
        assertThat(stack.beds().get(0).grams()).isZero();
        assertThat(stack.beds().get(2).exists()).isFalse();
        assertThat(stack.beds().get(2).grams()).isCloseTo(10, within(1e-9));
    }

    @Test
    void aCrustWithAWallNarrowsWhatIsAboveIt() {
        var plain = Stack.of(batch(dessert("sliced", "spring-tin-180", "1", crumb(), mousse())));
        var walled = Stack.of(batch(
                dessert("sliced", "spring-tin-180", "1", pressed(crumb(), new Crust("", "40 mm", "")), mousse())));
        var crust = walled.beds().get(0);
        assertThat(crust.toMm())
                .as("thinner where it also goes up the wall")
                .isLessThan(plain.beds().get(0).toMm());
        var inside = walled.beds().get(1).inside();
        assertThat(inside.halfWidthAtMm(20)).isCloseTo(90 - crust.wallThicknessMm(), within(1e-6));
        assertThat(inside.halfWidthAtMm(60)).isCloseTo(90, within(1e-6));
        double between = inside.volumeMl(walled.beds().get(1).toMm())
                - inside.volumeMl(walled.beds().get(1).fromMm());
        assertThat(between).isCloseTo(walled.beds().get(1).ml(), within(1e-6 * between));
    }

    @Test
    void lossesTakeFromEveryLayerAlike() {
        var batch = batch(withLoss(layered(), "10 %"));
        var whole = batch(layered());
        for (int i = 0; i < 3; i++) {
            assertThat(batch.perMouldG(batch.components().get(i)))
                    .isCloseTo(0.9 * whole.perMouldG(whole.components().get(i)), within(1e-9));
        }
    }

    @Test
    void aPartOfAProfileIsAVesselOfItsOwn() {
        for (var mould : STANDARD.larder().moulds()) {
            var profile = mould.vessel().profile();
            double from = profile.brimMm() / 3;
            var above = profile.above(from);
            assertThat(above.brimMl())
                    .as(mould.id())
                    .isCloseTo(profile.brimMl() - profile.volumeMl(from), within(1e-6 * profile.brimMl()));
            assertThat(above.halfWidthAtMm(0)).isCloseTo(profile.halfWidthAtMm(from), within(1e-9));
            var lined = profile.lined(1, profile.brimMm() / 2);
            assertThat(lined.brimMl()).as(mould.id()).isLessThan(profile.brimMl());
            assertThat(lined.brimMm()).isEqualTo(profile.brimMm());
        }
    }
}
