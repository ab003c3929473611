package com.deftchill.server;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * Settings of the application.
 *
 * @param maxDocument largest request body accepted
 * @param demo whether an empty database gets the made-up kitchen
 */
@ConfigurationProperties("deftchill")
public record DeftChillSettings(
        @DefaultValue("256KB") DataSize maxDocument,
        @DefaultValue("true") boolean demo) {}
