package com.deftchill.core.amount;

import com.deftchill.core.amount.AmountTokens.Token;
import java.util.List;
import java.util.Set;

/**
 * A number as it is written or said: {@code 1½}, {@code one and a half}, {@code two-thirds}, {@code twenty-five}, {@code half a
 * dozen}, {@code 2 x 250}.
 *
 * <pre>
 *   number = value [fraction word] ["and" ["a"] fraction] ["dozen"] {"x" value}
 *   value  = digits | number word [number word below ten] | fraction word
 * </pre>
 *
 * @param value of it
 * @param next token behind it
 */
record SpokenNumber(double value, int next) {
    private static final double DOZEN = 12;
    private static final double FEW = 3;
    private static final Set<String> ARTICLES = Set.of("a", "an", "one");

    /** The number that begins at a token; its value is NaN where none does. */
    static SpokenNumber at(List<Token> tokens, int from) {
        var found = single(tokens, from);
        if (Double.isNaN(found.value())) {
            return found;
        }
        double value = found.value();
        int next = found.next();
        var rest = fractionBehind(tokens, next);
        if (rest.next() > next) {
            value += rest.value();
            next = rest.next();
        }
        int dozen = word(tokens, next).equals("a") ? next + 1 : next;
        if (word(tokens, dozen).startsWith("dozen")) {
            value *= DOZEN;
            next = dozen + 1;
        }
        while ((word(tokens, next).equals("x") || sign(tokens, next, "x×*"))
                && next + 1 < tokens.size()
                && tokens.get(next + 1).isNumber()) {
            value *= tokens.get(next + 1).number();
            next += 2;
        }
        return new SpokenNumber(value, next);
    }

    /** Without what is said behind it. */
    private static SpokenNumber single(List<Token> tokens, int from) {
        if (from >= tokens.size()) {
            return new SpokenNumber(Double.NaN, from);
        }
        var first = tokens.get(from);
        int next = from + 1;
        double value = first.isNumber() ? first.number() : first.numberWord();
        if (Double.isNaN(value)) {
            return new SpokenNumber(first.fractionWord(), next);
        }
        if (ARTICLES.contains(first.word())) {
            var said = word(tokens, next);
            if (said.equals("couple") || said.equals("few")) {
                return new SpokenNumber(said.equals("few") ? FEW : 2, next + 1);
            }
        }
        if (!first.isNumber() && value >= 20 && next < tokens.size()) {
            double unit = tokens.get(next).numberWord();
            if (unit >= 1 && unit < 10 && !ARTICLES.contains("" + word(tokens, next))
                    || word(tokens, next).equals("one")) {
                value += unit;
                next++;
            }
        }
        if (next < tokens.size() && !Double.isNaN(tokens.get(next).fractionWord())) {
            return new SpokenNumber(value * tokens.get(next).fractionWord(), next + 1);
        }
        return new SpokenNumber(value, next);
    }

    /** {@code and a half}, {@code and 1/2}, {@code and three quarters}: below one, so that it goes on with what stands before. */
    static SpokenNumber fractionBehind(List<Token> tokens, int from) {
        var none = new SpokenNumber(0, from);
        if (!word(tokens, from).equals("and")) {
            return none;
        }
        var fraction = single(tokens, from + 1);
        return fraction.value() > 0 && fraction.value() < 1 ? fraction : none;
    }

    private static String word(List<Token> tokens, int at) {
        return at < tokens.size() ? tokens.get(at).word() : "";
    }

    private static boolean sign(List<Token> tokens, int at, String signs) {
        return at < tokens.size() && tokens.get(at).isSign(signs);
    }
}
