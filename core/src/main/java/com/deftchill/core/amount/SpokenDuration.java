package com.deftchill.core.amount;

import com.deftchill.core.amount.AmountTokens.Token;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A duration as it is written or said: {@code 1½ hours}, {@code half an hour}, {@code 2 hrs 30}, {@code 1:30 h}, {@code 2 days and
 * 6 h}, {@code 1 min 30 s}.
 *
 * <pre>
 *   duration = part {["and" | ","] part} [minutes behind hours, without their unit]
 *   part     = number ["of"] ["a" | "an"] unit ["and" fraction]
 * </pre>
 *
 * Units come from the longest to the shortest, each once.
 */
final class SpokenDuration {
    private static final double HOUR = 60;
    /** Minutes in each, by how it is written. */
    private static final Map<String, Double> UNITS = Map.ofEntries(
            Map.entry("week", 7 * 24 * HOUR),
            Map.entry("weeks", 7 * 24 * HOUR),
            Map.entry("d", 24 * HOUR),
            Map.entry("day", 24 * HOUR),
            Map.entry("days", 24 * HOUR),
            Map.entry("h", HOUR),
            Map.entry("hr", HOUR),
            Map.entry("hrs", HOUR),
            Map.entry("hour", HOUR),
            Map.entry("hours", HOUR),
            Map.entry("m", 1.0),
            Map.entry("min", 1.0),
            Map.entry("mins", 1.0),
            Map.entry("minute", 1.0),
            Map.entry("minutes", 1.0),
            Map.entry("'", 1.0),
            Map.entry("s", 1 / 60.),
            Map.entry("sec", 1 / 60.),
            Map.entry("secs", 1 / 60.),
            Map.entry("second", 1 / 60.),
            Map.entry("seconds", 1 / 60.));

    private static final Set<String> BETWEEN = Set.of("of", "a", "an");

    private final List<Token> tokens;
    private int at;
    private double sum;
    private double last = Double.POSITIVE_INFINITY;

    private SpokenDuration(List<Token> tokens) {
        this.tokens = tokens;
    }

    /** Minutes; NaN for what is no duration. */
    static double minutes(String text) throws UnreadableException {
        return new SpokenDuration(AmountTokens.of(text)).minutes();
    }

    private double minutes() {
        while (at < tokens.size()) {
            if (!part()) {
                return Double.NaN;
            }
        }
        return last < Double.POSITIVE_INFINITY ? sum : Double.NaN;
    }

    /** One part more; whether there is one. */
    private boolean part() {
        if (at > 0 && (word().equals("and") || tokens.get(at).isSign(","))) {
            at++;
        }
        var number = clock();
        if (Double.isNaN(number.value())) {
            number = SpokenNumber.at(tokens, at);
        }
        if (Double.isNaN(number.value())) {
            return false;
        }
        at = number.next();
        while (BETWEEN.contains(word())) {
            at++;
        }
        if (at == tokens.size()) {
            return bare(number.value());
        }
        double unit = UNITS.getOrDefault(written(), Double.POSITIVE_INFINITY);
        at++;
        return unit < last && add(number.value() * unit, unit);
    }

    /** {@code 2 h 30}, {@code an hour and a half}. */
    private boolean bare(double value) {
        if (last == HOUR && value >= 1 && value < 60) {
            return add(value, 1);
        }
        return last < Double.POSITIVE_INFINITY && value < 1 && add(value * last, 0);
    }

    private boolean add(double minutes, double unit) {
        sum += minutes;
        last = unit;
        return true;
    }

    /** {@code 1:30} as hours, where their unit follows. */
    private SpokenNumber clock() {
        boolean colon = at + 3 < tokens.size()
                && tokens.get(at).isNumber()
                && tokens.get(at + 1).isSign(":")
                && tokens.get(at + 2).isNumber()
                && UNITS.getOrDefault(tokens.get(at + 3).word(), 0.0) == HOUR;
        return colon
                ? new SpokenNumber(tokens.get(at).number() + tokens.get(at + 2).number() / 60, at + 3)
                : new SpokenNumber(Double.NaN, at);
    }

    private String word() {
        return at < tokens.size() ? tokens.get(at).word() : "";
    }

    private String written() {
        var token = tokens.get(at);
        return token.isWord() ? token.word() : token.text();
    }
}
