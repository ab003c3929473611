package com.deftchill.core.making;

import com.deftchill.core.verdict.Fix.Change;
import java.util.Comparator;
import java.util.List;

/**
 * Something that happened while a batch was made.
 *
 * @param id given by whoever noticed it, so that it counts once however often it is sent
 * @param at when it happened, ms since 1970: of two by one device the later one has more
 * @param kind what it was
 * @param step id of the step that it is about; of a lot the address of its line, of a portion's outcome its number; empty for the
 *     whole
 * @param by who; may be empty
 * @param changes of {@link Kind#MEASURED} and {@link Kind#TOOK}: what is so instead of what is written
 * @param text of {@link Kind#NOTED} the note, of {@link Kind#CHECKED} the temperature, of {@link Kind#CAME_OUT} the outcome, of {@link Kind#STOOD} the height in
 *     mm, of {@link Kind#WENT_WRONG} the symptom's id, of
 *     {@link Kind#LOOKED} the look's id and {@code yes} or {@code no}, of {@link Kind#UNDONE} the id of the event that does not count; as typed
 * @param instrument id of the probe or scale that it was read from; empty where it was typed
 */
public record Event(
        String id, long at, Kind kind, String step, String by, List<Change> changes, String text, String instrument) {
    /** Typed. */
    public Event(String id, long at, Kind kind, String step, String by, List<Change> changes, String text) {
        this(id, at, kind, step, by, changes, text, "");
    }

    /** The order in which they are taken: by when they happened, whenever they arrived. */
    static final Comparator<Event> BY_TIME = Comparator.comparingLong(Event::at).thenComparing(Event::id);

    /** What can happen. */
    public enum Kind {
        /** A step begins. */
        BEGAN,
        /** A step is done. */
        ENDED,
        /** A value was measured. */
        MEASURED,
        /** Its core was measured while it cools. */
        CHECKED,
        /** A remedy is taken. */
        TOOK,
        /** Something is wrong with it. */
        WENT_WRONG,
        /** What told causes apart was looked at. */
        LOOKED,
        NOTED,
        /** A lot is used: its line is the step, the lot the text. */
        LOT,
        /** How the batch came out, or one of its portions: then the step is its number. */
        CAME_OUT,
        /** Its height by ruler. */
        STOOD,
        /** An earlier event does not count. */
        UNDONE,
        /** The batch is done with: it goes into the log. */
        FINISHED,
        /** The batch is given up: nothing of it goes into the log. */
        DISCARDED
    }

    /** When it happened, s since 1970. */
    public long second() {
        return at / 1000;
    }

    public Event {
        id = id == null ? "" : id;
        step = step == null ? "" : step;
        by = by == null ? "" : by;
        text = text == null ? "" : text;
        instrument = instrument == null ? "" : instrument;
        changes = changes == null ? List.of() : List.copyOf(changes);
    }
}
