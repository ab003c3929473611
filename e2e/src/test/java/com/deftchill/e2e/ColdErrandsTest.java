package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A cook in the Cold: time, places, the table, other ways; each errand on a formula of its own. */
class ColdErrandsTest extends Errands {
    private Bench open(String demo) {
        return new Bench(browser.page(formula(demo).replace("/bench/", "/cold/")));
    }

    private static Locator scrubber(Bench cold) {
        return cold.page().getByLabel("Time of the chill");
    }

    private static void show(Bench cold, String tab) {
        cold.page().getByText(tab, new Page.GetByTextOptions().setExact(true)).click();
    }

    @Test
    void fromTheBenchToTheColdAndBackWithTheSameDessert() {
        var bench = new Bench(browser.page(formula("pear-bay")));
        assertThat(bench.line()).containsText("turns out from");
        var line = bench.line().textContent().strip();
        bench.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cold"))
                .click();
        assertThat(bench.line()).hasText(line);
        assertThat(bench.page().getByTestId("field")).isVisible();
        bench.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench"))
                .click();
        assertThat(bench.field("Name of the formula")).hasValue("Pear and bay set cream");
    }

    @Test
    void timeIsScrubbedByKeyboardAndSaidAloud() {
        var cold = open("pear-bay");
        var time = scrubber(cold);
        time.fill("0");
        assertThat(time).hasAttribute("aria-valuetext", Pattern.compile("14:00, 0 min after pouring.*warmest 32"));
        time.press("ArrowRight");
        assertThat(time).hasValue("1");
        time.fill("240");
        assertThat(time).hasAttribute("aria-valuetext", Pattern.compile("18:00.*Pear and bay set cream set"));
        assertThat(cold.page().getByLabel("At this moment")).containsText("18:00");
        time.press(" ");
        assertThat(cold.button("Pause")).isVisible();
        cold.button("Pause").click();
        assertThat(cold.button("Play")).isVisible();
    }

    @Test
    void aPointOfTheDessertHasACurveOfItsOwn() {
        var cold = open("pear-bay");
        var field = cold.page().getByTestId("field");
        scrubber(cold).fill("60");
        field.click();
        var now = cold.page().getByLabel("At this moment");
        assertThat(now).containsText(Pattern.compile("Point: \\d+\\.\\d °C, runs"));
        scrubber(cold).fill("360");
        assertThat(now).containsText(Pattern.compile("Point: \\d\\.\\d °C, \\d+ Pa"));
        field.press("ArrowUp");
        assertThat(now).containsText("Pa");
        cold.button("leave it").click();
        assertThat(now).containsText("Touch the dessert");
    }

    @Test
    void aMilestoneOpensItsEvidenceAndSaysHowSureItIs() {
        var cold = open("pear-bay");
        assertThat(cold.page().getByTestId("matters")).containsText("What matters most");
        var milestone = cold.button("May be turned out");
        assertThat(milestone)
                .hasAttribute("aria-label", Pattern.compile("\\d\\d:\\d\\d, \\d\\d:\\d\\d to \\d\\d:\\d\\d"));
        milestone.click();
        assertThat(cold.dialog()).containsText("core below 8 °C");
    }

    @Test
    void placesAreAddedDraggedAndUndone() {
        var cold = open("pear-bay");
        assertThat(cold.line()).containsText("the next day");
        cold.button("Add a place").click();
        assertThat(cold.line()).containsText("at service");
        var end = cold.page().getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("End of Fridge"));
        var before = end.getAttribute("aria-valuenow");
        var box = end.boundingBox();
        cold.page().mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        cold.page().mouse().down();
        cold.page().mouse().move(box.x - 300, box.y + box.height / 2);
        cold.page().mouse().up();
        assertThat(end).not().hasAttribute("aria-valuenow", before);
        assertThat(cold.page().getByLabel("Verdicts")).containsText("Served before it is ready");
        cold.button("Leave it").click();
        assertThat(cold.page().getByLabel("Verdicts")).not().containsText("Served before it is ready");
        for (int i = 0; i < 3; i++) {
            cold.page().keyboard().press("Control+z");
        }
        assertThat(cold.line()).containsText("the next day");
    }

    @Test
    void whatIsTypedWronglyIsKeptAndNamed() {
        var cold = open("frozen-pear-dome");
        assertThat(cold.line()).containsText("Frozen through by");
        cold.button("Freezer with a fan, -18 °C").click();
        var stays = cold.page().getByTestId("place").getByLabel("Stays");
        stays.fill("overnight");
        assertThat(cold.line()).containsText("how many?");
        cold.button("16 h until past noon").click();
        assertThat(stays).hasValue("16 h");
        stays.fill("a while");
        assertThat(cold.line()).containsText("Place 1, how long “a while”");
        // The last answer stays on the page.
        assertThat(cold.page().getByTestId("field")).isVisible();
        assertThat(cold.status().first()).hasText("Saved");
        cold.page().reload();
        assertThat(cold.line()).containsText("a while");
        assertThat(cold.page().getByText("The chill follows as soon as")).isVisible();
    }

    @Test
    void otherWaysStandBesideThePresentOneAndTheCheapestIsFoundAndTaken() {
        var cold = open("pear-bay");
        assertThat(cold.line()).containsText("turns out from");
        show(cold, "What if");
        var table = cold.page().getByTestId("what-if");
        assertThat(table).containsText("As it is");
        cold.page()
                .getByLabel("On a cold metal tray", new Page.GetByLabelOptions().setExact(true))
                .check();
        cold.page().getByLabel("Covered with film").check();
        assertThat(table.getByRole(AriaRole.ROW)).hasCount(4);
        cold.field("Done by").fill("17:00");
        cold.button("Cheapest way").click();
        var take = cold.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Take it").setExact(true));
        assertThat(take).isVisible();
        var line = cold.line().textContent();
        take.click();
        assertThat(cold.line()).not().hasText(line);
        assertThat(cold.line()).containsText(Pattern.compile("turns out from 1[5-6]:"));
    }

    @Test
    void atTheTableItSinksOnItsPlate() {
        var cold = open("pear-bay");
        assertThat(cold.line()).containsText("turns out from");
        show(cold, "At the table");
        var plate = cold.page().getByTestId("plate");
        assertThat(plate)
                .hasAttribute("aria-label", Pattern.compile("^0 min out of the cold: stands \\d\\d of 47 mm.*right"));
        cold.page()
                .getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("out of the cold"))
                .fill("120");
        assertThat(plate).hasAttribute("aria-label", Pattern.compile("^120 min.*too soft"));
        cold.field("Room").fill("12 °C");
        assertThat(cold.page().getByText("In a room of 12 °C").first()).isVisible();
    }

    @Test
    void theSlantedGlassIsDrawnAndAWordForWordSummaryIsThere() {
        var cold = open("slanted-tea-glasses");
        assertThat(cold.page().getByTestId("slant"))
                .hasAttribute("aria-label", Pattern.compile("Tilted by \\d\\d degrees"));
        show(cold, "In words");
        var words = cold.page().getByTestId("words");
        assertThat(words).containsText("Quince jelly goes on Smoked tea cream from");
        assertThat(words).containsText("It stands in: Fridge with a fan.");
    }

    @Test
    void aFullFridgeIsSaidInTheAirAndInTheLine() {
        var cold = open("sixty-pear-pots");
        assertThat(cold.line()).containsText("Served before it is ready");
        assertThat(cold.page().getByLabel("Verdicts")).containsText("Too much warm food for the cooler");
        scrubber(cold).fill("60");
        var air = cold.page()
                .getByLabel("At this moment")
                .getByRole(AriaRole.DEFINITION)
                .last();
        assertThat(Double.parseDouble(air.textContent().replaceAll("[^0-9.].*$", "")))
                .isGreaterThan(8);
    }
}
