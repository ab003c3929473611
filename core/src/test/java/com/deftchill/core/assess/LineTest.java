package com.deftchill.core.assess;

import static com.deftchill.core.Formulas.pear;
import static com.deftchill.core.Formulas.withGelatin;
import static com.deftchill.core.Formulas.withServed;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.alternative.Trial;
import com.deftchill.core.verdict.Verdict.Tone;
import org.junit.jupiter.api.Test;

/** The times are good news only where nothing that decides stands against them. */
class LineTest {
    @Test
    void aCautionThatDecidesStandsBeforeTheTimes() {
        var firm = withServed(withGelatin(pear(), "40 g", "200 g"), "in-glass");
        var told = new Trial(ASSESSOR, firm, STANDARD).assess().value().orElseThrow();
        assertThat(told.verdicts().get(0).tone()).isLessThanOrEqualTo(Tone.CAUTION);
        assertThat(told.line().get(0).tone()).isEqualTo(told.verdicts().get(0).tone());
        assertThat(told.line().get(0).text()).contains(told.verdicts().get(0).headline());
        assertThat(told.line()).extracting(Sentence::tone).doesNotContain(Tone.GOOD);
    }

    @Test
    void whatNothingStandsAgainstIsGood() {
        var told = new Trial(ASSESSOR, pear(), STANDARD).assess().value().orElseThrow();
        assertThat(told.line()).extracting(Sentence::tone).containsExactly(Tone.GOOD);
    }
}
