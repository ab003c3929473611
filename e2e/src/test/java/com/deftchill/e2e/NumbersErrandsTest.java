package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/** The kitchen accepts its own numbers and goes back: alone, since they are everybody's. */
@ExtendWith(RunningServer.class)
@ResourceLock(KitchenErrandsTest.SETTINGS)
class NumbersErrandsTest {
    @Test
    void whatTheLogTellsIsAcceptedSeenOnTheBenchAndGoneBackFrom(Server server) {
        try (var browser = new Browser(server)) {
            var page = browser.page("/log/numbers");
            var told = page.getByLabel("What the log tells");
            assertThat(told).containsText("Fridge with still air: warmer than it says");
            assertThat(told).containsText("lot T-2207: strength");
            assertThat(page.getByLabel("What it changes")).containsText("Pear and bay set cream");
            assertThat(page.getByLabel("Readings that stand out")).containsText("24 mm");
            told.getByRole(AriaRole.BUTTON).first().click();
            assertThat(page.getByLabel("Accepted sets")).containsText(Pattern.compile("Set \\d+ holds"));

            page.getByLabel("What it changes")
                    .getByText("Pear and bay set cream")
                    .first()
                    .click();
            var notice = page.getByLabel("Own numbers");
            assertThat(notice).containsText("own numbers, set");
            notice.getByRole(AriaRole.BUTTON).click();
            assertThat(notice).containsText("By the handbook it sets after");

            page.goBack();
            page.getByText("Go back to the handbook").click();
            assertThat(page.getByLabel("Accepted sets")).containsText("The handbook’s numbers hold");
            var right = browser.page("/log/right");
            assertThat(right.getByRole(AriaRole.TABLE)).containsText("Standing height");
            assertThat(right.getByLabel("Heights one by one")
                            .getByRole(AriaRole.LISTITEM)
                            .first())
                    .containsText("mm");
        }
    }
}
