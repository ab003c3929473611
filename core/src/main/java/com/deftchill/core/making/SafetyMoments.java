package com.deftchill.core.making;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Share;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.judge.chill.PlaceVerdicts;
import com.deftchill.core.label.Flags;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.making.ColdChain.State;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * Moments of a batch that food safety asks about besides its cooling: whether egg was cooked, by what was measured, and how long
 * it has been out of the cold. What was not measured is said to be missing; local rules come first.
 */
public final class SafetyMoments {
    private SafetyMoments() {}

    /**
     * One of them.
     *
     * @param words what it is
     * @param by until when, s since 1970; absent where there is no such moment
     */
    public record Moment(Message words, State state, OptionalLong by) {}

    /** @param made the batch as it is really made, computed through */
    public static List<Moment> of(Making making, Dessert made, long now) {
        var moments = new ArrayList<Moment>();
        for (int i = 0; i < made.portraits().size(); i++) {
            cooked(making, made.portraits().get(i), i).ifPresent(moments::add);
        }
        outOfTheCold(making, now).ifPresent(moments::add);
        return moments;
    }

    private static Optional<Moment> cooked(Making making, Portrait portrait, int index) {
        var component = portrait.component();
        var hot = component.heating().hotC();
        var ended = making.run(index + ".heat").ended();
        if (hot.isEmpty() || !eggInTheHotShare(component) || hot.getAsDouble() < Flags.COOKED_C && ended.isEmpty()) {
            return Optional.empty();
        }
        var measured = making.measured("/components/" + index + "/work/heat/to");
        var words = Message.of("making.cooked")
                .with("name", Argument.name(portrait.name()))
                .with("least", Argument.degrees(Flags.COOKED_C))
                .with("measured", Argument.when(measured.isPresent()))
                .with("is", Argument.degrees(hot.getAsDouble()));
        if (measured.isPresent()) {
            return Optional.of(new Moment(
                    words, hot.getAsDouble() >= Flags.COOKED_C ? State.KEPT : State.BROKEN, OptionalLong.empty()));
        }
        return Optional.of(new Moment(words, ended.isPresent() ? State.MISSING : State.OPEN, OptionalLong.empty()));
    }

    private static boolean eggInTheHotShare(Component component) {
        return component.lines().stream()
                .anyMatch(line ->
                        line.share() == Share.HOT && line.part().ingredient().has(Trait.EGG));
    }

    /** From when it was begun to be turned out; the batch that is done with is out of sight. */
    private static Optional<Moment> outOfTheCold(Making making, long now) {
        var run = making.run("turn-out");
        var out = run.began().isPresent() ? run.began() : run.ended();
        if (out.isEmpty() || making.finished()) {
            return Optional.empty();
        }
        long since = out.getAsLong();
        long by = since + PlaceVerdicts.NOT_USED_S;
        var words = Message.of("making.out")
                .with("for", new Argument.Lasts(Math.max(60, now - since)))
                .with("soon", Argument.when(now - since > PlaceVerdicts.SOON_USED_S));
        return Optional.of(new Moment(words, now > by ? State.BROKEN : State.OPEN, OptionalLong.of(by)));
    }
}
