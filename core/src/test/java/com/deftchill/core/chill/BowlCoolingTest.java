package com.deftchill.core.chill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.parameters.Parameters;
import org.junit.jupiter.api.Test;

class BowlCoolingTest {
    private static final BowlCooling LITRE =
            new BowlCooling(Parameters.shipped().cold(), 1040, 1040, 3600);

    /** One litre in a half-sphere: radius 78.2 mm, wall 384 cm2, surface 192 cm2. */
    @Test
    void isNewtonsLawOfAHalfSphere() {
        double radius = Math.cbrt(3 * 0.001 / (2 * Math.PI));
        double area = 3 * Math.PI * radius * radius;
        double exact = 1.04 * 3600 / (10 * area) * Math.log((70.0 - 20) / (32 - 20));
        assertThat(LITRE.roomSeconds(70, 32, 20)).isCloseTo(exact, within(1e-6 * exact));
    }

    @Test
    void iceWaterIsManyTimesFasterAndAWarmRoomNeverGetsThere() {
        assertThat(LITRE.iceBathSeconds(70, 32)).isLessThan(LITRE.roomSeconds(70, 32, 20) / 10);
        assertThat(LITRE.roomSeconds(70, 32, 33)).isInfinite();
        assertThat(LITRE.roomSeconds(30, 32, 20)).isZero();
    }

    @Test
    void moreTakesLongerAndStagesAddUp() {
        assertThat(new BowlCooling(Parameters.shipped().cold(), 4000, 1040, 3600).roomSeconds(70, 32, 20))
                .isGreaterThan(LITRE.roomSeconds(70, 32, 20));
        double stages = LITRE.roomSeconds(70, 50, 20) + LITRE.roomSeconds(50, 32, 20);
        assertThat(stages).isCloseTo(LITRE.roomSeconds(70, 32, 20), within(1e-9 * stages));
    }
}
