package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.Api;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ArrayNode;

/** What a cook does on the Bench, each errand on a formula of its own. */
class BenchErrandsTest extends Errands {
    @Test
    void mendsTheWrongSampleWithItsFix() {
        var bench = new Bench(browser.window(formula("coconut-sea-buckthorn")));
        assertThat(bench.line()).containsText("Too soft to be turned out");
        assertThat(bench.line()).containsText("Will not stand");

        var fix = bench.button("of gelatin instead of 6 g");
        var dose = fix.innerText().replaceAll("Use (.*) of gelatin.*", "$1");
        var water = fix.innerText().replaceAll(".*bloomed in ", "");
        fix.click();

        assertThat(bench.line())
                .containsText(Pattern.compile("Sets by .* turns out from .* dip, stands \\d\\d of \\d\\d mm"));
        assertThat(bench.field("Dose")).hasValue(dose);
        assertThat(bench.field("Bloom water")).hasValue(water);
        assertThat(bench.status()).hasText("Saved");

        bench.page().keyboard().press("Control+z");
        assertThat(bench.field("Dose")).hasValue("6 g");
        assertThat(bench.line()).containsText("Too soft");
        bench.page().keyboard().press("Control+Shift+z");
        assertThat(bench.field("Dose")).hasValue(dose);
    }

    @Test
    void reloadKeepsWhatWasTyped() {
        var bench = new Bench(browser.window(formula("pear-bay")));
        bench.field("Amount of Sugar").fill("110 g");
        bench.field("Name of the formula").fill("Birne und Lorbeer \uD83C\uDF50");
        bench.choose("Add an ingredient", "Honey");
        bench.field("Amount of Honey").fill("0,5 kg?");
        bench.page().reload();

        assertThat(bench.field("Amount of Sugar")).hasValue("110 g");
        assertThat(bench.field("Name of the formula")).hasValue("Birne und Lorbeer \uD83C\uDF50");
        assertThat(bench.field("Amount of Honey")).hasValue("0,5 kg?");
        assertThat(bench.status()).hasText("Saved");
    }

    @Test
    void badInputIsNamedKeptAndMended() {
        var bench = new Bench(browser.window(formula("pear-bay")));
        var cream = bench.field("Amount of Cream 35 % fat");
        cream.fill("-5 g");
        assertThat(bench.line()).containsText("Cream 35 % fat “-5 g” must be above 0 g");
        assertThat(cream).hasAttribute("aria-invalid", "true");
        assertThat(cream).hasValue("-5 g");
        cream.fill("600 g");
        assertThat(bench.line()).not().containsText("must be");
        assertThat(bench.line()).containsText("Sets by");

        bench.field("Its air").fill("28 °C");
        assertThat(bench.line()).containsText("The cooler is too warm to set it");
        bench.button("Chill at 4 °C").first().click();
        bench.field("How many").fill("5");
        assertThat(bench.line()).containsText("Does not fit the moulds");
        bench.button("Fill 10 moulds instead of 5").click();
        assertThat(bench.line()).not().containsText("Does not fit");
    }

    @Test
    void aFixIsTakenHoweverLongItIsPressed() {
        var bench = new Bench(browser.window(formula("coconut-sea-buckthorn")));
        var fix = bench.button("of gelatin instead of 6 g");
        fix.hover();
        bench.page().mouse().down();
        var preview = bench.page().getByTestId("preview");
        assertThat(preview).containsText("Sets by");
        assertThat(preview).hasCSS("pointer-events", "none");
        bench.page().mouse().up();
        assertThat(bench.field("Dose")).not().hasValue("6 g");
        assertThat(bench.line()).not().containsText("Too soft");
    }

    @Test
    void theMenuOfTheFormulaIsWalkedByKeyboard() {
        var bench = new Bench(browser.window(formula("pear-bay")));
        var menu = bench.page().getByRole(AriaRole.MENU);
        bench.button("Formula ▾").press("Enter");
        var entries = menu.getByRole(AriaRole.MENUITEM);
        assertThat(entries.first()).isFocused();
        bench.page().keyboard().press("Escape");
        assertThat(menu).isHidden();
        assertThat(bench.button("Formula ▾")).isFocused();

        bench.page().keyboard().press("ArrowDown");
        assertThat(entries.first()).isFocused();
        for (int i = 0; i < 2; i++) {
            bench.page().keyboard().press("ArrowDown");
        }
        assertThat(entries.nth(2)).isFocused();
        bench.page().keyboard().press("Enter");
        assertThat(bench.dialog()).containsText("Name for the present state");
        assertThat(menu).isHidden();
    }

    @Test
    void arrowKeysNudgeByWhatTheScaleWeighs() {
        var bench = new Bench(browser.window(formula("pear-bay")));
        bench.field("Dose").press("ArrowUp");
        assertThat(bench.field("Dose")).hasValue("14.1 g");
        bench.field("Dose").press("Shift+ArrowDown");
        assertThat(bench.field("Dose")).hasValue("13.1 g");
        bench.field("Amount of Sugar").press("ArrowDown");
        assertThat(bench.field("Amount of Sugar")).hasValue("94 g");
    }

    @Test
    void secondWindowGetsAClearChoice() {
        var path = formula("pear-bay");
        var first = new Bench(browser.window(path));
        var second = new Bench(browser.window(path));
        first.field("Amount of Sugar").fill("100 g");
        assertThat(first.status()).hasText("Saved");

        second.field("Amount of Sugar").fill("80 g");
        var choice = second.page().getByRole(AriaRole.ALERTDIALOG);
        assertThat(choice).containsText("Another window saved this formula");
        assertThat(second.field("Amount of Sugar")).hasValue("80 g");

        second.button("Keep both").click();
        assertThat(second.field("Name of the formula")).hasValue("Pear and bay set cream (other window)");
        assertThat(second.field("Amount of Sugar")).hasValue("80 g");
        first.page().reload();
        assertThat(first.field("Amount of Sugar")).hasValue("100 g");
    }

    @Test
    void undoNeverReachesIntoAnotherFormula() {
        var coconut = formula("coconut-sea-buckthorn");
        var bench = new Bench(browser.window(coconut));
        formula(Api.demo("pear-bay").put("name", "Pear and bay, changed and left"));
        bench.page().reload();
        bench.open("Pear and bay, changed and left");
        assertThat(bench.field("Name of the formula")).hasValue("Pear and bay, changed and left");
        bench.field("Amount of Sugar").fill("96 g");
        assertThat(bench.status()).hasText("Saved");
        // Back over the Book, where it was found.
        bench.page().goBack();
        bench.page().goBack();
        assertThat(bench.field("Name of the formula")).hasValue("Coconut and sea buckthorn set cream");
        assertThat(bench.button("Undo")).isDisabled();
        bench.page().keyboard().press("Control+z");
        assertThat(bench.field("Name of the formula")).hasValue("Coconut and sea buckthorn set cream");
        assertThat(bench.line()).containsText("Too soft");
    }

    @Test
    void everyFigureOpensToWhereItComesFrom() {
        var bench = new Bench(browser.window(formula("pear-bay")));
        bench.whyGood("Firmness is on target");
        var drawer = bench.page().getByRole(AriaRole.DIALOG);
        assertThat(drawer).containsText("Factor: milk protein");
        assertThat(drawer).containsText("helix-concentration master curve");
        bench.page().keyboard().press("Escape");
        assertThat(drawer).isHidden();
    }

    @Test
    void whatWasMadeIsListedBesideWhatWasPredicted() {
        var bench = new Bench(browser.window(formula("pear-bay")));
        bench.button("Log a batch").click();
        var log = bench.page().getByRole(AriaRole.DIALOG);
        log.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it in the log"))
                .click();
        assertThat(log.getByRole(AriaRole.ALERT)).containsText("Outcome is missing");

        log.getByText("small divots").click();
        log.getByLabel("Standing height by ruler, mm").fill("30");
        log.getByLabel("Note").fill("Warm plate.");
        log.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it in the log"))
                .click();

        assertThat(log.getByRole(AriaRole.LISTITEM)).hasCount(1);
        assertThat(log.getByRole(AriaRole.LISTITEM))
                .containsText(Pattern.compile("Predicted ?4\\d of 4\\d mm.*Came out ?30 mm.*1\\d mm shorter"));
        bench.page().reload();
        bench.button("Log a batch").click();
        assertThat(log.getByRole(AriaRole.LISTITEM)).containsText("Warm plate.");
    }

    @Test
    void servedInItsGlassWantsLessAndIsNotTurnedOut() {
        var bench = new Bench(browser.window(formula("pear-bay")));
        bench.choose("Mould", "Tapering tumbler 60/80 x 85 mm · 329 ml");
        assertThat(bench.line()).containsText("A glass is not turned out");
        bench.page()
                .getByText("in its glass", new Page.GetByTextOptions().setExact(true))
                .click();
        assertThat(bench.line()).not().containsText("turned out");
    }

    @Test
    void aClearedFieldOfAFoldedComponentIsNamedAndNothingIsGreen() {
        var bench = new Bench(browser.window(formula("hurried-apricot-mousse")));
        for (var field : new String[] {"Dose", "Bloom water"}) {
            var typed = bench.field(field).inputValue();
            bench.field(field).fill("");
            assertThat(bench.line()).containsText("is missing: write an amount");
            assertThat(bench.line()).not().hasClass(Pattern.compile("answered"));
            bench.field(field).fill(typed);
            assertThat(bench.line()).not().containsText("is missing");
        }
    }

    @Test
    void anAnswerThatIsNoneIsSaidAndAskedForAgain() {
        var bench = new Bench(browser.window(formula("pear-bay")));
        assertThat(bench.line()).hasClass(Pattern.compile("answered"));
        bench.page()
                .route(
                        "**/api/assessments*",
                        route -> route.fulfill(new Route.FulfillOptions()
                                .setStatus(500)
                                .setContentType("application/problem+json")
                                .setBody(
                                        "{\"code\":\"our-own-error\",\"title\":\"Something of ours broke\",\"status\":500,"
                                                + "\"detail\":\"It is in the log.\",\"problems\":[]}")));
        bench.field("Amount of Sugar").fill("96 g");
        assertThat(bench.line()).containsText("Something of ours broke. It is in the log. Asking again.");
        assertThat(bench.line()).containsText("Sets by");
        assertThat(bench.line()).not().hasClass(Pattern.compile("answered"));

        bench.page().unroute("**/api/assessments*");
        assertThat(bench.line()).not().containsText("broke");
        assertThat(bench.line()).hasClass(Pattern.compile("answered"));
    }

    @Test
    void whatACrashedWindowHadNotSavedIsFoundAgain() {
        var path = formula("pear-bay");
        var crashed = new Bench(browser.window(path));
        var other = new Bench(browser.window(path));
        crashed.page().route("**/api/formulas/*", Route::abort);
        crashed.field("Amount of Sugar").fill("87 g");
        assertThat(crashed.status()).containsText("Not saved yet");
        other.page().reload();
        assertThat(other.field("Amount of Sugar")).hasValue("95 g");

        crashed.page().close();
        other.page().reload();
        assertThat(other.field("Amount of Sugar")).hasValue("87 g");
        assertThat(other.status()).hasText("Saved");
    }

    @Test
    void aFormulaWithALogIsPutAwayFoundAndBroughtBack() {
        var path = formula("pear-bay");
        var id = path.substring(path.lastIndexOf('/') + 1);
        var bench = new Bench(browser.window(path));
        bench.field("Name of the formula").fill("Pear that was made");
        assertThat(bench.status()).hasText("Saved");
        var made =
                Api.json().put("madeOn", "2026-11-20").put("pouredAt", "14:00").put("outcome", "CLEAN");
        made.set("document", Api.demo("pear-bay"));
        api.post("/api/formulas/" + id + "/batches", made.toString());

        bench.menu("Delete or put away…");
        bench.dialog()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Delete"))
                .click();
        assertThat(bench.page()).not().hasURL(Pattern.compile(id));
        bench.page().getByLabel("Search the Book").fill("that was made");
        assertThat(bench.page().getByText("Nothing is like that.")).isVisible();
        bench.field("those put away").check();
        bench.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Pear that was made"))
                .click();
        assertThat(bench.page()).hasURL(Pattern.compile(id));
        bench.button("Bring it back").click();
        assertThat(bench.page().getByText("This formula is put away")).isHidden();
        assertThat(bench.status()).hasText("Saved");
    }

    @Test
    void theCooksWordsStayWithTheirFruit() {
        var document = Api.demo("pear-bay");
        var lines = (ArrayNode) document.at("/components/0/lines");
        for (var fruit : List.of("kiwi-raw", "pineapple-raw")) {
            lines.addObject().put("of", fruit).put("amount", "40 g").put("treatment", "heated");
        }
        var bench = new Bench(browser.window(formula(document)));
        bench.menu("Method and notes, in your words");
        var words = bench.page().getByLabel("Heat the Pineapple puree");
        words.fill("Simmer the pineapple with a bay leaf.");
        assertThat(bench.status()).hasText("Saved");
        bench.page().keyboard().press("Escape");
        bench.button("Remove Kiwi puree").click();
        bench.menu("Method and notes, in your words");
        assertThat(words).hasValue("Simmer the pineapple with a bay leaf.");
    }
}
