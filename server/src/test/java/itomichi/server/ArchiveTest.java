package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import itomichi.server.drawer.DrawerService;
import itomichi.server.kept.KeptTemplates;
import itomichi.server.patterns.Patterns;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The whole workshop, out and in again, over HTTP. */
public class ArchiveTest extends HttpTest {

    private static final String MANIFEST = "manifest.json";

    @Autowired
    private DrawerService drawers;

    @Autowired
    private KeptTemplates templates;

    @Autowired
    private Patterns patterns;

    @BeforeMethod
    @AfterMethod(alwaysRun = true)
    void emptyTheWorkshop() {
        drawers.fill(Map.of());
        templates.clear();
        patterns.clear();
    }

    /** A book with a bit of everything that hangs on one. */
    private JsonNode worked(String name) throws IOException {
        JsonNode book = begin(name);
        String path = "/api/books/" + BooksTest.id(book);
        change(book, "more pages", pages(book, 48));
        put(path + "/page", Map.of("notes", "Wax less.", "failed", ""));
        put(path + "/page/thread-cut", Map.of("number", 912.4));
        put(path + "/look/grain", Map.of("good", true));
        post(path + "/days/fold/end", Map.of("left", false));
        put(path + "/sewing", Map.of("step", 2, "outsideUp", true));
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(50, 30, BufferedImage.TYPE_INT_RGB), "png", picture);
        post(path + "/pictures", picture.toByteArray());
        return book;
    }

    private byte[] taken() {
        return get("/api/workshop").raw().body();
    }

    private Answer laidIn(byte[] archive, String how) {
        return post("/api/workshop?" + how, archive);
    }

    private static Map<String, byte[]> files(byte[] archive) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), zip.readAllBytes());
            }
        }
        return files;
    }

    private static byte[] zipped(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    /** The archive with a file written otherwise, and its manifest telling of it as if it were right. */
    private static byte[] bent(byte[] archive, String name, UnaryOperator<String> how)
            throws IOException, NoSuchAlgorithmException {
        Map<String, byte[]> files = files(archive);
        byte[] before = files.get(name);
        byte[] after = how.apply(new String(before, StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8);
        files.put(name, after);
        String manifest = new String(files.get(MANIFEST), StandardCharsets.UTF_8)
                .replaceAll(
                        "(\"" + name + "\",\\s*\"bytes\" : )\\d+(,\\s*\"sha256\" : \")[0-9a-f]+",
                        "$1" + after.length + "$2" + sum(after));
        files.put(MANIFEST, manifest.getBytes(StandardCharsets.UTF_8));
        return zipped(files);
    }

    private static String sum(byte[] bytes) throws NoSuchAlgorithmException {
        return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    }

    private int count(JsonNode report, String kind, String which) {
        return report.get("things")
                .valueStream()
                .filter(one -> one.get("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow()
                .get(which)
                .asInt();
    }

    private List<String> onTheBench() {
        return texts(get("/api/books").body().get("books"), "name");
    }

    @Test
    public void aRestoredBenchEqualsTheFirstByteForByte() throws IOException {
        worked("Cues");
        begin("Log");
        Map<String, byte[]> first = files(taken());
        byte[] archive = zipped(first);
        emptyTheBench();
        assertEquals(laidIn(archive, "take=true").status(), 200);
        Map<String, byte[]> second = files(taken());
        assertEquals(second.keySet(), first.keySet());
        for (String name : first.keySet()) {
            if (!name.equals(MANIFEST)) {
                assertTrue(Arrays.equals(first.get(name), second.get(name)), name);
            }
        }
    }

    @Test
    public void aBookThatCameBackIsWholeAgain() throws IOException {
        JsonNode book = worked("Cues");
        byte[] archive = taken();
        emptyTheBench();
        laidIn(archive, "take=true");
        JsonNode page = get("/api/books/" + BooksTest.id(book) + "/page").body();
        assertEquals(page.get("notes").asString(), "Wax less.");
        assertEquals(page.get("pictures").size(), 1);
        assertTrue(get("/api/books/" + BooksTest.id(book)).body().hasNonNull("undo"));
    }

    @Test
    public void whatIsThereAlreadyIsRecognised() throws IOException {
        worked("Cues");
        JsonNode report = laidIn(taken(), "take=true").body();
        assertEquals(count(report, "books", "same"), 1);
        assertEquals(count(report, "books", "fresh"), 0);
        assertEquals(onTheBench(), List.of("Cues"));
    }

    @Test
    public void lookingChangesNothing() throws IOException {
        worked("Cues");
        byte[] archive = taken();
        emptyTheBench();
        assertEquals(count(laidIn(archive, "take=false").body(), "books", "fresh"), 1);
        assertEquals(onTheBench(), List.of());
    }

    @Test
    public void whatIsOtherwiseIsToldAndLeftAsItIs() throws IOException {
        JsonNode book = worked("Cues");
        byte[] archive = taken();
        put("/api/books/" + BooksTest.id(book) + "/page", Map.of("notes", "Wax more.", "failed", ""));
        JsonNode report = laidIn(archive, "take=true").body();
        assertEquals(count(report, "books", "other"), 1);
        assertEquals(report.get("differing").get(0).asString(), "Cues");
        assertEquals(
                get("/api/books/" + BooksTest.id(book) + "/page")
                        .body()
                        .get("notes")
                        .asString(),
                "Wax more.");
    }

    @Test
    public void whoAsksForItGetsWhatIsInTheArchive() throws IOException {
        JsonNode book = worked("Cues");
        byte[] archive = taken();
        put("/api/books/" + BooksTest.id(book) + "/page", Map.of("notes", "Wax more.", "failed", ""));
        laidIn(archive, "take=true&over=true");
        assertEquals(
                get("/api/books/" + BooksTest.id(book) + "/page")
                        .body()
                        .get("notes")
                        .asString(),
                "Wax less.");
    }

    @Test
    public void aBookWhoseNameIsTakenGetsANumber() throws IOException {
        worked("Cues");
        byte[] archive = taken();
        emptyTheBench();
        begin("Cues");
        laidIn(archive, "take=true");
        assertEquals(List.copyOf(new java.util.TreeSet<>(onTheBench())), List.of("Cues", "Cues, 2"));
    }

    /** As the application wrote it before anything could be taken of what books teach: no place for it, papers named without their weight. */
    @Test
    public void anArchiveOfTheFirstVersionIsStillRead() throws IOException, NoSuchAlgorithmException {
        String id = BooksTest.id(worked("Cues"));
        String out = "[\n{\"book_id\":\"" + id + "\",\"habit\":\"BULK:Book wove\"}\n]";
        byte[] first = bent(
                taken(),
                "tables/revision.json",
                rows -> rows.replace(", \"learned\": {}", "").replace("\"learned\": {}, ", ""));
        assertFalse(new String(files(first).get("tables/revision.json"), StandardCharsets.UTF_8).contains("learned"));
        first = bent(first, "tables/learned_out.json", rows -> out);
        first = bent(first, MANIFEST, manifest -> manifest.replaceFirst("\"version\" : 5", "\"version\" : 1"));
        emptyTheBench();
        Answer answer = laidIn(first, "take=true");
        assertEquals(answer.status(), 200, answer.message());
        assertEquals(
                get("/api/books/" + id).body().get("document").get("learned").size(), 0);
        String now = new String(files(taken()).get("tables/learned_out.json"), StandardCharsets.UTF_8);
        assertTrue(now.contains("BULK:Book wove/120000"), now);
    }

    /** As the application wrote it before anything could be pasted to pages. */
    @Test
    public void anArchiveOfTheThirdVersionIsStillRead() throws IOException, NoSuchAlgorithmException {
        String id = BooksTest.id(worked("Cues"));
        byte[] third = bent(taken(), "tables/revision.json", rows -> rows.replace("\"pasted\": [], ", ""));
        assertFalse(new String(files(third).get("tables/revision.json"), StandardCharsets.UTF_8).contains("pasted"));
        third = bent(third, MANIFEST, manifest -> manifest.replaceFirst("\"version\" : 5", "\"version\" : 3"));
        emptyTheBench();
        assertEquals(laidIn(third, "take=true").status(), 200);
        JsonNode pages = get("/api/books/" + id).body().get("document").get("pages");
        assertEquals(pages.get("pasted").size(), 0);
    }

    /** As the application wrote it before copies could differ. */
    @Test
    public void anArchiveOfTheFourthVersionIsStillRead() throws IOException, NoSuchAlgorithmException {
        String id = BooksTest.id(worked("Cues"));
        byte[] fourth = bent(taken(), "tables/revision.json", rows -> rows.replaceAll("\"edition\": \\{[^{}]*}, ", ""));
        assertFalse(new String(files(fourth).get("tables/revision.json"), StandardCharsets.UTF_8).contains("edition"));
        fourth = bent(fourth, MANIFEST, manifest -> manifest.replaceFirst("\"version\" : 5", "\"version\" : 4"));
        emptyTheBench();
        assertEquals(laidIn(fourth, "take=true").status(), 200);
        JsonNode edition = get("/api/books/" + id).body().get("document").get("edition");
        assertEquals(edition.get("kinds").size(), 0);
    }

    /** A book by itself: laid in elsewhere it has its states, its page and its text, and nothing of other books came along. */
    @Test
    public void aBookIsTakenWithAllThatIsKeptOfIt() throws IOException {
        String id = BooksTest.id(worked("Cues"));
        worked("Lines");
        byte[] bytes = {37, 80, 68, 70};
        JsonNode text = post("/api/books/" + id + "/text", Map.of("name", "cues.pdf", "bytes", bytes.length))
                .body();
        put("/api/books/" + id + "/text/" + text.get("id").asString() + "/parts/0", bytes);
        post("/api/books/" + id + "/copies/1/spoilt", Map.of("at", "SEWN"));
        String wish = """
                {"name": "Saturday", "bookId": "%s", "minutes": 180, "people": 8, "helpers": 0, "hands": "NEW", "atTable": 4,
                 "ahead": ["FOLDED"], "sparePercent": 10, "brings": ""}""".formatted(id);
        String course =
                send("POST", "/api/classes", wish, Map.of()).body().get("id").asString();
        byte[] archive = get("/api/books/" + id + "/archive").raw().body();
        emptyTheBench();
        assertEquals(laidIn(archive, "take=true").status(), 200);
        assertEquals(onTheBench(), List.of("Cues"));
        assertEquals(get("/api/books/" + id + "/page").body().get("notes").asString(), "Wax less.");
        assertEquals(get("/api/classes/" + course).body().get("kits").asInt(), 9);
        assertEquals(get("/api/books/" + id + "/copies").body().get("spoilt").size(), 1);
        JsonNode arriving = get("/api/books/" + id + "/text").body().get("arriving");
        assertEquals(arriving.get("name").asString(), "cues.pdf");
        assertEquals(arriving.get("came").asInt(), 1);
    }

    @Test
    public void ofABookThatIsNotThereNothingIsTaken() {
        Answer answer = get("/api/books/" + java.util.UUID.randomUUID() + "/archive");
        assertEquals(answer.status(), 404);
        assertEquals(answer.message(), "There is no such book here.");
    }

    private void refused(byte[] archive, String line) {
        int before = onTheBench().size();
        Answer answer = laidIn(archive, "take=true&over=true");
        assertEquals(answer.status(), 422, answer.message());
        assertTrue(answer.message().contains(line), answer.message());
        assertTrue(answer.message().endsWith("Nothing was taken."), answer.message());
        assertEquals(onTheBench().size(), before);
    }

    @Test
    public void aDamagedArchiveIsRefusedWhole() throws IOException {
        worked("Cues");
        byte[] archive = taken();
        refused(Arrays.copyOf(archive, archive.length / 2), "cannot be read as a zip");
        refused("a letter".getBytes(StandardCharsets.UTF_8), "cannot be read as a zip");
        Map<String, byte[]> files = files(archive);
        files.put("tables/knife.json", "[\n]".getBytes(StandardCharsets.UTF_8));
        refused(zipped(files), "is not as its manifest says");
        files.remove("tables/knife.json");
        refused(zipped(files), "It lacks “tables/knife.json”");
    }

    @Test
    public void aPathThatClimbsIsRefused() throws IOException {
        Map<String, byte[]> files = files(taken());
        files.put("../../outside.json", new byte[] {1});
        refused(zipped(files), "a file that no workshop has");
    }

    /** A little that swells to much: no more of it is read than the manifest says. */
    @Test
    public void aBombIsRefused() throws IOException, NoSuchAlgorithmException {
        Map<String, byte[]> files = files(taken());
        byte[] before = files.get("tables/book.json");
        files.put("tables/book.json", new byte[300_000_000]);
        refused(zipped(files), "is not as its manifest says");
        String said = new String(files.get(MANIFEST), StandardCharsets.UTF_8)
                .replaceAll("(\"tables/book.json\",\\s*\"bytes\" : )\\d+", "$1" + 9_000_000_000L)
                .replace(sum(before), "0");
        files.put(MANIFEST, said.getBytes(StandardCharsets.UTF_8));
        files.put("tables/book.json", before);
        refused(zipped(files), "too large");
    }

    /** A zip that says it holds very many files is not opened to see whether that is true. */
    @Test
    public void aMillionFilesAreRefused() throws IOException {
        byte[] archive = taken();
        ByteBuffer end = ByteBuffer.wrap(archive).order(ByteOrder.LITTLE_ENDIAN);
        end.putShort(archive.length - 22 + 8, (short) 0xFFFF).putShort(archive.length - 22 + 10, (short) 0xFFFF);
        refused(archive, "more than 60,000 files");
    }

    @DataProvider
    Object[][] bends() {
        return new Object[][] {
            {"tables/revision.json", "\"leaf\":", "\"leave\":", "place 1 cannot be"},
            {"tables/revision.json", "\"heightMm\":\\s*210", "\"heightMm\": -210", "place 1 cannot be"},
            {"tables/revision.json", "\"name\":\\s*\"Cues\"", "\"name\": \"Cu\\\\u0000es\"", "Nothing was taken"},
            {"tables/revision.json", "\"number\":2", "\"number\":7", "at a state that does not come with it"},
            {"tables/book.json", "\"version\":\\d+", "\"version\":\"soon\"", "does not fit together"},
            {"tables/book.json", "\"id\":\"[^\"]*\"", "\"id\":null", "does not fit together"},
            {"tables/book.json", "\"name\":\"Cues\"", "\"name\":\"" + "C".repeat(90) + "\"", "place 1 cannot be"},
            {"tables/notebook_page.json", "Wax less.", "x".repeat(20_001), "place 1 cannot be"},
            {"tables/printer.json", "Simulated printer", "S".repeat(70), "cannot be"},
            {"tables/book_days.json", "\\[\\s*\\]", "[{\"book_id\": 1}]", "place 1 cannot be"},
            {"tables/printer.json", "\"across\":1\\b", "\"across\":7", "does not fit together"},
            {"tables/thing.json", "\\[\\s*\\]", "{\"things\": 3}", "is no list"},
            {"tables/thing.json", "\\[\\s*\\]", "[1, 2]", "breaks off"},
            {"tables/picture.json", "\"width\":50", "\"width\":51", "is no picture"},
        };
    }

    @Test(dataProvider = "bends")
    public void whatCannotBeIsRefusedThoughItsSumsAreRight(String file, String part, String instead, String line)
            throws IOException, NoSuchAlgorithmException {
        worked("Cues");
        byte[] archive = taken();
        byte[] bent = bent(archive, file, text -> text.replaceAll(part, instead));
        assertNotEquals(files(bent).get(file), files(archive).get(file), "nothing was bent");
        refused(bent, line);
    }
}
