package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.InTheMaking;
import com.deftchill.server.support.RunningServer.Server;
import com.deftchill.server.support.Solving;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.zip.ZipInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

@Asking
class PaperApiTest {
    private static final float POINTS_PER_MM = 72 / 25.4f;

    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    private String formula(String demo) {
        return "/api/formulas/"
                + api.post("/api/formulas", Api.demo(demo).toString())
                        .json()
                        .at("/id")
                        .asString();
    }

    private PDDocument pdf(String path) throws IOException {
        return Loader.loadPDF(api.getBytes(path));
    }

    private static String text(PDDocument pdf) throws IOException {
        return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
    }

    /** Tagged, in a language, with a title, and every font in it. */
    private static void isWhole(PDDocument pdf) throws IOException {
        assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
        assertThat(pdf.getDocumentCatalog().getStructureTreeRoot()).isNotNull();
        assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
        assertThat(pdf.getDocumentInformation().getTitle()).isNotBlank();
        for (var page : pdf.getPages()) {
            for (var name : page.getResources().getFontNames()) {
                var font = page.getResources().getFont(name);
                assertThat(font.isEmbedded()).as(font.getName()).isTrue();
                assertThat(font.getName()).contains("Atkinson");
            }
        }
    }

    @Test
    void theCardOfAFormulaIsOnePageOfA4OrASheetOfA5() throws IOException {
        var formula = formula("pear-bay");
        for (var format : new String[] {"A4", "A5"}) {
            try (var card = pdf(formula + "/card.pdf?format=" + format)) {
                isWhole(card);
                assertThat(card.getNumberOfPages()).as(format).isLessThanOrEqualTo(format.equals("A4") ? 1 : 2);
                assertThat(card.getPage(0).getMediaBox().getWidth() / POINTS_PER_MM)
                        .isBetween(format.equals("A4") ? 209f : 147f, format.equals("A4") ? 211f : 149f);
                assertThat(text(card))
                        .contains("Pear and bay set cream")
                        .contains("620 g")
                        .contains("Gold sheets")
                        .contains("turns out from")
                        .contains("Local food-safety rules");
            }
        }
        assertThat(api.get(formula + "/card.pdf?format=A0").status()).isEqualTo(400);
    }

    /** The list on the card and the steps below it weigh the same. */
    @Test
    void theCardWeighsAsItsStepsDo() throws IOException {
        var document = Api.demo("pear-bay");
        ((ObjectNode) document.at("/components/0/gels/0"))
                .put("amount", "16.7 g")
                .put("water", "83.5 g");
        var id = api.post("/api/formulas", document.toString()).json().at("/id").asString();
        try (var card = pdf("/api/formulas/" + id + "/card.pdf")) {
            assertThat(text(card)).contains("16.7 g", "83.5 g").doesNotContain("17 g ", "84 g ");
        }
    }

    @Test
    void labelsSayWhatMadeUseByAndWhoShouldNotHaveIt() throws IOException {
        try (var labels = pdf(formula("chestnut-rum") + "/label.pdf?made=2026-11-27T14:00:00&count=3")) {
            isWhole(labels);
            var text = text(labels);
            assertThat(text)
                    .contains("Made Fri 27 Nov 2026, 14:00")
                    .contains("Use by")
                    .contains("5 °C");
            assertThat(text.split("Use by", -1)).hasSize(4);
            assertThat(text).contains("Alcohol: 21.6 ml").contains("Milk");
        }
        // Made with raw egg it keeps a day, and says for whom it is not.
        var raw = Api.demo("hazelnut-two-bowls").toString().replace("\"pasteurised\"", "\"raw\"");
        var id = api.post("/api/formulas", raw).json().at("/id").asString();
        try (var labels = pdf("/api/formulas/" + id + "/label.pdf?made=2026-11-27T14:00:00&count=1")) {
            assertThat(text(labels)).contains("Use by Sat 28 Nov 2026, 14:00").contains("children");
        }
        assertThat(api.get("/api/formulas/" + id + "/label.pdf?made=tomorrow").status())
                .isEqualTo(400);
        assertThat(api.get("/api/formulas/" + id + "/label.pdf?made=2026-11-27T14:00:00&count=999")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void theRecordOfABatchTellsItsFoodSafetyMomentsAndWhatWasMeasured() throws IOException {
        var id = formula("pear-bay").replace("/api/formulas/", "");
        var making = new InTheMaking(api, id, "Ilke");
        long at = System.currentTimeMillis() - 9 * 3600_000L;
        making.happened(at, "BEGAN", "0.bloom", "");
        making.happened(at + 600_000, "ENDED", "0.bloom", "");
        making.happened(at + 700_000, "LOT", "/components/0/gels/g1/amount", "=T-77");
        making.happened(at + 800_000, "ENDED", "0.fill", "");
        making.happened(at + 7_200_000, "CHECKED", "", "15 °C");
        making.happened(at + 7_300_000, "CAME_OUT", "", "CLEAN");
        making.happened(at + 7_400_000, "FINISHED", "", "");
        try (var record = pdf("/api/log/batches/" + making.batch() + "/record.pdf")) {
            isWhole(record);
            assertThat(text(record))
                    .contains("Pear and bay set cream")
                    .contains("made by Ilke")
                    .contains("Came out: clean")
                    .contains("=T-77")
                    .contains("15 °C")
                    .contains("below 21 °C: in time")
                    .contains("below 5 °C: not measured in time")
                    .contains("never measured below it")
                    .contains("Bloom")
                    .contains("620 g")
                    .contains("not that it was enough");
        }
        // One that was only logged says that no limit was followed.
        for (var line : api.get("/api/log?size=50").json().at("/lines")) {
            try (var record = pdf("/api/log/batches/" + line.at("/id").asString() + "/record.pdf?format=A5")) {
                isWhole(record);
                assertThat(text(record)).contains("Came out");
            }
        }
        assertThat(api.get("/api/log/batches/" + id + "/record.pdf").status()).isEqualTo(404);
    }

    @Test
    void aServiceHasAllItsPapersInOneZip() throws IOException {
        var plan = solved();
        try (var paper = pdf(plan + "/plan.pdf")) {
            isWhole(paper);
            assertThat(text(paper))
                    .contains("Served")
                    .contains("24 × Pear and bay")
                    .contains("Dissolve");
        }
        var names = new ArrayList<String>();
        try (var zip = new ZipInputStream(new ByteArrayInputStream(api.getBytes(plan + "/papers.zip")))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
                if (entry.getName().endsWith(".pdf")) {
                    try (var paper = Loader.loadPDF(zip.readAllBytes())) {
                        isWhole(paper);
                        if (entry.getName().endsWith("labels.pdf")) {
                            assertThat(text(paper)).contains("Use by");
                        }
                    }
                }
            }
        }
        assertThat(names).contains("day plan.pdf", "day plan.ics", "day plan.csv");
        assertThat(names).anyMatch(name -> name.endsWith(" card.pdf")).anyMatch(name -> name.endsWith(" labels.pdf"));
    }

    /** Dinner for one dessert in the far future, planned and stored. */
    private String solved() {
        var plan = (ObjectNode) api.get("/api/plan-starts?zone=Europe/Berlin").json();
        ((ObjectNode) plan.at("/services/0")).put("on", "2031-03-29");
        plan.putArray("dishes")
                .addObject()
                .put("id", "d0")
                .put("formula", formula("pear-bay").replace("/api/formulas/", ""))
                .put("version", 0)
                .put("service", "s1")
                .put("count", "24");
        var made = api.post("/api/plans", Api.json().set("document", plan).toString());
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        var answer = Solving.solved(api, made.json().at("/document"));
        var save = Api.json().put("version", made.json().at("/version").asLong());
        save.set("document", answer.at("/plan"));
        save.set("schedule", answer.at("/schedule"));
        var path = "/api/plans/" + made.json().at("/id").asString();
        assertThat(api.put(path, save.toString()).status()).isEqualTo(200);
        return path;
    }
}
