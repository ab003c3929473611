package com.deftchill.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    @ParameterizedTest
    @CsvSource({"0, 0 min", "1, 5 min", "3540, 1 h", "3600, 1 h", "3601, 1 h 5 min", "36000, 10 h", "300, 5 min"})
    void durationsAreRoundedUpToFiveMinutes(double seconds, String words) {
        assertThat(Words.duration(seconds)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "14:00, 7200, 16:00",
        "14:00, 7201, 16:05",
        "23:50, 600, 00:00 the next day",
        "14:00, 86400, 14:00 the next day",
        "14:00, 172800, 14:00 two days on"
    })
    void clockTimesCarryTheirDay(LocalTime from, double seconds, String words) {
        assertThat(Words.clock(from, seconds)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"0.2, 1", "3.4, 3", "12.6, 13", "33, 35", "77, 75"})
    void dipsAreSecondsThatACookCanCount(double seconds, String words) {
        assertThat(Words.seconds(seconds)).isEqualTo(words);
    }

    @Test
    void figuresHaveTheirUnit() {
        assertThat(Words.grams(7.46)).isEqualTo("7.5 g");
        assertThat(Words.grams(1234.4)).isEqualTo("1234 g");
        assertThat(Words.percent(0.025)).isEqualTo("2.5 %");
        assertThat(Words.pascal(85.44)).isEqualTo("85.4 Pa");
        assertThat(Words.temperature(37.78, TemperatureScale.CELSIUS)).isEqualTo("37.8 °C");
        assertThat(Words.temperature(37.78, TemperatureScale.FAHRENHEIT)).isEqualTo("100 °F");
        assertThat(Words.difference(10, TemperatureScale.FAHRENHEIT)).isEqualTo("18 °F");
    }
}
