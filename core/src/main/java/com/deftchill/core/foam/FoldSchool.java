package com.deftchill.core.foam;

import com.deftchill.core.parameters.FoamParameters;
import java.util.Arrays;
import java.util.Optional;

/** How foam joins its base; where practitioners disagree, each school is computed (handbook 1 and 3 [E]). */
public enum FoldSchool {
    THIRDS("thirds", "folded in three additions"),
    FIRST_BEATEN("first-beaten", "first third beaten in, the rest folded"),
    BEATEN("beaten", "beaten together throughout");

    private final String id;
    private final String words;

    FoldSchool(String id, String words) {
        this.id = id;
        this.words = words;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** Share of the foam's air that is kept within the window. */
    public double kept(Whip whip, FoamParameters p) {
        return switch (this) {
            case THIRDS -> whip.kept(p);
            case FIRST_BEATEN -> Math.min(p.keptFirstBeaten().value(), whip.kept(p));
            case BEATEN -> p.keptBeaten().value();
        };
    }

    /** The one a document names; in thirds when it names none. */
    public static Optional<FoldSchool> of(String id) {
        return id.isEmpty()
                ? Optional.of(THIRDS)
                : Arrays.stream(values()).filter(school -> school.id.equals(id)).findFirst();
    }
}
