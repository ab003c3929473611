package com.deftchill.server.document;

import com.deftchill.core.formula.WrittenFormula;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Formula documents as JSON: what is not written is absent; earlier versions are lifted wherever a document is read. */
@Configuration
class DocumentJson {
    /** A field that is not written, and a list with nothing in it, are left out. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    private interface Sparse {}

    /** The lists that a document cannot do without are always there. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    private interface Whole {
        @JsonInclude(JsonInclude.Include.ALWAYS)
        List<WrittenFormula.Component> components();
    }

    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    private interface OfLines {
        @JsonInclude(JsonInclude.Include.ALWAYS)
        List<WrittenFormula.Line> lines();
    }

    @Bean
    JsonMapperBuilderCustomizer documents() {
        return builder -> {
            for (var part : WrittenFormula.class.getDeclaredClasses()) {
                builder.addMixIn(part, Sparse.class);
            }
            builder.addMixIn(WrittenFormula.class, Whole.class);
            builder.addMixIn(WrittenFormula.Component.class, OfLines.class);
            var module = new SimpleModule("formula documents");
            module.setDeserializerModifier(new LiftsOlder());
            builder.addModule(module);
            // Nothing in a list is nothing: refused where it comes in, with its place.
            builder.changeDefaultNullHandling(given -> given.withContentNulls(Nulls.FAIL));
        };
    }

    private static final class LiftsOlder extends ValueDeserializerModifier {
        private static final long serialVersionUID = 1;

        @Override
        public ValueDeserializer<?> modifyDeserializer(
                DeserializationConfig config, BeanDescription.Supplier described, ValueDeserializer<?> deserializer) {
            return described.getBeanClass() == WrittenFormula.class ? new Lifting(deserializer) : deserializer;
        }
    }

    private static final class Lifting extends DelegatingDeserializer {
        Lifting(ValueDeserializer<?> delegate) {
            super(delegate);
        }

        @Override
        protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> delegate) {
            return new Lifting(delegate);
        }

        @Override
        public Object deserialize(JsonParser parser, DeserializationContext context) {
            var lifted = Lifts.lifted(context.readTree(parser));
            try (var tokens = context.treeAsTokens(lifted)) {
                tokens.nextToken();
                return super.deserialize(tokens, context);
            }
        }
    }
}
