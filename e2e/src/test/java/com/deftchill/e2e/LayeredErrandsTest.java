package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Desserts of several components, sums, pasted lists, variants, prices: each errand on a formula of its own. */
class LayeredErrandsTest extends Errands {
    @Test
    void everyComponentHasItsSheetAndItsFolding() {
        var bench = open("hurried-apricot-mousse");
        assertThat(bench.line()).containsText("too hot to fold");
        var verdicts = bench.page().getByLabel("Verdicts");
        assertThat(verdicts).containsText("Raw fruit eats into Apricot mousse");
        bench.button("Let it cool to").first().click();
        assertThat(verdicts).containsText("folded within its window");
        component(bench, "Kiwi on top").click();
        assertThat(bench.field("Amount of Kiwi slices")).hasValue("120 g");
        assertThat(bench.field("Kind")).hasValue("pieces");
        bench.page().keyboard().press("Control+z");
        assertThat(bench.line()).containsText("too hot to fold");
    }

    @Test
    void aComponentIsAddedMovedAndTakenOut() {
        var bench = open("pear-bay");
        assertThat(bench.line()).containsText("Sets by");
        bench.choose("Add a component", "crumb base");
        var list = bench.page().getByLabel("Components, top first").getByRole(AriaRole.LISTITEM);
        assertThat(list).hasCount(2);
        assertThat(list.first()).containsText("Crumb base");
        component(bench, "Crumb base").press("Alt+ArrowDown");
        assertThat(list.last()).containsText("Crumb base");
        assertThat(bench.page().getByLabel("Verdicts")).containsText("the base holds");
        bench.button("Take Crumb base out").click();
        assertThat(bench.page().getByLabel("Components, top first")).isHidden();
        bench.page().keyboard().press("Control+z");
        assertThat(list).hasCount(2);
    }

    @Test
    void aComponentOfAnotherDessertIsCopiedWithWhatItTakesFrom() {
        var bench = open("pear-bay");
        assertThat(bench.line()).containsText("Sets by");
        bench.choose("Add a component", "Pear, hazelnut and bay verrine");
        bench.choose("Which component of it", "Hazelnut mousse");
        var list = bench.page().getByLabel("Components, top first");
        assertThat(list).containsText("Hazelnut mousse");
        assertThat(list).containsText("Hazelnut ganache");
        assertThat(list).containsText("Whipped cream, shared");
        assertThat(bench.page().getByLabel("Verdicts")).containsText("the ganache holds");
    }

    @Test
    void aLayerWaitsForATimeOfDay() {
        var bench = open("buckthorn-cheesecake");
        assertThat(bench.line()).containsText("Sets by 11:05");
        component(bench, "Buckthorn mirror").click();
        exactly(bench, "Goes on").selectOption("not-before");
        exactly(bench, "not before").fill("13:00");
        assertThat(bench.line()).containsText("Sets by 13:");
        assertThat(bench.status()).hasText("Saved");
        bench.page().reload();
        assertThat(bench.line()).containsText("Sets by 13:");
    }

    private static Locator exactly(Bench bench, String label) {
        return bench.page().getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void aLayerPouredTooHotOnASetOneIsSaidAndMended() {
        var bench = open("buckthorn-cheesecake");
        assertThat(bench.line()).containsText("slices from");
        var verdicts = bench.page().getByLabel("Verdicts");
        assertThat(verdicts).containsText("Buckthorn mirror on Buckthorn cheese filling joins cleanly");
        component(bench, "Buckthorn mirror").click();
        bench.field("Poured at").fill("85 °C");
        assertThat(verdicts).containsText(Pattern.compile("melts into it|the border bleeds"));
        bench.button("Pour buckthorn mirror at").click();
        assertThat(verdicts).containsText("joins cleanly");
        assertThat(bench.field("Poured at")).not().hasValue("85 °C");
        assertThat(bench.page().getByText("Buckthorn cheese filling goes on")).isVisible();
    }

    @Test
    void aPastedListIsLookedOverBeforeItGoesIn() {
        var bench = open("pear-bay");
        bench.button("paste a list…").click();
        bench.dialog()
                .getByLabel("The list")
                .fill("For the top:\n40 g honey\n2 T sugar\nunicorn tears, to taste\n3 silver gelatin sheets");
        bench.button("Read it").click();
        assertThat(bench.dialog()).containsText("tablespoons or teaspoons");
        assertThat(bench.dialog().getByLabel("Take unicorn tears, to taste")).isDisabled();
        bench.dialog().getByLabel("Take 2 T sugar").uncheck();
        bench.button("Put 2 into the component").click();
        assertThat(bench.field("Amount of Honey").last()).hasValue("40 g");
        assertThat(bench.field("Gelling agent")).hasValue("sheet-silver");
        assertThat(bench.field("Dose")).hasValue("3 sheets");
    }

    @Test
    void aSumIsAnsweredByItsLinkAndBeginsADessert() {
        var page = browser.page("/sums/ganache?chocolate=dark-70&chocolateAmount=300%20g&liquidAmount=120%20g");
        var answer = page.getByLabel("Answer");
        assertThat(answer).containsText("It needs care");
        page.getByLabel("Amount of it", exactly()).fill("1 cup cream puffs");
        assertThat(page.getByText("does not belong to it")).isVisible();
        page.getByLabel("Amount of it", exactly()).fill("1 cup cream or so");
        assertThat(page.getByText("is a rough amount")).isVisible();
        page.getByLabel("Amount of it", exactly()).fill("300 g");
        assertThat(answer).containsText("It holds");
        assertThat(page).hasURL(Pattern.compile("liquidAmount=300"));
        page.getByText("Begin a dessert with it").click();
        var bench = new Bench(page);
        assertThat(bench.field("Name of the formula")).hasValue("Ganache");
        assertThat(bench.field("Amount of Dark chocolate 70 %")).hasValue("300 g");
        assertThat(page.getByLabel("Verdicts")).containsText("The ganache holds");
    }

    @Test
    void aVegetarianVariantIsComputedAndKeptAsItsOwn() {
        var bench = open("pear-bay");
        assertThat(bench.line()).containsText("Sets by");
        bench.menu("Vegetarian, without alcohol");
        assertThat(bench.dialog()).containsText("does not melt on the tongue");
        bench.dialog().getByText("Keep it as a formula of its own").first().click();
        assertThat(bench.field("Name of the formula")).hasValue(Pattern.compile(".*vegetarian.*"));
        assertThat(bench.field("Gelling agent")).hasValue("carrageenan-iota");
    }

    @Test
    void someOfTheGlassesAreMadeOtherwiseAndToldApartOnTheCard() {
        var bench = open("pear-hazelnut-verrine");
        assertThat(bench.line()).containsText("Sets by");
        bench.menu("Vegetarian, without alcohol");
        bench.choose("In place of", "Hazelnuts roasted");
        bench.choose("They get", "nothing: leave it out");
        bench.button("Make some so").click();
        bench.field("So many of the 8 are made so").fill("3");
        assertThat(bench.dialog()).containsText("Without hazelnuts roasted");
        bench.page().keyboard().press("Escape");
        assertThat(bench.status()).hasText("Saved");
        bench.menu("Method card to print");
        var card = bench.page().getByTestId("card");
        assertThat(card).containsText("3 of 8: Without hazelnuts roasted");
        assertThat(card).containsText("for 5 of 8");
        assertThat(card).containsText("Mark them with this label");
    }

    @Test
    void theMethodTakesTheCooksOwnWordsOntoTheCard() {
        var bench = open("buckthorn-cheesecake");
        assertThat(bench.line()).containsText("slices from");
        bench.menu("Method and notes, in your words");
        bench.dialog().getByLabel("Words of: Oat crumb base Press").fill("Press it with the small ladle.");
        assertThat(bench.dialog()).containsText("your words");
        bench.page().keyboard().press("Escape");
        assertThat(bench.status()).hasText("Saved");
        bench.menu("Method card to print");
        assertThat(bench.page().getByTestId("card")).containsText("Press it with the small ladle.");
    }

    @Test
    void aPriceInTheLarderMakesTheCostOfAPortion() {
        var larder = new Bench(browser.page("/larder"));
        larder.button("Single cream 18 % fat").click();
        larder.page().getByLabel(Pattern.compile("Price of a kilogram")).fill("3.50");
        larder.button("Keep the price").click();
        assertThat(larder.button("Keep the price")).isDisabled();
        var bench = open("pear-bay");
        assertThat(bench.page().getByText(Pattern.compile("€ of ingredients in each")))
                .isVisible();
    }

    @Test
    void aMouldLikeOneThatIsThereIsDrawnWhileItIsTyped() {
        var larder = new Bench(browser.page("/larder/moulds"));
        larder.button("Like this one, but…").click();
        larder.page().getByLabel("Inner height").fill("3 in");
        assertThat(larder.page().getByText("ml to the brim")).containsText("182 ml");
        larder.page().getByLabel("Inner height").fill("tall");
        assertThat(larder.page().getByText("ml to the brim")).isHidden();
        assertThat(larder.page().getByLabel("Name", exactly()).inputValue()).contains("(yours)");
    }

    private static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static Locator component(Bench bench, String name) {
        return bench.page()
                .getByLabel("Components, top first")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name + "\\b.*g$")));
    }

    private Bench open(String demo) {
        return new Bench(browser.window(formula(demo)));
    }
}
