package com.deftchill.core.assess;

import com.deftchill.core.assess.Assessment.Layer;
import com.deftchill.core.assess.Assessment.Point;
import com.deftchill.core.assess.Assessment.Section;
import com.deftchill.core.assess.Assessment.Standing;
import com.deftchill.core.larder.Ingredient.Tint;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.turnout.Slump;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The cut through the filled mould and through the body standing on its plate. */
final class Sections {
    /** A flavour tints the layer from this share of the mass on [E]. */
    private static final double TINTS_FROM = 0.04;

    private static final int OUTLINE_POINTS = 24;

    private Sections() {}

    static Section of(Study study) {
        var batch = study.batch();
        var vessel = batch.mould().vessel();
        var profile = vessel.profile();
        var inner = new ArrayList<Point>();
        for (int i = 0; i < profile.points(); i++) {
            inner.add(new Point(profile.halfWidthMm(i), profile.heightMm(i)));
        }
        double filled = Math.min(study.fillMl(), profile.brimMl());
        var layer = new Layer(
                batch.component().name(),
                0,
                study.fillMm(),
                filled,
                tint(study).name().toLowerCase(Locale.ROOT));
        return new Section(
                batch.mould().name(),
                vessel.material().name(),
                profile.symmetry().name().toLowerCase(Locale.ROOT),
                inner,
                vessel.wallMm(),
                vessel.baseMm(),
                profile.brimMl(),
                study.fillMm(),
                filled,
                study.fillMl() - filled,
                List.of(layer),
                standing(study));
    }

    /** The colour family of the strongest flavour, or that of the largest part. */
    private static Tint tint(Study study) {
        double least = TINTS_FROM * study.mix().massG();
        return study.batch().component().parts().stream()
                .filter(part -> part.grams() >= least)
                .map(Mix.Part::ingredient)
                .map(ingredient -> ingredient.tint())
                .filter(tint -> tint != Tint.NONE)
                .max(Enum::compareTo)
                .orElse(Tint.CREAM);
    }

    private static Optional<Standing> standing(Study study) {
        double strain = study.judgedStrain();
        if (!Milestones.turnsOut(study) || strain >= Slump.SAGS) {
            return Optional.empty();
        }
        var strains = study.slump().strains(study.rowsWhenJudged());
        var outline = new ArrayList<Point>();
        double height = 0;
        for (int i = 0; i <= OUTLINE_POINTS; i++) {
            double inMould = study.fillMm() * (OUTLINE_POINTS - i) / OUTLINE_POINTS;
            int row = Math.min(strains.length - 1, (int) (inMould / study.fillMm() * strains.length));
            double half = study.batch().mould().vessel().profile().halfWidthAtMm(inMould) / Math.sqrt(1 - strains[row]);
            outline.add(new Point(half, height));
            height += study.fillMm() / OUTLINE_POINTS * (1 - strains[row]);
        }
        return Optional.of(new Standing(study.standingMm(), study.slump().heightMm(), outline, Slump.words(strain)));
    }
}
