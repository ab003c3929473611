package com.deftchill.core.paste;

import com.deftchill.core.amount.Amount;
import com.deftchill.core.amount.AmountReader;
import com.deftchill.core.amount.Measures;
import com.deftchill.core.amount.Subject;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.paste.PastedLine.Kind;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Problem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads a list of ingredients line by line: amount first or last, notes behind a comma or in brackets. */
public final class PastedList {
    private static final int MOST_LINES = 300;
    private static final int LONGEST = 300;
    private static final Pattern TIN = Pattern.compile("(?i)\\b(?:tins?|cans?|jars?)\\b");
    private static final Pattern DRAINED = Pattern.compile("(?i)\\bdrained\\b");
    private static final Pattern PACKED = Pattern.compile(
            "(?i)\\s+in\\s+(?:(?:its|their|own|natural|light|heavy|fruit)\\s+)*(?:juice|syrup|brine)\\b");
    private static final Pattern UNSWEETENED =
            Pattern.compile("(?i)\\b(?:unsweetened|baking|bitter|cocoa mass|cocoa liquor)\\b");
    private static final Pattern JUICE_AND_ZEST = Pattern.compile(
            "(?i)\\b(?:juice|zest|rind|peel)(?:\\s*\\+\\s*|\\s*&\\s*|\\s+and\\s+)(?:the\\s+)?(?:juice|zest|rind|peel)\\b");
    private static final String IMPERIAL = "(?:fl\\.? ?oz|oz|lbs?|pints?|cups?)";
    /** The same in two systems: "225g/8oz". */
    private static final Pattern DUAL =
            Pattern.compile("(?i)^(\\d[\\d.,]*\\s*(?:g|kg|ml|cl|dl|l)|[\\d½¼¾⅓⅔][\\d.,/ ½¼¾⅓⅔]*\\s*" + IMPERIAL
                    + ")\\s*/\\s*([\\d½¼¾⅓⅔][\\d.,/ ½¼¾⅓⅔]*\\s*(?:" + IMPERIAL + "|g|kg|ml|cl|dl|l)\\b)");

    private static final String UNIT = "(?:g|kg|ml|cl|l|oz|ounces?|lb|pounds?)";
    /** "14-ounce". */
    private static final Pattern HYPHEN = Pattern.compile("(?i)(\\d)-(" + UNIT + ")\\b");
    /** "1 8-oz package": not eighteen. */
    private static final Pattern COUNT_OF_SIZE =
            Pattern.compile("(?i)^(\\d{1,2}) (\\d+(?:\\.\\d+)?)-(" + UNIT + ")\\b");

    private static final Pattern NUMBER = Pattern.compile("[\\d.,/]+");
    private static final Pattern STRENGTH = Pattern.compile("(?i)\\b(\\d{2,3})[\\s-]*(?:°\\s*)?bloom\\b");
    /** Strengths of one name differ so much from lot to lot, Bloom (handbook 10: 8 %). */
    private static final double SAME_BLOOM = 15;

    private static final Pattern LEAVES = Pattern.compile("(?i)\\b(?:leaf|leaves|sheets?)\\b");
    private static final Pattern BULLET = Pattern.compile("^\\s*(?:[-*•–—·▢□]\\s+|[-*•–—·▢□](?=\\d)|\\d{1,2}[.)]\\s+)");
    private static final Pattern HEADING = Pattern.compile("^[^\\d½¼¾⅓⅔]{1,60}:\\s*$");
    private static final Pattern LAST =
            Pattern.compile("^(.*?)\\s*[:–-]?\\s+(\\d[\\d.,/ ]*\\s*(?:g|kg|ml|cl|l|oz|lb)?)$");
    private static final Pattern COUNT_LAST = Pattern.compile("^([^:]+):\\s*(\\d.*)$");
    private static final Set<String> TITLES = Set.of(
            "method", "ingredients", "preparation", "directions", "instructions", "to finish", "topping", "base");
    private static final String NUMBER_WORDS =
            "an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|[a-z]+teen|twenty|[a-z]+ty|half|halves"
                    + "|thirds?|quarters?|fifths?|eighths?|dozen|couple|few|and|of";
    /** A number in figures or words, and nothing that it counts. */
    private static final Pattern BARE = Pattern.compile(
            "(?i)((?:[\\d½¼¾⅓⅔][\\d.,/ ½¼¾⅓⅔]*|" + NUMBER_WORDS + ")(?:[\\s-]+(?:[\\d½¼¾⅓⅔][\\d.,/½¼¾⅓⅔]*|"
                    + NUMBER_WORDS + "))*)(?:\\s+(?:titanium|bronze|silver|gold|platinum|large|whole|medium|small))*");
    /** An amount with the plainer one in brackets behind it. */
    private static final Pattern IN_BRACKETS = Pattern.compile(
            "(?i)^([^()]*\\(\\s*[\\d½¼¾⅓⅔][\\d.,/ ½¼¾⅓⅔]*(?:g|kg|ml|cl|dl|l|fl\\.? ?oz|oz|ounces?|lbs?|pounds?|pints?|cups?|tbsp|tsp)(?:\\s+(?:each|apiece))?\\s*\\))(?:\\s*(\\p{L}+))?");
    /** Whites and yolks told by the eggs that they are of. */
    private static final Pattern OF_EGGS =
            Pattern.compile("(?i)\\b(yolks?|whites?) (?:of|from) (\\d+|\\p{L}+) (?:large |medium |small )?eggs?\\b");

    private static final Pattern SHARE = Pattern.compile("\\d\\s*%|\\b\\d{2} per ?cent");
    /** Dry cocoa of dark chocolates, g/g: white, milk and unsweetened ones say what they are. */
    private static final double LEAST_COCOA = 0.15;

    private static final double MOST_COCOA = 0.42;
    /** Cocoa butter of a bean, g/g: what has so much of it is chocolate, not powder. */
    private static final double WHOLE_BEAN = 0.4;

    private static final Pattern CONTAINER = Pattern.compile(
            "(?i)(?:packages?|packets?|packs?|tins?|cans?|tubs?|sachets?|envelopes?|bars?|boxes|blocks?|jars?|cartons?|bottles?|sticks?|bags?)");
    private static final Pattern PARTED = Pattern.compile("(?i)\\bsepar");
    private static final Pattern PINCH = Pattern.compile("(?i)^pinch\\b");
    private static final Pattern OF_FRUIT =
            Pattern.compile("(?i)\\b(juice|zest|rind|peel) of (\\d+(?:[.,/]\\d+)?|½|half an?|an?|\\p{L}+)\\b");
    /** How many words an amount may have: "1 cup plus 2 tablespoons". */
    private static final int LONGEST_AMOUNT = 7;

    private final Larder larder;
    private final NameFinder names;
    private final Measures measures;

    /** A reader of lines, for a larder and in whose spoons and cups. */
    public PastedList(Larder larder, Measures measures) {
        this.larder = larder;
        this.measures = measures;
        names = new NameFinder(larder);
    }

    /** Every line of a text that is not blank, in order; what is not understood is kept and marked. */
    public static List<PastedLine> read(String text, Larder larder, Measures measures) {
        var list = new PastedList(larder, measures);
        return text.lines()
                .filter(line -> !line.isBlank())
                .limit(MOST_LINES)
                .map(list::line)
                .toList();
    }

    /** One line by itself. */
    public PastedLine line(String pasted) {
        var shown = pasted.strip().length() > LONGEST ? pasted.strip().substring(0, LONGEST) : pasted.strip();
        var text = BULLET.matcher(shown).replaceFirst("").strip();
        text = COUNT_OF_SIZE.matcher(text).replaceFirst("$1 x $2 $3");
        text = HYPHEN.matcher(text).replaceAll("$1 $2");
        return line(shown, DUAL.matcher(text).replaceFirst("$1 ($2)"));
    }

    private PastedLine line(String shown, String text) {
        if (HEADING.matcher(text).matches() || TITLES.contains(text.toLowerCase(Locale.ROOT))) {
            return PastedLine.heading(shown);
        }
        var note = notes(text);
        var plain = withoutNotes(text);
        // What a fruit is packed in is no ingredient.
        var found = names.find(PACKED.matcher(text).replaceAll(" "), note)
                .map(named -> sheetsAreSheets(text, named))
                .map(named -> saysWhich(text, named) && isAsStrong(text, named)
                        ? named
                        : new NameFinder.Found(named.id(), named.gel(), false));
        if (found.isEmpty()) {
            return PastedLine.unknown(shown, amountOfUnknown(shown, text, plain), note);
        }
        var subject = found.get().gel()
                ? larder.gel(found.get().id()).orElseThrow().subject()
                : larder.ingredient(found.get().id()).orElseThrow().subject();
        var name = found.get().gel()
                ? larder.gel(found.get().id()).orElseThrow().name()
                : larder.ingredient(found.get().id()).orElseThrow().name();
        return amount(shown, text, plain, found.get(), subject, name, note);
    }

    /** The amount of what the larder does not have: how far it goes can be told, not what it comes to. */
    private String amountOfUnknown(String shown, String text, String plain) {
        var any = larder.ingredient(Roles.WATER).orElseThrow();
        var found = new NameFinder.Found(any.id(), false, false);
        var line = amount(shown, text, plain, found, any.subject(), any.name(), "");
        return line.kind() == Kind.UNDERSTOOD ? line.amount() : "";
    }

    /**
     * Whether a line says which of several things is meant: not a chocolate without its share of cocoa, eggs that are to be
     * parted, juice and zest at once.
     */
    private boolean saysWhich(String text, NameFinder.Found found) {
        var ingredient = larder.ingredient(found.id());
        if (ingredient.isEmpty()) {
            return true;
        }
        double cocoa = ingredient.get().composition().share(Constituent.COCOA_SOLIDS);
        boolean whole = cocoa >= MOST_COCOA
                && ingredient.get().composition().share(Constituent.COCOA_BUTTER) > WHOLE_BEAN
                && !UNSWEETENED.matcher(text).find();
        boolean shares = cocoa > LEAST_COCOA && cocoa < MOST_COCOA || whole;
        boolean parted = ingredient.get().has(Trait.EGG) && PARTED.matcher(text).find();
        return !(shares && !SHARE.matcher(text).find())
                && !parted
                && !JUICE_AND_ZEST.matcher(text).find();
    }

    /** A gelatin whose strength is written is not another one in silence. */
    private boolean isAsStrong(String text, NameFinder.Found found) {
        var written = STRENGTH.matcher(text);
        var gel = larder.gel(found.id());
        return gel.isEmpty()
                || !written.find()
                || Math.abs(Double.parseDouble(written.group(1)) - gel.get().bloom()) <= SAME_BLOOM;
    }

    /** Leaves of gelatin are never powder: which ones is for the cook to say. */
    private NameFinder.Found sheetsAreSheets(String text, NameFinder.Found found) {
        boolean sheets = found.gel() && LEAVES.matcher(text).find();
        var named = larder.gel(found.id());
        return sheets && named.isPresent() && named.get().form() != GelProduct.Form.SHEET
                ? new NameFinder.Found(Roles.SHEET, true, false)
                : found;
    }

    private PastedLine amount(
            String shown,
            String text,
            String plain,
            NameFinder.Found found,
            Subject subject,
            String name,
            String note) {
        UnreadableException asked = null;
        var askedAmount = "";
        for (var written : candidates(text, plain)) {
            var candidate = withPiece(written, subject);
            if (candidate.isEmpty()) {
                continue;
            }
            // A remark behind the name, "..., drained", is no remark where it says how much of a tin is left.
            if (TIN.matcher(text).find() && DRAINED.matcher(text).find()) {
                candidate = DRAINED.matcher(candidate).find() ? candidate : candidate + ", drained";
            }
            try {
                Amount amount = AmountReader.read(candidate, subject, measures);
                if (amount.grams() > 0) {
                    candidate = shortest(candidate, amount.grams(), subject);
                    // "1 1/2 sheets of gelatin" is an amount of sheets.
                    var without = candidate.replaceAll("(?i)\\s+of(?=\\s|$)", "");
                    candidate = comesTo(without, amount.grams(), subject) ? without : candidate;
                    return new PastedLine(
                            shown,
                            Kind.UNDERSTOOD,
                            found.id(),
                            name,
                            found.gel(),
                            found.sure(),
                            candidate,
                            amount.grams(),
                            note,
                            List.of());
                }
            } catch (UnreadableException e) {
                // What has two meanings is asked about: less of it would be another amount.
                if (e.ambiguous()) {
                    asked = e;
                    askedAmount = candidate;
                    break;
                }
            }
        }
        var problems = asked == null ? List.<Problem>of() : List.of(problem(name, askedAmount, asked));
        return new PastedLine(
                shown,
                Kind.AMOUNT_UNCLEAR,
                found.id(),
                name,
                found.gel(),
                found.sure(),
                askedAmount,
                0,
                note,
                problems);
    }

    /** The amount without the words of its subject: the shortest beginning that comes to the same. */
    private String shortest(String amount, double grams, Subject subject) {
        var words = amount.split("\\s+");
        var last = words[words.length - 1];
        var plain = words[0] + " " + last;
        boolean pieces = subject.pieces().containsKey(last.replaceAll("s$", ""));
        if (pieces && words.length > 2 && comesTo(plain, grams, subject)) {
            return plain;
        }
        for (int n = 1; n < words.length; n++) {
            var start = String.join(" ", Arrays.copyOf(words, n));
            boolean unitFollows = NUMBER.matcher(words[n - 1]).matches();
            if (!BARE.matcher(start).matches() && !unitFollows && comesTo(start, grams, subject)) {
                return start;
            }
        }
        return amount;
    }

    private boolean comesTo(String amount, double grams, Subject subject) {
        try {
            return AmountReader.read(amount, subject, measures).grams() == grams;
        } catch (UnreadableException e) {
            return false;
        }
    }

    /** A bare number counts pieces of what comes in pieces; of anything else it says nothing. */
    private static String withPiece(String text, Subject subject) {
        // "Juice of 2" says itself what it counts.
        if (subject.pieces().containsKey("fruit")) {
            return text;
        }
        var bare = BARE.matcher(Arrays.stream(text.split("\\s+"))
                .filter(word -> !isName(word.toLowerCase(Locale.ROOT), subject))
                .collect(Collectors.joining(" ")));
        if (!bare.matches()) {
            return text;
        }
        if (subject.pieces().isEmpty()) {
            return "";
        }
        var piece = subject.pieces().keySet().iterator().next();
        boolean one = bare.group(1).matches("(?i)1|an?|one");
        return bare.group(1) + " " + piece + (one ? "" : "s");
    }

    private static boolean isName(String word, Subject subject) {
        return subject.words().contains(word) || subject.words().contains(word.replaceAll("s$", ""));
    }

    private static Problem problem(String name, String amount, UnreadableException e) {
        var fixes = e.choices().stream()
                .map(choice ->
                        new Fix(choice.text(), choice.meaning(), List.of(new Fix.Change("/amount", choice.text()))))
                .toList();
        return new Problem("amount-ambiguous", "/amount", name, amount, e.rule(), fixes);
    }

    /** Texts that may be the amount: the longest beginning first, then what stands last. */
    private static List<String> candidates(String whole, String text) {
        var candidates = new ArrayList<String>();
        var parts = OF_EGGS.matcher(whole);
        if (parts.find()) {
            var one = parts.group(1).toLowerCase(Locale.ROOT);
            candidates.add(parts.group(2) + " " + one);
        }
        var pinch = PINCH.matcher(text);
        if (pinch.find()) {
            candidates.add("a pinch");
        }
        // "The grated zest of 2" is the zest of 2.
        var fruit = OF_FRUIT.matcher(text);
        if (fruit.find()) {
            candidates.add((fruit.group(1) + " of " + fruit.group(2)).toLowerCase(Locale.ROOT));
        }
        var bracketed = IN_BRACKETS.matcher(whole);
        if (bracketed.find()) {
            // "2 (8 oz) packages", but "1 stick (113 g)" of what is unsalted.
            if (bracketed.group(2) != null
                    && CONTAINER.matcher(bracketed.group(2)).matches()) {
                candidates.add(bracketed.group());
            }
            candidates.add(bracketed.group(1));
        }
        var counted = COUNT_LAST.matcher(text);
        if (counted.matches()) {
            candidates.add(counted.group(2).strip());
        }
        var last = LAST.matcher(text);
        if (last.matches() && last.group(2).matches(".*[a-z]$")) {
            candidates.add(last.group(2).strip());
        }
        var words = Arrays.asList(text.split("\\s+"));
        for (int n = Math.min(LONGEST_AMOUNT, words.size()); n >= 1; n--) {
            var start = String.join(" ", words.subList(0, n));
            // "4 g" before "4": the unit belongs to it; the name of the thing itself does no harm.
            candidates.add(start);
        }
        if (last.matches()) {
            candidates.add(last.group(2).strip());
        }
        return candidates;
    }

    private static String withoutNotes(String text) {
        // A comma between digits is a decimal one.
        return PACKED.matcher(text.replaceAll("\\([^)]*\\)", " "))
                .replaceAll(" ")
                .replaceAll(",(?!\\d).*$", "")
                .replaceAll("\\s+", " ")
                .strip();
    }

    private static String notes(String text) {
        var notes = new ArrayList<String>();
        var brackets = Pattern.compile("\\(([^)]*)\\)").matcher(text);
        while (brackets.find()) {
            notes.add(brackets.group(1).strip());
        }
        var comma = Pattern.compile(",(?!\\d)\\s*(.*)$").matcher(text.replaceAll("\\([^)]*\\)", " "));
        if (comma.find()) {
            notes.add(comma.group(1).strip());
        }
        return String.join("; ", notes);
    }
}
