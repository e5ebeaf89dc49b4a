package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class TemplateAndSewingTest extends HttpTest {

    @AfterMethod
    void printAsItIs() {
        delete("/api/printer");
    }

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
    public void aTallBookTakesTwoPages() throws Exception {
        ObjectNode tall = document("Tall");
        ((ObjectNode) tall.get("leaf")).put("heightMm", 330);
        JsonNode book = post("/api/books", tall).body();
        try (PDDocument pdf = Loader.loadPDF(sheet(book, "template.pdf"))) {
            assertEquals(pdf.getNumberOfPages(), 2);
        }
        assertEquals(
                get("/api/books/" + BooksTest.id(book) + "/template")
                        .body()
                        .get("pages")
                        .asInt(),
                2);
    }

    @Test
    public void measuredBarsStretchTheNextSheet() {
        JsonNode book = begin("Cues");
        put("/api/printer", bars("97.3", "101.2"));
        String svg = new String(sheet(book, "template.svg"), StandardCharsets.UTF_8);
        // the level check bar, 100 mm, is drawn 100 / 0.973 long
        double longest = java.util.regex.Pattern.compile(
                        "class=\"check\" x1=\"([\\d.]+)\" y1=\"([\\d.]+)\" x2=\"([\\d.]+)\" y2=\"\\2\"")
                .matcher(svg)
                .results()
                .mapToDouble(line -> Double.parseDouble(line.group(3)) - Double.parseDouble(line.group(1)))
                .max()
                .orElseThrow();
        assertEquals(longest, 100 / 0.973, 0.01);
    }

    @DataProvider
    Object[][] absurdBars() {
        return new Object[][] {{"0", "100"}, {"40", "100"}, {"long", "100"}, {"100", ""}};
    }

    @Test(dataProvider = "absurdBars")
    public void absurdBarsAreRefusedAndNothingIsStretched(String across, String along) {
        Answer answer = put("/api/printer", bars(across, along));
        assertEquals(answer.status(), 422);
        assertTrue(get("/api/printer").body().get("none").asBoolean());
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

    private static Map<String, String> bars(String across, String along) {
        return Map.of("across", across, "along", along, "unit", "MM", "barUnit", "MM");
    }
}
