package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.server.book.BookService;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What finished books teach, taken into a book in work and out again. */
public class TakingTest extends HttpTest {

    private static final String SEWING = "PACE:sew/PRACTISED";

    @Autowired
    private BookService books;

    private String song;

    /** Three books that took about as long, and one in work. */
    @BeforeMethod
    public void threeFinishedOneInWork() {
        int day = 1;
        for (int minutes : List.of(20, 22, 21)) {
            String id = BooksTest.id(begin("Cues " + minutes));
            put("/api/books/" + id + "/page/minutes:sew", Map.of("number", minutes));
            books.shelvedAt(UUID.fromString(id), OffsetDateTime.parse("2026-03-%02dT20:00:00Z".formatted(day++)));
        }
        song = BooksTest.id(begin("Song"));
    }

    private JsonNode book() {
        return get("/api/books/" + song).body();
    }

    private JsonNode offered() {
        JsonNode offers = get("/api/learned/books?habit=" + SEWING).body();
        assertEquals(offers.size(), 1, offers.toString());
        return offers.get(0);
    }

    private Answer take(boolean taken) {
        return take(SEWING, book().get("version").asLong(), taken);
    }

    private Answer take(String habit, long version, boolean taken) {
        return put("/api/learned/taken", Map.of("book", song, "version", version, "habit", habit, "taken", taken));
    }

    private JsonNode time() {
        return book().get("plan")
                .get("figures")
                .valueStream()
                .filter(figure -> figure.get("key").asString().equals("time"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatItWouldChangeIsShownBefore() {
        JsonNode change = offered().get("offer").get("taking").get("figures").get(0);
        assertEquals(change.get("before").get("mm"), time().get("value").get("mm"));
        assertEquals(take(true).status(), 204);
        assertEquals(time().get("value").get("mm"), change.get("after").get("mm"));
    }

    @Test
    public void nothingIsTakenUnasked() {
        assertEquals(book().get("document").get("learned").size(), 0);
        assertFalse(time().get("working").toString().contains("your books"));
    }

    @Test
    public void aFigureMadeFromBooksSaysOfHowMany() {
        take(true);
        assertTrue(time().get("working").get("notes").toString().contains("Learned from 3 of your books"));
    }

    @Test
    public void onePressGoesBack() {
        String usual = time().get("value").get("mm").asString();
        take(true);
        assertEquals(take(false).status(), 204);
        assertEquals(time().get("value").get("mm").asString(), usual);
        assertEquals(book().get("document").get("learned").size(), 0);
    }

    @Test
    public void takingIsAStepThatIsUndone() {
        take(true);
        post(
                "/api/books/" + song + "/undo",
                Map.of("version", book().get("version").asLong()));
        assertEquals(book().get("document").get("learned").size(), 0);
    }

    @Test
    public void aFinishedBookMoreChangesNoBookUnasked() {
        take(true);
        String planned = time().get("value").get("mm").asString();
        String id = BooksTest.id(begin("Slow"));
        put("/api/books/" + id + "/page/minutes:sew", Map.of("number", 60));
        books.shelvedAt(UUID.fromString(id), OffsetDateTime.parse("2026-03-09T20:00:00Z"));
        assertEquals(time().get("value").get("mm").asString(), planned);
        JsonNode offer = offered().get("offer");
        assertEquals(offer.get("taken").get("count").asInt(), 3);
        assertEquals(offer.get("newest").get("count").asInt(), 4);
    }

    @Test
    public void atItsStageABookIsOfferedWhatItsBooksTeach() {
        JsonNode document = book().get("document");
        assertEquals(texts(post("/api/learned/offers?stage=SEW", document).body(), "habit"), List.of(SEWING));
        assertEquals(post("/api/learned/offers?stage=PAPER", document).body().size(), 0);
    }

    @Test
    public void aBookThatWasChangedMeanwhileIsNotTakenInto() {
        long before = book().get("version").asLong();
        take(true);
        assertEquals(take(SEWING, before, false).status(), 409);
    }

    @Test
    public void whatIsNotTaughtCannotBeTaken() {
        long version = book().get("version").asLong();
        assertEquals(take("BULK:vellum/1", version, true).status(), 404);
        assertEquals(take(SEWING, version, false).status(), 404);
        assertEquals(
                put("/api/learned/taken", Map.of("taken", true, "version", version))
                        .status(),
                422);
    }

    /** The habit of the page is the page of the habit: planned minutes say the same as the plan. */
    @Test
    public void theNotebookPlansByWhatWasTaken() {
        take(true);
        JsonNode lines = get("/api/books/" + song + "/page").body().get("lines");
        String planned = lines.valueStream()
                .filter(line -> line.get("key").asString().equals("minutes:sew"))
                .findFirst()
                .orElseThrow()
                .get("planned")
                .get("mm")
                .asString();
        double middle =
                offered().get("offer").get("taken").get("median").get("number").asDouble();
        assertTrue(Math.abs(Integer.parseInt(planned.replaceAll("\\D", "")) - 21) <= 1, planned + ", pace " + middle);
    }
}
