package com.deftchill.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;

/**
 * Debian's headless Chromium: one for each thread of the tests, since Playwright is bound to the thread that uses it, and
 * starting one takes longer than most errands. They end with the test run.
 */
final class Chromium {
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private static final Queue<Playwright> STARTED = new ConcurrentLinkedQueue<>();
    private static final ThreadLocal<Browser> OF_THREAD = ThreadLocal.withInitial(Chromium::started);

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> STARTED.forEach(Playwright::close)));
    }

    private Chromium() {}

    static Browser ofThisThread() {
        if (!OF_THREAD.get().isConnected()) {
            OF_THREAD.remove();
        }
        return OF_THREAD.get();
    }

    private static Browser started() {
        var playwright = Playwright.create(new Playwright.CreateOptions()
                .setEnv(Map.of(
                        "PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD",
                        "1",
                        "PLAYWRIGHT_NODEJS_PATH",
                        System.getenv().getOrDefault("PLAYWRIGHT_NODEJS_PATH", "/usr/bin/node"))));
        STARTED.add(playwright);
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(FLAGS));
    }
}
