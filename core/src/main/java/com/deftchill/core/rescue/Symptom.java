package com.deftchill.core.rescue;

import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a cook sees when something is wrong.
 *
 * @param where which desserts can show it
 * @param figures of the computed dessert that tell it
 * @param verdicts that tell it by their code, with the chance that it is seen when they are as bad as they can be, 0 to 1
 * @param becomes what can be made of it when nothing helps
 */
public record Symptom(String id, Trait where, List<Figure> figures, Map<String, Double> verdicts, String becomes) {
    public Symptom {
        figures = List.copyOf(figures);
        verdicts = Map.copyOf(verdicts);
    }

    /** A figure that tells a symptom; how, see {@link Signs}. */
    public enum Figure {
        UNSET,
        SOFT,
        SLUMPS,
        RUBBERY,
        FLAT,
        LATE,
        STIFF,
        ICY;

        static Figure of(String word) {
            return valueOf(word.toUpperCase(Locale.ROOT));
        }
    }
}
