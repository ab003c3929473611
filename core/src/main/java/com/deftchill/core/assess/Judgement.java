package com.deftchill.core.assess;

import com.deftchill.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Verdicts on a dessert as they are found: causes before what they cause. Told worst first, else in that order. */
final class Judgement {
    private record Found(Verdict verdict, boolean ofChill) {}

    private final List<Found> found = new ArrayList<>();

    void add(List<Verdict> verdicts) {
        verdicts.forEach(v -> found.add(new Found(v, false)));
    }

    /** Those that bear on the chill, or on turning out after it. */
    void addOfChill(List<Verdict> verdicts) {
        verdicts.forEach(v -> found.add(new Found(v, true)));
    }

    List<Verdict> all() {
        return worstFirst(found);
    }

    List<Verdict> ofChill() {
        return worstFirst(found.stream().filter(Found::ofChill).toList());
    }

    private static List<Verdict> worstFirst(List<Found> of) {
        return of.stream()
                .map(Found::verdict)
                .sorted(Comparator.comparing(Verdict::tone))
                .toList();
    }
}
