package com.deftchill.core.alternative;

import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.cook.CrumbBase;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.larder.Mould;

/**
 * By how much each component grows when a dessert goes into other moulds. Bases and glazes keep their thickness and go by
 * area, walls by perimeter, garnish by the count; fillings share the rest of the volume as they do now; parts follow those
 * that take from them.
 */
final class ScaleFactors {
    private final Dessert now;

    ScaleFactors(Dessert now) {
        this.now = now;
    }

    /** A factor for each component; 0 or below where no room is left for fillings. */
    double[] to(Mould mould, int count, double each) {
        int n = now.portraits().size();
        var newMl = new double[n];
        double thick = 0;
        double fillings = 0;
        for (int i = 0; i < n; i++) {
            var portrait = now.portraits().get(i);
            if (portrait.bed().exists() && keepsThickness(portrait)) {
                newMl[i] = sameThickness(portrait, mould);
                thick += newMl[i];
            } else if (portrait.bed().exists()) {
                fillings += portrait.bed().ml();
            }
        }
        double share = fillings > 0 ? (each - thick) / fillings : 1;
        double moulds = (double) count / now.batch().count();
        var factors = new double[n];
        for (int i = 0; i < n; i++) {
            var portrait = now.portraits().get(i);
            Stack.Bed bed = portrait.bed();
            if (bed.exists()) {
                factors[i] = (keepsThickness(portrait) ? newMl[i] / bed.ml() : share) * moulds;
            } else if (portrait.kind() == Kind.GARNISH) {
                factors[i] = moulds;
            }
        }
        parts(factors, share * moulds);
        return factors;
    }

    private boolean keepsThickness(Portrait portrait) {
        boolean base = portrait.kind() == Kind.CRUMB || portrait.kind() == Kind.SHELL || portrait.kind() == Kind.SOAKED;
        return base || (portrait.kind() == Kind.JELLY && isOnTop(portrait) && !liesAlone());
    }

    /** Whether there is but one layer: the filling itself, not a glaze upon one, whatever parts it is made of. */
    private boolean liesAlone() {
        return now.portraits().stream().filter(other -> other.bed().exists()).count() == 1;
    }

    private boolean isOnTop(Portrait portrait) {
        return now.portraits().stream()
                .filter(other -> other.bed().exists())
                .allMatch(other -> other.index() <= portrait.index());
    }

    private double sameThickness(Portrait portrait, Mould mould) {
        var bed = portrait.bed();
        var profile = mould.vessel().profile();
        double from = Math.min(bed.fromMm(), profile.brimMm() / 2);
        if (bed.wallMm() > 0) {
            return CrumbBase.grams(
                            now.parameters().pan(),
                            profile.areaMm2(from),
                            profile.perimeterMm(from),
                            bed.wallThicknessMm(),
                            bed.wallMm())
                    / now.parameters().pan().packed().value();
        }
        if (isOnTop(portrait)) {
            // A glaze lies at the top, wherever that comes to be.
            double area = profile.areaMm2(profile.brimMm()
                    * now.stack().fillMm()
                    / now.batch().mould().vessel().profile().brimMm());
            return area * bed.heightMm() / 1000;
        }
        double to = Math.min(profile.brimMm(), from + bed.heightMm());
        return profile.volumeMl(to) - profile.volumeMl(from);
    }

    /** What others take from grows as they do; what is left of it as its own layer. */
    private void parts(double[] factors, double fallback) {
        var components = now.batch().components();
        for (int round = 0; round < components.size(); round++) {
            for (int i = 0; i < components.size(); i++) {
                double used = 0;
                double grown = 0;
                for (int j = 0; j < components.size(); j++) {
                    for (var line : components.get(j).lines()) {
                        var made = line.made();
                        if (made.isPresent()
                                && made.get().of().id().equals(components.get(i).id())) {
                            used += made.get().share();
                            grown += made.get().share() * factors[j];
                        }
                    }
                }
                boolean layer = now.portraits().get(i).bed().exists();
                if (used > 0 && !layer) {
                    factors[i] = grown / used;
                } else if (used == 0 && !layer && factors[i] == 0) {
                    factors[i] = fallback;
                }
            }
        }
    }
}
