package com.deftchill.core.learn;

import com.deftchill.core.cook.Soaking;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Cooler;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.OwnItems;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A number that a kitchen does not know yet.
 *
 * @param scope whose it is
 * @param of whom: of a lot {@code gelatin/lot}, of a cooler or an ingredient its id, of a cook the name, of a probe its name and when it
 *     was tried last; else empty
 * @param what a parameter's id, or a figure of the larder or of an instrument: {@code bloom}, {@code warmer}, {@code h}, {@code power},
 *     {@code soak}, {@code offset}
 */
public record Unknown(Scope scope, String of, String what) implements Comparable<Unknown> {
    /** Whose a number is. */
    public enum Scope {
        /** A lot of gelatin. */
        LOT,
        COOLER,
        COOK,
        INGREDIENT,
        /** A thermometer, since it was tried in ice water last. */
        PROBE,
        /** The whole kitchen's. */
        KITCHEN,
        /** A constant of a model: learnt only when asked for. */
        MODEL;

        static Scope of(String word) {
            return valueOf(word.toUpperCase(Locale.ROOT));
        }
    }

    public static final String BLOOM = "bloom";
    public static final String WARMER = "warmer";
    public static final String H = "h";
    public static final String POWER = "power";
    public static final String SOAK = "soak";
    public static final String OFFSET = "offset";

    /** K that a probe shows above what is so. */
    public static Unknown probe(String probe) {
        return new Unknown(Scope.PROBE, probe, OFFSET);
    }

    /** Strength of a lot of gelatin. */
    public static Unknown lot(String gelatin, String lot) {
        return new Unknown(Scope.LOT, gelatin + "/" + lot, BLOOM);
    }

    /** Of a lot the gelatin's id. */
    public String gelatin() {
        return of.substring(0, of.indexOf('/'));
    }

    /** Of a lot its name as written on the packet. */
    public String lotName() {
        return of.substring(of.indexOf('/') + 1);
    }

    /** Short and stable, such as {@code lot:sheet-gold/L12:bloom}. */
    public String key() {
        return scope.name().toLowerCase(Locale.ROOT) + ":" + of + ":" + what;
    }

    @Override
    public int compareTo(Unknown other) {
        return key().compareTo(other.key());
    }

    /** What it is in a workplace; empty where it has no such thing. */
    public OptionalDouble in(Workplace workplace) {
        var larder = workplace.larder();
        var found = switch (what) {
            case BLOOM -> larder.gel(gelatin()).filter(GelProduct::isGelatin).map(GelProduct::bloom);
            case WARMER -> larder.cooler(of).map(Cooler::warmerK);
            case H -> larder.cooler(of).map(Cooler::h);
            case POWER -> larder.cooler(of).map(Cooler::powerW).filter(w -> w > 0);
            case SOAK -> larder.ingredient(of).flatMap(Ingredient::soaking).map(Soaking::capacity);
            // What is read is taken as it is until something tells otherwise.
            case OFFSET -> Optional.of(0.0);
            default ->
                workplace.parameters().all().stream()
                        .filter(p -> p.id().equals(what))
                        .map(p -> p.value())
                        .findFirst();
        };
        return found.map(OptionalDouble::of).orElseGet(OptionalDouble::empty);
    }

    /** The same workplace with this one number at another value; one that has no such thing stays as it is. */
    public Workplace put(Workplace workplace, double value) {
        var larder = workplace.larder();
        return switch (what) {
            case BLOOM ->
                larder.gel(gelatin())
                        .map(gel -> with(workplace, OwnItems.of(gel.ofBloom(value))))
                        .orElse(workplace);
            case WARMER, H, POWER ->
                larder.cooler(of)
                        .map(c -> with(
                                workplace,
                                OwnItems.of(c.measured(
                                        what.equals(H) ? value : c.h(),
                                        what.equals(POWER) ? value : c.powerW(),
                                        what.equals(WARMER) ? value : c.warmerK()))))
                        .orElse(workplace);
            case SOAK ->
                larder.ingredient(of)
                        .map(i -> with(workplace, OwnItems.of(i.soakingUp(value))))
                        .orElse(workplace);
            case OFFSET -> workplace;
            default ->
                new Workplace(
                        larder, workplace.kitchen(), workplace.parameters().measured(what, value));
        };
    }

    private static Workplace with(Workplace workplace, OwnItems items) {
        return new Workplace(workplace.larder().with(items), workplace.kitchen(), workplace.parameters());
    }
}
