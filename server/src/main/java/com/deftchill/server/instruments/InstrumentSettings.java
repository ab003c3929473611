package com.deftchill.server.instruments;

import com.deftchill.server.tenancy.Kitchens;
import java.net.URI;
import java.time.Duration;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Which instruments there are.
 *
 * @param sockets addresses that speak the protocol of docs/instruments.md; none: all is entered by hand
 * @param kitchen whose they are
 * @param again how long until one that went away is tried again
 * @param kept how long readings are kept
 * @param fresh a reading older than this is no reading any more
 */
@ConfigurationProperties("deftchill.instruments")
public record InstrumentSettings(
        @DefaultValue List<URI> sockets,
        @DefaultValue(Kitchens.FIRST) String kitchen,
        @DefaultValue("2s") Duration again,
        @DefaultValue("1h") Duration kept,
        @DefaultValue("3s") Duration fresh) {}
