package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;

/** Probe and scale beside the cook: there is one of each, so one errand at a time holds them. */
@ResourceLock("instruments")
class InstrumentErrandsTest extends Errands {
    private WebSocket probe;
    private WebSocket scale;

    @BeforeEach
    void hold() {
        browser.first("localStorage.setItem('deft-chill.simulated', 'true')");
        probe = socket("/probe-1");
        scale = socket("/scale-1");
        tell(probe, "{'do':'misbehave','offset':0,'noise':0,'pulled':false}");
    }

    @AfterEach
    void letGo() {
        tell(probe, "{'do':'misbehave','offset':0,'noise':0.05,'pulled':false}");
        tell(scale, "{'do':'misbehave','load':0}");
        probe.abort();
        scale.abort();
    }

    private WebSocket socket(String path) {
        return HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create(server.instruments() + path), new WebSocket.Listener() {})
                .join();
    }

    private static void tell(WebSocket socket, String command) {
        socket.sendText(command.replace('\'', '"'), true).join();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Page begun(String demo) {
        var page = browser.page(formula(demo));
        button(page, "Make it").click();
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Weigh");
        return page;
    }

    @Test
    void whatLiesOnTheScaleIsTakenAndTheScaleBeginsAgain() {
        var page = begun("chestnut-dome");
        var line = page.getByLabel("Measured: Chestnut puree, sweetened");
        tell(scale, "{'do':'misbehave','load':40}");
        assertThat(page.getByLabel("Instruments")).containsText("40.0 g");
        button(page, "Tare").click();
        assertThat(page.getByLabel("Instruments")).containsText(Pattern.compile("Simulated scale\\s*0\\.0 g"));
        assertThat(page.getByText("On the simulated scale: Chestnut puree, sweetened"))
                .isVisible();
        tell(scale, "{'do':'misbehave','load':130}");
        assertThat(page.getByText("80.0 g to go")).isVisible();
        tell(scale, "{'do':'misbehave','load':211}");
        assertThat(page.getByText("right", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        button(page, "Take it").click();
        assertThat(line).hasValue("171.0 g");
        assertThat(page.getByText("On the simulated scale: Whole milk 3.5 % fat"))
                .isVisible();
        assertThat(page.getByText("80.0 g to go")).isVisible();
    }

    @Test
    void theProbeStandsBesideItsTargetAndIsTaken() {
        tell(probe, "{'do':'follow','curve':[[0,37]],'lag':0.2}");
        var page = begun("chestnut-dome");
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("All steps"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^\\W*Fold")))
                .first()
                .click();
        button(page, "Take 37.0 °C from the probe").click();
        assertThat(page.getByLabel("Measured: base when folded")).hasValue("37.0 °C");
        assertThat(page.getByLabel("What it does")).isVisible();
        tell(probe, "{'do':'misbehave','pulled':true}");
        assertThat(page.getByLabel("Instruments")).containsText("not plugged in");
        page.getByLabel("Measured: base when folded").fill("27 °C");
        page.getByLabel("Measured: base when folded").press("Enter");
        assertThat(page.getByLabel("What it does")).containsText("comes out as planned");
    }

    @Test
    void aProbeThatIsOffIsFoundInIceWaterAndCorrected() {
        tell(probe, "{'do':'misbehave','offset':3}");
        tell(probe, "{'do':'follow','curve':[[0,0]],'lag':0.2}");
        var page = browser.page("/make/instruments");
        button(page, "It shows 3.0 °C").first().click();
        button(page, "Keep it").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("3.0 K too much, which matters");
        assertThat(page.getByLabel("Instruments")).containsText("0.0 °C");
        tell(probe, "{'do':'misbehave','offset':0}");
        button(page, "It shows 0.0 °C").first().click();
        button(page, "Keep it").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("which is little");
        tell(probe, "{'do':'follow','curve':[[0,25]],'lag':0.2}");
        button(page, "It shows 25.0 °C").first().click();
        button(page, "Keep it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("is that ice water?");
    }
}
