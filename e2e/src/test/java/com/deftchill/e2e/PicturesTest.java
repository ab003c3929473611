package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import com.deftchill.server.support.TestServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
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
            var bench = new Bench(browser.window("/bench"));
            assertThat(bench.status()).hasText("Saved");
            take(bench, "bench-good");

            bench.whyGood("Firmness");
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isVisible();
            bench.page().keyboard().press("Escape");
            assertThat(bench.page().getByRole(AriaRole.DIALOG)).isHidden();

            bench.button("Log a batch").click();
            assertThat(bench.dialog()).containsText("Trembles as it should.");
            close(bench);

            bench.button("swap it…").click();
            assertThat(bench.dialog()).containsText("Agar powder");
            close(bench);

            bench.menu("Earlier states");
            bench.button("First try, too firm").first().click();
            assertThat(bench.dialog()).containsText("18 g");
            close(bench);

            bench.open("Smoked tea and honey glasses");
            assertThat(bench.line()).containsText("Sets by");
            bench.field("Amount of Cream 35 % fat").fill("2 cup or so");
            assertThat(bench.line()).containsText("2 cup or so");
            bench.choose("Spoons and cups", "ask each time");
            bench.field("Amount of Cream 35 % fat").fill("1 3/4 cups");
            assertThat(bench.line()).containsText("whose cup");

            bench.open("Coconut and sea buckthorn set cream");
            assertThat(bench.line()).containsText("Too soft");
            bench.open("Pear and bay set cream");
            assertThat(bench.field("Name of the formula")).hasValue("Pear and bay set cream");
            bench.menu("Method card to print");
            assertThat(bench.page().getByTestId("card")).containsText("Done when");
            bench.page().emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            bench.page().setViewportSize(718, 1016);

            layered(browser);
            cold(browser);
            book(browser);
            day(browser);
            making(browser, server);
            log(browser);
            ladder(browser, new Api(server));
            var larder = new Bench(browser.page("/larder"));
            larder.button("Chestnut puree").click();
            assertThat(larder.page().getByLabel("About it")).containsText("Chestnut");
        }
    }

    private static void day(Browser browser) {
        var day = new Bench(browser.page("/day"));
        day.page().getByText("Saturday at Tideline").click();
        planned(day);
        day.page().locator("[data-task='d4/0.fold']").click();
        assertThat(day.page().getByText("Why not sooner")).isVisible();
        take(day, "day-lanes");
        day.page().getByLabel("Late by, min").fill("25");
        day.button("What then?").click();
        assertThat(day.page().getByText("25 min late")).isVisible();
        day.button("Leave it").click();
        day.button("In words").click();
        assertThat(day.page().getByLabel("The plan in words")).containsText("Turn out");
        day.page().emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        day.page().setViewportSize(718, 1016);
        day.page().evaluate("scrollTo(0, 0)");
        var sunday = new Bench(browser.page("/day"));
        sunday.page().getByText("Sunday lunch").click();
        assertThat(sunday.page().getByLabel("Why it does not fit")).containsText("What would help");
        take(sunday, "day-ways-out");
    }

    private static void log(Browser browser) {
        var log = new Bench(browser.page("/log"));
        var list = log.page().getByLabel("Batches", new Page.GetByLabelOptions().setExact(true));
        assertThat(list.getByRole(AriaRole.IMG)).hasCount(0);
        assertThat(list.getByRole(AriaRole.ARTICLE)).hasCount(8);
        take(log, "log");
        var boxes = list.getByRole(AriaRole.ARTICLE).filter(new Locator.FilterOptions().setHasText("Pear and bay"));
        boxes.nth(0).getByRole(AriaRole.CHECKBOX).check();
        boxes.nth(1).getByRole(AriaRole.CHECKBOX).check();
        log.page().getByText("See 2 side by side").click();
        assertThat(log.page().getByRole(AriaRole.TABLE)).containsText("Standing height");
        var batch = new Bench(browser.page("/log"));
        batch.page()
                .getByRole(AriaRole.ARTICLE)
                .filter(new Locator.FilterOptions().setHasText("Trembles"))
                .getByText("Pear and bay")
                .click();
        assertThat(batch.page().getByLabel("Predicted beside measured")).containsText("Temperature of the core");
        take(batch, "log-batch");
        var numbers = new Bench(browser.page("/log/numbers"));
        assertThat(numbers.page().getByLabel("What it changes")).containsText("Pear and bay");
        take(numbers, "numbers");
        var right = new Bench(browser.page("/log/right"));
        assertThat(right.page().getByLabel("Heights one by one")).isVisible();
        take(right, "right");
    }

    private static void ladder(Browser browser, Api api) {
        var formulas = api.get("/api/formulas?size=200").json().at("/formulas");
        var pear = "";
        for (var formula : formulas) {
            if (formula.at("/name").asString().equals("Pear and bay set cream")) {
                pear = formula.at("/id").asString();
            }
        }
        var wish = Api.json()
                .put("id", UUID.randomUUID().toString())
                .put("formulaId", pear)
                .put("address", "/components/0/gels/0/amount")
                .put("cups", 5)
                .put("step", 1.15)
                .put("cupG", 80)
                .put("by", "Ilke");
        var tasters = List.of("Ilke", "Tomas", "Runa", "Per");
        tasters.forEach(wish.withArray("tasters")::add);
        var laid = api.post("/api/ladders", wish.toString()).json();
        int[][] said = {{3, 5, 4, 2, 1}, {4, 4, 4, 3, 2}, {3, 4, 5, 3, 2}, {4, 5, 3, 2, 1}};
        for (int t = 0; t < said.length; t++) {
            var scores = Api.json().put("taster", tasters.get(t));
            var cups = scores.putObject("scores");
            for (int i = 0; i < said[t].length; i++) {
                cups.put(laid.at("/layout/cups/" + i + "/code").asString(), said[t][i]);
            }
            api.put("/api/ladders/" + laid.at("/id").asString() + "/scores", scores.toString());
        }
        api.post("/api/ladders/" + laid.at("/id").asString() + "/shown", "");
        var ladder = new Bench(browser.page("/log/ladders/" + laid.at("/id").asString()));
        assertThat(ladder.page().getByLabel("What they tell")).containsText("Best at");
        take(ladder, "ladder");
    }

    private static void making(Browser browser, Server server) {
        browser.first("localStorage.setItem('deft-chill.simulated', 'true')");
        var scale = socket(server, "/scale-1");
        var probe = socket(server, "/probe-1");
        scale.sendText("{\"do\":\"misbehave\",\"load\":120.3}", true).join();
        probe.sendText("{\"do\":\"follow\",\"curve\":[[0,33.4]],\"lag\":1}", true)
                .join();
        var other = new Bench(browser.window("/bench"));
        other.open("Pear and bay set cream");
        other.button("Make it").click();
        other.button("Done").click();
        assertThat(other.page().getByLabel("Timers")).containsText("Bloom");
        var make = new Bench(browser.window("/bench"));
        make.open("Chestnut and smoked tea dome");
        make.button("Make it").click();
        make.page().getByLabel("Sugar as written").click();
        make.page().getByLabel("Measured: Egg yolk").fill("29 g");
        make.page().getByLabel("Measured: Egg yolk").press("Enter");
        assertThat(make.page().getByLabel("What it does")).containsText("comes out as planned");
        assertThat(make.page().getByText("49.7 g to go")).isVisible();
        make.page().evaluate("document.querySelector('.body').scrollTo(0, 0)");
        make.button("Done").click();
        assertThat(make.page().getByLabel("Timers")).containsText("Bloom");
        make.page()
                .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("All steps"))
                .getByText("Fold")
                .first()
                .click();
        assertThat(make.page().getByLabel("Instruments")).containsText("33.4 °C");
        make.page().evaluate("scrollTo(0, 0)");
        take(make, "make-probe");
        make.page().getByLabel("Measured: base when folded").fill("45 °C");
        make.page().getByLabel("Measured: base when folded").press("Enter");
        assertThat(make.page().getByLabel("What it does")).containsText("too hot to fold");
        make.page().evaluate("scrollTo(0, 0)");
        take(make, "make-deviation");
        var overview = new Bench(browser.page("/make", 800, 1280));
        assertThat(overview.page().getByLabel("Batches")).containsText("Pear and bay set cream");
        other.page().getByText("Something is wrong").click();
        other.page().getByText("Softer than it should be").click();
        assertThat(other.page().getByLabel("What to do now")).isVisible();
        take(other, "make-rescue");
        scale.abort();
        probe.abort();
    }

    private static WebSocket socket(Server server, String path) {
        return HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create(server.instruments() + path), new WebSocket.Listener() {})
                .join();
    }

    private static void planned(Bench day) {
        assertThat(day.page().getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Search")))
                .containsText("Plan anew");
    }

    private static void book(Browser browser) {
        var book = new Bench(browser.page("/"));
        assertThat(book.page().getByText(Pattern.compile("turns out from")).first())
                .isVisible();
        assertThat(book.page().getByText("being computed")).hasCount(0);
        take(book, "book");
        var begun = new Bench(browser.page("/new"));
        begun.page().getByText("Cheesecake, not baked").click();
        begun.page().getByLabel("Time, such as").fill("19:30");
        assertThat(begun.page().getByText(Pattern.compile("Pour at"))).isVisible();
        assertThat(begun.page().getByLabel("What comes of it")).containsText("slices from 1");
        var recipe = new Bench(browser.page("/recipe"));
        recipe.field("The recipe").fill(RECIPE);
        recipe.button("Read it").click();
        assertThat(recipe.page().getByLabel("What was read")).containsText("values read");
        take(recipe, "recipe-review");
    }

    private static final String RECIPE = """
            Chestnut mousse on a smoked tea jelly

            Serves 6

            For the jelly:
            300 ml smoked tea
            40 g sugar
            2 sheets gold gelatine

            For the chestnut mousse:
            250 g chestnut puree
            100 ml milk
            3 gelatine leaves
            300 ml whipping cream, cold

            Method

            1. Soak the sheets for the jelly in cold water until soft. Heat the tea with the sugar to 60 °C, stir in the squeezed \
            gelatine and cool to 30 °C.
            2. Divide the jelly between six glasses and chill for 2 hours.
            3. Heat the milk to 70 °C, dissolve the soaked, squeezed gelatine for the mousse in it and whisk into the chestnut \
            puree. Leave to cool to 25 °C.
            4. Whip the cream to soft peaks and fold it in.
            5. Spoon the mousse onto the set jelly, hum a tune and chill for 4 hours or overnight.
            """;

    private static void layered(Browser browser) {
        var bench = new Bench(browser.window("/bench"));
        bench.open("Pear, hazelnut and bay verrine");
        assertThat(bench.line()).containsText("Sets by");
        take(bench, "bench-layered");
        bench.open("Hazelnut mousse in two bowls");
        assertThat(bench.line()).containsText("Sets by");
        bench.button("Hazelnut mousse").first().click();
        bench.page().getByLabel("Base when folded").scrollIntoViewIfNeeded();
        bench.page().getByText("over temperature").click();
    }

    private static void cold(Browser browser) {
        var cold = new Bench(browser.page("/cold"));
        assertThat(cold.page().getByTestId("matters")).containsText("What matters most");
        cold.open("Sea buckthorn cheesecake, no bake");
        assertThat(cold.line()).containsText("slices from");
        assertThat(cold.page().getByTestId("matters")).containsText("What matters most");
        cold.page().getByLabel("Time of the chill").fill("70");
        take(cold, "cold-layers");
        cold.open("Pear and bay set cream");
        assertThat(cold.line()).containsText("turns out from 1");
        assertThat(cold.page().getByTestId("matters")).containsText("What matters most");
        cold.page().getByLabel("Time of the chill").fill("118");
        cold.page().getByText("At the table").click();
        assertThat(cold.page().getByTestId("plate")).isVisible();
        cold.page().getByText("What if").click();
        for (var way : new String[] {"On a cold metal tray", "The same cooler set to", "Fridge with a fan"}) {
            cold.page().getByLabel(way).first().check();
        }
        cold.field("Done by").fill("17:00");
        cold.button("Cheapest way").click();
        assertThat(cold.page().getByText("Take it", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(cold.page().getByTestId("what-if").getByRole(AriaRole.ROW)).hasCount(5);
    }

    @Test
    void theDoorAndWhoIsBehindIt(Server server) {
        try (var browser = new Browser(server);
                var outside = new Browser(new Server(server.address(), server.instruments(), ""))) {
            var door = new Bench(outside.page("/sign-in"));
            assertThat(door.button("Sign in")).isVisible();
            take(door, "sign-in");
            Newcomer.invited(server, "COOK", "Rahel");
            new Api(server).post("/api/people/invitations", "{\"role\":\"GUEST\"}");
            var people = new Bench(browser.page("/kitchen/people"));
            assertThat(people.page().getByText("Rahel")).isVisible();
            take(people, "people");
        }
    }

    @Test
    void whatThePageSaysWhileTheDatabaseIsAway() {
        try (var own = TestServer.fresh();
                var browser = new Browser(own.server())) {
            var bench = new Bench(browser.window("/bench"));
            assertThat(bench.status()).hasText("Saved");
            own.stopDatabase();
            bench.field("Amount of Sugar").fill("104 g");
            assertThat(bench.page().locator(".state").first()).containsText("the database does not answer");
            assertThat(bench.page().getByText("The database does not answer just now"))
                    .isVisible();
            take(bench, "database-away");
        }
    }

    /** A card and labels beside each other, as their PDF are. */
    @Test
    void papers(Server server) throws IOException {
        var api = new Api(server);
        var formula = "/api/formulas/"
                + api.post("/api/formulas", Api.demo("pear-bay").toString())
                        .json()
                        .at("/id")
                        .asString();
        var card = page(api.getBytes(formula + "/card.pdf?format=A4"));
        var labels = page(api.getBytes(formula + "/label.pdf?made=2026-11-27T14:00:00&count=8"));
        int gap = 16;
        var both = new BufferedImage(
                card.getWidth() + labels.getWidth() + 3 * gap, card.getHeight() + 2 * gap, BufferedImage.TYPE_INT_RGB);
        var drawn = both.createGraphics();
        drawn.setColor(new Color(0xe8eef0));
        drawn.fillRect(0, 0, both.getWidth(), both.getHeight());
        drawn.drawImage(card, gap, gap, null);
        drawn.drawImage(labels, card.getWidth() + 2 * gap, gap, null);
        drawn.dispose();
        ImageIO.write(both, "png", FOLDER.resolve("papers.png").toFile());
    }

    private static BufferedImage page(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(0, 74);
        }
    }

    private static void close(Bench bench) {
        bench.page().keyboard().press("Escape");
        assertThat(bench.dialog()).isHidden();
    }

    private static void take(Bench bench, String name) {
        bench.page().evaluate("() => { document.activeElement?.blur(); return document.fonts.ready.then(() => true) }");
        bench.page().screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
