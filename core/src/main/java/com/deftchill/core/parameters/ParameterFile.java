package com.deftchill.core.parameters;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;

/** Reads constants from a commented table. */
public final class ParameterFile {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setDelimiter(';')
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .get();

    private ParameterFile() {}

    /** The table shipped with the application. */
    static List<Parameter> shipped() {
        try (var in = ParameterFile.class.getResourceAsStream("parameters.csv");
                var reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            return read(reader);
        } catch (IOException e) {
            throw new UncheckedIOException("the shipped parameters cannot be read", e);
        }
    }

    /** Constants in the order of a table. */
    public static List<Parameter> read(Reader from) throws IOException {
        return FORMAT.parse(from).stream()
                .map(row -> new Parameter(
                        row.get("id"),
                        row.get("name"),
                        Double.parseDouble(row.get("value")),
                        row.get("unit"),
                        row.get("grade"),
                        row.get("source"),
                        Double.parseDouble(row.get("low")),
                        Double.parseDouble(row.get("high"))))
                .toList();
    }
}
