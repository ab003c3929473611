package com.deftchill.core.parameters;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The constants of the models: whole, within their ranges, told apart by what they are; and the page that lists them. */
class ParametersTest {
    private static final Path PAGE = Path.of("..", "docs", "parameters.md");
    private static final Parameters SHIPPED = Parameters.shipped();

    @Test
    void everyRowOfTheTableIsAConstantOfAModel() {
        assertThat(SHIPPED.all()).hasSizeGreaterThan(150).allSatisfy(p -> {
            assertThat(p.id()).matches("[a-z]+\\.[a-zA-Z0-9]+");
            assertThat(p.name()).isNotBlank();
            assertThat(p.grade()).isIn("S", "L", "E");
            assertThat(p.source()).isNotBlank();
            assertThat(p.low()).as(p.id()).isLessThan(p.high());
        });
        assertThat(SHIPPED.gel().exponent().value()).isEqualTo(1.9);
    }

    @Test
    void oneIsMovedAndTheOthersStay() {
        var moved = SHIPPED.with("foam.keptSoft", 0.88);
        assertThat(moved.foam().keptSoft().value()).isEqualTo(0.88);
        assertThat(moved.with("foam.keptSoft", 0.90)).isEqualTo(SHIPPED);
    }

    @Test
    void setsThatDifferInAValueHaveOtherFingerprints() {
        assertThat(SHIPPED.fingerprint())
                .hasSize(16)
                .isEqualTo(Parameters.shipped().fingerprint());
        assertThat(SHIPPED.with("gel.scale", 101).fingerprint()).isNotEqualTo(SHIPPED.fingerprint());
    }

    @Test
    void aValueOutsideItsRangeIsRefusedByName() {
        assertThatThrownBy(() -> SHIPPED.with("gel.scale", 1000))
                .hasMessageContaining("gel.scale")
                .hasMessageContaining("1000");
        assertThatThrownBy(() -> SHIPPED.with("gel.scale", Double.NaN)).hasMessageContaining("gel.scale");
    }

    @Test
    void whatIsMissingTwiceOrOfNoModelIsNamed() throws IOException {
        var all = SHIPPED.all();
        assertThatThrownBy(() -> Parameters.of(all.subList(1, all.size())))
                .hasMessageContaining(all.get(0).id());
        var row = ParameterFile.read(new StringReader("id;name;value;unit;low;high;grade;source\na.b;x;1;g;0;2;E;y\n"));
        var more = new java.util.ArrayList<>(all);
        more.addAll(row);
        assertThatThrownBy(() -> Parameters.of(more)).hasMessageContaining("a.b");
        more.set(more.size() - 1, all.get(3));
        assertThatThrownBy(() -> Parameters.of(more)).hasMessageContaining("twice");
    }

    /** Run with -DargLine=-DupdateDocs=true after the table has changed. */
    @Test
    void thePageOfTheDocsIsMadeFromThem() throws IOException {
        var page = page(SHIPPED.all());
        if (Boolean.getBoolean("updateDocs")) {
            Files.writeString(PAGE, page);
        }
        assertThat(Files.readString(PAGE, StandardCharsets.UTF_8)).isEqualTo(page);
    }

    private static String page(List<Parameter> all) {
        var text = new StringBuilder("""
                # Constants of the models

                Made from `parameters.csv` by `ParametersTest`; do not edit. Grades: S standard, L literature, E engineering estimate. Low and
                high bound what is plausible. Properties of pure substances and definitions are not among them: they stand in the code, named.
                """);
        var models = all.stream()
                .collect(Collectors.groupingBy(
                        p -> p.id().split("\\.")[0], java.util.LinkedHashMap::new, Collectors.toList()));
        models.forEach((model, constants) -> {
            text.append("\n## ")
                    .append(model)
                    .append("\n\n| constant | | value | low | high | unit | grade | source |\n");
            text.append("| --- | --- | --- | --- | --- | --- | --- | --- |\n");
            for (var p : constants) {
                text.append("| `")
                        .append(p.id().substring(model.length() + 1))
                        .append("` | ")
                        .append(p.name());
                for (var figure : List.of(p.value(), p.low(), p.high())) {
                    text.append(" | ").append(written(figure));
                }
                text.append(" | ")
                        .append(p.unit())
                        .append(" | ")
                        .append(p.grade())
                        .append(" | ")
                        .append(p.source())
                        .append(" |\n");
            }
        });
        return text.toString();
    }

    private static String written(double value) {
        return new java.math.BigDecimal(value)
                .round(new java.math.MathContext(6))
                .stripTrailingZeros()
                .toPlainString();
    }
}
