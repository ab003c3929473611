package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceAccessMode;
import org.junit.jupiter.api.parallel.ResourceLock;

/** WCAG 2.2 AA as far as axe can tell, on every view. */
@Execution(ExecutionMode.CONCURRENT)
@ExtendWith(RunningServer.class)
@ResourceLock(value = KitchenErrandsTest.SETTINGS, mode = ResourceAccessMode.READ)
class AccessibilityTest {
    private static final List<String> RULES = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    /** What passes is not described: that would take longer than finding out. */
    private static final AxeRunOptions VIOLATIONS = violations();

    private static AxeRunOptions violations() {
        var options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return options;
    }

    @Test
    void everyViewPasses(Server server) {
        try (var browser = new Browser(server)) {
            var bench = new Bench(browser.window("/bench"));
            check(bench, "the good sample");

            bench.whyGood("Firmness");
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isVisible();
            check(bench, "evidence");
            bench.page().keyboard().press("Escape");
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isHidden();

            bench.button("Log a batch").click();
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isVisible();
            check(bench, "the log");
            bench.page().keyboard().press("Escape");
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isHidden();

            for (var opener : List.of("swap it…", "scale to…")) {
                bench.button(opener).click();
                assertThat(bench.dialog()).containsText(Pattern.compile("why"));
                check(bench, opener);
                bench.page().keyboard().press("Escape");
                assertThat(bench.dialog()).isHidden();
            }
            bench.button("Formula ▾").click();
            assertThat(bench.page().getByRole(AriaRole.MENU)).isVisible();
            check(bench, "the menu of the Bench");
            bench.page()
                    .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Earlier states"))
                    .click();
            assertThat(bench.dialog()).containsText("What it does");
            check(bench, "earlier states");
            bench.page().keyboard().press("Escape");
            assertThat(bench.dialog()).isHidden();

            bench.open(named(server, "coconut-sea-buckthorn", "Coconut to be looked at"));
            assertThat(bench.line()).containsText("Too soft");
            check(bench, "the wrong sample");

            bench.field("How many").fill("no");
            assertThat(bench.line()).containsText("whole number");
            check(bench, "a field not understood");
            bench.field("How many").fill("7");
            assertThat(bench.status()).hasText("Saved");
        }
    }

    /** A formula of its own: the samples are opened and changed by others meanwhile. */
    private static String named(Server server, String demo, String name) {
        new Api(server).post("/api/formulas", Api.demo(demo).put("name", name).toString());
        return name;
    }

    /** The Book, one of its long lists open, its menu and its sheets. */
    private static void book(Browser browser, String name) {
        var book = new Bench(browser.page("/"));
        assertThat(book.page().getByText(Pattern.compile("turns out from")).first())
                .isVisible();
        check(book, "the Book");
        book.page()
                .getByLabel("Kind", new Page.GetByLabelOptions().setExact(true))
                .fill("mou");
        assertThat(book.options()).hasCount(1);
        check(book, "a long list, searched");
        book.page().keyboard().press("Escape");
        // Only what is in sight is drawn.
        book.page().getByLabel("Search the Book").fill(name);
        assertThat(book.page().getByRole(AriaRole.STATUS)).hasText("1 formula like that");
        book.button("More for " + name).click();
        check(book, "the menu of a formula");
        book.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Tags…"))
                .click();
        assertThat(book.dialog()).containsText("A new tag");
        check(book, "tags");
        var begun = new Bench(browser.page("/new"));
        assertThat(begun.page().getByLabel("What comes of it")).containsText("Sets by");
        check(begun, "a new dessert");
        var recipe = new Bench(browser.page("/recipe"));
        recipe.button("take the example").click();
        recipe.button("Read it").click();
        assertThat(recipe.page().getByLabel("What was read")).containsText("values read");
        check(recipe, "a recipe looked over");
    }

    @Test
    void everyStationPasses(Server server) {
        try (var browser = new Browser(server)) {
            var larder = new Bench(browser.page("/larder"));
            assertThat(larder.page().getByLabel("About it")).containsText("Water");
            check(larder, "the larder");
            larder.button("Add your own").click();
            assertThat(larder.field("Name")).isVisible();
            check(larder, "an own ingredient");
            var moulds = new Bench(browser.page("/larder/moulds"));
            assertThat(moulds.page().getByLabel("About it")).containsText("Volume to the brim");
            check(moulds, "the moulds");
            var kitchen = new Bench(browser.page("/kitchen"));
            assertThat(kitchen.field("Name")).hasValue("Tideline");
            check(kitchen, "the kitchen");
            var sums = new Bench(browser.page("/sums"));
            assertThat(sums.page().getByLabel("Answer")).containsText("instead of");
            check(sums, "the sums");
        }
    }

    @Test
    void theBookPasses(Server server) {
        try (var browser = new Browser(server)) {
            book(browser, named(server, "pear-bay", "Pear glimpsed"));
        }
    }

    @Test
    void theColdPasses(Server server) {
        try (var browser = new Browser(server)) {
            cold(browser);
        }
    }

    @Test
    void everySheetOfALayeredDessertPasses(Server server) {
        try (var browser = new Browser(server)) {
            var layered = new Bench(browser.window("/bench"));
            layered.open(named(server, "pear-hazelnut-verrine", "Verrine to be looked at"));
            assertThat(layered.line()).containsText("Sets by");
            check(layered, "a layered dessert");
            layered.menu("Method and notes, in your words");
            assertThat(layered.dialog()).containsText("hands");
            check(layered, "the method");
            layered.page().keyboard().press("Escape");
            assertThat(layered.dialog()).isHidden();
            layered.button("paste a list…").click();
            layered.dialog().getByLabel("The list").fill("2 T sugar");
            layered.button("Read it").click();
            assertThat(layered.dialog()).containsText("which?");
            check(layered, "a pasted list");
            var bench = new Bench(browser.window("/bench"));
            bench.menu("Method card to print");
            assertThat(bench.page().getByTestId("card")).containsText("Done when");
            check(bench, "the card");
        }
    }

    @Test
    void theDoorPasses(Server server) {
        var secret = new Api(server)
                .post("/api/people/invitations", "{\"role\":\"GUEST\"}")
                .json()
                .at("/secret")
                .asString();
        try (var outside = new Browser(new Server(server.address(), server.instruments(), ""));
                var browser = new Browser(server)) {
            for (var path : List.of("/sign-in", "/invited/" + secret)) {
                var page = new Bench(outside.page(path));
                assertThat(page.page().locator("h1")).isVisible();
                check(page, path);
            }
            for (var path : List.of("/kitchen/people", "/kitchen/account")) {
                var page = new Bench(browser.page(path));
                assertThat(page.page().locator("h2").first()).isVisible();
                check(page, path);
            }
        }
    }

    @Test
    void theLogPasses(Server server) {
        try (var browser = new Browser(server)) {
            var log = new Bench(browser.page("/log"));
            assertThat(log.page().getByRole(AriaRole.ARTICLE).first()).isVisible();
            check(log, "the log");
            log.page().getByText("As a calendar").click();
            assertThat(log.page().getByLabel("Calendar")).isVisible();
            check(log, "the calendar");
            log.page().getByText("only this").first().click();
            assertThat(log.page().getByLabel("Its history")).isVisible();
            check(log, "the history of a dessert");
            log.page().getByText("Its trials as a tree").click();
            assertThat(log.page().getByText("as it is now").first()).isVisible();
            check(log, "trials");
            log.page().getByRole(AriaRole.MAIN).getByText("Nov").first().click();
            assertThat(log.page().getByText("All of it is stored.")).isVisible();
            check(log, "a batch");
            for (var path : List.of("/log/numbers", "/log/right", "/log/ladders")) {
                var page = new Bench(browser.page(path));
                assertThat(page.page().locator("h2").first()).isVisible();
                check(page, path);
            }
        }
    }

    @Test
    void theDayPasses(Server server) {
        try (var browser = new Browser(server)) {
            var day = new Bench(browser.page("/day"));
            assertThat(day.page().getByLabel("Plans", new Page.GetByLabelOptions().setExact(true)))
                    .containsText("Saturday");
            check(day, "the plans");
            day.page().getByText("Saturday at Tideline").click();
            assertThat(day.page().getByTestId("line")).containsText("ready in time");
            day.page().locator("[data-task]").first().click();
            assertThat(day.page().getByText("Why not sooner")).isVisible();
            check(day, "lanes and a step");
            for (var view : List.of("In words", "Fetch and weigh", "What is wished for")) {
                day.button(view).click();
                check(day, view);
            }
        }
    }

    @Test
    void makingPasses(Server server) {
        try (var browser = new Browser(server)) {
            var bench = new Bench(browser.window("/bench"));
            bench.open(named(server, "chestnut-dome", "Dome in the making"));
            bench.button("Make it").click();
            assertThat(bench.page().getByLabel("Measured: Sugar").first()).isVisible();
            check(bench, "a step that is weighed");
            bench.button("Finish").click();
            bench.page().getByLabel("Measured: Sugar").first().fill("200 g");
            bench.page().getByLabel("Measured: Sugar").first().press("Enter");
            assertThat(bench.page().getByLabel("What it does")).isVisible();
            check(bench, "a deviation and the end of a batch");
            var overview = new Bench(browser.page("/make"));
            assertThat(overview.page().getByLabel("Batches")).containsText("Dome in the making");
            check(overview, "all batches in the making");
            browser.first("localStorage.setItem('deft-chill.simulated', 'true')");
            for (var path : List.of("/make/cues", "/make/instruments")) {
                var page = new Bench(browser.page(path));
                assertThat(page.page().locator("h1")).isVisible();
                check(page, path);
            }
            bench.page().getByText("Something is wrong").click();
            assertThat(bench.page().getByText("What do you see?")).isVisible();
            check(bench, "what can be seen");
            bench.page().getByText("It weeps").click();
            assertThat(bench.page().getByLabel("What to do now")).isVisible();
            check(bench, "what went wrong");
        }
    }

    @Test
    void whatIsWrongIsFound(Server server) {
        try (var browser = new Browser(server)) {
            var kitchen = new Bench(browser.page("/kitchen"));
            assertThat(kitchen.field("Name")).hasValue("Tideline");
            kitchen.page().evaluate("document.body.append(document.createElement('input'))");
            assertThat(violations(kitchen)).singleElement().asString().startsWith("label");
        }
    }

    private static void cold(Browser browser) {
        var cold = new Bench(browser.page("/cold"));
        assertThat(cold.page().getByTestId("matters")).containsText("What matters most");
        check(cold, "the Cold");
        cold.button("Fridge with still air").click();
        assertThat(cold.page().getByTestId("place")).isVisible();
        check(cold, "a place");
        cold.page().getByText("At the table").click();
        assertThat(cold.page().getByTestId("plate")).isVisible();
        check(cold, "the table");
        cold.page().getByText("What if").click();
        assertThat(cold.page().getByTestId("what-if")).containsText("As it is");
        check(cold, "what if");
    }

    private static void check(Bench bench, String view) {
        assertThat(violations(bench)).as(view).isEmpty();
    }

    /** In the page itself: there are no frames, whose findings would be put together in a window of their own. */
    private static List<String> violations(Bench bench) {
        var violations = new AxeBuilder(bench.page())
                .setLegacyMode(true)
                .options(VIOLATIONS)
                .withTags(RULES)
                .analyze()
                .getViolations();
        return violations.stream()
                .map(v -> v.getId() + ": " + v.getHelp() + " "
                        + v.getNodes().get(0).getHtml())
                .toList();
    }
}
