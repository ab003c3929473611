package com.deftchill.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.text.Notation;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.text.Words;
import java.time.LocalTime;
import org.junit.jupiter.api.Test;

class TypedTest {
    @Test
    void readsTemperaturesCountsAndTimes() throws UnreadableException {
        assertThat(celsius("45 °C")).isEqualTo(45);
        assertThat(celsius("-1")).isEqualTo(-1);
        assertThat(celsius("−1,5 °")).isEqualTo(-1.5);
        assertThat(Typed.count("12", 1, 2000)).isEqualTo(12);
        assertThat(Typed.time("9:05")).isEqualTo(LocalTime.of(9, 5));
        assertThat(Typed.time("14.30")).isEqualTo(LocalTime.of(14, 30));
    }

    @Test
    void saysTheRule() {
        assertThatThrownBy(() -> celsius("120")).hasMessage("problems.typed.range");
        assertThatThrownBy(() -> celsius("45 K")).hasMessage("problems.typed.temperature-unit");
        assertThatThrownBy(() -> celsius("300 °F")).hasMessage("problems.typed.range");
        assertThatThrownBy(() -> Typed.count("2.5", 1, 10)).hasMessage("problems.typed.whole");
        assertThatThrownBy(() -> Typed.time("25:00")).hasMessage("problems.typed.clock");
        assertThatThrownBy(() -> Typed.time("noon")).hasMessage("problems.typed.time-of-day");
    }

    @Test
    void fahrenheitIsReadAndABareNumberIsAskedAboutWhereItIsUsual() throws UnreadableException {
        assertThat(celsius("113 °F")).isEqualTo(45);
        assertThat(Typed.celsius("45 °C", 0, 100, TemperatureScale.FAHRENHEIT)).isEqualTo(45);
        assertThatThrownBy(() -> Typed.celsius("90", 0, 100, TemperatureScale.FAHRENHEIT))
                .isInstanceOfSatisfying(UnreadableException.class, e -> {
                    assertThat(e.ambiguous()).isTrue();
                    assertThat(e.choices())
                            .extracting(UnreadableException.Choice::text)
                            .containsExactly("90 °C", "90 °F");
                });
        for (double c = -40; c <= 200; c += 0.7) {
            var f = TemperatureScale.FAHRENHEIT;
            assertThat(f.toCelsius(f.of(c))).isCloseTo(c, within(1e-9));
        }
    }

    @Test
    void readsSharesDurationsAndNumbersOfAUnit() throws UnreadableException {
        assertThat(Typed.share("3 %", 0, 50)).isEqualTo(0.03);
        assertThat(Typed.minutes("1.5 h", 0, 600)).isEqualTo(90);
        assertThat(Typed.minutes("10", 0, 600)).isEqualTo(10);
        assertThat(Typed.minutes("2 h 30 min", 0, 600)).isEqualTo(150);
        assertThat(Typed.minutes("2h30", 0, 600)).isEqualTo(150);
        assertThat(Typed.minutes("2 days", 0, 6000)).isEqualTo(2880);
        assertThat(Typed.minutes("2 days 6 h", 0, 6000)).isEqualTo(54 * 60);
        assertThat(Typed.minutes("1 day and 2 h 30 min", 0, 6000)).isEqualTo(26 * 60 + 30);
        assertThatThrownBy(() -> Typed.minutes("2 days 6", 0, 6000)).isInstanceOf(UnreadableException.class);
        assertThat(Typed.number("44 mm", 1, 300, "mm")).isEqualTo(44);
        assertThatThrownBy(() -> Typed.share("3 g", 0, 50)).hasMessage("problems.typed.share-unit");
        assertThatThrownBy(() -> Typed.minutes("10 g", 0, 600)).hasMessage("problems.typed.duration-unit");
        assertThatThrownBy(() -> Typed.number("44 cm", 1, 300, "mm")).hasMessage("problems.typed.unit");
        assertThatThrownBy(() -> Typed.number("1,000", 1, 3000, "mm")).hasMessage("problems.which-comma");
    }

    @Test
    void readsWhatIsWrittenOfADuration() throws UnreadableException {
        for (double minutes = 5; minutes < 14 * 24 * 60; minutes += 37) {
            var written = Words.duration(60 * minutes);
            assertThat(Typed.minutes(written, 0, 15 * 24 * 60)).as(written).isBetween(minutes, minutes + 62);
        }
    }

    private static double celsius(String text) throws UnreadableException {
        return Typed.celsius(text, -5, 100, TemperatureScale.CELSIUS);
    }

    @Test
    void writesWithoutTrailingZeros() {
        assertThat(Notation.write(10, 0)).isEqualTo("10");
        assertThat(Notation.write(7.40, 1)).isEqualTo("7.4");
        assertThat(Notation.write(7.04, 1)).isEqualTo("7");
        assertThat(Notation.write(100, 1)).isEqualTo("100");
    }
}
