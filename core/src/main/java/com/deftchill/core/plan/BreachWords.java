package com.deftchill.core.plan;

import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;

/** What a breach is called to a cook. */
public final class BreachWords {
    private BreachWords() {}

    public static Message of(Day day, Breach breach) {
        var others = breach.tasks().stream()
                .skip(1)
                .map(id -> Reasons.named(day, id))
                .toList();
        var with = day.hands().stream()
                .filter(hand -> hand.id().equals(breach.with()))
                .map(Hand::role)
                .findFirst()
                .or(() -> java.util.Optional.ofNullable(day.stores().get(breach.with()))
                        .map(Store::name))
                .orElse(breach.with());
        Argument other = others.isEmpty() ? Argument.name("") : others.get(0);
        Argument all = others.isEmpty() ? new Argument.Choice("none") : new Argument.Listed(others);
        return Message.of("day.breach." + breach.code())
                .with("with", with)
                .with("other", other)
                .with("others", all)
                .with("by", new Argument.Lasts(breach.minutes() * 60.0))
                .with("why", new Argument.Choice(breach.with().isEmpty() ? "none" : breach.with()));
    }
}
