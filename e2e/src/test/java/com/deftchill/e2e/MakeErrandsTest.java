package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
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
        page.getByLabel(Pattern.compile("^Lot of Gold sheets")).fill("L-77");
        page.getByLabel(Pattern.compile("^Lot of Gold sheets")).press("Tab");
        page.getByLabel("Measured: Sugar").fill("83 g");
        page.getByLabel("Measured: Sugar").press("Enter");
        button(page, "Done").click();
        assertThat(page.getByLabel("Timers")).containsText("Bloom");
        says(page, "Saved");

        page.reload();
        assertThat(page.getByLabel("Timers")).containsText("Bloom");
        rail(page, "Weigh").click();
        assertThat(page.getByLabel("Measured: Sugar")).hasValue("83 g");
        assertThat(page.getByLabel("Pear puree cooked as written")).hasAttribute("aria-pressed", "true");

        button(page, "Finish").click();
        var portions = page.getByLabel("Turning out");
        portions.getByText("torn").click();
        assertThat(portions).containsText("Portion 2:");
        portions.getByText("clean", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(portions.getByLabel("Portions")).containsText("torn");
        page.getByLabel("How it came out").getByText("clean").click();
        page.getByLabel("Standing height by ruler, mm").fill("tall");
        button(page, "Put it in the log").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("such as 44 mm");
        page.getByLabel("Standing height by ruler, mm").fill("42,5 mm");
        button(page, "Put it in the log").click();
        assertThat(page).hasURL(Pattern.compile("/log/"));
        assertThat(page.getByLabel("Heights by ruler, mm")).hasValue("42.5");
        var batch = page.url().replaceAll(".*/log/", "").replaceAll("[?#].*", "");
        var id = api.get("/api/log/batches/" + batch).json().at("/formulaId").asString();
        var log = api.get("/api/formulas/" + id + "/batches").json();
        assertThat(log.at("/batches/0/standingMm").asDouble()).isEqualTo(42.5);
        assertThat(log.at("/total").asInt()).isEqualTo(1);
        assertThat(log.at("/batches/0/note").asString()).contains("lot L-77", "1 portion torn");
    }

    /** A stand-in shows nothing that could be taken for a measurement before somebody asks for it. */
    @Test
    void simulatedInstrumentsAreOffUntilSwitchedOnAndMarked() {
        var page = begun("pear-bay");
        rail(page, "Heat").click();
        assertThat(step(page)).containsText("Heat");
        assertThat(page.getByLabel("Instruments")).hasCount(0);
        assertThat(step(page)).not().containsText("probe");
        page.navigate(page.url().replaceAll("/make/.*", "/make/instruments"));
        assertThat(page.getByLabel("Instruments")).hasCount(0);
        page.getByLabel("Use the simulated probe and scale on this device").check();
        assertThat(page.getByLabel("Instruments")).containsText("Simulated probe");
        assertThat(page.getByLabel("Instruments")).containsText("Simulated scale");
        page.goBack();
        assertThat(page.getByLabel("Instruments")).containsText("Simulated probe");
    }

    @Test
    void aReloadWhileTheServerIsAwayGoesOn() {
        try (var kept = new Browser(server, ServiceWorkerPolicy.ALLOW)) {
            var page = kept.page(formula("pear-bay"));
            button(page, "Make it").click();
            assertThat(step(page)).containsText("Weigh");
            // The first session of a device: nothing was asked before but this batch.
            page.waitForCondition(() -> (boolean) page.evaluate("navigator.serviceWorker.controller !== null"));
            page.context().setOffline(true);
            page.reload();
            assertThat(step(page)).containsText("Weigh");
            button(page, "Done").click();
            says(page, "1 entry waits to be sent");
            assertThat(page.getByLabel("Timers")).containsText("Bloom");
            page.reload();
            says(page, "1 entry waits to be sent");
            assertThat(rail(page, "Weigh")).containsText("✓");
            assertThat(step(page)).containsText("Heat");
            button(page, "Begin").click();
            assertThat(page.getByLabel("Timers")).containsText("Heat");
            button(page, "Done").click();
            assertThat(rail(page, "Heat")).containsText("✓");
            button(page, "Undo").click();
            assertThat(rail(page, "Heat")).not().containsText("✓");
            button(page, "Done").click();
            page.reload();
            assertThat(rail(page, "Heat")).containsText("✓");
            page.context().setOffline(false);
            says(page, "Saved");
            assertThat(rail(page, "Heat")).containsText("✓");
            assertThat(page.getByLabel("Timers")).containsText("Bloom");
        }
    }

    @Test
    void itCallsOutSpeaksAndKeepsTheScreenAwake() {
        browser.first("""
                window.calls = []
                const told = (name) => (what) => { window.calls.push(name + ' ' + what) }
                speechSynthesis.speak = (u) => told('speak')(u.text)
                const wake = { request: async (what) => { told('wake')(what); return { released: false, release: async () => {},
                  addEventListener() {}, removeEventListener() {} } } }
                Object.defineProperty(navigator, 'wakeLock', { configurable: true, get: () => wake })
                const start = OscillatorNode.prototype.start
                OscillatorNode.prototype.start = function (at) { told('tone')(this.frequency.value); return start.call(this, at) }
                """);
        var page = begun("pear-bay");
        button(page, "Read it out").click();
        assertThat(calls(page)).contains("wake screen").anyMatch(call -> call.startsWith("speak Weigh"));
        var id = page.url().replaceAll(".*/make/", "");
        long hour = Instant.now().minusSeconds(3600).toEpochMilli();
        happened(id, "ENDED", "0.weigh", hour);
        happened(id, "ENDED", "0.bloom", hour + 1000);
        happened(id, "BEGAN", "0.heat", hour + 2000);
        page.waitForCondition(() -> calls(page).stream().anyMatch(call -> call.startsWith("tone")));
        // After a reload what fell due before is called out again.
        page.reload();
        page.waitForCondition(() -> calls(page).stream().anyMatch(call -> call.startsWith("tone")));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("is due");
    }

    @SuppressWarnings("unchecked")
    private static List<String> calls(Page page) {
        return (List<String>) page.evaluate("window.calls");
    }

    private void happened(String making, String kind, String step, long at) {
        var event = "{\"events\":[{\"id\":\"%s\",\"at\":%d,\"kind\":\"%s\",\"step\":\"%s\",\"text\":\"\"}]}"
                .formatted(UUID.randomUUID(), at, kind, step);
        assertThat(api.post("/api/makings/" + making + "/events", event).status())
                .isEqualTo(200);
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
        says(page, "Saved");
        assertThat(rail(other, "Heat")).containsText("✓");
    }
}
