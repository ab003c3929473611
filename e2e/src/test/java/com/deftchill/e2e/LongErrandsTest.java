package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From one end of the work to the other in the browser: what a station said, the next one says too. */
class LongErrandsTest extends Errands {
    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator step(Page page) {
        return page.getByRole(AriaRole.ARTICLE);
    }

    /** Each step is done as it is shown, until nothing wants hands any more. */
    private static void madeToItsEnd(Page page) {
        for (int steps = 0; steps < 30 && button(page, "Done").isVisible(); steps++) {
            var now = step(page).getAttribute("aria-label");
            button(page, "Done").click();
            page.waitForCondition(
                    () -> !step(page).isVisible() || !now.equals(step(page).getAttribute("aria-label")));
        }
    }

    @Test
    void aRecipeFromAMessageEndsInTheLog() {
        var name = "Gran's pear cream " + UUID.randomUUID().toString().substring(0, 8);
        var page = browser.page("/recipe");
        page.getByLabel("The recipe").fill(name + """

                Serves 6

                For the cream:
                300 g pear puree
                400 ml whipping cream
                70 g sugar
                7 sheets gold gelatine

                Soak the gelatine in cold water. Heat the cream with the sugar to 65 °C and dissolve the gelatine in it.
                Stir in the pear. Cool to 30 °C, pour into six glasses and chill for 6 hours. Tell nobody the secret.
                """);
        button(page, "Read it").click();
        assertThat(page.getByText("Tell nobody the secret.").first()).isVisible();
        var right = button(page, "they are all right");
        if (right.isVisible()) {
            right.click();
        }
        button(page, "Begin with this").click();
        assertThat(page).hasURL(Pattern.compile("/bench/[^/]+$"));
        assertThat(page.getByTestId("line")).containsText(Pattern.compile("[Ss]ets by"));

        var bench = new Bench(page);
        bench.menu("Method and notes, in your words");
        assertThat(page.getByLabel("Notes", new Page.GetByLabelOptions().setExact(true)))
                .hasValue(Pattern.compile("Tell nobody the secret"));
        page.keyboard().press("Escape");

        button(page, "Make it").click();
        assertThat(step(page)).containsText("Weigh");
        assertThat(page.getByText(name).first()).isVisible();
        madeToItsEnd(page);
        if (!page.getByLabel("How it came out").isVisible()) {
            button(page, "Finish").click();
        }
        page.getByLabel("How it came out").getByText("clean").click();
        button(page, "Put it in the log").click();
        assertThat(page).hasURL(Pattern.compile("/log/"));
        assertThat(page.getByText(name).first()).isVisible();
        page.reload();
        assertThat(page.getByText(name).first()).isVisible();
    }

    @Test
    void aLayeredDessertIsMadeOnAPhone() {
        var page = browser.page(formula("pear-hazelnut-verrine"), 390, 844);
        var bench = page.url();
        assertThat(page.getByTestId("line")).containsText("ets by");
        var says = page.getByTestId("line").innerText();
        button(page, "Make it").click();
        assertThat(step(page)).containsText("Weigh");
        assertThat(page.getByLabel("Instruments")).hasCount(0);
        button(page, "Done").click();
        button(page, "Undo").click();
        assertThat(step(page)).containsText("Weigh");
        button(page, "Finish").click();
        page.getByLabel("How it came out").getByText("clean").click();
        button(page, "Put it in the log").click();
        assertThat(page).hasURL(Pattern.compile("/log/"));
        // Made and logged, the dessert says what it said.
        page.navigate(bench);
        assertThat(page.getByTestId("line")).hasText(says);
    }
}
