package com.deftchill.core.amount;

import com.deftchill.core.amount.UnreadableException.Choice;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.TemperatureScale;
import java.time.DateTimeException;
import java.time.LocalTime;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what was typed into a field of one unit: temperatures, counts, shares, durations, clock times. */
public final class Typed {
    private static final Pattern NUMBER_AND_UNIT = Pattern.compile("([-+−]?)(\\d+(?:[.,]\\d+)?|[.,]\\d+)\\s*(\\D*)");
    private static final Pattern THOUSANDS_OR_DECIMAL = Pattern.compile("[1-9]\\d{0,2},\\d{3}");
    private static final Pattern HOURS_AND_MINUTES =
            Pattern.compile("(\\d{1,3})\\s*h(?:ours?)?\\s*(\\d{1,2})\\s*(?:m|min|mins|minutes)?");
    private static final Pattern DAYS_AND_HOURS = Pattern.compile(
            "(\\d{1,2})\\s*d(?:ays?)?,?\\s*(?:and\\s*)?(\\d{1,2})\\s*h(?:ours?)?(?:\\s*(\\d{1,2})\\s*(?:m|min|mins|minutes))?");
    private static final Pattern TIME = Pattern.compile("(\\d{1,2})[:.h](\\d{2})");

    private Typed() {}

    /**
     * Degrees Celsius from text such as {@code 45}, {@code 45 °C} or {@code 113 °F}, within a range that includes its ends.
     *
     * @param scale the kitchen's own: where it is Fahrenheit, a bare number is asked about
     */
    public static double celsius(String text, double least, double most, TemperatureScale scale)
            throws UnreadableException {
        var example = Notation.write(scale.of(45), 0) + " " + scale.unit();
        var matcher = numberIn(text, wanted("temperature").with("example", example));
        double value = number(matcher);
        return switch (unit(matcher)) {
            case "°c", "c" -> within(value, least, most, "°C");
            case "°f", "f" -> fahrenheit(value, least, most);
            case "", "°" -> bare(value, least, most, scale);
            default ->
                throw new UnreadableException(
                        UnreadableException.rule("typed.temperature-unit").with("example", example));
        };
    }

    private static double fahrenheit(double value, double least, double most) throws UnreadableException {
        double celsius = TemperatureScale.FAHRENHEIT.toCelsius(value);
        if (celsius >= least && celsius <= most) {
            return celsius;
        }
        throw new UnreadableException(UnreadableException.rule("typed.range")
                .with("least", Argument.figure(TemperatureScale.FAHRENHEIT.of(least), 1))
                .with("most", Argument.figure(TemperatureScale.FAHRENHEIT.of(most), 1))
                .with("unit", " °F"));
    }

    private static double bare(double value, double least, double most, TemperatureScale scale)
            throws UnreadableException {
        if (scale == TemperatureScale.FAHRENHEIT) {
            var number = Notation.write(value, 2);
            throw UnreadableException.asking(
                    UnreadableException.rule("typed.which-degrees"),
                    List.of(new Choice(number + " °C", "Celsius"), new Choice(number + " °F", "Fahrenheit")));
        }
        return within(value, least, most, "°C");
    }

    /** A share from text such as {@code 3 %}, within a range of per cent that includes its ends. */
    public static double share(String text, double leastPercent, double mostPercent) throws UnreadableException {
        var matcher = numberIn(text, wanted("share"));
        if (!unit(matcher).isEmpty() && !unit(matcher).equals("%")) {
            throw new UnreadableException(UnreadableException.rule("typed.share-unit"));
        }
        return within(number(matcher), leastPercent, mostPercent, "%") / 100;
    }

    /** Minutes from text such as {@code 10}, {@code 10 min}, {@code 1.5 h}, {@code 2 h 30}, {@code 2 days} or {@code 2 days 6 h}, within a range that includes its ends. */
    public static double minutes(String text, double least, double most) throws UnreadableException {
        var both = HOURS_AND_MINUTES.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (both.matches()) {
            return within(
                    60 * Double.parseDouble(both.group(1)) + Double.parseDouble(both.group(2)), least, most, "min");
        }
        var days = DAYS_AND_HOURS.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (days.matches()) {
            double hours = 24 * Double.parseDouble(days.group(1)) + Double.parseDouble(days.group(2));
            double minutes = days.group(3) == null ? 0 : Double.parseDouble(days.group(3));
            return within(60 * hours + minutes, least, most, "min");
        }
        var matcher = numberIn(text, wanted("duration"));
        double factor = switch (unit(matcher)) {
            case "", "min", "mins", "minute", "minutes" -> 1;
            case "h", "hour", "hours" -> 60;
            case "d", "day", "days" -> 24 * 60;
            case "s", "sec", "seconds" -> 1 / 60.;
            default -> throw new UnreadableException(UnreadableException.rule("typed.duration-unit"));
        };
        return within(number(matcher) * factor, least, most, "min");
    }

    /** A number with one unit that may be left out, within a range that includes its ends. */
    public static double number(String text, double least, double most, String unit) throws UnreadableException {
        var matcher = numberIn(text, wanted("number").with("example", (Notation.write(least, 0) + " " + unit).strip()));
        if (!unit(matcher).isEmpty() && !unit(matcher).equals(unit.toLowerCase(Locale.ROOT))) {
            throw new UnreadableException(
                    unit.isEmpty()
                            ? UnreadableException.rule("typed.no-unit")
                            : UnreadableException.rule("typed.unit").with("unit", unit));
        }
        return within(number(matcher), least, most, unit);
    }

    /** A whole number within a range that includes its ends. */
    public static int count(String text, int least, int most) throws UnreadableException {
        var matcher = numberIn(text, wanted("whole"));
        double number = number(matcher);
        if (!unit(matcher).isEmpty() || number != Math.rint(number)) {
            throw new UnreadableException(UnreadableException.rule("typed.whole"));
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
                throw new UnreadableException(UnreadableException.rule("typed.clock"));
            }
        }
        throw new UnreadableException(UnreadableException.rule("typed.time-of-day"));
    }

    private static Matcher numberIn(String text, Message wanted) throws UnreadableException {
        if (text.isBlank()) {
            throw new UnreadableException(
                    UnreadableException.rule("typed.missing").with("wanted", wanted.said()));
        }
        var matcher = NUMBER_AND_UNIT.matcher(text.strip());
        if (!matcher.matches()) {
            throw new UnreadableException(
                    UnreadableException.rule("typed.wanted").with("wanted", wanted.said()));
        }
        if (THOUSANDS_OR_DECIMAL.matcher(matcher.group(2)).matches()) {
            throw UnreadableException.asking(
                    UnreadableException.rule("which-comma"),
                    List.of(
                            new Choice(text.replace(",", ""), "a thousand or more"),
                            new Choice(text.replace(',', '.'), "a decimal point")));
        }
        return matcher;
    }

    private static Message wanted(String what) {
        return UnreadableException.rule("wanted." + what);
    }

    private static double number(Matcher matcher) {
        double magnitude = Double.parseDouble(matcher.group(2).replace(',', '.'));
        return matcher.group(1).isEmpty() || matcher.group(1).equals("+") ? magnitude : -magnitude;
    }

    private static String unit(Matcher matcher) {
        return matcher.group(3).strip().toLowerCase(Locale.ROOT);
    }

    /** The value if it lies in a range that includes its ends. */
    public static double within(double value, double least, double most, String unit) throws UnreadableException {
        if (value >= least && value <= most) {
            return value;
        }
        var space = unit.isEmpty() ? "" : " " + unit;
        throw new UnreadableException(UnreadableException.rule("typed.range")
                .with("least", Argument.figure(least, 3))
                .with("most", Argument.figure(most, 3))
                .with("unit", space));
    }
}
