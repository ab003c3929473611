package com.deftchill.core.probe;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * A probe's log as its maker writes it: any separator, any order of columns, any common clock. Columns are told by their names and by
 * what stands in them; what cannot be read is named with its line, nothing is guessed.
 *
 * @param points minutes after the pour and °C, in the order of time
 * @param bad lines that were left out, each with a reason
 * @param time name or number of the column that is the time
 * @param temperature that of the temperature
 * @param clock how the time is written
 * @param fahrenheit whether it was in °F
 */
public record ProbeLog(
        List<Point> points, List<Bad> bad, String time, String temperature, Clock clock, boolean fahrenheit) {
    public ProbeLog {
        points = List.copyOf(points);
        bad = List.copyOf(bad);
    }

    /** @param minutes after the pour; below 0 before it */
    public record Point(double minutes, double celsius) {}

    /**
     * @param line of the file, from 1
     * @param reason {@code time}, {@code temperature} or {@code columns}
     */
    public record Bad(long line, String text, String reason) {}

    /** How a time is written. */
    public enum Clock {
        /** Day and time, the year first or with points. */
        DATED,
        /** Day and time, and both day/month and month/day would do. */
        DAY_OR_MONTH,
        /** Time of day alone: it begins on the day of the pour and goes on past midnight. */
        TIME_OF_DAY,
        /** Since the log began: h:mm:ss, seconds or minutes. */
        ELAPSED,
        NONE
    }

    /** More than this is no log of one batch. */
    public static final int MOST_LINES = 50_000;

    private static final int MOST_BAD = 50;
    private static final double COLDEST = -60;
    private static final double HOTTEST = 300;
    private static final double FAHRENHEIT_ZERO = 32;
    private static final double FAHRENHEIT_STEP = 1.8;
    private static final double MINUTE = 60;
    private static final Pattern NUMBER =
            Pattern.compile("[-+]?\\d+([.,]\\d+)?\\s*(°?\\s*[CF])?", Pattern.CASE_INSENSITIVE);

    private static final List<DateTimeFormatter> DATED = Stream.of(
                    "yyyy-MM-dd'T'HH:mm[:ss][.SSS]['Z']",
                    "yyyy-MM-dd HH:mm[:ss][.SSS]",
                    "yyyy/MM/dd HH:mm[:ss]",
                    "d.M.yyyy[,] HH:mm[:ss]",
                    "d.M.yy[,] HH:mm[:ss]")
            .map(pattern -> DateTimeFormatter.ofPattern(pattern, Locale.ROOT))
            .toList();
    private static final DateTimeFormatter DAY_FIRST =
            DateTimeFormatter.ofPattern("d/M/[yyyy][yy] HH:mm[:ss]", Locale.ROOT);
    private static final DateTimeFormatter MONTH_FIRST =
            DateTimeFormatter.ofPattern("M/d/[yyyy][yy] HH:mm[:ss]", Locale.ROOT);
    private static final DateTimeFormatter OF_DAY = DateTimeFormatter.ofPattern("H:mm[:ss]", Locale.ROOT);

    /**
     * Reads a log.
     *
     * @param poured when the batch was poured, by the clock of the kitchen
     * @return empty where it is no table with a time and a temperature
     */
    public static Optional<ProbeLog> read(String text, LocalDateTime poured) {
        var rows = rows(text);
        if (rows.size() < 2) {
            return Optional.empty();
        }
        boolean named = Stream.of(rows.get(0).values())
                .noneMatch(cell -> celsius(cell, false).isPresent());
        var names = named ? rows.get(0).toList() : List.<String>of();
        var data = named ? rows.subList(1, rows.size()) : rows;
        return new Reader(names, data, poured).read();
    }

    private static List<CSVRecord> rows(String text) {
        var plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        var first = plain.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        char separator = first.indexOf('\t') >= 0 ? '\t' : first.indexOf(';') >= 0 ? ';' : ',';
        try (var parser = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .setCommentMarker('#')
                .get()
                .parse(new StringReader(plain))) {
            return parser.stream().limit(MOST_LINES).toList();
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            return List.of();
        }
    }

    private static OptionalDouble celsius(String cell, boolean fahrenheit) {
        var text = cell.strip();
        if (!NUMBER.matcher(text).matches()) {
            return OptionalDouble.empty();
        }
        boolean says = text.toUpperCase(Locale.ROOT).endsWith("F");
        double number = Double.parseDouble(text.replaceAll("[^-+0-9.,]", "").replace(',', '.'));
        double celsius = fahrenheit || says ? (number - FAHRENHEIT_ZERO) / FAHRENHEIT_STEP : number;
        return celsius >= COLDEST && celsius <= HOTTEST ? OptionalDouble.of(celsius) : OptionalDouble.empty();
    }

    /** Finds the columns, then reads line by line. */
    private record Reader(List<String> names, List<CSVRecord> rows, LocalDateTime poured) {
        Optional<ProbeLog> read() {
            int width = rows.stream().mapToInt(CSVRecord::size).max().orElse(0);
            int temperature = temperatureColumn(width);
            for (int time = 0; time < width; time++) {
                var clock = time == temperature ? Clock.NONE : clock(time);
                if (clock != Clock.NONE && temperature >= 0) {
                    return Optional.of(read(time, temperature, clock));
                }
            }
            return Optional.empty();
        }

        private String name(int column) {
            return column < names.size() ? names.get(column) : "column " + (column + 1);
        }

        private boolean named(int column, String... words) {
            var name = column < names.size() ? names.get(column).toLowerCase(Locale.ROOT) : "";
            return Stream.of(words).anyMatch(name::contains);
        }

        /** The one that is called so; else the last of numbers that could be temperatures and are no mere count. */
        private int temperatureColumn(int width) {
            int found = -1;
            for (int column = 0; column < width; column++) {
                if (mostly(column, cell -> celsius(cell, false).isPresent())) {
                    if (named(column, "temp", "°", "celsius", "fahrenheit", "probe", "core")) {
                        return column;
                    }
                    boolean time = named(column, "time", "elapsed", "sec", "min", "#", "no", "index");
                    found = time || counts(column) ? found : column;
                }
            }
            return found;
        }

        /** Numbers that only ever go up are a count or a clock. */
        private boolean counts(int column) {
            double last = Double.NEGATIVE_INFINITY;
            for (var row : rows) {
                var cell = column < row.size() ? celsius(row.get(column), false) : OptionalDouble.empty();
                if (cell.isPresent()) {
                    if (cell.getAsDouble() <= last) {
                        return false;
                    }
                    last = cell.getAsDouble();
                }
            }
            return true;
        }

        private boolean mostly(int column, Predicate<String> reads) {
            long can = rows.stream()
                    .filter(row -> column < row.size() && reads.test(row.get(column)))
                    .count();
            return can * 2 > rows.size();
        }

        private Clock clock(int column) {
            if (mostly(column, cell -> dated(cell).isPresent())) {
                return Clock.DATED;
            }
            if (mostly(
                    column,
                    cell -> slashed(cell, DAY_FIRST).isPresent()
                            || slashed(cell, MONTH_FIRST).isPresent())) {
                return Clock.DAY_OR_MONTH;
            }
            if (mostly(column, cell -> timeOfDay(cell).isPresent())) {
                boolean fromZero = rows.stream()
                        .filter(row -> column < row.size())
                        .map(row -> timeOfDay(row.get(column)))
                        .flatMap(Optional::stream)
                        .findFirst()
                        .filter(LocalTime.MIDNIGHT::equals)
                        .isPresent();
                return named(column, "elapsed", "since") || fromZero ? Clock.ELAPSED : Clock.TIME_OF_DAY;
            }
            boolean number = mostly(column, cell -> cell.matches("\\d+([.,]\\d+)?"));
            return number && named(column, "time", "elapsed", "sec", "min", "(s)", "since")
                    ? Clock.ELAPSED
                    : Clock.NONE;
        }

        private ProbeLog read(int time, int temperature, Clock clock) {
            boolean fahrenheit = named(temperature, "°f", "fahrenheit", "(f)", " f");
            var moment = moments(time, clock);
            var points = new ArrayList<Point>();
            var bad = new ArrayList<Bad>();
            for (var row : rows) {
                boolean whole = row.size() > Math.max(time, temperature);
                var minutes = whole ? moment.apply(row.get(time)) : OptionalDouble.empty();
                var celsius = whole ? celsius(row.get(temperature), fahrenheit) : OptionalDouble.empty();
                if (minutes.isPresent() && celsius.isPresent()) {
                    points.add(new Point(minutes.getAsDouble(), celsius.getAsDouble()));
                } else if (bad.size() < MOST_BAD) {
                    var reason = !whole ? "columns" : minutes.isEmpty() ? "time" : "temperature";
                    long line = row.getRecordNumber();
                    bad.add(new Bad(line, String.join(" ", row.values()), reason));
                }
            }
            points.sort((a, b) -> Double.compare(a.minutes(), b.minutes()));
            return new ProbeLog(points, bad, name(time), name(temperature), clock, fahrenheit);
        }

        /** Minutes after the pour of what stands in the column. */
        private Function<String, OptionalDouble> moments(int column, Clock clock) {
            return switch (clock) {
                case DATED -> cell -> since(dated(cell));
                case DAY_OR_MONTH -> {
                    var format = slashFormat(column);
                    yield cell -> since(slashed(cell, format));
                }
                case TIME_OF_DAY -> new OfDay(poured)::minutes;
                case ELAPSED -> {
                    double unit = named(column, "sec", "(s)") ? 1 / MINUTE : 1;
                    yield cell -> elapsed(cell, unit);
                }
                case NONE -> cell -> OptionalDouble.empty();
            };
        }

        /** Of day first and month first the one that lies nearer to the pour. */
        private DateTimeFormatter slashFormat(int column) {
            double day = nearest(column, DAY_FIRST);
            double month = nearest(column, MONTH_FIRST);
            return month < day ? MONTH_FIRST : DAY_FIRST;
        }

        private double nearest(int column, DateTimeFormatter format) {
            return rows.stream()
                    .filter(row -> column < row.size())
                    .map(row -> since(slashed(row.get(column), format)))
                    .mapToDouble(minutes -> minutes.isPresent() ? Math.abs(minutes.getAsDouble()) : Double.MAX_VALUE)
                    .min()
                    .orElse(Double.MAX_VALUE);
        }

        private OptionalDouble since(Optional<LocalDateTime> at) {
            return at.isPresent()
                    ? OptionalDouble.of(Duration.between(poured, at.get()).toSeconds() / MINUTE)
                    : OptionalDouble.empty();
        }
    }

    private static OptionalDouble elapsed(String cell, double unit) {
        var clock = timeOfDay(cell);
        if (clock.isPresent()) {
            return OptionalDouble.of(clock.get().toSecondOfDay() / MINUTE);
        }
        return cell.matches("\\d+([.,]\\d+)?")
                ? OptionalDouble.of(unit * Double.parseDouble(cell.replace(',', '.')))
                : OptionalDouble.empty();
    }

    /** Times of day that go on past midnight; the first is that of the day of the pour which lies nearest to it. */
    private static final class OfDay {
        private static final double HALF_A_DAY = 12 * 60;
        private static final double A_DAY = 24 * 60;

        private final LocalDateTime poured;
        private double last = Double.NEGATIVE_INFINITY;
        private double days;

        OfDay(LocalDateTime poured) {
            this.poured = poured;
        }

        OptionalDouble minutes(String cell) {
            var time = timeOfDay(cell);
            if (time.isEmpty()) {
                return OptionalDouble.empty();
            }
            LocalDate day = poured.toLocalDate();
            double minutes = Duration.between(poured, day.atTime(time.get())).toSeconds() / MINUTE + days;
            if (last == Double.NEGATIVE_INFINITY && minutes < -HALF_A_DAY) {
                days = A_DAY;
                minutes += A_DAY;
            } else if (minutes < last - HALF_A_DAY) {
                days += A_DAY;
                minutes += A_DAY;
            }
            last = minutes;
            return OptionalDouble.of(minutes);
        }
    }

    private static Optional<LocalDateTime> dated(String cell) {
        return DATED.stream()
                .flatMap(format -> parsed(cell, text -> LocalDateTime.parse(text, format)).stream())
                .findFirst();
    }

    private static Optional<LocalDateTime> slashed(String cell, DateTimeFormatter format) {
        return cell.indexOf('/') < 0 ? Optional.empty() : parsed(cell, text -> LocalDateTime.parse(text, format));
    }

    private static Optional<LocalTime> timeOfDay(String cell) {
        return parsed(cell, text -> LocalTime.parse(text, OF_DAY));
    }

    private static <T> Optional<T> parsed(String cell, Function<String, T> parse) {
        try {
            return Optional.of(parse.apply(cell.strip()));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    /** So many points that tell the course: even in the logarithm of time, which is how a core cools. */
    public List<Point> thinned(int most) {
        var after = points.stream().filter(p -> p.minutes() > 0).toList();
        if (after.size() <= most) {
            return after;
        }
        double first = Math.log(after.get(0).minutes());
        double last = Math.log(after.get(after.size() - 1).minutes());
        var thinned = new ArrayList<Point>();
        int at = 0;
        for (int i = 0; i < most; i++) {
            double wanted = Math.exp(first + (last - first) * i / (most - 1));
            while (at + 1 < after.size() && after.get(at).minutes() < wanted - 1e-9) {
                at++;
            }
            if (thinned.isEmpty() || !thinned.get(thinned.size() - 1).equals(after.get(at))) {
                thinned.add(after.get(at));
            }
        }
        return thinned;
    }
}
