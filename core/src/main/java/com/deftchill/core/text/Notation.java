package com.deftchill.core.text;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as they are written, whatever the kitchen's language: in documents and in sentences alike. */
public final class Notation {
    private Notation() {}

    /** A number as a cook writes it: up to so many decimals, no trailing zeros, a point. */
    public static String write(double value, int decimals) {
        if (!Double.isFinite(value)) {
            return Double.toString(value);
        }
        var rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }
}
