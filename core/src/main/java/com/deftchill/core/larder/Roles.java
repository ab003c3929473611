package com.deftchill.core.larder;

import com.deftchill.core.composition.Composition;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;

/** Which entry of the larder a fix or a sum puts in where a formula names none: {@code roles.csv}. */
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

    /** Sugar of every day. */
    public static final String SUGAR = id("sugar");

    public static final String WATER = id("water");
    /** What makes an emulsion leaner and tastes of little. */
    public static final String SKIMMED = id("skimmed");

    public static final Composition SKIMMED_MILK = LarderFiles.read("ingredients.csv", LarderFiles::ingredient).stream()
            .filter(ingredient -> ingredient.id().equals(SKIMMED))
            .map(Ingredient::composition)
            .findFirst()
            .orElseThrow();
    /** What biscuits are dipped in where nothing else is said. */
    public static final String SOAK = id("soak");

    /** Stands in for what is alcoholic and pale, and for red wine. */
    public static final String PALE_JUICE = id("pale-juice");

    public static final String RED_JUICE = id("red-juice");
    public static final String RED_WINE = id("red-wine");

    /** An egg parted. */
    public static final String YOLK = id("yolk");

    public static final String WHITE = id("white");

    /** Coolers of every day, and what is tried where one of them does not do. */
    public static final String FRIDGE = id("fridge");

    public static final String FAN_FRIDGE = id("fan-fridge");
    public static final String FREEZER = id("freezer");
    public static final String ICE_BATH = id("ice");

    /** What a dessert is filled into where no mould is named. */
    public static final String GLASS = id("glass");

    private Roles() {}

    private static String id(String role) {
        return ROWS.get(role).get("id");
    }

    private static double fat(String role) {
        return Double.parseDouble(ROWS.get(role).get("fat"));
    }
}
