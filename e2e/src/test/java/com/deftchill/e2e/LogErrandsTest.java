package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.Api;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** What came out: written at the pass, found again, put side by side; and a ladder tasted blind. */
class LogErrandsTest extends Errands {
    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A batch of a sample under a name of its own, at its page. */
    private Page batch(String name, String outcome) {
        var address = formula("pear-bay");
        var id = address.replaceAll(".*/bench/", "").replaceAll("[?#].*", "");
        var made = Api.json()
                .put("madeOn", "2026-05-03")
                .put("pouredAt", "14:00")
                .put("outcome", outcome)
                .put("note", name);
        made.set("document", Api.demo("pear-bay"));
        var logged =
                api.post("/api/formulas/" + id + "/batches", made.toString()).json();
        return browser.page("/log/" + logged.at("/id").asString());
    }

    private static void stored(Page page) {
        assertThat(page.getByText("All of it is stored.")).isVisible();
    }

    private static byte[] photo() {
        try {
            var out = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "jpg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aBatchIsWrittenAtThePassAndCorrectedLater() {
        var page = batch("before the rush", "CLEAN");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Outcome"))
                .getByText("small divots")
                .click();
        page.getByLabel("Heights by ruler, mm").fill("41 40,5 fortytwo");
        page.getByLabel("Heights by ruler, mm").press("Tab");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not “fortytwo”");
        assertThat(page.getByText("The rest is stored.")).isVisible();
        page.getByLabel("Heights by ruler, mm").fill("41 40,5 42 mm");
        page.getByLabel("Heights by ruler, mm").press("Tab");
        page.getByLabel("Lot of Gold sheets (200 Bloom)").fill("T-9");
        page.getByLabel("Lot of Gold sheets (200 Bloom)").press("Tab");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Wobble"))
                .getByText("4")
                .click();
        stored(page);
        page.getByLabel("Photos").locator("input[type=file]").setInputFiles(new FilePayload[] {
            new FilePayload("plated.jpg", "image/jpeg", photo()),
            new FilePayload("menu.jpg", "image/jpeg", "no picture".getBytes(StandardCharsets.UTF_8))
        });
        assertThat(page.getByLabel("Photos").locator("img")).hasCount(1);
        assertThat(page.getByLabel("Photos").getByRole(AriaRole.ALERT)).containsText("menu.jpg: it must be a picture");

        page.reload();
        assertThat(page.getByLabel("Heights by ruler, mm")).hasValue("41  40.5  42");
        assertThat(page.getByLabel("Lot of Gold sheets (200 Bloom)")).hasValue("T-9");
        assertThat(page.getByLabel("Predicted beside measured")).containsText("41.2 mm");
        var note = page.getByLabel("Note", new Page.GetByLabelOptions().setExact(true));
        note.fill("typed, and put away");
        assertThat(page.getByText("Being stored")).isVisible();
        stored(page);
        page.reload();
        assertThat(note).hasValue("typed, and put away");
        page.getByText("what was there before").click();
        assertThat(page.getByText("before the rush").last()).isVisible();
        assertThat(page.locator("details", new Page.LocatorOptions().setHasText("until")))
                .containsText("clean");
    }

    @Test
    void aProbesLogIsLookedAtBeforeItIsTaken() {
        var page = batch("probed", "CLEAN");
        var log = "time;Temp °C\n14:30;21,5\n15:00;14,0\nlater;9\n16:00;8,2\n22:00;4,4\n";
        page.getByLabel("Measured", new Page.GetByLabelOptions().setExact(true))
                .locator("input[type=file]")
                .setInputFiles(new FilePayload("probe.csv", "text/csv", log.getBytes(StandardCharsets.UTF_8)));
        var review = page.getByLabel("The probe's log");
        assertThat(review).containsText("4 readings");
        assertThat(review).containsText("Line 4 is left out, its time cannot be read");
        button(page, "Take these").click();
        stored(page);
        assertThat(page.getByLabel("Predicted beside measured")).containsText("after 480 min");
    }

    @Test
    void aBatchIsFoundAndPutBesideAnother() {
        batch("the brandy was left out, xq7", "CLEAN");
        batch("as ever, xq7", "TORN");
        var page = browser.page("/log");
        page.getByRole(AriaRole.SEARCHBOX).fill("xq7");
        var list = page.getByLabel("Batches", new Page.GetByLabelOptions().setExact(true));
        assertThat(list.getByRole(AriaRole.ARTICLE)).hasCount(2);
        page.getByLabel("Outcome").selectOption("TORN");
        assertThat(list.getByRole(AriaRole.ARTICLE)).hasCount(1);
        assertThat(page).hasURL(Pattern.compile("outcome=TORN"));
        page.getByLabel("Outcome").selectOption("");
        assertThat(list.getByRole(AriaRole.ARTICLE)).hasCount(2);
        for (var box : list.getByRole(AriaRole.CHECKBOX).all()) {
            box.check();
        }
        page.getByText("See 2 side by side").click();
        assertThat(page.getByRole(AriaRole.TABLE)).containsText("nothing that is written");
        assertThat(page.getByRole(AriaRole.TABLE)).containsText("the brandy was left out");
    }

    @Test
    void aLadderIsTastedBlindAndItsBestTakenIntoTheFormula() {
        var address = formula("pear-bay");
        var id = address.replaceAll(".*/bench/", "").replaceAll("[?#].*", "");
        var name = "Ladder " + UUID.randomUUID().toString().substring(0, 6);
        var stored = api.get("/api/formulas/" + id).json();
        var document = ((ObjectNode) stored.at("/document")).put("name", name);
        var save = Api.json().put("version", stored.at("/version").asLong());
        save.set("document", document);
        Assertions.assertThat(api.put("/api/formulas/" + id, save.toString()).status())
                .isEqualTo(200);
        var page = browser.page("/log/ladders");
        assertThat(new Bench(page).field("Dessert")).hasAttribute("role", "combobox");
        new Bench(page).choose("Dessert", name);
        page.getByLabel("Who tastes").fill("Ilke, Tomas, Runa");
        button(page, "Lay it out").click();
        assertThat(page.getByLabel("The cups").getByRole(AriaRole.LISTITEM)).hasCount(5);
        assertThat(page.getByLabel("The cups")).containsText("14 g");
        var codes = page.getByLabel("The cups").locator(".code").allInnerTexts();

        button(page, "Taste").click();
        int[] scores = {4, 5, 4, 2, 1};
        for (var taster : new String[] {"Ilke", "Tomas", "Runa"}) {
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Taster"))
                    .getByText(taster)
                    .click();
            for (int i = 0; i < scores.length; i++) {
                page.getByLabel("Cup " + codes.get(i))
                        .getByText(String.valueOf(scores[i]), new Locator.GetByTextOptions().setExact(true))
                        .click();
            }
            assertThat(page.getByRole(AriaRole.STATUS)).containsText("Stored.");
        }
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("All have tasted.");
        button(page, "Show which is which").click();
        button(page, "Show it").click();
        var told = page.getByLabel("What they tell");
        assertThat(told)
                .containsText(
                        Pattern.compile(
                                "Best at 11\\.\\d g; it lies below 12\\.\\d g with 90 %, and may lie below the lowest cup, 10\\.6 g\\."));
        told.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("Take 11")))
                .click();
        assertThat(page).hasURL(Pattern.compile("/bench/" + id));
        assertThat(new Bench(page).field("Dose")).hasValue(Pattern.compile("11\\.\\d g"));
    }
}
