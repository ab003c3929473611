package com.deftchill.server.exchange;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Problem;
import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** The published JSON Schemas of the formula document, one for each version, and what a document breaks of them. */
@Component
class DocumentSchemas {
    private static final int LONGEST_VALUE = 60;
    /** More are of no help to who mends the file. */
    private static final int MOST_PROBLEMS = 20;

    private final Map<Integer, String> texts;
    private final Map<Integer, Schema> schemas;

    DocumentSchemas() {
        texts = IntStream.rangeClosed(WrittenFormula.OLDEST_SCHEMA, WrittenFormula.SCHEMA)
                .boxed()
                .collect(Collectors.toMap(version -> version, DocumentSchemas::read));
        var registry = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);
        schemas = texts.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, entry -> registry.getSchema(entry.getValue())));
    }

    /** The schema of a version as published. */
    Optional<String> text(int version) {
        return Optional.ofNullable(texts.get(version));
    }

    /** Everything that keeps a document from being one of the version it names; empty when nothing does. */
    List<Problem> problems(JsonNode document) {
        if (!document.isObject()) {
            return List.of(problem("", document, Problem.rule("file.object")));
        }
        var version = document.get("schema");
        if (version == null || !version.isIntegralNumber()) {
            return List.of(problem(
                    "/schema",
                    version,
                    Problem.rule("file.version").with("newest", Argument.figure(WrittenFormula.SCHEMA, 0))));
        }
        var schema = version.canConvertToInt() ? schemas.get(version.intValue()) : null;
        if (schema == null) {
            return List.of(problem(
                    "/schema",
                    version,
                    Problem.rule("file.newer")
                            .with("oldest", Argument.figure(WrittenFormula.OLDEST_SCHEMA, 0))
                            .with("newest", Argument.figure(WrittenFormula.SCHEMA, 0))));
        }
        return schema.validate(document).stream()
                .limit(MOST_PROBLEMS)
                .map(error -> problem(document, error))
                .toList();
    }

    private static Problem problem(JsonNode document, Error error) {
        var path = error.getInstanceLocation().toString();
        var at = document.at(path);
        return problem(path, at, Message.own(error.getMessage().replaceFirst("^\\S+: ", "")));
    }

    private static Problem problem(String path, JsonNode value, Message rule) {
        var text = value == null || value.isMissingNode() ? "" : value.isString() ? value.asString() : value.toString();
        var shown = text.length() > LONGEST_VALUE ? text.substring(0, LONGEST_VALUE) + "..." : text;
        return Problem.of("file-invalid", path, path.isEmpty() ? "The file" : path, shown, rule);
    }

    private static String read(int version) {
        try (var stream = new ClassPathResource("schemas/formula-" + version + ".json").getInputStream()) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
