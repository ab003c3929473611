package com.deftchill.core.chill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.chill.CoolerLoad.Load;
import com.deftchill.core.parameters.Parameters;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a batch does to the air of its cooler. */
class CoolerLoadTest {
    private static final double DOMESTIC_W = 120;
    private static final double CONTENTS = 20_000;
    private static final double TAU = 4000;

    /** So many portions of 120 g at 45 °C. */
    private static Load portions(int count) {
        return new Load(0, count * 0.12 * 3400, TAU, 45);
    }

    private static CoolerLoad.Outcome domestic(Load... loads) {
        return CoolerLoad.of(Parameters.shipped().cold(), 4, DOMESTIC_W, CONTENTS, List.of(loads));
    }

    /** Handbook 4: forty portions carry about 0.65 MJ, about two hours of a domestic fridge's power. */
    @Test
    void fortyPortionsInADomesticFridge() {
        var load = portions(40);
        assertThat(load.heatJPerK() * 41).isBetween(0.6e6, 0.7e6);
        var found = domestic(load);
        System.out.printf(
                "forty portions of 120 g at 45 °C: %.1f h of work, air to %.1f °C, %.0f min late%n",
                found.workSeconds() / 3600, found.peakC(), found.lateSeconds() / 60);
        assertThat(found.workSeconds() / 3600).isBetween(1.6, 2.4);
        assertThat(found.peakC()).isBetween(6.0, 12.0);
        assertThat(found.lateSeconds()).isBetween(5 * 60.0, 2 * 3600.0);
    }

    @Test
    void aCoolerThatTakesAllIsNotDisturbed() {
        var found = CoolerLoad.of(Parameters.shipped().cold(), 4, 1e6, CONTENTS, List.of(portions(40)));
        assertThat(found.peakC()).isCloseTo(4, within(0.5));
        assertThat(found.lateSeconds()).isLessThan(120);
        assertThat(found.warmSeconds()).isZero();
    }

    /** Without any cooling the heat is shared: m cp T0 + C T = (m cp + C) Te. */
    @Test
    void withoutPowerTheHeatIsShared() {
        double heat = 5000;
        var found = CoolerLoad.of(Parameters.shipped().cold(), 4, 1e-9, CONTENTS, List.of(new Load(0, heat, 100, 65)));
        assertThat(found.peakC()).isCloseTo((heat * 65 + CONTENTS * 4) / (heat + CONTENTS), within(0.05));
    }

    @Test
    void fullerIsNeverSoonerStrongerNeverLaterHeavierNeverWarmer() {
        double late = 0;
        double peak = 0;
        for (int count = 5; count <= 80; count += 5) {
            var found = domestic(portions(count));
            assertThat(found.lateSeconds()).as(count + " portions").isGreaterThanOrEqualTo(late);
            assertThat(found.peakC()).isGreaterThanOrEqualTo(peak);
            late = found.lateSeconds();
            peak = found.peakC();
        }
        late = Double.POSITIVE_INFINITY;
        for (double power = 100; power <= 800; power += 50) {
            var found = CoolerLoad.of(Parameters.shipped().cold(), 4, power, CONTENTS, List.of(portions(80)));
            assertThat(found.lateSeconds()).as(power + " W").isLessThanOrEqualTo(late);
            late = found.lateSeconds();
        }
        assertThat(CoolerLoad.of(Parameters.shipped().cold(), 4, DOMESTIC_W, 4 * CONTENTS, List.of(portions(40)))
                        .peakC())
                .isLessThan(domestic(portions(40)).peakC());
    }

    @Test
    void whatGoesInLaterWarmsLater() {
        var together = domestic(portions(20), portions(20));
        var apart = domestic(portions(20), new Load(4 * 3600, portions(20).heatJPerK(), TAU, 45));
        assertThat(together.peakC()).isCloseTo(domestic(portions(40)).peakC(), within(1e-6));
        assertThat(apart.peakC()).isLessThan(together.peakC());
    }
}
