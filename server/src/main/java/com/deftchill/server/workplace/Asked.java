package com.deftchill.server.workplace;

/**
 * Who asks what, so that a newer question ends the older one: a server does not notice that whoever asked has gone.
 *
 * @param page of the asker, an id of its own; empty when it does not say
 * @param kind of question
 * @param number that runs up with each question of the page
 */
public record Asked(String page, String kind, long number) {
    /** The header in which a page says so: {@code page.kind.number}. */
    public static final String HEADER = "Deft-Chill-Question";

    /** Someone who does not say. */
    public static final Asked NOBODY = new Asked("", "", 0);

    /** The key under which only the newest question counts. */
    String key() {
        return page + "." + kind;
    }
}
