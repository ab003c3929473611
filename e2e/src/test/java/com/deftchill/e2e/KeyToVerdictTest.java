package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ObjectNode;

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

    @ParameterizedTest
    @ValueSource(strings = {"pear-bay", "buckthorn-cheesecake", "chestnut-dome", "six components of ten lines"})
    void fromKeyToVerdict(String dessert, Server server) {
        var api = new Api(server);
        var document = dessert.startsWith("six") ? sixOfTen() : Api.demo(dessert);
        var id = api.post("/api/formulas", document.toString()).json().at("/id").asString();
        try (var browser = new Browser(server)) {
            var bench = new Bench(browser.window("/bench/" + id));
            assertThat(bench.line()).containsText("ets by");
            var input = bench.field("Amount of Sugar").elementHandle();
            var took = new double[KEYS];
            for (int n = -WARM_UP; n < KEYS; n++) {
                double ms =
                        ((Number) bench.page().evaluate(ONE_KEY, List.of(input, (55 + (n & 15)) + " g"))).doubleValue();
                if (n >= 0) {
                    took[n] = ms;
                }
            }
            Arrays.sort(took);
            System.out.printf(
                    "key to changed verdict, %s, %d keys: median %.0f ms, p95 %.0f ms, slowest %.0f ms%n",
                    dessert, KEYS, took[KEYS / 2], took[(int) (0.95 * KEYS)], took[KEYS - 1]);
        }
    }

    /** As heavy as a dessert of every day gets: a terrine of six gelled mousses of ten lines each. */
    private static ObjectNode sixOfTen() {
        var document = Api.demo("chestnut-dome");
        var components = document.withArray("/components");
        var mousse = (ObjectNode) components.get(0).deepCopy();
        var lines = mousse.withArray("/lines");
        for (var more : List.of("honey", "salt", "pear-puree", "apple-juice", "barley-tea")) {
            lines.addObject().put("of", more).put("amount", "10 g");
        }
        components.removeAll();
        for (int i = 0; i < 6; i++) {
            var layer = mousse.deepCopy().put("id", "layer-" + i).put("name", "Layer " + i);
            ((ObjectNode) layer.at("/gels/0")).put("amount", 6 + 0.5 * i + " g").put("water", "40 g");
            components.add(layer);
        }
        document.withObject("/moulds").put("of", "spring-tin-230").put("count", "1");
        return document.put("served", "sliced");
    }
}
