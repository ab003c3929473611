package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import com.fasterxml.jackson.annotation.JsonAlias;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Reads documents of schema 1 as those of schema 2: the gelling agent was called gelatin then. */
@Configuration
class DocumentJson {
    private interface ComponentOfSchema1 {
        @JsonAlias("gelatin")
        WrittenFormula.Gel gel();
    }

    @Bean
    JsonMapperBuilderCustomizer readsSchema1() {
        return builder -> builder.addMixIn(WrittenFormula.Component.class, ComponentOfSchema1.class);
    }
}
