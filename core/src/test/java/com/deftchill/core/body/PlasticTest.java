package com.deftchill.core.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.fat.FatLaw;
import com.deftchill.core.parameters.Parameters;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

class PlasticTest {
    private static final Parameters P = Parameters.shipped();

    private static Plastic plastic(FatLaw fat, double air, double curd5, double curd20, double starch, double cream) {
        return new Plastic(fat, air, curd5, curd20, starch, 0, cream, 0, 0, 0, P.body());
    }

    private static FatLaw chocolate() {
        return new FatLaw(0.2, 0.15, 0, 0, 0.12, P.fat());
    }

    /** The followed state and the formula are two routes to the same figure. */
    @Test
    void whatIsFollowedEndsAtItsRestValue() {
        var all = plastic(chocolate(), 0.3, 1500, 400, 60, 100);
        for (double celsius : new double[] {2, 4, 8, 12, 16}) {
            var state = new PlasticState(all, 1);
            var here = new double[] {celsius};
            for (int i = 0; i < 400; i++) {
                state.advance(here, 3600);
            }
            assertThat(state.at(0, celsius) / all.restPa(celsius)).isCloseTo(1, within(0.01));
        }
    }

    @Test
    void eachPartAddsAndAirTakesInProportion() {
        var fat = plastic(chocolate(), 0, 0, 0, 0, 0);
        var curd = plastic(FatLaw.none(P.fat()), 0, 1000, 300, 0, 0);
        var both = plastic(chocolate(), 0, 1000, 300, 0, 0);
        assertThat(both.restPa(10)).isCloseTo(fat.restPa(10) + curd.restPa(10), within(1e-9));
        assertThat(plastic(chocolate(), 0.4, 0, 0, 0, 0).restPa(10)).isCloseTo(0.6 * fat.restPa(10), within(1e-9));
    }

    @Test
    void whatWasWorkedRecovers() {
        var state = new PlasticState(plastic(FatLaw.none(P.fat()), 0, 1000, 300, 0, 0), 1);
        assertThat(state.at(0, 5)).isCloseTo(350, within(1e-6));
        state.advance(new double[] {5}, 1.5 * 3600);
        assertThat(state.at(0, 5)).isCloseTo(1000 * (1 - 0.65 / Math.E), within(1e-6));
    }

    @Test
    void starchSetsAsItCoolsAndGrowsByHalf() {
        var starch = plastic(FatLaw.none(P.fat()), 0, 0, 0, 400, 0);
        assertThat(starch.restPa(70)).isZero();
        assertThat(starch.restPa(5)).isCloseTo(600, within(1e-6));
        var state = new PlasticState(starch, 1);
        assertThat(state.at(0, 10)).isCloseTo(400, within(1e-6));
        assertThat(state.at(0, 35)).as("half as it cools").isCloseTo(200, within(1e-6));
    }

    @Test
    void warmedItIsNeverFirmerThanInTheCold() {
        var mousse = plastic(chocolate(), 0.4, 0, 0, 0, 90);
        double before = Double.POSITIVE_INFINITY;
        for (double celsius = 4; celsius < 36; celsius++) {
            double pa = mousse.broughtTo(celsius, 0.85, 0.52, Double.POSITIVE_INFINITY);
            assertThat(pa).isLessThanOrEqualTo(before);
            before = pa;
        }
    }

    @Test
    void aStepAllocatesNothing() {
        var state = new PlasticState(plastic(chocolate(), 0.3, 500, 200, 0, 50), 200);
        var here = new double[200];
        Arrays.fill(here, 10);
        var threads = (com.sun.management.ThreadMXBean) java.lang.management.ManagementFactory.getThreadMXBean();
        for (int i = 0; i < 20_000; i++) {
            state.advance(here, 1 + i % 7);
        }
        long before = threads.getThreadAllocatedBytes(Thread.currentThread().getId());
        for (int i = 0; i < 1000; i++) {
            state.advance(here, 1 + i % 7);
        }
        long used = threads.getThreadAllocatedBytes(Thread.currentThread().getId()) - before;
        assertThat(used).isLessThan(1000 * 16L);
    }

    @Test
    void whatIsMostOfItDecides() {
        assertThat(Nature.of(700, 300)).isEqualTo(Nature.GEL);
        assertThat(Nature.of(500, 500)).isEqualTo(Nature.MIXED);
        assertThat(Nature.of(300, 700)).isEqualTo(Nature.PLASTIC);
        assertThat(PlasticFirmness.of(500).words()).isEqualTo("holds its shape");
    }

    /** What follows from the nature changes by a little where a little more of it is gel. */
    @Test
    void noCliffLiesBetweenNatures() {
        assertThat(Nature.between(0.75, 8, 2, 5)).isEqualTo(8);
        assertThat(Nature.between(0.5, 8, 2, 5)).isEqualTo(2);
        assertThat(Nature.between(0.1, 8, 2, 5)).isEqualTo(5);
        for (int i = 0; i < 1000; i++) {
            double here = Nature.between(i / 1000.0, 8, 2, 5);
            assertThat(Math.abs(Nature.between((i + 1) / 1000.0, 8, 2, 5) - here))
                    .isLessThan(0.0301);
        }
    }
}
