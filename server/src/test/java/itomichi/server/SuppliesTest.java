package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.server.drawer.DrawerService;
import itomichi.server.supply.SupplyService;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What books use up, what the drawers hold of it, what is cut and bought, over HTTP. */
public class SuppliesTest extends HttpTest {

    @Autowired
    private DrawerService drawers;

    @Autowired
    private SupplyService supplies;

    @BeforeMethod
    void emptyTheDrawers() {
        drawers.fill(Map.of());
        supplies.clear();
    }

    private JsonNode lay(String drawer, String name, Map<String, String> cells) {
        ObjectNode typed = tree(Map.of("name", name));
        cells.forEach(typed::put);
        Answer answer = post("/api/drawers/" + drawer + "/things", Map.of("unit", "MM", "cells", typed));
        assertEquals(answer.status(), 201, answer.message());
        return answer.body();
    }

    private ObjectNode tree(Map<String, String> cells) {
        ObjectNode tree = document("").objectNode();
        cells.forEach(tree::put);
        return tree;
    }

    private JsonNode board(String have) {
        return lay(
                "BOARDS",
                "Grey board",
                Map.of("widthMm", "700", "heightMm", "1000", "grain", "along its height", "have", have, "price", "4"));
    }

    /** A book on tapes in a case, its boards from this thing. */
    private JsonNode cased(String name, JsonNode board) {
        ObjectNode document = extent(document(name), 160);
        document.put("structure", "tapes");
        ((ObjectNode) document.get("stations")).put("scheme", "PAIRS");
        ((ObjectNode) document.get("cover")).put("wanted", false);
        ((ArrayNode) document.get("covering").get("stocks"))
                .addObject()
                .put("stuff", "BOARD")
                .put("name", "Grey board")
                .put("widthMm", 700)
                .put("heightMm", 1000)
                .put("grain", "ALONG_HEIGHT")
                .put("drawerId", BooksTest.id(board));
        Answer answer = post("/api/books", document);
        assertEquals(answer.status(), 201, answer.message());
        return answer.body();
    }

    /** A pamphlet whose paper comes from this thing. */
    private JsonNode onPaper(JsonNode paper) {
        ObjectNode document = document("Cues");
        ObjectNode its = (ObjectNode) document.get("paper");
        its.set("stock", paper.get("paper").get("stock"));
        its.put("drawerId", BooksTest.id(paper));
        return post("/api/books", document).body();
    }

    private JsonNode wove(String have) {
        return lay(
                "PAPERS",
                "Grey wove",
                Map.of(
                        "grammageGsm", "90",
                        "bulk", "book wove",
                        "widthMm", "640",
                        "heightMm", "900",
                        "grain", "along its height",
                        "have", have));
    }

    private String have(String drawer, String name) {
        return get("/api/drawers/" + drawer)
                .body()
                .get("things")
                .valueStream()
                .filter(thing -> thing.get("name").asString().equals(name))
                .map(thing -> thing.get("cells").get("have").get("mm").asString())
                .findFirst()
                .orElse("none");
    }

    private List<String> names(String drawer) {
        return texts(get("/api/drawers/" + drawer).body().get("things"), "name");
    }

    private JsonNode done(JsonNode book, String... stages) {
        ObjectNode document = ((ObjectNode) book.get("document")).deepCopy();
        ArrayNode all = document.putArray("done");
        Stream.of(stages).forEach(all::add);
        Answer answer = change(book, "a stage", document);
        assertEquals(answer.status(), 200, answer.message());
        return answer.body();
    }

    private JsonNode step(JsonNode book, String way) {
        return post(
                        "/api/books/" + BooksTest.id(book) + "/" + way,
                        Map.of("version", book.get("version").asLong()))
                .body();
    }

    private static JsonNode need(JsonNode view, String name) {
        return view.get("needs")
                .valueStream()
                .filter(need -> need.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** A pamphlet whose thread comes from a spool of so many metres. */
    private JsonNode onSpool(String left, String holds) {
        JsonNode spool = lay(
                "THREADS",
                "Linen 30/3",
                Map.of(
                        "fibre", "linen",
                        "system", "linen count",
                        "number", "30",
                        "ply", "3",
                        "leftM", left,
                        "spoolM", holds,
                        "price", "10"));
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("use")).put("copies", 100);
        ((ObjectNode) document.get("thread")).put("drawerId", BooksTest.id(spool));
        return post("/api/books", document).body();
    }

    /** A hundred pamphlets take some 70 m: what lacks is bought by the spool. */
    @Test
    public void threadIsBoughtByTheSpool() {
        onSpool("5", "30");
        JsonNode need = need(get("/api/supplies").body(), "Linen 30/3");
        double lacks =
                Double.parseDouble(need.get("needed").get("mm").asString().replaceAll("[^0-9.]", "")) - 5;
        int spools = (int) Math.ceil(lacks / 30);
        assertTrue(spools > 1, need.toString());
        assertEquals(need.get("lacking").asDouble(), spools * 30.0);
        assertEquals(need.get("price").asDouble(), spools * 10.0);
        assertTrue(need.get("lacks").asString().endsWith(spools + " spools"), need.toString());
    }

    @Test
    public void threadOfABookHasThePriceOfItsMetres() {
        JsonNode book = onSpool("500", "50");
        JsonNode cost = get("/api/books/" + BooksTest.id(book) + "/page")
                .body()
                .get("costs")
                .valueStream()
                .filter(one -> one.get("what").asString().equals("Linen 30/3"))
                .findFirst()
                .orElseThrow();
        double metres =
                Double.parseDouble(cost.get("amount").get("mm").asString().replaceAll("[^0-9.]", "")) / 1000;
        assertEquals(cost.get("price").asDouble(), metres * 10 / 50, 0.01);
    }

    @Test
    public void theShoppingListIsPrinted() {
        onSpool("5", "30");
        byte[] list = get("/api/supplies/list.pdf").raw().body();
        assertEquals(new String(list, 0, 5, java.nio.charset.StandardCharsets.US_ASCII), "%PDF-");
    }

    @Test
    public void whatAStageUsesUpLeavesTheDrawerWhenItIsDone() {
        JsonNode book = onPaper(wove("10"));
        JsonNode wanted =
                get("/api/books/" + BooksTest.id(book) + "/supplies").body().get(0);
        int sheets = book.get("plan")
                .get("papers")
                .get(0)
                .get("cutting")
                .get("stockSheets")
                .asInt();
        assertEquals(wanted.get("number").asString().replaceAll("\\D", ""), String.valueOf(sheets));
        done(book, "PAPER");
        assertEquals(have("PAPERS", "Grey wove"), String.valueOf(10 - sheets));
    }

    @Test
    public void whatAStageTookComesBackWhenItIsUndoneAndGoesWhenItIsDoneAgain() {
        JsonNode book = done(onPaper(wove("10")), "PAPER");
        String taken = have("PAPERS", "Grey wove");
        JsonNode undone = step(book, "undo");
        assertEquals(have("PAPERS", "Grey wove"), "10");
        step(undone, "redo");
        assertEquals(have("PAPERS", "Grey wove"), taken);
    }

    @Test
    public void aStageDoneAlreadyTakesNothingMore() {
        JsonNode book = done(onPaper(wove("10")), "PAPER");
        String taken = have("PAPERS", "Grey wove");
        done(book, "PAPER", "GATHER");
        assertEquals(have("PAPERS", "Grey wove"), taken);
    }

    @Test
    public void noMoreIsTakenThanThereIsAndThatMuchComesBack() {
        JsonNode book = done(onPaper(wove("1")), "PAPER");
        assertEquals(have("PAPERS", "Grey wove"), "0");
        step(book, "undo");
        assertEquals(have("PAPERS", "Grey wove"), "1");
    }

    @Test
    public void whatLacksIsToBeBoughtAtItsPrice() {
        cased("Log", board("0"));
        JsonNode view = get("/api/supplies").body();
        assertEquals(need(view, "Grey board").get("lacking").asDouble(), 1.0);
        assertEquals(view.get("cost").asDouble(), 4.0);
    }

    /** A number at the end belongs to the name. */
    @Test
    public void whatIsInNoDrawerKeepsItsWholeName() {
        JsonNode book = begin("Cues");
        ObjectNode document = ((ObjectNode) book.get("document")).deepCopy();
        ((ObjectNode) document.get("thread")).put("name", "Linen 40");
        change(book, "thread", document);
        assertEquals(need(get("/api/supplies").body(), "Linen 40").get("books").size(), 1);
    }

    @Test
    public void whatWasBoughtLiesInTheDrawerUntilItIsUndone() {
        JsonNode board = board("0");
        cased("Log", board);
        post("/api/supplies/bought", Map.of("thing", BooksTest.id(board), "number", 1));
        assertEquals(have("BOARDS", "Grey board"), "1");
        JsonNode act = get("/api/supplies").body().get("acts").get(0);
        post("/api/supplies/acts/" + act.get("id").asString() + "/undo", "");
        assertEquals(have("BOARDS", "Grey board"), "0");
    }

    @Test
    public void severalCopiesWantAsMuchMore() {
        JsonNode board = board("0");
        JsonNode book = cased("Log", board);
        ObjectNode document = ((ObjectNode) book.get("document")).deepCopy();
        ((ObjectNode) document.get("use")).put("copies", 12);
        change(book, "copies", document);
        JsonNode table = get("/api/supplies").body().get("tables").get(0);
        // two boards and a spine piece each
        assertEquals(table.get("pieces").asInt(), 36);
    }

    @Test
    public void booksThatShareABoardAreCutFromItTogether() {
        JsonNode board = board("3");
        cased("Log", board);
        cased("Diary", board);
        JsonNode table = get("/api/supplies").body().get("tables").get(0);
        assertEquals(table.get("sheets").asInt(), 1);
        assertTrue(table.get("fewest").asBoolean());
    }

    @Test
    public void sheetsOfThePaperThatAlsoCoversABookAreCountedTogether() {
        JsonNode paper = wove("1");
        ObjectNode document = ((ObjectNode) onPaper(paper).get("document")).deepCopy();
        document.put("name", "Diary");
        ((ArrayNode) document.get("covering").get("stocks"))
                .addObject()
                .put("stuff", "CARD")
                .put("name", "Grey wove")
                .put("widthMm", 640)
                .put("heightMm", 900)
                .put("grain", "ALONG_HEIGHT")
                .put("drawerId", BooksTest.id(paper));
        JsonNode book = post("/api/books", document).body();
        int sheets = book.get("plan")
                .get("papers")
                .get(0)
                .get("cutting")
                .get("stockSheets")
                .asInt();
        JsonNode view = get("/api/supplies?books=" + BooksTest.id(book)).body();
        assertEquals(need(view, "Grey wove").get("lacking").asDouble(), (double) sheets);
    }

    @Test
    public void onlyTheBooksAskedForAreLookedAt() {
        JsonNode board = board("3");
        JsonNode log = cased("Log", board);
        cased("Diary", board);
        JsonNode view = get("/api/supplies?books=" + BooksTest.id(log)).body();
        assertEquals(texts(view.get("books"), "name"), List.of("Diary", "Log"));
        assertEquals(view.get("tables").get(0).get("pieces").asInt(), 3);
    }

    @Test
    public void aBookOnTheShelfIsLookedAtWhereItIsAskedFor() {
        JsonNode log = cased("Log", board("3"));
        put("/api/books/" + BooksTest.id(log) + "/shelf", Map.of("onShelf", true));
        assertEquals(get("/api/supplies").body().get("tables").size(), 0);
        JsonNode view = get("/api/supplies?books=" + BooksTest.id(log)).body();
        assertEquals(view.get("tables").get(0).get("pieces").asInt(), 3);
        assertFalse(view.get("more").asBoolean());
    }

    private JsonNode cut(JsonNode board, JsonNode table) {
        Answer answer = post(
                "/api/supplies/cut",
                Map.of(
                        "thing",
                        BooksTest.id(board),
                        "books",
                        table.get("books"),
                        "sheets",
                        table.get("sheets").asInt() + table.get("offcuts").asInt()));
        assertEquals(answer.status(), 204, answer.message());
        return get("/api/supplies").body();
    }

    @Test
    public void whatIsLeftOfACutBoardLiesInTheDrawerAndIsCutNext() {
        JsonNode board = board("3");
        cased("Log", board);
        JsonNode view = cut(board, get("/api/supplies").body().get("tables").get(0));
        assertEquals(have("BOARDS", "Grey board"), "2");
        assertTrue(names("BOARDS").size() > 1, names("BOARDS").toString());
        assertEquals(view.get("tables").size(), 0);
        cased("Diary", board);
        JsonNode next = get("/api/supplies").body().get("tables").get(0);
        assertEquals(next.get("sheets").asInt(), 0);
        assertEquals(next.get("offcuts").asInt(), 1);
    }

    /** Off-cuts of one name lie together: none of them is smaller than its name says. */
    @Test
    public void anOffCutIsToldByTheFullMillimetreBelow() {
        JsonNode board = board("3");
        cased("Log", board);
        JsonNode table = get("/api/supplies").body().get("tables").get(0);
        double left = table.get("kept")
                .valueStream()
                .mapToDouble(kept -> width(kept.get("size").get("mm").asString()))
                .sum();
        cut(board, table);
        double laid = get("/api/drawers/BOARDS")
                .body()
                .get("things")
                .valueStream()
                .filter(thing -> thing.get("cells").has("offcutOf"))
                .mapToDouble(thing ->
                        width(thing.get("cells").get("widthMm").get("mm").asString()))
                .peek(wide -> assertEquals(wide, Math.rint(wide), 0.0))
                .sum();
        assertTrue(laid <= left && laid > 0, laid + " laid in of " + left);
    }

    private static double width(String size) {
        return Double.parseDouble(size.split("\u202f")[0]);
    }

    @Test
    public void aPressThatCameTwiceCutsOnce() throws Exception {
        JsonNode board = board("9");
        JsonNode book = cased("Log", board);
        Map<String, Object> press =
                Map.of("thing", BooksTest.id(board), "books", List.of(BooksTest.id(book)), "sheets", 1);
        List<Integer> answers = Stream.generate(() -> press)
                .limit(6)
                .parallel()
                .map(one -> post("/api/supplies/cut", one).status())
                .sorted()
                .toList();
        assertEquals(answers.get(0), Integer.valueOf(204));
        assertEquals(answers.stream().filter(status -> status == 204).count(), 1);
        assertEquals(have("BOARDS", "Grey board"), "8");
    }

    @Test
    public void aCutUndoneLeavesTheDrawerAsItWas() {
        JsonNode board = board("3");
        cased("Log", board);
        JsonNode view = cut(board, get("/api/supplies").body().get("tables").get(0));
        post("/api/supplies/acts/" + view.get("acts").get(0).get("id").asString() + "/undo", "");
        assertEquals(have("BOARDS", "Grey board"), "3");
        assertEquals(names("BOARDS"), List.of("Grey board"));
    }

    @Test
    public void whatWasCutTogetherIsNotTakenAgainWhenTheCoverIsDone() {
        JsonNode board = board("3");
        JsonNode book = cased("Log", board);
        cut(board, get("/api/supplies").body().get("tables").get(0));
        done(book, "COVER");
        assertEquals(have("BOARDS", "Grey board"), "2");
    }

    @Test
    public void aCutSeenOtherwiseThanItIsNowIsNotMade() {
        JsonNode board = board("3");
        JsonNode book = cased("Log", board);
        Answer answer = post(
                "/api/supplies/cut",
                Map.of("thing", BooksTest.id(board), "books", List.of(BooksTest.id(book)), "sheets", 7));
        assertEquals(answer.status(), 422);
        assertTrue(answer.message().contains("from 7 to 1 sheets"), answer.message());
        assertEquals(have("BOARDS", "Grey board"), "3");
    }

    @Test
    public void aKnifeThatDoesNotReachAcrossABoardCutsNothingFromIt() {
        cased("Log", board("3"));
        assertEquals(
                put("/api/supplies/knife", Map.of("reachMm", 600, "leastStripMm", 5))
                        .status(),
                204);
        JsonNode view = get("/api/supplies").body();
        assertEquals(view.get("knife").get("reachMm").asDouble(), 600.0);
        assertFalse(view.get("tables").get(0).get("missing").isEmpty());
        assertTrue(need(view, "Grey board").get("unfit").asBoolean());
    }

    @DataProvider
    Object[][] wrong() {
        return new Object[][] {
            {"PUT", "knife", "{\"reachMm\": 3, \"leastStripMm\": 0}"},
            {"PUT", "knife", "{\"reachMm\": 1e300, \"leastStripMm\": 0}"},
            {"PUT", "knife", "{\"leastStripMm\": -4}"},
            {"POST", "bought", "{\"number\": 4}"},
            {"POST", "bought", "{\"thing\": \"%s\", \"number\": -4}"},
            {"POST", "bought", "{\"thing\": \"%s\", \"number\": 1e300}"},
            {"POST", "cut", "{\"thing\": \"%s\", \"books\": [], \"sheets\": 1}"},
            {"POST", "cut", "{\"thing\": \"%s\", \"sheets\": 1}"},
            {"POST", "cut", "{\"thing\": \"%s\", \"books\": [null], \"sheets\": 1}"},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatCannotBeIsRefusedInOneLineAndChangesNothing(String method, String path, String body) {
        JsonNode board = board("3");
        cased("Log", board);
        Answer answer = send(method, "/api/supplies/" + path, String.format(body, BooksTest.id(board)), Map.of());
        assertTrue(answer.status() == 422 || answer.status() == 400, answer.status() + " " + answer.message());
        assertFalse(answer.message().isEmpty());
        assertEquals(have("BOARDS", "Grey board"), "3");
    }

    @Test
    public void theListSavedHoldsWhatTheScreenShows() {
        cased("Log", board("0"));
        String list = new String(get("/api/supplies/list.csv").raw().body(), StandardCharsets.UTF_8);
        assertTrue(list.contains("Grey board,Boards,1\u00a0board,0\u00a0boards,1\u00a0board,4.00,Log"), list);
    }

    @Test
    public void theCutsArePrinted() {
        JsonNode board = board("3");
        cased("Log", board);
        Answer answer = get("/api/supplies/cuts.pdf?thing=" + BooksTest.id(board));
        assertEquals(answer.status(), 200, answer.message());
        assertEquals(new String(answer.raw().body(), 0, 5, StandardCharsets.US_ASCII), "%PDF-");
        assertEquals(
                get("/api/supplies/cuts.pdf?thing=" + BooksTest.id(wove("1"))).status(), 422);
    }

    @Test
    public void aStuffWithoutSheetsIsSaidToBeOpen() {
        JsonNode book = cased("Log", board("3"));
        JsonNode open = get("/api/supplies").body().get("unsettled");
        assertTrue(texts(open, "words").contains("cloth"), open.toString());
        assertEquals(open.get(0).get("book").asString(), BooksTest.id(book));
    }
}
