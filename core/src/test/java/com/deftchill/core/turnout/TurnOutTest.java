package com.deftchill.core.turnout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.chill.Grid;
import com.deftchill.core.chill.Material;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.parameters.TurnOutParameters;
import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import com.deftchill.core.vessel.Vessel;
import com.deftchill.core.vessel.WallMaterial;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TurnOutTest {
    private static final TurnOutParameters TURN_OUT = Parameters.shipped().turnout();

    private static final Material GEL = Material.constant(1040, 3390, 0.48);

    /** The dip table of handbook 5, each entry widened by the fifth. */
    @ParameterizedTest(name = "{0} {1} mm in {2} °C: {3} to {4} s")
    @CsvSource({
        "aluminium, 0.8, 60, 3, 4", "aluminium, 0.8, 80, 2, 2.5", "aluminium, 0.8, 99, 1.6, 2",
        "steel, 0.6, 60, 3, 4", "steel, 0.6, 80, 2, 2.5", "steel, 0.6, 99, 1.6, 2",
        "glass, 4, 60, 32, 34", "glass, 4, 80, 22, 24", "glass, 4, 99, 18, 20",
        "china, 5, 60, 32, 34", "china, 5, 80, 22, 24", "china, 5, 99, 18, 20",
        "plastic, 1.5, 60, 38, 40", "plastic, 1.5, 80, 22, 24", "plastic, 1.5, 99, 17, 18",
        "silicone, 3, 99, 40, 60"
    })
    void dipSecondsAreThoseOfTheHandbook(String wall, double mm, double water, double from, double to) {
        double seconds = Dip.of(TURN_OUT, mm, material(wall), GEL, 4, water, 23).aim();
        System.out.printf(
                "dip, %s %.1f mm, %.0f °C: %.1f s (handbook %.1f to %.1f)%n", wall, mm, water, seconds, from, to);
        assertThat(seconds).isBetween(0.8 * from, 1.2 * to);
    }

    @Test
    void hotterWaterAndThinnerWallsAreSooner() {
        var china = material("china");
        assertThat(Dip.of(TURN_OUT, 5, china, GEL, 4, 80, 23).aim())
                .isLessThan(Dip.of(TURN_OUT, 5, china, GEL, 4, 60, 23).aim());
        assertThat(Dip.of(TURN_OUT, 3, china, GEL, 4, 60, 23).aim())
                .isLessThan(Dip.of(TURN_OUT, 5, china, GEL, 4, 60, 23).aim());
        assertThat(Dip.of(TURN_OUT, 5, china, GEL, 4, 60, 21).aim())
                .isLessThan(Dip.of(TURN_OUT, 5, china, GEL, 4, 60, 23).aim());
    }

    @Test
    void waterColderThanTheGelMeltsNeverFreesIt() {
        assertThat(Dip.of(TURN_OUT, 0.8, material("aluminium"), GEL, 4, 20, 23).aim())
                .isInfinite();
        assertThat(Dip.of(TURN_OUT, 0.8, material("aluminium"), GEL, 25, 60, 23).aim())
                .isZero();
    }

    @Test
    void uniformCylinderSlumpsByTheFormula() {
        var slump = new Slump(cylinder(30, 50), 1040);
        double g = 800;
        double expected = 1040 * 9.80665 * 0.05 / (6 * g);
        assertThat(slump.meanStrain(even(slump, g))).isCloseTo(expected, within(1e-6));
    }

    @Test
    void coneStandsBetterOnItsWideEnd() {
        var upright = new Slump(
                Grid.of(
                        vessel(new Profile(Symmetry.ROUND, 0, new double[] {20, 35}, new double[] {0, 50})),
                        new double[] {50},
                        ChillOptions.standard()),
                1040);
        var onItsTip = new Slump(
                Grid.of(
                        vessel(new Profile(Symmetry.ROUND, 0, new double[] {35, 20}, new double[] {0, 50})),
                        new double[] {50},
                        ChillOptions.standard()),
                1040);
        assertThat(upright.meanStrain(even(upright, 800))).isLessThan(onItsTip.meanStrain(even(onItsTip, 800)));
    }

    @Test
    void liquidGivesWay() {
        var slump = new Slump(cylinder(30, 50), 1040);
        assertThat(slump.meanStrain(even(slump, 0))).isEqualTo(0.5);
        assertThat(Slump.words(TURN_OUT, 0.5)).isEqualTo("will not stand");
        assertThat(Slump.words(TURN_OUT, 0.05)).isEqualTo("stands crisp");
    }

    private static double[] even(Slump slump, double pa) {
        var rows = new double[32];
        Arrays.fill(rows, pa);
        return rows;
    }

    private static Grid cylinder(double radius, double height) {
        var profile = new Profile(Symmetry.ROUND, 0, new double[] {radius, radius}, new double[] {0, height});
        return Grid.of(vessel(profile), new double[] {height}, ChillOptions.standard());
    }

    private static Vessel vessel(Profile profile) {
        return new Vessel(profile, material("steel"), 0.6, 0.6);
    }

    private static WallMaterial material(String id) {
        return LarderFiles.shipped().moulds().stream()
                .map(m -> m.vessel().material())
                .filter(m -> m.id().equals(id))
                .findFirst()
                .orElseGet(() -> new WallMaterial("plastic", "plastic", 0.2, 1.7e6, false, false, "handbook 5"));
    }
}
