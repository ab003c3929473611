package com.deftchill.core.amount;

import com.deftchill.core.amount.UnreadableException.Choice;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * An amount with another in brackets: {@code half a pint (284 ml)}. A bracket that agrees is used, since it is the plainer, unless
 * what stands before it is as plain: {@code 300 ml (½ pint)} is 300 ml; one that disagrees is asked about; one without a figure is a remark. {@code 2 (7 g) packets} is twice seven grams.
 */
final class Bracketed {
    private static final Pattern BEHIND = Pattern.compile("([^()]+)\\(([^()]+)\\)\\s*([^()]*)");
    private static final Pattern METRIC =
            Pattern.compile("(?i)[\\d½¼¾⅓⅔][\\d.,/ ½¼¾⅓⅔]*\\s*(?:g|kg|ml|cl|dl|l|grams?|litres?|liters?)");
    private static final Pattern APIECE = Pattern.compile("(?i)(.+?)\\s+(?:each|apiece)");
    /** What means one thing here and another there. */
    private static final Pattern WHOSE = Pattern.compile("(?i)\\b(?:fl\\.? ?oz|pints?)\\b");

    private static final Pattern ONE_OF = Pattern.compile(
            "(?i)^(?:1|an?|one)\\s+(?:small |large |medium )?(?:packet|pack|package|sachet|tin|can|tub|jar|carton|bag|block|bottle|pot)\\b");
    /** The number that an amount begins with, in figures or in a word. */
    private static final Pattern FIRST = Pattern.compile("^(\\S+).*$");
    /** What is rounded in a notebook agrees within this. */
    private static final double AGREES = 0.08;

    /** How an amount without brackets is read. */
    interface Reading {
        Amount read(String text, Subject subject) throws UnreadableException;
    }

    private Bracketed() {}

    /** What a text with brackets comes to; empty for a text without. */
    static Optional<Amount> read(String text, Subject subject, Reading reading) throws UnreadableException {
        var matcher = BEHIND.matcher(text.strip());
        if (!matcher.matches()) {
            return Optional.empty();
        }
        var outer = (matcher.group(1).strip() + " " + matcher.group(3).strip()).strip();
        var inner = matcher.group(2).strip();
        if (!inner.matches(".*[\\d½¼¾⅓⅔].*")) {
            return Optional.of(reading.read(outer, subject));
        }
        var apiece = APIECE.matcher(inner);
        if (apiece.matches()) {
            return Optional.of(times(FIRST.matcher(outer).replaceFirst("$1"), apiece.group(1), subject, reading));
        }
        var each = of(inner, subject, reading);
        if (each.isPresent()
                && matcher.group(3)
                        .strip()
                        .matches(
                                "(?i)(packets?|packages?|sachets?|tins?|cans?|tubs?|jars?|bars?|packs?|cartons?|bags?)\\b.*")) {
            return Optional.of(times(matcher.group(1).strip(), inner, subject, reading));
        }
        if (each.isEmpty() && WHOSE.matcher(inner).find()) {
            return Optional.of(meantBy(outer, inner, subject, reading));
        }
        if (each.isEmpty()) {
            throw which(outer, inner);
        }
        try {
            var read = reading.read(outer, subject);
            if (agree(read.grams(), each.get().grams())) {
                return METRIC.matcher(outer).matches() ? Optional.of(read) : each;
            }
        } catch (UnreadableException e) {
            for (var choice : e.choices()) {
                var meant = of(choice.text(), subject, reading);
                if (meant.isPresent() && agree(meant.get().grams(), each.get().grams())) {
                    return each;
                }
            }
            // One of what nobody knows the size of is what the bracket says.
            if (e.choices().isEmpty() && ONE_OF.matcher(outer).find()) {
                return each;
            }
        }
        throw which(outer, inner);
    }

    /** So many of what a bracket holds. */
    private static Amount times(String count, String inner, Subject subject, Reading reading)
            throws UnreadableException {
        double number = reading.read(count, Subject.water(subject.name())).grams();
        return new Amount(number * reading.read(inner, subject).grams(), count + " x " + inner);
    }

    /** A bracket with several meanings, one of which agrees, is a remark. */
    private static Amount meantBy(String outer, String inner, Subject subject, Reading reading)
            throws UnreadableException {
        var read = of(outer, subject, reading);
        try {
            reading.read(inner, subject);
        } catch (UnreadableException e) {
            for (var choice : e.choices()) {
                var meant = of(choice.text(), subject, reading);
                if (read.isPresent()
                        && meant.isPresent()
                        && agree(read.get().grams(), meant.get().grams())) {
                    return read.get();
                }
            }
        }
        throw which(outer, inner);
    }

    private static Optional<Amount> of(String text, Subject subject, Reading reading) {
        try {
            return Optional.of(reading.read(text, subject));
        } catch (UnreadableException e) {
            return Optional.empty();
        }
    }

    private static boolean agree(double a, double b) {
        return Math.abs(a - b) <= AGREES * Math.max(a, b);
    }

    private static UnreadableException which(String outer, String inner) {
        return UnreadableException.asking(
                UnreadableException.rule("amount.which"),
                List.of(new Choice(outer, "the first"), new Choice(inner, "the one in brackets")));
    }
}
