package com.deftchill.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.amount.UnreadableException.Choice;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AmountReaderTest {
    private static final Larder LARDER = LarderFiles.shipped();
    private static final Subject SUGAR = subject("sugar");

    /** Both lists were written before the reader could read them; nearly all must be right, none may be guessed wrongly. */
    @ParameterizedTest
    @CsvSource({"notebook-lines.csv, 200, 0.95", "spoken-lines.csv, 115, 0.97"})
    void linesOfANotebook(String file, int least, double share) throws IOException {
        var misses = new ArrayList<String>();
        int count = 0;
        try (var in = new InputStreamReader(AmountReaderTest.class.getResourceAsStream(file), StandardCharsets.UTF_8);
                var rows = CSVFormat.DEFAULT
                        .builder()
                        .setCommentMarker('#')
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get()
                        .parse(in)) {
            for (var row : rows) {
                count++;
                var got = outcome(row);
                if (!agrees(got, row)) {
                    misses.add("“" + row.get("text") + "” of " + row.get("subject") + ": " + got + ", not "
                            + row.get("expected"));
                }
            }
        }
        System.out.printf("%s: %d of %d right; missed %s%n", file, count - misses.size(), count, misses);
        assertThat(count).isGreaterThanOrEqualTo(least);
        assertThat(misses).hasSizeLessThanOrEqualTo((int) ((1 - share) * count));
        assertThat(misses).as("never a wrong guess").noneMatch(miss -> miss.matches(".*: [\\d.]+ g, not .*"));
    }

    private static String outcome(CSVRecord row) {
        var measures = Measures.of(row.get("measures")).orElseThrow();
        try {
            return AmountReader.read(row.get("text"), subject(row.get("subject")), measures)
                            .grams()
                    + " g";
        } catch (UnreadableException e) {
            return e.ambiguous() ? "ask" : "refuse";
        }
    }

    private static boolean agrees(String got, CSVRecord row) {
        var expected = row.get("expected");
        if (!got.endsWith(" g") || expected.equals("ask") || expected.equals("refuse")) {
            // Zero and negative amounts are refused by the range that every amount has.
            return got.equals(expected) || (expected.equals("refuse") && got.equals("0.0 g"));
        }
        double grams = Double.parseDouble(got.replace(" g", ""));
        double number = Double.parseDouble(expected.split(" ")[0]);
        double wanted =
                expected.endsWith("ml") ? number * subject(row.get("subject")).gramsPerMl() : number;
        return Math.abs(grams - wanted) <= 1e-9 * Math.max(1, wanted);
    }

    private static Subject subject(String id) {
        return LARDER.ingredient(id)
                .map(i -> i.subject())
                .orElseGet(() -> LARDER.gel(id).orElseThrow().subject());
    }

    /** So many of a unit, written as grams and read again, are so many of the unit: to 1e-9. */
    @ParameterizedTest
    @CsvSource({
        "kg, metric",
        "mg, us",
        "oz, us",
        "lb, us",
        "ml, metric",
        "cl, metric",
        "dl, metric",
        "l, metric",
        "tsp, metric",
        "tbsp, metric",
        "cup, metric",
        "tsp, us",
        "tbsp, us",
        "cup, us",
        "pint, us",
        "quart, us",
        "gallon, us",
        "fl oz, us",
        "tsp, uk",
        "tbsp, uk",
        "cup, uk",
        "pint, uk",
        "fl oz, uk",
        "tbsp, au",
        "cup, au",
        "pinch, metric"
    })
    void unitsRoundTrip(String unit, String measures) throws UnreadableException {
        var whose = Measures.of(measures).orElseThrow();
        double one = AmountReader.read("1 " + unit, SUGAR, whose).grams();
        for (double n = 0.125; n < 40; n *= 1.7) {
            double grams = AmountReader.read(n + " " + unit, SUGAR, whose).grams();
            double again = AmountReader.read(
                            new java.math.BigDecimal(grams)
                                            .setScale(14, java.math.RoundingMode.HALF_UP)
                                            .toPlainString() + " g",
                            SUGAR,
                            whose)
                    .grams();
            assertThat(again / one).isCloseTo(n, within(1e-9 * n));
        }
    }

    @Test
    void tablesOfMeasuresAgreeWithTheirDefinitions() {
        assertThat(Measures.US.ml(Measures.KitchenUnit.CUP)).isCloseTo(236.5882365, within(1e-9));
        assertThat(Measures.US.ml(Measures.KitchenUnit.FLUID_OUNCE)).isCloseTo(29.5735295625, within(1e-9));
        assertThat(Measures.UK.ml(Measures.KitchenUnit.PINT)).isCloseTo(568.26125, within(1e-9));
        assertThat(Measures.UK.ml(Measures.KitchenUnit.FLUID_OUNCE)).isCloseTo(28.4130625, within(1e-9));
        for (var measures : Measures.CHOICES) {
            assertThat(measures.ml(Measures.KitchenUnit.TABLESPOON))
                    .isGreaterThan(2.9 * measures.ml(Measures.KitchenUnit.TEASPOON));
        }
    }

    @Test
    void saysWhatItUnderstood() throws UnreadableException {
        assertThat(read("500 g").how()).isEmpty();
        assertThat(read("2 tbsp").how()).isEqualTo("2 x 15 ml (metric tbsp) x 0.85 g/ml");
        assertThat(read("1 lb 4 oz").how()).isEqualTo("1 x 453.59 g + 4 x 28.35 g");
        assertThat(AmountReader.read("3 sheets", subject("sheet-gold"), Measures.US)
                        .how())
                .isEqualTo("3 x 2 g (sheet)");
    }

    @Test
    void whatIsAskedHasAnswersThatAreUnderstood() throws UnreadableException {
        for (var text :
                new String[] {"1 cup", "1/2 pint", "two tablespoons", "1 T", "1,000 g", "1-2 tsp", "2 heaped tsp"}) {
            var asked = asked(text, SUGAR, Measures.UNKNOWN);
            assertThat(asked.choices()).as(text).isNotEmpty();
        }
        for (var choice : asked("1½ cups", SUGAR, Measures.UNKNOWN).choices()) {
            assertThat(AmountReader.read(choice.text(), SUGAR, Measures.UNKNOWN).grams())
                    .isGreaterThan(200);
        }
        assertThat(asked("8 oz", subject("cream-35"), Measures.US).choices())
                .extracting(Choice::text)
                .containsExactly("8 oz wt", "8 fl oz");
        assertThat(asked("100–120 g", SUGAR, Measures.METRIC).choices())
                .extracting(Choice::text)
                .containsExactly("100 g", "120 g");
        assertThat(asked("500 g (2 cups)", SUGAR, Measures.METRIC).choices())
                .extracting(Choice::text)
                .containsExactly("500 g", "2 cups");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"12 10", "5 g 6 g", "5 parsecs", "g", "", "+", "5 g +", "½½", "(", "\u0000", "١٢", "5 g\n6 g"})
    void refusesWithARule(String text) {
        assertThatThrownBy(() -> read(text))
                .isInstanceOfSatisfying(
                        UnreadableException.class,
                        e -> assertThat(e.ambiguous()).isFalse())
                .hasMessageStartingWith("problems.amount.");
    }

    /** Anything at all is read, asked about or refused: never another exception, never a NaN. */
    @Test
    void randomTextNeverBreaksIt() {
        long seed = 3;
        var random = new java.util.Random(seed);
        var pieces = new String[] {
            "1",
            "½",
            "a",
            " ",
            "cup",
            "tbsp",
            "g",
            "-",
            "/",
            "(",
            ")",
            ",",
            "and",
            "oz",
            "half",
            "of",
            "0",
            "99999999999",
            ".",
            "heaped",
            "about",
            "T",
            "to",
            "€",
            "قدح",
            "\t",
            "us",
            "fl"
        };
        for (int n = 0; n < 20_000; n++) {
            var text = new StringBuilder();
            for (int i = random.nextInt(9); i >= 0; i--) {
                text.append(pieces[random.nextInt(pieces.length)]).append(random.nextBoolean() ? " " : "");
            }
            try {
                var amount = AmountReader.read(text.toString(), SUGAR, Measures.US);
                assertThat(amount.grams())
                        .as("seed %d: %s", seed, text)
                        .isNotNaN()
                        .isGreaterThanOrEqualTo(0);
            } catch (UnreadableException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    private static UnreadableException asked(String text, Subject subject, Measures measures) {
        try {
            var amount = AmountReader.read(text, subject, measures);
            throw new AssertionError("“" + text + "” was guessed as " + amount);
        } catch (UnreadableException e) {
            assertThat(e.ambiguous()).as(text + ": " + e.getMessage()).isTrue();
            return e;
        }
    }

    private static Amount read(String text) throws UnreadableException {
        return AmountReader.read(text, SUGAR, Measures.METRIC);
    }
}
