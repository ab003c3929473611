package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.address.Address;
import com.deftchill.server.people.Access;
import com.deftchill.server.people.Role;
import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.TestServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
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
                        endpoints.add(new Endpoint(operation.getKey().toUpperCase(Locale.ROOT), path.getKey()));
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
        return ask(as, endpoint.method(), endpoint.filled());
    }

    private static Api.Answer ask(Api as, String method, String path) {
        return switch (method) {
            case "GET" -> as.get(path);
            case "POST" -> as.post(path, "{}");
            case "PUT" -> as.put(path, "{}");
            case "PATCH" -> as.patch(path, "[]");
            default -> as.delete(path);
        };
    }

    /** How else an address can be written so that a router, a proxy or a file system may take it for the same. */
    private static Map<String, UnaryOperator<String>> spellings() {
        var spellings = new LinkedHashMap<String, UnaryOperator<String>>();
        spellings.put("a letter encoded", path -> path.replaceFirst("^/(.)", "/" + encoded(path.charAt(1))));
        spellings.put("every letter encoded", path -> every(path, RolesApiTest::encoded));
        spellings.put(
                "encoded twice",
                path -> path.replaceFirst(
                        "^/(.)", "/%25" + encoded(path.charAt(1)).substring(1)));
        spellings.put("a slash encoded", path -> "/" + path.substring(1).replaceFirst("/", "%2F"));
        spellings.put("doubled in front", path -> "/" + path);
        spellings.put("doubled within", path -> "/" + path.substring(1).replaceFirst("/", "//"));
        spellings.put("a dot within", path -> "/." + path);
        spellings.put("out of a folder", path -> "/assets/.." + path);
        spellings.put("out of a folder, encoded", path -> "/assets/%2e%2e" + path);
        spellings.put("a semicolon", path -> path.replaceFirst("^/([^/]+)", "/$1;a=b"));
        spellings.put("a semicolon at the end", path -> path + ";a=b");
        spellings.put("a semicolon, encoded", path -> path.replaceFirst("^/([^/]+)", "/$1%3Ba"));
        spellings.put("upper case", path -> path.toUpperCase(Locale.ROOT));
        spellings.put("a capital", path -> "/A" + path.substring(2));
        spellings.put("a slash at the end", path -> path + "/");
        spellings.put("a dot at the end", path -> path + ".");
        spellings.put("an ending", path -> path + ".json");
        spellings.put("a blank at the end", path -> path + "%20");
        spellings.put("a zero at the end", path -> path + "%00");
        spellings.put("a tab within", path -> path.replaceFirst("^/(.)", "/%09$1"));
        spellings.put("a backslash", path -> "/%5C.." + path);
        return spellings;
    }

    private static String encoded(char letter) {
        return String.format("%%%02x", (int) letter);
    }

    private static String every(String path, Function<Character, String> to) {
        var text = new StringBuilder();
        for (char letter : path.toCharArray()) {
            text.append(Character.isLetter(letter) ? to.apply(letter) : String.valueOf(letter));
        }
        return text.toString();
    }

    /** Every operation, however its address is spelt, by whoever has not signed in: nothing, or the page with its door. */
    @Test
    void noSpellingOfAnAddressOpensADoor() {
        var page = outside.get("/").text();
        var letIn = new ArrayList<String>();
        int asked = 0;
        var operators = List.of("/actuator/prometheus", "/actuator/beans", "/actuator/env", "/v3/api-docs", "/error");
        for (var spelling : spellings().entrySet()) {
            var addresses = new LinkedHashMap<String, String>();
            endpoints.stream()
                    .filter(endpoint -> needed(endpoint).isPresent())
                    .forEach(endpoint -> addresses.put(endpoint.method() + " " + endpoint.filled(), endpoint.filled()));
            operators.stream().skip(1).forEach(path -> addresses.put("GET " + path, path));
            for (var address : addresses.entrySet()) {
                var method = address.getKey().substring(0, address.getKey().indexOf(' '));
                var spelt = spelling.getValue().apply(address.getValue());
                var answer = ask(outside, method, spelt);
                asked++;
                boolean refused = answer.status() >= 400 && answer.status() < 500;
                if (!refused && !answer.text().equals(page)) {
                    letIn.add(spelling.getKey() + ": " + method + " " + spelt + " " + answer.status());
                }
            }
        }
        assertThat(asked).isGreaterThan(2_000);
        assertThat(letIn).isEmpty();
    }

    /** Figures for operators are for their own machine; a balancer on it asks for somebody else. */
    @Test
    void figuresForOperatorsDoNotGoThroughABalancer() {
        var plain = HttpRequest.newBuilder(URI.create(server.server().address() + "/actuator/prometheus"));
        assertThat(status(plain)).isEqualTo(200);
        assertThat(status(plain.copy().header("X-Forwarded-For", "203.0.113.5")))
                .isEqualTo(401);
        var encoded = HttpRequest.newBuilder(URI.create(server.server().address() + "/%61ctuator/prometheus"));
        assertThat(status(encoded.header("X-Forwarded-For", "203.0.113.5"))).isEqualTo(401);
    }

    private static int status(HttpRequest.Builder request) {
        try {
            return HttpClient.newHttpClient()
                    .send(request.build(), HttpResponse.BodyHandlers.discarding())
                    .statusCode();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static Optional<Role> needed(Endpoint endpoint) {
        return Access.needed(endpoint.method(), Address.of(endpoint.filled()));
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
        assertThat(Access.needed("POST", Address.of("/api/something-new"))).contains(Role.HEAD);
        assertThat(Access.needed("GET", Address.of("/api/something-new"))).contains(Role.GUEST);
        assertThat(Access.needed("GET", Address.of("/v3/api-docs"))).contains(Role.GUEST);
        assertThat(Access.needed("GET", Address.of("/actuator/beans"))).contains(Role.GUEST);
        assertThat(Access.needed("POST", Address.of("/somewhere"))).contains(Role.HEAD);
        assertThat(Access.needed("GET", Address.of("/bench/1"))).isEmpty();
        assertThat(Access.needed("GET", Address.of("/%61pi/people"))).contains(Role.HEAD);
    }
}
