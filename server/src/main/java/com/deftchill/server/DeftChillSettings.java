package com.deftchill.server;

import java.time.Duration;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * Settings of the application.
 *
 * @param hosts names that requests may be addressed to; any other is some web page's trick
 * @param maxDocument largest request body accepted
 * @param maxPhoto largest photo accepted
 * @param maxArchive largest archive of a kitchen accepted
 * @param maxAnswer largest answer given
 * @param demo whether an empty database gets the made-up kitchen
 * @param lightQueue how many light questions may wait for a core; one more is refused
 * @param lightDeadline when a light question has had its time, the wait included
 * @param heavyQueue how many heavy computations may wait
 * @param heavyDeadline when a heavy question has had its time
 * @param learnAhead how long after the start the models are asked what the log will ask; zero: not before somebody does
 */
@ConfigurationProperties("deftchill")
public record DeftChillSettings(
        @DefaultValue({"127.0.0.1", "localhost", "[::1]"}) List<String> hosts,
        @DefaultValue("256KB") DataSize maxDocument,
        @DefaultValue("15MB") DataSize maxPhoto,
        @DefaultValue("8GB") DataSize maxArchive,
        @DefaultValue("4MB") DataSize maxAnswer,
        @DefaultValue("true") boolean demo,
        @DefaultValue("150") int lightQueue,
        @DefaultValue("10s") Duration lightDeadline,
        @DefaultValue("32") int heavyQueue,
        @DefaultValue("30s") Duration heavyDeadline,
        @DefaultValue("20s") Duration learnAhead) {}
