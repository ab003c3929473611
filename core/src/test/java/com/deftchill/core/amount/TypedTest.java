package com.deftchill.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"500; 500", "500 g; 500", " 7,4 g ; 7.4", "0.5 kg; 500", ".5; 0.5", "1.25KG; 1250", "0,500; 0.5"})
    void readsMasses(String text, double grams) throws UnreadableException {
        assertThat(Typed.grams(text, 0, 1e5)).isEqualTo(grams);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "abc",
                "NaN",
                "Infinity",
                "1e9",
                "-5",
                "-0.01 g",
                "1000000000 g",
                "12 10",
                "5 mm",
                "1,000",
                "½ cup",
                "١٢"
            })
    void refusesWhatIsNoMassInRange(String text) {
        assertThatThrownBy(() -> Typed.grams(text, 0.01, 100_000))
                .isInstanceOf(UnreadableException.class)
                .hasMessageMatching("(is|must|could|the unit) .+");
    }

    @Test
    void readsTemperaturesCountsAndTimes() throws UnreadableException {
        assertThat(Typed.celsius("45 °C", 0, 100)).isEqualTo(45);
        assertThat(Typed.celsius("-1", -5, 100)).isEqualTo(-1);
        assertThat(Typed.celsius("−1,5 °", -5, 100)).isEqualTo(-1.5);
        assertThat(Typed.count("12", 1, 2000)).isEqualTo(12);
        assertThat(Typed.time("9:05")).isEqualTo(LocalTime.of(9, 5));
        assertThat(Typed.time("14.30")).isEqualTo(LocalTime.of(14, 30));
    }

    @Test
    void saysTheRule() {
        assertThatThrownBy(() -> Typed.grams("-5", 0.01, 100_000)).hasMessage("must be from 0.01 to 100000 g");
        assertThatThrownBy(() -> Typed.celsius("120", 0, 100)).hasMessage("must be from 0 to 100 °C");
        assertThatThrownBy(() -> Typed.celsius("45 F", 0, 100)).hasMessageContaining("unit must be °C");
        assertThatThrownBy(() -> Typed.count("2.5", 1, 10)).hasMessageContaining("whole number");
        assertThatThrownBy(() -> Typed.time("25:00")).hasMessageContaining("0 to 23");
        assertThatThrownBy(() -> Typed.time("noon")).hasMessageContaining("such as 14:00");
        assertThatThrownBy(() -> Typed.grams("1,000", 0, 1e5)).hasMessageContaining("thousands or decimals");
    }

    @Test
    void writesWithoutTrailingZeros() {
        assertThat(Typed.write(10, 0)).isEqualTo("10");
        assertThat(Typed.write(7.40, 1)).isEqualTo("7.4");
        assertThat(Typed.write(7.04, 1)).isEqualTo("7");
        assertThat(Typed.write(100, 1)).isEqualTo("100");
    }
}
