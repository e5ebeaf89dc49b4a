package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Which page lies where, and what is gathered, over HTTP. */
public class GatherListTest extends HttpTest {

    private JsonNode linked(String name, int pages) {
        ObjectNode document = extent(document(name), pages);
        document.put("structure", "link-stitch");
        Answer answer = post("/api/books", document);
        assertEquals(answer.status(), 201, answer.message());
        return answer.body();
    }

    private static String path(JsonNode book) {
        return "/api/books/" + BooksTest.id(book) + "/gather-list";
    }

    private static JsonNode firstPage(JsonNode plan) {
        return plan.get("signatures").get(0).get("sheets").get(0).get("first").get("front");
    }

    @Test
    public void theFirstPageLiesOnTheRightOfTheOutermostSheet() {
        JsonNode plan = post("/api/plan/pages", document("Cues")).body();
        assertEquals(firstPage(plan).get("words").asString(), "1");
        assertEquals(
                plan.get("signatures")
                        .get(0)
                        .get("sheets")
                        .get(0)
                        .get("second")
                        .get("back")
                        .get("words")
                        .asString(),
                "32");
    }

    @Test
    public void frontMatterIsCountedInRoman() {
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("pages")).put("roman", 4);
        assertEquals(
                firstPage(post("/api/plan/pages", document).body()).get("words").asString(), "i");
    }

    @Test
    public void blankPagesStandWhereTheirBinderWantsThem() {
        ObjectNode document = extent(document("Cues"), 30);
        assertEquals(
                firstPage(post("/api/plan/pages", document).body()).get("kind").asString(), "TEXT");
        ((ObjectNode) document.get("pages")).put("blanks", "FRONT");
        assertEquals(
                firstPage(post("/api/plan/pages", document).body()).get("kind").asString(), "BLANK");
        assertEquals(post("/api/plan", document).body().get("blanks").asString(), "1 and 2");
    }

    @Test
    public void everySignatureIsListedWithItsPages() {
        JsonNode list = get(path(linked("Log", 96))).body();
        List<String> pages = texts(list.get("lines"), "pages");
        assertTrue(pages.get(0).startsWith("pages 1 to "), pages.toString());
        assertTrue(pages.get(pages.size() - 1).endsWith(" to 96"), pages.toString());
    }

    @Test
    public void ticksAreKeptAndAChangedPlanIsTold() {
        JsonNode book = linked("Log", 96);
        assertEquals(put(path(book), Map.of("ticked", List.of(1, 0, 1))).status(), 200);
        assertEquals(get(path(book)).body().get("ticked").toString(), "[0,1]");
        assertFalse(get(path(book)).body().get("planChanged").asBoolean());
        change(book, "more pages", extent((ObjectNode) book.get("document").deepCopy(), 160));
        assertTrue(get(path(book)).body().get("planChanged").asBoolean());
    }

    /** What is ticked while gathering has nothing to do with what is punched. */
    @Test
    public void holesAndSignaturesAreTickedApart() {
        JsonNode book = linked("Log", 96);
        put(path(book), Map.of("ticked", List.of(2)));
        String punching = "/api/books/" + BooksTest.id(book) + "/punching";
        put(punching, Map.of("ticked", List.of(0)));
        assertEquals(get(path(book)).body().get("ticked").toString(), "[2]");
        assertEquals(get(punching).body().get("ticked").toString(), "[0]");
    }

    @Test
    public void aSignatureThatIsNotThereCannotBeTicked() {
        assertEquals(
                put(path(linked("Log", 96)), Map.of("ticked", List.of(400))).status(), 422);
    }

    @Test
    public void theListToGatherByIsAPdf() {
        byte[] list = get(path(linked("Log", 96)) + ".pdf").raw().body();
        assertEquals(new String(list, 0, 5, StandardCharsets.US_ASCII), "%PDF-");
    }

    private static ObjectNode half(ObjectNode at, int sheet, boolean back, boolean right) {
        return at.put("signature", 1).put("sheet", sheet).put("back", back).put("right", right);
    }

    /** The back of the third sheet is to be seen whole: it is nested innermost, and numbered so. */
    @Test
    public void sheetsMadeBeforehandAreNestedAndNumberedAsTheyLie() {
        ObjectNode document = document("Cues");
        ObjectNode facing = ((ObjectNode) document.get("pages").get("artwork"))
                .putArray("facing")
                .addObject();
        half(facing.putObject("one"), 3, true, false);
        half(facing.putObject("other"), 3, true, true);
        JsonNode nesting =
                post("/api/plan/pages", document).body().get("nestings").get(0);
        JsonNode order = nesting.get("order");
        assertEquals(order.get(order.size() - 1).get("sheet").asInt(), 3);
        JsonNode numbered = post("/api/plan/pages", nesting.get("document"))
                .body()
                .get("nestings")
                .get(0);
        assertFalse(numbered.hasNonNull("document"));
        assertFalse(numbered.hasNonNull("why"));
    }

    @Test
    public void halvesThatNeverFaceAreToldWhy() {
        ObjectNode document = document("Cues");
        ObjectNode facing = ((ObjectNode) document.get("pages").get("artwork"))
                .putArray("facing")
                .addObject();
        half(facing.putObject("one"), 1, true, false);
        half(facing.putObject("other"), 2, false, false);
        String why = post("/api/plan/pages", document)
                .body()
                .get("nestings")
                .get(0)
                .get("why")
                .asString();
        assertTrue(why.contains("both left halves"), why);
        facing.putNull("one");
        assertEquals(post("/api/plan/pages", document).status(), 422);
    }

    @Test
    public void halvesOfTwoSignaturesAreNotNestedTogether() {
        ObjectNode document = document("Cues");
        ObjectNode facing = ((ObjectNode) document.get("pages").get("artwork"))
                .putArray("facing")
                .addObject();
        half(facing.putObject("one"), 1, true, false);
        half(facing.putObject("other"), 2, false, true).put("signature", 2);
        Answer answer = post("/api/plan/pages", document);
        assertEquals(answer.status(), 422);
        assertEquals(
                answer.message(),
                "signature 1, sheet 1, back left and signature 2, sheet 2, front right are of two signatures; only what is nested is brought to face.");
    }

    @Test
    public void pagesThatNobodyCountsSoAreRefused() {
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("pages")).put("first", 0);
        assertEquals(post("/api/plan/pages", document).status(), 422);
        assertEquals(post("/api/books", document).status(), 422);
    }
}
