package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.RunningServer.Server;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

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
}
