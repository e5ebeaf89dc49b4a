package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.server.kept.KeptTemplates;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Templates kept, found again by what they fit, compared, applied; the punching list and its ticks. */
public class KeptTemplatesTest extends HttpTest {

    @Autowired
    private KeptTemplates templates;

    @AfterMethod
    void emptyTheDrawer() {
        templates.clear();
    }

    /** Six signatures in a felt cover 232 mm high with a spine of 46 mm. */
    private JsonNode felt(String name) {
        ObjectNode document = extent(document(name), 96);
        document.put("structure", "long-stitch");
        ((ObjectNode) document.get("leaf")).put("heightMm", 226);
        ((ObjectNode) document.get("gathering")).put("signatures", 6);
        ((ObjectNode) document.get("stations")).put("count", 4);
        ((ObjectNode) document.get("cover")).put("heightMm", 232).put("spineMm", 46);
        ((ObjectNode) document.get("rows")).put("school", "MARGIN");
        Answer answer = post("/api/books", document);
        assertEquals(answer.status(), 201, answer.message());
        return answer.body();
    }

    private Answer keep(JsonNode book, String name) {
        return post(
                "/api/books/" + BooksTest.id(book) + "/templates", Map.of("name", name, "notes", "", "ink", "MADDER"));
    }

    private List<String> found(String height, String spine, String within) {
        Answer answer = post(
                "/api/templates/fitting",
                Map.of("ofCover", true, "height", height, "spine", spine, "within", within, "unit", "MM"));
        return texts(answer.body(), "name");
    }

    private JsonNode fitting(JsonNode book) {
        return get("/api/books/" + BooksTest.id(book) + "/fitting").body();
    }

    @Test
    public void itIsFoundForACoverWithinTheToleranceOnly() {
        keep(felt("Felt"), "Felt, six");
        assertEquals(found("231", "46.9", "1.5"), List.of("Felt, six"));
        assertEquals(found("231", "48", "1.5"), List.of());
        assertEquals(found("231", "", "1.5"), List.of("Felt, six"));
        assertEquals(found("229", "46", "1.5"), List.of());
    }

    @Test
    public void itIsTheSameAsThePlanItWasKeptFrom() {
        JsonNode book = felt("Felt");
        keep(book, "Felt, six");
        assertEquals(fitting(book).get(0).get("differences").size(), 0);
    }

    @Test
    public void laidOnAnotherBookThatBookHasItsHoles() {
        JsonNode first = felt("Felt");
        keep(first, "Felt, six");
        JsonNode other = felt("Next");
        ObjectNode equal = ((ObjectNode) other.get("document")).deepCopy();
        ((ObjectNode) equal.get("rows")).put("school", "EQUAL");
        other = change(other, "equal gaps", equal).body();
        JsonNode fits = fitting(other).get(0);
        assertTrue(fits.get("differences").size() > 0);
        JsonNode changed = change(other, "template", fits.get("applied")).body();
        assertEquals(
                changed.get("plan").get("holes").get("cover").get("rows"),
                first.get("plan").get("holes").get("cover").get("rows"));
    }

    @Test
    public void aBookBegunWithItHasItsRowsAndItsSize() {
        JsonNode kept = keep(felt("Felt"), "Felt, six").body();
        Answer begun = post("/api/templates/" + kept.get("id").asString() + "/book", Map.of("unit", "MM"));
        assertEquals(begun.status(), 201, begun.message());
        JsonNode plan = begun.body().get("plan");
        assertEquals(plan.get("holes").get("cover").get("rows").size(), 6);
        assertEquals(plan.get("leaf").get("heightMm").asDouble(), 226.0);
        assertEquals(plan.get("stopped").asBoolean(), false);
    }

    @Test
    public void aNameIsTakenOnce() {
        JsonNode book = felt("Felt");
        keep(book, "Felt, six");
        assertEquals(keep(book, "felt, SIX").body().get("field").asString(), "name");
    }

    @Test
    public void aPlanThatSaysStopIsNotKept() {
        ObjectNode document = document("Tight");
        ((ObjectNode) document.get("stations"))
                .put("scheme", "PLACED")
                .putArray("placedMm")
                .add(1)
                .add(100)
                .add(200);
        assertEquals(keep(post("/api/books", document).body(), "Tight").status(), 422);
    }

    @Test
    public void otherWordsAreWrittenOverTheNewestOnly() {
        JsonNode kept = keep(felt("Felt"), "Felt, six").body();
        String path = "/api/templates/" + kept.get("id").asString();
        Map<String, Object> label = Map.of("version", 1, "name", "Felt", "notes", "grey", "ink", "PLUM");
        assertEquals(put(path, label).body().get("notes").asString(), "grey");
        assertEquals(put(path, label).status(), 422);
        assertEquals(delete(path).status(), 204);
        assertEquals(get("/api/templates").body().size(), 0);
    }

    @Test
    public void severalLieOnOneCardEachUnderItsLetter() throws Exception {
        String first = keep(felt("Felt"), "Felt, six").body().get("id").asString();
        String second = keep(begin("Cues"), "Cues").body().get("id").asString();
        Answer card = get("/api/templates/card.svg?ids=" + first + "&ids=" + second + "&page=1");
        String svg = new String(card.raw().body(), StandardCharsets.UTF_8);
        assertTrue(svg.contains("A madder: Felt, six") && svg.contains("B madder: Cues"), svg);
    }

    @Test
    public void ticksStayAndAChangeOfPlanIsNoticed() {
        JsonNode book = felt("Felt");
        String path = "/api/books/" + BooksTest.id(book) + "/punching";
        put(path, Map.of("ticked", List.of(2, 0)));
        assertEquals(get(path).body().get("ticked").toString(), "[0,2]");
        ObjectNode moved = ((ObjectNode) book.get("document")).deepCopy();
        ((ObjectNode) moved.get("stations")).put("sharePercent", 12).put("scheme", "SHARE");
        change(book, "share", moved);
        assertTrue(get(path).body().get("planChanged").asBoolean());
    }

    @Test
    public void aLineTheListDoesNotHaveIsRefused() {
        String path = "/api/books/" + BooksTest.id(begin("Cues")) + "/punching";
        assertEquals(put(path, Map.of("ticked", List.of(7))).status(), 422);
        assertEquals(get(path).body().get("ticked").size(), 0);
    }
}
