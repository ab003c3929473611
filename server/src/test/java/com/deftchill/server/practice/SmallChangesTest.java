package com.deftchill.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.OptionalInt;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/**
 * No cliff: one hundredth more or less of anything written never turns what is fine into what is bad. A seeded sample of all
 * numbers of the demo and practice desserts between 70 and 130 %; {@code ops/long} takes many more.
 */
@Execution(ExecutionMode.CONCURRENT)
class SmallChangesTest {
    private static final int PAIRS = Integer.getInteger("deftchill.steps", 300);
    private static final int SWEEPS = Integer.getInteger("deftchill.sweeps", 20);
    /** Per cent. */
    private static final int SWEEP_STEP = Integer.getInteger("deftchill.sweepStep", 5);

    private static final Pattern FALLS_THEN_RISES = Pattern.compile("2*1*0*1*2*");
    private static final Assessor COARSE = new Assessor(new ChillOptions(6, 4, 10, 1, 20, 3600, 0.3));
    private static final Workplace KITCHEN =
            new Workplace(LarderFiles.shipped(), KitchenReader.standard(), Parameters.shipped());

    /** How bad the dessert is with this share of a number: 0 fine, 1 to watch, 2 bad; empty where it is not understood. */
    private static OptionalInt worst(WrittenNumber number, double share) {
        return COARSE.assess(number.times(share), KITCHEN)
                .value()
                .map(a -> OptionalInt.of(a.verdicts().stream()
                        .mapToInt(v -> v.tone().compareTo(Tone.BAD) <= 0 ? 2 : v.tone() == Tone.CAUTION ? 1 : 0)
                        .max()
                        .orElse(0)))
                .orElse(OptionalInt.empty());
    }

    @Test
    void oneHundredthNeverTurnsWhatIsFineIntoWhatIsBad() {
        var random = new Random(Long.getLong("deftchill.seed", 20_261_126L));
        var fields = WrittenNumber.all();
        Collections.shuffle(fields, random);
        var cliffs = new ArrayList<String>();
        int steps = 0;
        for (int i = 0; i < PAIRS; i++) {
            var field = fields.get(i % fields.size());
            int percent = random.nextInt(70, 130);
            var one = worst(field, percent / 100.0);
            var next = worst(field, (percent + 1) / 100.0);
            if (one.isPresent() && next.isPresent()) {
                steps++;
                if (Math.abs(one.getAsInt() - next.getAsInt()) > 1) {
                    cliffs.add(field + " at " + percent + " %: " + one.getAsInt() + " to " + next.getAsInt());
                }
            }
        }
        System.out.println("steps of 1 % without a cliff: " + (steps - cliffs.size()) + " of " + steps + " " + cliffs);
        assertThat(steps).isGreaterThan(PAIRS * 9 / 10);
        assertThat(cliffs).isEmpty();
    }

    /**
     * Too little, right, too much: as an amount grows a dessert gets better up to somewhere and worse from there, once. It never
     * turns from better to worse and back again.
     */
    @Test
    void noToneGoesBackAndForth() {
        var random = new Random(Long.getLong("deftchill.seed", 20_261_126L));
        var fields = WrittenNumber.all();
        Collections.shuffle(fields, random);
        var wavering = new ArrayList<String>();
        int swept = 0;
        var sample = fields.subList(0, Math.min(SWEEPS, fields.size()));
        for (var field : sample) {
            var tones = new StringBuilder();
            for (int percent = 70; percent <= 130; percent += SWEEP_STEP) {
                var worst = worst(field, percent / 100.0);
                if (worst.isPresent()) {
                    tones.append(worst.getAsInt());
                }
            }
            swept += tones.length() > 1 ? 1 : 0;
            if (!FALLS_THEN_RISES.matcher(tones).matches()) {
                wavering.add(field + ": " + tones);
            }
        }
        System.out.println("amounts from 70 to 130 % whose tone never goes back and forth: " + (swept - wavering.size())
                + " of " + swept + " " + String.join("; ", wavering));
        assertThat(swept).isGreaterThan(sample.size() * 9 / 10);
        assertThat(wavering).isEmpty();
    }
}
