package com.deftchill.server.document;

import tools.jackson.databind.node.ObjectNode;

/** The gelling agent was called gelatin in version 1. */
final class From1 {
    private From1() {}

    static ObjectNode lifted(ObjectNode document) {
        document.path("components").forEach(component -> {
            if (component instanceof ObjectNode object && object.has("gelatin") && !object.has("gel")) {
                object.set("gel", object.remove("gelatin"));
            }
        });
        return document;
    }
}
