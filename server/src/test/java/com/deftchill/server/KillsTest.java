package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.InTheMaking;
import com.deftchill.server.support.TestServer;
import com.deftchill.server.support.Turn;
import java.time.Duration;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A few kills while somebody edits and somebody makes a batch; ops/kills does it a hundred times and to everything. */
@Apart
@Order(Turn.WAITING)
class KillsTest {
    private static final int BETWEEN = 4;

    private final AtomicBoolean enough = new AtomicBoolean();
    private final Queue<String> entries = new ConcurrentLinkedQueue<>();
    private final AtomicInteger saved = new AtomicInteger();

    @Test
    void whatWasAcknowledgedOutlivesADatabaseThatIsKilled() {
        try (var server = TestServer.fresh("deftchill.database-answers-ms=1500")) {
            server.makeDatabaseDurable();
            var api = new Api(server.server());
            goesOnThrough(server::killDatabase, 2, api, api);
        }
    }

    @Test
    void whatWasAcknowledgedOutlivesAnApplicationThatIsKilled() {
        try (var server = TestServer.fresh();
                var copy = server.copy()) {
            var there = server.server();
            goesOnThrough(copy::kill, 1, new Api(copy.at(there.session())), new Api(there));
        }
    }

    /** Begun, measured, restarted, finished: what was said before holds after it, to the log. */
    @Test
    void anErrandGoesOnOverARestart() {
        try (var server = TestServer.fresh();
                var copy = server.copy()) {
            var api = new Api(copy.at(server.server().session()));
            var formula = UUID.randomUUID().toString();
            var document = Api.demo("pear-bay").put("name", "Over a restart");
            soon(() ->
                    api.post("/api/formulas?id=" + formula, document.toString()).status() == 201);
            var line = api.post("/api/assessments", document.toString()).json().at("/line");
            var making = new InTheMaking(api, formula, "Ilke");
            long at = System.currentTimeMillis();
            making.measured(at, "/components/0/lines/l4/amount", "96 g");
            making.happened(at + 1, "ENDED", "0.weigh", "");
            var before = api.get("/api/makings/" + making.id()).json();
            copy.kill();
            soon(() -> api.get("/api/makings/" + making.id()).status() == 200);
            var after = api.get("/api/makings/" + making.id()).json();
            assertThat(after.at("/events")).isEqualTo(before.at("/events"));
            assertThat(after.at("/next")).isEqualTo(before.at("/next"));
            assertThat(after.at("/made")).isEqualTo(before.at("/made"));
            assertThat(api.post("/api/assessments", document.toString()).json().at("/line"))
                    .isEqualTo(line);
            making.happened(at + 2, "STOOD", "", "42 mm");
            making.happened(at + 3, "FINISHED", "", "");
            var said = api.get("/api/log/batches/" + making.batch()).json();
            assertThat(said.at("/document").toString()).contains("96 g");
            assertThat(api.get("/api/formulas/" + formula + "/batches")
                            .json()
                            .at("/batches/0/standingMm")
                            .asDouble())
                    .isEqualTo(42);
        }
    }

    /**
     * Somebody edits and somebody makes a batch while something is killed again and again.
     *
     * @param api that they work with
     * @param after what is asked for what is there in the end
     */
    private void goesOnThrough(Runnable kill, int kills, Api api, Api after) {
        var formula = UUID.randomUUID().toString();
        soon(() -> api.post("/api/formulas?id=" + formula, document(0)).status() == 201);
        var making = UUID.randomUUID().toString();
        var begun = Api.json().put("id", making).put("formulaId", formula).toString();
        soon(() -> api.post("/api/makings", begun).status() == 201);
        var makes = CompletableFuture.runAsync(() -> make(api, making));
        var edits = CompletableFuture.runAsync(() -> edit(api, formula));
        for (int i = 0; i < kills; i++) {
            goesOn();
            kill.run();
        }
        goesOn();
        enough.set(true);
        CompletableFuture.allOf(makes, edits).join();

        var view = after.get("/api/makings/" + making).text();
        assertThat(entries).hasSizeGreaterThanOrEqualTo(kills * BETWEEN).allMatch(view::contains);
        var name = after.get("/api/formulas/" + formula)
                .json()
                .at("/document/name")
                .asString();
        assertThat(Integer.parseInt(name.replace("No. ", ""))).isGreaterThanOrEqualTo(saved.get());
    }

    private void goesOn() {
        int made = entries.size();
        int edited = saved.get();
        soon(() -> entries.size() >= made + BETWEEN && saved.get() >= edited + BETWEEN);
    }

    /** Nobody answers while it is down: then again. */
    private static void soon(Callable<Boolean> done) {
        await().atMost(Duration.ofSeconds(120)).ignoreExceptions().until(done);
    }

    private static String document(int n) {
        return Api.demo("pear-bay").put("name", "No. " + n).toString();
    }

    /** Sent until it is acknowledged, each under an id of its own. */
    private void make(Api api, String making) {
        while (!enough.get()) {
            var id = UUID.randomUUID().toString();
            var body = Api.json();
            body.putArray("events")
                    .addObject()
                    .put("id", id)
                    .put("at", System.currentTimeMillis())
                    .put("kind", "NOTED")
                    .put("step", "")
                    .put("text", "n");
            soon(() -> api.post("/api/makings/" + making + "/events", body.toString())
                            .status()
                    == 200);
            entries.add(id);
        }
    }

    /** One state after the other; one that is there although nobody said so is read and gone on from. */
    private void edit(Api api, String formula) {
        var path = "/api/formulas/" + formula;
        var version = new AtomicInteger();
        for (int n = 1; !enough.get(); n++) {
            var document = document(n);
            soon(() -> {
                var answer = api.put(path, "{\"version\":" + version + ",\"document\":" + document + "}");
                if (answer.status() == 409) {
                    var there = api.get(path);
                    if (there.status() == 200) {
                        version.set(there.json().at("/version").asInt());
                    }
                    return false;
                }
                if (answer.status() == 200) {
                    version.set(answer.json().at("/version").asInt());
                }
                return answer.status() == 200;
            });
            saved.set(n);
        }
    }
}
