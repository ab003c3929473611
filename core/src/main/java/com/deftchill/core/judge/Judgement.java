package com.deftchill.core.judge;

import com.deftchill.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Verdicts on a dessert as they are found: causes before what they cause. Told worst first, else in that order. */
public final class Judgement {
    private record Found(Verdict verdict, boolean ofChill) {}

    private final List<Found> found = new ArrayList<>();

    public void add(List<Verdict> verdicts) {
        verdicts.forEach(v -> found.add(new Found(v, false)));
    }

    /** Those that bear on the chill, or on turning out after it. */
    public void addOfChill(List<Verdict> verdicts) {
        verdicts.forEach(v -> found.add(new Found(v, true)));
    }

    public List<Verdict> all() {
        return worstFirst(found);
    }

    public List<Verdict> ofChill() {
        return worstFirst(found.stream().filter(Found::ofChill).toList());
    }

    private static List<Verdict> worstFirst(List<Found> of) {
        return of.stream()
                .map(Found::verdict)
                .sorted(Comparator.comparing(Verdict::tone))
                .toList();
    }
}
