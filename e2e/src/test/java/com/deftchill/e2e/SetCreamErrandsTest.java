package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Notebook amounts, dose strip, swaps, scaling, earlier states, files: each errand on a formula of its own. */
class SetCreamErrandsTest extends Errands {
    @Test
    void anAmbiguousAmountIsAskedAboutAndUnderstoodInPlace() {
        var bench = open("pear-bay");
        bench.choose("Spoons and cups", "ask each time");
        bench.field("Amount of Sugar").fill("1/2 cup");
        assertThat(bench.line()).containsText("Sugar “1/2 cup” needs to say whose cup it is: which?");
        bench.button("1/2 US cup").click();
        assertThat(bench.field("Amount of Sugar")).hasValue("1/2 US cup");
        assertThat(bench.page()
                        .getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHasText("Sugar"))
                        .first())
                .containsText(Pattern.compile("= (99|100|101) g"));
        assertThat(bench.line()).containsText("Sets by");
    }

    @Test
    void theDoseIsNudgedAndDraggedOnItsRuler() {
        var bench = open("pear-bay");
        var hand = bench.page().getByRole(AriaRole.SLIDER);
        hand.focus();
        hand.press("ArrowRight");
        assertThat(bench.field("Dose")).hasValue("14.1 g");
        hand.press("Shift+ArrowLeft");
        assertThat(bench.field("Dose")).hasValue("13.1 g");
        assertThat(bench.field("Bloom water")).hasValue("65.5 g");
        hand.press("PageUp");
        assertThat(bench.field("Dose")).hasValue("14 g");
        assertThat(hand)
                .hasAttribute("aria-valuetext", Pattern.compile("14 g, 7 sheets, firmness 5\\d of 100, tender.*"));

        var box = hand.boundingBox();
        bench.page().mouse().move(box.x + 1, box.y + 20);
        bench.page().mouse().down();
        bench.page().mouse().move(box.x + 480, box.y + 20);
        bench.page().mouse().up();
        assertThat(bench.line()).containsText("Rubbery");
        assertThat(bench.field("Dose")).not().hasValue("14 g");
        bench.page().keyboard().press("Control+z");
        assertThat(bench.line()).not().containsText("Rubbery");
    }

    @Test
    void aFixShowsWhatItWouldDoBeforeItIsTaken() {
        var bench = open("kiwi-elderflower");
        assertThat(bench.line()).containsText("Raw fruit prevents setting");
        bench.button("Use it canned").hover();
        var preview = bench.page().getByTestId("preview");
        assertThat(preview).containsText("Sets by");
        assertThat(preview).containsText("0 of 100, runs");
        assertThat(bench.line()).containsText("Raw fruit prevents setting");
        bench.button("Use it canned").click();
        assertThat(bench.line()).containsText("Sets by");
        bench.page().keyboard().press("Control+z");
        assertThat(bench.line()).containsText("Raw fruit prevents setting");
    }

    @Test
    void anotherGelatinByTheSchoolOfChoice() {
        var bench = open("pear-bay");
        bench.button("swap it…").click();
        assertThat(bench.dialog()).containsText("square root");
        assertThat(bench.dialog()).containsText("sheet for sheet");
        bench.button("Use 17.5 g of Silver sheets (160 Bloom), proportional").click();
        assertThat(bench.field("Dose")).hasValue("17.5 g");
        assertThat(bench.field("Gelling agent")).hasValue("sheet-silver");
        assertThat(bench.field("Bloom water")).hasValue("87.5 g");
        bench.page().keyboard().press("Control+z");
        assertThat(bench.field("Gelling agent")).hasValue("sheet-gold");
    }

    @Test
    void scaledToAnotherMouldAndBackByUndo() {
        var bench = open("pear-bay");
        bench.button("scale to…").click();
        bench.choose(bench.dialog().getByLabel("Into"), "Half-sphere 70 mm · 90 ml");
        bench.dialog().getByLabel("How many").fill("20 dozen");
        assertThat(bench.dialog()).containsText("whole number");
        bench.dialog().getByLabel("How many").fill("40");
        assertThat(bench.dialog()).containsText("Rounded to your scales");
        bench.button("Scale the formula").click();
        assertThat(bench.field("How many")).hasValue("40");
        assertThat(bench.field("Mould")).hasValue(Pattern.compile("Half-sphere 70 mm"));
        assertThat(bench.line()).containsText("Sets by");
        bench.page().keyboard().press("Control+z");
        assertThat(bench.field("Mould")).hasValue(Pattern.compile("Dariole 60/50 x 60 mm"));
    }

    @Test
    void anEarlierStateIsNamedComparedAndGoneBackTo() {
        var bench = open("pear-bay");
        bench.menu("Earlier states");
        bench.dialog().getByLabel("Name for the present state").fill("Spring");
        bench.button("Keep it").click();
        assertThat(bench.dialog()).containsText("Nothing: both are written alike.");
        bench.page().keyboard().press("Escape");
        assertThat(bench.dialog()).isHidden();

        bench.field("Amount of Sugar").fill("130 g");
        assertThat(bench.status()).hasText("Saved");
        bench.menu("Earlier states");
        bench.button("Spring").first().click();
        assertThat(bench.dialog()).containsText(Pattern.compile("Sugar\\s*95 g\\s*130 g"));
        assertThat(bench.dialog()).containsText("Firmness");
        bench.button("Go back to “Spring”").click();
        assertThat(bench.field("Amount of Sugar")).hasValue("95 g");
        bench.page().keyboard().press("Control+z");
        assertThat(bench.field("Amount of Sugar")).hasValue("130 g");
    }

    @Test
    void aFileIsTakenWholeOrNotAtAll() {
        var bench = open("pear-bay");
        choose(bench, "bad.json", "{\"schema\": 2, \"name\": \"Never taken\", \"served\": 5}");
        var alert = bench.page().getByRole(AriaRole.ALERT);
        assertThat(alert).containsText("“bad.json” was not taken; nothing has been changed.");
        assertThat(alert).containsText("/served");
        var taken = api.get("/api/formulas?search=Never%20taken").json();
        assertThat(taken.at("/total").asInt()).isZero();

        choose(
                bench,
                "good.json",
                Api.demo("smoked-tea-honey").put("name", "From a file").toString());
        assertThat(bench.field("Name of the formula")).hasValue("From a file");
        assertThat(bench.line()).containsText("Sets by");
    }

    @Test
    void aFileDroppedOnThePageIsTaken() {
        var bench = open("pear-bay");
        bench.page()
                .evaluate("""
                        text => {
                          const transfer = new DataTransfer()
                          transfer.items.add(new File([text], 'dropped.json', { type: 'application/json' }))
                          for (const kind of ['dragover', 'drop'])
                            window.dispatchEvent(new DragEvent(kind, { dataTransfer: transfer, bubbles: true, cancelable: true }))
                        }
                        """, Api.demo("hazelnut-oat").put("name", "Dropped").toString());
        assertThat(bench.field("Name of the formula")).hasValue("Dropped");
    }

    @Test
    void theColdShareIsAChoiceAwayAndSaysWhatItDoes() {
        var bench = open("smoked-tea-honey");
        bench.button("Treatment of Cream 35 % fat").click();
        bench.choose("How Cream 35 % fat joins", "joins cold");
        var verdict = bench.page().getByLabel("Verdicts");
        assertThat(verdict).containsText("Hot and cold share meet");
        assertThat(bench.field("Cold share")).isVisible();
    }

    private static void choose(Bench bench, String name, String text) {
        FileChooser chooser = bench.page().waitForFileChooser(() -> bench.menu("Take from a file"));
        chooser.setFiles(new FilePayload(name, "application/json", text.getBytes(StandardCharsets.UTF_8)));
    }

    private Bench open(String demo) {
        return new Bench(browser.window(formula(demo)));
    }
}
