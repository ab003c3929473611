package com.deftchill.server.archive;

import java.lang.reflect.Type;

/**
 * A column of a table and what it is in an archive.
 *
 * @param name in the database
 * @param kind how it is written
 * @param type of {@link Kind#JSON} what it must be read as
 */
record Column(String name, Kind kind, Type type) {
    /** How a value is written in JSON. */
    enum Kind {
        /** A UUID as text. */
        ID,
        TEXT,
        /** A whole number. */
        WHOLE,
        FIGURE,
        YES_OR_NO,
        /** A day of the calendar, such as 2026-11-27. */
        DAY,
        /** A time of day, such as 14:00:00. */
        TIME,
        /** A moment in UTC, such as 2026-11-27T14:00:00Z. */
        MOMENT,
        /** A document of its own. */
        JSON
    }

    static Column of(String name, Kind kind) {
        return new Column(name, kind, null);
    }

    static Column json(String name, Type type) {
        return new Column(name, Kind.JSON, type);
    }

    /** What it is called in the archive: {@code made_on} is {@code madeOn}. */
    String key() {
        var key = new StringBuilder();
        boolean upper = false;
        for (char c : name.toCharArray()) {
            if (c == '_') {
                upper = true;
            } else {
                key.append(upper ? Character.toUpperCase(c) : c);
                upper = false;
            }
        }
        return key.toString();
    }
}
