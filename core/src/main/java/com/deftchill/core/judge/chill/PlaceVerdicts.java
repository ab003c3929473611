package com.deftchill.core.judge.chill;

import com.deftchill.core.batch.Stay;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.label.KeepingLife;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;

/** Whether the places that it stands in suit the dessert: long enough, cold enough, thawed again. */
public final class PlaceVerdicts {
    /** Out of the cold so long it is used up soon; so much longer, not at all (handbook 4, the 2 h and 4 h rule) [S]. */
    public static final long SOON_USED_S = 2 * 3600;

    public static final long NOT_USED_S = 4 * 3600;

    /** A place grows by whole five minutes. */
    private static final double STEP_S = 300;

    private static final String THAW_IN = "8 h";

    private PlaceVerdicts() {}

    public static List<Verdict> of(Dessert dessert, boolean rawEgg) {
        var verdicts = new ArrayList<Verdict>();
        if (dessert.wasFrozen()) {
            frozen(dessert, verdicts);
        }
        tooEarly(dessert, verdicts);
        outOfTheCold(dessert, verdicts);
        kept(dessert, rawEgg, verdicts);
        return verdicts;
    }

    /** Seconds that it stands in air too warm to keep food in, once it has been in the cold. */
    private static double outSeconds(Dessert dessert) {
        double sum = 0;
        boolean beenCold = false;
        for (var stay : dessert.batch().timetable().stays()) {
            beenCold |= stay.cold();
            sum += beenCold && !stay.cold() && !stay.open() ? stay.seconds() : 0;
        }
        return sum;
    }

    private static void tooEarly(Dessert dessert, List<Verdict> verdicts) {
        var table = dessert.batch().timetable();
        if (!table.ends() || dessert.setting().isEmpty() || dessert.wasFrozen()) {
            return;
        }
        boolean turnsOut = dessert.batch().turnsOut();
        double needs = turnsOut ? Math.max(dessert.setSeconds(), dessert.readySeconds()) : dessert.setSeconds();
        double cold = table.coldUntilSeconds();
        if (needs <= cold) {
            return;
        }
        int longest = coldest(table.stays());
        var what = turnsOut ? "may be turned out" : "is set";
        // A step more than just enough: a longer stay is cut into other steps of the chill.
        double more = STEP_S * (1 + Math.ceil((needs - cold) / STEP_S));
        boolean never = Double.isInfinite(needs);
        var written = never || longest < 0
                ? List.<Fix>of()
                : List.of(new Fix(
                        "Leave it " + Words.duration(more) + " longer in "
                                + table.stays().get(longest).cooler().name(),
                        "ready when it is served, at " + dessert.clock(table.endSeconds() + more),
                        List.of(new Fix.Change(
                                "/cooler/places/" + longest + "/stay",
                                Words.duration(table.stays().get(longest).seconds() + more)))));
        verdicts.add(new Verdict(
                "served-too-early",
                Tone.BAD,
                never ? "Not ready when it is served" : "Served before it is ready",
                "It leaves the cold at " + dessert.clock(cold)
                        + (never ? ", and left there it never " : ", and left there it ") + what
                        + (never ? "." : " only at " + dessert.clock(needs) + "."),
                "/cooler/places",
                evidence(dessert),
                written));
    }

    /** The cold place to lengthen: the last with an end. */
    private static int coldest(List<Stay> stays) {
        for (int i = stays.size() - 1; i >= 0; i--) {
            if (stays.get(i).cold() && !stays.get(i).open()) {
                return i;
            }
        }
        return -1;
    }

    private static void frozen(Dessert dessert, List<Verdict> verdicts) {
        var table = dessert.batch().timetable();
        double thawed = dessert.thawedSeconds();
        boolean late = table.ends() && thawed > table.endSeconds();
        if (Double.isInfinite(thawed) || late) {
            verdicts.add(new Verdict(
                    "frozen-at-service",
                    Tone.BAD,
                    "Still frozen at service",
                    Double.isInfinite(thawed)
                            ? stillIce(dessert)
                            : "It is thawed only by " + dessert.clock(thawed) + ", and served at "
                                    + dessert.clock(table.endSeconds()) + ".",
                    "/cooler/places",
                    evidence(dessert),
                    thaw(dessert, table.stays())));
        } else {
            int last = table.stays().size() - 1;
            double hours = thawed - table.startSeconds(last);
            verdicts.add(new Verdict(
                    "thaws",
                    Tone.NOTE,
                    "Thaws in the cold",
                    "Thawed to the core " + Words.duration(Math.max(0, hours)) + " after it comes into the "
                            + table.last().cooler().name() + ", by " + dessert.clock(thawed)
                            + ". Thaw it where it is cold, never in the room.",
                    "/cooler/places",
                    evidence(dessert),
                    List.of()));
        }
        var weak = dessert.studies().stream()
                .filter(s -> s.component().gels() && s.history().strength() < 1)
                .map(s -> s.component().name())
                .toList();
        if (!weak.isEmpty()) {
            verdicts.add(new Verdict(
                    "weeps-after-freezing",
                    Tone.CAUTION,
                    "Weeps after freezing",
                    String.join(" and ", weak)
                            + ": ice tears the gel; thawed it has about 15 % less strength and a wet plate."
                            + " Iota carrageenan holds. Serve it soon, on something that drinks the drops.",
                    "/cooler/places",
                    evidence(dessert),
                    List.of()));
        }
        if (dessert.batch().mould().vessel().material().cracksByShock()
                && dessert.batch().mould().release() == Release.DIP) {
            verdicts.add(new Verdict(
                    "cold-shock",
                    Tone.UNSAFE,
                    "Never from the freezer into hot water",
                    dessert.batch().mould().vessel().material().name()
                            + " cracks by the shock. Let it thaw first, or freeze in metal or silicone.",
                    "/moulds/of",
                    evidence(dessert),
                    List.of()));
        }
    }

    /** Never thawed as far as it is followed: it stands in ice, or is served too soon. */
    private static String stillIce(Dessert dessert) {
        var last = dessert.batch().timetable().last();
        return last.airC() < 0 || last.open()
                ? "It stays ice where it stands last: let it thaw in the fridge."
                : Words.duration(last.seconds()) + " in the " + last.cooler().name() + " do not thaw it to the core.";
    }

    private static List<Fix> thaw(Dessert dessert, List<Stay> stays) {
        var changes = new ArrayList<Fix.Change>();
        int last = stays.size() - 1;
        boolean written = !dessert.batch().timetable().isPlain();
        if (stays.get(last).airC() >= 0) {
            double more = Math.max(
                    STEP_S,
                    dessert.thawedSeconds() - dessert.batch().timetable().endSeconds());
            if (stays.get(last).open()) {
                return List.of();
            }
            // How long it takes is not known where it is followed no further: as long again, if that does.
            boolean known = Double.isFinite(more);
            double stay = stays.get(last).seconds();
            return List.of(new Fix(
                    known ? "Leave it " + Words.duration(more) + " longer" : "Leave it there twice as long",
                    "thawed when it is served",
                    List.of(new Fix.Change(
                            "/cooler/places/" + last + "/stay", Words.duration(stay + (known ? more : stay))))));
        }
        if (!written) {
            changes.add(new Fix.Change("/cooler/places/0/of", ""));
        }
        double frozen = dessert.frozenSeconds();
        var stay = Double.isFinite(frozen) ? Words.duration(frozen) : THAW_IN;
        if (stays.get(last).open()) {
            changes.add(new Fix.Change("/cooler/places/" + last + "/stay", stay));
        }
        changes.add(new Fix.Change("/cooler/places/" + (last + 1) + "/of", Roles.FRIDGE));
        changes.add(new Fix.Change("/cooler/places/" + (last + 1) + "/cover", "film"));
        return List.of(new Fix("Thaw it in the fridge afterwards", "under film, until it is served", changes));
    }

    private static void outOfTheCold(Dessert dessert, List<Verdict> verdicts) {
        double out = outSeconds(dessert);
        if (out == 0) {
            return;
        }
        boolean discard = out > NOT_USED_S;
        boolean soon = out > SOON_USED_S;
        var words = Words.duration(out);
        verdicts.add(new Verdict(
                "out-of-the-cold",
                discard ? Tone.UNSAFE : soon ? Tone.CAUTION : Tone.NOTE,
                discard ? "Too long out of the cold" : "Out of the cold for " + words,
                (discard
                                ? words + " in air above " + dessert.celsius(Stay.COLD_C)
                                        + ": more than four hours is thrown away."
                                : soon
                                        ? "More than two hours added up: eat it at once, it does not go back."
                                        : "Added up over its places; from two hours on it does not go back into the cold.")
                        + " Your food-safety plan and local rules come first.",
                "/cooler/places",
                evidence(dessert),
                List.of()));
    }

    private static void kept(Dessert dessert, boolean rawEgg, List<Verdict> verdicts) {
        var table = dessert.batch().timetable();
        var life = KeepingLife.of(dessert, rawEgg);
        double frozen = dessert.frozenStaySeconds();
        double aged = table.endSeconds() - frozen;
        if (!table.ends() || aged <= life.hours() * 3600.0) {
            return;
        }
        verdicts.add(new Verdict(
                "kept-too-long",
                Tone.UNSAFE,
                "Kept longer than it keeps",
                "Served " + Notation.write(table.endSeconds() / 86_400, 1) + " days after pouring"
                        + (frozen > 0 ? ", " + Words.duration(frozen) + " of them frozen" : "") + "; for "
                        + life.because() + " count on " + life.hours()
                        + " h. Your food-safety plan and local rules come first.",
                "/cooler/places",
                new Evidence(
                        List.of(new Given("Keeps", life.hours() + " h: " + life.because())),
                        "The shortest life of its parts counts, from pouring; frozen through in the freezer it does not age.",
                        KeepingLife.constants(dessert),
                        "Conservative.",
                        "A later start, a shorter stay."),
                shorter(dessert, aged - life.hours() * 3600.0)));
    }

    /** Served so much sooner, s, out of its last cold place; whether it is ready by then is tried. */
    private static List<Fix> shorter(Dessert dessert, double seconds) {
        var table = dessert.batch().timetable();
        int cold = coldest(table.stays());
        double stay = cold < 0 ? 0 : table.stays().get(cold).seconds();
        // From two days on durations are written in whole hours.
        double step = stay - seconds < 48 * 3600.0 ? STEP_S : 3600;
        double left = step * Math.floor((stay - seconds) / step);
        double less = stay - left;
        return left < STEP_S
                ? List.of()
                : List.of(new Fix(
                        "Leave it " + Words.duration(less) + " shorter in "
                                + table.stays().get(cold).cooler().name(),
                        "served while it keeps, at " + dessert.clock(table.endSeconds() - less),
                        List.of(new Fix.Change("/cooler/places/" + cold + "/stay", Words.duration(left)))));
    }

    private static Evidence evidence(Dessert dessert) {
        var table = dessert.batch().timetable();
        var given = new ArrayList<Given>();
        for (int i = 0; i < table.stays().size(); i++) {
            var stay = table.stays().get(i);
            given.add(new Given(
                    (i + 1) + ". " + stay.cooler().name(),
                    dessert.celsius(stay.airC()) + (stay.how().isEmpty() ? "" : ", " + stay.how())
                            + ", from " + dessert.clock(table.startSeconds(i))
                            + (stay.open() ? "" : ", " + Words.duration(stay.seconds()))));
        }
        return new Evidence(
                given,
                "Heat conduction through dessert and mould along all its places; water freezes as far as what is dissolved in it"
                        + " allows, with its heat of fusion, and thaws the same way back.",
                List.of(
                        dessert.constant(dessert.parameters().cold().film()),
                        dessert.constant(dessert.parameters().cold().tray()),
                        dessert.constant(dessert.parameters().cold().weeps()),
                        new Constant("out of the cold", "2 h, then 4 h", "S", "usual rule")),
                "A fifth of the time, more for thawing.",
                "Longer stays, colder air, smaller moulds.");
    }
}
