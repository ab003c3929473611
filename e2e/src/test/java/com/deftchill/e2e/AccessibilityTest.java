package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** WCAG 2.2 AA as far as axe can tell, on every view. */
@ExtendWith(RunningServer.class)
class AccessibilityTest {
    private static final List<String> RULES = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    @Test
    void everyViewPasses(Server server) {
        try (var browser = new Browser(server)) {
            var bench = new Bench(browser.window("/"));
            check(bench, "the good sample");

            bench.button("Why: Firmness").click();
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isVisible();
            check(bench, "evidence");
            bench.page().keyboard().press("Escape");
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isHidden();

            bench.button("Made it").click();
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isVisible();
            check(bench, "the log");
            bench.page().keyboard().press("Escape");
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isHidden();

            bench.open("Coconut and sea buckthorn set cream");
            assertThat(bench.line()).containsText("Too soft");
            check(bench, "the wrong sample");

            bench.field("How many").fill("no");
            assertThat(bench.line()).containsText("whole number");
            check(bench, "a field not understood");
            bench.field("How many").fill("7");
            assertThat(bench.status()).hasText("Saved");
        }
    }

    private static void check(Bench bench, String view) {
        var violations = new AxeBuilder(bench.page()).withTags(RULES).analyze().getViolations();
        assertThat(violations.stream()
                        .map(v -> v.getId() + ": " + v.getHelp() + " "
                                + v.getNodes().get(0).getHtml())
                        .toList())
                .as(view)
                .isEmpty();
    }
}
