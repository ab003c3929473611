package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/** The settings of the kitchen: while they are changed no other errand asks. */
@ExtendWith(RunningServer.class)
@ResourceLock(KitchenErrandsTest.SETTINGS)
class KitchenErrandsTest {
    static final String SETTINGS = "the settings of the kitchen";

    @Test
    void aSettingOfTheKitchenChangesEveryAnswer(Server server) {
        try (var browser = new Browser(server)) {
            var kitchen = new Bench(browser.page("/kitchen"));
            kitchen.field("Temperature of the room").fill("hot");
            kitchen.button("Save the settings").click();
            assertThat(kitchen.page().getByText("must be").first()).isVisible();
            kitchen.field("Temperature of the room").fill("21 °C");
            kitchen.choose("Temperatures", "°F");
            kitchen.button("Save the settings").click();
            assertThat(kitchen.status()).containsText("Saved");
            try {
                var bench = new Bench(browser.window("/bench"));
                assertThat(bench.page().getByText("warmest point, °F")).isVisible();
                assertThat(bench.page().getByLabel("Verdicts")).containsText("°F");
            } finally {
                kitchen.choose("Temperatures", "°C");
                kitchen.button("Save the settings").click();
                assertThat(kitchen.status()).containsText("Saved");
            }
        }
    }
}
