package com.deftchill.core.learn;

import com.deftchill.core.larder.LarderFiles;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/**
 * What of a batch can be measured and learnt from. Each is read on a scale on which the influences on it add up: a height by the
 * logarithm of how much it sagged, a temperature as it is, all else by its logarithm.
 */
public enum Quantity {
    /** Height standing on the plate, mm. */
    STANDING_HEIGHT("mm"),
    /** Rigidity, Pa. */
    FIRMNESS("Pa"),
    /** From the first pour until it has set, min. */
    SET_AFTER("min"),
    /** Temperature of the core some minutes after its pour, °C. */
    CORE_AT("°C"),
    /** Density of what was folded or whipped, g/ml. */
    FOAM_DENSITY("g/ml"),
    /** Volume of all that was made of a layer, ml. */
    VOLUME("ml"),
    /** Air taken up in whipping, as a share of what it was. */
    OVERRUN("share"),
    /** Liquid that a biscuit took up, drenched, g/g. */
    SOAKED("g/g"),
    /** Density of a pressed base, g/ml. */
    PACKED("g/ml"),
    /** Lost from an open pan, g/cm2/min. */
    BOILED_OFF("g/cm2/min");

    /** Nothing sags less than can be told, as a share of its height. */
    private static final double LEAST_SAG = 1e-4;

    private static final double LOWEST = 1e-9;

    /**
     * How well it is known.
     *
     * @param error of one reading, in its unit
     * @param relative of one reading, as a share of it
     * @param scatter of batches made alike, on its scale
     * @param minutes of work for one more reading
     */
    private record Row(String id, double error, double relative, double scatter, double minutes) {}

    private static final Map<Quantity, Row> ROWS = rows();

    private final String unit;

    Quantity(String unit) {
        this.unit = unit;
    }

    private static Map<Quantity, Row> rows() {
        var rows = new EnumMap<Quantity, Row>(Quantity.class);
        List<Row> read = LarderFiles.read(Quantity.class, "quantities.csv", Quantity::row);
        for (var row : read) {
            rows.put(of(row.id()).orElseThrow(() -> new IllegalArgumentException("no quantity " + row.id())), row);
        }
        if (rows.size() != values().length) {
            throw new IllegalArgumentException("quantities.csv: each quantity must have a row");
        }
        return rows;
    }

    private static Row row(CSVRecord row) {
        return new Row(
                row.get("id"),
                Double.parseDouble(row.get("error")),
                Double.parseDouble(row.get("relative")),
                Double.parseDouble(row.get("scatter")),
                Double.parseDouble(row.get("minutes")));
    }

    /** By its id, such as {@code standing-height}. */
    public static Optional<Quantity> of(String id) {
        for (var quantity : values()) {
            if (quantity.id().equals(id)) {
                return Optional.of(quantity);
            }
        }
        return Optional.empty();
    }

    /** Such as {@code standing-height}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String unit() {
        return unit;
    }

    /** Work that one more reading takes, min. */
    public double minutes() {
        return ROWS.get(this).minutes();
    }

    /**
     * A value on the scale on which influences add up.
     *
     * @param whole height as moulded, mm; of no account but for a standing height
     */
    double link(double value, double whole) {
        return switch (this) {
            case STANDING_HEIGHT -> Math.log(Math.max(LEAST_SAG, 1 - value / whole));
            case CORE_AT -> value;
            default -> Math.log(Math.max(LOWEST, value));
        };
    }

    /** The value at a place of that scale. */
    double value(double link, double whole) {
        return switch (this) {
            case STANDING_HEIGHT -> whole * (1 - Math.exp(link));
            case CORE_AT -> link;
            default -> Math.exp(link);
        };
    }

    /** How much the value moves with its place on that scale. */
    double slope(double link, double whole) {
        return switch (this) {
            case STANDING_HEIGHT -> -whole * Math.exp(link);
            case CORE_AT -> 1;
            default -> Math.exp(link);
        };
    }

    /**
     * Standard deviation of a measured value about a predicted one: what the mean of its readings may be off by, and what
     * batches made alike differ by.
     *
     * @param readings how many the value is the mean of
     */
    double deviation(double predicted, double whole, int readings) {
        var row = ROWS.get(this);
        double slope = switch (this) {
            case STANDING_HEIGHT -> whole - predicted;
            case CORE_AT -> 1;
            default -> predicted;
        };
        double reading = Math.hypot(row.error(), row.relative() * predicted) / Math.sqrt(readings);
        return Math.hypot(reading, row.scatter() * slope);
    }
}
