package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.Api;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Where the work begins: found, begun, taken over from paper. */
class BookErrandsTest extends Errands {
    private static Locator row(Page page, String name) {
        return page.locator("article").filter(new Locator.FilterOptions().setHasText(name));
    }

    @Test
    void findsAFormulaByWhatIsInItWithoutTheMouse() {
        formula(Api.demo("pear-bay").put("name", "Zwieback pear, found by keys"));
        var page = browser.page("/kitchen");
        page.getByLabel("Temperatures").first().waitFor();
        page.keyboard().press("/");
        page.getByLabel("Search the Book").waitFor();
        page.keyboard().type("zwieback pear");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("1 formula");
        assertThat(row(page, "Zwieback pear")).containsText("turns out from");
        assertThat(row(page, "Zwieback pear")).containsText("never made");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Zwieback pear"))
                .focus();
        page.keyboard().press("Enter");
        assertThat(new Bench(page).field("Name of the formula")).hasValue("Zwieback pear, found by keys");
    }

    @Test
    void tagsOneAndPutsItBesideAnother() {
        formula(Api.demo("pear-bay").put("name", "Quillon one"));
        formula(Api.demo("smoked-tea-honey").put("name", "Quillon two"));
        var book = new Bench(browser.page("/?search=quillon"));
        book.button("More for Quillon one").click();
        book.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Tags…"))
                .click();
        book.dialog().getByLabel("A new tag").fill("test kitchen");
        book.dialog()
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Add").setExact(true))
                .click();
        assertThat(book.dialog()).containsText("take off");
        book.page().keyboard().press("Escape");
        assertThat(row(book.page(), "Quillon one")).containsText("test kitchen");

        book.button("More for Quillon one").click();
        book.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Compare with another…"))
                .click();
        book.button("More for Quillon two").click();
        book.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Compare with Quillon one"))
                .click();
        assertThat(book.dialog()).containsText("What it does");
        assertThat(book.dialog()).containsText("Quillon two");
    }

    /** From the first page to the first answer of one's own: five clicks. */
    @Test
    void beginsANewDessertThatAlreadyWorks() {
        var page = browser.page("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New dessert"))
                .click();
        page.getByText("Mousse of fruit").click();
        assertThat(page.getByLabel("What comes of it")).containsText("Sets by");
        page.getByLabel("How many").fill("12");
        page.getByLabel("Time, such as").fill("19:30");
        assertThat(page.getByText(Pattern.compile("Pour at \\d\\d:\\d\\d"))).isVisible();
        var begin = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin with this"));
        assertThat(page.getByLabel("What comes of it")).containsText(Pattern.compile("Sets by 1[0-9]:"));
        begin.click();
        var bench = new Bench(page);
        assertThat(bench.field("How many")).hasValue("12");
        assertThat(bench.line()).containsText("Sets by");
    }

    @Test
    void takesARecipeOverFromPaperAndLooksItOver() {
        var bench = new Bench(browser.page("/recipe"));
        bench.field("The recipe").fill("""
                Quince glasses

                6 glasses

                For the jelly:
                300 ml apple juice
                30 g sugar
                2 sheets gelatine

                For the cream:
                250 g quince puree
                300 ml whipping cream
                50 g sugar
                4 g gelatine powder
                20 ml water for the gelatine

                Soak the sheets in cold water. Warm the juice and sugar to 60 °C and stir in the squeezed gelatine. Cool to 30 °C, divide between the glasses and chill for 2 hours.
                Sprinkle the powder over the water. Heat the cream and sugar to 65 °C, stir in the gelatine and the quince. Cool to 28 °C, pour over the jelly and chill for 4 hours.
                """);
        bench.button("Read it").click();
        assertThat(bench.page().getByLabel("What was read")).containsText("values read");
        // Which sheets is not said: it is asked.
        assertThat(bench.field("Take Gold sheets (200 Bloom) 2 sheets")).not().isChecked();
        bench.button("they are all right").click();
        bench.field("Sugar, as read").first().fill("35 g");
        bench.button("Begin with this").click();
        assertThat(bench.field("Name of the formula")).hasValue("Quince glasses");
        assertThat(bench.line()).containsText("Sets by");
    }
}
