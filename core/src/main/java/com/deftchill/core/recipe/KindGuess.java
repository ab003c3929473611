package com.deftchill.core.recipe;

import com.deftchill.core.batch.Kind;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** What a component is, by its name and by what is in it. */
final class KindGuess {
    /** By name, the first that fits. */
    private static final Map<Pattern, Kind> BY_NAME = new LinkedHashMap<>();

    static {
        name("(?:to )?finish|garnish|decorat|to serve|dusting", Kind.GARNISH);
        name("crumb|crust|biscuit base|cookie base", Kind.CRUMB);
        name("shell|pastry case|tart case|pie case", Kind.SHELL);
        name("compote|stewed|poached", Kind.COMPOTE);
        name("caramel|butterscotch|toffee", Kind.CARAMEL);
        name("ganache", Kind.GANACHE);
        name("mousse|bavarois|bavarian|parfait", Kind.MOUSSE);
        name("cheesecake|cheese", Kind.CHEESECAKE);
        name("jelly|gel|gelée|gelee|mirror", Kind.JELLY);
        name("pastry cream|pudding|blancmange", Kind.STARCH_CUSTARD);
        name("fool|whipped cream|chantilly|topping cream|cream on top|cream topping", Kind.WHIPPED);
        name("panna|set cream", Kind.SET_CREAM);
        name("custard|sabayon", Kind.CUSTARD);
    }

    private KindGuess() {}

    private static void name(String words, Kind kind) {
        BY_NAME.put(Pattern.compile("(?i)\\b(?:" + words + ")"), kind);
    }

    /** A guess, and whether both name and contents speak for it. */
    record Guess(Kind kind, boolean sure) {}

    /** @param called what it is called, or the whole where it has no name of its own */
    static Guess of(Draft draft, String called) {
        var byName = BY_NAME.entrySet().stream()
                .filter(entry -> entry.getKey().matcher(called).find())
                .map(Map.Entry::getValue)
                .findFirst();
        var byContents = contents(draft);
        if (byName.isPresent() && fits(byName.get(), draft)) {
            return new Guess(byName.get(), true);
        }
        return new Guess(byContents.orElse(Kind.SET_CREAM), byContents.isPresent());
    }

    /** A name alone is not believed: a cheese crust is no cheesecake. */
    private static boolean fits(Kind kind, Draft d) {
        return switch (kind) {
            case CRUMB -> d.has(Draft.Of.BISCUIT);
            case JELLY -> d.gelled() || d.has(Draft.Of.SET_SUGAR);
            case GANACHE -> d.has(Draft.Of.CHOCOLATE);
            case CHEESECAKE -> d.has(Draft.Of.CHEESE);
            case STARCH_CUSTARD -> d.has(Draft.Of.STARCH);
            case WHIPPED -> d.has(Draft.Of.CREAM);
            case MOUSSE -> d.folded() || d.whipped();
            case CUSTARD -> d.has(Draft.Of.EGG) && !d.has(Draft.Of.STARCH) && !d.folded();
            case CARAMEL -> d.has(Draft.Of.SUGAR);
            case SET_CREAM -> d.gelled();
            default -> true;
        };
    }

    private static Optional<Kind> contents(Draft d) {
        if (d.has(Draft.Of.BISCUIT) && d.has(Draft.Of.BUTTER) && !d.gelled()) {
            return Optional.of(Kind.CRUMB);
        }
        if (d.soaks()) {
            return Optional.of(Kind.SOAKED);
        }
        if (d.has(Draft.Of.CHEESE)) {
            return Optional.of(Kind.CHEESECAKE);
        }
        if (d.folded()) {
            return Optional.of(Kind.MOUSSE);
        }
        boolean wet = d.has(Draft.Of.DAIRY) || d.has(Draft.Of.LIQUID) || d.has(Draft.Of.FRUIT);
        if (d.has(Draft.Of.CHOCOLATE) && wet && !d.gelled() && !d.whipped()) {
            return Optional.of(Kind.GANACHE);
        }
        if (d.has(Draft.Of.STARCH) && d.has(Draft.Of.DAIRY)) {
            return Optional.of(Kind.STARCH_CUSTARD);
        }
        if (d.has(Draft.Of.EGG) && d.has(Draft.Of.DAIRY)) {
            return Optional.of(Kind.CUSTARD);
        }
        if (d.gelled()) {
            return Optional.of(d.has(Draft.Of.DAIRY) || d.has(Draft.Of.PLANT) ? Kind.SET_CREAM : Kind.JELLY);
        }
        if (d.whipped() && d.has(Draft.Of.CREAM)) {
            return Optional.of(Kind.WHIPPED);
        }
        if (d.has(Draft.Of.FRUIT) && d.boiled()) {
            return Optional.of(Kind.COMPOTE);
        }
        if (d.only(Draft.Of.FRUIT) || d.only(Draft.Of.BISCUIT)) {
            return Optional.of(Kind.PIECES);
        }
        return Optional.empty();
    }
}
