package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What there is to choose from: structures, splits, leaves; and the cutting plan on paper. */
public class PlanChoicesTest extends HttpTest {

    /** 240 pages, bound as advised for a book that must lie flat. */
    private ObjectNode flat() {
        ObjectNode document = extent(document("Prompt book"), 240);
        ((ObjectNode) document.get("use")).putArray("needs").add("LIE_FLAT");
        JsonNode first = post("/api/plan/advice", document).body().get(0);
        assertEquals(first.get("key").asString(), "link-stitch");
        return (ObjectNode) first.get("document");
    }

    private static ObjectNode inStock(ObjectNode document, double widthMm, double heightMm, int have) {
        ((ObjectNode) document.get("paper"))
                .putObject("stock")
                .put("widthMm", widthMm)
                .put("heightMm", heightMm)
                .put("grain", "ALONG_HEIGHT")
                .put("deckleMm", 0)
                .put("have", have);
        return document;
    }

    @Test
    public void theFirstSplitIsTheOneTheBookIsPlannedWith() {
        JsonNode splits = post("/api/plan/splits", flat()).body();
        JsonNode plan = post("/api/plan", flat()).body();
        assertEquals(splits.get(0).get("words"), plan.get("block").get("words"));
    }

    @Test
    public void aSplitHasTheFiguresOfThePlanThatTakesIt() {
        ObjectNode document = flat();
        for (JsonNode split : post("/api/plan/splits", document).body()) {
            ObjectNode gathering = (ObjectNode) document.get("gathering");
            gathering
                    .put("signatures", split.get("signatures").asInt())
                    .put("filled", split.get("filled").asBoolean());
            gathering.set("filledTo", split.get("filledTo"));
            JsonNode plan = post("/api/plan", document).body();
            for (String figure : List.of("creep", "swell", "spine", "wedge", "thread", "time")) {
                assertEquals(split.get(figure), figure(plan, figure).get("value"), split.get("words") + " " + figure);
            }
            assertEquals(
                    split.get("holes").asString(),
                    figure(plan, "holes").get("value").get("mm").asString());
        }
    }

    private static JsonNode figure(JsonNode plan, String key) {
        return plan.get("figures")
                .valueStream()
                .filter(figure -> figure.get("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aSplitThatIsTakenIsKeptWithItsBook() {
        ObjectNode document = flat();
        JsonNode third = post("/api/plan/splits", document).body().get(2);
        ((ObjectNode) document.get("gathering"))
                .put("signatures", third.get("signatures").asInt())
                .put("filled", third.get("filled").asBoolean());
        JsonNode plan = post("/api/plan", document).body();
        assertEquals(plan.get("block").get("words"), third.get("words"));
    }

    @Test
    public void singleSheetsHaveNoSplits() {
        ObjectNode document = document("Patterns").put("structure", "stab-four-hole");
        assertEquals(post("/api/plan/splits", document).body().size(), 0);
    }

    @Test
    public void everyAdvisedBookCanBeKept() {
        for (JsonNode advice :
                post("/api/plan/advice", extent(document("Cues"), 120)).body()) {
            assertEquals(
                    post("/api/plan", advice.get("document")).status(),
                    200,
                    advice.get("key").asString());
        }
    }

    @Test
    public void whatIsOnlyNamedIsMarked() {
        List<String> named = post("/api/plan/advice", document("Cues"))
                .body()
                .valueStream()
                .filter(advice -> !advice.get("plannable").asBoolean())
                .map(advice -> advice.get("key").asString())
                .toList();
        assertEquals(named, List.of("glued-spine"));
    }

    @Test
    public void aLeafFitsTheCoverAtHand() {
        JsonNode leaf = post("/api/plan/leaf-for-cover", Map.of("frontMm", 151, "heightMm", 216, "squareMm", 3))
                .body();
        assertEquals(leaf.get("widthMm").asDouble() + " " + leaf.get("heightMm").asDouble(), "148.0 210.0");
    }

    @Test
    public void squaresThatLeaveNothingAreRefused() {
        assertEquals(
                post("/api/plan/leaf-for-cover", Map.of("frontMm", 5, "heightMm", 216, "squareMm", 30))
                        .status(),
                422);
    }

    @Test
    public void theCuttingPlanIsPrinted() throws Exception {
        JsonNode book = post("/api/books", inStock(flat(), 640, 900, 5)).body();
        Answer pdf = get("/api/books/" + BooksTest.id(book) + "/cutting.pdf");
        try (PDDocument printed = Loader.loadPDF(pdf.raw().body())) {
            String text = new PDFTextStripper().getText(printed).replace('\u202f', ' ');
            assertTrue(text.contains("Cutting plan, Book wove: 8 stock sheets of 640 mm × 900 mm"), text);
            assertTrue(text.contains("short by 3"), text);
        }
    }

    @Test
    public void aShorterSignatureIsCutFromTheStockLikeTheOthers() {
        ObjectNode document = inStock(flat(), 640, 900, 5);
        ((ObjectNode) document.get("gathering"))
                .putArray("unlike")
                .addObject()
                .put("signature", 1)
                .put("heightMm", 150);
        JsonNode paper = post("/api/plan", document).body().get("papers").get(0);
        assertEquals(paper.get("demands").size(), 2, paper.toString());
        assertFalse(paper.get("cutting").get("layouts").isEmpty());
    }

    @Test
    public void theCuttingPlanIsDrawnAsSvg() {
        JsonNode book = post("/api/books", inStock(flat(), 640, 900, 5)).body();
        Answer svg = get("/api/books/" + BooksTest.id(book) + "/cutting.svg");
        assertTrue(new String(svg.raw().body(), StandardCharsets.UTF_8).contains("class=\"cut\""));
    }

    @DataProvider
    Object[][] noPlans() {
        return new Object[][] {{"cutting.pdf", 422}, {"cutting.pdf?stock=7", 404}};
    }

    @Test(dataProvider = "noPlans")
    public void whatIsNotThereIsToldInOneLine(String path, int status) {
        JsonNode book = post("/api/books", flat()).body();
        Answer answer = get("/api/books/" + BooksTest.id(book) + "/" + path);
        assertEquals(answer.status(), status);
        assertTrue(answer.message().endsWith(".") && !answer.message().contains("Exception"), answer.message());
    }

    @Test
    public void theCaliperReadsWhatLiesBetweenItsJaws() {
        put("/api/caliper/jaws", Map.of("stuff", "GREY_STACK", "number", 20));
        double few = post("/api/caliper/reading", "").body().get("mm").asDouble();
        put("/api/caliper/jaws", Map.of("stuff", "GREY_STACK", "number", 200));
        double many = post("/api/caliper/reading", "").body().get("mm").asDouble();
        assertTrue(many > 8 * few && many < 12 * few, few + " and " + many);
    }

    @Test
    public void theJawsDoNotTakeAThousandSheets() {
        Answer answer = put("/api/caliper/jaws", Map.of("stuff", "TISSUE", "number", 1000));
        assertEquals(answer.status() + " " + answer.body().get("field").asString(), "422 number");
    }

    /** Two structures side by side: each with the figures that its own plan has. */
    @Test
    public void structuresAreLaidSideBySideFromTheirOwnPlans() {
        ObjectNode document = extent(document("Cues"), 120);
        for (JsonNode advice : post("/api/plan/advice", document).body()) {
            if (!advice.get("key").asString().equals("long-stitch")) {
                continue;
            }
            JsonNode looks = post("/api/plan/looks", Map.of("document", document, "keys", List.of("long-stitch")))
                    .body()
                    .get(0);
            List<String> own = post("/api/plan", advice.get("document"))
                    .body()
                    .get("figures")
                    .valueStream()
                    .map(figure -> figure.get("label") + " " + figure.get("value"))
                    .toList();
            for (JsonNode figure : looks.get("figures")) {
                assertTrue(own.contains(figure.get("label") + " " + figure.get("value")), figure.toString());
            }
            assertEquals(looks.get("figures").size(), 5);
            return;
        }
        throw new AssertionError("No long stitch was advised");
    }

    @Test
    public void ofAStructureThatNobodyKnowsNothingIsShown() {
        assertEquals(
                post("/api/plan/looks", Map.of("document", document("Cues"), "keys", List.of("glued-spine", "dreamt")))
                        .body()
                        .size(),
                0);
    }

    @Test
    public void paperInHandIsAskedForWhereItIsNotKnown() {
        Answer answer = post("/api/plan/from-paper", document("Cues"));
        assertEquals(answer.status() + " " + answer.body().get("field").asString(), "422 paper.stock.have");
    }

    /** What comes out of paper in hand can be begun as it is. */
    @Test
    public void aBookOutOfPaperInHandIsBegun() {
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("paper"))
                .putObject("stock")
                .put("widthMm", 420)
                .put("heightMm", 594)
                .put("grain", "ALONG_WIDTH")
                .put("deckleMm", 0)
                .put("have", 3);
        for (JsonNode book : post("/api/plan/from-paper", document).body()) {
            JsonNode begun = post("/api/books", book.get("document")).body();
            assertEquals(
                    begun.at("/plan/pages").asInt(),
                    book.get("pages").asInt(),
                    book.get("name").asString());
        }
    }
}
