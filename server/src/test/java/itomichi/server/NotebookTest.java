package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.server.book.BookService;
import java.nio.charset.StandardCharsets;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The notebook over HTTP. */
public class NotebookTest extends HttpTest {

    @Autowired
    private BookService books;

    private static String path(JsonNode book) {
        return "/api/books/" + BooksTest.id(book) + "/page";
    }

    private JsonNode line(JsonNode book, String key) {
        return get(path(book))
                .body()
                .get("lines")
                .valueStream()
                .filter(one -> one.get("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private Answer write(JsonNode book, String key, double number) {
        return put(path(book) + "/" + key, Map.of("number", number));
    }

    /** One drawing of a book, wherever it stands. */
    @Test
    public void aPageShowsTheBookAsItStandsOnTheBench() {
        JsonNode book = begin("Cues");
        JsonNode looks = card(book).get("looks");
        assertTrue(get(path(book)).body().get("outside").equals(looks), "on its page");
        JsonNode row = get("/api/notebook")
                .body()
                .get("pages")
                .valueStream()
                .filter(page -> page.get("id").asString().equals(BooksTest.id(book)))
                .findFirst()
                .orElseThrow();
        assertTrue(row.get("looks").equals(looks), "in the list of pages");
    }

    @Test
    public void whatCameOutStandsBesideThePlan() {
        JsonNode book = begin("Cues");
        assertEquals(write(book, "thread-cut", 700).status(), 204);
        assertEquals(line(book, "thread-cut").get("came").get("mm").asString(), "700\u202fmm");
        assertFalse(line(book, "thread-cut").get("difference").asString().isEmpty());
    }

    @Test
    public void twoNumbersAreKeptBesideEachOther() {
        JsonNode book = begin("Cues");
        write(book, "thread-cut", 700);
        write(book, "sheets-spoilt", 2);
        assertEquals(line(book, "thread-cut").get("came").get("mm").asString(), "700\u202fmm");
        assertEquals(line(book, "sheets-spoilt").get("came").get("mm").asString(), "2");
    }

    @Test
    public void aNumberIsForgotten() {
        JsonNode book = begin("Cues");
        write(book, "sheets-spoilt", 2);
        assertEquals(delete(path(book) + "/sheets-spoilt").status(), 204);
        assertTrue(line(book, "sheets-spoilt").path("came").isMissingNode()
                || line(book, "sheets-spoilt").get("came").isNull());
    }

    @Test
    public void theClockAtTheBenchTellsTheMinutes() {
        JsonNode book = begin("Cues");
        String step = "/api/books/" + BooksTest.id(book) + "/days/fold";
        put(path(book) + "/minutes:fold", Map.of("number", 12));
        assertEquals(line(book, "minutes:fold").get("origin").asString(), "WRITTEN");
        post(step + "/begin", Map.of());
        post(step + "/end", Map.of("left", false));
        assertEquals(line(book, "minutes:fold").get("came").get("mm").asString(), "12\u202fmin");
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {"thread-cut", "{\"number\": 0}", 422, "what was cut is more than nothing."},
            {"thread-left", "{\"number\": 9000000}", 422, "was cut."},
            {"sheets-spoilt", "{\"number\": 0.5}", 422, "are taken."},
            {"block-spine", "{\"number\": 12}", 422, "it is changed there."},
            {"thread-cut", "{}", 422, "is missing."},
            {"temper", "{\"number\": 1}", 404, "is on this book's page."},
        };
    }

    @Test(dataProvider = "unfit")
    public void whatCannotBeIsToldInOneLine(String key, String body, int status, String line) {
        Answer refused = put(path(begin("Cues")) + "/" + key, body);
        assertEquals(refused.status(), status);
        assertTrue(refused.message().endsWith(line), refused.message());
    }

    @Test
    public void notesAreKeptAsTheyWereWritten() {
        JsonNode book = begin("Cues");
        assertEquals(
                put(path(book), Map.of("notes", "Wax less.\nFold once.", "failed", "A fold split."))
                        .status(),
                204);
        JsonNode page = get(path(book)).body();
        assertEquals(page.get("notes").asString(), "Wax less.\nFold once.");
        assertEquals(page.get("failed").asString(), "A fold split.");
    }

    @Test
    public void notesThatFillABookAreRefused() {
        Answer refused = put(path(begin("Cues")), Map.of("notes", "a".repeat(20_001), "failed", ""));
        assertEquals(refused.status(), 422);
        assertTrue(refused.message().contains("20,001"), refused.message());
    }

    private List<String> found(String query) {
        return get("/api/notebook" + query)
                .body()
                .get("pages")
                .valueStream()
                .map(page -> page.get("name").asString())
                .toList();
    }

    @Test
    public void aPageIsFoundByItsWordsInAnyOrder() {
        JsonNode book = begin("Cues");
        begin("Log");
        put(path(book), Map.of("notes", "The grey thread frayed.", "failed", ""));
        assertEquals(found("?words=FRAYED%20cues"), List.of("Cues"));
        assertEquals(found("?words=frayed%20log"), List.of());
    }

    @Test
    public void aSignThatMeansSomethingToADatabaseIsALetter() {
        begin("Half % of_it");
        begin("Half");
        assertEquals(found("?words=%25%20_"), List.of("Half % of_it"));
    }

    @Test
    public void aPageIsFoundByStructureAndPaper() {
        begin("Cues");
        String paper = get("/api/notebook")
                .body()
                .get("pages")
                .get(0)
                .get("papers")
                .get(0)
                .asString();
        assertEquals(found("?structure=pamphlet"), List.of("Cues"));
        assertEquals(found("?structure=link-stitch"), List.of());
        assertEquals(found("?paper=" + paper.substring(0, 4).replace(" ", "%20")), List.of("Cues"));
        assertEquals(found("?paper=vellum"), List.of());
    }

    @Test
    public void aPageIsFoundByTheDayItWasFinished() {
        JsonNode book = begin("Cues");
        begin("In work");
        books.shelvedAt(UUID.fromString(BooksTest.id(book)), OffsetDateTime.parse("2026-03-05T21:00:00Z"));
        assertEquals(found("?since=2026-03-01&until=2026-03-05"), List.of("Cues"));
        assertEquals(found("?since=2026-03-07"), List.of());
        assertEquals(get("/api/notebook?since=soon").status(), 422);
    }

    @Test
    public void aBookTakenFromTheShelfIsInWorkAgain() {
        JsonNode book = begin("Cues");
        String shelf = "/api/books/" + BooksTest.id(book) + "/shelf";
        put(shelf, Map.of("onShelf", true));
        assertTrue(get(path(book)).body().hasNonNull("finished"));
        put(shelf, Map.of("onShelf", false));
        assertFalse(get(path(book)).body().hasNonNull("finished"));
    }

    @Test
    public void everythingMeasuredIsAListOfNumbers() {
        JsonNode book = begin("Cues");
        write(book, "thread-cut", 700.5);
        String csv = new String(get("/api/notebook.csv").raw().body(), StandardCharsets.UTF_8);
        assertTrue(
                csv.contains("\r\nCues,") && csv.contains(",thread-cut,Thread cut,mm,") && csv.contains(",700.5\r\n"),
                csv);
    }

    @Test
    public void theRecordCardIsAPdf() {
        byte[] card = get(path(begin("Cues")) + ".pdf").raw().body();
        assertEquals(new String(card, 0, 5, StandardCharsets.US_ASCII), "%PDF-");
    }
}
