package com.deftchill.core.amount;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a notebook amount into numbers, words and signs. */
final class AmountTokens {
    private static final String VULGAR = "½¼¾⅓⅔⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚";
    private static final double[] VULGAR_VALUES = {
        1 / 2., 1 / 4., 3 / 4., 1 / 3., 2 / 3., 1 / 8., 3 / 8., 5 / 8., 7 / 8., 1 / 5., 2 / 5., 3 / 5., 4 / 5., 1 / 6.,
        5 / 6.
    };
    private static final Pattern TOKEN = Pattern.compile("\\s*(?:"
            + "(?:(?<whole>\\d{1,7})(?:\\s*-\\s*|\\s+))?(?<over>\\d{1,7})\\s*/\\s*(?<under>\\d{1,7})"
            + "|(?<before>\\d{1,7})?\\s*(?<vulgar>[" + VULGAR + "])"
            + "|(?<decimal>\\d{1,15}(?:[.,]\\d{1,20})?|[.,]\\d{1,20})"
            + "|(?<word>[\\p{L}°]+)\\.?"
            + "|(?<sign>\\S))");
    private static final Map<String, Double> NUMBER_WORDS = Map.ofEntries(
            Map.entry("a", 1.0),
            Map.entry("an", 1.0),
            Map.entry("one", 1.0),
            Map.entry("two", 2.0),
            Map.entry("three", 3.0),
            Map.entry("four", 4.0),
            Map.entry("five", 5.0),
            Map.entry("six", 6.0),
            Map.entry("seven", 7.0),
            Map.entry("eight", 8.0),
            Map.entry("nine", 9.0),
            Map.entry("ten", 10.0),
            Map.entry("eleven", 11.0),
            Map.entry("twelve", 12.0),
            Map.entry("thirteen", 13.0),
            Map.entry("fourteen", 14.0),
            Map.entry("fifteen", 15.0),
            Map.entry("sixteen", 16.0),
            Map.entry("seventeen", 17.0),
            Map.entry("eighteen", 18.0),
            Map.entry("nineteen", 19.0),
            Map.entry("twenty", 20.0),
            Map.entry("thirty", 30.0),
            Map.entry("forty", 40.0),
            Map.entry("fifty", 50.0),
            Map.entry("sixty", 60.0),
            Map.entry("seventy", 70.0),
            Map.entry("eighty", 80.0),
            Map.entry("ninety", 90.0));
    private static final Map<String, Double> FRACTION_WORDS = Map.of(
            "half", 0.5,
            "quarter", 0.25,
            "quarters", 0.25,
            "third", 1 / 3.,
            "thirds", 1 / 3.,
            "halves", 0.5,
            "eighth", 1 / 8.,
            "eighths", 1 / 8.,
            "fifth", 1 / 5.,
            "fifths", 1 / 5.);

    private AmountTokens() {}

    /**
     * A piece of the text.
     *
     * @param word in lower case, or empty
     * @param number its value, or NaN
     * @param text as typed
     */
    record Token(String word, double number, String text) {
        boolean isNumber() {
            return !Double.isNaN(number);
        }

        boolean isWord() {
            return !word.isEmpty();
        }

        boolean isSign(String signs) {
            return !isNumber() && !isWord() && signs.contains(text);
        }

        /** The value of "a", "two"...; NaN for other words. */
        double numberWord() {
            return NUMBER_WORDS.getOrDefault(word, Double.NaN);
        }

        /** The value of "half", "quarter"...; NaN for other words. */
        double fractionWord() {
            return FRACTION_WORDS.getOrDefault(word, Double.NaN);
        }
    }

    static List<Token> of(String text) throws UnreadableException {
        var tokens = new ArrayList<Token>();
        var matcher = TOKEN.matcher(text.strip());
        while (matcher.lookingAt()) {
            tokens.add(token(matcher));
            matcher.region(matcher.end(), matcher.regionEnd());
        }
        return withHundreds(tokens);
    }

    /** "A hundred and fifty" is one number. */
    private static List<Token> withHundreds(List<Token> tokens) {
        var merged = new ArrayList<Token>();
        for (int i = 0; i < tokens.size(); i++) {
            var token = tokens.get(i);
            double before = merged.isEmpty() ? Double.NaN : value(merged.get(merged.size() - 1));
            if (!token.word().equals("hundred") || Double.isNaN(before)) {
                merged.add(token);
                continue;
            }
            double number = 100 * before;
            var text = new StringBuilder(merged.remove(merged.size() - 1).text() + " " + token.text());
            boolean and =
                    i + 2 < tokens.size() && tokens.get(i + 1).word().equals("and") && isSpoken(tokens.get(i + 2));
            if (and) {
                text.append(" ").append(tokens.get(++i).text());
            }
            while (i + 1 < tokens.size() && isSpoken(tokens.get(i + 1))) {
                number += tokens.get(++i).numberWord();
                text.append(" ").append(tokens.get(i).text());
            }
            merged.add(new Token("", number, text.toString()));
        }
        return merged;
    }

    private static double value(Token token) {
        return token.isNumber() ? token.number() : token.numberWord();
    }

    /** A number in a word, but no article. */
    private static boolean isSpoken(Token token) {
        return !Double.isNaN(token.numberWord()) && token.word().length() > 2;
    }

    private static Token token(Matcher m) throws UnreadableException {
        var text = m.group().strip();
        if (m.group("over") != null) {
            double under = Double.parseDouble(m.group("under"));
            if (under == 0) {
                throw new UnreadableException(UnreadableException.rule("amount.divided-by-zero"));
            }
            double whole = m.group("whole") == null ? 0 : Double.parseDouble(m.group("whole"));
            return new Token("", whole + Double.parseDouble(m.group("over")) / under, text);
        }
        if (m.group("vulgar") != null) {
            double whole = m.group("before") == null ? 0 : Double.parseDouble(m.group("before"));
            return new Token("", whole + VULGAR_VALUES[VULGAR.indexOf(m.group("vulgar"))], text);
        }
        if (m.group("decimal") != null) {
            return new Token("", Double.parseDouble(m.group("decimal").replace(',', '.')), text);
        }
        if (m.group("word") != null) {
            return new Token(m.group("word").toLowerCase(Locale.ROOT), Double.NaN, m.group("word"));
        }
        return new Token("", Double.NaN, text);
    }
}
