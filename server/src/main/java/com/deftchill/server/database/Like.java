package com.deftchill.server.database;

/** Text that is looked for anywhere in a column; to be used with {@code like … escape '!'}. */
public final class Like {
    private Like() {}

    public static String containing(String text) {
        return "%" + escaped(text) + "%";
    }

    private static String escaped(String text) {
        return text.replace("!", "!!").replace("%", "!%").replace("_", "!_");
    }
}
