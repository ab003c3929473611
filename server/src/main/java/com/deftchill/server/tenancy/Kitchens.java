package com.deftchill.server.tenancy;

import java.util.function.Supplier;

/**
 * Whose kitchen this thread works for. Set once where a request or a task of our own begins; everything that is stored is read and
 * written for that kitchen alone, see {@link KitchenOfEntities}.
 */
public final class Kitchens {
    /** The kitchen that every installation begins with. */
    public static final String FIRST = "own";
    /** Of whoever has not signed in: there is nothing in it. */
    public static final String NOBODYS = "";

    private static final ThreadLocal<String> CURRENT = new ThreadLocal<>();

    private Kitchens() {}

    /** The kitchen of this thread; {@link #NOBODYS} where none was said. */
    public static String current() {
        var kitchen = CURRENT.get();
        return kitchen == null ? NOBODYS : kitchen;
    }

    /** Works for a kitchen, and as before afterwards. */
    public static <T> T in(String kitchen, Supplier<T> work) {
        var before = CURRENT.get();
        CURRENT.set(kitchen);
        try {
            return work.get();
        } finally {
            if (before == null) {
                CURRENT.remove();
            } else {
                CURRENT.set(before);
            }
        }
    }

    /** The same where nothing comes of it. */
    public static void in(String kitchen, Runnable work) {
        in(kitchen, () -> {
            work.run();
            return null;
        });
    }
}
