package com.deftchill.core.rescue;

import com.deftchill.core.larder.LarderFiles;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;

/** Symptoms, causes and looks as shipped; a row that breaks a rule is named with file and line. */
public final class RescueFiles {
    private static final Map<String, Look> LOOKS =
            byId(LarderFiles.read(RescueFiles.class, "looks.csv", RescueFiles::look), Look::id);
    private static final Map<String, Symptom> SYMPTOMS =
            byId(LarderFiles.read(RescueFiles.class, "symptoms.csv", RescueFiles::symptom), Symptom::id);
    private static final List<Cause> CAUSES = LarderFiles.read(RescueFiles.class, "causes.csv", RescueFiles::cause);

    private static final List<Remedy.Row> REMEDIES =
            LarderFiles.read(RescueFiles.class, "remedies.csv", RescueFiles::remedy);

    private RescueFiles() {}

    /** What is tried against a symptom, in the order of least loss. */
    static List<Remedy.Row> remedies(Symptom symptom) {
        return REMEDIES.stream()
                .filter(row -> row.symptom().equals(symptom.id()))
                .toList();
    }

    /** Ids of all remedies. */
    public static Set<String> remedyIds() {
        return REMEDIES.stream().map(Remedy.Row::id).collect(Collectors.toSet());
    }

    private static Remedy.Row remedy(CSVRecord row) {
        var symptom = row.get("symptom");
        if (!SYMPTOMS.containsKey(symptom)) {
            throw new IllegalArgumentException("no symptom is called " + symptom);
        }
        boolean amount = !row.get("of").isEmpty();
        return new Remedy.Row(
                symptom,
                Remedy.Does.of(row.get("does")),
                row.get("id"),
                row.get("of"),
                amount ? number(row, "least") : 0,
                amount ? number(row, "most") : 0);
    }

    public static List<Symptom> symptoms() {
        return List.copyOf(SYMPTOMS.values());
    }

    public static Optional<Symptom> symptom(String id) {
        return Optional.ofNullable(SYMPTOMS.get(id));
    }

    public static List<Cause> causes() {
        return CAUSES;
    }

    /** Looks at the age of a batch. */
    static List<Look> looksAtAge() {
        return LOOKS.values().stream().filter(look -> look.hours() > 0).toList();
    }

    public static Optional<Look> look(String id) {
        return Optional.ofNullable(LOOKS.get(id));
    }

    private static <T> Map<String, T> byId(List<T> all, Function<T, String> id) {
        return all.stream()
                .collect(Collectors.toMap(
                        id,
                        Function.identity(),
                        (a, b) -> {
                            throw new IllegalArgumentException("id '" + id.apply(a) + "' stands twice");
                        },
                        LinkedHashMap::new));
    }

    private static Symptom symptom(CSVRecord row) {
        var figures = words(row, "signs").filter(sign -> !sign.contains("=")).map(Symptom.Figure::of);
        return new Symptom(
                row.get("id"), Trait.of(row.get("where")), figures.toList(), chances(row, "signs"), row.get("becomes"));
    }

    private static Cause cause(CSVRecord row) {
        var gives = chances(row, "gives");
        gives.keySet().stream().filter(id -> !SYMPTOMS.containsKey(id)).forEach(id -> {
            throw new IllegalArgumentException("no symptom is called " + id);
        });
        var look = chances(row, "look").entrySet().iterator().next();
        return new Cause(
                row.get("id"),
                Trait.of(row.get("where")),
                number(row, "often") / 1000,
                Deviation.of(row.get("deviation")),
                new double[] {number(row, "least"), number(row, "usual"), number(row, "most")},
                row.get("acts"),
                gives,
                look(look.getKey()).orElseThrow(() -> new IllegalArgumentException("no look is " + look.getKey())),
                look.getValue());
    }

    private static Look look(CSVRecord row) {
        return new Look(
                row.get("id"),
                number(row, "otherwise"),
                row.get("measures"),
                row.get("hours").isEmpty() ? 0 : number(row, "hours"));
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static Stream<String> words(CSVRecord row, String column) {
        return Arrays.stream(row.get(column).split(" ")).filter(word -> !word.isEmpty());
    }

    private static Map<String, Double> chances(CSVRecord row, String column) {
        var chances = new LinkedHashMap<String, Double>();
        words(row, column)
                .filter(word -> word.contains("="))
                .map(word -> word.split("="))
                .forEach(pair -> chances.put(pair[0], Double.parseDouble(pair[1])));
        return chances;
    }
}
