package com.deftchill.core.alternative;

/**
 * What a formula is to be scaled to, as typed; empty fields stay as they are.
 *
 * @param mould id of a mould
 * @param count how many
 * @param total mass of the whole mix, such as 2 kg; the count then follows unless it is written too
 * @param fill height below the rim, such as 5 mm; empty: filled as full as now
 */
public record ScaleWish(String mould, String count, String total, String fill) {
    public ScaleWish {
        mould = text(mould);
        count = text(count);
        total = text(total);
        fill = text(fill);
    }

    private static String text(String given) {
        return given == null ? "" : given.strip();
    }
}
