package com.deftchill.core.foam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.parameters.FoamParameters;
import com.deftchill.core.parameters.Parameters;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FoamTest {
    private static final FoamParameters FOAM = Parameters.shipped().foam();

    private static final Composition WATER = Composition.of(Map.of(Constituent.WATER, 1.0));

    @ParameterizedTest
    @CsvSource({
        "RIBBON, 0.35, 0, 4, 0.40",
        "SOFT, 0.35, 0, 4, 0.75",
        "MEDIUM, 0.35, 0, 4, 0.95",
        "STIFF, 0.35, 0, 4, 1.15",
        "MEDIUM, 0.45, 0, 4, 0.76",
        "MEDIUM, 0.35, 0.1, 4, 0.855",
        "MEDIUM, 0.35, 0, 12, 0.665",
        "MEDIUM, 0.29, 0, 4, 0"
    })
    void overrunOfCream(Whip whip, double fat, double sugar, double celsius, double overrun) {
        assertThat(Whipping.cream(FOAM, whip, fat, sugar, celsius)).isCloseTo(overrun, within(1e-9));
    }

    @Test
    void richerCreamMakesALeanOneWhip() {
        double grams = Whipping.blend(0.25, 0.48, 0.33);
        assertThat((0.25 + grams * 0.48) / (1 + grams)).isCloseTo(0.33, within(1e-12));
        assertThat(Whipping.blend(0.35, 0.48, 0.33)).isNaN();
        assertThat(Whipping.blend(0.2, 0.3, 0.33)).isNaN();
    }

    @ParameterizedTest
    @CsvSource({
        "THIRDS, SOFT, 25, true, false, 0.90",
        "THIRDS, MEDIUM, 25, true, false, 0.87",
        "THIRDS, STIFF, 25, true, false, 0.80",
        "FIRST_BEATEN, SOFT, 25, true, false, 0.85",
        "BEATEN, SOFT, 25, true, false, 0.70",
        "THIRDS, SOFT, 37, true, false, 0.54",
        "THIRDS, SOFT, 37, false, false, 0.90",
        "THIRDS, SOFT, 18, true, true, 0.72"
    })
    void airKeptInFolding(FoldSchool school, Whip whip, double baseC, boolean fat, boolean setting, double kept) {
        assertThat(Folding.kept(FOAM, school, whip, baseC, fat, setting)).isCloseTo(kept, within(1e-9));
    }

    @Test
    void theUpperLimitLetsTheMixEndAtTwentyFour() {
        var base = new FoldWindow.Share(500, WATER);
        var foam = new FoldWindow.Share(500, WATER);
        var window = FoldWindow.of(FOAM, base, foam, 4, 15);
        assertThat(window.lowC()).isEqualTo(18);
        assertThat(window.highC())
                .as("equal shares of water from 4 and 44, but 35 is the limit")
                .isEqualTo(35);
        var much = FoldWindow.of(FOAM, base, new FoldWindow.Share(200, WATER), 4, 15);
        assertThat(FoldWindow.mixC(base, much.highC(), new FoldWindow.Share(200, WATER), 4))
                .isCloseTo(24, within(0.05));
    }

    @Test
    void aBaseThatSetsTooWarmLeavesNoWindow() {
        var base = new FoldWindow.Share(900, WATER);
        var foam = new FoldWindow.Share(100, WATER);
        assertThat(FoldWindow.of(FOAM, base, foam, 4, 38).isEmpty()).isTrue();
        assertThat(FoldWindow.of(FOAM, base, foam, 4, -100).lowC()).isEqualTo(2);
    }

    @Test
    void chocolateAloneIsFoldedWarm() {
        var base = new FoldWindow.Share(500, WATER);
        var window = FoldWindow.ofChocolate(FOAM, base, new FoldWindow.Share(100, WATER), 5);
        assertThat(window.lowC()).isEqualTo(28);
        assertThat(window.highC()).isEqualTo(45);
        assertThat(FoldWindow.ofChocolate(FOAM, base, new FoldWindow.Share(800, WATER), 5)
                        .isEmpty())
                .as("so much cold foam makes chips whatever the base")
                .isTrue();
    }
}
