package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.TestServer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** The database goes away under a cook at work, and comes back. */
@Execution(ExecutionMode.SAME_THREAD)
class AwayErrandsTest {
    @Test
    void theDatabaseGoesAndComesBackUnderACookAtWork() {
        try (var own = TestServer.fresh()) {
            var api = new Api(own.server());
            var id = api.post("/api/formulas", Api.demo("pear-bay").toString())
                    .json()
                    .at("/id")
                    .asString();
            try (var browser = new Browser(own.server())) {
                var bench = browser.window("/bench/" + id);
                var line = bench.getByTestId("line");
                var before = line.textContent();

                own.stopDatabase();
                bench.getByLabel("Amount of Sugar").fill("140 g");
                assertThat(bench.locator(".state").first())
                        .containsText("the database does not answer. It is kept in this browser");
                // What is computed goes on: the sentence follows what was typed.
                assertThat(line).not().hasText(before);
                assertThat(bench.getByText("cannot be understood")).hasCount(0);

                // A batch that was begun for is not begun twice, however often the page has to ask.
                bench.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Formula ▾"))
                        .click();
                bench.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Copy of this one"))
                        .click();

                own.startDatabase();
                bench.waitForURL(address -> !address.contains(id));
                assertThat(bench.locator(".state").first()).hasText("Saved");
                org.assertj.core.api.Assertions.assertThat(
                                api.get("/api/formulas?search=Pear%20and%20bay%20set%20cream&size=50")
                                        .json()
                                        .at("/formulas"))
                        .filteredOn(f -> f.at("/name").asString().contains("copy"))
                        .hasSize(1);
                bench.navigate(own.server().address() + "/bench/" + id);
                assertThat(bench.getByLabel("Amount of Sugar")).hasValue("140 g");
                assertThat(bench.locator(".state").first()).hasText("Saved");
            }
        }
    }
}
