package com.deftchill.core.paste;

import com.deftchill.core.larder.LarderFiles;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Other names that cooks of several countries write for what the larder has. */
public final class OtherNames {
    private static final Map<String, List<String>> SHIPPED = read();

    private OtherNames() {}

    /** By the id of what they name. */
    public static Map<String, List<String>> shipped() {
        return SHIPPED;
    }

    /** Of one thing; none where there are none. */
    public static List<String> of(String id) {
        return SHIPPED.getOrDefault(id, List.of());
    }

    private static Map<String, List<String>> read() {
        var names = new LinkedHashMap<String, List<String>>();
        LarderFiles.read("/com/deftchill/core/paste/names.csv", row -> row)
                .forEach(row -> names.computeIfAbsent(row.get("id"), id -> new ArrayList<>())
                        .add(row.get("name")));
        names.replaceAll((id, list) -> List.copyOf(list));
        return names;
    }
}
