package com.deftchill.server.practice;

import com.deftchill.core.alternative.Trial;
import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.cold.Chilled;
import com.deftchill.core.cold.Chilling;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Fix;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What the product says of a practice case or a dessert of the demo, as shipped. Asked once, however many tests look at it.
 *
 * @param file what is in its file: the document, of a practice case with what is expected beside it
 * @param bench its fixes tried
 */
record Answered(
        String name,
        JsonNode file,
        WrittenFormula formula,
        Answer<Assessment> bench,
        Answer<Dessert> study,
        Answer<Chilled> cold) {
    private static final Path CASES = Path.of("src/test/resources/practice");
    private static final Path DEMO = Path.of("src/main/resources/demo");
    private static final JsonMapper JSON = JsonMapper.builder().build();
    static final Assessor ASSESSOR = new Assessor(ChillOptions.standard());
    static final Workplace KITCHEN =
            new Workplace(LarderFiles.shipped(), KitchenReader.standard(), Parameters.shipped());
    private static final Map<Path, Answered> KNOWN = new ConcurrentHashMap<>();

    /** Of every practice case, by name. */
    static Stream<Answered> cases() {
        return files(CASES).map(Answered::of);
    }

    /** Of all desserts of the demo and all practice cases: another one first than {@link #cases}, so that two tests share the work. */
    static Stream<Answered> all() {
        return Stream.concat(files(DEMO), files(CASES))
                .filter(Answered::isDessert)
                .map(Answered::of);
    }

    /** The documents of {@link #all} by their names, asked nothing. */
    static Stream<Map.Entry<String, JsonNode>> documents() {
        return Stream.concat(files(DEMO), files(CASES))
                .filter(Answered::isDessert)
                .map(path -> Map.entry(path.getFileName().toString(), document(JSON.readTree(path.toFile()))));
    }

    /** A practice case as it is written, asked nothing. */
    static WrittenFormula written(String name) {
        return formula(JSON.readTree(CASES.resolve(name + ".json").toFile()));
    }

    private static WrittenFormula formula(JsonNode file) {
        return JSON.treeToValue(document(file), WrittenFormula.class);
    }

    private static Stream<Path> files(Path folder) {
        try (var files = Files.list(folder)) {
            return files.sorted().toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static JsonNode document(JsonNode file) {
        return file.path("document").isMissingNode() ? file : file.get("document");
    }

    private static boolean isDessert(Path file) {
        return document(JSON.readTree(file.toFile())).has("components");
    }

    private static Answered of(Path path) {
        return KNOWN.computeIfAbsent(path, p -> {
            var file = JSON.readTree(p.toFile());
            var formula = formula(file);
            return new Answered(
                    p.getFileName().toString().replace(".json", ""),
                    file,
                    formula,
                    new Trial(ASSESSOR, formula, KITCHEN).assess(),
                    ASSESSOR.study(formula, KITCHEN),
                    new Chilling(ASSESSOR).chill(formula, KITCHEN));
        });
    }

    /** Its fixes as they are before any is tried. */
    Stream<Fix> fixes() {
        return ASSESSOR.assess(formula, KITCHEN).value().orElseThrow().verdicts().stream()
                .flatMap(verdict -> verdict.fixes().stream());
    }
}
