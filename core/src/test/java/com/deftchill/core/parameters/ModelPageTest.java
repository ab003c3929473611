package com.deftchill.core.parameters;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Figures of docs/model.md that are parameters are the shipped ones, and the code that it names is there. */
class ModelPageTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern FIGURE = Pattern.compile("`([a-z]+\\.[A-Za-z0-9]+)`\\s+(-?[0-9]+(?:\\.[0-9]+)?)");
    private static final Pattern CODE = Pattern.compile("`(core/[A-Za-z/]+)`");

    private static String page() throws IOException {
        return Files.readString(ROOT.resolve("docs/model.md"));
    }

    @Test
    void figuresAreTheShippedOnes() throws IOException {
        var shipped = Parameters.shipped().all().stream().collect(Collectors.toMap(Parameter::id, Parameter::value));
        var found = FIGURE.matcher(page());
        int figures = 0;
        while (found.find()) {
            figures++;
            assertThat(Double.parseDouble(found.group(2))).as(found.group()).isEqualTo(shipped.get(found.group(1)));
        }
        assertThat(figures).isGreaterThan(30);
    }

    @Test
    void theCodeThatIsNamedIsThere() throws IOException {
        var found = CODE.matcher(page());
        while (found.find()) {
            var at = "core/src/main/java/com/deftchill/" + found.group(1);
            assertThat(Files.exists(ROOT.resolve(at)) || Files.exists(ROOT.resolve(at + ".java")))
                    .as(found.group(1))
                    .isTrue();
        }
    }
}
