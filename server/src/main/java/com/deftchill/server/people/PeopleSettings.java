package com.deftchill.server.people;

import java.time.Duration;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Settings of the door.
 *
 * @param cookie name of the session's cookie: two copies on one machine that are not of one installation need two
 * @param session how long a session is kept that nobody uses
 * @param machineSession the same of one begun with the key of ./start
 * @param tries how often one address may try to sign in under one name in ten minutes
 * @param triesOfAddress the same under whatever names
 * @param kitchens how many kitchens somebody may be the head of
 * @param hashKib memory that hashing a password takes, KiB: what OWASP asks for at least, more where the machine has it
 * @param passkeyHost name of the host that passkeys are bound to
 * @param origins addresses of the pages that may use them, such as {@code https://pastry.example}; empty: this machine's own
 * @param httpsBefore whether a balancer in front ends HTTPS
 */
@ConfigurationProperties("deftchill.people")
public record PeopleSettings(
        @DefaultValue("deft-chill") String cookie,
        @DefaultValue("30d") Duration session,
        @DefaultValue("365d") Duration machineSession,
        @DefaultValue("8") int tries,
        @DefaultValue("60") int triesOfAddress,
        @DefaultValue("20") int kitchens,
        @DefaultValue("19456") int hashKib,
        @DefaultValue("localhost") String passkeyHost,
        @DefaultValue List<String> origins,
        @DefaultValue("false") boolean httpsBefore) {}
