package com.deftchill.server.document;

import tools.jackson.databind.node.ObjectNode;

/** Version 3 only added fields: every document of version 2 is one of version 3. */
final class From2 {
    private From2() {}

    static ObjectNode lifted(ObjectNode document) {
        return document;
    }
}
