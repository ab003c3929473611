package com.deftchill.server.instruments;

import java.util.Map;
import java.util.function.Consumer;

/** A kind of instrument: a real one is another of these. */
interface InstrumentAdapter extends AutoCloseable {
    /** Begins to read, and goes on over losses of the connection. */
    void start(Consumer<Reading> onReading);

    /** Whether it is the one with an id. */
    boolean is(String instrument);

    /**
     * Tells it to do something, such as to tare.
     *
     * @return whether it could be told
     */
    boolean tell(Map<String, Object> command);

    @Override
    void close();
}
