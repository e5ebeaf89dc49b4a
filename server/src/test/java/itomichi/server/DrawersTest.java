package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.server.drawer.DrawerService;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What lies in the drawers, what books take of it, and its lists. */
public class DrawersTest extends HttpTest {

    private static final String HEAD =
            "Name,Weight (g/m2),Kind,Sheet width (mm),Sheet height (mm),Grain,Sheets left\r\n";

    @Autowired
    private DrawerService drawers;

    @BeforeMethod
    void emptyTheDrawers() {
        drawers.fill(Map.of());
    }

    private Answer lay(String name, Map<String, String> cells) {
        Map<String, String> all =
                new java.util.HashMap<>(Map.of("name", name, "grammageGsm", "120 gsm", "bulk", "BOOK_WOVE"));
        all.putAll(cells);
        return post("/api/drawers/PAPERS/things", Map.of("unit", "MM", "cells", all));
    }

    private Answer load(String csv) {
        return send("POST", "/api/drawers/PAPERS/list", csv, Map.of("Content-Type", "text/csv"));
    }

    private List<String> names() {
        return texts(get("/api/drawers/PAPERS").body().get("things"), "name");
    }

    @Test
    public void aPaperIsLaidInAndFound() {
        assertEquals(lay("Grey wove", Map.of()).status(), 201);
        assertEquals(names(), List.of("Grey wove"));
    }

    @Test
    public void aMeasuredStackWinsOverTheKind() {
        JsonNode paper = lay("Grey wove", Map.of("stackSheets", "20", "stackMm", "3.4 mm"))
                .body();
        assertEquals(paper.get("thickness").get("mm").asString(), "0.170\u202fmm, measured");
    }

    @Test
    public void lengthsAreReadInTheScreensUnit() {
        JsonNode paper = post(
                        "/api/drawers/PAPERS/things",
                        Map.of(
                                "unit",
                                "INCH",
                                "cells",
                                Map.of(
                                        "name",
                                        "Text",
                                        "grammageGsm",
                                        "80 lb text",
                                        "bulk",
                                        "SMOOTH",
                                        "widthMm",
                                        "25",
                                        "heightMm",
                                        "38 in")))
                .body();
        assertEquals(paper.get("paper").get("stock").get("widthMm").asDouble(), 635.0);
        assertEquals(paper.get("cells").get("heightMm").get("inch").asString(), "38\u202fin");
    }

    @DataProvider
    Object[][] formulas() {
        return new Object[][] {{"=1+1"}, {"+49"}, {"-"}, {"@home"}, {"'=1"}};
    }

    @Test(dataProvider = "formulas")
    public void aNameThatATableWouldRunIsMadeHarmlessAndComesBackAsItWas(String name) {
        lay(name, Map.of());
        String list = new String(get("/api/drawers/PAPERS/list.csv").raw().body(), StandardCharsets.UTF_8);
        assertTrue(list.contains("\n'" + name), list);
        load(list);
        JsonNode things = get("/api/drawers/PAPERS").body().get("things");
        assertEquals(texts(things, "name"), List.of(name));
    }

    @Test
    public void aListOfTooManyRowsIsRefusedWithItsLimit() {
        StringBuilder list = new StringBuilder(HEAD);
        for (int i = 0; i <= 5000; i++) {
            list.append("Paper ").append(i).append(",90,book wove,420,594,along its height,60\r\n");
        }
        Answer answer = load(list.toString());
        assertEquals(answer.status(), 422);
        assertTrue(answer.body().toString().contains("up to 5000 are read"), answer.message());
    }

    @Test
    public void onlyWhatWasTypedAnewIsChanged() {
        JsonNode paper = lay("Grey wove", Map.of("have", "40", "note", "loft")).body();
        JsonNode changed = put(
                        "/api/drawers/things/" + BooksTest.id(paper),
                        Map.of("version", 1, "unit", "MM", "cells", Map.of("have", "38")))
                .body();
        assertEquals(
                changed.get("cells").get("have").get("mm").asString() + " "
                        + changed.get("cells").get("note").get("mm").asString(),
                "38 loft");
    }

    @Test
    public void anotherWindowsChangeIsNotOverwrittenUnseen() {
        JsonNode paper = lay("Grey wove", Map.of()).body();
        Map<String, Object> change = Map.of("version", 1, "unit", "MM", "cells", Map.of("have", "38"));
        put("/api/drawers/things/" + BooksTest.id(paper), change);
        Answer second = put("/api/drawers/things/" + BooksTest.id(paper), change);
        assertEquals(second.status(), 422);
        assertTrue(second.message().contains("changed in another window"), second.message());
    }

    @DataProvider
    Object[][] nonsense() {
        return new Object[][] {
            {"name", ""},
            {"name", "x".repeat(61)},
            {"grammageGsm", "heavy"},
            {"grammageGsm", "24 lb"},
            {"grammageGsm", "5 gsm"},
            {"bulk", "velvet"},
            {"widthMm", "-3"},
            {"widthMm", "9 m"},
            {"have", "1.5"},
            {"price", "free"},
            {"stackMm", "0"},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsToldAtItsField(String field, String typed) {
        Answer answer = lay("Grey wove", Map.of(field, typed));
        assertEquals(answer.status() + " " + answer.body().path("field").asString(""), "422 " + field);
        assertEquals(names(), List.of());
    }

    @Test
    public void aStackWithoutItsNumberOfSheetsIsNoMeasurement() {
        Answer answer = lay("Grey wove", Map.of("stackMm", "3.4"));
        assertEquals(answer.body().get("field").asString(), "stackSheets");
    }

    @Test
    public void twoPapersOfOneNameAreRefused() {
        lay("Grey wove", Map.of());
        assertEquals(lay("grey WOVE", Map.of()).body().get("field").asString(), "name");
    }

    @Test
    public void aThingPutAwayStaysInTheBooksMadeFromIt() {
        JsonNode paper = lay("Grey wove", Map.of("widthMm", "640", "heightMm", "900", "grain", "ALONG_HEIGHT"))
                .body();
        ObjectNode document = document("Cues");
        document.set("paper", paper.get("paper"));
        JsonNode book = post("/api/books", document).body();
        assertEquals(
                texts(get("/api/drawers/PAPERS").body().get("things").get(0).get("usedIn"), "name"), List.of("Cues"));
        delete("/api/drawers/things/" + BooksTest.id(paper));
        assertEquals(names(), List.of());
        assertEquals(
                get("/api/books/" + BooksTest.id(book))
                        .body()
                        .get("document")
                        .get("paper")
                        .get("name")
                        .asString(),
                "Grey wove");
    }

    @Test
    public void aThreadSaysWhichBookIsSewnWithIt() {
        JsonNode linen = post(
                        "/api/drawers/THREADS/things",
                        Map.of(
                                "unit",
                                "MM",
                                "cells",
                                Map.of(
                                        "name",
                                        "Linen 25/3",
                                        "fibre",
                                        "linen",
                                        "system",
                                        "linen count",
                                        "number",
                                        "25",
                                        "ply",
                                        "3")))
                .body();
        assertEquals(linen.get("thickness").get("mm").asString(), "0.53\u202fmm, by its count");
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("thread")).setAll((ObjectNode) linen.get("thread"));
        post("/api/books", document);
        assertEquals(
                texts(get("/api/drawers/THREADS").body().get("things").get(0).get("usedIn"), "name"), List.of("Cues"));
    }

    @Test
    public void whatWasPutAwayIsTakenOutAgain() {
        JsonNode paper = lay("Grey wove", Map.of()).body();
        delete("/api/drawers/things/" + BooksTest.id(paper));
        post("/api/drawers/things/" + BooksTest.id(paper) + "/take-out", "");
        assertEquals(names(), List.of("Grey wove"));
    }

    @Test
    public void aListLoadedIsTheListSaved() {
        String list = HEAD + "\"Grey, \"\"wove\"\"\",90,book wove,420,594,along its height,60\r\n"
                + "Laid ivory,90.2,smooth writing,430,610,along its width,\r\n";
        Answer laid = load(list);
        assertEquals(laid.body().get("added").asInt(), 2, laid.message());
        String saved = new String(get("/api/drawers/PAPERS/list.csv").raw().body(), StandardCharsets.UTF_8);
        assertTrue(saved.contains("\"Grey, \"\"wove\"\"\",90,book wove,"), saved);
        emptyTheDrawers();
        assertEquals(load(saved).body().get("added").asInt(), 2);
        assertEquals(new String(get("/api/drawers/PAPERS/list.csv").raw().body(), StandardCharsets.UTF_8), saved);
    }

    @Test
    public void aKnownNameIsChangedAndNotDoubled() {
        load(HEAD + "Grey wove,90,book wove,420,594,along its height,60\r\n");
        Answer again = load(HEAD + "Grey wove,90,book wove,420,594,along its height,12\r\n");
        assertEquals(again.body().get("changed").asInt() + " " + names().size(), "1 1");
    }

    @Test
    public void inAWrongListEveryWrongRowIsToldAndNothingIsLaidIn() {
        Answer answer = load(HEAD
                + "Grey wove,90,book wove,420,594,along its height,60\r\n"
                + "Bad weight,heavy,book wove,420,594,along its height,60\r\n"
                + "Bad grain,90,book wove,420,594,sideways,60\r\n"
                + "Short row,90\r\n"
                + "grey wove,90,book wove,420,594,along its height,60\r\n");
        assertEquals(answer.status(), 422);
        assertEquals(
                answer.body()
                        .get("rows")
                        .valueStream()
                        .map(row ->
                                row.get("row").asInt() + " " + row.get("column").asString())
                        .toList(),
                List.of("3 Weight (g/m2)", "4 Grain", "5 ", "6 Name"));
        assertEquals(names(), List.of());
    }

    @DataProvider
    Object[][] noLists() {
        return new Object[][] {
            {"", "a heading row is wanted"},
            {"Name,Smell\r\nGrey,roses\r\n", "no column “Smell”"},
            {"Weight (g/m2)\r\n90\r\n", "“Name” is wanted"},
            {"Name,Name\r\na,b\r\n", "stands twice"},
            {HEAD, "nothing below its heading"},
            {HEAD + "\"Grey,90\r\n", "not a CSV file"},
        };
    }

    @Test(dataProvider = "noLists")
    public void whatIsNoListIsToldInOneLine(String csv, String told) {
        Answer answer = load(csv);
        assertEquals(answer.status(), 422);
        String said = answer.body().get("rows").toString();
        assertTrue(said.contains(told), said);
        assertFalse(said.contains("Exception"), said);
    }

    @Test
    public void aDrawerThatIsNotThereIsRefused() {
        assertEquals(get("/api/drawers/SOCKS").status(), 400);
    }
}
