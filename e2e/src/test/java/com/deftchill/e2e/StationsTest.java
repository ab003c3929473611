package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;

/** The larder, the kitchen and the printed card. */
class StationsTest extends Errands {
    @Test
    void anOwnMouldIsAddedAndFilledOnTheBench() {
        var larder = new Bench(browser.page("/larder/moulds"));
        larder.button("Add your own").click();
        larder.field("Name").fill("Grandmother's cup");
        larder.field("Inner width at the bottom, mm").fill("broad");
        larder.button("Put it in the larder").click();
        assertThat(larder.page().getByText("must be").first()).isVisible();
        assertThat(larder.field("Inner width at the bottom, mm")).hasValue("broad");
        larder.field("Inner width at the bottom, mm").fill("52");
        larder.field("Inner width at the brim, mm").fill("66");
        larder.field("Inner height, mm").fill("60");
        larder.button("Put it in the larder").click();
        assertThat(larder.page().getByLabel("About it")).containsText("165 ml");
        assertThat(larder.page().getByLabel("About it")).containsText("no formula yet");

        var bench = new Bench(browser.window("/bench"));
        bench.choose("Mould", "Grandmother's cup · 165 ml");
        assertThat(bench.page().getByLabel("Verdicts")).containsText("below the rim");
        bench.page().keyboard().press("Control+z");
        assertThat(bench.field("Mould")).hasValue(Pattern.compile("Dariole 60/50 x 60 mm"));
        assertThat(bench.status()).hasText("Saved");
    }

    @Test
    void theLarderIsSearchedAndSaysWhereItsFiguresComeFrom() {
        var larder = new Bench(browser.page("/larder"));
        larder.page().getByLabel("Search the shelf").fill("chestnut");
        assertThat(larder.page().getByLabel("About it")).containsText("typical food-composition values");
        larder.page().getByLabel("Search the shelf").fill("zzz");
        assertThat(larder.page().getByText("Nothing on this shelf is called “zzz”."))
                .isVisible();
    }

    @Test
    void theMethodCardIsOnePageOfA4() throws IOException {
        for (var demo : List.of("pear-bay", "brown-butter-quince", "chestnut-rum", "kiwi-elderflower")) {
            var page = browser.page(formula(demo) + "/card");
            assertThat(page.getByTestId("card")).containsText("Done when");
            assertThat(page.getByTestId("card").getByRole(AriaRole.LISTITEM).first())
                    .isVisible();
            var bytes = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
            try (var pdf = Loader.loadPDF(bytes)) {
                assertThat(pdf.getNumberOfPages()).as(demo).isEqualTo(1);
                assertThat(pdf.getPage(0).getMediaBox().getHeight())
                        .as("A4, points")
                        .isBetween(841f, 843f);
            }
            page.close();
        }
    }
}
