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
        "FIRST_BEATEN, SOFT, 24, true, false, 0.85",
        "BEATEN, SOFT, 25, true, false, 0.70",
        "THIRDS, SOFT, 29, true, false, 0.54",
        "THIRDS, SOFT, 29, false, false, 0.90",
        "THIRDS, SOFT, 18, true, true, 0.72"
    })
    void airKeptInFolding(FoldSchool school, Whip whip, double mixC, boolean fat, boolean setting, double kept) {
        assertThat(Folding.kept(FOAM, school, whip, mixC, fat, setting)).isCloseTo(kept, within(1e-9));
    }

    private static final FoldWindow.Low GEL = new FoldWindow.Low(18, FoldWindow.By.GEL_SETS);
    private static final FoldWindow.Low NOTHING = new FoldWindow.Low(-100, FoldWindow.By.NOTHING_SETS);

    @Test
    void theUpperLimitLetsTheMixEndAtTwentyFour() {
        var base = new FoldWindow.Share(500, WATER);
        var window = FoldWindow.ofCream(FOAM, GEL, base, new FoldWindow.Share(700, WATER), 4);
        assertThat(window.lowC()).isEqualTo(18);
        assertThat(window.highC()).as("it would be 52, but 45 is the limit").isEqualTo(45);
        assertThat(window.highBy()).isEqualTo(FoldWindow.By.FAT_MELTS);
        var foam = new FoldWindow.Share(200, WATER);
        var much = FoldWindow.ofCream(FOAM, GEL, base, foam, 4);
        assertThat(FoldWindow.mixC(base, much.highC(), foam, 4)).isCloseTo(24, within(0.05));
    }

    @Test
    void aBaseThatSetsTooWarmLeavesNoWindow() {
        var base = new FoldWindow.Share(900, WATER);
        var foam = new FoldWindow.Share(100, WATER);
        var warm = new FoldWindow.Low(38, FoldWindow.By.GEL_SETS);
        assertThat(FoldWindow.ofCream(FOAM, warm, base, foam, 4).isEmpty()).isTrue();
        assertThat(FoldWindow.ofCream(FOAM, NOTHING, base, foam, 4).lowC()).isEqualTo(2);
    }

    @Test
    void moreFoamNeverAsksForAHotterBase() {
        var base = new FoldWindow.Share(300, WATER);
        double before = 0;
        for (double grams = 50; grams < 900; grams += 50) {
            var window = FoldWindow.ofCream(FOAM, GEL, base, new FoldWindow.Share(grams, WATER), 5);
            assertThat(window.lowC()).isEqualTo(18);
            assertThat(window.highC()).isGreaterThanOrEqualTo(before);
            before = window.highC();
        }
    }

    @Test
    void whitesStandAHotterBaseAndButterNone() {
        assertThat(FoldWindow.ofEgg(FOAM, GEL).highC()).isEqualTo(50);
        var butter = FoldWindow.ofButter(FOAM);
        assertThat(butter.lowC()).isEqualTo(15);
        assertThat(butter.highC()).isEqualTo(26);
    }
}
