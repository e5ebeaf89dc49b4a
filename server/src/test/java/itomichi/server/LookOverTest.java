package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What is looked at on a book and what was found, over HTTP. */
public class LookOverTest extends HttpTest {

    private static String path(JsonNode book) {
        return "/api/books/" + BooksTest.id(book) + "/look";
    }

    private JsonNode look(JsonNode book, String key) {
        return get(path(book))
                .body()
                .valueStream()
                .filter(one -> one.get("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private Answer measured(JsonNode book, String key, double mm) {
        return put(path(book) + "/" + key, Map.of("measuredMm", mm, "good", true));
    }

    @Test
    public void whatWasSeenIsKept() {
        JsonNode book = begin("Cues");
        assertEquals(put(path(book) + "/grain", Map.of("good", false)).status(), 204);
        assertFalse(look(book, "grain").get("found").get("good").asBoolean());
    }

    @Test
    public void whatWasMeasuredIsJudgedByThePlanAndNotByWhoSendsIt() {
        JsonNode book = begin("Cues");
        assertEquals(measured(book, "sheet-height", 213).status(), 204);
        assertFalse(look(book, "sheet-height").get("found").get("good").asBoolean());
        assertEquals(measured(book, "sheet-height", 210.2).status(), 204);
        assertTrue(look(book, "sheet-height").get("found").get("good").asBoolean());
    }

    @Test
    public void whatWasFoundByMistakeIsForgotten() {
        JsonNode book = begin("Cues");
        put(path(book) + "/grain", Map.of("good", true));
        assertEquals(delete(path(book) + "/grain").status(), 204);
        assertTrue(look(book, "grain").path("found").isMissingNode()
                || look(book, "grain").get("found").isNull());
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {"sheet-height", 0.0, "; what is measured is more than nothing."},
            {"sheet-height", -3.0, "; what is measured is more than nothing."},
            {"sheet-height", 2100.0, "a point may have slipped."},
            {"grain", 4.0, "This is looked at, not measured."},
        };
    }

    @Test(dataProvider = "unfit")
    public void whatCannotBeMeasuredIsToldInOneLine(String key, double mm, String line) {
        Answer refused = measured(begin("Cues"), key, mm);
        assertEquals(refused.status(), 422);
        assertTrue(refused.message().endsWith(line), refused.message());
    }

    private Answer tolerate(JsonNode book, String key, Map<String, Object> sent) {
        return put(path(book) + "/" + key + "/tolerance", sent);
    }

    /** Who cuts truer than is common wants to be told sooner; it holds on every book, until common practice holds again. */
    @Test
    public void onesOwnToleranceJudgesEveryBook() {
        JsonNode book = begin("Cues");
        JsonNode other = begin("Log");
        measured(other, "sheet-height", 210.4);
        assertTrue(look(other, "sheet-height").get("found").get("good").asBoolean());
        assertEquals(tolerate(book, "sheet-height", Map.of("toleranceMm", 0.3)).status(), 204);
        assertFalse(look(other, "sheet-height").get("found").get("good").asBoolean());
        assertTrue(look(other, "sheet-height").get("measure").get("own").asBoolean());
        assertEquals(tolerate(book, "sheet-height", Map.of()).status(), 204);
        assertTrue(look(other, "sheet-height").get("found").get("good").asBoolean());
    }

    @Test
    public void aToleranceThatFindsEverythingGoodIsRefused() {
        JsonNode book = begin("Cues");
        assertEquals(tolerate(book, "sheet-height", Map.of("toleranceMm", 0)).status(), 422);
        assertEquals(tolerate(book, "sheet-height", Map.of("toleranceMm", 300)).status(), 422);
        assertEquals(tolerate(book, "grain", Map.of("toleranceMm", 1)).status(), 422);
        assertFalse(look(book, "sheet-height").get("measure").get("own").asBoolean());
    }

    @Test
    public void whatIsNotLookedAtIsNotThere() {
        assertEquals(put(path(begin("Cues")) + "/temper", Map.of("good", true)).status(), 404);
    }

    @Test
    public void theSlipIsAPdf() {
        byte[] slip = get(path(begin("Cues")) + ".pdf").raw().body();
        assertEquals(new String(slip, 0, 5, java.nio.charset.StandardCharsets.US_ASCII), "%PDF-");
    }
}
