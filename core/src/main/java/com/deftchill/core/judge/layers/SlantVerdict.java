package com.deftchill.core.judge.layers;

import com.deftchill.core.batch.Served;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import com.deftchill.core.vessel.Slant;
import com.deftchill.core.vessel.Symmetry;
import java.util.List;
import java.util.Optional;

/** The first layer set in a tilted glass: how far to tilt it. */
public final class SlantVerdict {
    private SlantVerdict() {}

    /** The slant that was asked for, where it can be. */
    public static Optional<Slant> slant(Dessert dessert) {
        var bed = dessert.stack().beds().get(0);
        double high = dessert.batch().slantMm();
        var profile = dessert.batch().mould().vessel().profile();
        if (high == 0 || !bed.exists() || !fits(dessert)) {
            return Optional.empty();
        }
        return Optional.of(Slant.of(profile, bed.ml(), high));
    }

    private static boolean fits(Dessert dessert) {
        var profile = dessert.batch().mould().vessel().profile();
        var bed = dessert.stack().beds().get(0);
        double high = dessert.batch().slantMm();
        return profile.symmetry() == Symmetry.ROUND
                && dessert.batch().served() == Served.IN_GLASS
                && dessert.portraits().get(0).study().isPresent()
                && high <= profile.brimMm()
                && bed.ml() < profile.volumeMl(high) * 0.999
                && bed.ml() > 1.001 * Slant.volumeMl(profile, high, 85);
    }

    public static Optional<Verdict> of(Dessert dessert) {
        double high = dessert.batch().slantMm();
        if (high == 0) {
            return Optional.empty();
        }
        return Optional.of(slant(dessert).map(s -> tilt(dessert, s)).orElseGet(() -> cannot(dessert)));
    }

    private static Verdict tilt(Dessert dessert, Slant slant) {
        var first = dessert.portraits().get(0);
        var profile = dessert.batch().mould().vessel().profile();
        double prop = slant.propMm(2 * profile.halfWidthMm(0));
        var degrees = Notation.write(slant.tiltDegrees(), 0) + " degrees";
        double set = first.study().orElseThrow().history().setSeconds();
        var upright = Double.isInfinite(set)
                ? "It does not set, so it would not stay slanted. "
                : "Stand it upright from " + dessert.clock(set) + ", when it is set to its centre, and fill the rest. ";
        var low = slant.lowMm() > 0
                ? " down to " + Words.mm(slant.lowMm()) + " on the other"
                : ", running out on the base";
        boolean steep =
                slant.tiltDegrees() > dessert.parameters().layers().steep().value();
        return new Verdict(
                "slant",
                Double.isInfinite(set) ? Tone.BAD : steep ? Tone.CAUTION : Tone.NOTE,
                "Tilt the glass by " + degrees,
                first.name() + " reaches " + Words.mm(slant.highMm()) + " on one side" + low
                        + ". Raise one edge of the base by " + Words.mm(prop)
                        + (steep ? ", and lean it on something: it is steep" : ", leant on a rolled cloth") + ". "
                        + upright
                        + "Upright, the layers fill as high as drawn level.",
                "/moulds/slant",
                evidence(dessert, slant),
                List.of());
    }

    private static Verdict cannot(Dessert dessert) {
        var profile = dessert.batch().mould().vessel().profile();
        var bed = dessert.stack().beds().get(0);
        var level = Words.mm(bed.toMm());
        boolean round = profile.symmetry() == Symmetry.ROUND && dessert.batch().served() == Served.IN_GLASS;
        var why = !round
                ? "Slanted layers are for round glasses that are eaten from."
                : dessert.portraits().get(0).study().isEmpty()
                        ? "Only what is poured first can be slanted."
                        : "The first layer alone lies " + level
                                + " high when level: slanted it reaches from above that to the rim at "
                                + Words.mm(profile.brimMm()) + ".";
        double wish = Math.round((bed.toMm() + profile.brimMm()) / 2);
        return new Verdict(
                "slant-impossible",
                Tone.BAD,
                "Cannot be slanted so",
                why,
                "/moulds/slant",
                new Evidence(
                        List.of(
                                new Given(
                                        "Wanted height on the glass",
                                        Words.mm(dessert.batch().slantMm())),
                                new Given("Level height of the first layer", level),
                                new Given("Rim", Words.mm(profile.brimMm()))),
                        "The volume below an inclined plane in a round glass.",
                        List.of(),
                        "None.",
                        "Another height, less or more of the first layer."),
                round && dessert.portraits().get(0).study().isPresent()
                        ? List.of(new Fix(
                                "Slant it up to " + Words.mm(wish),
                                "halfway between level and rim",
                                List.of(new Fix.Change("/moulds/slant", Words.mm(wish)))))
                        : List.of());
    }

    private static Evidence evidence(Dessert dessert, Slant slant) {
        var bed = dessert.stack().beds().get(0);
        return new Evidence(
                List.of(
                        new Given("Volume of the first layer", Words.ml(bed.ml())),
                        new Given("Height on the high side", Words.mm(slant.highMm())),
                        new Given("Height on the low side", Words.mm(slant.lowMm())),
                        new Given("Tilt from upright", Notation.write(slant.tiltDegrees(), 1) + "°")),
                "The volume below an inclined plane in the round profile of the glass equals that of the layer.",
                List.of(dessert.constant(dessert.parameters().layers().steep())),
                "A millimetre or two by hand. It is chilled as if it lay level: times are a little early where it is thick.",
                "Another height on the glass, more or less of the first layer.");
    }
}
