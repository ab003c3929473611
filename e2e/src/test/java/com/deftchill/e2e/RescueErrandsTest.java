package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Something is wrong with a batch: what is seen, what it comes from, and what is done about it. */
class RescueErrandsTest extends Errands {
    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void aShortDoseIsNamedAndMadeUpAndStandsInTheMethodAndTheLog() {
        var page = browser.page(formula("pear-bay"));
        button(page, "Make it").click();
        var gelatin = page.getByLabel(Pattern.compile("^Measured: Gold sheets"));
        gelatin.fill("4 g");
        gelatin.press("Enter");
        assertThat(page.getByLabel("What it does")).isVisible();
        var making = page.url();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Something is wrong"))
                .click();
        page.getByText("Softer than it should be").click();
        var causes = page.getByLabel("Likely causes");
        assertThat(causes.getByRole(AriaRole.ARTICLE).first()).containsText("4 g instead of");
        var now = page.getByLabel("What to do now");
        assertThat(now).containsText("bloomed in");
        now.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Do this"))
                .first()
                .click();
        assertThat(page).hasURL(making);
        assertThat(page.getByLabel("All steps")).containsText("Your own step");
        assertThat(page.getByLabel("What it does")).not().containsText("no longer");
    }

    @Test
    void aLookMovesTheRanking() {
        var page = browser.page(formula("pear-bay"));
        button(page, "Make it").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Something is wrong"))
                .click();
        page.getByText("It weeps").click();
        var telling = page.getByLabel("What would tell");
        assertThat(telling).containsText("drops under the film");
        telling.locator(".look", new Locator.LocatorOptions().setHasText("drops under the film"))
                .getByText("Yes")
                .click();
        var causes = page.getByLabel("Likely causes");
        assertThat(causes.getByRole(AriaRole.ARTICLE).first()).containsText("covered while still warm");
        assertThat(causes).containsText("What you looked for was found");
        page.reload();
        assertThat(causes).containsText("What you looked for was found");
        button(page, "Something else").click();
        assertThat(page.getByText("What do you see?")).isVisible();
    }

    @Test
    void afterwardsADessertIsAskedAboutByItsFormula() {
        var bench = formula("blackcurrant-barley");
        var page = browser.page(bench + "/wrong");
        page.getByText("It tore or has divots").click();
        assertThat(page.getByLabel("Likely causes").getByRole(AriaRole.ARTICLE))
                .not()
                .hasCount(0);
        assertThat(page.getByLabel("What to do now")).containsText("Smooth it with a warm knife");
        assertThat(page.getByText("Do this")).hasCount(0);
    }

    @Test
    void everyStageIsDrawnOnOnePage() {
        var page = browser.page("/make/cues");
        assertThat(page.locator("main svg")).hasCount(23);
        assertThat(page.getByLabel("Whipped cream")).containsText("over-whipped");
    }
}
