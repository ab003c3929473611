package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Prints how many frames a second are drawn: the Cold while time is scrubbed, a long day while a step is dragged: ops/scrub. */
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
            print("scrubbing, " + dessert, cold.page().evaluate(SCRUB, FRAMES));
        }
    }

    /** Takes up the first step and carries it to and fro, or scrolls the page; milliseconds between frames, sorted. */
    private static final String DRAG = """
            ([frames, drags]) => new Promise(done => {
              const block = document.querySelector('[data-task$=".fill"]')
              const box = block.getBoundingClientRect()
              const at = by => ({ bubbles: true, button: 0, clientX: box.x + 2 + by, clientY: box.y + 4 })
              if (drags) block.dispatchEvent(new PointerEvent('pointerdown', at(0)))
              const times = []
              const step = now => {
                times.push(now)
                if (drags) window.dispatchEvent(new PointerEvent('pointermove', at(20 + (times.length * 7) % 300)))
                else window.scrollTo(0, (times.length * 9) % 500)
                if (times.length <= frames) return requestAnimationFrame(step)
                window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
                done(times.slice(1).map((t, i) => t - times[i]).sort((a, b) => a - b))
              }
              requestAnimationFrame(step)
            })
            """;

    @Test
    void framesOfALongDay(Server server) {
        var api = new Api(server);
        var plan = (ObjectNode) api.get("/api/plan-starts?zone=UTC").json();
        ((ObjectNode) plan.at("/services/0")).put("on", "2031-03-29");
        plan.put("daysBefore", "2");
        var dishes = (ArrayNode) plan.at("/dishes");
        for (int i = 0; i < 24; i++) {
            var demo = List.of("pear-bay", "buckthorn-cheesecake", "chestnut-dome", "brown-butter-quince")
                    .get(i % 4);
            var formula = api.post("/api/formulas", Api.demo(demo).toString()).json();
            dishes.addObject()
                    .put("id", "d" + i)
                    .put("formula", formula.at("/id").asString())
                    .put("version", 0)
                    .put("service", "s1")
                    .put("count", "4");
        }
        var people = (ArrayNode) plan.at("/people");
        for (int i = 2; i < 6; i++) {
            people.add(((ObjectNode) people.get(0).deepCopy()).put("id", "p" + i));
        }
        ((ObjectNode) plan.at("/coolers/0")).put("shelves", "40");
        var stored = api.post(
                "/api/plans",
                JsonNodeFactory.instance.objectNode().set("document", plan).toString());
        try (var browser = new Browser(server)) {
            var page = browser.page("/day/" + stored.json().at("/id").asString());
            assertThat(page.locator("[data-task]").first()).isVisible();
            assertThat(page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Search")))
                    .containsText("Plan anew");
            long steps = ((Number) page.evaluate(
                            "new Set([...document.querySelectorAll('[data-task]')].map(e => e.dataset.task)).size"))
                    .longValue();
            for (var drags : List.of(false, true)) {
                page.evaluate(DRAG, List.of(60, drags));
                var what = drags ? "a step dragged" : "scrolled";
                print("a day of %d steps, %s".formatted(steps, what), page.evaluate(DRAG, List.of(FRAMES, drags)));
            }
        }
    }

    private static void print(String what, Object times) {
        var gaps = ((List<?>) times)
                .stream().mapToDouble(gap -> ((Number) gap).doubleValue()).toArray();
        System.out.printf(
                "frames: %s, %d frames: %.1f a second, median %.1f ms, p95 %.1f ms, worst %.1f ms%n",
                what,
                FRAMES,
                1000 * gaps.length / Arrays.stream(gaps).sum(),
                gaps[gaps.length / 2],
                gaps[(int) (0.95 * gaps.length)],
                gaps[gaps.length - 1]);
    }
}
