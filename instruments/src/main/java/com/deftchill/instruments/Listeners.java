package com.deftchill.instruments;

import jakarta.websocket.Session;
import java.io.IOException;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** Who listens to an instrument; whoever has gone is forgotten. */
final class Listeners {
    private final Set<Session> sessions = ConcurrentHashMap.newKeySet();

    void add(Session session) {
        sessions.add(session);
    }

    void remove(Session session) {
        sessions.remove(session);
    }

    /** Told to each, as one line. */
    void tell(Instruments.Line line) {
        if (sessions.isEmpty()) {
            return;
        }
        var text = line.apply(System.currentTimeMillis());
        for (var session : sessions) {
            try {
                session.getBasicRemote().sendText(text + "\n");
            } catch (IOException | IllegalStateException gone) {
                sessions.remove(session);
            }
        }
    }
}
