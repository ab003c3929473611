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

/** Prints how many frames a second the Cold draws while time is scrubbed: ops/scrub. */
@ExtendWith(RunningServer.class)
@EnabledIfSystemProperty(named = "scrub", matches = "true", disabledReason = "measures; run ops/scrub")
class ScrubbingTest {
    private static final int FRAMES = 300;

    /** Moves the scrubber far in every frame; milliseconds between frames, sorted. */
    private static final String SCRUB = """
            frames => new Promise(done => {
              const slider = document.querySelector('input[type=range][aria-label="Time of the chill"]')
              const times = []
              const step = now => {
                times.push(now)
                slider.value = String(Math.round(Number(slider.max) * ((times.length * 7) % frames) / frames))
                slider.dispatchEvent(new Event('input', { bubbles: true }))
                if (times.length <= frames) requestAnimationFrame(step)
                else done(times.slice(1).map((t, i) => t - times[i]).sort((a, b) => a - b))
              }
              requestAnimationFrame(step)
            })
            """;

    @ParameterizedTest
    @ValueSource(strings = {"pear-bay", "buckthorn-cheesecake", "chestnut-rum", "frozen-pear-dome"})
    void framesASecond(String dessert, Server server) {
        var api = new Api(server);
        var id = api.post("/api/formulas", Api.demo(dessert).toString())
                .json()
                .at("/id")
                .asString();
        try (var browser = new Browser(server)) {
            var cold = new Bench(browser.window("/cold/" + id));
            assertThat(cold.page().getByTestId("matters")).isVisible();
            cold.page().evaluate(SCRUB, 60);
            var gaps = ((List<?>) cold.page().evaluate(SCRUB, FRAMES))
                    .stream().mapToDouble(gap -> ((Number) gap).doubleValue()).toArray();
            double sum = Arrays.stream(gaps).sum();
            System.out.printf(
                    "scrubbing, %s, %d frames: %.1f a second, median %.1f ms, p95 %.1f ms, worst %.1f ms%n",
                    dessert,
                    FRAMES,
                    1000 * gaps.length / sum,
                    gaps[gaps.length / 2],
                    gaps[(int) (0.95 * gaps.length)],
                    gaps[gaps.length - 1]);
        }
    }
}
