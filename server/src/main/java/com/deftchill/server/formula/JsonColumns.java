package com.deftchill.server.formula;

import org.hibernate.cfg.MappingSettings;
import org.hibernate.type.format.jackson.Jackson3JsonFormatMapper;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** JSON columns hold documents in the very form that the API sends them. */
@Configuration
class JsonColumns {
    @Bean
    HibernatePropertiesCustomizer jsonAsTheApiWritesIt(JsonMapper mapper) {
        return properties -> properties.put(MappingSettings.JSON_FORMAT_MAPPER, new Jackson3JsonFormatMapper(mapper));
    }
}
