package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A batch made beside the stove: the next step, what is measured, what a deviation does, and the log at the end. */
class MakeErrandsTest extends Errands {
    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator step(Page page) {
        return page.getByRole(AriaRole.ARTICLE);
    }

    private static Locator rail(Page page, String step) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("All steps"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^\\W*" + step)))
                .first();
    }

    private static void says(Page page, String state) {
        assertThat(page.getByRole(AriaRole.STATUS)).hasText(state);
    }

    /** A batch of a sample, begun on the Bench. */
    private Page begun(String demo) {
        var page = browser.page(formula(demo));
        button(page, "Make it").click();
        assertThat(step(page)).containsText("Weigh");
        return page;
    }

    @Test
    void aBatchGoesStepByStepIntoTheLog() {
        var page = begun("pear-bay");
        var formula = browser.page("/make");
        assertThat(formula.getByLabel("Batches")).containsText("Next: Weigh");

        page.getByLabel("Pear puree cooked as written").click();
        page.getByLabel("Measured: Sugar").fill("83 g");
        page.getByLabel("Measured: Sugar").press("Enter");
        button(page, "Done").click();
        assertThat(page.getByLabel("Timers")).containsText("Bloom");
        says(page, "Kept");

        page.reload();
        assertThat(page.getByLabel("Timers")).containsText("Bloom");
        rail(page, "Weigh").click();
        assertThat(page.getByLabel("Measured: Sugar")).hasValue("83 g");
        assertThat(page.getByLabel("Pear puree cooked as written")).hasAttribute("aria-pressed", "true");

        button(page, "Finish").click();
        button(page, "clean").click();
        page.getByLabel("Standing height by ruler, mm").fill("tall");
        button(page, "Put it in the log").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("such as 44 mm");
        page.getByLabel("Standing height by ruler, mm").fill("42,5 mm");
        button(page, "Put it in the log").click();
        assertThat(page).hasURL(Pattern.compile("/bench/"));
        var id = page.url().replaceAll(".*/bench/", "").replaceAll("[?#].*", "");
        var log = api.get("/api/formulas/" + id + "/batches").json();
        assertThat(log.at("/batches/0/standingMm").asDouble()).isEqualTo(42.5);
        assertThat(log.at("/total").asInt()).isEqualTo(1);
    }

    @Test
    void aBaseFoldedTooHotIsSaidAtOnceAndARemedyTaken() {
        var page = begun("chestnut-dome");
        rail(page, "Fold").click();
        page.getByLabel("Measured: base when folded").fill("45 °C");
        page.getByLabel("Measured: base when folded").press("Enter");
        var does = page.getByLabel("What it does");
        assertThat(does).containsText("less volume");
        assertThat(does).containsText("too hot to fold");
        does.getByRole(AriaRole.BUTTON).first().click();
        assertThat(does).not().containsText("too hot to fold");
        button(page, "Undo").click();
        assertThat(does).containsText("too hot to fold");
    }

    @Test
    void anotherDeviceSeesItAndWhatIsDoneWithoutTheServerIsSentLater() {
        var page = begun("pear-bay");
        var other = browser.page(page.url().replaceAll("^https?://[^/]+", ""));
        button(other, "Done").click();
        assertThat(page.getByLabel("Timers")).containsText("Bloom");

        page.context().setOffline(true);
        rail(page, "Heat").click();
        button(page, "Done").click();
        says(page, "1 entry waits to be sent");
        page.context().setOffline(false);
        says(page, "Kept");
        assertThat(rail(other, "Heat")).containsText("✓");
    }
}
