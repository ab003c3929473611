package com.deftchill.e2e;

import com.deftchill.server.support.Door;
import com.deftchill.server.support.RunningServer.Server;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.util.ArrayList;
import java.util.List;

/** A browser's profile of its own, empty at first, with one window or several on the same server. */
final class Browser implements AutoCloseable {
    /** How long a page may take: a shared machine stalls for many seconds, which is no fault of the product. */
    private static final int PATIENCE_MS = 60_000;

    private final BrowserContext context;
    private final String address;
    private final List<String> errors = new ArrayList<>();

    Browser(Server server) {
        this(server, ServiceWorkerPolicy.BLOCK);
    }

    /** @param workers whether the page may keep its shell for when the server is away: only errands about that need it */
    Browser(Server server, ServiceWorkerPolicy workers) {
        address = server.address();
        context = Chromium.ofThisThread()
                .newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setServiceWorkers(workers)
                        .setReducedMotion(ReducedMotion.REDUCE));
        if (!server.session().isEmpty()) {
            context.addCookies(List.of(new Cookie(Door.COOKIE, server.session()).setUrl(address)));
        }
        context.setDefaultTimeout(PATIENCE_MS);
        context.setDefaultNavigationTimeout(PATIENCE_MS);
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    /** A window on an address of the product; errors on its page fail the test at the end. */
    Page window(String path) {
        var page = watched();
        page.navigate(address + path);
        page.waitForSelector("[data-testid=line] p:not(.working)");
        return page;
    }

    /** A new page; its errors, and whatever its policy for contents has stopped, fail the test at the end. */
    private Page watched() {
        var page = context.newPage();
        page.onPageError(errors::add);
        page.onConsoleMessage(message -> {
            if (message.text().contains("Content Security Policy")) {
                errors.add(message.text());
            }
        });
        return page;
    }

    /** Something that every page runs before its own scripts. */
    void first(String script) {
        context.addInitScript(script);
    }

    /** As wide and high as another screen. */
    Page page(String path, int width, int height) {
        var page = page(path);
        page.setViewportSize(width, height);
        return page;
    }

    /** A window on a page without a line. */
    Page page(String path) {
        var page = watched();
        page.navigate(address + path);
        return page;
    }

    @Override
    public void close() {
        context.close();
        if (!errors.isEmpty()) {
            throw new AssertionError("errors on the page: " + errors);
        }
    }
}
