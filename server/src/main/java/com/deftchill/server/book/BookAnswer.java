package com.deftchill.server.book;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Sentence;
import com.deftchill.core.batch.Component;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.label.Contents;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * What a formula comes to, as the Book shows it.
 *
 * @param tone how it bears: unsafe, bad, caution, good; unknown where it cannot be understood yet
 * @param line its line
 * @param kind of what it is judged by
 * @param contents names of what is in it, in small letters
 */
record BookAnswer(
        String tone, String line, String kind, String served, String contents, List<String> allergens, SmallCut cut) {
    private static final List<String> WORST_FIRST = List.of("unsafe", "bad", "caution", "unknown", "good");
    private static final int LONGEST_LINE = 1000;
    private static final int LONGEST_CONTENTS = 4000;

    static BookAnswer of(Dessert dessert, Assessment assessment) {
        var contents = Contents.of(dessert.batch());
        var line = assessment.line().stream().map(Sentence::text).collect(Collectors.joining(" "));
        return new BookAnswer(
                tone(assessment),
                shortened(line, LONGEST_LINE),
                kind(dessert),
                dessert.batch().served().id(),
                shortened(
                        String.join(BookEntryEntity.BAR, contents.ingredients()).toLowerCase(Locale.ROOT),
                        LONGEST_CONTENTS),
                contents.allergens(),
                SmallCut.of(assessment.section()));
    }

    /** Of a formula that cannot be understood yet. */
    static BookAnswer unknown(int problems, String served) {
        var line = problems == 1
                ? "One thing in it is not understood yet."
                : problems + " things in it are not understood yet.";
        return new BookAnswer("unknown", line, "", served, "", List.of(), null);
    }

    /** Where it stands when the worst come first; what was never computed comes last, by the column's default. */
    byte place() {
        return place(tone);
    }

    /** Of a tone; below all others where it is none. */
    static byte place(String tone) {
        return (byte) WORST_FIRST.indexOf(tone);
    }

    private static String tone(Assessment assessment) {
        var worst = assessment.verdicts().stream()
                .map(verdict -> verdict.tone())
                .min(Tone::compareTo)
                .orElse(Tone.GOOD);
        return worst.compareTo(Tone.CAUTION) <= 0 ? worst.name().toLowerCase(Locale.ROOT) : "good";
    }

    private static String kind(Dessert dessert) {
        return dessert.main()
                .map(study -> study.component())
                .or(() -> dessert.batch().components().stream().findFirst())
                .map(Component::kind)
                .map(kind -> kind.id())
                .orElse("");
    }

    private static String shortened(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most);
    }
}
