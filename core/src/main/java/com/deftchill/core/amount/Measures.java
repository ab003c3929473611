package com.deftchill.core.amount;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Whose spoons, cups and pints a kitchen measures by, in millilitres. US customary measures follow from the gallon of
 * 231 cubic inches [S]; imperial ones from the gallon of 4.54609 l [S]; metric and Australian spoons and cups are round
 * figures [S]. A measure that a kitchen does not have is NaN: then it is asked about, never guessed.
 */
public enum Measures {
    METRIC("metric", "metric", 5, 15, 250, Double.NaN, Double.NaN),
    US("us", "US", 231 * 16.387064 / 768, 231 * 16.387064 / 256, 231 * 16.387064 / 16, 231 * 16.387064 / 8, 16),
    UK("uk", "UK", 5, 15, 4546.09 / 16, 4546.09 / 8, 20),
    AU("au", "Australian", 5, 20, 250, 4546.09 / 8, 20),
    /** Not known whose: every spoon and cup is asked about. */
    UNKNOWN("ask", "unknown", Double.NaN, Double.NaN, Double.NaN, Double.NaN, Double.NaN);

    /** Those that a cook can choose. */
    public static final List<Measures> CHOICES = List.of(METRIC, US, UK, AU);

    private final String id;
    private final String words;
    private final double teaspoon;
    private final double tablespoon;
    private final double cup;
    private final double pint;
    private final double fluidOunce;

    Measures(
            String id,
            String words,
            double teaspoon,
            double tablespoon,
            double cup,
            double pint,
            double ouncesInAPint) {
        this.id = id;
        this.words = words;
        this.teaspoon = teaspoon;
        this.tablespoon = tablespoon;
        this.cup = cup;
        this.pint = pint;
        this.fluidOunce = pint / ouncesInAPint;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** The one a document names; {@link #UNKNOWN} when it names none. */
    public static Optional<Measures> of(String id) {
        var wanted = id.isEmpty() ? UNKNOWN.id : id;
        return Arrays.stream(values()).filter(m -> m.id.equals(wanted)).findFirst();
    }

    /** Volume of a unit in ml, or NaN where this kitchen has none of the name. */
    double ml(KitchenUnit unit) {
        return switch (unit) {
            case TEASPOON -> teaspoon;
            case TABLESPOON -> tablespoon;
            case CUP -> cup;
            case PINT -> pint;
            case FLUID_OUNCE -> fluidOunce;
            case QUART -> 2 * pint;
            case GALLON -> 8 * pint;
        };
    }

    /** Units whose size depends on whose kitchen it is. */
    enum KitchenUnit {
        TEASPOON("tsp"),
        TABLESPOON("tbsp"),
        FLUID_OUNCE("fl oz"),
        CUP("cup"),
        PINT("pint"),
        QUART("quart"),
        GALLON("gallon");

        private final String symbol;

        KitchenUnit(String symbol) {
            this.symbol = symbol;
        }

        String symbol() {
            return symbol;
        }
    }
}
