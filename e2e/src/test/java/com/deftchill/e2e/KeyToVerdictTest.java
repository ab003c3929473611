package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** Prints how long it takes from a key in an amount to the changed answer on the screen: ops/keys. */
@ExtendWith(RunningServer.class)
@EnabledIfSystemProperty(named = "keys", matches = "true", disabledReason = "measures; run ops/keys")
class KeyToVerdictTest {
    private static final int KEYS = 150;
    private static final int WARM_UP = 50;

    /** Types a digit, waits for the frame that shows the answer to it, and a tenth of a second as between two keys. */
    private static final String ONE_KEY = """
            ([input, text]) => new Promise(done => {
              const answer = document.querySelector('.sheet .section-title small')
              const start = performance.now()
              const seen = new MutationObserver(() => {
                seen.disconnect()
                requestAnimationFrame(() => setTimeout(() => {
                  const took = performance.now() - start
                  setTimeout(() => done(took), 100)
                }))
              })
              seen.observe(answer, { characterData: true, childList: true, subtree: true })
              Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, text)
              input.dispatchEvent(new Event('input', { bubbles: true }))
            })
            """;

    @Test
    void fromKeyToVerdict(Server server) {
        try (var browser = new Browser(server)) {
            var bench = new Bench(browser.window("/"));
            assertThat(bench.line()).containsText("Sets by");
            var input = bench.field("Amount of Sugar").elementHandle();
            var took = new double[KEYS];
            for (int n = -WARM_UP; n < KEYS; n++) {
                double ms =
                        ((Number) bench.page().evaluate(ONE_KEY, List.of(input, (95 + (n & 15)) + " g"))).doubleValue();
                if (n >= 0) {
                    took[n] = ms;
                }
            }
            java.util.Arrays.sort(took);
            System.out.printf(
                    "key to changed verdict, %d keys: median %.0f ms, p95 %.0f ms, slowest %.0f ms%n",
                    KEYS, took[KEYS / 2], took[(int) (0.95 * KEYS)], took[KEYS - 1]);
            bench.field("Amount of Sugar").fill("95 g");
            assertThat(bench.status()).hasText("Saved");
        }
    }
}
