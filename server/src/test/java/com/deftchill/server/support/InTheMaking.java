package com.deftchill.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;

/** A batch that is made step by step, as a device would tell of it. */
public final class InTheMaking {
    private final Api api;
    private final String id = UUID.randomUUID().toString();

    public InTheMaking(Api api, String formula, String by) {
        this.api = api;
        var begun = Api.json().put("id", id).put("formulaId", formula).put("by", by);
        assertThat(api.post("/api/makings", begun.toString()).status()).isEqualTo(201);
    }

    public String id() {
        return id;
    }

    /** Its batch in the log, once it is finished. */
    public String batch() {
        return api.get("/api/makings/" + id).json().at("/batch").asString();
    }

    /** @param at ms since 1970 */
    public void measured(long at, String path, String value) {
        var body = Api.json();
        var event = body.putArray("events")
                .addObject()
                .put("id", UUID.randomUUID().toString())
                .put("at", at)
                .put("kind", "MEASURED")
                .put("step", "0.weigh");
        event.putArray("changes").addObject().put("path", path).put("value", value);
        send(body.toString());
    }

    /** @param at ms since 1970 */
    public void happened(long at, String kind, String step, String text) {
        var body = Api.json();
        body.putArray("events")
                .addObject()
                .put("id", UUID.randomUUID().toString())
                .put("at", at)
                .put("kind", kind)
                .put("step", step)
                .put("text", text);
        send(body.toString());
    }

    private void send(String events) {
        var answer = api.post("/api/makings/" + id + "/events", events);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }
}
