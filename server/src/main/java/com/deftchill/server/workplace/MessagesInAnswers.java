package com.deftchill.server.workplace;

import com.deftchill.core.text.Message;
import com.deftchill.server.text.MessageWriter;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** Messages leave in answers as text, in the units of the kitchen. */
@Configuration
class MessagesInAnswers {
    /** @param kitchens asked for late: they need the mapper themselves */
    @Bean
    JacksonModule messages(MessageWriter writer, ObjectProvider<KitchenService> kitchens) {
        return new SimpleModule("messages").addSerializer(Message.class, new StdSerializer<Message>(Message.class) {
            @Override
            public void serialize(Message message, JsonGenerator json, SerializationContext context) {
                json.writeString(writer.write(
                        message,
                        () -> kitchens.getObject().workplace().kitchen().temperature()));
            }
        });
    }
}
