package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Nonsense gets one line, keeps nothing, and is never the server's fault. */
public class BadInputTest extends HttpTest {

    private interface Bend {
        void in(ObjectNode document);
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {"extent.number", (Bend) d -> extent(d, 0)},
            {"extent.number", (Bend) d -> extent(d, -8)},
            {"extent.number", (Bend) d -> extent(d, 10_000)},
            {"leaf.heightMm", (Bend) d -> part(d, "leaf").put("heightMm", 2000)},
            {"leaf.widthMm", (Bend) d -> part(d, "leaf").put("widthMm", 0)},
            {"paper.grammageGsm", (Bend) d -> part(d, "paper").put("grammageGsm", 5)},
            {
                "paper.stack.totalMm",
                (Bend) d -> part(d, "paper").putObject("stack").put("sheets", 1).put("totalMm", 200)
            },
            {
                "paper.stack.sheets",
                (Bend) d -> part(d, "paper").putObject("stack").put("sheets", 0).put("totalMm", 2)
            },
            {"stations.count", (Bend) d -> part(d, "stations").put("count", 401)},
            {
                "stations.placedMm",
                (Bend) d -> part(d, "stations")
                        .put("scheme", "PLACED")
                        .putArray("placedMm")
                        .add(9)
                        .add(8)
                        .add(100)
            },
            {
                "stations.pairMm",
                (Bend) d -> part(d, "stations").put("scheme", "PAIRS").put("pairMm", 0)
            },
            {
                "rows.marginMm",
                (Bend) d -> part(d, "rows").put("school", "MARGIN").put("marginMm", -1)
            },
            {"side.edgeMm", (Bend) d -> part(d, "side").put("edgeMm", 900)},
            {"side.placed", (Bend) d -> part(d, "side").put("byHand", true)},
            {"cover.spineMm", (Bend) d -> part(d, "cover").put("spineMm", 0)},
            {
                "gathering.unlike",
                (Bend) d -> part(d, "gathering")
                        .putArray("unlike")
                        .addObject()
                        .put("signature", 1)
                        .put("heightMm", 3)
            },
            {"thread.strands", (Bend) d -> part(d, "thread").put("strands", 7)},
            {"thread.slackPercent", (Bend) d -> part(d, "thread").put("slackPercent", 300)},
            {"thread.ply", (Bend) d -> part(part(d, "thread"), "count").put("ply", 0)},
            {"stitch", (Bend) d -> d.putNull("stitch")},
            {"stitch.cordMm", (Bend) d -> part(d, "stitch").put("cordMm", 900)},
            {"stitch.threads", (Bend) d -> part(d, "stitch").putNull("threads")},
            {"stitch.pattern", (Bend) d -> pattern(d).put("name", " ")},
            {
                "stitch.pattern",
                (Bend) d -> pattern(d)
                        .putArray("holes")
                        .addObject()
                        .put("fromHeadMm", 7)
                        .put("fromSpineMm", 0)
            },
            {
                "stitch.pattern",
                (Bend) d -> pattern(d)
                        .putArray("lines")
                        .addObject()
                        .put("outer", true)
                        .put("from", 1)
                        .put("to", 9)
            },
            {"structure", (Bend) d -> d.put("structure", "glue")},
            {"name", (Bend) d -> d.put("name", "   ")},
            {"name", (Bend) d -> d.put("name", "a\u0000b")},
            {"leaf", (Bend) d -> d.putNull("leaf")},
            {"thread.count", (Bend) d -> part(d, "thread").remove("count")},
        };
    }

    /** A pattern of two holes, laid on the book. */
    private static ObjectNode pattern(ObjectNode document) {
        ObjectNode pattern = part(document, "stitch").putObject("pattern");
        pattern.put("name", "Two").put("side", false).put("heightMm", 200);
        for (int mm = 50; mm <= 100; mm += 50) {
            pattern.withArray("holes").addObject().put("fromHeadMm", mm).put("fromSpineMm", 0);
        }
        pattern.putArray("lines");
        pattern.putArray("turns");
        return pattern;
    }

    @Test(dataProvider = "unfit")
    public void aValueNoBookCanHaveIsToldByItsField(String field, Bend bend) {
        JsonNode book = begin("Cues");
        ObjectNode document = document("Cues");
        bend.in(document);
        Answer answer = change(book, "nonsense", document);
        assertEquals(answer.status() + " " + answer.body().path("field").asString(""), "422 " + field);
        assertFalse(answer.message().isBlank() || answer.message().contains("\n"), answer.message());
    }

    @Test(dataProvider = "unfit")
    public void nothingOfItIsKept(String field, Bend bend) {
        JsonNode book = begin("Cues");
        ObjectNode document = document("Cues");
        bend.in(document);
        change(book, "nonsense", document);
        assertEquals(get("/api/books/" + BooksTest.id(book)).body().get("document"), book.get("document"));
    }

    @DataProvider
    Object[][] requests() {
        String id = "00000000-0000-0000-0000-000000000000";
        return new Object[][] {
            {"GET", "/api/books/" + id, null, 404},
            {"GET", "/api/books/nonsense", null, 400},
            {"GET", "/api/nothing", null, 404},
            {"PUT", "/api/books/" + id, "{\"version\":", 400},
            {"PUT", "/api/books/" + id, "[]", 400},
            {"POST", "/api/plan", "{\"pages\":\"many\"}", 400},
            {"POST", "/api/plan", "{\"unit\":\"ELL\"}", 400},
            {"POST", "/api/plan", "{\"colour\":\"red\"}", 400},
            {"POST", "/api/plan", "", 400},
            {"DELETE", "/api/books", null, 405},
            {"GET", "/api/books/" + id + "/template.pdf?paper=PARCHMENT", null, 400},
            {"GET", "/api/books/" + id + "/template.svg?page=x", null, 400},
            {"PUT", "/api/books/" + id + "/sewing", "{\"step\":3,\"outsideUp\":false}", 404},
            {"POST", "/api/reading/length", "{\"text\":\"tall\",\"unit\":\"MM\"}", 422},
            {"POST", "/api/reading/length", "{}", 422},
            {"PUT", "/api/books/" + id, "{\"version\":1}", 422},
            {"PUT", "/api/printers/" + id + "/correction", "{\"across\":\"99\"}", 422},
            {"DELETE", "/api/printers/" + id, null, 404},
            {"POST", "/api/printers", "{\"name\":\"  \"}", 422},
            {"GET", "/api/books/" + id + "/template?kinds=NAPKIN", null, 400},
            {"GET", "/api/books/" + id + "/template?printer=shed", null, 400},
            {"GET", "/api/books/" + id + "/fitting?within=wide", null, 422},
            {"GET", "/api/books/" + id + "/fitting?within=-1", null, 422},
            {"PUT", "/api/books/" + id + "/punching", "{}", 422},
            {"PUT", "/api/templates/" + id, "{\"version\":1}", 422},
            {"DELETE", "/api/templates/" + id, null, 404},
            {"POST", "/api/templates/" + id + "/book", "{\"unit\":\"MM\"}", 404},
            {"GET", "/api/templates/card.pdf?ids=" + id, null, 404},
            {"GET", "/api/templates/card.pdf?ids=", null, 422},
            {
                "POST",
                "/api/templates/fitting",
                "{\"ofCover\":true,\"height\":\"tall\",\"spine\":\"\",\"within\":\"1\",\"unit\":\"MM\"}",
                422
            },
        };
    }

    @Test(dataProvider = "requests")
    public void aWrongRequestIsToldInOneLine(String method, String path, String body, int status) {
        Answer answer = send(method, path, body, Map.of());
        assertEquals(answer.status(), status, answer.message());
        assertTrue(answer.message().length() > 10 && !answer.message().contains("Exception"), answer.message());
    }

    @Test
    public void aForeignPageIsNotLetIn() {
        assertEquals(
                send("POST", "/api/books", document("Cues"), Map.of("Origin", "https://elsewhere.example"))
                        .status(),
                403);
        assertEquals(get("/api/books").body().get("all").asInt(), 0);
    }

    @DataProvider
    Object[][] unreadable() {
        return new Object[][] {
            {
                "{\"extent\":{\"by\":\"PAGES\",\"number\":\"many\"}}",
                "At “extent.number”: read “many”; a whole number is wanted."
            },
            {"{\"unit\":\"ELL\"}", "At “unit”: read “ELL”; one of MM, INCH is wanted."},
            {"{\"colour\":\"red\"}", "At “colour”: “colour” is not known here."},
            {"{\"leaf\":[]}", "At “leaf”: an object with its parts is wanted."},
            {"{\"name\":", "Line 1, column 9: this is not JSON."},
            {"", "Nothing was sent that could be read."},
        };
    }

    @Test(dataProvider = "unreadable")
    public void whatCannotBeReadIsToldByItsPlaceAndWhatIsWanted(String body, String line) {
        assertEquals(post("/api/plan", body).message(), line);
    }

    @DataProvider
    Object[][] lettersThatCannotBeKept() {
        return new Object[][] {{"a\\u0000b"}, {"\\ud800"}, {"\\ufffe"}};
    }

    @Test(dataProvider = "lettersThatCannotBeKept")
    public void aTextThatCannotBeKeptIsRefusedAndNotChanged(String letters) {
        String body = document("Cues").put("purpose", "LETTERS").toString().replace("LETTERS", letters);
        Answer answer = post("/api/books", body);
        assertEquals(answer.status() + " " + answer.body().path("field").asString(""), "422 purpose");
    }

    @DataProvider
    Object[][] addresses() {
        return new Object[][] {{"/api/books?find=%00"}, {"/api/books?find=%ff"}, {"/api/books?find=%EF%BF%BE"}};
    }

    @Test(dataProvider = "addresses")
    public void anAddressWithoutLettersIsRefused(String path) {
        assertEquals(get(path).status(), 400);
    }

    @Test
    public void moreThanIsWantedIsRefusedUnread() {
        Answer answer = post("/api/plan", "{\"name\":\"" + "x".repeat(1_000_000) + "\"}");
        assertEquals(answer.status(), 413);
        assertTrue(answer.message().contains("1,000,000 bytes"), answer.message());
    }

    @DataProvider
    Object[][] refusals() {
        return new Object[][] {
            {"GET", "/api/nothing"}, {"GET", "/error"}, {"DELETE", "/api/books"}, {"GET", "/api/books?find=%00"}
        };
    }

    @Test(dataProvider = "refusals")
    public void refusalsKeepToThemselvesToo(String method, String path) {
        Answer answer = send(method, path, null, Map.of());
        assertTrue(answer.status() >= 400 && !answer.message().isEmpty(), answer.status() + " " + answer.message());
        assertEquals(answer.raw().headers().firstValue("X-Content-Type-Options").orElse(""), "nosniff");
    }

    @Test
    public void absurdPagesAreARemarkAndNotAnError() {
        ObjectNode document = extent(document("Cues"), 4000);
        JsonNode plan = post("/api/plan", document).body();
        assertTrue(plan.get("stopped").asBoolean());
    }

    private static ObjectNode part(ObjectNode document, String name) {
        return (ObjectNode) document.get(name);
    }
}
