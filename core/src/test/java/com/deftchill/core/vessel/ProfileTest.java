package com.deftchill.core.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.larder.LarderFiles;
import org.junit.jupiter.api.Test;

class ProfileTest {
    @Test
    void coneAndBoxHaveTheirSchoolbookVolumes() {
        var cone = new Profile(Symmetry.ROUND, 0, new double[] {25, 30}, new double[] {0, 60});
        assertThat(cone.brimMl()).isCloseTo(Math.PI * 60 / 3 * (25 * 25 + 25 * 30 + 30 * 30) / 1000, within(1e-9));
        var box = new Profile(Symmetry.LONG, 300, new double[] {40, 40}, new double[] {0, 50});
        assertThat(box.brimMl()).isCloseTo(80 * 50 * 300 / 1000.0, within(1e-9));
    }

    @Test
    void domeIsAHalfSphereWithinHalfAPercent() {
        double exact = 2.0 / 3 * Math.PI * 35 * 35 * 35 / 1000;
        assertThat(Profile.dome(Symmetry.ROUND, 0, 35).brimMl()).isBetween(0.995 * exact, exact);
    }

    @Test
    void fillHeightIsTheInverseOfVolumeInEveryMould() {
        for (var mould : LarderFiles.shipped().moulds()) {
            var profile = mould.vessel().profile();
            for (double share : new double[] {1e-4, 0.1, 0.5, 0.9, 1}) {
                double ml = share * profile.brimMl();
                assertThat(profile.volumeMl(profile.fillHeightMm(ml)))
                        .as(mould.id())
                        .isCloseTo(ml, within(1e-6 * ml));
            }
        }
    }

    @Test
    void refusesWhatIsNoProfile() {
        assertThatThrownBy(() -> new Profile(Symmetry.ROUND, 0, new double[] {1, 2}, new double[] {0, 0}))
                .hasMessageContaining("heights must start at 0 and rise");
        assertThatThrownBy(() -> new Profile(Symmetry.ROUND, 0, new double[] {Double.NaN, 2}, new double[] {0, 5}))
                .hasMessageContaining("NaN");
        var profile = new Profile(Symmetry.ROUND, 0, new double[] {10, 10}, new double[] {0, 10});
        assertThatThrownBy(() -> profile.fillHeightMm(Double.NaN)).hasMessageContaining("must be above 0");
        assertThatThrownBy(() -> profile.fillHeightMm(profile.brimMl() + 1)).hasMessageContaining("at most");
    }
}
