package com.deftchill.core.larder;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.Soaking;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.larder.Ingredient.Tint;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import com.deftchill.core.vessel.Vessel;
import com.deftchill.core.vessel.WallMaterial;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads the reference data that ships with the product; a row that breaks a rule is named with file and line. */
public final class LarderFiles {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();

    /** Constituents by their column, in the order of the file. */
    public static final Map<Constituent, String> COLUMNS = columns();

    private LarderFiles() {}

    private static Map<Constituent, String> columns() {
        var columns = new EnumMap<Constituent, String>(Constituent.class);
        columns.put(Constituent.WATER, "water");
        columns.put(Constituent.MILK_FAT, "milkFat");
        columns.put(Constituent.BUTTER_FAT, "butterFat");
        columns.put(Constituent.COCOA_BUTTER, "cocoaButter");
        columns.put(Constituent.COCONUT_FAT, "coconutFat");
        columns.put(Constituent.OTHER_FAT, "otherFat");
        columns.put(Constituent.SUGARS, "sugars");
        columns.put(Constituent.MILK_PROTEIN, "milkProtein");
        columns.put(Constituent.OTHER_PROTEIN, "otherProtein");
        columns.put(Constituent.COCOA_SOLIDS, "cocoa");
        columns.put(Constituent.STARCH_FIBRE, "starchFibre");
        columns.put(Constituent.SALT, "salt");
        columns.put(Constituent.ASH, "ash");
        columns.put(Constituent.ALCOHOL, "alcohol");
        return columns;
    }

    /** Where the figures of a row come from, its abbreviations written out. */
    public static String source(CSVRecord row) {
        return row.get("source")
                .replaceAll("\\bH(\\d)\\b", "handbook of the trade, chapter $1")
                .replaceAll("\\bT\\b", "typical food-composition values, rounded");
    }

    /** The larder as shipped. */
    public static Larder shipped() {
        var materials = wallMaterials();
        return new Larder(
                read("ingredients.csv", LarderFiles::ingredient),
                read("gelatins.csv", LarderFiles::gel),
                read("moulds.csv", row -> mould(row, materials)),
                read("coolers.csv", LarderFiles::cooler),
                read("allergens.csv", LarderFiles::allergen));
    }

    /** What moulds are made of, by id. */
    static Map<String, WallMaterial> wallMaterials() {
        return read("wall-materials.csv", LarderFiles::wallMaterial).stream()
                .collect(Collectors.toMap(WallMaterial::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    static Ingredient ingredient(CSVRecord row) {
        var shares = new EnumMap<Constituent, Double>(Constituent.class);
        COLUMNS.forEach((constituent, column) -> shares.put(constituent, number(row, column)));
        return new Ingredient(
                row.get("id"),
                row.get("name"),
                row.get("group"),
                Composition.of(shares),
                number(row, "ph"),
                number(row, "buffer"),
                Protease.valueOf(upper(row, "enzyme")),
                Tint.valueOf(upper(row, "tint")),
                new Ingredient.Spooned(
                        row.get("bulk").isEmpty() ? 0 : number(row, "bulk"),
                        pieces(row.get("pieces")),
                        soaking(row.get("soak")),
                        curd(row.get("curd"))),
                new Ingredient.Labelling(
                        words(row, "allergens"),
                        words(row, "mayContain"),
                        Diet.valueOf(upper(row, "diet")),
                        words(row, "traits").stream()
                                .map(trait -> Trait.valueOf(
                                        trait.toUpperCase(Locale.ROOT).replace('-', '_')))
                                .collect(Collectors.toSet())),
                source(row));
    }

    private static GelProduct gel(CSVRecord row) {
        return new GelProduct(
                row.get("id"),
                row.get("name"),
                GelProduct.Agent.valueOf(upper(row, "agent")),
                number(row, "bloom"),
                GelProduct.Form.valueOf(upper(row, "form")),
                number(row, "sheet"),
                number(row, "packet"),
                new GelProduct.Heat(
                        number(row, "maxMelt"), number(row, "like"), number(row, "sets"), number(row, "melts")),
                number(row, "spoon"),
                row.get("origin"),
                words(row, "allergens"),
                Diet.valueOf(upper(row, "diet")),
                source(row));
    }

    private static Allergen allergen(CSVRecord row) {
        return new Allergen(row.get("id"), row.get("name"), row.get("eu"), row.get("us"));
    }

    /** Reads {@code yolk:18}: a piece and its mass, g. */
    private static Map<String, Double> pieces(String text) {
        return Stream.of(text.split(" "))
                .filter(piece -> !piece.isEmpty())
                .map(piece -> piece.split(":"))
                .collect(Collectors.toMap(piece -> piece[0], piece -> Double.valueOf(piece[1])));
    }

    /** Reads {@code 1.3@2.5}: capacity, g/g, and time constant, s. */
    private static Optional<Soaking> soaking(String text) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        var parts = text.split("@");
        return Optional.of(new Soaking(Double.parseDouble(parts[0]), Double.parseDouble(parts[1])));
    }

    /** Reads {@code 3000@800}: yield stress at 5 and at 20 °C, Pa. */
    private static Optional<Curd> curd(String text) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        var parts = text.split("@");
        return Optional.of(new Curd(Double.parseDouble(parts[0]), Double.parseDouble(parts[1])));
    }

    private static List<String> words(CSVRecord row, String column) {
        return Stream.of(row.get(column).split(" "))
                .filter(word -> !word.isEmpty())
                .toList();
    }

    private static String upper(CSVRecord row, String column) {
        return row.get(column).toUpperCase(Locale.ROOT);
    }

    private static Cooler cooler(CSVRecord row) {
        return new Cooler(
                row.get("id"),
                row.get("name"),
                number(row, "air"),
                number(row, "h"),
                number(row, "hBase"),
                number(row, "power"),
                number(row, "contents"),
                0,
                source(row));
    }

    private static WallMaterial wallMaterial(CSVRecord row) {
        return new WallMaterial(
                row.get("id"),
                row.get("name"),
                number(row, "conductivity"),
                1e6 * number(row, "heatCapacity"),
                row.get("smooth").equals("yes"),
                row.get("shock").equals("yes"),
                source(row));
    }

    private static Mould mould(CSVRecord row, Map<String, WallMaterial> materials) {
        var symmetry = Symmetry.valueOf(row.get("symmetry").toUpperCase(Locale.ROOT));
        var profile = profile(row.get("profile"), symmetry, number(row, "length"));
        var material = materials.get(row.get("material"));
        if (material == null) {
            throw new IllegalArgumentException("material '" + row.get("material") + "' is not in wall-materials.csv");
        }
        var vessel = new Vessel(profile, material, number(row, "wall"), number(row, "base"));
        var release = Mould.Release.valueOf(row.get("release").toUpperCase(Locale.ROOT));
        return new Mould(row.get("id"), row.get("name"), vessel, release, source(row));
    }

    /** Reads {@code 25@0 30@60} (half-width@height, mm) or {@code dome:35} (radius, mm). */
    private static Profile profile(String text, Symmetry symmetry, double lengthMm) {
        if (text.startsWith("dome:")) {
            return Profile.dome(symmetry, lengthMm, Double.parseDouble(text.substring("dome:".length())));
        }
        var points = Stream.of(text.split(" ")).map(point -> point.split("@")).toList();
        return new Profile(
                symmetry,
                lengthMm,
                points.stream().mapToDouble(p -> Double.parseDouble(p[0])).toArray(),
                points.stream().mapToDouble(p -> Double.parseDouble(p[1])).toArray());
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    /** The rows of one of the data files beside this class. */
    public static <T> List<T> read(String file, Function<CSVRecord, T> toItem) {
        return read(LarderFiles.class, file, toItem);
    }

    /** Reads a table that stands beside a class. */
    public static <T> List<T> read(Class<?> beside, String file, Function<CSVRecord, T> toItem) {
        try (var stream = beside.getResourceAsStream(file);
                var reader = new InputStreamReader(stream, StandardCharsets.UTF_8);
                var rows = FORMAT.parse(reader)) {
            return rows.stream().map(row -> item(file, row, toItem)).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(file, e);
        }
    }

    private static <T> T item(String file, CSVRecord row, Function<CSVRecord, T> toItem) {
        try {
            return toItem.apply(row);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    file + ", row " + row.getRecordNumber() + " (" + row.get(0) + "): " + e.getMessage(), e);
        }
    }
}
