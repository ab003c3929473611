package com.deftchill.core.amount;

import com.deftchill.core.amount.AmountTokens.Token;
import com.deftchill.core.amount.AmountUnits.Unit;
import com.deftchill.core.amount.UnreadableException.Choice;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Reads an amount as a cook writes it in a notebook: {@code 1½ cups}, {@code 1 lb 4 oz}, {@code half a litre},
 * {@code 3 gold sheets}, {@code a pinch}. What has two meanings is asked about, never guessed.
 *
 * <pre>
 *   amount  = term { ["+" | "plus" | "and" | "&amp;"] term }
 *   term    = number { level | whose kitchen | colour } [unit] [by weight] { of | word of the subject }
 * </pre>
 */
public final class AmountReader {
    private static final int LONGEST = 80;
    private static final String EXAMPLE = "an amount such as 500 g, 2 tbsp or 1 1/2 cups";
    private static final Pattern THOUSANDS =
            Pattern.compile("(?<![\\d.,])([1-9]\\d{0,2})([, '’\\u00a0\\u202f])(\\d{3})(?![\\d.,/])");
    private static final Set<String> ALMOST = Set.of(
            "just", "under", "over", "nearly", "almost", "around", "barely", "little", "bit", "so", "plus-minus");
    private static final Set<String> CONTAINERS = Set.of(
            "tin",
            "tins",
            "can",
            "cans",
            "tub",
            "tubs",
            "jar",
            "jars",
            "block",
            "blocks",
            "carton",
            "cartons",
            "pack",
            "packs",
            "packet",
            "packets",
            "bar",
            "bars",
            "bag",
            "bags",
            "bottle",
            "bottles",
            "box",
            "boxes",
            "pot",
            "pots",
            "package",
            "packages",
            "pkg");
    /** A bare number up to this may count pieces. */
    private static final double MOST_PIECES = 60;
    /** Pieces up to this are counted by the dozen, g. */
    private static final double SMALL_PIECE_G = 15;
    /** What is drained of a tin leaves about so much [E]. */
    private static final double DRAINED = 0.6;

    private static final Set<String> NOT_BY_NUMBER = Set.of("stick", "sheet", "packet");
    private static final Set<String> ROUGHLY =
            Set.of("about", "ca", "circa", "approx", "approximately", "roughly", "~");
    private static final Set<String> HEAPED = Set.of("heaped", "heaping", "rounded", "generous", "scant", "brimming");
    private static final Set<String> EXACT = Set.of("level", "whole", "large", "medium");
    private static final Set<String> COLOURS = Set.of("titanium", "bronze", "silver", "gold", "platinum");
    private static final Set<String> FILLERS = Set.of("of", "a", "an");
    private static final Set<String> PLUS = Set.of("plus", "and");
    private static final Set<String> RANGE = Set.of("to", "or");

    private final Subject subject;
    private final Measures measures;
    private final List<Token> tokens;
    private int at;
    /** Whether it is said as what a fruit gives. */
    private boolean fruit;

    private AmountReader(List<Token> tokens, Subject subject, Measures measures) {
        this.tokens = tokens;
        this.subject = subject;
        this.measures = measures;
    }

    /**
     * Reads an amount of a subject in a kitchen's measures.
     *
     * @throws UnreadableException with the rule that the text breaks, or with what it may mean
     */
    public static Amount read(String text, Subject subject, Measures measures) throws UnreadableException {
        if (text.isBlank()) {
            throw new UnreadableException(UnreadableException.rule("amount.missing"));
        }
        if (text.length() > LONGEST) {
            throw new UnreadableException(
                    UnreadableException.rule("amount.too-long").with("most", Argument.figure(LONGEST, 0)));
        }
        askAboutThousands(text);
        var bracketed = Bracketed.read(text, subject, (plain, of) -> read(plain, of, measures));
        return bracketed.isPresent()
                ? bracketed.get()
                : new AmountReader(
                                AmountTokens.of(text.replaceAll("(?<=\\p{L})[-‐–](?=\\p{L})", " ")), subject, measures)
                        .amount();
    }

    /** One number with its unit. */
    private record Term(double count, String countText, Unit unit, Measures whose, boolean byWeight) {}

    private Amount amount() throws UnreadableException {
        askAboutRoughness();
        askAboutRange();
        askWhetherDrained();
        ofTheFruit();
        if (!tokens.isEmpty() && tokens.get(0).isSign("-−–")) {
            throw new UnreadableException(UnreadableException.rule("amount.above-zero"));
        }
        var terms = new ArrayList<Term>();
        var joined = new ArrayList<Boolean>();
        boolean plus = true;
        do {
            terms.add(term());
            joined.add(plus);
            plus = skipPlus();
        } while (at < tokens.size());
        if (plus) {
            throw new UnreadableException(UnreadableException.rule("amount.breaks-off"));
        }
        double grams = 0;
        var how = new ArrayList<String>();
        for (int i = 0; i < terms.size(); i++) {
            if (terms.size() > 1 && terms.get(i).unit() == null) {
                throw new UnreadableException(UnreadableException.rule("amount.two"));
            }
            if (!joined.get(i)) {
                mustFollow(terms.get(i - 1), terms.get(i));
            }
            var part = grams(terms.get(i), terms.size() == 1);
            grams += part.grams();
            if (!part.how().isEmpty()) {
                how.add(part.how());
            }
        }
        return new Amount(grams, String.join(" + ", how));
    }

    private boolean skipPlus() throws UnreadableException {
        if (at < tokens.size()
                && (tokens.get(at).isSign("+&") || PLUS.contains(tokens.get(at).word()))) {
            at++;
            return true;
        }
        return false;
    }

    private Term term() throws UnreadableException {
        int from = at;
        double count = number();
        while (at < tokens.size() && FILLERS.contains(tokens.get(at).word())) {
            at++;
        }
        var countText = tokens.subList(from, at).stream()
                .filter(t -> !FILLERS.contains(t.word()) || tokens.get(from) == t)
                .map(Token::text)
                .collect(Collectors.joining(" "));
        var whose = measures;
        while (at < tokens.size() && tokens.get(at).isWord()) {
            var word = tokens.get(at).word();
            var named = AmountUnits.whose(word);
            if (HEAPED.contains(word)) {
                askAboutHeap(word, count);
            } else if (COLOURS.contains(word) && !subject.words().contains(word)) {
                throw UnreadableException.asking(
                        UnreadableException.rule("amount.other-colour")
                                .with("word", word)
                                .with("name", subject.name()),
                        List.of());
            } else if (named.isPresent()) {
                whose = named.get();
            } else if (!EXACT.contains(word) && !COLOURS.contains(word)) {
                break;
            }
            at++;
        }
        skipNameBeforeUnit();
        var unit = fruit ? null : unit(countText);
        boolean byWeight = skipByWeight();
        if (unit != null) {
            count += ofTheSame();
        }
        skipSubject();
        return new Term(count, countText, unit, whose, byWeight);
    }

    private double number() throws UnreadableException {
        var number = SpokenNumber.at(tokens, at);
        if (Double.isNaN(number.value())) {
            throw new UnreadableException(UnreadableException.rule("amount.none"));
        }
        at = number.next();
        if (at < tokens.size() && tokens.get(at).isNumber()) {
            throw new UnreadableException(UnreadableException.rule("amount.two-numbers"));
        }
        return number.value();
    }

    /** {@code and a half} behind a unit, with no other behind it: half of the same. */
    private double ofTheSame() {
        var fraction = SpokenNumber.fractionBehind(tokens, at);
        int next = fraction.next();
        boolean ends = next > at
                && (next >= tokens.size()
                        || tokens.get(next).word().equals("of")
                        || subject.words().contains(tokens.get(next).word()));
        if (!ends) {
            return 0;
        }
        at = next;
        return fraction.value();
    }

    /** {@code juice of 2}, {@code zest of half a lemon}: what a fruit gives. */
    private void ofTheFruit() {
        boolean said = tokens.size() > 2
                && Set.of("juice", "zest", "peel", "rind")
                        .contains(tokens.get(0).word())
                && Set.of("of", "from").contains(tokens.get(1).word());
        if (said && subject.pieces().containsKey("fruit")) {
            at = 2;
            fruit = true;
        }
    }

    /** {@code 4 gelatine leaves}, {@code 2 pear halves}: the name before the unit says nothing new. */
    private void skipNameBeforeUnit() {
        while (at + 1 < tokens.size()
                && isOwn(tokens.get(at).word())
                && ofItsPieces(tokens.get(at).word()).isEmpty()
                && (ofItsPieces(tokens.get(at + 1).word()).isPresent()
                        || AmountUnits.of(tokens.get(at + 1).word()).isPresent())) {
            at++;
        }
    }

    private boolean isOwn(String word) {
        return subject.words().contains(word)
                || subject.words().contains(singular(word))
                || subject.words().contains(word + "s")
                || word.startsWith("gelatin") && subject.words().contains("gelatin");
    }

    /** The unit at hand, of two words or one; null when there is none. */
    private Unit unit(String countText) throws UnreadableException {
        if (at >= tokens.size() || !tokens.get(at).isWord()) {
            if (at < tokens.size()
                    && !tokens.get(at).isNumber()
                    && !tokens.get(at).isSign("+&")) {
                throw unknownUnit(tokens.get(at).text());
            }
            return null;
        }
        var first = tokens.get(at);
        if (first.text().equals("T") || first.text().equals("t")) {
            throw UnreadableException.asking(
                    UnreadableException.rule("amount.which-spoon"),
                    List.of(
                            new Choice(countText + " tbsp", "tablespoons"),
                            new Choice(countText + " tsp", "teaspoons")));
        }
        if (at + 1 < tokens.size()) {
            var two = AmountUnits.of(first.word() + " " + tokens.get(at + 1).word());
            if (two.isPresent()) {
                at += 2;
                return two.get();
            }
        }
        var one = ofItsPieces(first.word()).or(() -> AmountUnits.of(first.word()));
        if (one.isPresent()) {
            at++;
            return one.get();
        }
        if (first.word().startsWith("handful")) {
            throw UnreadableException.asking(
                    UnreadableException.rule("amount.handful"),
                    List.of(new Choice("30 g", "a small one"), new Choice("50 g", "a big one")));
        }
        if (PLUS.contains(first.word()) || isOwn(first.word())) {
            return null;
        }
        throw unknownUnit(first.text());
    }

    /** A piece that the subject itself is sold in: a peach, a sprig. */
    private Optional<Unit> ofItsPieces(String word) {
        return Stream.of(word, singular(word), word.replaceAll("ies$", "y"), word.replaceAll("ves$", "f"))
                .filter(subject.pieces()::containsKey)
                .findFirst()
                .map(piece -> new Unit(piece, Unit.Kind.PIECE, Double.NaN, null));
    }

    private static String singular(String word) {
        return word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
    }

    private static UnreadableException unknownUnit(String unit) {
        return new UnreadableException(
                UnreadableException.rule("amount.unit-unknown").with("unit", unit));
    }

    private boolean skipByWeight() {
        if (at < tokens.size() && tokens.get(at).word().equals("wt")) {
            at++;
            return true;
        }
        boolean by = at + 1 < tokens.size()
                && tokens.get(at).word().equals("by")
                && tokens.get(at + 1).word().equals("weight");
        at += by ? 2 : 0;
        return by;
    }

    private void skipSubject() throws UnreadableException {
        while (at < tokens.size()
                && tokens.get(at).isWord()
                && !PLUS.contains(tokens.get(at).word())
                && Double.isNaN(tokens.get(at).numberWord())) {
            var word = tokens.get(at).word();
            boolean belongs = word.equals("of") || CONTAINERS.contains(word) || isOwn(word);
            if (!belongs) {
                throw new UnreadableException(UnreadableException.rule("amount.of-another")
                        .with("name", subject.name())
                        .with("word", tokens.get(at).text()));
            }
            at++;
        }
    }

    /** Amounts written one after the other, as 1 lb 4 oz, go on in a smaller unit of the same kind. */
    private static void mustFollow(Term before, Term after) throws UnreadableException {
        boolean volumes = isVolume(before.unit()) && isVolume(after.unit());
        boolean masses = isMass(before.unit()) && isMass(after.unit());
        if (!(volumes || masses) || !(size(after) < size(before))) {
            throw new UnreadableException(UnreadableException.rule("amount.two"));
        }
    }

    private static boolean isMass(Unit unit) {
        return unit != null && unit.kind() == Unit.Kind.MASS;
    }

    private static boolean isVolume(Unit unit) {
        return unit != null && (unit.kind() == Unit.Kind.VOLUME || unit.kind() == Unit.Kind.KITCHEN);
    }

    private static double size(Term term) {
        return term.unit().kind() == Unit.Kind.KITCHEN
                ? Measures.US.ml(term.unit().kitchen())
                : term.unit().size();
    }

    private Amount grams(Term term, boolean alone) throws UnreadableException {
        var unit = term.unit();
        if (unit == null) {
            return bare(term);
        }
        return switch (unit.kind()) {
            case MASS -> mass(term, alone);
            case VOLUME -> volume(term, unit.size(), unit.symbol());
            case KITCHEN -> kitchen(term);
            case PIECE -> pieces(term);
        };
    }

    /**
     * A bare number: pieces where the subject comes in pieces and as grams it would be less than one, or no whole number of
     * small ones; grams where that many pieces are absurd; between the two it is asked about. Sheets are always asked about.
     */
    private Amount bare(Term term) throws UnreadableException {
        double count = term.count();
        if (fruit) {
            return counted(count, "fruit", subject.pieces().get("fruit"));
        }
        if (subject.pieces().containsKey("sheet") && count <= MOST_PIECES && count == Math.rint(count)) {
            throw ask(term, "sheet");
        }
        var piece = subject.pieces().keySet().stream()
                .filter(name -> !NOT_BY_NUMBER.contains(name))
                .sorted()
                .findFirst();
        if (piece.isEmpty() || count > MOST_PIECES) {
            return new Amount(count, "");
        }
        double grams = subject.pieces().get(piece.get());
        boolean whole = count % grams == 0;
        boolean dozens = term.countText().contains("dozen");
        if (dozens || count < grams || grams <= SMALL_PIECE_G && !whole) {
            return counted(count, piece.get(), grams);
        }
        throw ask(term, piece.get());
    }

    private UnreadableException ask(Term term, String piece) {
        var plural = term.count() == 1 || piece.equals("fruit") ? piece : piece + "s";
        return UnreadableException.asking(
                UnreadableException.rule("amount.pieces-or-grams"),
                List.of(
                        new Choice(
                                term.countText() + " " + plural,
                                figure(term.count() * subject.pieces().get(piece)) + " g"),
                        new Choice(term.countText() + " g", "by weight")));
    }

    private static Amount counted(double count, String piece, double grams) {
        return new Amount(count * grams, figure(count) + " x " + figure(grams) + " g (" + piece + ")");
    }

    private Amount mass(Term term, boolean alone) throws UnreadableException {
        var unit = term.unit();
        if (unit.symbol().equals("oz") && subject.liquid() && alone && !term.byWeight()) {
            throw UnreadableException.asking(
                    UnreadableException.rule("amount.which-ounce"),
                    List.of(
                            new Choice(term.countText() + " oz wt", "by weight, 28.3 g each"),
                            new Choice(term.countText() + " fl oz", "by volume")));
        }
        double grams = term.count() * unit.size();
        return new Amount(
                grams, unit.symbol().equals("g") ? "" : figure(term.count()) + " x " + figure(unit.size()) + " g");
    }

    private Amount kitchen(Term term) throws UnreadableException {
        var unit = term.unit();
        double ml = term.whose().ml(unit.kitchen());
        if (Double.isNaN(ml)) {
            var choices = Measures.CHOICES.stream()
                    .filter(m -> !Double.isNaN(m.ml(unit.kitchen())))
                    .map(m -> new Choice(
                            term.countText() + " " + m.words() + " " + unit.symbol(),
                            figure(m.ml(unit.kitchen())) + " ml each"))
                    .toList();
            throw UnreadableException.asking(
                    UnreadableException.rule("amount.whose").with("unit", unit.symbol()), choices);
        }
        return volume(term, ml, term.whose().words() + " " + unit.symbol());
    }

    private Amount volume(Term term, double ml, String name) {
        var each = name.equals("ml") ? " ml" : " x " + figure(ml) + " ml (" + name + ")";
        return new Amount(
                term.count() * ml * subject.gramsPerMl(),
                figure(term.count()) + each + " x " + figure(subject.gramsPerMl()) + " g/ml");
    }

    private Amount pieces(Term term) throws UnreadableException {
        var piece = term.unit().symbol();
        var grams = subject.pieces().get(piece);
        if (grams != null) {
            return new Amount(
                    term.count() * grams, figure(term.count()) + " x " + figure(grams) + " g (" + piece + ")");
        }
        if (piece.equals("packet")) {
            throw UnreadableException.asking(UnreadableException.rule("amount.packet"), List.of());
        }
        throw new UnreadableException(UnreadableException.rule("amount.no-measure")
                .with("unit", piece)
                .with("name", subject.name()));
    }

    private static void askAboutThousands(String text) throws UnreadableException {
        var matcher = THOUSANDS.matcher(text);
        if (matcher.find()) {
            var choices = new ArrayList<Choice>();
            choices.add(new Choice(matcher.replaceFirst("$1$3"), "a thousand or more"));
            if (matcher.group(2).equals(",")) {
                choices.add(new Choice(matcher.replaceFirst("$1.$3"), "a decimal point"));
            } else {
                choices.add(new Choice(matcher.replaceFirst("$1 x $3"), "so many of them"));
            }
            throw UnreadableException.asking(UnreadableException.rule("which-comma"), choices);
        }
    }

    /** What a tin holds is not what is left of it drained. */
    private void askWhetherDrained() throws UnreadableException {
        if (tokens.stream().noneMatch(t -> t.word().equals("drained"))) {
            return;
        }
        var text = tokens.stream()
                .filter(t -> !t.word().equals("drained") && !t.isSign(",;"))
                .map(Token::text)
                .collect(Collectors.joining(" "));
        var whole = AmountReader.read(text, subject, measures);
        throw UnreadableException.asking(
                UnreadableException.rule("amount.drained"),
                List.of(
                        new Choice(figure(DRAINED * whole.grams()) + " g", "drained: about 60 % of what is in the tin"),
                        new Choice(figure(whole.grams()) + " g", "all of it, or weighed drained")));
    }

    private static boolean isRough(Token token) {
        return ROUGHLY.contains(token.word()) || ALMOST.contains(token.word()) || token.isSign("~≈");
    }

    private void askAboutRoughness() throws UnreadableException {
        if (tokens.stream().anyMatch(AmountReader::isRough)) {
            var exact =
                    tokens.stream().filter(t -> !isRough(t)).map(Token::text).collect(Collectors.joining(" "));
            throw UnreadableException.asking(
                    UnreadableException.rule("amount.rough"), List.of(new Choice(exact, "exactly")));
        }
    }

    private void askAboutRange() throws UnreadableException {
        for (int i = 1; i + 1 < tokens.size(); i++) {
            var between = tokens.get(i);
            if (isFigure(tokens.get(i - 1))
                    && isFigure(tokens.get(i + 1))
                    && (between.isSign("-–—")
                            || RANGE.contains(between.word())
                            || between.word().equals("and")
                                    && tokens.get(0).word().equals("between"))) {
                var unit = tokens.subList(i + 2, tokens.size()).stream()
                        .map(Token::text)
                        .collect(Collectors.joining(" "));
                var choices = List.of(tokens.get(i - 1), tokens.get(i + 1)).stream()
                        .map(t -> (t.text() + " " + unit).strip())
                        .map(text -> new Choice(text, "this much"))
                        .toList();
                throw UnreadableException.asking(UnreadableException.rule("amount.range"), choices);
            }
        }
    }

    private static boolean isFigure(Token token) {
        return token.isNumber() || !Double.isNaN(token.numberWord());
    }

    private void askAboutHeap(String word, double count) throws UnreadableException {
        var rest =
                tokens.subList(at + 1, tokens.size()).stream().map(Token::text).collect(Collectors.joining(" "));
        var choices = new ArrayList<Choice>();
        choices.add(new Choice(figure(count) + " " + rest, "level"));
        if (!word.equals("scant")) {
            choices.add(new Choice(figure(1.5 * count) + " " + rest, "about half as much again"));
        }
        throw UnreadableException.asking(
                UnreadableException.rule("amount.heaped").with("word", word), choices);
    }

    private static String figure(double value) {
        return Notation.write(value, value < 1 ? 3 : 2);
    }
}
