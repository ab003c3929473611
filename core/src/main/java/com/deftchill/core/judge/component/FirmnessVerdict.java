package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Served;
import com.deftchill.core.body.Nature;
import com.deftchill.core.build.SetHistory;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.dose.Dosing;
import com.deftchill.core.dose.GelEvidence;
import com.deftchill.core.dose.UsualDose;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Too soft, right, or too firm for the way it is served, when it has matured. Bad is only what fails; near a limit it is
 * close, and beyond it first a matter of taste (handbook 2, tones).
 */
public final class FirmnessVerdict {
    /** So far beyond the upper limit, or below the lower one where it stands, it is a matter of taste. */
    private static final double TASTE = 3;

    /** Above this at the temperature at which it is eaten nothing is eaten with a spoon, Pa. */
    private static final double HARDEST_PA = 25_000;

    /** Out of the cold for so long a dessert is served at its best, s [E]. */
    private static final double OUT_S = 20 * 60;

    private final Dessert dessert;
    private final Study study;
    private final double pa;
    private final double least;
    private final double most;
    private final double uncertain;

    private FirmnessVerdict(Dessert dessert, Study study) {
        this.dessert = dessert;
        this.study = study;
        pa = study.judgedPa();
        least = study.leastPa();
        most = study.mostPa();
        uncertain = study.uncertain();
    }

    /** Nothing of what is to stay a sauce, or of what only needs longer: that is told as a matter of time, unless no time helps. */
    public static List<Verdict> of(Dessert dessert, Study study) {
        double ready = dessert.readyOf(study);
        var table = dessert.batch().timetable();
        boolean needsTime = table.ends() && Double.isFinite(ready) && ready > table.endSeconds();
        return needsTime || study.isSauce() || stiffOnlyCold(study) || eatenWarmer(dessert, study)
                ? List.of()
                : List.of(new FirmnessVerdict(dessert, study).verdict());
    }

    /** Stiff cold and right after a while is how chocolate eats: told as a matter of when it is served. */
    private static boolean stiffOnlyCold(Study study) {
        return study.nature() != Nature.GEL
                && study.judgedPa() > study.mostPa()
                && study.rightAtC().orElse(Study.SERVED_COLD_C) > Study.SERVED_COLD_C;
    }

    /** What is to be right at a temperature of the cook's is judged at that. */
    private static boolean eatenWarmer(Dessert dessert, Study study) {
        var batch = dessert.batch();
        return batch.eatenAtC().isPresent()
                && batch.served().stays()
                && dessert.main().filter(main -> main == study).isPresent();
    }

    private Verdict verdict() {
        if (pa < least) {
            return soft();
        }
        // What must stand is noted as close while it just still does: no cliff at its limit.
        if (!study.batch().served().stays() && pa < least * Math.pow(uncertain, SetHistory.CLOSE_POWER)) {
            return close("soft-close", Tone.NOTE, "Just firm enough");
        }
        return pa > most ? firm() : told("firmness-right", Tone.GOOD, "Firmness is on target", "", List.of());
    }

    private Verdict soft() {
        boolean stays = study.batch().served().stays();
        double short_ = least / Math.max(pa, 1e-9);
        if (short_ <= uncertain) {
            return close("soft-close", stays ? Tone.NOTE : Tone.CAUTION, "Close to too soft");
        }
        if (needOnlyStand()) {
            return asItStands();
        }
        boolean fails = stays ? pa < Firmness.HOLDS_PA : true;
        var headline = "Too soft to be " + study.batch().served().words();
        return told("too-soft", fails ? Tone.BAD : Tone.CAUTION, headline, "", firmer());
    }

    /** Whether how it stands tells more than its firmness: it need not bear being freed, or it has borne it. */
    private boolean needOnlyStand() {
        var batch = dessert.batch();
        if (batch.served().stays()) {
            return false;
        }
        boolean layerThatWouldTurnOut = batch.served() == Served.TURNED_OUT
                && !study.alone()
                && pa >= batch.served().least(study.parameters().gel()).value();
        return dessert.peelsFrozen() || readyBeforeItWarms() || layerThatWouldTurnOut;
    }

    /** Whether it was ready in the cold, and stands in the warm before it is served. */
    private boolean readyBeforeItWarms() {
        var table = dessert.batch().timetable();
        return table.ends()
                && dessert.readyOf(study) <= table.coldUntilSeconds()
                && table.coldUntilSeconds() < table.endSeconds();
    }

    private Verdict asItStands() {
        var limits = dessert.parameters().turnout();
        double strain = dessert.worstStrain();
        if (strain < limits.trembling().value() && pa >= least / TASTE) {
            return told("soft-close", Tone.NOTE, "Softer than usual", " It stands: a matter of taste.", fixes());
        }
        var tone = strain < limits.sags().value() ? Tone.CAUTION : Tone.BAD;
        return told("too-soft", tone, "Too soft when it is served", "", firmer());
    }

    private Verdict firm() {
        boolean rubber = study.nature() == Nature.GEL && pa >= Firmness.RUBBER.fromPa();
        if (rubber || pa > HARDEST_PA * uncertain) {
            return told("too-firm", Tone.BAD, rubber ? "Rubbery" : "Too hard to eat", "", fixes());
        }
        if (pa <= most * Math.sqrt(uncertain)) {
            return told("firm-close", Tone.NOTE, "Close to firmer than usual", "", List.of());
        }
        boolean nearRubber = study.nature() == Nature.GEL && pa >= Firmness.RUBBER.fromPa() / uncertain;
        if (pa <= TASTE * most && !nearRubber) {
            return told(
                    "firmer-than-usual",
                    Tone.NOTE,
                    "Firmer than usual " + where(),
                    " A matter of taste.",
                    study.nature() == Nature.GEL ? fixes() : List.of());
        }
        return told("too-firm", Tone.CAUTION, "Far firmer than wanted " + where(), "", fixes());
    }

    private String where() {
        return switch (study.batch().served()) {
            case IN_GLASS -> "in a glass";
            case FROM_DISH -> "from a dish";
            case PIPED -> "for piping";
            case TURNED_OUT -> "on a plate";
            case SLICED -> "for slices";
        };
    }

    /** What is within the uncertainty of the model is tried. */
    private Verdict close(String code, Tone tone, String headline) {
        return told(
                code,
                tone,
                headline,
                String.format(
                        Locale.ROOT,
                        " That is within what the model may be off by (a factor of %.1f): set a spoonful on a cold plate first.",
                        uncertain),
                tone == Tone.CAUTION ? fixes() : List.of());
    }

    private Verdict told(String code, Tone tone, String headline, String more, List<Fix> fixes) {
        double score = Firmness.score(pa);
        double from = Firmness.score(least);
        double to = Firmness.score(most);
        // One decimal where whole figures would look as if it were on target.
        boolean near = Math.min(Math.abs(score - from), Math.abs(score - to)) < 1;
        var scale = String.format(
                Locale.ROOT,
                near
                        ? "Firmness %.1f of 100 %s, %s; %s wants %.1f to %.1f."
                        : "Firmness %.0f of 100 %s, %s; %s wants %.0f to %.0f.",
                score,
                dessert.whenJudged(),
                study.words(pa),
                study.batch().served().words(),
                from,
                to);
        return new Verdict(
                code, tone, headline, scale + more, study.at("/gels/0/amount"), GelEvidence.firmness(study), fixes);
    }

    private List<Fix> fixes() {
        return study.component().gel() == Component.Gel.NONE
                ? List.of()
                : new Dosing(study).fix().stream().toList();
    }

    private List<Fix> firmer() {
        return Stream.concat(outLater().stream(), forgotten().stream()).toList();
    }

    /** Where the warm made it soft: less of it, served at the same time. */
    private Optional<Fix> outLater() {
        var stays = dessert.batch().timetable().stays();
        int warm = stays.size() - 1;
        if (!readyBeforeItWarms()
                || !stays.get(warm - 1).cold()
                || stays.get(warm).seconds() <= OUT_S) {
            return Optional.empty();
        }
        double longer = stays.get(warm - 1).seconds() + stays.get(warm).seconds() - OUT_S;
        var out = Words.duration(OUT_S);
        return Optional.of(new Fix(
                "Take it out of the cold only " + out + " before it is served",
                "served at the same time",
                List.of(
                        new Fix.Change("/cooler/places/" + (warm - 1) + "/stay", Words.duration(longer)),
                        new Fix.Change("/cooler/places/" + warm + "/stay", out))));
    }

    /** A mousse whose gelatin was forgotten; one of chocolate may do without. */
    private List<Fix> forgotten() {
        var lines = study.component().lines();
        boolean foamAlone = study.component().gel() == Component.Gel.NONE
                && study.component().kind().mayGel()
                && lines.stream().anyMatch(Component.Line::whipped)
                && lines.stream()
                        .noneMatch(line -> line.part().ingredient().group().equals("chocolate"));
        return foamAlone ? List.of(UsualDose.ofFoam(study)) : fixes();
    }
}
