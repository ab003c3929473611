package com.deftchill.core.larder;

import java.util.List;

/**
 * A whole thing of which formulas take parts, such as an egg: {@code parted.csv}.
 *
 * @param one as the cook reads it
 * @param more of several
 * @param parts ids of what it is parted into; one piece of each is in one whole
 */
public record Parted(String one, String more, List<String> parts) {
    public static final List<Parted> ALL = LarderFiles.read(
            "parted.csv",
            row -> new Parted(
                    row.get("whole"),
                    row.get("plural"),
                    List.of(row.get("parts").split(" "))));

    public Parted {
        parts = List.copyOf(parts);
    }
}
