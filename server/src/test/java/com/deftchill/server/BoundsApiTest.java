package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Changing;
import com.deftchill.server.support.RunningServer.Server;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.util.ArrayList;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Work has bounds: what is too much is said before it is computed, what nobody waits for ends, light work goes on. */
@Changing
@Isolated("what it asks takes nearly as long as it may")
class BoundsApiTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    /** Layers of jelly and mousse by turns, in a freezer and a fridge by turns, for so many days. */
    static ObjectNode tower(int layers, int places, int days) {
        var dome = Api.demo("chestnut-dome");
        var document = dome.deepCopy();
        document.put("served", "in-glass");
        ((ObjectNode) document.at("/moulds")).put("of", "trifle-bowl").put("count", "16");
        var components = document.putArray("components");
        for (int i = 0; i < layers; i++) {
            var layer = (ObjectNode) dome.at("/components/" + i % 2).deepCopy();
            layer.put("id", "layer-" + i).put("name", "Layer " + i);
            components.add(layer);
        }
        var stays = ((ObjectNode) document.at("/cooler")).putArray("places");
        for (int i = 0; i < places; i++) {
            stays.addObject()
                    .put("of", i % 2 == 0 ? "freezer-fan" : "fridge-still")
                    .put("stay", days * 24 * 60 / places + " min");
        }
        return document;
    }

    /** Asks in a thread of its own: these questions wait for each other. */
    private static CompletableFuture<Api.Answer> asking(Supplier<Api.Answer> question) {
        return CompletableFuture.supplyAsync(question, task -> new Thread(task).start());
    }

    private static String about(ObjectNode document) {
        return JSON.createObjectNode().set("document", document).toString();
    }

    private static String whatIf(ObjectNode document) {
        var question = JSON.createObjectNode();
        question.set("document", document);
        var variations = question.putArray("variations");
        for (int i = 0; i < 12; i++) {
            var variation = variations.addObject().put("label", "w" + i);
            variation.putArray("changes").addObject().put("path", "/cooler/air").put("value", i + " °C");
        }
        return question.toString();
    }

    /** Asks, and prints how long it took and how full the heap of the server, which runs in this very process, has been. */
    private static void timed(String what, Supplier<Api.Answer> ask) {
        var pools = ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(pool -> pool.getType() == MemoryType.HEAP)
                .toList();
        pools.forEach(MemoryPoolMXBean::resetPeakUsage);
        long start = System.nanoTime();
        var answer = ask.get();
        double ms = (System.nanoTime() - start) / 1e6;
        long peak =
                pools.stream().mapToLong(pool -> pool.getPeakUsage().getUsed()).sum();
        System.out.printf(
                "worst legal document, %s: %d after %.0f ms, %d kB, heap at most %d MB%n",
                what, answer.status(), ms, answer.text().length() / 1024, peak >> 20);
        if (answer.status() != 200) {
            assertThat(answer.json().at("/code").asString()).isIn("took-too-long", "answer-too-large");
        }
    }

    @Test
    void moreThanCanBeComputedIsSaidBeforeItIs() {
        var answer = api.post("/api/assessments", tower(40, 20, 14).toString());
        assertThat(answer.status()).isEqualTo(422);
        var problem = answer.json().at("/problems/0");
        assertThat(problem.at("/code").asString()).isEqualTo("too-much-to-compute");
        assertThat(problem.at("/value").asString()).isEqualTo("40 layers in 20 places over 14 days");
        assertThat(problem.at("/rule").asString()).contains("30 layers can");
        assertThat(api.post("/api/scalings", scaling(tower(30, 20, 14))).status())
                .isEqualTo(200);
    }

    @Test
    void theWorstThatIsTakenIsAnsweredOrEndedInTime() {
        var worst = tower(30, 20, 14);
        timed("variants", () -> api.post("/api/variants", worst.toString()));
        if (Boolean.getBoolean("deftchill.long")) {
            timed("chills", () -> api.post("/api/chills", worst.toString()));
            timed("assessments", () -> api.post("/api/assessments", worst.toString()));
            timed("scalings", () -> api.post("/api/scalings", scaling(worst)));
            timed("ways", () -> api.post("/api/chills/ways", worst.toString()));
            timed("uncertainty", () -> api.post("/api/chills/uncertainty", worst.toString()));
            timed("swaps", () -> api.post("/api/swaps", about(worst)));
            timed("what-if", () -> api.post("/api/chills/what-if", whatIf(worst)));
        }
    }

    /** The test server gives answers of at most 1200 kB. */
    @Test
    void anAnswerLargerThanOneMayBeIsNotGiven() {
        var answer = api.post("/api/assessments", tower(30, 20, 14).toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/code").asString()).isEqualTo("answer-too-large");
        assertThat(answer.json().at("/detail").asString()).contains("1200 kB");
        assertThat(answer.contentType()).startsWith("application/problem+json");
    }

    private static String scaling(ObjectNode document) {
        var question = JSON.createObjectNode();
        question.set("document", document);
        question.putObject("wish")
                .put("mould", "")
                .put("count", "2")
                .put("total", "")
                .put("fill", "");
        return question.toString();
    }

    /** The other question shows too that the chill of the largest that may be asked is answered. */
    @Test
    void aNewerQuestionOfThePageEndsTheOlderOne() {
        var worst = tower(30, 20, 14).toString();
        var older = asking(() -> api.asking("page-a.variants.1").post("/api/variants", worst));
        var other = asking(() -> api.asking("page-b.chill.1").post("/api/chills", worst));
        var pear = Api.demo("pear-bay").toString();
        while (!older.isDone()) {
            assertThat(api.asking("page-a.variants.2")
                            .post("/api/variants", pear)
                            .status())
                    .isEqualTo(200);
        }
        assertThat(older.join().status()).isEqualTo(409);
        assertThat(older.join().json().at("/code").asString()).isEqualTo("newer-question");
        assertThat(other.join().status()).isEqualTo(200);
        assertThat(api.asking("page-a.variants.1").post("/api/variants", pear).status())
                .as("nothing of the kind is being answered any more")
                .isEqualTo(200);
    }

    @Test
    void whoeverAsksUnreadablyIsTold() {
        var answer = api.asking("nonsense")
                .post("/api/variants", Api.demo("pear-bay").toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/problems/0/value").asString()).isEqualTo("nonsense");
    }

    @Test
    void aFullQueueRefusesHeavyQuestionsAtOnceAndLightOnesGoOn() {
        var worst = whatIf(tower(30, 20, 14));
        var heavy = new ArrayList<CompletableFuture<Api.Answer>>();
        for (int i = 0; i < 8; i++) {
            var page = "crowd-" + i + ".what-if.1";
            heavy.add(asking(() -> api.asking(page).post("/api/chills/what-if", worst)));
        }
        var pear = Api.demo("pear-bay").toString();
        var light = new ArrayList<Double>();
        // At least so many, and until one of the crowd has been refused.
        while (light.size() < 10 || heavy.stream().noneMatch(BoundsApiTest::isRefused)) {
            long start = System.nanoTime();
            assertThat(api.post("/api/assessments", pear).status()).isEqualTo(200);
            light.add((System.nanoTime() - start) / 1e6);
        }
        System.out.printf("a light assessment beside eight heavy requests, ms: %s%n", light);
        for (int i = 0; i < 8; i++) {
            api.asking("crowd-" + i + ".what-if.2").post("/api/chills/what-if", whatIf(Api.demo("pear-bay")));
        }
        var busy = heavy.stream()
                .filter(BoundsApiTest::isRefused)
                .findFirst()
                .orElseThrow()
                .join();
        assertThat(busy.json().at("/code").asString()).isEqualTo("busy");
        assertThat(busy.header("Retry-After")).isEqualTo("1");
    }

    private static boolean isRefused(CompletableFuture<Api.Answer> answer) {
        return answer.isDone() && answer.join().status() == 503;
    }
}
