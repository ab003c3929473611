package com.deftchill.server.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.TemperatureScale;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class MessageWriterTest {
    private static final Pattern KEY =
            Pattern.compile("\\b(rule|wanted|says|Message\\.of)\\(\\s*\"([a-zA-Z0-9.-]+[a-zA-Z0-9])\"");
    private static final Map<String, String> PREFIX =
            Map.of("rule", "problems.", "wanted", "problems.wanted.", "says", "steps.", "Message.of", "");
    private static final Pattern LEFT_OVER = Pattern.compile("\\{[a-zA-Z]+}");
    private final MessageWriter writer = new MessageWriter();

    private String write(Message message) {
        return writer.write(message, () -> TemperatureScale.CELSIUS);
    }

    @Test
    void everyPatternIsUnderstoodByIcu() {
        assertThat(new MessageFiles().keys()).hasSizeGreaterThan(150);
    }

    /** Keys stand in the sources as they are: one that was forgotten would only be found by the cook who needs it. */
    @Test
    void everySentenceThatIsSaidIsThere() throws IOException {
        var said = new TreeSet<String>();
        for (var module : List.of("../core", ".")) {
            try (var files = Files.walk(Path.of(module, "src/main/java"))) {
                for (var file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    KEY.matcher(Files.readString(file))
                            .results()
                            .forEach(found -> said.add(PREFIX.get(found.group(1)) + found.group(2)));
                }
            }
        }
        said.remove("own");
        assertThat(said).hasSizeGreaterThan(100);
        assertThat(said)
                .allSatisfy(key -> assertThat(new MessageFiles().keys())
                        .anyMatch(there -> there.equals(key) || there.equals(key + ".title")));
    }

    @Test
    void temperaturesAreReadOnTheScaleOfTheKitchen() {
        var heat = Message.of("temperature.range")
                .with("low", Argument.degrees(20))
                .with("high", Argument.degrees(25));
        assertThat(write(heat)).isEqualTo("20 °C to 25 °C");
        assertThat(writer.write(heat, () -> TemperatureScale.FAHRENHEIT)).isEqualTo("68 °F to 77 °F");
    }

    @Test
    void theScaleIsAskedForOnlyWhereATemperatureStands() {
        var plain = Message.of("problems.at-most").with("most", Argument.figure(20, 0));
        assertThat(writer.write(plain, () -> {
                    throw new AssertionError("asked for the scale");
                }))
                .isEqualTo("must be at most 20");
    }

    @Test
    void oneAndSeveralReadDifferently() {
        var keeps = Message.of("flags.keeps.words").with("unit", new Argument.Choice("days"));
        assertThat(write(keeps.with("number", new Argument.Count(1)))).isEqualTo("1 day chilled");
        assertThat(write(keeps.with("number", new Argument.Count(3)))).isEqualTo("3 days chilled");
        var cost = Message.of("flags.cost.words").with("each", "1.2 €");
        assertThat(write(cost.with("without", new Argument.Count(0)))).isEqualTo("1.2 € of ingredients in each");
        assertThat(write(cost.with("without", new Argument.Count(1)))).endsWith(", 1 without a price");
    }

    @Test
    void whatIsListedAndWhatIsTypedStandsAsItIs() {
        var pieces =
                new Argument.Listed(List.of(new Argument.Weighed(12.34, "Sugar"), new Argument.Weighed(150, "Milk")));
        assertThat(write(Message.of("steps.weigh.text").with("amounts", pieces)))
                .isEqualTo("12.3 g Sugar, 150 g Milk.");
        // What a cook types is never a pattern.
        assertThat(write(Message.own("{stir} it's 'done'"))).isEqualTo("{stir} it's 'done'");
        var named = Message.of("problems.amount.whose").with("unit", "{cup}");
        assertThat(write(named)).isEqualTo("needs to say whose {cup} it is: which?");
        assertThat(write(Message.NONE)).isEmpty();
    }

    @Test
    void aMomentIsAClockTime() {
        var chill = Message.of("steps.chill.text")
                .with("where", "In the fridge")
                .with("never", Argument.when(false))
                .with("covered", Argument.when(true))
                .with("poured", "14:00")
                .with("turns", Argument.when(false))
                .with("until", new Argument.Moment(LocalTime.of(14, 0), 3 * 3600.0));
        assertThat(write(chill)).isEqualTo("In the fridge, covered once cold. Poured at 14:00: set by 17:00.");
        assertThat(LEFT_OVER.matcher(write(chill)).find()).isFalse();
    }

    @Test
    void anUnknownKeyIsOurOwnMistake() {
        assertThatThrownBy(() -> write(Message.of("steps.nothing"))).hasMessageContaining("steps.nothing");
    }
}
