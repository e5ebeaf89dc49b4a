package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.server.book.BookService;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What finished books teach, over HTTP. */
public class LearnedTest extends HttpTest {

    private static final String SEWING = "PACE:sew/PRACTISED";

    @Autowired
    private BookService books;

    /** A book that took so many minutes to sew, finished on that day of March. */
    private String finished(String name, int minutes, int day) {
        String id = BooksTest.id(begin(name));
        put("/api/books/" + id + "/page/minutes:sew", Map.of("number", minutes));
        books.shelvedAt(UUID.fromString(id), OffsetDateTime.parse("2026-03-%02dT20:00:00Z".formatted(day)));
        return id;
    }

    private Optional<JsonNode> sewing() {
        return get("/api/learned")
                .body()
                .get("habits")
                .valueStream()
                .filter(one -> one.get("key").asString().equals(SEWING))
                .findFirst();
    }

    private Answer leaveOut(String book, String habit, boolean out) {
        return put("/api/learned/out", Map.of("book", book, "habit", habit, "out", out));
    }

    @Test
    public void anEmptyShelfTeachesNothing() {
        begin("In work");
        assertEquals(get("/api/learned").body().get("habits").size(), 0);
    }

    @Test
    public void twoBooksAreShownAndTeachNothingYet() {
        finished("Cues", 20, 2);
        finished("Log", 22, 1);
        JsonNode sewing = sewing().orElseThrow();
        assertEquals(texts(sewing.get("readings"), "name"), List.of("Log", "Cues"));
        assertFalse(sewing.hasNonNull("lesson"));
    }

    @Test
    public void theThirdBookTeaches() {
        finished("Cues", 20, 1);
        finished("Log", 22, 2);
        finished("Song", 21, 3);
        JsonNode lesson = sewing().orElseThrow().get("lesson");
        assertEquals(lesson.get("count").asInt(), 3);
        double median = lesson.get("median").get("number").asDouble();
        assertTrue(lesson.get("low").get("number").asDouble() < median);
        assertTrue(lesson.get("high").get("number").asDouble() > median);
    }

    @Test
    public void aSlippedPointIsPointedOutAndLeftOutOnlyByItsBinder() {
        finished("Cues", 20, 1);
        finished("Log", 22, 2);
        finished("Song", 21, 3);
        String slipped = finished("Slipped", 210, 4);
        JsonNode last = sewing().orElseThrow().get("readings").get(3);
        assertTrue(last.get("farOff").asBoolean() && !last.get("out").asBoolean());
        assertEquals(sewing().orElseThrow().get("lesson").get("count").asInt(), 4);
        assertEquals(leaveOut(slipped, SEWING, true).status(), 204);
        assertEquals(sewing().orElseThrow().get("lesson").get("count").asInt(), 3);
        assertEquals(leaveOut(slipped, SEWING, false).status(), 204);
        assertEquals(sewing().orElseThrow().get("lesson").get("count").asInt(), 4);
    }

    @Test
    public void aBookTakenBackToTheBenchTeachesNothing() {
        String id = finished("Cues", 20, 1);
        put("/api/books/" + id + "/shelf", Map.of("onShelf", false));
        assertTrue(sewing().isEmpty());
    }

    @Test
    public void whatABookDoesNotSayCannotBeLeftOut() {
        String id = finished("Cues", 20, 1);
        assertEquals(leaveOut(id, "BULK:vellum", true).status(), 404);
        assertEquals(leaveOut(UUID.randomUUID().toString(), SEWING, true).status(), 404);
        assertEquals(put("/api/learned/out", Map.of("out", true)).status(), 422);
    }
}
