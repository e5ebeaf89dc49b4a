package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class RevisionsTest extends HttpTest {

    @Test
    public void everyChangeIsARevisionThatCanBeUndone() {
        JsonNode book = begin("Cues");
        JsonNode changed = change(book, "pages", pages(book, 40)).body();
        assertEquals(changed.get("undo").asString(), "pages");
        assertEquals(pagesOf(turn(changed, "undo").body()), 32);
    }

    @Test
    public void undoSurvivesAReload() {
        JsonNode book = begin("Cues");
        change(book, "pages", pages(book, 40));
        JsonNode reloaded = get("/api/books/" + BooksTest.id(book)).body();
        assertEquals(pagesOf(turn(reloaded, "undo").body()), 32);
    }

    @Test
    public void whatWasUndoneIsDoneAgain() {
        JsonNode book = begin("Cues");
        JsonNode undone =
                turn(change(book, "pages", pages(book, 40)).body(), "undo").body();
        assertEquals(undone.get("redo").asString(), "pages");
        assertEquals(pagesOf(turn(undone, "redo").body()), 40);
    }

    @Test
    public void aChangeAfterUndoingLeavesNothingToDoAgain() {
        JsonNode book = begin("Cues");
        JsonNode undone =
                turn(change(book, "pages", pages(book, 40)).body(), "undo").body();
        JsonNode other = change(undone, "pages", pages(book, 24)).body();
        assertNull(other.get("redo"));
        assertEquals(pagesOf(turn(other, "undo").body()), 32);
    }

    @Test
    public void theFirstRevisionHasNothingToUndo() {
        JsonNode book = begin("Cues");
        assertEquals(turn(book, "undo").status(), 422);
    }

    @Test
    public void theSecondWindowIsToldAndShownBoth() {
        JsonNode book = begin("Cues");
        change(book, "pages", pages(book, 40));
        Answer second = change(book, "pages", pages(book, 24));
        assertEquals(second.status(), 409);
        JsonNode difference = second.body().get("differences").get(0);
        assertEquals(
                difference.get("what").asString() + ": "
                        + difference.get("yours").get("mm").asString() + " or "
                        + difference.get("theirs").get("mm").asString(),
                "Length: 24 pages or 40 pages");
        assertEquals(pagesOf(get("/api/books/" + BooksTest.id(book)).body()), 40);
    }

    @Test
    public void theSameChangeSentTwiceIsNoConflict() {
        JsonNode book = begin("Cues");
        JsonNode first = change(book, "pages", pages(book, 40)).body();
        Answer again = change(book, "pages", pages(book, 40));
        assertEquals(
                again.status() + " at " + again.body().get("revision").asInt(),
                "200 at " + first.get("revision").asInt());
    }

    @Test
    public void anUndoInTheSecondWindowIsAConflictToo() {
        JsonNode book = begin("Cues");
        change(book, "pages", pages(book, 40));
        assertEquals(turn(book, "undo").status(), 409);
    }

    @Test
    public void ofManyWindowsAtOnceExactlyOneIsFirst() throws Exception {
        JsonNode book = begin("Cues");
        var windows = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Integer>> saves = IntStream.range(0, 16)
                    .mapToObj(i -> (Callable<Integer>) () ->
                            change(book, "pages", pages(book, 40 + 4 * i)).status())
                    .toList();
            int kept = 0;
            for (var answer : windows.invokeAll(saves)) {
                assertEquals(answer.get() == 200 || answer.get() == 409, true, "status " + answer.get());
                kept += answer.get() == 200 ? 1 : 0;
            }
            assertEquals(kept, 1);
        } finally {
            windows.shutdown();
        }
    }

    private Answer turn(JsonNode book, String which) {
        return post(
                "/api/books/" + BooksTest.id(book) + "/" + which,
                Map.of("version", book.get("version").asLong()));
    }

    private static int pagesOf(JsonNode book) {
        return book.get("document").get("extent").get("number").asInt();
    }
}
