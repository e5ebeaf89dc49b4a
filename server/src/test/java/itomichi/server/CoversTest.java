package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** From the sewn block to a cut list, over HTTP. */
public class CoversTest extends HttpTest {

    private JsonNode onTapes() {
        ObjectNode document = extent(document("Log"), 160);
        document.put("structure", "tapes");
        ((ObjectNode) document.get("stations")).put("scheme", "PAIRS");
        ((ObjectNode) document.get("cover")).put("wanted", false);
        return post("/api/books", document).body();
    }

    private static ObjectNode covering(ObjectNode document) {
        return (ObjectNode) document.get("covering");
    }

    private static ObjectNode copy(JsonNode book) {
        return ((ObjectNode) book.get("document")).deepCopy();
    }

    private static JsonNode piece(JsonNode plan, String key) {
        return plan.get("covering")
                .get("pieces")
                .valueStream()
                .filter(piece -> piece.get("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private byte[] file(JsonNode book, String path) {
        Answer answer = get("/api/books/" + BooksTest.id(book) + "/cover/" + path);
        assertEquals(answer.status(), 200, answer.message());
        return answer.raw().body();
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    public void aMeasuredSpineIsKeptAndCutTo() {
        JsonNode book = onTapes();
        ObjectNode document = copy(book);
        ((ObjectNode) covering(document).get("block")).put("spineMm", 23.4);
        JsonNode kept = change(book, "at the spine", document).body();
        assertEquals(
                kept.get("document").get("covering").get("block").get("spineMm").asDouble(), 23.4);
        assertEquals(
                piece(kept.get("plan"), "spine-piece").get("width").get("mm").asString(), "23.4\u202fmm");
    }

    @Test
    public void theNextThingIsTheFirstStepThatIsNotTicked() {
        JsonNode book = onTapes();
        ObjectNode document = copy(book);
        Stream.of("PURPOSE", "PAPER", "GATHER", "PAGES", "STATIONS", "TEMPLATE", "THREAD", "SEW", "COVER")
                .forEach(((ArrayNode) document.get("done"))::add);
        covering(document).putArray("ticked").add("nip");
        JsonNode next = change(book, "a step", document).body().get("plan").get("next");
        assertTrue(next.get("words").get("mm").asString().startsWith("Press it"), next.toString());
    }

    @Test
    public void onlyWhatMakesADifferenceIsAskedFor() {
        JsonNode book = onTapes();
        assertTrue(
                texts(book.get("plan").get("covering").get("settings"), "key").contains("joint"));
        ObjectNode document = copy(book);
        ((ObjectNode) covering(document).get("schools")).put("joints", "BOARDS");
        JsonNode plan = post("/api/plan", document).body();
        assertFalse(texts(plan.get("covering").get("settings"), "key").contains("joint"));
    }

    @DataProvider
    Object[][] wrong() {
        return new Object[][] {
            {"block", "boardMm", "0.1", "covering.block.boardMm"},
            {"block", "boardMm", "12", "covering.block.boardMm"},
            {"block", "spineMm", "-4", "covering.block.spineMm"},
            {"block", "heightMm", "1e300", "covering.block.heightMm"},
            {"numbers", "turn-in", "1e300", "covering.numbers.turn-in"},
            {"numbers", "turn-in", "null", "covering.numbers.turn-in"},
            {"numbers", "no such", "3", "covering.numbers.no such"},
            {"schools", "joints", "\"\\u0000\"", "covering.schools.joints"},
            {"schools", "joints", "null", "covering.schools.joints"}
        };
    }

    @Test(dataProvider = "wrong")
    public void whatNoCoverCanBeIsRefusedInOneLine(String part, String key, String value, String field)
            throws Exception {
        JsonNode book = onTapes();
        ObjectNode document = copy(book);
        ((ObjectNode) covering(document).get(part))
                .set(key, new tools.jackson.databind.json.JsonMapper().readTree(value));
        Answer answer = change(book, "a cover", document);
        assertTrue(answer.status() == 422 || answer.status() == 400, answer.status() + " " + answer.message());
        assertEquals(answer.body().path("field").asString(""), field, answer.message());
        assertFalse(answer.message().contains("\n"), answer.message());
    }

    @Test
    public void withoutItsCoveringABookIsRefused() {
        ObjectNode document = document("Log");
        document.remove("covering");
        assertEquals(post("/api/books", document).body().get("field").asString(), "covering");
    }

    @Test
    public void thePaperAndTheTableSayWhatTheScreenSays() throws Exception {
        JsonNode book = onTapes();
        String pdf = text(file(book, "list.pdf?paper=A4"));
        List<CSVRecord> rows = CSVParser.parse(
                        new String(file(book, "list.csv"), StandardCharsets.UTF_8), CSVFormat.RFC4180)
                .getRecords();
        for (JsonNode piece : book.get("plan").get("covering").get("pieces")) {
            String wide = piece.get("width").get("mm").asString();
            CSVRecord row = rows.stream()
                    .filter(one -> one.get(0).equals(piece.get("name").asString()))
                    .findFirst()
                    .orElseThrow();
            assertTrue(pdf.contains(piece.get("name").asString()), piece + " is not in " + pdf);
            assertEquals(
                    Double.parseDouble(row.get(4)),
                    Double.parseDouble(wide.replace("\u202fmm", "")),
                    0.26,
                    piece.toString());
        }
    }

    @Test
    public void aNameIsNoFormulaInTheTable() {
        ObjectNode document = document("Log");
        ((ObjectNode) document.get("paper")).put("name", "=1+1");
        JsonNode book = post("/api/books", document).body();
        String csv = new String(file(book, "list.csv"), StandardCharsets.UTF_8);
        assertTrue(csv.contains("'=1+1") && !csv.contains(",=1+1"), csv);
    }

    @Test
    public void eachPieceIsGivenOutAtTrueSize() {
        JsonNode book = onTapes();
        for (JsonNode piece : book.get("plan").get("covering").get("pieces")) {
            String key = piece.get("key").asString();
            String svg = new String(file(book, "pieces/" + key + ".svg"), StandardCharsets.UTF_8);
            assertTrue(svg.contains("mm\""), key);
            assertTrue(
                    new String(file(book, "pieces/" + key + ".dxf"), StandardCharsets.US_ASCII).contains("CUT"), key);
        }
    }

    @Test
    public void aPieceThatTheCoverLacksIsNotFound() {
        Answer answer = get("/api/books/" + BooksTest.id(onTapes()) + "/cover/pieces/pleat.svg");
        assertEquals(answer.status(), 404);
        assertEquals(answer.message(), "The cover of “Log” has no such piece.");
    }

    @Test
    public void aCoverThatCannotBeMadeIsKeptAndSaid() {
        JsonNode book = onTapes();
        ObjectNode document = copy(book);
        ((ObjectNode) covering(document).get("numbers")).put("turn-in", 95);
        JsonNode plan = change(book, "turn-in", document).body().get("plan");
        assertTrue(plan.get("stopped").asBoolean());
        assertTrue(texts(plan.get("remarks"), "key").contains("cover-turn-in"));
    }

    private static void done(ObjectNode document) {
        Stream.of("PURPOSE", "PAPER", "GATHER", "PAGES", "STATIONS", "TEMPLATE", "THREAD", "SEW", "COVER")
                .forEach(((ArrayNode) document.get("done"))::add);
    }

    @Test
    public void aBookStandsInTheColourOfTheSheetItsCoverWasCutFrom() {
        JsonNode book = onTapes();
        ObjectNode document = copy(book);
        ((ArrayNode) covering(document).get("stocks"))
                .addObject()
                .put("stuff", "CLOTH")
                .put("name", "Sail cloth")
                .put("widthMm", 700)
                .put("heightMm", 1000)
                .put("grain", "ALONG_HEIGHT")
                .put("colour", "MADDER");
        JsonNode uncovered = change(book, "cloth", document).body();
        assertEquals(card(uncovered).at("/looks/made").asString(), "PLANNED");
        done(document);
        change(uncovered, "the cover is on", document);
        assertEquals(card(uncovered).at("/looks/made").asString(), "BOUND");
        assertEquals(card(uncovered).at("/looks/closed/colour").asString(), "MADDER");
    }

    @Test
    public void theStitchesOfAStabBoundBookAreSeenOnItsFront() {
        ObjectNode document = document("Figures");
        document.put("structure", "stab-four-hole");
        done(document);
        JsonNode book = post("/api/books", document).body();
        assertTrue(card(book).at("/looks/frontThread").size() > 3, card(book).toString());
        assertEquals(card(onTapes()).at("/looks/frontThread").size(), 0);
    }
}
