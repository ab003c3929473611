package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Changing;
import com.deftchill.server.support.RunningServer.Server;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Formulas as files: schema, export, import. */
@Changing
class ExchangeApiTest {
    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "pear-bay",
                "coconut-sea-buckthorn",
                "smoked-tea-honey",
                "blackcurrant-barley",
                "brown-butter-quince",
                "hazelnut-oat",
                "kiwi-elderflower",
                "chestnut-rum",
                "buckthorn-cheesecake",
                "pear-hazelnut-verrine",
                "chestnut-dome",
                "malt-cherry-bowl",
                "caramel-coconut-cup",
                "yuzu-meringue-tart",
                "rhubarb-elderflower-fool",
                "white-sabayon-plum",
                "split-ganache-pots",
                "hurried-apricot-mousse"
            })
    void everySampleIsOfThePublishedSchemaAndComesBackAsItWent(String name) {
        var published = api.get("/api/schemas/formula-5.json");
        assertThat(published.contentType()).startsWith("application/schema+json");
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(published.text());
        var document = Api.demo(name);
        assertThat(schema.validate(document)).isEmpty();

        var imported = api.post("/api/imports", document.toString());
        assertThat(imported.status()).isEqualTo(201);
        var id = imported.json().at("/id").asString();
        assertThat(api.get("/api/formulas/" + id).json().at("/document")).isEqualTo(document);
        assertThat(api.get("/api/formulas/" + id + "/export").json()).isEqualTo(document);
    }

    @Test
    void aDocumentOfTheFirstSchemaIsReadAsOneOfTheLast() {
        var old = """
                {"schema": 1, "name": "Old one", "served": "turned-out",
                 "components": [{"name": "Old one", "lines": [{"ingredient": "cream-35", "amount": "500 g"}],
                   "gelatin": {"product": "sheet-gold", "amount": "8 g", "bloomWater": "40 g"},
                   "pourTemperature": "32 °C"}],
                 "mould": {"mould": "dariole", "count": "5"}, "cooler": {"cooler": "fridge-still", "air": "4 °C"},
                 "pouredAt": "14:00"}
                """;
        assertThat(api.post("/api/assessments", old).status()).isEqualTo(200);
        var imported = api.post("/api/imports", old);
        assertThat(imported.status()).isEqualTo(201);
        var stored =
                api.get("/api/formulas/" + imported.json().at("/id").asString()).json();
        assertThat(stored.at("/document/schema").asInt()).isEqualTo(5);
        assertThat(stored.at("/document/components/0/gels/0/amount").asString()).isEqualTo("8 g");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "{\"schema\": 6, \"name\": \"x\"}; /schema; newer",
                "{\"name\": \"x\"}; /schema; version of the document",
                "{\"schema\": 2}; ''; name",
                "{\"schema\": 2, \"name\": \"x\", \"colour\": 1}; ''; colour",
                "{\"schema\": 2, \"name\": 7}; /name; string",
                "{\"schema\": 2, \"name\": \"x\", \"served\": \"thrown\"}; /served; ",
                "{\"schema\": 2, \"name\": \"x\", \"components\": [{\"lines\": [{\"amount\": \"1 g\"}]}]}; /components/0/lines/0; ingredient",
                "{\"schema\": 1e99, \"name\": \"x\"}; /schema; ",
                "[]; ''; JSON object"
            })
    void aBadFileIsAnsweredWithPathValueAndRule(String file, String path, String rule) {
        int before = api.get("/api/formulas").json().at("/total").asInt();
        var refused = api.post("/api/imports", file);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().at("/problems/0/path").asString()).isEqualTo(path);
        assertThat(refused.json().at("/problems/0/rule").asString()).contains(rule == null ? "" : rule);
        assertThat(api.get("/api/formulas").json().at("/total").asInt()).isEqualTo(before);
    }

    @Test
    void whatIsNoJsonIsSaidSo() {
        for (var file : new String[] {"", "nonsense", "{\"schema\": 2", "\u0000"}) {
            var refused = api.post("/api/imports", file);
            assertThat(refused.status()).as(file).isEqualTo(400);
            assertThat(refused.json().at("/problems/0/rule").asString()).contains("JSON");
        }
    }

    @Test
    void nothingIsHalfImported() {
        var document = Api.demo("pear-bay");
        document.putArray("own")
                .addObject()
                .put("kind", "ingredient")
                .put("id", "own-half")
                .putObject("fields")
                .put("name", "Half")
                .put("sugars", "10");
        var second = ((tools.jackson.databind.node.ArrayNode) document.get("own")).addObject();
        second.put("kind", "ingredient")
                .put("id", "own-broken")
                .putObject("fields")
                .put("name", "Broken")
                .put("sugars", "200");
        int before = api.get("/api/larder/own").json().size();
        var refused = api.post("/api/imports", document.toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().at("/problems/0/path").asString()).startsWith("/own/1/");
        assertThat(api.get("/api/larder/own").json().size()).isEqualTo(before);
    }

    @Test
    void ownEntriesTravelWithTheFormula() {
        var added = api.post(
                "/api/larder/own",
                "{\"kind\":\"mould\",\"fields\":{\"name\":\"Travel cup\",\"bottom\":\"50\",\"top\":\"60\",\"height\":\"55\"}}");
        var mould = added.json().at("/entry/id").asString();
        var document = Api.demo("pear-bay");
        ((ObjectNode) document.at("/moulds")).put("of", mould);
        var id = api.post("/api/formulas", document.toString()).json().at("/id").asString();
        var exported = api.get("/api/formulas/" + id + "/export").json();
        assertThat(exported.at("/own/0/fields/name").asString()).isEqualTo("Travel cup");

        // The same entry is known here: nothing is added, nothing stays in the document.
        int before = api.get("/api/larder/own").json().size();
        var again = api.post("/api/imports", exported.toString());
        assertThat(api.get("/api/larder/own").json().size()).isEqualTo(before);
        assertThat(api.get("/api/formulas/" + again.json().at("/id").asString())
                        .json()
                        .at("/document/own")
                        .size())
                .isZero();

        // Another entry of the same id: the formula goes by its own, the kitchen keeps its.
        ((ObjectNode) exported.at("/own/0/fields")).put("height", "70");
        var other = api.post("/api/imports", exported.toString());
        var stored = api.get("/api/formulas/" + other.json().at("/id").asString())
                .json()
                .at("/document");
        assertThat(stored.at("/own/0/fields/height").asString()).isEqualTo("70");
        assertThat(api.post("/api/assessments", stored.toString())
                        .json()
                        .at("/section/inner/1/heightMm")
                        .asDouble())
                .isEqualTo(70);

        // In a kitchen without it, it is put into the larder.
        api.delete("/api/larder/own/" + added.json().at("/key").asString() + "?version=0");
        ((ObjectNode) exported.at("/own/0/fields")).put("height", "55");
        assertThat(api.post("/api/imports", exported.toString()).status()).isEqualTo(201);
        assertThat(api.get("/api/larder/own").text()).contains("Travel cup");
    }

    @Test
    void aCoolerThatIsOnlyAPlaceOfTheTimetableTravelsAndCountsAsUsed() {
        var added = api.post(
                "/api/larder/own", "{\"kind\":\"cooler\",\"fields\":{\"name\":\"Cellar\",\"air\":\"12\",\"h\":\"6\"}}");
        var cellar = added.json().at("/entry/id").asString();
        var document = Api.demo("pear-bay").put("name", "By way of the cellar");
        ((ObjectNode) document.at("/cooler"))
                .putArray("places")
                .addObject()
                .put("of", cellar)
                .put("stay", "2 h");
        ((ArrayNode) document.at("/cooler/places")).addObject();
        var id = api.post("/api/formulas", document.toString()).json().at("/id").asString();
        assertThat(api.get("/api/formulas/" + id + "/export")
                        .json()
                        .at("/own/0/fields/name")
                        .asString())
                .isEqualTo("Cellar");
        assertThat(api.get("/api/larder/own")
                        .json()
                        .valueStream()
                        .filter(own -> own.at("/entry/id").asString().equals(cellar))
                        .map(own -> own.at("/usedBy/0").asString()))
                .containsExactly("By way of the cellar");
    }

    @Test
    void anExportIsNamedAfterItsFormula() {
        var document = Api.demo("pear-bay").put("name", "Kastanie / 栗");
        var id = api.post("/api/formulas", document.toString()).json().at("/id").asString();
        assertThat(api.head("/api/formulas/" + id + "/export", "Content-Disposition"))
                .contains("attachment")
                .contains("Kastanie")
                .contains(".json");
    }

    @Test
    void aRecipeOfOtherProgramsIsReadLineByLineAndNothingIsLost() {
        var recipe = """
                {"@context": "https://schema.org", "@type": "Recipe", "name": "From elsewhere", "recipeYield": "4 portions",
                 "recipeIngredient": ["500 g whipping cream 35 %", "100 g caster sugar", "3 gold gelatin sheets",
                   "unicorn tears, to taste"]}
                """;
        var imported = api.post("/api/imports", recipe);
        assertThat(imported.status()).isEqualTo(201);
        var document = api.get("/api/formulas/" + imported.json().at("/id").asString())
                .json()
                .at("/document");
        assertThat(document.at("/name").asString()).isEqualTo("From elsewhere");
        assertThat(document.at("/moulds/count").asString()).isEqualTo("4");
        assertThat(document.at("/components/0/gels/0/of").asString()).isEqualTo("sheet-gold");
        assertThat(document.at("/components/0/lines/0/of").asString()).isEqualTo("cream-35");
        assertThat(document.at("/components/0/lines/2/of").asString()).contains("unicorn tears");
    }

    @Test
    void aFormulaGoesOutAsARecipeWithStepsAndNutrition() {
        var id = api.post("/api/formulas", Api.demo("pear-hazelnut-verrine").toString())
                .json()
                .at("/id")
                .asString();
        var answer = api.get("/api/formulas/" + id + "/recipe");
        assertThat(answer.contentType()).startsWith("application/ld+json");
        var recipe = answer.json();
        assertThat(recipe.at("/@type").asString()).isEqualTo("Recipe");
        assertThat(recipe.at("/recipeIngredient").size()).isGreaterThan(8);
        assertThat(recipe.at("/recipeInstructions").size()).isGreaterThan(10);
        assertThat(recipe.at("/nutrition/calories").asString()).endsWith("kcal");
        var back = api.post("/api/imports", recipe.toString());
        assertThat(back.status()).isEqualTo(201);
    }

    @Test
    void aTableOfOwnEntriesIsTakenWholeOrNotAtAll() {
        var bad = api.postText(
                "/api/larder/own/cooler.csv", "name,air,h,hBase\nGood one,4,7,7\nBad one,very cold,7,7\n", "text/csv");
        assertThat(bad.status()).isEqualTo(422);
        assertThat(bad.json().at("/problems/0/field").asString()).startsWith("Line 3");
        assertThat(api.getText("/api/larder/own/cooler.csv")).doesNotContain("Good one");
        var good = api.postText("/api/larder/own/cooler.csv", "name,air,h,hBase\nCellar,8,7,7\n", "text/csv");
        assertThat(good.status()).isEqualTo(201);
        assertThat(api.getText("/api/larder/own/cooler.csv")).contains("Cellar,8,7,7");
    }

    @Test
    void noCellOfATableBeginsAFormulaAndItComesBackAsItWas() {
        var name = "=HYPERLINK(1)";
        var taken =
                api.postText("/api/larder/own/cooler.csv", "name,air,h,hBase\n\"" + name + "\",-18,7,7\n", "text/csv");
        assertThat(taken.status()).as(taken.text()).isEqualTo(201);
        var table = api.getText("/api/larder/own/cooler.csv");
        assertThat(table).contains("'" + name + ",-18,7,7").doesNotContain("\n" + name);
        var entries = api.get("/api/larder/own").json().toString();
        assertThat(entries).contains(name).doesNotContain("'" + name);
        var row = table.lines()
                .filter(line -> line.contains("HYPERLINK"))
                .findFirst()
                .orElseThrow();
        var again = api.postText(
                "/api/larder/own/cooler.csv", table.lines().findFirst().orElseThrow() + "\n" + row, "text/csv");
        assertThat(again.status()).as(again.text()).isEqualTo(201);
        assertThat(api.get("/api/larder/own").json().toString()).doesNotContain("'" + name);
    }

    @Test
    void aFormulaThatIsSentTwiceUnderOneIdIsStoredOnce() {
        var id = UUID.randomUUID();
        var document = Api.demo("pear-bay").put("name", "Sent twice " + id).toString();
        for (var path : new String[] {"/api/formulas", "/api/imports"}) {
            for (int time = 0; time < 2; time++) {
                var sent = api.post(path + "?id=" + id, document);
                assertThat(sent.status()).as(sent.text()).isEqualTo(201);
                assertThat(sent.json().at("/id").asString()).isEqualTo(id.toString());
            }
        }
        assertThat(api.get("/api/formulas?search=Sent%20twice%20" + id)
                        .json()
                        .at("/total")
                        .asInt())
                .isEqualTo(1);
        var another = UUID.randomUUID();
        var recipe = api.getText("/api/formulas/" + id + "/recipe");
        assertThat(api.post("/api/imports?id=" + another, recipe).status()).isEqualTo(201);
        assertThat(api.post("/api/imports?id=" + another, recipe)
                        .json()
                        .at("/id")
                        .asString())
                .isEqualTo(another.toString());
        var batch = Api.json()
                .put("madeOn", "2026-11-20")
                .put("pouredAt", "14:00")
                .put("outcome", "CLEAN")
                .set("document", Api.demo("pear-bay"));
        var of = "/api/formulas/" + id + "/batches";
        var first = api.post(of + "?id=" + another, batch.toString());
        assertThat(first.status()).as(first.text()).isEqualTo(201);
        assertThat(api.post(of + "?id=" + another, batch.toString()).json()).isEqualTo(first.json());
        assertThat(api.get(of).json().at("/total").asInt()).isEqualTo(1);
    }

    @Test
    void aPastedListComesBackWholeWithWhatItMayMean() {
        var read = api.post("/api/pasted-lists", "{\"text\": \"2 T sugar\\nunicorn tears\", \"measures\": \"metric\"}")
                .json();
        assertThat(read.at("/0/problems/0/fixes").size()).isEqualTo(2);
        assertThat(read.at("/1/kind").asString()).isEqualTo("NOT_UNDERSTOOD");
    }

    @Test
    void everySumAnswersItsExampleAndNamesABadField() {
        var sums = api.get("/api/sums").json();
        assertThat(sums.size()).isGreaterThanOrEqualTo(8);
        for (var sum : sums) {
            var id = sum.at("/id").asString();
            var answer = api.post("/api/sums/" + id, "{\"fields\": {}}");
            assertThat(answer.status()).as(id).isEqualTo(200);
            assertThat(answer.json().at("/sentence").asString()).as(id).isNotBlank();
            var text = java.util.stream.StreamSupport.stream(sum.at("/fields").spliterator(), false)
                    .filter(field -> List.of("text", "temperature")
                            .contains(field.at("/kind").asString()))
                    .findFirst()
                    .orElseThrow()
                    .at("/name")
                    .asString();
            var bad = api.post("/api/sums/" + id, "{\"fields\": {\"" + text + "\": \"quite a lot\"}}");
            assertThat(bad.status()).as(id).isEqualTo(422);
            assertThat(bad.json().at("/problems/0/path").asString()).isEqualTo("/fields/" + text);
        }
        assertThat(api.post("/api/sums/unheard-of", "{\"fields\": {}}").status())
                .isEqualTo(404);
    }

    @Test
    void variantsSayWhatIsNotTheSame() {
        var variants =
                api.post("/api/variants", Api.demo("chestnut-rum").toString()).json();
        assertThat(variants.size()).isEqualTo(3);
        for (var variant : variants) {
            assertThat(variant.at("/honest").asString()).isNotBlank();
            assertThat(api.post("/api/assessments", variant.at("/document").toString())
                            .status())
                    .isEqualTo(200);
        }
    }
}
