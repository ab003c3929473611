package com.deftchill.core.text;

import java.util.Locale;

/** Numbers as they are written, whatever the kitchen's language: in documents and in sentences alike. */
public final class Notation {
    private Notation() {}

    /** A number as a cook writes it: up to so many decimals, no trailing zeros, a point. */
    public static String write(double value, int decimals) {
        var text = String.format(Locale.ROOT, "%." + decimals + "f", value);
        return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
    }
}
