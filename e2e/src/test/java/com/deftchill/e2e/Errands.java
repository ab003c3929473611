package com.deftchill.e2e;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceAccessMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;

/** What every errand begins and ends with: a browser of its own, and formulas of its own made from the samples. */
@ExtendWith(RunningServer.class)
@ResourceLock(value = KitchenErrandsTest.SETTINGS, mode = ResourceAccessMode.READ)
abstract class Errands {
    Browser browser;
    Api api;
    Server server;

    @BeforeEach
    void open(Server server) {
        this.server = server;
        browser = new Browser(server);
        api = new Api(server);
    }

    @AfterEach
    void close() {
        browser.close();
    }

    /** The address of a new formula made from a sample. */
    String formula(String demo) {
        return formula(Api.demo(demo));
    }

    /** The address of a new formula. */
    String formula(JsonNode document) {
        return "/bench/"
                + api.post("/api/formulas", document.toString())
                        .json()
                        .at("/id")
                        .asString();
    }
}
