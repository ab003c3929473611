package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.Door;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.RunningServer.Server;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Coming in, going out, being invited and let go. */
@Asking
class PeopleApiTest {
    private Server server;
    private Api head;

    @BeforeEach
    void connect(Server running) {
        server = running;
        head = new Api(running);
    }

    private static String credentials(String name, String password) {
        return Api.json().put("name", name).put("password", password).toString();
    }

    private Api signedIn(Newcomer newcomer) {
        var answer = Door.post(server.address(), "/api/session", credentials(newcomer.name(), newcomer.password()));
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return head.as(Door.session(answer));
    }

    @Test
    void whoeverIsInvitedComesInOnceAndSignsInAgainLater() {
        var made = head.post("/api/people/invitations", "{\"role\":\"COOK\"}").json();
        var at = "/api/invitations/" + made.at("/secret").asString();
        var shown = head.as("").get(at).json();
        assertThat(shown.at("/role").asString()).isEqualTo("COOK");
        assertThat(shown.at("/by").asString()).isNotEmpty();
        var name = "Rahel " + UUID.randomUUID();
        var account = credentials(name, "whipped to soft peaks");
        assertThat(Door.post(server.address(), at + "/accepted", account).statusCode())
                .isEqualTo(204);
        assertThat(Door.post(server.address(), at + "/accepted", account).statusCode())
                .isEqualTo(404);
        assertThat(head.as("").get(at).status()).isEqualTo(404);
        // Capitals are no other name.
        var cook = head.as(Door.session(
                Door.post(server.address(), "/api/session", credentials(name.toUpperCase(), "whipped to soft peaks"))));
        assertThat(cook.get("/api/session").json().at("/who/role").asString()).isEqualTo("COOK");
    }

    @Test
    void namesAreNotToldFromPasswords() {
        var known = Newcomer.invited(server, "GUEST");
        var wrong = Door.post(server.address(), "/api/session", credentials(known.name(), "not the password"));
        var unknown = Door.post(server.address(), "/api/session", credentials("nobody", "not the password"));
        assertThat(wrong.statusCode()).isEqualTo(401);
        assertThat(wrong.body()).isEqualTo(unknown.body());
        assertThat(wrong.headers().firstValue("Set-Cookie").orElse("")).doesNotContain(Door.COOKIE + "=");
    }

    @Test
    void aWeakPasswordOrATakenNameIsRefusedAndTheInvitationStaysOpen() {
        var known = Newcomer.invited(server, "GUEST");
        var secret = head.post("/api/people/invitations", "{\"role\":\"GUEST\"}")
                .json()
                .at("/secret")
                .asString();
        var at = "/api/invitations/" + secret + "/accepted";
        var weak = Door.post(server.address(), at, credentials("Somebody else", "too short"));
        assertThat(weak.statusCode()).isEqualTo(422);
        assertThat(weak.body()).contains("12 to 128").doesNotContain("too short");
        var taken = Door.post(server.address(), at, credentials(known.name(), "whipped to soft peaks"));
        assertThat(taken.body()).contains("somebody else's here");
        assertThat(head.as("").get("/api/invitations/" + secret).status()).isEqualTo(200);
    }

    @Test
    void aPasswordThatIsEasilyGuessedIsRefused() {
        var guest = Newcomer.invited(server, "GUEST");
        var here = head.as(guest.session());
        for (var guessed : new String[] {"password1234", "aaaaaaaaaaaaaaa", "qwertyuiop1234", guest.name() + "1"}) {
            var change = Api.json()
                    .put("name", guest.name())
                    .put("oldPassword", guest.password())
                    .put("password", guessed);
            var refused = here.put("/api/account", change.toString());
            assertThat(refused.status()).as(guessed).isEqualTo(422);
            assertThat(refused.text()).contains("guessed first").doesNotContain("\"value\":\"" + guessed);
        }
        var sentence = Api.json()
                .put("name", guest.name())
                .put("oldPassword", guest.password())
                .put("password", "the custard waits for nobody");
        assertThat(here.put("/api/account", sentence.toString()).status()).isEqualTo(200);
    }

    @Test
    void anotherRoleCountsAtOnceAndTheLastHeadStays() {
        var cook = Newcomer.invited(server, "COOK");
        var as = head.as(cook.session());
        assertThat(as.get("/api/formulas").status()).isEqualTo(200);
        var id = id(cook.name());
        assertThat(head.put("/api/people/" + id, "{\"role\":\"GUEST\"}").status())
                .isEqualTo(200);
        assertThat(as.get("/api/formulas").status()).isEqualTo(200);
        assertThat(as.get("/api/session").json().at("/who/role").asString()).isEqualTo("GUEST");
        assertThat(as.put("/api/plans/" + UUID.randomUUID(), "{}").status()).isEqualTo(403);
        assertThat(head.delete("/api/people/" + id).status()).isEqualTo(200);
        assertThat(Door.post(server.address(), "/api/session", credentials(cook.name(), cook.password()))
                        .statusCode())
                .isEqualTo(401);
    }

    private String id(String name) {
        for (var person : head.get("/api/people").json().at("/people")) {
            if (person.at("/name").asString().equals(name)) {
                return person.at("/id").asString();
            }
        }
        throw new IllegalStateException(name);
    }

    @Test
    void sessionsAreListedAndEndedByTheirOwnerAndNobodyElse() {
        var guest = Newcomer.invited(server, "GUEST");
        var here = head.as(guest.session());
        var there = signedIn(guest);
        var open = here.get("/api/session/all").json().at("/sessions");
        assertThat(open).hasSize(2);
        assertThat(open.toString()).doesNotContain(guest.session());
        String other = "";
        for (var session : open) {
            other = session.at("/here").asBoolean() ? other : session.at("/id").asString();
        }
        assertThat(head.delete("/api/session/all/" + other).status()).isEqualTo(404);
        assertThat(here.delete("/api/session/all/" + other).status()).isEqualTo(204);
        assertThat(there.get("/api/formulas").status()).isEqualTo(401);
        assertThat(here.get("/api/formulas").status()).isEqualTo(200);
        assertThat(here.delete("/api/session").status()).isEqualTo(204);
        assertThat(here.get("/api/formulas").status()).isEqualTo(401);
    }

    @Test
    void aNewPasswordNeedsTheOldOneAndEndsTheOtherSessions() {
        var guest = Newcomer.invited(server, "GUEST");
        var here = head.as(guest.session());
        var there = signedIn(guest);
        var change = Api.json().put("name", guest.name()).put("password", "folded while it is warm");
        assertThat(here.put("/api/account", change.toString()).text()).contains("not the password of now");
        change.put("oldPassword", guest.password());
        assertThat(here.put("/api/account", change.toString()).status()).isEqualTo(200);
        assertThat(there.get("/api/formulas").status()).isEqualTo(401);
        assertThat(here.get("/api/formulas").status()).isEqualTo(200);
    }

    @Test
    void somebodyWorksInTwoKitchensAndSeesOneAtATime() {
        var cook = head.as(Newcomer.invited(server, "COOK").session());
        assertThat(cook.post("/api/account/kitchens", "{\"name\":\"The cellar\"}")
                        .status())
                .isEqualTo(201);
        assertThat(cook.get("/api/formulas").json().at("/formulas")).isEmpty();
        assertThat(cook.post("/api/formulas", Api.demo("pear-bay").toString()).status())
                .isEqualTo(201);
        assertThat(cook.get("/api/formulas").json().at("/formulas")).hasSize(1);
        assertThat(cook.put("/api/session/kitchen", "{\"kitchen\":\"own\"}").status())
                .isEqualTo(200);
        assertThat(cook.get("/api/formulas").json().at("/formulas").size()).isGreaterThan(5);
        assertThat(cook.put("/api/session/kitchen", "{\"kitchen\":\"nowhere\"}").status())
                .isEqualTo(404);
    }

    @Test
    void whoChangedWhatIsNotedOnce() {
        var name = "noted " + UUID.randomUUID();
        var second = head.as(Newcomer.invited(server, "HEAD", name).session());
        var formula =
                second.post("/api/formulas", Api.demo("pear-bay").toString()).json();
        var path = "/api/formulas/" + formula.at("/id").asString();
        long version = formula.at("/version").asLong();
        for (int i = 0; i < 3; i++) {
            var body = Api.json().put("version", version);
            body.set("document", Api.demo("pear-bay").put("name", "Pear " + i));
            version = second.put(path, body.toString()).json().at("/version").asLong();
        }
        int saved = 0;
        for (var deed : second.get("/api/people/deeds").json().at("/deeds")) {
            if (deed.at("/by").asString().equals(name)
                    && deed.at("/what").asString().equals("saveFormula")) {
                saved++;
                assertThat(deed.at("/of").asString()).isEqualTo(path);
                assertThat(deed.at("/name").asString()).isEqualTo("Pear 2");
            }
        }
        assertThat(saved).isEqualTo(1);
    }

    @Test
    void whatASessionSendsWithoutThePagesTokenIsRefused() throws Exception {
        var request = java.net.http.HttpRequest.newBuilder(
                        java.net.URI.create(server.address() + "/api/account/kitchens"))
                .header("Cookie", Door.COOKIE + "=" + server.session())
                .header("Content-Type", "application/json")
                .POST(java.net.http.HttpRequest.BodyPublishers.ofString("{\"name\":\"x\"}"))
                .build();
        var answer = java.net.http.HttpClient.newHttpClient()
                .send(request, java.net.http.HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(answer.body()).contains("token-missing");
    }
}
