package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class BookFileTest extends HttpTest {

    private String saved(String name) {
        return new String(
                get("/api/books/" + BooksTest.id(begin(name)) + "/file").raw().body(), StandardCharsets.UTF_8);
    }

    @Test
    public void aSavedBookIsLoadedAsTheSameBook() {
        JsonNode book = begin("Cues");
        String file = new String(
                get("/api/books/" + BooksTest.id(book) + "/file").raw().body(), StandardCharsets.UTF_8);
        delete("/api/books/" + BooksTest.id(book));
        assertEquals(post("/api/book-file", file).body().get("document"), book.get("document"));
    }

    @Test
    public void theFileSaysWhatItIs() {
        String file = saved("Cues");
        assertTrue(file.contains("\"format\" : \"itomichi-book\"") && file.contains("\"version\" : 10"), file);
    }

    /** Files as applications of earlier versions wrote them. */
    @DataProvider
    Object[][] earlier() {
        return new Object[][] {{"cue-slips-1.json"}, {"cue-slips-2.json"}};
    }

    @Test(dataProvider = "earlier")
    public void aFileOfAnEarlierVersionIsStillABook(String file) throws Exception {
        Answer answer = post("/api/book-file", Files.readString(Path.of("src/test/resources", file)));
        assertEquals(answer.status(), 201, answer.message());
        assertEquals(answer.body().get("document").get("extent").get("number").asInt(), 16);
        assertEquals(answer.body().get("document").get("rows").get("school").asString(), "EQUAL");
    }

    @Test
    public void twoOnALengthIsAWayOfSewingNow() throws Exception {
        Answer answer = post("/api/book-file", Files.readString(Path.of("src/test/resources/two-on-4.json")));
        assertEquals(answer.status(), 201, answer.message());
        JsonNode document = answer.body().get("document");
        assertEquals(document.get("stitch").get("variant").asString(), "two-on");
        assertEquals(document.get("gathering").get("back").asString(), "FLAT");
    }

    @Test
    public void whatWasSewnBeforeCoversWerePlannedIsDone() throws Exception {
        Answer answer = post("/api/book-file", Files.readString(Path.of("src/test/resources/sewn-5.json")));
        assertEquals(answer.status(), 201, answer.message());
        JsonNode book = answer.body();
        assertEquals(book.get("document").get("covering").get("numbers").size(), 0);
        assertTrue(book.get("plan").get("next").get("finished").asBoolean());
    }

    @Test
    public void ofWhatACoverWasCutBeforeNothingIsSettled() throws Exception {
        Answer answer = post("/api/book-file", Files.readString(Path.of("src/test/resources/flap-6.json")));
        assertEquals(answer.status(), 201, answer.message());
        JsonNode covering = answer.body().get("document").get("covering");
        assertEquals(covering.get("kind").asString(), "soft-flap");
        assertEquals(covering.get("stocks").size(), 0);
    }

    @Test
    public void intoEarlierBooksNothingWasTakenThatBooksTaught() throws Exception {
        Answer answer = post("/api/book-file", Files.readString(Path.of("src/test/resources/flap-7.json")));
        assertEquals(answer.status(), 201, answer.message());
        assertEquals(answer.body().get("document").get("learned").size(), 0);
    }

    /** What was made beforehand was of the first signature, and nothing was pasted to any page. */
    @Test
    public void inEarlierBooksPaintedSheetsWereOfTheFirstSignature() throws Exception {
        Answer answer = post("/api/book-file", Files.readString(Path.of("src/test/resources/moth-8.json")));
        assertEquals(answer.status(), 201, answer.message());
        JsonNode pages = answer.body().get("document").get("pages");
        assertEquals(
                pages.get("artwork")
                        .get("pictures")
                        .get(0)
                        .get("half")
                        .get("signature")
                        .asInt(),
                1);
        assertEquals(pages.get("pasted").size(), 0);
    }

    @Test
    public void inEarlierBooksAllCopiesWereAlike() throws Exception {
        Answer answer = post("/api/book-file", Files.readString(Path.of("src/test/resources/cues-9.json")));
        assertEquals(answer.status(), 201, answer.message());
        JsonNode edition = answer.body().get("document").get("edition");
        assertEquals(edition.get("kinds").size(), 0);
        assertEquals(edition.get("sparePercent").asInt(), 0);
    }

    @Test
    public void theExampleInTheDocumentationIsABook() throws Exception {
        String text = Files.readString(Path.of("..", "docs", "book-file.md"));
        String example = text.substring(text.indexOf("```json") + 7, text.indexOf("```", text.indexOf("```json") + 7));
        Answer answer = post("/api/book-file", example);
        assertEquals(answer.status(), 201, answer.message());
    }

    @DataProvider
    Object[][] wrong() {
        return new Object[][] {
            {"\"format\" : ", "", "Line 2, column"},
            {"\"version\" : 10", "\"version\" : 11", "At “/version”: the file is of version 11"},
            {"itomichi-book", "something-else", "At “/format”: read “something-else”"},
            {"\"number\" : 32", "\"number\" : \"many\"", "/book/extent/number"},
            {"\"number\" : 32", "\"number\" : 0", "/book/extent/number"},
            {"\"widthMm\" : 148.0", "\"widthMm\" : -148.0", "/book/leaf/widthMm"},
            {"\"widthMm\" : 148.0", "\"widthMm\" : 3.0", "At “/book/leaf/widthMm”: A leaf's width of 3 mm"},
            {"\"purpose\"", "\"porpoise\"", "/book"},
            {"\"ticked\" : [ ]", "\"ticked\" : [ 4 ]", "/book/covering/ticked"},
            {"\"schools\" : { }", "\"schools\" : { \"joints\" : \"GLUE\" }", "Read “GLUE”; a cover is not made so."},
            {"\"learned\" : { }", "\"learned\" : { \"SLACK:pamphlet\" : 4 }", "/book/learned"},
            {"\"learned\" : { }", taught(9, 7), "At “/book/learned”: Read 4 %, 9 %, 7 % of “SLACK:pamphlet”"},
            {"\"learned\" : { }", taught(9, 700), "At “/book/learned”"},
            {"\"cordMm\" : 3.0", "\"cordMm\" : 44.0", "At “/book/stitch/cordMm”: A cord of 44 mm"},
        };
    }

    private static String taught(double middle, double high) {
        return "\"learned\" : { \"SLACK:pamphlet\" : { \"books\" : 9, \"middle\" : %s, \"low\" : 4, \"high\" : %s } }"
                .formatted(middle, high);
    }

    @Test(dataProvider = "wrong")
    public void aWrongFileIsToldByPlaceAndReason(String from, String to, String told) {
        String file = bent(from, to);
        Answer answer = post("/api/book-file", file);
        String message = answer.message().replace('\u202f', ' ');
        assertEquals(answer.status(), 422, message);
        assertTrue(message.contains(told), message);
    }

    @Test(dataProvider = "wrong")
    public void ofAWrongFileNothingIsKept(String from, String to, String told) {
        String file = bent(from, to);
        post("/api/book-file", file);
        assertEquals(get("/api/books").body().get("all").asInt(), 1);
    }

    private String bent(String from, String to) {
        String file = saved("Cues");
        assertTrue(file.contains(from), file);
        return file.replaceFirst(java.util.regex.Pattern.quote(from), to);
    }
}
