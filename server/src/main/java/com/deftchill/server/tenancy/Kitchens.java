package com.deftchill.server.tenancy;

import java.util.function.Supplier;

/**
 * Whose kitchen this thread works for. Set once where a request or a task of our own begins; everything that is stored is read and
 * written for that kitchen alone, see {@link KitchenOfEntities}; where none was said, nothing stored is touched.
 */
public final class Kitchens {
    /** The kitchen that every installation begins with. */
    public static final String FIRST = "own";
    /** Of whoever has not signed in: there is nothing in it. */
    public static final String NOBODYS = "";

    private static final ThreadLocal<String> CURRENT = new ThreadLocal<>();

    private Kitchens() {}

    /**
     * The kitchen of this thread.
     *
     * @throws IllegalStateException where it works for none: what is stored is somebody's
     */
    public static String current() {
        var kitchen = orNobodys();
        if (kitchen.equals(NOBODYS)) {
            throw new IllegalStateException("nobody's kitchen has nothing in it: this was asked without one");
        }
        return kitchen;
    }

    /** The kitchen of this thread; {@link #NOBODYS} where it works for none. */
    public static String orNobodys() {
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
