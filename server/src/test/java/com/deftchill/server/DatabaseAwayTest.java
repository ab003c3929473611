package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.TestServer;
import com.deftchill.server.support.Turn;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.UUID;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** On a server of its own, whose database goes and comes back. */
@Apart
@Order(Turn.WAITING)
class DatabaseAwayTest {
    private static final String PEAR = Api.demo("pear-bay").toString();

    @Test
    void whileTheDatabaseIsAwayItComputesRefusesToStoreAndGoesOnByItself() {
        try (var server = TestServer.fresh("deftchill.database-answers-ms=1500")) {
            var api = new Api(server.server());
            var guest = api.as(Newcomer.invited(server.server(), "GUEST").session());
            var here = api.get("/api/formulas").json().at("/formulas/0/id").asString();
            assertThat(guest.post("/api/assessments", PEAR).status()).isEqualTo(200);
            assertThat(health(api, "readiness")).isEqualTo(200);

            server.stopDatabase();
            var refused = api.post("/api/formulas", PEAR);
            assertThat(refused.status()).as(refused.text()).isEqualTo(503);
            assertThat(refused.header("Retry-After")).isEqualTo("2");
            assertThat(refused.json().at("/code").asString()).isEqualTo("database-away");
            assertThat(refused.text()).contains("kept in this browser").doesNotContain("SQL", "Hikari", "Connection");
            assertThat(api.get("/api/formulas/" + here).status()).isEqualTo(503);
            // Whoever was known goes on computing, by the larder known last; the pages themselves are there.
            assertThat(api.post("/api/assessments", PEAR))
                    .extracting(Api.Answer::status, Api.Answer::text)
                    .first()
                    .isEqualTo(200);
            assertThat(guest.post("/api/assessments", PEAR).status()).isEqualTo(200);
            assertThat(api.post("/api/chills", PEAR).status()).isEqualTo(200);
            assertThat(api.get("/bench/" + here).status()).isEqualTo(200);
            var unknown = Base64.getEncoder()
                    .encodeToString(UUID.randomUUID().toString().getBytes(StandardCharsets.UTF_8));
            // Somebody whom nobody knows is told the same, not that they have to sign in.
            assertThat(api.as(unknown).get("/api/formulas").status()).isEqualTo(503);
            assertThat(health(api, "readiness")).isEqualTo(503);
            assertThat(health(api, "liveness")).isEqualTo(200);
            // Found to be away a moment ago: nobody waits for it again.
            var before = System.nanoTime();
            for (int i = 0; i < 10; i++) {
                assertThat(api.get("/api/formulas/" + here).status()).isEqualTo(503);
            }
            System.out.printf("10 refusals while it is away: %.0f ms%n", (System.nanoTime() - before) / 1e6);

            server.startDatabase();
            await().atMost(Duration.ofSeconds(60))
                    .until(() -> api.post("/api/formulas", PEAR).status() == 201);
            assertThat(api.get("/api/formulas/" + here).status()).isEqualTo(200);
            assertThat(health(api, "readiness")).isEqualTo(200);
            // What the probe shows is heard again too.
            var back = Instant.now();
            await().atMost(Duration.ofSeconds(60)).until(() -> heardAfter(back, api));

            // One that is there but says nothing is no better.
            server.holdDatabase();
            try {
                before = System.nanoTime();
                var silent = api.post("/api/formulas", PEAR);
                System.out.printf("refused while it says nothing: %.0f ms%n", (System.nanoTime() - before) / 1e6);
                assertThat(silent.json().at("/code").asString()).isEqualTo("database-away");
                assertThat(api.post("/api/assessments", PEAR).status()).isEqualTo(200);
                before = System.nanoTime();
                for (int i = 0; i < 10; i++) {
                    assertThat(api.get("/api/formulas/" + here).status()).isEqualTo(503);
                }
                System.out.printf("10 refusals meanwhile: %.0f ms%n", (System.nanoTime() - before) / 1e6);
            } finally {
                server.letDatabaseGoOn();
            }
            await().atMost(Duration.ofSeconds(60))
                    .until(() -> api.post("/api/formulas", PEAR).status() == 201);
        }
    }

    private static boolean heardAfter(Instant moment, Api api) {
        return api.get("/api/instruments")
                .json()
                .at("/instruments")
                .valueStream()
                .anyMatch(i -> i.at("/at").asLong() > moment.toEpochMilli());
    }

    private static int health(Api api, String group) {
        return api.get("/actuator/health/" + group).status();
    }
}
