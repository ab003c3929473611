package com.deftchill.core.making;

import com.deftchill.core.alternative.Trial;
import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.assess.ComponentAnswer;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What the batch as it is made does otherwise than the formula says. What is tolerable stays quiet.
 *
 * @param shifts figures that have moved more than anybody would leave unsaid
 * @param verdicts that the formula itself does not have, with remedies that were tried
 * @param problems why it cannot be told: a measured value that is not understood
 */
public record Consequence(List<Message> shifts, List<Verdict> verdicts, List<Problem> problems) {
    /** A shift of a time that stays quiet, min [E]. */
    private static final double QUIET_MINUTES = 5;
    /** A shift of a height that stays quiet, mm [E]. */
    private static final double QUIET_MM = 1;
    /** A shift of a volume that stays quiet, as a share (handbook 7). */
    private static final double QUIET_VOLUME = 0.03;

    /** A shift of firmness that stays quiet, of 100 [E]: nobody tastes less. */
    private static final double QUIET_FIRMNESS = 4;

    private static final Consequence NONE = new Consequence(List.of(), List.of(), List.of());

    public Consequence {
        shifts = List.copyOf(shifts);
        verdicts = List.copyOf(verdicts);
        problems = List.copyOf(problems);
    }

    /** @return nothing at all where it was made as it is written */
    public static Consequence of(Making making, Assessor assessor, Workplace workplace) {
        return of(
                making,
                assessor,
                workplace,
                formula -> assessor.assess(formula, workplace).value());
    }

    /** The same, where what was planned may have been assessed already. */
    public static Consequence of(
            Making making,
            Assessor assessor,
            Workplace workplace,
            Function<WrittenFormula, Optional<Assessment>> toPlanned) {
        // When it was poured moves clock times, not the dessert.
        if (Changes.set(making.made(), "/starts", making.planned().starts()).equals(making.planned())) {
            return NONE;
        }
        var planned = toPlanned.apply(making.planned());
        if (planned.isEmpty()) {
            return NONE;
        }
        var before = planned.get();
        Set<String> known = warnings(before).stream().map(Consequence::named).collect(Collectors.toSet());
        // Only remedies of what is shown are tried.
        var made = new Trial(assessor, making.made(), workplace)
                .assess(verdict -> isWarning(verdict) && !known.contains(named(verdict)));
        if (made.value().isEmpty()) {
            return new Consequence(List.of(), List.of(), made.problems());
        }
        var after = made.value().get();
        return new Consequence(shifts(before, after), news(known, after), List.of());
    }

    private static List<Verdict> news(Set<String> known, Assessment after) {
        return warnings(after).stream().filter(v -> !known.contains(named(v))).toList();
    }

    private static List<Verdict> warnings(Assessment assessment) {
        return assessment.verdicts().stream().filter(Consequence::isWarning).toList();
    }

    private static boolean isWarning(Verdict verdict) {
        return verdict.tone().compareTo(Tone.CAUTION) <= 0;
    }

    private static String named(Verdict verdict) {
        return verdict.code() + " " + verdict.path() + " " + verdict.tone();
    }

    private static List<Message> shifts(Assessment before, Assessment after) {
        var shifts = new ArrayList<Message>();
        for (int i = 0;
                i < Math.min(before.components().size(), after.components().size());
                i++) {
            volume(before.components().get(i), after.components().get(i)).ifPresent(shifts::add);
            firmness(before.components().get(i), after.components().get(i)).ifPresent(shifts::add);
        }
        var was = before.prediction();
        var is = after.prediction();
        // What becomes softer is sooner as firm as it ever will be: nobody has gained anything by that.
        boolean softer = softer(before, after);
        later("sets", was.setsAfterMinutes(), is.setsAfterMinutes(), softer).ifPresent(shifts::add);
        later("turns-out", was.turnsOutAfterMinutes(), is.turnsOutAfterMinutes(), softer)
                .ifPresent(shifts::add);
        if (was.standingMm().isPresent() && is.standingMm().isPresent()) {
            double by = is.standingMm().get() - was.standingMm().get();
            if (Math.abs(by) >= QUIET_MM) {
                shifts.add(Message.of("making.shift.stands")
                        .with("is", Argument.millimetres(is.standingMm().get()))
                        .with("was", Argument.millimetres(was.standingMm().get())));
            }
        }
        return shifts;
    }

    private static Optional<Message> volume(ComponentAnswer before, ComponentAnswer after) {
        double share = after.amounts().yieldMl() / before.amounts().yieldMl() - 1;
        // Not a number where there is nothing of it.
        if (!(Math.abs(share) >= QUIET_VOLUME)) {
            return Optional.empty();
        }
        return Optional.of(Message.of("making.shift.volume")
                .with("name", Argument.name(after.name()))
                .with("way", Argument.either(share < 0, "less", "more"))
                .with("percent", Argument.figure(Math.abs(share) * 100, 0))
                .with("is", Argument.millilitres(after.amounts().yieldMl())));
    }

    /** How firm it is as it comes from the cold, 0 to 100; empty for what is not poured as a layer. */
    private static Optional<Double> firmness(ComponentAnswer component) {
        return component
                .warming()
                .filter(warming -> warming.firmness().length > 0)
                .map(warming -> warming.firmness()[0]);
    }

    private static Optional<Message> firmness(ComponentAnswer before, ComponentAnswer after) {
        var was = firmness(before);
        var is = firmness(after);
        if (was.isEmpty() || is.isEmpty() || Math.abs(is.get() - was.get()) < QUIET_FIRMNESS) {
            return Optional.empty();
        }
        return Optional.of(Message.of("making.shift.firmness")
                .with("name", Argument.name(after.name()))
                .with("way", Argument.either(is.get() < was.get(), "softer", "firmer"))
                .with("is", Argument.figure(is.get(), 0))
                .with("was", Argument.figure(was.get(), 0)));
    }

    private static boolean softer(Assessment before, Assessment after) {
        for (int i = 0;
                i < Math.min(before.components().size(), after.components().size());
                i++) {
            var was = firmness(before.components().get(i));
            var is = firmness(after.components().get(i));
            if (was.isPresent() && is.isPresent() && is.get() <= was.get() - QUIET_FIRMNESS) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Message> later(
            String what, Optional<Double> was, Optional<Double> is, boolean neverSooner) {
        if (was.isEmpty() || is.isEmpty()) {
            return was.isPresent() == is.isPresent()
                    ? Optional.empty()
                    : Optional.of(Message.of("making.shift." + what + (is.isEmpty() ? "-no-more" : "-now")));
        }
        double by = is.get() - was.get();
        return Math.abs(by) < QUIET_MINUTES || by < 0 && neverSooner
                ? Optional.empty()
                : Optional.of(Message.of("making.shift." + what)
                        .with("way", Argument.either(by > 0, "later", "sooner"))
                        .with("by", new Argument.Lasts(Math.abs(by) * 60)));
    }

    /** Whether everything is as it should be. */
    public boolean quiet() {
        return shifts.isEmpty() && verdicts.isEmpty() && problems.isEmpty();
    }
}
