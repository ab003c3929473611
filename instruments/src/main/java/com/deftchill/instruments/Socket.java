package com.deftchill.instruments;

import jakarta.websocket.CloseReason;
import jakarta.websocket.Endpoint;
import jakarta.websocket.EndpointConfig;
import jakarta.websocket.MessageHandler;
import jakarta.websocket.Session;
import java.util.Map;
import java.util.function.Supplier;
import tools.jackson.core.JacksonException;

/** One connection to an instrument: lines out, commands in; a command that is wrong is answered with why. */
final class Socket extends Endpoint {
    private static final int LONGEST = 256 * 1024;

    private final Listeners listeners;
    private final Instruments.Commands commands;
    private final Supplier<String> hello;

    Socket(Listeners listeners, Instruments.Commands commands, Supplier<String> hello) {
        this.listeners = listeners;
        this.commands = commands;
        this.hello = hello;
    }

    @Override
    public void onOpen(Session session, EndpointConfig config) {
        session.setMaxTextMessageBufferSize(LONGEST);
        session.addMessageHandler(String.class, (MessageHandler.Whole<String>) text -> take(session, text));
        session.getAsyncRemote().sendText(hello.get() + "\n");
        listeners.add(session);
    }

    @SuppressWarnings("unchecked")
    private void take(Session session, String text) {
        try {
            commands.take(Instruments.JSON.readValue(text, Map.class));
        } catch (JacksonException | IllegalArgumentException e) {
            session.getAsyncRemote()
                    .sendText(Instruments.JSON
                                    .createObjectNode()
                                    .put("kind", "refused")
                                    .put("why", String.valueOf(e.getMessage()))
                            + "\n");
        }
    }

    @Override
    public void onClose(Session session, CloseReason reason) {
        listeners.remove(session);
    }
}
