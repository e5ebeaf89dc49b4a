package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class TemplateAndSewingTest extends HttpTest {

    @DataProvider
    Object[][] papers() {
        // ISO 216 and the North American letter, in points of 1/72 in
        return new Object[][] {{"A4", 595.28f, 841.89f}, {"LETTER", 612f, 792f}};
    }

    @Test(dataProvider = "papers")
    public void theSheetIsAPdfOfThePapersSize(String paper, float width, float height) throws Exception {
        try (PDDocument pdf = Loader.loadPDF(sheet(begin("Cues"), "template.pdf?paper=" + paper))) {
            assertEquals(pdf.getPage(0).getMediaBox().getWidth(), width, 0.1f);
            assertEquals(pdf.getPage(0).getMediaBox().getHeight(), height, 0.1f);
        }
    }

    @Test
    public void aTallBookIsPartedIntoTiles() throws Exception {
        ObjectNode tall = document("Tall");
        ((ObjectNode) tall.get("leaf")).put("heightMm", 330);
        byte[] sheet = sheet(post("/api/books", tall).body(), "template.pdf");
        try (PDDocument pdf = Loader.loadPDF(sheet)) {
            assertTrue(new org.apache.pdfbox.text.PDFTextStripper().getText(pdf).contains("part 2 of 2"));
        }
    }

    @Test
    public void thePlaceInTheSewingIsKept() {
        JsonNode book = begin("Cues");
        put(place(book), Map.of("step", 4, "outsideUp", true));
        JsonNode kept = get(place(book)).body();
        assertEquals(kept.get("step").asInt() + " " + kept.get("outsideUp").asBoolean(), "4 true");
    }

    @Test
    public void aPlaceThatThePathDoesNotHaveIsRefused() {
        assertEquals(
                put(place(begin("Cues")), Map.of("step", 99, "outsideUp", false))
                        .status(),
                422);
    }

    @Test
    public void aPlanThatChangedUnderAHalfSewnBookIsNoticed() {
        JsonNode book = begin("Cues");
        put(place(book), Map.of("step", 4, "outsideUp", false));
        ObjectNode three = ((ObjectNode) book.get("document")).deepCopy();
        ((ObjectNode) three.get("stations")).put("count", 3);
        change(book, "3 stations", three);
        assertTrue(get(place(book)).body().get("planChanged").asBoolean());
    }

    private byte[] sheet(JsonNode book, String file) {
        Answer answer = get("/api/books/" + BooksTest.id(book) + "/" + file);
        assertEquals(answer.status(), 200);
        return answer.raw().body();
    }

    private static String place(JsonNode book) {
        return "/api/books/" + BooksTest.id(book) + "/sewing";
    }
}
