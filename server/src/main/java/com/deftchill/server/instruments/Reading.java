package com.deftchill.server.instruments;

import java.time.Instant;
import java.util.Optional;

/**
 * What an instrument showed.
 *
 * @param instrument its id
 * @param kind {@code probe} or {@code scale}
 * @param seq its own number of it
 * @param at when, by its clock
 * @param value °C or g, raw; absent where it showed none
 * @param stable whether it had come to rest
 * @param state {@code ok}, or what is the matter: {@code open}, {@code overload}, {@code under}
 * @param simulated whether it is a stand-in, which measures nothing
 */
record Reading(
        String instrument,
        String kind,
        long seq,
        Instant at,
        Optional<Double> value,
        boolean stable,
        String state,
        boolean simulated) {}
