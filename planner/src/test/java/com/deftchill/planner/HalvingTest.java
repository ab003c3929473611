package com.deftchill.planner;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalLong;
import java.util.function.LongPredicate;
import org.junit.jupiter.api.Test;

/** Whatever is answered in time, what is left between no and yes gets smaller until nothing is. */
class HalvingTest {
    /** @return questions that it took until nothing was left between 0 and 1000 */
    private static int asked(Halving halving, long least, LongPredicate told) {
        long no = 0;
        long yes = 1000;
        int questions = 0;
        for (var next = halving.next(no, yes); next.isPresent(); next = halving.next(no, yes)) {
            long at = next.getAsLong();
            assertThat(at).isStrictlyBetween(no, yes);
            if (!told.test(at) && questions < 500) {
                halving.unknown(at);
            } else if (at >= least) {
                yes = at;
            } else {
                no = at;
            }
            questions++;
        }
        assertThat(yes).isEqualTo(least);
        return questions;
    }

    @Test
    void allThatIsToldIsHalved() {
        assertThat(asked(new Halving(1, 0.5, true), 643, at -> true)).isLessThan(12);
    }

    @Test
    void whatIsNotToldAtFirstIsAskedAgainForLonger() {
        for (boolean bothSides : new boolean[] {true, false}) {
            var halving = new Halving(1, 0.4, bothSides);
            asked(halving, 643, at -> Math.abs(at - 643) * halving.seconds() > 100);
            assertThat(halving.seconds()).isGreaterThan(64);
        }
    }

    /** Of two sides of what was not told the wider one is looked at; on one side alone, the other waits. */
    @Test
    void bothSidesOfADoubtOrOne() {
        var both = new Halving(1, 0.5, true);
        assertThat(both.next(0, 1000)).isEqualTo(OptionalLong.of(500));
        both.unknown(500);
        assertThat(both.next(0, 600)).isEqualTo(OptionalLong.of(250));
        var one = new Halving(1, 0.5, false);
        one.unknown(500);
        assertThat(one.next(0, 1000)).isEqualTo(OptionalLong.of(750));
    }
}
