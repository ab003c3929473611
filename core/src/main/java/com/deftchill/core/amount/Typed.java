package com.deftchill.core.amount;

import java.time.DateTimeException;
import java.time.LocalTime;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what was typed into a field: masses, temperatures, counts, clock times. */
public final class Typed {
    private static final Pattern NUMBER_AND_UNIT = Pattern.compile("([-+−]?)(\\d+(?:[.,]\\d+)?|[.,]\\d+)\\s*(\\D*)");
    private static final Pattern THOUSANDS_OR_DECIMAL = Pattern.compile("[1-9]\\d{0,2},\\d{3}");
    private static final Pattern TIME = Pattern.compile("(\\d{1,2})[:.h](\\d{2})");
    private static final Map<String, Double> GRAMS = Map.of("", 1.0, "g", 1.0, "gram", 1.0, "grams", 1.0, "kg", 1000.0);

    private Typed() {}

    /** Grams from text such as {@code 500}, {@code 7,4 g}, {@code 0.5 kg}, within a range that includes its ends. */
    public static double grams(String text, double least, double most) throws UnreadableException {
        var matcher = numberIn(text, "a mass such as 500 g or 0.5 kg");
        var factor = GRAMS.get(unit(matcher));
        if (factor == null) {
            throw new UnreadableException("the unit must be g or kg, as in 500 g or 0.5 kg");
        }
        return within(number(matcher) * factor, least, most, "g");
    }

    /** Degrees Celsius from text such as {@code 45} or {@code 45 °C}, within a range that includes its ends. */
    public static double celsius(String text, double least, double most) throws UnreadableException {
        var matcher = numberIn(text, "a temperature such as 45 °C");
        var unit = unit(matcher);
        if (!unit.isEmpty() && !unit.equals("°c") && !unit.equals("c") && !unit.equals("°")) {
            throw new UnreadableException("the unit must be °C, as in 45 °C");
        }
        return within(number(matcher), least, most, "°C");
    }

    /** A whole number within a range that includes its ends. */
    public static int count(String text, int least, int most) throws UnreadableException {
        var matcher = numberIn(text, "a whole number such as 12");
        double number = number(matcher);
        if (!unit(matcher).isEmpty() || number != Math.rint(number)) {
            throw new UnreadableException("must be a whole number such as 12");
        }
        return (int) within(number, least, most, "");
    }

    /** A time of day such as {@code 14:00}. */
    public static LocalTime time(String text) throws UnreadableException {
        var matcher = TIME.matcher(text.strip());
        if (matcher.matches()) {
            try {
                return LocalTime.of(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2)));
            } catch (DateTimeException e) {
                throw new UnreadableException("hours go from 0 to 23 and minutes from 0 to 59, as in 14:00");
            }
        }
        throw new UnreadableException("must be a time of day such as 14:00");
    }

    /** A number as a cook writes it: up to so many decimals, no trailing zeros, a point. */
    public static String write(double value, int decimals) {
        var text = String.format(Locale.ROOT, "%." + decimals + "f", value);
        return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
    }

    private static Matcher numberIn(String text, String wanted) throws UnreadableException {
        if (text.isBlank()) {
            throw new UnreadableException("is missing: write " + wanted);
        }
        var matcher = NUMBER_AND_UNIT.matcher(text.strip());
        if (!matcher.matches()) {
            throw new UnreadableException("must be " + wanted);
        }
        if (THOUSANDS_OR_DECIMAL.matcher(matcher.group(2)).matches()) {
            throw new UnreadableException(
                    "could be thousands or decimals: write it without the comma, or with a point");
        }
        return matcher;
    }

    private static double number(Matcher matcher) {
        double magnitude = Double.parseDouble(matcher.group(2).replace(',', '.'));
        return matcher.group(1).isEmpty() || matcher.group(1).equals("+") ? magnitude : -magnitude;
    }

    private static String unit(Matcher matcher) {
        return matcher.group(3).strip().toLowerCase(Locale.ROOT);
    }

    private static double within(double value, double least, double most, String unit) throws UnreadableException {
        if (value >= least && value <= most) {
            return value;
        }
        var space = unit.isEmpty() ? "" : " " + unit;
        throw new UnreadableException("must be from " + write(least, 3) + " to " + write(most, 3) + space);
    }
}
