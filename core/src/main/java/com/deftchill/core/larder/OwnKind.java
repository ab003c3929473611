package com.deftchill.core.larder;

import static com.deftchill.core.larder.OwnField.choice;
import static com.deftchill.core.larder.OwnField.number;
import static com.deftchill.core.larder.OwnField.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What a kitchen can add to its larder, and the fields of each. */
public enum OwnKind {
    INGREDIENT("ingredient", "Ingredient", ingredientFields()),
    GEL(
            "gel",
            "Gelatin",
            List.of(
                    text("name", "Name"),
                    text("lot", "Lot, as on its packet"),
                    number("bloom", "Strength", "Bloom", 50, 325, ""),
                    choice("form", "Sold as", "powder", List.of("sheet", "powder")),
                    number("sheet", "One sheet", "g", 0, 20, "0"),
                    number("packet", "One packet", "g", 0, 100, "0"),
                    choice("origin", "From", "pork", List.of("pork", "beef", "fish")))),
    MOULD(
            "mould",
            "Mould or glass",
            List.of(
                    text("name", "Name"),
                    number("bottom", "Inner width at the bottom", "mm", 10, 600, ""),
                    number("top", "Inner width at the brim", "mm", 10, 600, ""),
                    number("height", "Inner height", "mm", 5, 300, ""),
                    number("length", "Length of a long one", "mm", 0, 1000, "0"),
                    choice(
                            "material",
                            "Wall",
                            "aluminium",
                            List.of("aluminium", "steel", "glass", "china", "plastic", "silicone")),
                    number("wall", "Wall thickness", "mm", 0, 12, "1"),
                    number("base", "Base thickness (0 for a ring)", "mm", 0, 12, "1"),
                    choice("release", "Leaves it by", "dip", List.of("dip", "peel", "lift", "none")))),
    COOLER(
            "cooler",
            "Cooler",
            List.of(
                    text("name", "Name"),
                    number("air", "Usual air", "°C", -30, 40, ""),
                    number("h", "Surface coefficient (still fridge 7, fan 17, blast 45)", "W/m2K", 3, 400, "7"),
                    number("hBase", "The same below the mould (wire shelf as the air, tray 60)", "W/m2K", 3, 400, "7"),
                    number(
                            "power",
                            "Cooling power (domestic 120, reach-in 450, blast 2000; 0 for no limit)",
                            "W",
                            0,
                            20_000,
                            "120"),
                    number("contents", "What stands in it takes up (domestic 20)", "kJ/K", 1, 20_000, "20")));

    private final String id;
    private final String label;
    private final List<OwnField> fields;

    OwnKind(String id, String label, List<OwnField> fields) {
        this.id = id;
        this.label = label;
        this.fields = fields;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String label() {
        return label;
    }

    public List<OwnField> fields() {
        return fields;
    }

    /** The one a document names. */
    public static Optional<OwnKind> of(String id) {
        return Arrays.stream(values()).filter(kind -> kind.id.equals(id)).findFirst();
    }

    private static List<OwnField> ingredientFields() {
        var fields = new ArrayList<OwnField>();
        fields.add(text("name", "Name"));
        fields.add(choice(
                "group",
                "Group",
                "liquid",
                List.of(
                        "dairy",
                        "plant",
                        "sugar",
                        "fruit",
                        "egg",
                        "chocolate",
                        "nuts",
                        "liquid",
                        "spirit",
                        "biscuit",
                        "starch",
                        "seasoning")));
        fields.add(number("water", "Water (empty: the rest to 100 %)", "%", 0, 100, "rest"));
        LarderFiles.COLUMNS.forEach((constituent, column) -> {
            if (!column.equals("water")) {
                fields.add(number(column, constituent.words(), "%", 0, 100, "0"));
            }
        });
        fields.add(number("ph", "pH", "", 1, 13, "6.5"));
        fields.add(number("buffer", "Holds its pH (milk 28, lemon 260)", "mmol/kg", 0, 10_000, "20"));
        fields.add(choice("enzyme", "Cuts gelatin while raw", "none", List.of("none", "weak", "strong")));
        fields.add(choice("tint", "Looks like", "cream", List.of("none", "cream", "caramel", "fruit", "cocoa")));
        fields.add(number("bulk", "Level spooned weight (0: it is poured)", "g/ml", 0, 3, "0"));
        fields.add(number("soaks", "Takes up when dipped (finger biscuit 1.3)", "g/g", 0, 5, "0"));
        fields.add(number("soakSeconds", "Time constant of the dip, a side (2.5)", "s", 0, 100, "0"));
        fields.add(number(
                "curdCold", "Fresh cheese: yields at 5 °C (cream cheese 3000; 0: is none)", "Pa", 0, 50_000, "0"));
        fields.add(number("curdWarm", "The same at 20 °C (cream cheese 800)", "Pa", 0, 50_000, "0"));
        fields.add(new OwnField("allergens", "Contains (ids of allergens)", "", 0, 0, "none", List.of(), true));
        fields.add(new OwnField("mayContain", "May contain", "", 0, 0, "none", List.of(), true));
        fields.add(choice("diet", "Vegetarian", "vegetarian", List.of("vegetarian", "ask", "not")));
        return fields;
    }
}
