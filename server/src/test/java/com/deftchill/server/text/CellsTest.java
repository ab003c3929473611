package com.deftchill.server.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a table program would take for a formula is guarded, whatever parts its cells, and read back as it was. */
class CellsTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "=1+1",
                "+SUM(A1)",
                "-cmd",
                "@name",
                "a;=1+1",
                "a,=1+1",
                "a|=1+1",
                "a\t=1+1",
                "a\n=1+1",
                "a\r=1+1",
                "\"=1+1",
                "a; \"=1+1",
                "'=1+1",
                "''=1",
                " =1+1"
            })
    void whatWouldBeginAFormulaIsGuarded(String text) {
        var written = Cells.written(text);
        assertThat(written).isNotEqualTo(text);
        for (var cell : written.split("[;,|\t\r\n]")) {
            assertThat(cell.replaceAll("^[\"\\s]+", "")).doesNotMatch("^[=+\\-@].*");
        }
        assertThat(Cells.read(written)).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-5", "+3.5", "-0,25", "12", "Pear and bay", "2 = two", "half-fat", ""})
    void whatIsNoFormulaIsLeftAsItIs(String text) {
        assertThat(Cells.written(text)).isEqualTo(text);
        assertThat(Cells.read(text)).isEqualTo(text);
    }

    @Test
    void anyTextComesBackAsItWas() {
        var random = new Random(20261202);
        var letters = "=+-@';,|\t\n\" a1.";
        for (int i = 0; i < 20_000; i++) {
            var text = new StringBuilder();
            for (int n = random.nextInt(9); n > 0; n--) {
                text.append(letters.charAt(random.nextInt(letters.length())));
            }
            assertThat(Cells.read(Cells.written(text.toString()))).isEqualTo(text.toString());
        }
    }
}
