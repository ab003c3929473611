package com.deftchill.core.larder;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.larder.Ingredient.Tint;
import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import com.deftchill.core.vessel.Vessel;
import com.deftchill.core.vessel.WallMaterial;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

    private static final Map<Constituent, String> COLUMNS = Map.ofEntries(
            Map.entry(Constituent.WATER, "water"),
            Map.entry(Constituent.MILK_FAT, "milkFat"),
            Map.entry(Constituent.COCOA_BUTTER, "cocoaButter"),
            Map.entry(Constituent.OTHER_FAT, "otherFat"),
            Map.entry(Constituent.SUGARS, "sugars"),
            Map.entry(Constituent.MILK_PROTEIN, "milkProtein"),
            Map.entry(Constituent.OTHER_PROTEIN, "otherProtein"),
            Map.entry(Constituent.COCOA_SOLIDS, "cocoa"),
            Map.entry(Constituent.STARCH_FIBRE, "starchFibre"),
            Map.entry(Constituent.SALT, "salt"),
            Map.entry(Constituent.ASH, "ash"),
            Map.entry(Constituent.ALCOHOL, "alcohol"));

    private LarderFiles() {}

    /** The larder as shipped. */
    public static Larder shipped() {
        Map<String, WallMaterial> materials = read("wall-materials.csv", LarderFiles::wallMaterial).stream()
                .collect(Collectors.toMap(WallMaterial::id, Function.identity()));
        return new Larder(
                read("ingredients.csv", LarderFiles::ingredient),
                read("gelatins.csv", LarderFiles::gelatin),
                read("moulds.csv", row -> mould(row, materials)),
                read("coolers.csv", LarderFiles::cooler));
    }

    private static Ingredient ingredient(CSVRecord row) {
        var shares = new EnumMap<Constituent, Double>(Constituent.class);
        COLUMNS.forEach((constituent, column) -> shares.put(constituent, number(row, column)));
        return new Ingredient(
                row.get("id"),
                row.get("name"),
                row.get("group"),
                Composition.of(shares),
                number(row, "ph"),
                number(row, "buffer"),
                Protease.valueOf(row.get("enzyme").toUpperCase(Locale.ROOT)),
                Tint.valueOf(row.get("tint").toUpperCase(Locale.ROOT)),
                row.get("source"));
    }

    private static GelatinProduct gelatin(CSVRecord row) {
        return new GelatinProduct(
                row.get("id"),
                row.get("name"),
                number(row, "bloom"),
                GelatinProduct.Form.valueOf(row.get("form").toUpperCase(Locale.ROOT)),
                number(row, "sheet"),
                number(row, "maxMelt"),
                row.get("source"));
    }

    private static Cooler cooler(CSVRecord row) {
        return new Cooler(
                row.get("id"),
                row.get("name"),
                number(row, "air"),
                number(row, "h"),
                number(row, "hBase"),
                row.get("source"));
    }

    private static WallMaterial wallMaterial(CSVRecord row) {
        return new WallMaterial(
                row.get("id"),
                row.get("name"),
                number(row, "conductivity"),
                1e6 * number(row, "heatCapacity"),
                row.get("smooth").equals("yes"),
                row.get("shock").equals("yes"),
                row.get("source"));
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
        return new Mould(row.get("id"), row.get("name"), vessel, release, row.get("source"));
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

    private static <T> List<T> read(String file, Function<CSVRecord, T> toItem) {
        try (var stream = LarderFiles.class.getResourceAsStream(file);
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
