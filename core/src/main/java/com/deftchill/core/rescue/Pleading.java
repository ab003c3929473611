package com.deftchill.core.rescue;

import com.deftchill.core.rescue.Suspect.What;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.util.ArrayList;
import java.util.List;

/** What speaks for a suspect and what against it, in words. */
public final class Pleading {
    /** A chance above and below which the model speaks for or against it. */
    private static final double LIKELY = 0.4;
    /** Readings that fit at least so well, and no better than this. */
    private static final double FITS = 0.6;

    private static final double FITS_NOT = 0.2;
    /** Seen in fewer of 1000 batches it is rare. */
    private static final double RARE = 15;

    private final Observed observed;

    public Pleading(Observed observed) {
        this.observed = observed;
    }

    /** Name of a suspect. */
    public static Message name(Suspect suspect) {
        return switch (suspect.what()) {
            case FORMULA -> Message.of("rescue.cause.formula");
            case MEASURED -> Message.of("rescue.cause.measured");
            case TOO_EARLY -> Message.of("rescue.cause.too-early");
            case CAUSE ->
                Message.of("rescue.cause." + suspect.cause().orElseThrow().id());
        };
    }

    public List<Message> speaksFor(Suspect suspect) {
        var said = new ArrayList<Message>();
        boolean computed = suspect.chance() - suspect.without() > 0 && !byHandOnly(suspect);
        if (computed && suspect.chance() >= LIKELY) {
            said.add(chance("rescue.for.model", suspect));
        }
        suspect.cause().ifPresent(cause -> {
            if (byHandOnly(suspect)) {
                said.add(chance("rescue.for.known", suspect));
            }
            if (1000 * cause.often() >= RARE) {
                said.add(often("rescue.for.often", cause));
            }
            if (Boolean.TRUE.equals(observed.looks().get(cause.look().id()))) {
                said.add(Message.of("rescue.for.look"));
            }
        });
        suspect.readings().filter(fits -> fits >= FITS).ifPresent(fits -> said.add(Message.of("rescue.for.readings")));
        return said;
    }

    public List<Message> speaksAgainst(Suspect suspect) {
        var said = new ArrayList<Message>();
        if (suspect.what() != What.FORMULA && suspect.chance() < LIKELY && !byHandOnly(suspect)) {
            said.add(chance("rescue.against.model", suspect));
        }
        suspect.cause().ifPresent(cause -> {
            if (1000 * cause.often() < RARE) {
                said.add(often("rescue.against.rare", cause));
            }
            if (Boolean.FALSE.equals(observed.looks().get(cause.look().id()))) {
                said.add(Message.of("rescue.against.look"));
            }
        });
        suspect.readings()
                .filter(fits -> fits <= FITS_NOT)
                .ifPresent(fits -> said.add(Message.of("rescue.against.readings")));
        return said;
    }

    private static boolean byHandOnly(Suspect suspect) {
        return suspect.cause()
                .filter(cause -> cause.deviation() == Deviation.NONE)
                .isPresent();
    }

    private static Message chance(String key, Suspect suspect) {
        return Message.of(key).with("percent", percent(suspect.chance())).with("without", percent(suspect.without()));
    }

    private static Argument percent(double chance) {
        return Argument.figure(Math.max(1, Math.min(99, 100 * chance)), 0);
    }

    private static Message often(String key, Cause cause) {
        return Message.of(key).with("often", Argument.figure(1000 * cause.often(), 0));
    }
}
