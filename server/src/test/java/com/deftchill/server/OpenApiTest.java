package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.RunningServer.Server;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** The web client's types are generated from the committed description, which must be the server's own. */
@Asking
class OpenApiTest {
    private static final Path COMMITTED = Path.of("../web/src/api/openapi.json");

    @Test
    void theCommittedDescriptionIsCurrent(Server server) throws IOException {
        var json = JsonMapper.builder().build();
        var current = new Api(server).get("/v3/api-docs").json();
        if (Boolean.getBoolean("updateApi")) {
            Files.writeString(COMMITTED, json.writerWithDefaultPrettyPrinter().writeValueAsString(current) + "\n");
        }
        assertThat(json.readTree(Files.readString(COMMITTED)))
                .as("web/src/api/openapi.json is stale: run ops/update-api")
                .isEqualTo(current);
    }
}
