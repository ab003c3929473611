package com.deftchill.core.alternative;

import com.deftchill.core.text.Message;

/**
 * A figure or field of one side of a comparison.
 *
 * @param key that tells it from all others, whatever they are called
 */
record Entry(String key, Message name, Message text) {
    /** A figure or field that is written already. */
    static Entry of(String key, String name, String text) {
        return new Entry(key, Message.own(name), Message.own(text));
    }
}
