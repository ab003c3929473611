package com.deftchill.core.assess;

import com.deftchill.core.assess.Section.Layer;
import com.deftchill.core.assess.Section.Standing;
import com.deftchill.core.batch.AsIngredient;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.turnout.Outline;
import com.deftchill.core.turnout.Point;
import com.deftchill.core.turnout.Slump;
import com.deftchill.core.vessel.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The cut through the filled mould and through the body standing on its plate. */
public final class Sections {
    private Sections() {}

    public static Section of(Dessert dessert) {
        var vessel = dessert.batch().mould().vessel();
        var profile = vessel.profile();
        var stack = dessert.stack();
        return new Section(
                dessert.batch().mould().name(),
                vessel.material().name(),
                profile.symmetry().name().toLowerCase(Locale.ROOT),
                outline(profile),
                vessel.wallMm(),
                vessel.baseMm(),
                profile.brimMl(),
                stack.fillMm(),
                stack.fillMl() - stack.overMl(),
                stack.overMl(),
                dessert.portraits().stream().flatMap(p -> layer(p).stream()).toList(),
                garnish(dessert),
                standing(dessert));
    }

    private static List<Point> outline(Profile profile) {
        var inner = new ArrayList<Point>();
        for (int i = 0; i < profile.points(); i++) {
            inner.add(new Point(profile.halfWidthMm(i), profile.heightMm(i)));
        }
        return inner;
    }

    private static Optional<Layer> layer(Portrait portrait) {
        var bed = portrait.bed();
        if (!bed.exists()) {
            return Optional.empty();
        }
        double placed = bed.inside().volumeMl(bed.toMm()) - bed.inside().volumeMl(bed.fromMm());
        return Optional.of(new Layer(
                portrait.index(),
                portrait.name(),
                portrait.kind().id(),
                bed.fromMm(),
                bed.toMm(),
                bed.wallMm() > 0 ? bed.ml() : placed,
                texture(portrait),
                bed.wallMm(),
                bed.wallThicknessMm(),
                outline(bed.inside())));
    }

    private static List<String> garnish(Dessert dessert) {
        return dessert.portraits().stream()
                .filter(p -> p.kind() == Kind.GARNISH && p.component().layer())
                .map(Portrait::name)
                .toList();
    }

    /** What it looks like cut: crumb and sponge by their kind, all else by the strongest flavour. */
    public static String texture(Portrait portrait) {
        return switch (portrait.kind()) {
            case CRUMB, SHELL -> "crumb";
            case SOAKED -> "sponge";
            case PIECES, GARNISH -> "pieces";
            default ->
                AsIngredient.tint(portrait.component(), portrait.mix()).name().toLowerCase(Locale.ROOT);
        };
    }

    /** The body on its plate, plate upward: turned over, the first poured is on top. */
    private static Optional<Standing> standing(Dessert dessert) {
        double worst = dessert.worstStrain();
        if (!dessert.batch().turnsOut()
                || worst >= dessert.parameters().turnout().sags().value()
                || dessert.studies().isEmpty()) {
            return Optional.empty();
        }
        boolean over = dessert.batch().turnedOver();
        double fill = dessert.mouldedMm();
        var profile = dessert.batch().mould().vessel().profile();
        var outline = Outline.of(profile, fill, over, mm -> strainAt(dessert, mm));
        return Optional.of(new Standing(
                dessert.standingMm(),
                fill,
                outline,
                Slump.words(dessert.parameters().turnout(), worst),
                over));
    }

    /** Strain of the slice at a height in the mould; solid layers keep theirs. */
    private static double strainAt(Dessert dessert, double mm) {
        for (var study : dessert.studies()) {
            double within =
                    dessert.portraits().size() == 1 ? mm : mm - study.bed().fromMm();
            double height = study.slump().heightMm();
            if (study.sets() && within >= 0 && within <= height) {
                var strains = study.slump().strains(study.rowsWhenJudged());
                return strains[Math.min(strains.length - 1, (int) (within / height * strains.length))];
            }
        }
        return 0;
    }
}
