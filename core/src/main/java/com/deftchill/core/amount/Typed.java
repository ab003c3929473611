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
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what was typed into a field of one unit: temperatures, counts, shares, durations, clock times. */
public final class Typed {
    private static final Pattern NUMBER_AND_UNIT = Pattern.compile("([-+−]?)(\\d+(?:[.,]\\d+)?|[.,]\\d+)\\s*(\\D*)");
    private static final Pattern THOUSANDS_OR_DECIMAL = Pattern.compile("[1-9]\\d{0,2},\\d{3}");
    private static final Pattern TWO_VALUES =
            Pattern.compile("(?i)(\\d+(?:[.,]\\d+)?)\\s*(?:-|–|—|to|or)\\s*(\\d+(?:[.,]\\d+)?)\\s*(\\D*)");
    private static final Pattern ABOUT = Pattern.compile("(?i)^(?:~|≈|(?:about|around|circa|ca|approx)\\b\\.?)\\s*");
    private static final Pattern MINUS = Pattern.compile("(?i)^minus\\s+");
    private static final Pattern COLON = Pattern.compile("(\\d{1,2}):(\\d{2})");
    private static final Pattern TIME = Pattern.compile("(\\d{1,2})[:.h](\\d{2})|(1[2-9]|2\\d)\\s*h");
    private static final Pattern TIME_OF_TWELVE = Pattern.compile("(\\d{1,2})(?:[:.](\\d{2}))?\\s*([ap])\\.?\\s?m\\.?");
    private static final Pattern HOUR = Pattern.compile("(\\d{1,2})\\s*(?:o'clock|h)?");
    private static final Pattern FOUR_DIGITS = Pattern.compile("([01]\\d|2[0-3])([0-5]\\d)");
    private static final Set<String> CELSIUS = Set.of("°c", "c", "deg c", "degrees c", "celsius", "degrees celsius");
    private static final Set<String> FAHRENHEIT =
            Set.of("°f", "f", "deg f", "degrees f", "fahrenheit", "degrees fahrenheit");
    private static final Set<String> DEGREES = Set.of("", "°", "deg", "degrees");

    private static final double INCH_MM = 25.4;
    /** How much of a field's unit others are. */
    private static final Map<String, Map<String, Double>> SAME_MEASURE = Map.of(
            "mm",
            lengths(1),
            "cm",
            lengths(0.1),
            "s",
            Map.of(
                    "sec", 1.0, "secs", 1.0, "second", 1.0, "seconds", 1.0, "min", 60.0, "minute", 60.0, "minutes",
                    60.0),
            "g",
            Map.of("gram", 1.0, "grams", 1.0, "kg", 1000.0));

    private static Map<String, Double> lengths(double mm) {
        double inch = INCH_MM * mm;
        return Map.of("mm", mm, "cm", 10 * mm, "in", inch, "inch", inch, "inches", inch, "\"", inch, "″", inch);
    }

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
        var unit = unit(matcher).replace('º', '°').replace("° ", "°");
        if (CELSIUS.contains(unit)) {
            return within(value, least, most, "°C");
        }
        if (FAHRENHEIT.contains(unit)) {
            return fahrenheit(value, least, most);
        }
        if (DEGREES.contains(unit)) {
            return bare(value, least, most, scale);
        }
        throw new UnreadableException(
                UnreadableException.rule("typed.temperature-unit").with("example", example));
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

    /**
     * Minutes from text such as {@code 10}, {@code 10 min}, {@code 1.5 h}, {@code 2 h 30}, {@code 2 days 6 h} or {@code half an
     * hour}, within a range that includes its ends. What is no length yet, such as {@code overnight}, is asked about.
     */
    public static double minutes(String text, double least, double most) throws UnreadableException {
        var plain = plain(text);
        askedWhichDuration(plain);
        double said = SpokenDuration.minutes(plain);
        if (!Double.isNaN(said) && !THOUSANDS_OR_DECIMAL.matcher(plain).lookingAt()) {
            return within(said, least, most, "min");
        }
        var matcher = numberIn(text, wanted("duration"));
        if (!unit(matcher).isEmpty() && Double.isNaN(said)) {
            throw new UnreadableException(UnreadableException.rule("typed.duration-unit"));
        }
        return within(number(matcher), least, most, "min");
    }

    private static void askedWhichDuration(String plain) throws UnreadableException {
        if (plain.equals("overnight") || plain.equals("over night") || plain.equals("a night")) {
            throw UnreadableException.asking(
                    UnreadableException.rule("typed.how-long"),
                    List.of(
                            new Choice("8 h", "a short night"),
                            new Choice("12 h", "evening to morning"),
                            new Choice("16 h", "until past noon")));
        }
        var colon = COLON.matcher(plain);
        if (colon.matches()) {
            int first = Integer.parseInt(colon.group(1));
            int second = Integer.parseInt(colon.group(2));
            throw UnreadableException.asking(
                    UnreadableException.rule("typed.which-duration"),
                    List.of(
                            new Choice(first + " h " + second + " min", "hours and minutes"),
                            new Choice(first + " min " + second + " s", "minutes and seconds")));
        }
    }

    /** A number with one unit that may be left out, or with another one of the same measure, within a range that includes its ends. */
    public static double number(String text, double least, double most, String unit) throws UnreadableException {
        var matcher = numberIn(text, wanted("number").with("example", (Notation.write(least, 0) + " " + unit).strip()));
        var written = unit(matcher);
        double each = written.isEmpty() || written.equals(unit.toLowerCase(Locale.ROOT))
                ? 1
                : SAME_MEASURE.getOrDefault(unit, Map.of()).getOrDefault(written, Double.NaN);
        if (Double.isNaN(each)) {
            throw new UnreadableException(
                    unit.isEmpty()
                            ? UnreadableException.rule("typed.no-unit")
                            : UnreadableException.rule("typed.unit").with("unit", unit));
        }
        return within(number(matcher) * each, least, most, unit);
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

    /** A time of day such as {@code 14:00}, {@code 14 h}, {@code 2:30 pm} or {@code noon}; which half of the day is asked. */
    public static LocalTime time(String text) throws UnreadableException {
        var plain = plain(text);
        if (plain.equals("noon") || plain.equals("midday")) {
            return LocalTime.NOON;
        }
        if (plain.equals("midnight")) {
            return LocalTime.MIDNIGHT;
        }
        var twelve = TIME_OF_TWELVE.matcher(plain);
        if (twelve.matches()) {
            int hour = Integer.parseInt(twelve.group(1));
            boolean known = hour >= 1 && hour <= 12;
            return clock(known ? hour % 12 + (twelve.group(3).equals("p") ? 12 : 0) : 24, twelve.group(2));
        }
        var matcher = TIME.matcher(plain);
        if (matcher.matches()) {
            var hour = matcher.group(1) == null ? matcher.group(3) : matcher.group(1);
            return clock(Integer.parseInt(hour), matcher.group(2));
        }
        askedWhichTime(plain);
        throw new UnreadableException(UnreadableException.rule("typed.time-of-day"));
    }

    private static LocalTime clock(int hour, String minutes) throws UnreadableException {
        try {
            return LocalTime.of(hour, minutes == null ? 0 : Integer.parseInt(minutes));
        } catch (DateTimeException e) {
            throw new UnreadableException(UnreadableException.rule("typed.clock"));
        }
    }

    private static void askedWhichTime(String plain) throws UnreadableException {
        var question = UnreadableException.rule("typed.time-of-day");
        var hour = HOUR.matcher(plain);
        if (hour.matches() && Integer.parseInt(hour.group(1)) < 24) {
            int given = Integer.parseInt(hour.group(1));
            var morning = new Choice(given + ":00", given < 12 ? "in the morning" : "after noon");
            throw UnreadableException.asking(
                    question,
                    given == 0 || given >= 12
                            ? List.of(morning)
                            : List.of(morning, new Choice(given + 12 + ":00", "after noon")));
        }
        var four = FOUR_DIGITS.matcher(plain);
        if (four.matches()) {
            throw UnreadableException.asking(
                    question, List.of(new Choice(four.group(1) + ":" + four.group(2), "a time of day")));
        }
    }

    private static String plain(String text) {
        return exact(text).toLowerCase(Locale.ROOT);
    }

    /** Without what only says that it is not exact. */
    private static String exact(String text) {
        return MINUS.matcher(ABOUT.matcher(text.strip()).replaceFirst("")).replaceFirst("-");
    }

    private static Matcher numberIn(String text, Message wanted) throws UnreadableException {
        if (text.isBlank()) {
            throw new UnreadableException(
                    UnreadableException.rule("typed.missing").with("wanted", wanted.said()));
        }
        var exact = exact(text);
        var matcher = NUMBER_AND_UNIT.matcher(exact);
        if (!matcher.matches()) {
            askedWhichOfTwo(exact);
            throw new UnreadableException(
                    UnreadableException.rule("typed.wanted").with("wanted", wanted.said()));
        }
        if (THOUSANDS_OR_DECIMAL.matcher(matcher.group(2)).matches()) {
            throw UnreadableException.asking(
                    UnreadableException.rule("which-comma"),
                    List.of(
                            new Choice(text.strip().replace(",", ""), "a thousand or more"),
                            new Choice(text.strip().replace(',', '.'), "a decimal point")));
        }
        return matcher;
    }

    /** {@code 45-50 °C}: one of both. */
    private static void askedWhichOfTwo(String exact) throws UnreadableException {
        var two = TWO_VALUES.matcher(exact);
        if (two.matches()) {
            var unit = two.group(3).isEmpty() ? "" : " " + two.group(3).strip();
            throw UnreadableException.asking(
                    UnreadableException.rule("typed.which-of-two"),
                    List.of(
                            new Choice(two.group(1) + unit, "the first"),
                            new Choice(two.group(2) + unit, "the second")));
        }
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
