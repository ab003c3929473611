package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.Door;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.TestServer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** On a server of its own: whoever has tried too often is turned away for a while. */
@Apart
class TriesApiTest {
    private static String credentials(String name, String password) {
        return Api.json().put("name", name).put("password", password).toString();
    }

    @Test
    void guessingIsSlowedDownAndAKeyCountsOnce() {
        try (var own = TestServer.fresh("deftchill.people.tries=8", "deftchill.people.tries-of-address=60")) {
            var at = own.server().address();
            var known = Newcomer.invited(own.server(), "COOK");
            var wrong = IntStream.range(0, 12)
                    .map(i -> Door.post(at, "/api/session", credentials(known.name(), "guess " + i))
                            .statusCode())
                    .toArray();
            assertThat(wrong).startsWith(401, 401, 401).endsWith(429, 429);
            // Under another name of the same address one is still let in.
            var other = Newcomer.invited(own.server(), "COOK");
            assertThat(Door.post(at, "/api/session", credentials(other.name(), other.password()))
                            .statusCode())
                    .isEqualTo(200);
            var key = own.newKey();
            var entered = Door.post(at, "/api/session/key", "{\"key\":\"" + key + "\"}");
            assertThat(entered.statusCode()).isEqualTo(200);
            assertThat(entered.body()).contains("HEAD");
            assertThat(entered.headers().firstValue("Set-Cookie").orElse("")
                            + entered.headers().allValues("Set-Cookie"))
                    .contains("HttpOnly")
                    .contains("SameSite=Strict");
            assertThat(Door.post(at, "/api/session/key", "{\"key\":\"" + key + "\"}")
                            .statusCode())
                    .isEqualTo(401);
        }
    }

    /** A name that the database takes for the same is the same account, however it is written. */
    @Test
    void otherSpellingsOfANameAreTheSameAccount() {
        try (var own = TestServer.fresh("deftchill.people.tries=8", "deftchill.people.tries-of-address=200")) {
            var at = own.server().address();
            var known = Newcomer.invited(own.server(), "COOK", "Andrea Spelled");
            var spelled = List.of(
                    "Andrea Spelled",
                    "andrea spelled",
                    "ANDREA SPELLED",
                    "Andr\u00e9a Spelled",
                    "And\u200brea Spelled",
                    "Andrea Spelled ",
                    "Andrea\u200d Spelled",
                    "\u00c0ndrea Spelled");
            int refused = 0;
            for (int round = 0; round < 3; round++) {
                for (var name : spelled) {
                    refused += Door.post(at, "/api/session", credentials(name, "guess " + round))
                                            .statusCode()
                                    == 429
                            ? 1
                            : 0;
                }
            }
            assertThat(refused).as("of 24 guesses in eight spellings").isGreaterThanOrEqualTo(12);
            // The right password of it waits as well.
            assertThat(Door.post(at, "/api/session", credentials(known.name(), known.password()))
                            .statusCode())
                    .isEqualTo(429);
        }
    }

    @Test
    void beginningToSignInByPasskeyIsLimitedAndSoonForgotten() {
        try (var own = TestServer.fresh("deftchill.people.tries-of-address=10")) {
            var at = own.server().address();
            var answers = IntStream.range(0, 14)
                    .map(i ->
                            Door.post(at, "/webauthn/authenticate/options", "").statusCode())
                    .toArray();
            assertThat(answers).startsWith(200, 200, 200).endsWith(429, 429);
            var kept = new ArrayList<Integer>();
            own.inDatabase(database -> kept.addAll(database.queryForList(
                    "select max_inactive_interval from SPRING_SESSION where principal_name is null", Integer.class)));
            assertThat(kept)
                    .isNotEmpty()
                    .allSatisfy(seconds -> assertThat(seconds).isLessThanOrEqualTo(300));
        }
    }
}
