package com.deftchill.core.larder;

import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;

/** Which entry of the larder a fix puts in where a formula names none: {@code roles.csv}. */
public final class Roles {
    private static final Map<String, CSVRecord> ROWS = LarderFiles.read("roles.csv", Function.identity()).stream()
            .collect(Collectors.toMap(row -> row.get("role"), Function.identity()));

    /** Cream of every day: its id, its fat, g/g. */
    public static final String CREAM = id("cream");

    public static final double CREAM_FAT = fat("cream");
    /** Cream that makes a lean blend rich enough to whip. */
    public static final String RICH_CREAM = id("rich-cream");

    public static final double RICH_FAT = fat("rich-cream");
    /** Gelatin of every day. */
    public static final String SHEET = id("sheet");

    private Roles() {}

    private static String id(String role) {
        return ROWS.get(role).get("id");
    }

    private static double fat(String role) {
        return Double.parseDouble(ROWS.get(role).get("fat"));
    }
}
