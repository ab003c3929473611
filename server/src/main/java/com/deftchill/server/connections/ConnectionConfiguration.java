package com.deftchill.server.connections;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class ConnectionConfiguration {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> bounded(
            ConnectionSettings settings, @Value("${deftchill.people.https-before:false}") boolean httpsBefore) {
        // Everybody comes through the balancer, by its address.
        var bounds = httpsBefore
                ? new ConnectionSettings(0, settings.head(), settings.grace(), settings.aSecond())
                : settings;
        return factory -> {
            factory.setProtocol(BoundedProtocol.class.getName());
            factory.addConnectorCustomizers(
                    connector -> ((BoundedProtocol) connector.getProtocolHandler()).bound(bounds));
        };
    }
}
