package com.deftchill.core.verdict;

import java.util.List;

/**
 * One judgement about the dessert.
 *
 * @param code stable name of the rule
 * @param tone how it bears on the dessert
 * @param headline in a few words
 * @param sentence the whole of it
 * @param path JSON pointer to what it is about
 * @param evidence where it comes from
 * @param fixes changes that answer it, best first
 */
public record Verdict(
        String code, Tone tone, String headline, String sentence, String path, Evidence evidence, List<Fix> fixes) {

    /** From worst to best; verdicts are shown in this order. */
    public enum Tone {
        UNSAFE,
        BAD,
        CAUTION,
        GOOD,
        NOTE
    }

    public Verdict {
        fixes = List.copyOf(fixes);
    }

    /** The same with other fixes. */
    public Verdict withFixes(List<Fix> others) {
        return new Verdict(code, tone, headline, sentence, path, evidence, others);
    }
}
