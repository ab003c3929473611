package com.deftchill.core.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.probe.ProbeLog.Clock;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ProbeLogTest {
    private static final LocalDateTime POURED = LocalDateTime.of(2026, 5, 3, 14, 0);

    /** The same three readings, half an hour apart, as makers write them. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "time,temp\n2026-05-03T14:30:00,21.5\n2026-05-03T15:00:00,14.0\n2026-05-03T15:30:00,10.2",
                "\uFEFFNo;Zeit;Temperatur °C\n1;03.05.2026 14:30;21,5\n2;03.05.2026 15:00;14,0\n3;03.05.2026 15:30;10,2",
                "temp °C\ttime\n21.5\t14:30\n14.0\t15:00\n10.2\t15:30",
                "14:30:00,21.5\n15:00:00,14.0\n15:30:00,10.2",
                "Date/Time,Core (°F)\n05/03/2026 14:30,70.7\n05/03/2026 15:00,57.2\n05/03/2026 15:30,50.36",
                "Date/Time,Core\n3/5/2026 14:30,21.5 C\n3/5/2026 15:00,14.0 C\n3/5/2026 15:30,10.2 C",
                "elapsed min,probe\n30,21.5\n60,14.0\n90,10.2",
                "time (s),probe\n1800,21.5\n3600,14.0\n5400,10.2",
                "elapsed,T °C\n0:30:00,21.5\n1:00:00,14.0\n1:30:00,10.2",
                "# made by a logger\n2026/05/03 14:30,70.7F\n2026/05/03 15:00,57.2F\n2026/05/03 15:30,50.36F"
            })
    void anyCommonOrderAndClock(String text) {
        var log = ProbeLog.read(text, POURED).orElseThrow();
        assertThat(log.bad()).isEmpty();
        assertThat(log.points()).hasSize(3);
        double[][] meant = {{30, 21.5}, {60, 14}, {90, 10.2}};
        for (int i = 0; i < meant.length; i++) {
            assertThat(log.points().get(i).minutes()).isCloseTo(meant[i][0], within(1e-6));
            assertThat(log.points().get(i).celsius()).isCloseTo(meant[i][1], within(1e-6));
        }
    }

    @Test
    void theNightBelongsToTheDayBefore() {
        var log = ProbeLog.read("23:30,9.0\n23:50,8.1\n00:10,7.4\n06:00,4.2", POURED)
                .orElseThrow();
        assertThat(log.clock()).isEqualTo(Clock.TIME_OF_DAY);
        assertThat(log.points()).extracting(ProbeLog.Point::minutes).containsExactly(570.0, 590.0, 610.0, 960.0);
    }

    @Test
    void aBadLineIsNamedAndTheOthersStay() {
        var log = ProbeLog.read("time,temp\n14:30,21.5\n14:45,---\nwhen?,18\n15:00,14.0\n15:15", POURED)
                .orElseThrow();
        assertThat(log.points()).hasSize(2);
        assertThat(log.bad()).extracting(ProbeLog.Bad::reason).containsExactly("temperature", "time", "columns");
        assertThat(log.bad()).extracting(ProbeLog.Bad::line).containsExactly(3L, 4L, 6L);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "one line", "a,b\nc,d\ne,f", "time,temp\n14:30", "name;colour\nx;red\ny;blue"})
    void whatIsNoLogIsNone(String text) {
        assertThat(ProbeLog.read(text, POURED)).isEmpty();
    }

    @Test
    void aLongLogIsThinnedToWhatTellsTheCourse() {
        var text = new StringBuilder("elapsed min,temp\n");
        for (int minute = 1; minute <= 1200; minute++) {
            text.append(minute)
                    .append(',')
                    .append(4 + 30 * Math.exp(-minute / 60.0))
                    .append('\n');
        }
        var thinned = ProbeLog.read(text.toString(), POURED).orElseThrow().thinned(12);
        assertThat(thinned).hasSizeBetween(10, 12);
        assertThat(thinned.get(0).minutes()).isEqualTo(1);
        assertThat(thinned.get(thinned.size() - 1).minutes()).isEqualTo(1200);
    }
}
