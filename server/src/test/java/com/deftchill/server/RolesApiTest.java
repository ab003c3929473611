package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.people.Access;
import com.deftchill.server.people.Role;
import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.TestServer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Every endpoint of the API as every role and as somebody of another kitchen; on a server of its own, since it is all tried. */
@Apart
class RolesApiTest {
    private static final Set<String> METHODS = Set.of("get", "post", "put", "patch", "delete");
    /** What belongs to nobody's kitchen. */
    private static final Set<String> COMMON = Set.of(
            "/api/sums/{id}",
            "/api/schemas/formula-{version}.json",
            "/api/larder/own/{kind}.csv",
            "/api/session/all/{id}",
            // Nothing was made of a plan that nobody knows.
            "/api/makings/of-plan/{planId}",
            "/api/invitations/{secret}",
            "/api/invitations/{secret}/accepted");

    private static final String UNKNOWN = UUID.randomUUID().toString();

    private static TestServer server;
    private static Api head;
    private static final Map<Role, Api> AS = new LinkedHashMap<>();
    private static Api outside;
    private static Api elsewhere;
    private static List<Endpoint> endpoints;
    private static Map<String, String> ids;

    private record Endpoint(String method, String path) {
        boolean isOfOne() {
            return path.contains("{") && !COMMON.contains(path);
        }

        /** With what this kitchen has in place of the braces. */
        String filled() {
            var filled = path;
            for (var id : ids.entrySet()) {
                filled = filled.replace(id.getKey(), id.getValue());
            }
            return filled.replaceAll("\\{(secret|id|key)\\}", UNKNOWN);
        }
    }

    @BeforeAll
    static void start() {
        server = TestServer.fresh();
        head = new Api(server.server());
        AS.put(Role.COOK, head.as(Newcomer.invited(server.server(), "COOK").session()));
        AS.put(Role.GUEST, head.as(Newcomer.invited(server.server(), "GUEST").session()));
        AS.put(Role.HEAD, head.as(Newcomer.invited(server.server(), "HEAD").session()));
        outside = head.as("");
        elsewhere = head.as(Newcomer.invited(server.server(), "GUEST").session());
        assertThat(elsewhere
                        .post("/api/account/kitchens", "{\"name\":\"Across the street\"}")
                        .status())
                .isEqualTo(201);
        ids = ids();
        endpoints = new ArrayList<>();
        head.get("/v3/api-docs")
                .json()
                .at("/paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    if (METHODS.contains(operation.getKey())) {
                        endpoints.add(
                                new Endpoint(operation.getKey().toUpperCase(java.util.Locale.ROOT), path.getKey()));
                    }
                }));
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    /** As it is where somebody is let go between being recognised and their session being written. */
    @Test
    void aSessionThatOutlivesItsMembershipLetsNobodyIn() {
        var cook = Newcomer.invited(server.server(), "COOK");
        var as = head.as(cook.session());
        assertThat(as.get("/api/formulas").status()).isEqualTo(200);
        server.inDatabase(jdbc -> jdbc.update(
                "delete from membership where account_id = (select id from account where name = ?)", cook.name()));
        assertThat(as.get("/api/formulas").status()).isEqualTo(401);
        assertThat(as.get("/api/session").text()).doesNotContain(cook.name());
    }

    /** Something of each kind that the first kitchen has, the longest addresses first. */
    private static Map<String, String> ids() {
        var ids = new LinkedHashMap<String, String>();
        var formula = head.get("/api/formulas").json().at("/formulas/0/id").asString();
        var line = head.get("/api/log").json().at("/lines/0");
        var entry = head.post(
                        "/api/larder/own",
                        "{\"kind\":\"place\",\"fields\":{\"name\":\"Cellar\",\"air\":\"12\",\"h\":\"8\"}}")
                .json();
        var making = UUID.randomUUID().toString();
        head.post(
                "/api/makings",
                Api.json().put("id", making).put("formulaId", formula).toString());
        var plan = head.get("/api/plans").json().at("/plans/0/id").asString();
        ids.put("/api/plans/{id}", "/api/plans/" + plan);
        ids.put("{planId}", plan);
        ids.put("/api/log/batches/{id}", "/api/log/batches/" + line.at("/id").asString());
        ids.put("{batchId}", line.at("/id").asString());
        ids.put("/batches/{id}", "/batches/" + line.at("/id").asString());
        ids.put("/api/makings/{id}", "/api/makings/" + making);
        ids.put("/api/formulas/{id}", "/api/formulas/" + formula);
        ids.put("{formulaId}", formula);
        ids.put("{number}", "1");
        ids.put("{key}", entry.at("/key").asString());
        ids.put("/api/photos/{id}", "/api/photos/" + photo());
        ids.put("{kind}", "cooler");
        ids.put("{version}", "5");
        ids.put("/api/instruments/{id}", "/api/instruments/probe-1");
        return ids;
    }

    private static String photo() {
        for (var line : head.get("/api/log").json().at("/lines")) {
            if (line.has("photo")) {
                return line.at("/photo").asString();
            }
        }
        throw new IllegalStateException("the demo has no photo");
    }

    private static Api.Answer ask(Api as, Endpoint endpoint) {
        return switch (endpoint.method()) {
            case "GET" -> as.get(endpoint.filled());
            case "POST" -> as.post(endpoint.filled(), "{}");
            case "PUT" -> as.put(endpoint.filled(), "{}");
            case "PATCH" -> as.patch(endpoint.filled(), "[]");
            default -> as.delete(endpoint.filled());
        };
    }

    private static Optional<Role> needed(Endpoint endpoint) {
        return Access.needed(endpoint.method(), endpoint.filled());
    }

    @Test
    void whoeverHasNotSignedInIsShownTheDoor() {
        assertThat(endpoints).hasSizeGreaterThan(90);
        for (var endpoint : endpoints) {
            var answer = ask(outside, endpoint);
            boolean shown = answer.status() == 401 && answer.text().contains("sign-in-first");
            assertThat(shown)
                    .as("%s: %s", endpoint, answer.text())
                    .isEqualTo(needed(endpoint).isPresent());
        }
    }

    @Test
    void whatIsNotTheirPartIsRefusedAndTheRestIsNot() {
        for (var endpoint : endpoints) {
            for (var as : AS.entrySet()) {
                boolean may = needed(endpoint)
                        .map(role -> as.getKey().compareTo(role) <= 0)
                        .orElse(true);
                // What takes something away is tried by those alone who may not.
                if (may && endpoint.method().equals("DELETE")) {
                    continue;
                }
                var answer = ask(as.getValue(), endpoint);
                assertThat(answer.status() == 403)
                        .as("%s as %s: %s", endpoint, as.getKey(), answer.text())
                        .isEqualTo(!may);
                assertThat(answer.status())
                        .as("%s as %s", endpoint, as.getKey())
                        .isLessThan(500);
            }
        }
    }

    @Test
    void nothingOfThisKitchenIsAnotherKitchens() {
        var before = everything();
        for (var endpoint : endpoints) {
            if (endpoint.method().equals("DELETE") && endpoint.path().equals("/api/session")) {
                continue;
            }
            var answer = ask(elsewhere, endpoint);
            assertThat(answer.status()).as("%s: %s", endpoint, answer.text()).isLessThan(500);
            if (endpoint.isOfOne() && endpoint.method().matches("GET|DELETE|PATCH")) {
                assertThat(answer.status())
                        .as("%s: %s", endpoint, answer.text())
                        .isIn(400, 404);
            }
            assertThat(answer.text())
                    .as("%s", endpoint)
                    .doesNotContain("Pear and bay", "T-2207", "Cellar", "Ilke", "Tomas");
        }
        assertThat(everything()).isEqualTo(before);
    }

    /** What the first kitchen reads of its own; not the Book, whose answers come in the background. */
    private static List<String> everything() {
        return endpoints.stream()
                .filter(e -> e.method().equals("GET")
                        && !e.path().matches(".*(session|instruments|deeds|plan-starts|/api/book$|\\.pdf$|\\.zip$).*"))
                .map(e -> e.filled() + " " + head.get(e.filled()).text().replaceAll("\"(second|now|at)\":[0-9]+", ""))
                .toList();
    }

    @Test
    void writingToAnotherKitchenFindsNothing() {
        var formula = head.get(ids.get("/api/formulas/{id}")).json();
        var body = Api.json().put("version", formula.at("/version").asLong());
        body.set("document", formula.at("/document"));
        var path = ids.get("/api/formulas/{id}");
        assertThat(elsewhere.put(path, body.toString()).status()).isEqualTo(404);
        assertThat(elsewhere
                        .delete(path + "?version=" + formula.at("/version").asLong())
                        .status())
                .isEqualTo(404);
        var batch = Api.node("{\"madeOn\":\"2026-05-03\",\"pouredAt\":\"14:00:00\",\"outcome\":\"CLEAN\"}");
        batch.set("document", formula.at("/document"));
        assertThat(elsewhere.post(path + "/batches", batch.toString()).status()).isEqualTo(404);
        assertThat(elsewhere
                        .put("/api/book/" + ids.get("{formulaId}") + "/tags", "{\"tags\":[\"theirs\"]}")
                        .status())
                .isEqualTo(404);
        var event = "{\"events\":[{\"id\":\"" + UUID.randomUUID()
                + "\",\"at\":1,\"kind\":\"NOTED\",\"step\":\"\",\"text\":\"theirs\"}]}";
        assertThat(elsewhere
                        .post(ids.get("/api/makings/{id}") + "/events", event)
                        .status())
                .isEqualTo(404);
        assertThat(head.get(path).json()).isEqualTo(formula);
        // An id that is taken elsewhere is neither seen nor written over.
        var begun = Api.json()
                .put("id", ids.get("/api/makings/{id}").substring("/api/makings/".length()))
                .put("formulaId", ids.get("{formulaId}"));
        assertThat(elsewhere.post("/api/makings", begun.toString()).status()).isIn(404, 409, 422);
    }

    @Test
    void eachRoleDoesItsPart() {
        var formula = Api.demo("pear-bay").toString();
        assertThat(AS.get(Role.COOK).post("/api/formulas", formula).status()).isEqualTo(403);
        assertThat(AS.get(Role.HEAD).post("/api/formulas", formula).status()).isEqualTo(201);
        assertThat(AS.get(Role.GUEST).post("/api/assessments", formula).status())
                .isEqualTo(200);
        var making = Api.json().put("id", UUID.randomUUID().toString()).put("formulaId", ids.get("{formulaId}"));
        assertThat(AS.get(Role.GUEST).post("/api/makings", making.toString()).status())
                .isEqualTo(403);
        assertThat(AS.get(Role.COOK).post("/api/makings", making.toString()).status())
                .isEqualTo(201);
        assertThat(AS.get(Role.COOK).get("/api/people").status()).isEqualTo(403);
        assertThat(AS.get(Role.COOK).put("/api/kitchen", "{}").status()).isEqualTo(403);
    }

    @Test
    void anEndpointThatNobodyThoughtOfIsClosed() {
        assertThat(Access.needed("POST", "/api/something-new")).contains(Role.HEAD);
        assertThat(Access.needed("GET", "/api/something-new")).contains(Role.GUEST);
        assertThat(Access.needed("GET", "/bench/1")).isEmpty();
    }
}
