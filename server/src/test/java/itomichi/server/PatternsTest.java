package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Map;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A binder's own patterns over HTTP: read, looked over, kept, made into books. */
public class PatternsTest extends HttpTest {

    private static final String ROUND =
            "pattern Round\nfold 200\nhole 40\nhole 100\nhole 160\noutside 1-2 2-3\ninside 1-2 2-3\n";

    @BeforeMethod
    public void emptyTheGallery() {
        get("/api/patterns")
                .body()
                .forEach(one -> delete("/api/patterns/" + one.get("id").asString()));
    }

    private JsonNode read(String text) {
        Answer answer = post("/api/patterns/read", Map.of("text", text));
        assertEquals(answer.status(), 200, answer.message());
        return answer.body();
    }

    private Answer kept(JsonNode pattern) {
        return post("/api/patterns", Map.of("notes", "", "pattern", pattern, "version", 0));
    }

    @Test
    public void whatIsWrittenIsReadAndWrittenTheSame() {
        assertEquals(post("/api/patterns/look", read(ROUND)).body().get("text").asString(), ROUND);
    }

    @Test
    public void aPathIsReadAsThePatternItLeaves() {
        JsonNode pattern = read("+3 −2 +1 −2 +4 −5 +4 −3 tie");
        JsonNode look = post("/api/patterns/look", pattern).body();
        assertEquals(look.get("kind").asString(), "SEWN");
        assertEquals(look.get("way").get("notation").asString(), "+3 -2 +1 -2 +4 -5 +4 -3 tie");
    }

    @Test
    public void whatIsLackingIsNamedAndAddingItMakesItWhole() {
        ObjectNode open = (ObjectNode) read(ROUND.replace("inside 1-2 2-3", "inside 1-2"));
        JsonNode look = post("/api/patterns/look", open).body();
        assertEquals(look.get("kind").asString(), "LACKING");
        look.get("add").forEach(line -> open.withArray("lines").add(line));
        assertEquals(post("/api/patterns/look", open).body().get("kind").asString(), "SEWN");
    }

    @DataProvider
    Object[][] faults() {
        return new Object[][] {
            {"pattern A\nfold 200\nhole x", "Line 3, column 6"},
            {"+2 +3", "Line 1, column 4"},
            {"-1 +2 -2 +3\ns2: -3", "signature 2"},
            {"-1 +2 link -2", "belong to a structure"},
            {"", "Line 1, column 1"},
        };
    }

    @Test(dataProvider = "faults")
    public void aFaultIsToldInOneLineWithItsPlace(String text, String told) {
        Answer answer = post("/api/patterns/read", Map.of("text", text));
        assertEquals(answer.status(), 422);
        assertTrue(answer.message().contains(told), answer.message());
    }

    @Test
    public void aKeptPatternBeginsABookThatCanBeSewn() {
        JsonNode pattern = kept(read(ROUND)).body().get("pattern");
        JsonNode book = post("/api/patterns/book", pattern).body();
        assertEquals(book.get("document").get("structure").asString(), "own-fold");
        JsonNode way = get("/api/books/" + BooksTest.id(book) + "/sewing/way").body();
        assertEquals(way.get("faults").size(), 0);
        assertTrue(
                way.get("notation").asString().startsWith("+2 "),
                way.get("notation").asString());
    }

    @Test
    public void aPatternIsLaidOnABookThatIsThere() {
        JsonNode bound = post(
                        "/api/patterns/bind",
                        Map.of(
                                "document",
                                document("Cues"),
                                "pattern",
                                read("v1 spine v1 ^2 spine ^2 v3 spine v3 ^2 ~1")))
                .body();
        assertEquals(bound.get("structure").asString(), "own-side");
        assertEquals(bound.get("name").asString(), "Cues");
    }

    @Test
    public void twoPatternsOfOneNameAreRefused() {
        kept(read(ROUND));
        Answer again = kept(read(ROUND));
        assertEquals(again.status(), 422);
        assertTrue(again.message().contains("a name of its own"), again.message());
    }

    @Test
    public void anOlderOneIsNotWrittenOver() {
        JsonNode kept = kept(read(ROUND)).body();
        String path = "/api/patterns/" + kept.get("id").asString();
        Map<String, Object> change = Map.of("notes", "Mine", "pattern", kept.get("pattern"), "version", 1);
        assertEquals(put(path, change).status(), 200);
        assertEquals(put(path, change).status(), 422);
    }

    @Test
    public void whatIsThrownAwayIsGone() {
        String path = "/api/patterns/" + kept(read(ROUND)).body().get("id").asString();
        assertEquals(delete(path).status(), 204);
        assertEquals(delete(path).status(), 404);
    }

    @Test
    public void aBookWhosePatternLacksAStitchSaysWhichAndMendsIt() {
        JsonNode book = post("/api/patterns/book", read(ROUND.replace("inside 1-2 2-3", "inside 1-2")))
                .body();
        JsonNode remark = book.get("plan")
                .get("remarks")
                .valueStream()
                .filter(one -> one.get("key").asString().equals("pattern-lacks"))
                .findFirst()
                .orElseThrow();
        assertTrue(remark.get("words").get("mm").asString().contains("inside 2–3"), remark.toString());
        JsonNode mended =
                post("/api/plan", remark.get("mends").get(0).get("document")).body();
        assertTrue(mended.has("sewing"), "the mended pattern is sewn");
    }
}
