package com.deftchill.core.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.composition.Constituent;
import com.deftchill.core.verdict.Problem;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class OwnEntriesTest {
    private static final Larder LARDER = LarderFiles.shipped();

    private static OwnEntries.Reading read(OwnEntry... entries) {
        return OwnEntries.read(List.of(entries), "/own", LARDER);
    }

    private static OwnEntry entry(String kind, Map<String, String> fields) {
        return new OwnEntry(kind, "own-thing", fields);
    }

    @Test
    void anIngredientIsWaterWhereNothingElseIsSaid() {
        var reading = read(entry(
                "ingredient",
                Map.of("name", "Fennel cream", "milkFat", "30 %", "sugars", "3", "allergens", "milk", "ph", "6,4")));
        assertThat(reading.problems()).isEmpty();
        var fennel = reading.items().ingredients().get(0);
        assertThat(fennel.composition().share(Constituent.WATER)).isCloseTo(0.67, within(1e-12));
        assertThat(fennel.ph()).isEqualTo(6.4);
        assertThat(fennel.labelling().allergens()).containsExactly("milk");
        assertThat(LARDER.with(reading.items()).ingredient("own-thing")).contains(fennel);
    }

    @Test
    void sharesThatDoNotAddUpAreNamed() {
        assertThat(read(entry("ingredient", Map.of("name", "x", "milkFat", "80", "sugars", "40")))
                        .problems())
                .isNotEmpty();
        assertThat(read(entry("ingredient", Map.of("name", "x", "water", "50", "sugars", "40")))
                        .problems())
                .singleElement()
                .satisfies(p -> assertThat(p.rule().key()).isEqualTo("problems.own.composition"));
    }

    @Test
    void gelMouldAndCoolerAreUnderstood() {
        var gel = read(entry("gel", Map.of("name", "Leaf", "bloom", "180", "form", "sheet", "sheet", "2,2 g")));
        assertThat(gel.problems()).isEmpty();
        assertThat(gel.items().gels().get(0).sheetG()).isEqualTo(2.2);
        var mould = read(entry("mould", Map.of("name", "Cup", "bottom", "50", "top", "50", "height", "100 mm")));
        assertThat(mould.problems()).isEmpty();
        assertThat(mould.items().moulds().get(0).vessel().profile().brimMl())
                .isCloseTo(Math.PI * 25 * 25 * 100 / 1000, within(1e-9));
        var cooler = read(entry("cooler", Map.of("name", "Drawer", "air", "6", "h", "9")));
        assertThat(cooler.problems()).isEmpty();
        assertThat(cooler.items().coolers().get(0).airC()).isEqualTo(6);
    }

    @Test
    void whatIsWrongIsNamedByItsField() {
        assertThat(read(entry("sauce", Map.of())).problems())
                .extracting(Problem::path)
                .containsExactly("/own/0/kind");
        var wrong = read(entry(
                "mould",
                Map.of("name", "", "bottom", "wide", "top", "9999", "height", "", "colour", "red", "wall", "1")));
        assertThat(wrong.items().moulds()).isEmpty();
        assertThat(wrong.problems())
                .extracting(Problem::path)
                .contains(
                        "/own/0/fields/name",
                        "/own/0/fields/bottom",
                        "/own/0/fields/top",
                        "/own/0/fields/height",
                        "/own/0/fields/colour");
        assertThat(read(entry("ingredient", Map.of("name", "x", "allergens", "milk dragons")))
                        .problems())
                .singleElement()
                .satisfies(p -> assertThat(p.value() + p.rule()).contains("dragons"));
        assertThat(read(new OwnEntry("gel", "Böse ID", Map.of("name", "x", "bloom", "200")))
                        .problems())
                .extracting(Problem::path)
                .containsExactly("/own/0/id");
    }
}
