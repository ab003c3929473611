package com.deftchill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.RunningServer.Server;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Coming in, being somebody, and going out. */
class DoorErrandsTest extends Errands {
    private Browser outside;

    @BeforeEach
    void standOutside() {
        outside = new Browser(new Server(server.address(), server.instruments(), ""));
    }

    @AfterEach
    void goHome() {
        outside.close();
    }

    private static Locator door(Page page) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sign in"));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void theHeadInvitesACookWhoComesInTriesOutAndIsToldWhatIsNotStored() {
        var people = browser.page("/kitchen/people");
        people.getByLabel("Invite a").selectOption("COOK");
        button(people, "Make a link").click();
        var link = people.locator(".link code").textContent();
        var name = "Rahel " + UUID.randomUUID();

        // Somebody outside sees the door, wherever they wanted to go, and nothing behind it.
        var page = outside.page("/log");
        assertThat(door(page)).isVisible();
        page.navigate(link);
        assertThat(page.getByText("makes, plans, logs")).isVisible();
        page.getByLabel("Your name, as others read it").fill(name);
        page.getByLabel("A password").fill("short");
        button(page, "Come in").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("12 to 128 characters");
        page.getByLabel("A password").fill("whipped to soft peaks");
        button(page, "Come in").click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench")))
                .isVisible();

        // A cook tries on the Bench what is then not stored, and is told so.
        var formula = formula("pear-bay");
        page.navigate(server.address() + formula);
        var sugar = page.getByLabel("Amount of Sugar");
        sugar.fill("120 g");
        sugar.press("Tab");
        assertThat(page.locator(".state").first()).containsText("only a head of this kitchen may change this");

        // Out and in again by name and password, back to where they were going.
        page.navigate(server.address() + "/kitchen/account");
        assertThat(page.getByText("cook of")).isVisible();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("People")))
                .hasCount(0);
        button(page, "Sign out").click();
        page.navigate(server.address() + "/log");
        page.getByLabel("Name").fill(name);
        page.getByLabel("Password").fill("not this one at all");
        button(page, "Sign in").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not belong together");
        page.getByLabel("Password").fill("whipped to soft peaks");
        button(page, "Sign in").click();
        // Not the door's own address, which says where to go then.
        page.waitForURL(Pattern.compile("^[^?]*/log$"));

        // The head lets the cook go: the next question of their page is answered by the door.
        people.reload();
        var row = people.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(name))
                .first();
        row.getByText("leaves", new Locator.GetByTextOptions().setExact(true)).click();
        row.getByText("Yes,").click();
        assertThat(row).hasCount(0);
        page.navigate(server.address() + "/day");
        assertThat(door(page)).isVisible();
    }

    @Test
    void aSessionThatEndsUnderwaySendsToTheDoorAndBackWithWhatWasTyped() {
        var formula = formula("pear-bay");
        var second = Newcomer.invited(server, "HEAD");
        try (var own = new Browser(new Server(server.address(), server.instruments(), second.session()))) {
            var page = own.window(formula);
            // Whatever the page still asks by itself would find the session gone before anything is typed.
            page.waitForLoadState(LoadState.NETWORKIDLE);
            new Api(server).as(second.session()).delete("/api/session");
            // What is typed is asked about at once: the door may be there before any other key is pressed.
            page.getByLabel("Amount of Sugar").fill("111 g");
            assertThat(door(page)).isVisible();
            page.getByLabel("Name").fill(second.name());
            page.getByLabel("Password").fill(second.password());
            button(page, "Sign in").click();
            page.waitForURL(Pattern.compile("^[^?]*" + formula));
            assertThat(page.getByLabel("Amount of Sugar")).hasValue("111 g");
        }
    }

    @Test
    void aPasskeyOfThisDeviceOpensTheDoor() {
        var guest = Newcomer.invited(server, "COOK");
        // A passkey belongs to a name.
        var named =
                new Server(server.address().replace("127.0.0.1", "localhost"), server.instruments(), guest.session());
        try (var own = new Browser(named)) {
            var page = own.page("/kitchen/account");
            var device = page.context().newCDPSession(page);
            device.send("WebAuthn.enable");
            var options = new JsonObject();
            options.addProperty("protocol", "ctap2");
            options.addProperty("transport", "internal");
            options.addProperty("hasResidentKey", true);
            options.addProperty("hasUserVerification", true);
            options.addProperty("isUserVerified", true);
            var wanted = new JsonObject();
            wanted.add("options", options);
            device.send("WebAuthn.addVirtualAuthenticator", wanted);

            page.getByLabel("What this device is called").fill("The bench's tablet");
            button(page, "Add a passkey of this device").click();
            assertThat(page.getByText("The bench's tablet")).isVisible();
            button(page, "Sign out").click();
            button(page, "With a passkey of this device").click();
            page.waitForURL(Pattern.compile("localhost:\\d+/$"));
            page.navigate(named.address() + "/kitchen/account");
            assertThat(page.getByRole(AriaRole.HEADING).first()).hasText(guest.name());
            button(page, "take it away").click();
            assertThat(page.getByText("The bench's tablet")).hasCount(0);
            button(page, "Sign out").click();
            button(page, "With a passkey of this device").click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("of nobody here");
        }
    }
}
