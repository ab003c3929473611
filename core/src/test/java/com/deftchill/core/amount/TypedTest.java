package com.deftchill.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.text.Notation;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.text.Words;
import java.time.LocalTime;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

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
        assertThatThrownBy(() -> Typed.time("teatime")).hasMessage("problems.typed.time-of-day");
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
        assertThat(Typed.number("4.4 cm", 1, 300, "mm")).isCloseTo(44, within(1e-9));
        assertThat(Typed.number("2 in", 1, 300, "mm")).isCloseTo(50.8, within(1e-9));
        assertThat(Typed.number("3 seconds", 0, 600, "s")).isEqualTo(3);
        assertThat(Typed.number("1 min", 0, 600, "s")).isEqualTo(60);
        assertThatThrownBy(() -> Typed.share("3 g", 0, 50)).hasMessage("problems.typed.share-unit");
        assertThatThrownBy(() -> Typed.minutes("10 g", 0, 600)).hasMessage("problems.typed.duration-unit");
        assertThatThrownBy(() -> Typed.number("44 kg", 1, 300, "mm")).hasMessage("problems.typed.unit");
        assertThatThrownBy(() -> Typed.number("1,000", 1, 3000, "mm")).hasMessage("problems.which-comma");
    }

    @Test
    void readsWhatIsWrittenOfADuration() throws UnreadableException {
        for (double minutes = 5; minutes < 14 * 24 * 60; minutes += 37) {
            var written = Words.duration(60 * minutes);
            assertThat(Typed.minutes(written, 0, 15 * 24 * 60)).as(written).isBetween(minutes, minutes + 62);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "90m, 90",
        "2 hrs, 120",
        "1½ h, 90",
        "1 1/2 h, 90",
        "½ hour, 30",
        "half an hour, 30",
        "a quarter of an hour, 15",
        "an hour and a half, 90",
        "one and a half hours, 90",
        "two hours, 120",
        "1:30 h, 90",
        "about 2 h, 120",
        "~45 min, 45",
        "45', 45",
        "1 min 30 s, 1.5",
        "2 hours and 15 minutes, 135",
        "1 week, 10080",
        "1 day 12 h, 2160",
        "three days, 4320"
    })
    void readsADurationAsItIsSaid(String text, double minutes) throws UnreadableException {
        assertThat(Typed.minutes(text, 0, 20_000)).isCloseTo(minutes, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "30 min 2 h",
                "2 h 2 h",
                "h",
                "and",
                "2 h 90",
                "2 cups",
                "half",
                "2 h and",
                "soon",
                "10 g",
                "1:75 x"
            })
    void whatIsNoDurationIsRefused(String text) {
        assertThatThrownBy(() -> Typed.minutes(text, 0, 20_000))
                .isInstanceOfSatisfying(
                        UnreadableException.class, e -> assertThat(e.choices()).isEmpty());
    }

    @ParameterizedTest
    @CsvSource({
        "2 pm, 14:00",
        "2:30 p.m., 14:30",
        "12 am, 00:00",
        "12 pm, 12:00",
        "7.30am, 07:30",
        "noon, 12:00",
        "14h, 14:00"
    })
    void readsATimeOfDayAsItIsSaid(String text, LocalTime time) throws UnreadableException {
        assertThat(Typed.time(text)).isEqualTo(time);
    }

    private static List<String> choices(ThrowingCallable reading) {
        return catchThrowableOfType(UnreadableException.class, reading).choices().stream()
                .map(UnreadableException.Choice::text)
                .toList();
    }

    /** What may be meant in more than one way is asked, and each answer is read. */
    @Test
    void asksWhichWasMeant() throws UnreadableException {
        assertThat(choices(() -> Typed.minutes("overnight", 0, 6000))).containsExactly("8 h", "12 h", "16 h");
        assertThat(choices(() -> Typed.minutes("1:30", 0, 6000))).containsExactly("1 h 30 min", "1 min 30 s");
        assertThat(choices(() -> Typed.minutes("2-3 h", 0, 6000))).containsExactly("2 h", "3 h");
        assertThat(choices(() -> celsius("45 to 50 °C"))).containsExactly("45 °C", "50 °C");
        assertThat(choices(() -> Typed.time("2"))).containsExactly("2:00", "14:00");
        assertThat(choices(() -> Typed.time("8 o'clock"))).containsExactly("8:00", "20:00");
        assertThat(choices(() -> Typed.time("1430"))).containsExactly("14:30");
        assertThat(Typed.time("2:00")).isEqualTo(LocalTime.of(2, 0));
        assertThat(celsius("minus 2 degrees")).isEqualTo(-2);
        assertThat(celsius("about 45 deg C")).isEqualTo(45);
        assertThat(celsius("113 Fahrenheit")).isCloseTo(45, within(1e-9));
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
