package com.deftchill.core.dessert;

import com.deftchill.core.batch.Component;
import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.mix.MixingTemperature;
import java.util.Map;

/**
 * A small hot share and a cold rest, joined: how warm they meet.
 *
 * @param hotC temperature of the hot share, °C
 * @param coldC temperature of the cold share, °C
 * @param hotG mass of the hot share, gel and bloom water not counted, g
 * @param coldG mass of the cold share, g
 * @param meetC temperature at which all meet, °C
 * @param bowl how the whole mix cools in its bowl
 */
public record Joining(double hotC, double coldC, double hotG, double coldG, double meetC, BowlCooling bowl) {
    /** Cold share and bloomed gelatin straight from fridge and tap, °C [E]. */
    public static final double FRIDGE_C = 5;

    private static final double BLOOM_C = 15;
    private static final Composition WATER = Composition.of(Map.of(Constituent.WATER, 1.0));
    private static final Composition PROTEIN = Composition.of(Map.of(Constituent.OTHER_PROTEIN, 1.0));

    /** Of a component whose hot temperature is written; without a cold share it meets just below its hot temperature. */
    static Joining of(Component component, BowlCooling bowl) {
        double hotC = component.heating().hotC().orElseThrow();
        double coldC = component.heating().coldC().orElse(FRIDGE_C);
        var all = new MixingTemperature();
        double hot = 0;
        double cold = 0;
        for (var line : component.lines()) {
            double grams = line.part().grams();
            all.add(grams, line.part().ingredient().composition(), line.cold() ? coldC : hotC);
            hot += line.cold() ? 0 : grams;
            cold += line.cold() ? grams : 0;
        }
        // Dissolved in the hot share it comes as it was bloomed; where nothing else is hot, it was melted by itself.
        double gelC = hot > 0 ? BLOOM_C : hotC;
        all.add(component.gel().waterG(), WATER, gelC);
        all.add(component.gel().grams(), PROTEIN, gelC);
        return new Joining(hotC, coldC, hot, cold, all.celsius(), bowl);
    }

    public boolean hasColdShare() {
        return coldG > 0;
    }
}
