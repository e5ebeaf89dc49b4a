package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.server.drawer.DrawerService;
import itomichi.server.supply.SupplyService;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The copies of a book, one by one, over HTTP. */
public class CopiesTest extends HttpTest {

    @Autowired
    private DrawerService drawers;

    @Autowired
    private SupplyService supplies;

    @BeforeMethod
    void emptyTheDrawers() {
        drawers.fill(Map.of());
        supplies.clear();
    }

    private JsonNode spool(String name, String left) {
        ObjectNode cells = document("").objectNode();
        Map.of(
                        "name",
                        name,
                        "fibre",
                        "linen",
                        "system",
                        "linen count",
                        "number",
                        "30",
                        "ply",
                        "3",
                        "leftM",
                        left,
                        "spoolM",
                        "50",
                        "price",
                        "10")
                .forEach(cells::put);
        Answer answer = post("/api/drawers/THREADS/things", Map.of("unit", "MM", "cells", cells));
        assertEquals(answer.status(), 201, answer.message());
        return answer.body();
    }

    /** Twelve pamphlets, five of them sewn with another thread. */
    private ObjectNode twelve(JsonNode plain, JsonNode red, int sparePercent) {
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("use")).put("copies", 12);
        ((ObjectNode) document.get("thread")).put("drawerId", BooksTest.id(plain));
        ObjectNode edition = (ObjectNode) document.get("edition");
        edition.put("sparePercent", sparePercent);
        ObjectNode kind = ((ArrayNode) edition.get("kinds")).addObject();
        kind.put("name", "red").put("copies", 5).putArray("stocks");
        kind.putObject("thread").put("name", "Linen 30/3, red").put("drawerId", BooksTest.id(red));
        return document;
    }

    private JsonNode begun(ObjectNode document) {
        Answer answer = post("/api/books", document);
        assertEquals(answer.status(), 201, answer.message());
        return answer.body();
    }

    private JsonNode plainTwelve() {
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("use")).put("copies", 12);
        return begun(document);
    }

    private static String path(JsonNode book) {
        return "/api/books/" + BooksTest.id(book) + "/copies";
    }

    private Answer tick(JsonNode book, List<Integer> copies, String stage, boolean done) {
        return put(path(book) + "/ticks", Map.of("copies", copies, "stage", stage, "done", done));
    }

    private static JsonNode row(JsonNode view, int copy) {
        return view.get("rows").get(copy - 1);
    }

    private JsonNode spoil(JsonNode book, int copy, String at) {
        Answer answer = post(path(book) + "/" + copy + "/spoilt", Map.of("at", at));
        assertEquals(answer.status(), 200, answer.message());
        return answer.body();
    }

    private double left(String name) {
        return get("/api/drawers/THREADS")
                .body()
                .get("things")
                .valueStream()
                .filter(thing -> thing.get("name").asString().equals(name))
                .mapToDouble(thing -> Double.parseDouble(
                        thing.get("cells").get("leftM").get("mm").asString().replaceAll("[^0-9.]", "")))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode sewn(JsonNode book) {
        ObjectNode document = ((ObjectNode) book.get("document")).deepCopy();
        document.putArray("done").add("SEW");
        Answer answer = change(book, "sewn", document);
        assertEquals(answer.status(), 200, answer.message());
        return answer.body();
    }

    // what is done of each

    @Test
    public void aTickIsKeptAndSoIsWhatComesBeforeIt() {
        JsonNode book = plainTwelve();
        assertEquals(tick(book, List.of(3), "PUNCHED", true).status(), 200);
        JsonNode row = row(get(path(book)).body(), 3);
        assertEquals(row.get("done").toString(), "[\"CUT\",\"FOLDED\",\"PUNCHED\"]");
        assertEquals(row.get("at").asString(), "SEWN");
    }

    @Test
    public void whatComesAfterIsTakenBackWithIt() {
        JsonNode book = plainTwelve();
        tick(book, List.of(3), "SEWN", true);
        tick(book, List.of(3), "FOLDED", false);
        assertEquals(row(get(path(book)).body(), 3).get("done").toString(), "[\"CUT\"]");
    }

    @Test
    public void aStageIsTickedOfAllAtOnce() {
        JsonNode book = plainTwelve();
        List<Integer> all = IntStream.rangeClosed(1, 12).boxed().toList();
        JsonNode column = tick(book, all, "FOLDED", true).body().get("stages").get(1);
        assertEquals(column.get("done").asInt(), 12);
        assertEquals(column.get("of").asInt(), 12);
    }

    @Test
    public void whatIsDoneOfTheWholeBookIsNotTakenBackCopyByCopy() {
        JsonNode book = sewn(plainTwelve());
        Answer answer = tick(book, List.of(3), "SEWN", false);
        assertEquals(answer.status(), 422);
        assertTrue(answer.message().contains("taken back at its stage"), answer.message());
    }

    @Test
    public void aCopyLeftOutIsNotCounted() {
        JsonNode book = plainTwelve();
        Answer answer = put(path(book) + "/12/left-out", Map.of("leftOut", true));
        assertEquals(answer.body().get("stages").get(0).get("of").asInt(), 11);
        assertEquals(
                put(path(book) + "/12/left-out", Map.of("leftOut", false))
                        .body()
                        .get("stages")
                        .get(0)
                        .get("of")
                        .asInt(),
                12);
    }

    @DataProvider
    Object[][] wrong() {
        return new Object[][] {
            {"{\"copies\":[13],\"stage\":\"CUT\",\"done\":true}", "Read copy 13; this book has copies from 1 to 12."},
            {"{\"copies\":[0],\"stage\":\"CUT\",\"done\":true}", "Read copy 0"},
            {"{\"copies\":[1],\"stage\":\"GILT\",\"done\":true}", "GILT"},
            {"{\"stage\":\"CUT\",\"done\":true}", "copies"},
        };
    }

    @Test(dataProvider = "wrong")
    public void nonsenseIsRefusedAndNothingIsTicked(String body, String line) {
        JsonNode book = plainTwelve();
        Answer answer = send("PUT", path(book) + "/ticks", body, Map.of());
        assertTrue(answer.status() == 422 || answer.status() == 400, answer.message());
        assertTrue(answer.message().contains(line), answer.message());
        assertEquals(get(path(book)).body().get("stages").get(0).get("done").asInt(), 0);
    }

    @DataProvider
    Object[][] numbers() {
        return new Object[][] {{0}, {100_001}};
    }

    @Test(dataProvider = "numbers")
    public void soManyCopiesAreRefusedInOneLine(int copies) {
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("use")).put("copies", copies);
        Answer answer = post("/api/books", document);
        assertEquals(answer.status(), 422);
        assertTrue(answer.message().contains("from 1 to 100000 copies is taken"), answer.message());
    }

    @Test
    public void aHundredThousandAreCountedAndTheFirstThousandToldApart() {
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("use")).put("copies", 100_000);
        JsonNode view = get(path(begun(document))).body();
        assertEquals(view.get("copies").asInt(), 100_000);
        assertEquals(view.get("rows").size(), 1000);
    }

    // what they are made of

    @Test
    public void everyKindTakesItsOwnThreadOutOfTheDrawer() {
        JsonNode book = begun(twelve(spool("Linen 30/3", "50"), spool("Linen 30/3, red", "50"), 0));
        sewn(book);
        double plain = 50 - left("Linen 30/3");
        double red = 50 - left("Linen 30/3, red");
        assertEquals(plain / 7, red / 5, 0.03);
        assertTrue(red > 2, "red " + red);
    }

    /** What is wanted on the shopping list is what then leaves the drawers. */
    @Test
    public void whatIsWantedIsWhatIsTaken() {
        JsonNode book = begun(twelve(spool("Linen 30/3", "50"), spool("Linen 30/3, red", "50"), 25));
        Map<String, Double> wanted = new java.util.HashMap<>();
        get("/api/supplies").body().get("needs").forEach(need -> {
            if (need.get("name").asString().startsWith("Linen")) {
                wanted.put(
                        need.get("name").asString(),
                        Double.parseDouble(
                                need.get("needed").get("mm").asString().replaceAll("[^0-9.]", "")));
            }
        });
        sewn(book);
        assertEquals(50 - left("Linen 30/3"), wanted.get("Linen 30/3"), 0.001);
        assertEquals(50 - left("Linen 30/3, red"), wanted.get("Linen 30/3, red"), 0.001);
    }

    @Test
    public void oneMoreIsPricedByWhatIsUsedOfIt() {
        JsonNode book = begun(twelve(spool("Linen 30/3", "50"), spool("Linen 30/3, red", "50"), 0));
        JsonNode more = get("/api/books/" + BooksTest.id(book) + "/supplies/copies")
                .body()
                .get("oneMore")
                .valueStream()
                .filter(one -> one.get("name").asString().equals("Linen 30/3"))
                .findFirst()
                .orElseThrow();
        double metres = Double.parseDouble(more.get("amount").asString().replaceAll("[^0-9.]", ""));
        assertEquals(more.get("price").asDouble(), metres * 10 / 50, 0.001);
    }

    // spoilt ones

    @Test
    public void aSpoiltCopyIsBegunAnew() {
        JsonNode book = plainTwelve();
        tick(book, List.of(5), "SEWN", true);
        JsonNode row = row(spoil(book, 5, "COVERED"), 5);
        assertEquals(row.get("done").size(), 0);
        assertEquals(row.get("spoilt").asInt(), 1);
    }

    @Test
    public void oneSpoiltByMistakeIsAsItWas() {
        JsonNode book = plainTwelve();
        tick(book, List.of(5), "SEWN", true);
        String spoilt = spoil(book, 5, "COVERED").get("spoilt").get(0).get("id").asString();
        JsonNode row = row(delete(path(book) + "/spoilt/" + spoilt).body(), 5);
        assertEquals(row.get("done").size(), 4);
        assertEquals(row.get("spoilt").asInt(), 0);
    }

    @Test
    public void whatItNeedsAnewIsTakenOnceAndCanBeLaidBack() {
        JsonNode book = sewn(begun(twelve(spool("Linen 30/3", "50"), spool("Linen 30/3, red", "50"), 0)));
        double before = left("Linen 30/3, red");
        spoil(book, 12, "SEWN");
        String anew = "/api/books/" + BooksTest.id(book) + "/supplies/anew";
        assertEquals(post(anew, Map.of()).status(), 204);
        double after = left("Linen 30/3, red");
        assertTrue(after < before, after + " of " + before);
        assertEquals(post(anew, Map.of()).status(), 422);
        JsonNode act = get("/api/supplies").body().get("acts").get(0);
        assertTrue(act.get("words").asString().startsWith("For spoilt copies: "), act.toString());
        assertEquals(
                post("/api/supplies/acts/" + act.get("id").asString() + "/undo", Map.of())
                        .status(),
                204);
        assertEquals(left("Linen 30/3, red"), before, 0.001);
        assertEquals(post(anew, Map.of()).status(), 204);
    }

    @Test
    public void whatItNeedsAnewIsOnTheShoppingList() {
        JsonNode book = sewn(begun(twelve(spool("Linen 30/3", "0.1"), spool("Linen 30/3, red", "0.1"), 0)));
        spoil(book, 12, "SEWN");
        assertTrue(get("/api/supplies")
                .body()
                .get("needs")
                .valueStream()
                .anyMatch(need -> need.get("name").asString().equals("Linen 30/3, red")));
    }

    @Test
    public void aCopyLeftOutIsNotMadeAnew() {
        JsonNode book = plainTwelve();
        put(path(book) + "/4/left-out", Map.of("leftOut", true));
        Answer answer = post(path(book) + "/4/spoilt", Map.of());
        assertEquals(answer.status(), 422);
        assertTrue(answer.message().contains("is left out"), answer.message());
    }

    @Test
    public void whatWasNotSpoiltIsNotMended() {
        assertEquals(
                delete(path(plainTwelve()) + "/spoilt/" + UUID.randomUUID()).status(), 404);
    }

    // slips

    @Test
    public void slipsArePrinted() {
        byte[] slips = get(path(plainTwelve()) + "/slips.pdf?form=SMALL").raw().body();
        assertEquals(new String(slips, 0, 5, java.nio.charset.StandardCharsets.US_ASCII), "%PDF-");
    }

    @Test
    public void labelsThatNoSheetOfThatPaperHasAreRefused() {
        Answer answer = get(path(plainTwelve()) + "/slips.pdf?form=ADDRESS&paper=A4");
        assertEquals(answer.status(), 422);
        assertFalse(answer.message().isBlank());
    }
}
