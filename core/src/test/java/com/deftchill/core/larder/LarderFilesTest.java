package com.deftchill.core.larder;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class LarderFilesTest {
    private final Larder larder = LarderFiles.shipped();

    /** Reading checks shares, ranges and unique ids, row by row. */
    @Test
    void shipsALarderToWorkWith() {
        assertThat(larder.ingredients()).hasSizeGreaterThanOrEqualTo(300);
        assertThat(larder.gels()).hasSizeGreaterThanOrEqualTo(10);
        assertThat(larder.moulds()).hasSizeGreaterThanOrEqualTo(60);
        assertThat(larder.coolers()).hasSizeGreaterThanOrEqualTo(8);
    }

    @Test
    void everyRowNamesItsSource() {
        assertThat(larder.ingredients()).allSatisfy(i -> assertThat(i.source()).isNotBlank());
        assertThat(larder.gels()).allSatisfy(g -> assertThat(g.source()).isNotBlank());
        assertThat(larder.moulds()).allSatisfy(m -> assertThat(m.source()).isNotBlank());
        assertThat(larder.coolers()).allSatisfy(c -> assertThat(c.source()).isNotBlank());
    }

    @Test
    void whatAFixPutsInIsInTheLarder() {
        assertThat(larder.ingredient(Roles.CREAM).orElseThrow().composition().fat())
                .isEqualTo(Roles.CREAM_FAT);
        assertThat(larder.ingredient(Roles.RICH_CREAM)
                        .orElseThrow()
                        .composition()
                        .fat())
                .isEqualTo(Roles.RICH_FAT);
        assertThat(larder.gel(Roles.SHEET).orElseThrow().sheetG()).isPositive();
    }

    @Test
    void mouldsHoldWhatTheirNamesSay() {
        assertThat(larder.mould("dariole").orElseThrow().vessel().profile().brimMl())
                .isBetween(140.0, 145.0);
        assertThat(larder.mould("jar-200").orElseThrow().vessel().profile().brimMl())
                .isBetween(195.0, 235.0);
        assertThat(larder.mould("half-sphere-70")
                        .orElseThrow()
                        .vessel()
                        .profile()
                        .brimMl())
                .isBetween(89.0, 90.0);
    }

    @Test
    void allergensAndMeasuresOfEveryRowAreKnown() {
        var known = larder.allergens().stream().map(Allergen::id).toList();
        assertThat(larder.ingredients()).allSatisfy(i -> {
            assertThat(known).containsAll(i.labelling().allergens());
            assertThat(known).containsAll(i.labelling().mayContain());
            assertThat(i.subject().gramsPerMl()).isBetween(0.05, 1.6);
        });
        assertThat(larder.gels()).allSatisfy(g -> assertThat(known).containsAll(g.allergens()));
        assertThat(larder.allergens().stream()
                        .map(Allergen::eu)
                        .filter(name -> !name.isEmpty())
                        .distinct())
                .hasSize(14);
        assertThat(larder.allergens().stream()
                        .map(Allergen::us)
                        .filter(name -> !name.isEmpty())
                        .distinct())
                .hasSize(9);
    }
}
