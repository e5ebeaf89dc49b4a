package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.jooq.DSLContext;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A book's text: taken in, read, laid out and printed, over HTTP. */
public class TextsTest extends HttpTest {

    @Autowired
    private DSLContext database;

    private static PDDocument numbered(int pages) throws IOException {
        PDDocument document = new PDDocument();
        for (int i = 1; i <= pages; i++) {
            PDPage page = new PDPage(PDRectangle.A5);
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.beginText();
                content.setFont(new PDType1Font(FontName.HELVETICA), 20);
                content.newLineAtOffset(200, 300);
                content.showText("p" + i);
                content.endText();
            }
        }
        return document;
    }

    private static byte[] bytes(PDDocument document) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.save(bytes);
        document.close();
        return bytes.toByteArray();
    }

    private static String path(JsonNode book) {
        return "/api/books/" + BooksTest.id(book);
    }

    private JsonNode arriving(JsonNode book, byte[] file) {
        JsonNode text = post(path(book) + "/text", Map.of("name", "The lamp.pdf", "bytes", file.length))
                .body();
        int size = text.get("partBytes").asInt();
        for (int from = 0, number = 0; from < file.length; from += size, number++) {
            byte[] part = Arrays.copyOfRange(file, from, Math.min(file.length, from + size));
            assertEquals(part(book, text, number, part).status(), 204);
        }
        return text;
    }

    private Answer part(JsonNode book, JsonNode text, int number, byte[] part) {
        return put(path(book) + "/text/" + text.get("id").asString() + "/parts/" + number, part);
    }

    /** Reads it and waits for what comes of it. */
    private JsonNode read(JsonNode book, JsonNode text, String password) {
        post(path(book) + "/text/" + text.get("id").asString() + "/read", Map.of("password", password));
        return ended(book, "/text", "job");
    }

    private JsonNode ended(JsonNode book, String what, String field) {
        long end = System.nanoTime() + 120_000_000_000L;
        while (System.nanoTime() < end) {
            JsonNode answer = get(path(book) + what).body();
            JsonNode job = field.isEmpty() ? answer : answer.path(field);
            if (!job.path("state").asString("").equals("RUNNING")) {
                return job;
            }
        }
        throw new AssertionError("still running after two minutes");
    }

    /** A book whose text lies in the database as it does once it was read. */
    private JsonNode withText(int pages) throws IOException {
        JsonNode book = begin("The lamp");
        book = change(book, "pages", pages(book, pages)).body();
        JsonNode text = arriving(book, bytes(numbered(pages)));
        database.execute(
                "update book_text set sizes = cast(? as jsonb) where id = cast(? as uuid)",
                "[" + String.join(",", Collections.nCopies(pages, "[148, 210]")) + "]",
                text.get("id").asString());
        return book;
    }

    @Test
    public void aTextThatCameInPartsIsRead() throws IOException {
        JsonNode book = begin("The lamp");
        assertEquals(
                read(book, arriving(book, bytes(numbered(20))), "")
                        .path("state")
                        .asString(),
                "DONE");
        JsonNode text = get(path(book) + "/text").body().get("text");
        assertEquals(text.get("pages").asInt(), 20);
        assertEquals(text.get("name").asString(), "The lamp.pdf");
    }

    /** How far something is from left and top, of each page. */
    private static List<Map<Integer, Float>> labels(byte[] pdf) throws IOException {
        List<Map<Integer, Float>> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (int i = 1; i <= document.getNumberOfPages(); i++) {
                Map<Integer, Float> found = new TreeMap<>();
                PDFTextStripper reader = new PDFTextStripper() {
                    private float x;
                    private String number = "";

                    @Override
                    protected void processTextPosition(TextPosition letter) {
                        boolean begins = letter.getUnicode().equals("p");
                        x = begins ? letter.getX() : x;
                        number = begins ? "" : number + letter.getUnicode();
                        if (!begins) {
                            found.remove(Integer.parseInt("0" + number.substring(0, number.length() - 1)));
                            found.put(Integer.parseInt(number), x);
                        }
                    }
                };
                reader.setStartPage(i);
                reader.setEndPage(i);
                reader.getText(document);
                pages.add(found);
            }
        }
        return pages;
    }

    private JsonNode printed(JsonNode book, Object sent, String asked) {
        assertEquals(post(path(book) + "/printing", sent).status(), 202);
        return ended(book, "/printing" + asked, "");
    }

    private byte[] file(JsonNode book, int number) {
        return get(path(book) + "/printing/" + number).raw().body();
    }

    /** On the half that is on the left, then on the right; 0 where there is none. Upside down, left is right. */
    private static int[] halves(Map<Integer, Float> page, boolean turned) {
        int[] halves = new int[2];
        page.forEach((number, x) -> halves[(x > 421) == turned ? 0 : 1] = number);
        return halves;
    }

    @DataProvider
    Object[][] ways() {
        return new Object[][] {{false, false}, {true, true}};
    }

    /** Fronts, then backs, by a printer that turns its stack anyhow: cut, folded and nested it reads 1 to 16. */
    @Test(dataProvider = "ways")
    public void printedByHandItReadsInOrder(boolean lastFirst, boolean headFirst) throws IOException {
        JsonNode book = withText(16);
        String printer = post("/api/printers", Map.of("name", "by the window"))
                .body()
                .get("id")
                .asString();
        put("/api/printers/" + printer + "/turning", Map.of("backsReversed", lastFirst, "backsUpsideDown", headFirst));
        JsonNode job = printed(book, Map.of("printer", printer, "proof", false), "?printer=" + printer);
        delete("/api/printers/" + printer);
        assertEquals(texts(job.get("files"), "name"), List.of("Text, fronts", "Text, backs"));
        List<Map<Integer, Float>> fronts = labels(file(book, 0));
        List<Map<Integer, Float>> backs = labels(file(book, 1));
        int[] read = new int[16];
        for (int i = 0; i < 4; i++) {
            // the sheet lies on its long edge: a printer that puts an upright one's back on its head puts this one's
            // upright
            int[] front = halves(fronts.get(i), false);
            int[] back = halves(backs.get(lastFirst ? 3 - i : i), !headFirst);
            read[2 * i] = front[1];
            read[2 * i + 1] = back[0];
            read[14 - 2 * i] = back[1];
            read[15 - 2 * i] = front[0];
        }
        assertEquals(read, IntStream.rangeClosed(1, 16).toArray());
    }

    @Test
    public void theProofShowsWhatIsSeenAtOnce() throws IOException {
        JsonNode book = withText(8);
        printed(book, Map.of("proof", true), "");
        assertEquals(
                labels(file(book, 0)).stream()
                        .map(Map::keySet)
                        .map(Object::toString)
                        .toList(),
                List.of("[1]", "[2, 3]", "[4, 5]", "[6, 7]", "[8]"));
    }

    @Test
    public void aLockedFileIsAskedForItsPassword() throws IOException {
        PDDocument document = numbered(4);
        StandardProtectionPolicy policy = new StandardProtectionPolicy("owner", "moth", new AccessPermission());
        policy.setEncryptionKeyLength(256);
        document.protect(policy);
        JsonNode book = begin("The lamp");
        JsonNode text = arriving(book, bytes(document));
        assertEquals(read(book, text, "").get("line").asString(), "The file is locked; its password is wanted.");
        assertEquals(read(book, text, "moth").get("state").asString(), "DONE");
        printed(book, Map.of("proof", true), "");
        assertTrue(labels(file(book, 0)).toString().contains("1="));
    }

    /** What cannot be printed is told, and nothing of it is kept; the text before it stays. */
    @Test
    public void aFileThatIsNoneIsToldAndNotKept() throws IOException {
        JsonNode book = withText(8);
        JsonNode job = read(book, arriving(book, "Dear maker".getBytes(StandardCharsets.UTF_8)), "");
        assertEquals(job.get("line").asString(), "This is no PDF file.");
        JsonNode text = get(path(book) + "/text").body();
        assertTrue(text.path("arriving").isMissingNode());
        assertEquals(text.get("text").get("pages").asInt(), 8);
    }

    @Test
    public void aTextThatCameInPartIsNotRead() {
        JsonNode book = begin("The lamp");
        JsonNode text = post(path(book) + "/text", Map.of("name", "long.pdf", "bytes", 2_500_000))
                .body();
        assertEquals(part(book, text, 0, new byte[1_000_000]).status(), 204);
        Answer answer = post(path(book) + "/text/" + text.get("id").asString() + "/read", Map.of("password", ""));
        assertEquals(answer.message(), "Only 1 of 3 parts of the file have come.");
        assertEquals(
                get(path(book) + "/text").body().get("arriving").get("came").asInt(), 1);
    }

    @Test
    public void aPartOfAnotherSizeIsRefused() {
        JsonNode book = begin("The lamp");
        JsonNode text = post(path(book) + "/text", Map.of("name", "short.pdf", "bytes", 10))
                .body();
        assertEquals(part(book, text, 0, new byte[11]).message(), "Part 0 holds 11 bytes; 10 belong in it.");
        assertEquals(part(book, text, 7, new byte[10]).status(), 422);
    }

    @DataProvider
    Object[][] beginnings() {
        return new Object[][] {
            {Map.of("name", "", "bytes", 5), "name"},
            {Map.of("name", "x", "bytes", 0), "bytes"},
            {Map.of("name", "x", "bytes", 900_000_000), "bytes"},
        };
    }

    @Test(dataProvider = "beginnings")
    public void aFileThatIsNotTakenIsRefusedBeforeItIsSent(Map<String, Object> sent, String field) {
        Answer answer = post(path(begin("The lamp")) + "/text", sent);
        assertEquals(answer.status(), 422);
        assertEquals(answer.body().get("field").asString(), field);
    }

    @Test
    public void aTextIsLaidOutAsItsBinderSays() throws IOException {
        JsonNode book = withText(16);
        JsonNode before = get(path(book) + "/imposition").body();
        assertEquals(before.get("sheets").size(), 4);
        ObjectNode wish = ((ObjectNode) before.get("wish")).deepCopy();
        wish.put("fit", "MARGINS");
        ((ObjectNode) wish.get("sheet")).put("widthMm", 297.0).put("heightMm", 420.0);
        assertEquals(put(path(book) + "/imposition", wish).status(), 200);
        JsonNode after = get(path(book) + "/imposition").body();
        assertEquals(after.get("wish"), wish);
        assertEquals(after.get("sheets").size(), 2);
    }

    @DataProvider
    Object[][] wishes() {
        return new Object[][] {
            {"/sheet", "widthMm", "1e99", "sheet.widthMm"},
            {"/sheet", "widthMm", "60", "sheet"},
            {"/margins", "foldMm", "-3", "margins.foldMm"},
            {"", "creepPercent", "300", "creepPercent"},
            {"", "together", "0", "together"},
            {"", "bleedMm", "70", "bleedMm"},
        };
    }

    /** What nothing is printed by is told at its field, and what was kept stays. */
    @Test(dataProvider = "wishes")
    public void aWishThatCannotBeIsTold(String at, String field, String value, String told) throws IOException {
        JsonNode book = withText(8);
        ObjectNode wish = ((ObjectNode) get(path(book) + "/imposition").body().get("wish")).deepCopy();
        ObjectNode place = at.isEmpty() ? wish : (ObjectNode) wish.at(at);
        if (value.contains("e")) {
            place.put(field, Double.parseDouble(value));
        } else {
            place.put(field, Integer.parseInt(value));
        }
        Answer answer = put(path(book) + "/imposition", wish);
        assertEquals(answer.status(), 422, answer.message());
        assertEquals(answer.body().get("field").asString(), told);
    }

    /** A book that outgrew its printer's sheet says so, and the sheet can still be changed. */
    @Test
    public void aPrintersSheetThatDoesNotTakeTheBookCanBeChanged() throws IOException {
        JsonNode book = withText(8);
        ObjectNode wish = ((ObjectNode) get(path(book) + "/imposition").body().get("wish")).deepCopy();
        put(path(book) + "/imposition", wish);
        JsonNode now = get(path(book)).body();
        ObjectNode larger = ((ObjectNode) now.get("document")).deepCopy();
        ((ObjectNode) larger.get("leaf")).put("widthMm", 180.0);
        change(now, "wider", larger);
        assertTrue(
                get(path(book) + "/imposition").body().get("fault").asString().contains("does not take it"));
        ((ObjectNode) wish.get("sheet")).put("heightMm", 420.0);
        assertEquals(put(path(book) + "/imposition", wish).status(), 200);
        ((ObjectNode) wish.get("sheet")).put("widthMm", 297.0);
        assertTrue(put(path(book) + "/imposition", wish).body().path("fault").isMissingNode());
    }

    @Test
    public void aTextThatIsLongerOffersTheLongerBook() throws IOException {
        JsonNode book = withText(20);
        book = get(path(book)).body();
        book = change(book, "fewer", pages(book, 8)).body();
        JsonNode remark = get(path(book) + "/imposition").body().get("remarks").get(0);
        assertEquals(remark.get("key").asString(), "text-longer");
        JsonNode longer = remark.get("mends").get(0).get("document");
        assertEquals(longer.get("extent").get("number").asInt(), 20);
    }

    @Test
    public void pagesAreDrawnWhenTheyAreLookedAt() throws IOException {
        JsonNode book = withText(4);
        String text = get(path(book) + "/text").body().get("text").get("id").asString();
        assertEquals(get(path(book) + "/text/" + text + "/pages/2").status(), 404);
        long end = System.nanoTime() + 60_000_000_000L;
        while (System.nanoTime() < end
                && post(path(book) + "/text/shown?page=2", "")
                        .body()
                        .get("more")
                        .asBoolean()) {
            // they are being drawn
        }
        assertEquals(
                post(path(book) + "/text/shown?page=2", "").body().get("pages").size(), 4);
        assertEquals(get(path(book) + "/text/" + text + "/pages/2").raw().body()[1], (byte) 'P');
        assertEquals(post(path(book) + "/text/shown?page=4", "").status(), 404);
    }

    /** A book that changes after its files were made says so of them. */
    @Test
    public void filesOfAnEarlierPlanAreToldToBe() throws IOException {
        JsonNode book = withText(16);
        assertFalse(printed(book, Map.of("proof", false), "").get("changed").asBoolean());
        JsonNode now = get(path(book)).body();
        change(now, "fewer", pages(now, 12));
        assertTrue(get(path(book) + "/printing").body().get("changed").asBoolean());
    }

    @Test
    public void aTextGoesWhenItIsLetGo() throws IOException {
        JsonNode book = withText(4);
        assertEquals(delete(path(book) + "/text").status(), 204);
        assertTrue(get(path(book) + "/text").body().path("text").isMissingNode());
        assertEquals(get(path(book) + "/imposition").status(), 404);
        assertEquals(delete(path(book) + "/text").status(), 404);
    }

    /** The archive of the workshop holds the text, and brings it back as it was. */
    @Test
    public void anArchiveBringsATextBack() throws IOException {
        JsonNode book = withText(4);
        byte[] archive = get("/api/workshop").raw().body();
        emptyTheBench();
        Answer laid = post("/api/workshop?take=true", archive);
        assertEquals(laid.status(), 200, laid.message());
        printed(book, Map.of("proof", true), "");
        assertEquals(labels(file(book, 0)).size(), 3);
    }

    /** What the simulated printer does is seen on its test sheet. */
    @Test
    public void theTestSheetShowsHowAPrinterTurns() {
        JsonNode simulated = get("/api/printers")
                .body()
                .valueStream()
                .filter(printer -> printer.get("simulated").asBoolean())
                .findFirst()
                .orElseThrow();
        JsonNode sheet = get("/api/printers/" + simulated.get("id").asString() + "/test-print")
                .body()
                .get(0);
        assertEquals(sheet.get("front").asString() + sheet.get("back").asString(), "1B");
        assertTrue(sheet.get("upsideDown").asBoolean());
        assertEquals(labelled(get("/api/printers/test-sheet").raw().body()), List.of("1", "2"));
        assertEquals(labelled(get("/api/printers/test-sheet?backs=true").raw().body()), List.of("A", "B"));
    }

    private static List<String> labelled(byte[] pdf) {
        List<String> names = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (int i = 1; i <= 2; i++) {
                PDFTextStripper reader = new PDFTextStripper();
                reader.setStartPage(i);
                reader.setEndPage(i);
                names.add(reader.getText(document).strip().lines().findFirst().orElse(""));
            }
        } catch (IOException unread) {
            throw new java.io.UncheckedIOException(unread);
        }
        return names;
    }
}
