package com.deftchill.core.rescue;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Emulsion;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Share;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.larder.Mould.Release;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** What a component has, so that something can happen to it or be seen in it. */
public enum Trait {
    SETS((d, p) -> p.study().filter(Study::sets).isPresent()),
    GELS(of(c -> c.gel() != Component.Gel.NONE)),
    GELATIN(of(c -> c.gel().product().isGelatin())),
    LIQUID((d, p) -> SETS.has(d, p) && liquid(p.component()) >= 0),
    TURNED_OUT((d, p) -> SETS.has(d, p) && d.batch().turnsOut()),
    DIPPED((d, p) -> TURNED_OUT.has(d, p) && d.batch().mould().release() == Release.DIP),
    SUCTION((d, p) -> DIPPED.has(d, p) && d.batch().mould().vessel().material().smooth()),
    FOAM(of(c -> new Foaming(c).any())),
    CREAM(of(c -> new Foaming(c).creamG() > 0)),
    BASE(of(c -> new Foaming(c).any() && c.lines().stream().anyMatch(line -> !line.whipped()))),
    EMULSION(of(Emulsion::of)),
    CHOCOLATE(of(Trait::chocolate)),
    CHOCOLATE_FOAM(of(c -> chocolate(c) && new Foaming(c).any())),
    EGG_COOKED(of(c -> c.heating().hotC().isPresent() && Component.hasEgg(unwhipped(c)))),
    THICKENED(of(c -> c.heating().hotC().isPresent() && (c.kind() == Kind.CUSTARD || c.kind() == Kind.STARCH_CUSTARD))),
    HEATED_DAIRY(of(c -> c.heating().hotC().isPresent()
            && unwhipped(c).stream().anyMatch(line -> line.part().ingredient().curdles()))),
    LAYERS((d, p) -> d.setting().size() > 1 && p.bed().exists() && below(d, p)),
    UPPER_LAYER((d, p) -> LAYERS.has(d, p) && p.study().isPresent()),
    SOAKED(of(c -> c.kind() == Kind.SOAKED && c.lines().stream().anyMatch(line -> line.share() == Share.SOAK))),
    CRUMB(of(c -> c.kind() == Kind.CRUMB)),
    FAT_SET((d, p) -> p.study().filter(s -> s.sets() && s.plasticBody()).isPresent()),
    FAT_SET_CHOCOLATE((d, p) -> FAT_SET.has(d, p) && chocolate(p.component())),
    PIECES(of(c -> c.kind() == Kind.PIECES)),
    ENZYME(of(c -> c.gel().product().isGelatin()
            && c.lines().stream().anyMatch(line -> line.part().ingredient().protease() != Protease.NONE)));

    private final BiPredicate<Dessert, Portrait> has;

    Trait(BiPredicate<Dessert, Portrait> has) {
        this.has = has;
    }

    private static BiPredicate<Dessert, Portrait> of(Predicate<Component> has) {
        return (dessert, portrait) -> has.test(portrait.component());
    }

    static Trait of(String word) {
        return valueOf(word.replace('-', '_').toUpperCase(Locale.ROOT));
    }

    boolean has(Dessert dessert, Portrait portrait) {
        return has.test(dessert, portrait);
    }

    /** Components of a dessert that have it, by index. */
    public List<Integer> in(Dessert dessert) {
        return IntStream.range(0, dessert.portraits().size())
                .filter(i -> has(dessert, dessert.portraits().get(i)))
                .boxed()
                .toList();
    }

    private static boolean chocolate(Component component) {
        return component.lines().stream().anyMatch(Emulsion::isChocolate);
    }

    private static List<Component.Line> unwhipped(Component component) {
        return component.lines().stream().filter(line -> !line.whipped()).toList();
    }

    /** Whether something that sets lies below. */
    private static boolean below(Dessert dessert, Portrait portrait) {
        return dessert.setting().stream()
                .anyMatch(study -> study.bed().fromMm() < portrait.bed().fromMm());
    }

    /** The heaviest line that is poured in; -1 where there is none. */
    static int liquid(Component component) {
        return IntStream.range(0, component.lines().size())
                .filter(i -> !component.lines().get(i).whipped()
                        && component.lines().get(i).made().isEmpty()
                        && Emulsion.isFreeLiquid(component.lines().get(i)))
                .boxed()
                .max(Comparator.comparingDouble(
                        i -> component.lines().get(i).part().grams()))
                .orElse(-1);
    }
}
