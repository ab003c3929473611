package com.deftchill.core.formula;

import static com.deftchill.core.Formulas.pear;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.deftchill.core.formula.WrittenFormula.Foam;
import com.deftchill.core.formula.WrittenFormula.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Text at addresses of a document: read, written, made where it is missing, refused where there is no such place. */
class ChangesTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/name",
                "/served",
                "/eatenAt",
                "/moulds/portions",
                "/cooler/air",
                "/cooler/places/0/stay",
                "/components/0/name",
                "/components/0/lines/1/amount",
                "/components/0/lines/l2/amount",
                "/components/0/gels/0/water",
                "/components/0/foams/0/stage",
                "/components/0/work/pour/at",
                "/components/0/work/hold/lasts",
                "/components/0/work/torch/text"
            })
    void whatIsWrittenIsRead(String address) {
        var written = Changes.set(pear(), address, "x");
        assertThat(Changes.text(written, address)).isEqualTo("x");
        assertThat(Changes.text(pear(), address)).isNotEqualTo("x");
    }

    @Test
    void anEntryOfTheWorkIsMadeOnceAndFoundByItsVerb() {
        var once = Changes.set(pear(), "/components/0/work/hold/lasts", "5 min");
        var twice = Changes.set(once, "/components/0/work/hold/text", "Hold it.");
        assertThat(twice.components().get(0).work())
                .filteredOn(entry -> entry.verb().equals("hold"))
                .extracting(Work::lasts)
                .containsExactly("5 min");
    }

    @Test
    void howALineJoinsIsKeptByItsFoamAndTheWork() {
        var at = "/components/0/lines/0/share";
        var whipped = Changes.set(pear(), at, "whipped");
        assertThat(whipped.components().get(0).foams()).extracting(Foam::id).containsExactly("f1");
        assertThat(whipped.components().get(0).lines().get(0).foam()).isEqualTo("f1");
        var cold = Changes.set(whipped, at, "cold");
        assertThat(cold.components().get(0).lines().get(0).foam()).isEmpty();
        assertThat(cold.components().get(0).work("join").lines()).containsExactly("l1");
        for (var share : new String[] {"infused", "soak", "", "whipped"}) {
            cold = Changes.set(cold, at, share);
            assertThat(Changes.text(cold, at)).isEqualTo(share);
        }
        assertThat(cold.components().get(0).work("join").lines()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "name",
                "/nothing",
                "/name/deep",
                "/components/0",
                "/components/7/name",
                "/components/0/lines/9/share",
                "/components/0/gels/4/amount",
                "/cooler",
                "/components/0/lines/nobody/amount"
            })
    void whatLeadsNowhereIsRefusedAndReadsAsNothing(String address) {
        var pear = pear();
        assertThatThrownBy(() -> Changes.set(pear, address, "x")).isInstanceOf(IllegalArgumentException.class);
    }
}
