package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** Takes the pictures of docs/screenshots from the demo data: ops/pictures. */
@ExtendWith(RunningServer.class)
@EnabledIfSystemProperty(named = "pictures", matches = "true", disabledReason = "takes pictures; run ops/pictures")
class PicturesTest {
    private static final Path FOLDER = Path.of("../docs/screenshots");

    @Test
    void takeThem(Server server) {
        try (var browser = new Browser(server)) {
            var bench = new Bench(browser.window("/"));
            assertThat(bench.status()).hasText("Saved");
            take(bench, "bench-good");

            bench.button("Why: Firmness").click();
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isVisible();
            take(bench, "evidence");
            bench.page().keyboard().press("Escape");
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isHidden();

            bench.button("Made it").click();
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).containsText("Trembles as it should.");
            take(bench, "log");
            bench.page().keyboard().press("Escape");
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isHidden();

            bench.open("Coconut and sea buckthorn set cream");
            assertThat(bench.line()).containsText("Too soft");
            take(bench, "bench-wrong");
            bench.button("of gelatin instead of 6 g").click();
            assertThat(bench.line()).containsText("stands");
            assertThat(bench.status()).hasText("Saved");
            take(bench, "bench-mended");
        }
    }

    private static void take(Bench bench, String name) {
        bench.page().evaluate("() => { document.activeElement?.blur(); return document.fonts.ready.then(() => true) }");
        bench.page().screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
