package com.deftchill.core.kitchen;

/**
 * How a kitchen works, as written: ids of schools and rule sets, and figures as typed.
 *
 * @param name of the kitchen
 * @param measures whose spoons and cups a new formula is written in: metric, us, uk, au
 * @param temperature celsius or fahrenheit
 * @param swapSchool square-root, proportional or sheets
 * @param bloomSchool weighed, squeezed or dry
 * @param straining yes or no
 * @param safetyRules id of a rule set of safety-rules.csv
 * @param allergenList eu or us
 * @param scale what the scale shows, such as 1 g
 * @param fineScale what the fine scale shows, such as 0.1 g
 * @param fineBelow what is weighed on the fine scale, such as 50 g
 * @param room temperature of the room, such as 22 °C
 * @param currency that prices are in, such as €
 * @param prices of a kilogram, a line for each ingredient: its id, an equals sign, the price, such as cream-35 = 4.20
 * @param zone time zone by whose clock plans are made, such as Europe/Lisbon; empty: that of whoever makes the plan
 */
public record WrittenKitchen(
        String name,
        String measures,
        String temperature,
        String swapSchool,
        String bloomSchool,
        String straining,
        String safetyRules,
        String allergenList,
        String scale,
        String fineScale,
        String fineBelow,
        String room,
        String currency,
        String prices,
        String zone) {
    public WrittenKitchen {
        name = text(name);
        measures = text(measures);
        temperature = text(temperature);
        swapSchool = text(swapSchool);
        bloomSchool = text(bloomSchool);
        straining = text(straining);
        safetyRules = text(safetyRules);
        allergenList = text(allergenList);
        scale = text(scale);
        fineScale = text(fineScale);
        fineBelow = text(fineBelow);
        room = text(room);
        currency = text(currency);
        prices = text(prices);
        zone = text(zone);
    }

    /** The settings of a new kitchen. */
    public static WrittenKitchen standard() {
        return new WrittenKitchen(
                "My kitchen",
                "metric",
                "celsius",
                "square-root",
                "weighed",
                "yes",
                "us-code",
                "eu",
                "1 g",
                "0.1 g",
                "50 g",
                "20 °C",
                "€",
                "",
                "");
    }

    private static String text(String given) {
        return given == null ? "" : given;
    }
}
