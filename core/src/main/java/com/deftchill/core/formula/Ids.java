package com.deftchill.core.formula;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Ids for what was written without: earlier documents have none for their lines. */
final class Ids {
    private static final String TREAT = "treat-";

    private Ids() {}

    /**
     * The same, each with an id of its own.
     *
     * @param wish first and following ids of what has none: {@code l1} and {@code l}, say, for l1, l2, l3
     */
    static <T> List<T> named(
            List<T> things, Function<T, String> id, BiFunction<T, String, T> withId, Function<T, String[]> wish) {
        var taken = new HashSet<String>();
        things.forEach(thing -> taken.add(id.apply(thing)));
        var named = new ArrayList<T>();
        for (var thing : things) {
            if (!id.apply(thing).isEmpty()) {
                named.add(thing);
                continue;
            }
            var wished = wish.apply(thing);
            var free = wished[0];
            for (int n = 2; !taken.add(free); n++) {
                free = wished[1] + n;
            }
            named.add(withId.apply(thing, free));
        }
        return List.copyOf(named);
    }

    /** A code such as {@code after:treat-2}, which named a line by its position, by the id of the third line. */
    static String byId(String code, List<String> lineIds) {
        int at = code.indexOf(TREAT);
        var position = at < 0 ? "" : code.substring(at + TREAT.length());
        if (!position.matches("\\d{1,3}") || Integer.parseInt(position) >= lineIds.size()) {
            return code;
        }
        return code.substring(0, at + TREAT.length()) + lineIds.get(Integer.parseInt(position));
    }
}
