package com.deftchill.core.plan;

import java.util.Optional;
import java.util.OptionalLong;

/**
 * What is settled about a task: by the cook's wish, or because it has begun.
 *
 * @param start when it begins, minutes since 1970
 * @param minutes how long it took or will take, where that differs
 * @param hand id of who does it
 * @param done whether it has begun: then it is a fact and no wish
 */
public record Pin(OptionalLong start, OptionalLong minutes, Optional<String> hand, boolean done) {
    public static Pin at(long start) {
        return new Pin(OptionalLong.of(start), OptionalLong.empty(), Optional.empty(), false);
    }
}
