package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.server.drawer.DrawerService;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Classes over HTTP. */
public class ClassesTest extends HttpTest {

    @Autowired
    private DrawerService drawers;

    private ObjectNode wish(JsonNode book) {
        ObjectNode wish = document("").objectNode();
        wish.put("name", "Saturday")
                .put("bookId", BooksTest.id(book))
                .put("begins", "2026-12-05T14:00")
                .put("minutes", 180)
                .put("people", 8)
                .put("helpers", 1)
                .put("hands", "NEW")
                .put("atTable", 4)
                .put("sparePercent", 10)
                .put("brings", "an apron");
        wish.putArray("ahead");
        return wish;
    }

    private JsonNode begun() {
        Answer answer = post("/api/classes", wish(begin("Cues")));
        assertEquals(answer.status(), 201, answer.message());
        return answer.body();
    }

    private static String path(JsonNode course) {
        return "/api/classes/" + course.get("id").asString();
    }

    private Answer kept(JsonNode course, String part, Object value) {
        ObjectNode document = ((ObjectNode) course.get("document")).deepCopy();
        document.putPOJO(part, value);
        return put(path(course), document);
    }

    @Test
    public void aClassIsKept() {
        JsonNode course = begun();
        assertEquals(get(path(course)).body(), course);
        assertTrue(get("/api/classes")
                .body()
                .valueStream()
                .anyMatch(one -> one.get("id").equals(course.get("id"))));
    }

    @Test
    public void aClassShowsTheBookItMakes() {
        JsonNode book = begin("Cues");
        JsonNode course = post("/api/classes", wish(book)).body();
        JsonNode line = get("/api/classes")
                .body()
                .valueStream()
                .filter(one -> one.get("id").equals(course.get("id")))
                .findFirst()
                .orElseThrow();
        assertTrue(line.get("looks").equals(card(book).get("looks")), line.toString());
    }

    @Test
    public void aClassTooShortIsToldWhatWouldMakeItFit() {
        JsonNode course = kept(begun(), "minutes", 60).body();
        assertFalse(course.get("fit").get("fits").asBoolean());
        JsonNode change = course.get("changes").get(0);
        Answer taken = put(path(course), change.get("document"));
        assertEquals(taken.status(), 200, taken.message());
        if (change.path("book").isMissingNode() || change.get("book").isNull()) {
            assertTrue(
                    taken.body().get("fit").get("fits").asBoolean(),
                    taken.body().get("fit").toString());
        }
    }

    /** Where the book would change too, its version says on which it was worked out. */
    @Test
    public void aChangeOfTheBookIsOfTheVersionThatWasLookedAt() {
        JsonNode book = begin("Cues");
        JsonNode course = post("/api/classes", wish(book)).body();
        assertEquals(course.get("bookVersion").asLong(), book.get("version").asLong());
    }

    @DataProvider
    Object[][] wrong() {
        return new Object[][] {
            {"people", 0, "A class of 0 people: from 1 to 200 is taken."},
            {"people", 100_000, "from 1 to 200 is taken."},
            {"minutes", 1, "A class of 1 minutes: from 10 to 1440 is taken."},
            {"begins", "soon", "Read “soon”; a day and a time are wanted, as 2026-12-05T14:00."},
            {"name", "  ", "A name is wanted; none was typed."},
            {"hands", "CLUMSY", "CLUMSY"},
            {"bookId", "nobody", "nobody"},
            {"yarnMm", 9, "A yarn of 9\u202fmm: from 0.8\u202fmm to 2.5\u202fmm is taken."},
            {"yarnMm", -1e9, "a length is wanted."},
            {"ahead", java.util.Collections.singletonList(null), "ahead"},
        };
    }

    @Test(dataProvider = "wrong")
    public void nonsenseIsRefusedInOneLineAndNothingIsChanged(String part, Object value, String line) {
        JsonNode course = begun();
        Answer answer = kept(course, part, value);
        assertTrue(answer.status() == 422 || answer.status() == 400, answer.status() + " " + answer.message());
        assertTrue(answer.message().contains(line), answer.message());
        assertEquals(get(path(course)).body(), course);
    }

    @Test
    public void aClassOfABookThatIsNotThereIsNotBegun() {
        ObjectNode wish = wish(begin("Cues"));
        wish.put("bookId", UUID.randomUUID().toString());
        assertEquals(post("/api/classes", wish).status(), 404);
    }

    @Test
    public void aClassIsTakenOutForGood() {
        JsonNode course = begun();
        assertEquals(delete(path(course)).status(), 204);
        assertEquals(get(path(course)).status(), 404);
        assertEquals(delete(path(course)).status(), 404);
    }

    @Test
    public void envelopesAreAsManyAsPeopleAndSpare() {
        JsonNode course = begun();
        assertEquals(course.get("kits").asInt(), 9);
        byte[] labels = get(path(course) + "/labels.pdf").raw().body();
        assertEquals(new String(labels, 0, 5, StandardCharsets.US_ASCII), "%PDF-");
    }

    @Test
    public void theListOfKitsIsPrintedAndSaved() {
        JsonNode course = begun();
        assertEquals(get(path(course) + "/kits.pdf").status(), 200);
        String csv = new String(get(path(course) + "/kits.csv").raw().body(), StandardCharsets.UTF_8);
        assertTrue(csv.contains("In each of 9 envelopes,handout"), csv);
        assertTrue(csv.contains("Before the class, "), csv);
    }

    @Test
    public void labelsThatNoSheetOfThatPaperHasAreRefused() {
        assertEquals(get(path(begun()) + "/labels.pdf?form=LARGE&paper=LETTER").status(), 422);
    }

    @Test
    public void childrenSewWithAYarnOfTheThicknessThatTheClassSays() {
        JsonNode course = kept(begun(), "hands", "CHILDREN").body();
        JsonNode thick = kept(course, "yarnMm", 2).body();
        assertEquals(thick.get("yarn").get("mm").asString(), "2\u202fmm");
        assertTrue(thick.get("otherwise").get(0).get("mm").asString().startsWith("sewn with yarn 2\u202fmm thick"));
        assertTrue(thick.get("amounts")
                .valueStream()
                .anyMatch(one -> one.get("name").asString().equals("yarn")));
        assertTrue(kept(thick, "hands", "NEW").body().get("otherwise").isEmpty());
    }

    @Test
    public void whatChildrenCannotMakeIsSaidWithTheNearestThatTheyCan() {
        ObjectNode hard = document("Net");
        hard.put("structure", "stab-hemp-leaf");
        ObjectNode wish = wish(post("/api/books", hard).body());
        wish.put("hands", "CHILDREN");
        JsonNode course = post("/api/classes", wish).body();
        assertFalse(course.get("fit").get("fits").asBoolean());
        assertTrue(course.get("unfit").get("mm").asString().contains("asks much practice"));
        assertTrue(
                course.get("changes").get(0).get("words").get("mm").asString().startsWith("Make a "));
    }

    @Test
    public void itsTemplatesAndItsWayAreThoseOfTheClass() {
        JsonNode course = kept(begun(), "hands", "CHILDREN").body();
        byte[] templates = get(path(course) + "/template.pdf").raw().body();
        assertEquals(new String(templates, 0, 5, StandardCharsets.US_ASCII), "%PDF-");
        assertFalse(get(path(course) + "/way").body().get("steps").isEmpty());
    }

    @Test
    public void aClassIsOnTheShoppingListUntilItIsOver() {
        ObjectNode wish = wish(begin("Cues"));
        wish.put("name", "Shopped for").put("begins", "2099-12-05T14:00");
        JsonNode course = post("/api/classes", wish).body();
        assertTrue(shoppedFor(), "before it");
        kept(course, "begins", "2020-12-05T14:00");
        assertFalse(shoppedFor(), "when it is over");
        kept(course, "begins", null);
        assertTrue(shoppedFor(), "while no day is settled");
        delete(path(course));
        assertFalse(shoppedFor(), "when it is not held");
    }

    private boolean shoppedFor() {
        return get("/api/supplies").body().get("needs").toString().contains("Shopped for");
    }

    /** What its book becomes is what the class makes. */
    @Test
    public void aClassIsWorkedOutFromItsBookAsItNowIs() {
        JsonNode book = begin("Cues");
        JsonNode course = post("/api/classes", wish(book)).body();
        change(book, "pages", pages(book, 64));
        JsonNode now = get(path(course)).body();
        assertEquals(
                now.get("envelope").get(0).get("number").asInt(),
                2 * course.get("envelope").get(0).get("number").asInt());
    }

    /** What stands on the list is what the drawers then lack; once, however often it is pressed, and laid back by a press. */
    @Test
    public void whatTheKitsHoldLeavesTheDrawers() {
        ObjectNode cells = document("").objectNode();
        Map.of(
                        "name",
                        "Linen 30/3",
                        "fibre",
                        "linen",
                        "system",
                        "linen count",
                        "number",
                        "30",
                        "ply",
                        "3",
                        "leftM",
                        "50",
                        "spoolM",
                        "50",
                        "price",
                        "10")
                .forEach(cells::put);
        drawers.fill(Map.of());
        JsonNode spool = post("/api/drawers/THREADS/things", Map.of("unit", "MM", "cells", cells))
                .body();
        ObjectNode document = document("Cues");
        ((ObjectNode) document.get("thread")).put("drawerId", BooksTest.id(spool));
        JsonNode course =
                post("/api/classes", wish(post("/api/books", document).body())).body();
        JsonNode thread = course.get("amounts")
                .valueStream()
                .filter(one -> one.get("name").asString().equals("Linen 30/3"))
                .findFirst()
                .orElseThrow();
        assertEquals(thread.get("have").asString().replaceAll("[^0-9.]", ""), "50");
        double wanted = Double.parseDouble(thread.get("amount").asString().replaceAll("[^0-9.]", ""));
        Answer taken = post(path(course) + "/taken", Map.of());
        assertTrue(taken.body().get("taken").asBoolean(), taken.message());
        assertEquals(left(), 50 - wanted, 0.001);
        assertEquals(post(path(course) + "/taken", Map.of()).status(), 422);
        JsonNode act = get("/api/supplies").body().get("acts").get(0);
        assertTrue(act.get("words").asString().startsWith("For a class: "), act.toString());
        post("/api/supplies/acts/" + act.get("id").asString() + "/undo", Map.of());
        assertEquals(left(), 50.0, 0.001);
        assertFalse(get(path(course)).body().get("taken").asBoolean());
    }

    private double left() {
        return get("/api/drawers/THREADS")
                .body()
                .get("things")
                .valueStream()
                .mapToDouble(thing -> Double.parseDouble(
                        thing.get("cells").get("leftM").get("mm").asString().replaceAll("[^0-9.]", "")))
                .findFirst()
                .orElseThrow();
    }
}
