package com.deftchill.server.connections;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * What a connection may take.
 *
 * @param ofAddress connections that one address may have at once; 0: as many as it likes, such as a balancer that has limits of its own
 * @param head how long a request's head may take to come, and the rest of a body that nobody reads
 * @param grace how long a body or an answer may take whatever its size
 * @param aSecond what of it must have gone over in each second after that, on average
 */
@ConfigurationProperties("deftchill.connections")
public record ConnectionSettings(
        @DefaultValue("300") int ofAddress,
        @DefaultValue("10s") Duration head,
        @DefaultValue("20s") Duration grace,
        @DefaultValue("16KB") DataSize aSecond) {
    /** Whether so many bytes have taken too long. */
    public boolean isTooSlow(long bytes, Duration taken) {
        return taken.minus(grace).toMillis() * aSecond.toBytes()
                > bytes * Duration.ofSeconds(1).toMillis();
    }
}
