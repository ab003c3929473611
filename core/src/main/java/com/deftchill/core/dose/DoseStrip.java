package com.deftchill.core.dose;

import com.deftchill.core.batch.Wanted;
import com.deftchill.core.body.Nature;
import com.deftchill.core.body.PlasticFirmness;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.verdict.Evidence;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A ruler of firmness from runs to rubber, with what each dose of this agent would be on it.
 *
 * @param grams this dose, g
 * @param firmness of this dose, 0 to 100
 * @param targetFrom lower end of the target band, 0 to 100
 * @param targetTo upper end of the target band, 0 to 100
 * @param wanted firmness asked for, where it is
 * @param zones the ruler in words, from the soft end
 * @param doses rising; between them the dose may be interpolated
 * @param sheets whole and half sheets, for a gelatin sold in sheets
 * @param stepG what the kitchen's fine scale weighs, g
 * @param evidence where the firmness of a dose comes from
 */
public record DoseStrip(
        double grams,
        double firmness,
        double targetFrom,
        double targetTo,
        Optional<Double> wanted,
        List<Zone> zones,
        List<StripDose> doses,
        List<SheetMark> sheets,
        double stepG,
        Evidence evidence) {
    /** Agent in the other water of the mix, g/L of 200 Bloom gelatin, that the ruler covers. */
    private static final double LEAST_C = 3.5;

    private static final double MOST_C = 110;
    private static final int DOSES = 32;
    private static final int MOST_MARKS = 60;

    /** A stretch of the ruler: its word and where it begins and ends, 0 to 100. */
    public record Zone(String words, double from, double to) {}

    /** A dose, its bloom water, its firmness, and its height turned out, where it is. */
    public record StripDose(double grams, double waterG, double firmness, Optional<Double> standingMm) {}

    /** So many sheets: whole ones and halves. */
    public record SheetMark(double sheets, double grams, double firmness) {}

    public static DoseStrip of(Study study) {
        var dosing = new Dosing(study);
        var batch = study.batch();
        var product = study.component().gel().product();
        boolean turnsOut = study.alone() && batch.turnsOut();
        var doses = rising(study, dosing, turnsOut);
        return new DoseStrip(
                study.component().gel().grams(),
                Firmness.score(study.judgedPa()),
                Firmness.score(study.leastPa()),
                Firmness.score(study.mostPa()),
                batch.wanted().filter(w -> w.kind() == Wanted.Kind.FIRMNESS).map(Wanted::value),
                study.nature() == Nature.GEL ? words() : plasticWords(),
                doses,
                marks(product, doses),
                study.kitchen().fineScaleG(),
                GelEvidence.firmness(study));
    }

    private static List<Zone> words() {
        var zones = Firmness.values();
        return Arrays.stream(zones)
                .map(zone -> new Zone(
                        zone.shortWord(),
                        Firmness.score(zone.fromPa()),
                        zone.ordinal() + 1 < zones.length ? Firmness.score(zones[zone.ordinal() + 1].fromPa()) : 100))
                .toList();
    }

    private static List<Zone> plasticWords() {
        var zones = PlasticFirmness.values();
        return Arrays.stream(zones)
                .map(zone -> new Zone(
                        zone.words(),
                        Firmness.score(zone.fromPa()),
                        zone.ordinal() + 1 < zones.length ? Firmness.score(zones[zone.ordinal() + 1].fromPa()) : 100))
                .toList();
    }

    private static List<StripDose> rising(Study study, Dosing dosing, boolean turnsOut) {
        var gel = study.component().gel();
        double water = Math.max(1, study.mix().waterG() - gel.waterG());
        double like = gel.product().isGelatin() ? 1 : gel.product().heat().likeGelatin();
        var doses = new ArrayList<StripDose>();
        for (int i = 0; i < DOSES; i++) {
            double c = LEAST_C * Math.pow(MOST_C / LEAST_C, i / (DOSES - 1.0)) / like;
            var outcome = dosing.outcome(c / 1000 * water);
            doses.add(new StripDose(
                    outcome.grams(),
                    outcome.waterG(),
                    Firmness.score(outcome.rigidityPa()),
                    turnsOut ? Optional.of(outcome.standingMm()) : Optional.empty()));
        }
        return doses;
    }

    /** Half-sheets are marked while they are few enough to tell apart, whole sheets beyond. */
    private static List<SheetMark> marks(GelProduct product, List<StripDose> doses) {
        if (product.form() != GelProduct.Form.SHEET) {
            return List.of();
        }
        double most = doses.get(doses.size() - 1).grams();
        double step = most / (product.sheetG() / 2) > MOST_MARKS ? 1 : 0.5;
        while (most / (product.sheetG() * step) > MOST_MARKS) {
            step *= 2;
        }
        var marks = new ArrayList<SheetMark>();
        for (double sheets = step; sheets * product.sheetG() <= most; sheets += step) {
            double grams = sheets * product.sheetG();
            double firmness = between(doses, grams);
            if (firmness > 0 && firmness < 100) {
                marks.add(new SheetMark(sheets, grams, firmness));
            }
        }
        return marks;
    }

    private static double between(List<StripDose> doses, double grams) {
        for (int i = 1; i < doses.size(); i++) {
            var low = doses.get(i - 1);
            var high = doses.get(i);
            if (grams <= high.grams()) {
                double share = (grams - low.grams()) / (high.grams() - low.grams());
                return share < 0 ? 0 : low.firmness() + share * (high.firmness() - low.firmness());
            }
        }
        return 100;
    }
}
