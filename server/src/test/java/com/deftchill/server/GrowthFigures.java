package com.deftchill.server;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.TestServer;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.jdbc.core.JdbcTemplate;

/** Prints how soon every question is answered with a few formulas and with very many, and how much memory is used: ops/growth. */
final class GrowthFigures {
    private static final int TIMES = 20;
    private static final int FORMULAS = 10_000;
    private static final int BATCHES = 100_000;
    private static final int KITCHENS = 200;
    private static final double ALLOWED = 1.5;
    /** Below this a ratio is noise, ms. */
    private static final double NOISE_MS = 12;

    private GrowthFigures() {}

    public static void main(String[] arguments) {
        try (var server = TestServer.fresh("deftchill.database-answers-ms=200000")) {
            server.inDatabase(GrowthFigures::tenBatchesOfEach);
            var api = new Api(server.server());
            var questions = questions(api);
            System.err.println("warming");
            round(questions);
            var few = measure(questions);
            System.out.printf("heap in use with few: %d MB%n", heapMb());
            long begin = System.nanoTime();
            server.inDatabase(GrowthFigures::formulas);
            server.inDatabase(GrowthFigures::batches);
            server.inDatabase(GrowthFigures::words);
            server.inDatabase(GrowthFigures::kitchens);
            server.inDatabase(database -> database.execute(
                    "analyze table formula, batch, batch_word, formula_word, book_entry, revision, photo"));
            System.out.printf("made up in %.0f s%n", (System.nanoTime() - begin) / 1e9);
            server.inDatabase(database -> System.out.printf(
                    "%d formulas, %d batches, %d kitchens%n",
                    database.queryForObject("select count(*) from formula", Integer.class),
                    database.queryForObject("select count(*) from batch", Integer.class),
                    database.queryForObject("select count(*) from kitchen", Integer.class)));
            round(questions);
            var many = measure(questions);
            System.out.printf("heap in use with many: %d MB%n", heapMb());
            System.out.println("question | few: median, p95 | many: median, p95 | p95 times");
            int slower = 0;
            for (var question : few.keySet()) {
                var before = few.get(question);
                var after = many.get(question);
                double times = after[1] / before[1];
                boolean bad = times > ALLOWED && after[1] > NOISE_MS;
                slower += bad ? 1 : 0;
                System.out.printf(
                        "%s | %.0f, %.0f ms | %.0f, %.0f ms | %.1f%s%n",
                        question, before[0], before[1], after[0], after[1], times, bad ? " slower" : "");
            }
            System.out.printf("%d of %d questions slower%n", slower, few.size());
        }
        System.exit(0);
    }

    private static long heapMb() {
        System.gc();
        var runtime = Runtime.getRuntime();
        return (runtime.totalMemory() - runtime.freeMemory()) / 1_000_000;
    }

    /** Every question that can be asked by an address alone, and what a cook asks most besides. */
    private static Map<String, Supplier<Api.Answer>> questions(Api api) {
        var formula = api.get("/api/formulas").json().at("/formulas/0/id").asString();
        var batch = api.get("/api/log").json().at("/lines/0/id").asString();
        var plan = api.get("/api/plans").json().at("/plans/0/id").asString();
        var making = UUID.randomUUID().toString();
        api.post(
                "/api/makings",
                Api.json().put("id", making).put("formulaId", formula).toString());
        var all = new LinkedHashMap<String, Supplier<Api.Answer>>();
        api.get("/v3/api-docs").json().at("/paths").properties().forEach(path -> {
            var address = path.getKey()
                    .replace("/api/plans/{id}", "/api/plans/" + plan)
                    .replace("{planId}", plan)
                    .replace("/api/log/batches/{id}", "/api/log/batches/" + batch)
                    .replace("/batches/{id}", "/batches/" + batch)
                    .replace("/api/makings/{id}", "/api/makings/" + making)
                    .replace("/api/formulas/{id}", "/api/formulas/" + formula)
                    .replace("{formulaId}", formula)
                    .replace("{number}", "1")
                    .replace("{kind}", "cooler")
                    .replace("{version}", "5");
            if (path.getValue().has("get")
                    && !address.contains("{")
                    && !address.matches(".*(zip|pdf|csv|instruments.*)$")) {
                all.put("GET " + path.getKey(), () -> api.get(address));
            }
        });
        all.put("GET /api/book, by a word, one", () -> api.get("/api/book?search=smoked&size=1"));
        all.put("GET /api/book, by kind and tone, two", () -> api.get("/api/book?kind=set&tone=good&size=2"));
        for (var order : List.of("NAME", "UPDATED", "MADE", "WORST")) {
            all.put("GET /api/book, order " + order, () -> api.get("/api/book?order=" + order));
        }
        all.put("GET /api/book, by a word that nothing has", () -> api.get("/api/book?search=quandong"));
        all.put("GET /api/log, by a word, four", () -> api.get("/api/log?words=brandy&size=4"));
        all.put("GET /api/log, by a word that nothing has", () -> api.get("/api/log?words=quandong"));
        all.put("GET /api/log, a cook", () -> api.get("/api/log?cook=Ilke"));
        all.put("GET /api/log, torn ones", () -> api.get("/api/log?outcome=TORN"));
        all.put("GET /api/log, page 10 of twenty", () -> api.get("/api/log?page=10&size=20"));
        all.put("GET /api/formulas, by name, four", () -> api.get("/api/formulas?order=NAME&search=pear&size=4"));
        var pear = Api.demo("pear-bay").toString();
        all.put("POST /api/assessments", () -> api.post("/api/assessments?tried=false", pear));
        all.put("POST /api/formulas", () -> api.post("/api/formulas", pear));
        all.put("POST /api/formulas/{id}/opened", () -> api.post("/api/formulas/" + formula + "/opened", ""));
        all.put(
                "PATCH /api/formulas/{id}",
                () -> api.patch(
                        "/api/formulas/" + formula,
                        "[{\"op\":\"replace\",\"path\":\"/name\",\"value\":\"No. " + System.nanoTime() + "\"}]"));
        return all;
    }

    /** Of three rounds the one in the middle: what else the machine does is not measured. */
    private static Map<String, double[]> measure(Map<String, Supplier<Api.Answer>> questions) {
        var rounds = List.of(round(questions), round(questions), round(questions));
        var measured = new LinkedHashMap<String, double[]>();
        for (var question : questions.keySet()) {
            measured.put(
                    question,
                    rounds.stream()
                            .map(round -> round.get(question))
                            .sorted(Comparator.comparingDouble(took -> took[1]))
                            .toList()
                            .get(1));
        }
        return measured;
    }

    private static Map<String, double[]> round(Map<String, Supplier<Api.Answer>> questions) {
        var measured = new LinkedHashMap<String, double[]>();
        questions.forEach((name, ask) -> {
            var took = new double[TIMES];
            for (int i = 0; i < TIMES; i++) {
                long begin = System.nanoTime();
                var answer = ask.get();
                took[i] = (System.nanoTime() - begin) / 1e6;
                if (answer.status() >= 500) {
                    throw new IllegalStateException(name + ": " + answer.status() + " " + answer.text());
                }
            }
            Arrays.sort(took);
            measured.put(name, new double[] {took[TIMES / 2], took[(int) (TIMES * 0.95)]});
        });
        return measured;
    }

    /** As many of each formula as with many: lists are compared page by page, full ones with full ones. */
    private static void tenBatchesOfEach(JdbcTemplate database) {
        database.execute("create table growth as select id, id base, row_number() over (order by id) n from formula"
                + " where kitchen = 'own'");
        batches(database);
        words(database);
    }

    /** Ten thousand in the first kitchen, from those that are there; what is known of each is known of its copies. */
    private static void formulas(JdbcTemplate database) {
        database.execute("drop table if exists growth");
        database.execute(
                "create table growth (id uuid not null primary key, base uuid not null, n int not null, key (base))");
        database.execute("insert into growth select uuid(), f.id, s.seq from formula f join seq_1_to_1000 s"
                + " where f.kitchen = 'own' order by s.seq limit " + FORMULAS);
        database.execute(
                "insert into formula (id, kitchen, version, name, document, created_at, updated_at, shown_at, worst_first, kind)"
                        + " select g.id, f.kitchen, 0, concat(f.name, ' ', g.n), f.document, f.created_at - interval g.n minute,"
                        + " f.updated_at - interval g.n minute, f.shown_at - interval g.n minute, f.worst_first, f.kind from growth g join formula f on f.id = g.base");
        database.execute(
                "insert into formula_use select g.id, u.kind, u.entry_id from growth g join formula_use u on u.formula_id = g.base");
        database.execute(
                "insert into kept_answer (formula_id, kitchen, model, fingerprint, predicted, computed_at)"
                        + " select g.id, k.kitchen, k.model, k.fingerprint, k.predicted, k.computed_at from growth g join kept_answer k on k.formula_id = g.base");
        database.execute(
                "insert into book_entry (formula_id, kitchen, tags, formula_version, rules, tone, line, kind, served, contents,"
                        + " allergens, cut, computed_at) select g.id, b.kitchen, b.tags, 0, b.rules, b.tone, b.line, b.kind,"
                        + " b.served, b.contents, b.allergens, b.cut, b.computed_at from growth g join book_entry b on b.formula_id = g.base");
    }

    /** Those of many over ten years, some 27 a day: no kitchen makes its hundred thousand in one. */
    private static void batches(JdbcTemplate database) {
        database.execute(
                "insert into batch (id, formula_id, made_on, poured_at, outcome, standing_mm, note, predicted, document, created_at,"
                        + " version, kitchen, cook, found_by, record)"
                        + " select uuid(), g.id, date_sub(curdate(), interval (g.n * 8 + s.seq * 7) day), b.poured_at, b.outcome, b.standing_mm, b.note, b.predicted,"
                        + " b.document, b.created_at, 0, b.kitchen, b.cook, b.found_by, b.record"
                        + " from growth g join seq_1_to_10 s join (select *, row_number() over (order by id) r from batch) b on b.r = 1 + (g.n + s.seq) % 8"
                        + " limit " + BATCHES);
        database.execute(
                "update formula f join (select formula_id, max(made_on) m from batch group by formula_id) b on b.formula_id = f.id"
                        + " set f.made_on = b.m");
    }

    private static void words(JdbcTemplate database) {
        // Of the same words as those that they were made up from.
        database.execute("drop temporary table if exists growth_words");
        database.execute("create temporary table growth_words as select b.found_by, w.word_id from batch b"
                + " join batch_word w on w.batch_id = b.id group by b.found_by, w.word_id");
        database.execute("insert ignore into batch_word (word_id, batch_id) select w.word_id, b.id"
                + " from growth_words w join batch b on b.found_by = w.found_by where b.kitchen = 'own' order by b.id");
        database.execute("insert ignore into formula_word (word_id, formula_id, part) select w.word_id, g.id, w.part"
                + " from growth g join formula_word w on w.formula_id = g.base order by g.id");
    }

    /** Each with fifty formulas and a hundred batches of its own. */
    private static void kitchens(JdbcTemplate database) {
        database.execute(
                "insert into kitchen (id, name, made_at) select concat('k', seq), concat('Kitchen ', seq), utc_timestamp(6) from seq_1_to_"
                        + KITCHENS);
        database.execute(
                "create table growth_more (id uuid not null primary key, base uuid not null, k int not null, key (base))");
        database.execute(
                "insert into growth_more select uuid(), g.base, s.seq from (select base from growth limit 50) g join seq_1_to_"
                        + KITCHENS + " s");
        database.execute(
                "insert into formula (id, kitchen, version, name, document, created_at, updated_at)"
                        + " select g.id, concat('k', g.k), 0, f.name, f.document, f.created_at, f.updated_at from growth_more g join formula f on f.id = g.base");
        database.execute(
                "insert into batch (id, formula_id, made_on, poured_at, outcome, standing_mm, note, predicted, document, created_at,"
                        + " version, kitchen, cook, found_by, record)"
                        + " select uuid(), g.id, b.made_on, b.poured_at, b.outcome, b.standing_mm, b.note, b.predicted,"
                        + " b.document, b.created_at, 0, concat('k', g.k), b.cook, b.found_by, b.record"
                        + " from growth_more g join (select * from batch limit 2) b");
    }
}
